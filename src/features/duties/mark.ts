import type { Duty, PlaceMark } from '@/core/duty';

const OF_DUTY = { clear: 'clear', soon: 'soon', unknown: 'unknown', due: 'due', overdue: 'due' } as const;

/** The mark of a duty. */
export function dutyMark(duty: Pick<Duty, 'verdict'>): PlaceMark {
  return OF_DUTY[duty.verdict];
}
