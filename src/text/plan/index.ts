/** Plan: yard days in words: the headline, why a job stands on its day, what a change costs, what stands in the way. */
export { comparedWords, gapWords, headline, priceWords, type Priced } from './headline';
export { callByWords, orderByWords } from './day';
export { savedWords, tripWordsOf, whyWords, type WhyAbout } from './why';
export { noDayWords, pinWords, restWords, changeWords } from './trouble';
export { planDay, noonOf } from '../plan-entry';
