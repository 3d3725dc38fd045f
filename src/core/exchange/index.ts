/**
 * Exchange: what leaves the product and comes back. The archive is a zip of the
 * log with a manifest of hashes; reading one checks all of it before anything
 * is handed over, and refuses with the file, the line and the reason.
 */
export {
  readArchive,
  writeArchive,
  type Archive,
  type ArchiveProblem,
  type Progress,
  type Sha256,
} from './archive';
export { fingerprintOf, rigOfFingerprint, type Fingerprint } from './fingerprint';
export { writeCalendar, type CalendarDay } from './calendar';
export { planMerge, type MergePlan, type MergeProblem } from './merge';
export { entryJsonSchema, toLine } from './format';
export {
  isSealedName,
  photoFileName,
  photoOfName,
  readSealed,
  writeSealed,
  type LeftFile,
  type SealedFile,
  type SealedProblem,
} from './sealed';
export { holdsOf, isStrange, type Here, type Holds } from './holds';
export { volumeName, volumesOf, type Picture, type Volume, type VolumeSize } from './volumes';
export { csvOf, type Table } from './table-out';
export {
  DATE_STYLES,
  guessMapping,
  idOfContent,
  readRows,
  readTable,
  TABLE_FIELDS,
  TABLES_IN,
  type DateStyle,
  type Mapping,
  type RawTable,
  type ReadRow,
  type RowEntry,
  type RowProblem,
  type RowsAbout,
  type TableField,
  type TableIn,
  type TableProblem,
} from './table-in';
