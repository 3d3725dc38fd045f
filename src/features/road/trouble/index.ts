export { TroubleView } from './trouble-view';
