import * as z from 'zod/mini';
import { nonNegative, toSI } from '../../base';
import { defineKind, type Applied } from '../define';
import { contradict, type RigState } from '../state';

/** Slack (m) under which two distances are the same: rounding of typed miles. */
const SLACK = 1;
/** Distance (m) from which on a meter that gained more than the trips tell of is worth a word. */
const GAP = toSI(2, 'mi');

/**
 * What a reading of its meter (m) changes of a rig. Where meter and logged trips disagree the larger
 * distance counts: wear is never argued down. A reading that goes backwards changes nothing.
 */
export function takeReading(
  rig: Pick<RigState, 'meter' | 'distance' | 'contradictions' | 'gaps'>,
  reading: number,
  replaced: boolean,
  entry: Applied,
): Partial<RigState> {
  const last = rig.meter;
  if (last && !replaced && reading < last.reading - SLACK) return contradict(rig, entry.id);
  const byMeter = last && !replaced ? last.distance + (reading - last.reading) : rig.distance;
  const distance = Math.max(rig.distance, byMeter);
  const unaccounted = byMeter - rig.distance;
  const gap =
    last && unaccounted > GAP
      ? { gaps: [...rig.gaps, { entry: entry.id, from: last.at, to: entry.happened, distance: unaccounted }] }
      : {};
  return { distance, meter: { reading, distance, at: entry.happened }, ...gap };
}

/** A reading of the trailer's own meter (m), or the first of a new one. */
export const meterRead = defineKind({
  kind: 'meter',
  version: 1,
  body: z.strictObject({ reading: nonNegative(), replaced: z.boolean() }),
  group: 'trips',
  places: () => [],
  corrected: 'here',
  upcasters: [],
  apply: (rig, body, entry) => takeReading(rig, body.reading, body.replaced, entry),
});
