/** Season: what each time of the year asks of a rig, what falls due when, trips ahead, and the calendar file. */
export { SeasonSections } from './season-view';
