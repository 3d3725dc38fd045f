/**
 * Keeper: one yard, kept. Its log, cards and drafts on disk behind a port, the
 * fold of the log with a checkpoint to open by, and answers to all that pages
 * ask. It stands in a worker; where none runs, on the page. Pages know what is
 * here, what they show of reads by its own face, and what does the work
 * (`attend`) only where they have to do it themselves.
 */
export type { AnswerTo, AskName, AskOf } from './asks';
export type { ForecastAnswer, ForecastAsk } from './forecast';
export type { DaysAsk, PlanAsk } from './plan';
export type { PhotoRow } from './shelves';
export { glance } from './glance';
export { newId } from './ids';
export { LONG } from './long';
export type { BroughtIn, CheckedArchive } from './long-asks';
export type { CheckedFiles, InStep } from './step';
export type { CheckedTable } from './tables';
export type { FromDesk, ToDesk } from './messages';
export { DEMO_NOW, YARD_NAMES, type YardName } from './names';
export type { Opening } from './serve';
export type { LogFacts, Lost, Shown } from './shown';
export { revOf } from './port/port';
export { sha256Of } from './sha256';
