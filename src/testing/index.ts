/**
 * Testing: the application in one window of a test, without a browser. Pages,
 * store, keeper and core are the real ones; what a browser test says of a page
 * is said here word for word.
 */
export { hurried, type Locator, until } from './locator';
export { anotherDevice, like, type TestPage } from './page';
export { DRIFTWOOD, type Seeded, type TestRig } from './rigs';
export { slowDrafts } from './slow-disk';
export {
  alertOf,
  allWell,
  choose,
  demo,
  drafted,
  failOnce,
  inDays,
  openPlace,
  peopleFirst,
  RECHECK_DUE,
  setUp,
  skipTo,
  startRepack,
  tellFact,
  test,
  tow,
  typeThrough,
  workTo,
} from './steps';
