/**
 * Figures in words: fetched where a figure is opened, apart from the catalogue
 * that every page has.
 */
export { FIGURE_WORDS, figureWords, GUESS_WORDS, type AnyFigureWords, type InputWords } from './words';
export { CALC_PROBLEMS } from './problems';
export {
  inputRead,
  inputTyped,
  optionText,
  shapeChange,
  shapeNumber,
  shapeText,
  shapeUnit,
  stepOf,
} from './format';
