import { z } from 'zod';
import { WATERS } from '../../rig';
import { defineKind } from '../define';
import { takeReading } from './meter';

const body = z.strictObject({
  /** How far the trailer was towed (m). */
  distance: z.number().nonnegative().max(1e8),
  launches: z.int().min(0).max(200),
  water: z.enum(WATERS).optional(),
  /** The trailer's own meter at the end (m). */
  reading: z.number().nonnegative().optional(),
  /** The reading is the first of a new meter. */
  replaced: z.boolean().optional(),
  note: z.string().max(2000).optional(),
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
