/** Lights: a paced lamp test for one person, and from what fails to where the fault is. */
export { LightsView } from './lights-view';
