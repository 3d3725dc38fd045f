export { FiguresView } from './figures-view';
export { KeptFigure } from './kept-figure';
