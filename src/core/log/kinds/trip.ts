import * as z from 'zod/mini';
import { nonNegative, text, whole } from '../../base';
import { WATERS } from '../../rig';
import { defineKind } from '../define';
import { takeReading } from './meter';

const body = z.strictObject({
  /** How far the trailer was towed (m). */
  distance: nonNegative(1e8),
  launches: whole(0, 200),
  water: z.optional(z.enum(WATERS)),
  /** The trailer's own meter at the end (m). */
  reading: z.optional(nonNegative()),
  /** The reading is the first of a new meter. */
  replaced: z.optional(z.boolean()),
  note: z.optional(text(2000)),
});

/** A trip that was towed. */
export type TripBody = z.infer<typeof body>;

/** A trip: miles, launches, and where there is one the meter at its end. */
export const trip = defineKind({
  kind: 'trip',
  version: 1,
  body,
  upcasters: [],
  apply: (rig, trip, entry) => {
    const towed = {
      distance: rig.distance + trip.distance,
      trips: rig.trips + 1,
      launches: rig.launches + trip.launches,
      lastTrip: entry.happened,
    };
    if (trip.reading === undefined) return towed;
    const { meter, contradictions } = rig;
    const read = takeReading(
      { meter, contradictions, distance: towed.distance },
      trip.reading,
      trip.replaced ?? false,
      entry,
    );
    return { ...towed, ...read };
  },
});
