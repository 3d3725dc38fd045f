export { FiguresView } from './figures-view';
