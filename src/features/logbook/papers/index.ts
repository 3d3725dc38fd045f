export { PapersView } from './papers-view';
