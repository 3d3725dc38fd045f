/** Forms: what is told and how: grades, readings, pictures, what is half done, and writing it to the log. */
export { PlacePicker } from './place-picker';
export { useLetGo, useRecord, useWithdraw } from './use-record';
export { SEVERITIES } from './severities';
export { JudgementNote, VERDICT_EDGE } from './judgement-note';
export { useWakeLock } from './use-wake-lock';
export { GradeChoice } from './grade-choice';
export { PhotoTaker } from './photo-taker';
export { PhotoInHand, PhotosKept } from './photos-kept';
export { MoneyFields, moneyWrongs } from './money-fields';
export { LimitCard } from './limit-card';
export { PhotoOf } from './photo-of';
export { useSheetForm, type Wrongs } from './use-sheet-form';
export { TakenUp } from './taken-up';
export { useDraft, type DraftState } from './use-draft';
export { useLeadOn } from './use-lead-on';
export { ReadingField } from './reading-field';
export { TakeLive } from './take-live';
