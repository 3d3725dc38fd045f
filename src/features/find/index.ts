/** Find: one box for every place, finding, part, kind of work and page, by the keyboard alone. */
export { FindBox } from './find-box';
