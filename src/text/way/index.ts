/** A trip under way in words: fetched with its page, apart from the catalogue that every page has. */
export { ALARM_DO, alarmFigures, alarmTitle } from './alarms';
export { hubByHand } from './hubs';
export { awayWords, lookTitle, lookWhy, signOf, waitWords } from './looks';
export {
  CHANNEL_WORDS,
  channelValue,
  comeWords,
  MILES_BY_WORDS,
  QUALITY_WORDS,
  STATE_WORDS,
} from './instruments';
export { LINE_WORDS } from './recordings';
