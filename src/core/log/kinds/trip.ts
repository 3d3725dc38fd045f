import * as z from 'zod/mini';
import { moment, nonNegative, text, whole, words } from '../../base';
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
  /** What the tow vehicle's odometer read going out and back home (m). */
  vehicle: z.optional(
    z
      .strictObject({ out: nonNegative(1e10), home: nonNegative(1e10) })
      .check(z.refine(({ out, home }) => home >= out, { message: 'home again before it went out' })),
  ),
  /** When it began, where that is told. */
  started: z.optional(moment),
  note: z.optional(text(2000)),
});

/** A trip that was towed. */
export type TripBody = z.infer<typeof body>;

/** A trip: miles, launches, and where there is one the meter at its end. Version 2 knows the tow vehicle's readings and the day it began. */
export const trip = defineKind({
  kind: 'trip',
  version: 2,
  body,
  group: 'trips',
  places: () => [],
  moments: ({ started }) => ({ started }),
  corrected: 'here',
  upcasters: [(body) => body],
  apply: (rig, trip, entry) => {
    const towed = {
      distance: rig.distance + trip.distance,
      trips: rig.trips + 1,
      launches: rig.launches + trip.launches,
      lastTrip: entry.happened,
    };
    if (trip.reading === undefined) return towed;
    const { meter, contradictions, gaps } = rig;
    const read = takeReading(
      { meter, contradictions, gaps, distance: towed.distance },
      trip.reading,
      trip.replaced ?? false,
      entry,
    );
    return { ...towed, ...read };
  },
});

/** A trip that is planned, or planned anew; a void calls it off. */
export const tripPlanned = defineKind({
  kind: 'trip.planned',
  version: 1,
  body: z.strictObject({
    at: moment,
    distance: nonNegative(1e8),
    launches: whole(0, 200),
    name: z.optional(words(60)),
  }),
  group: 'trips',
  places: () => [],
  moments: ({ at }) => ({ at }),
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, { at, distance, launches, name }, entry) => ({
    planned: { ...rig.planned, [entry.id]: { id: entry.id, at, distance, launches, name } },
  }),
});
