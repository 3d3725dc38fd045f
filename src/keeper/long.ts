import type { AskName } from './asks';

/** What may take long is answered at a desk of its own, so that no tap waits for it and it can be stopped. */
export const LONG: ReadonlySet<AskName> = new Set<AskName>([
  'search',
  'forecast',
  'plan',
  'planDays',
  'writeArchive',
  'keepInStep',
  'folder',
  'chooseFolder',
  'forgetFolder',
  'sealedOut',
  'checkFiles',
  'bringFiles',
  'photosKept',
  'thinOut',
  'table',
  'checkTable',
  'bringTable',
  'bringTracks',
  'checkArchive',
  'bringIn',
  'recordOf',
  'checkRecord',
  'supplies',
  'raw',
]);
