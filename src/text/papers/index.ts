/** Papers: what is held in the hand and shown to others, composed of words and figures; fetched only where one is asked for. */
export { picturesOf, textOf, type Block, type Figure, type Paper } from './paper';
export { jobCard, readingOptions, readingUnit } from './card';
export { serviceRecord, type RecordOf } from './record';
export { shopOrder, type OrderOf } from './order';
export { tongueCard } from './tongue';
export { yardDayPaper, type YardDayOf } from './yard-day';
