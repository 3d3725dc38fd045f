/** Trouble on the road in words: fetched where a trouble is opened, apart from the catalogue that every page has. */
export { barredWords } from './spot';
export { answerWords } from './answer';
export { recoveryLines } from './recovery';
export { STEPS_HERE } from './steps-here';
export { BECAUSE_WORDS } from './because-words';
export { TROUBLE_WORDS, type QuestionWords, type TroubleWords } from './words';
