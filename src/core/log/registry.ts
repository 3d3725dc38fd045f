import { findingClosed, findingOpened } from './kinds/finding';
import { meterRead } from './kinds/meter';
import { note } from './kinds/note';
import { recheck } from './kinds/recheck';
import { rigChanged, rigSetup } from './kinds/rig';
import { trip } from './kinds/trip';
import { voided } from './kinds/void';
import { work } from './kinds/work';

/** Every kind of entry this version writes and reads. */
export const REGISTRY = {
  'rig.setup': rigSetup,
  'rig.changed': rigChanged,
  trip,
  meter: meterRead,
  work,
  recheck,
  'finding.opened': findingOpened,
  'finding.closed': findingClosed,
  note,
  void: voided,
} as const;
