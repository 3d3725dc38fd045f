import type { Duty } from '@/core/duty';
import type { FindingState } from '@/core/log';
import type { Place } from '@/core/rig';
import type { DutyActions } from '@/features/duties';

/** What can be done from a place. */
export interface PlaceActions extends DutyActions {
  readonly onMemory: (duty: Duty) => void;
  readonly onDefer: (duty: Duty) => void;
  readonly onReport: (place: Place | 'rig') => void;
  readonly onFix: (finding: FindingState) => void;
}
