/** Season: the year as this owner lives it. */
export { SeasonView } from './season-view';
