/** End: the story of one wheel end, its parts, readings, work, findings and charts. */
export { WheelEndView } from './wheel-end-view';
