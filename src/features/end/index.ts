/** End: the story of one wheel end, its parts, readings, work, findings and charts. */
export { EndView } from './end-view';
