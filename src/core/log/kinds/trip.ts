import * as z from 'zod/mini';
import { moment, nonNegative, text, uuid, whole, words, type Instant } from '../../base';
import { WATERS } from '../../rig';
import { defineKind } from '../define';
import { instrumentSchema } from '../kept';
import { contradict, MILES_BY, type RigState, type UnderWay } from '../state';
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
  /** What others made of its miles (m), where they were counted on the way; the distance is its owner's. */
  counted: z.optional(
    z.strictObject({ position: z.optional(nonNegative(1e8)), instrument: z.optional(nonNegative(1e8)) }),
  ),
  /** What counted is made up, as in the demo. */
  from: z.optional(instrumentSchema),
  note: z.optional(text(2000)),
});

/** A trip that was towed. */
export type TripBody = z.infer<typeof body>;

/** The trip that a rig is on at a moment, if it had begun by then. */
function onTheWay({ underWay }: Pick<RigState, 'underWay'>, at: Instant): UnderWay | undefined {
  return underWay && underWay.at <= at ? underWay : undefined;
}

/** A trip: miles, launches, and where there is one the meter at its end. It ends one that is under way, of which so much counts already. Version 2 knows the tow vehicle's readings and the day it began, version 3 what counted on the way. */
export const trip = defineKind({
  kind: 'trip',
  version: 3,
  body,
  group: 'trips',
  places: () => [],
  moments: ({ started }) => ({ started }),
  corrected: 'here',
  upcasters: [(body) => body, (body) => body],
  apply: (rig, trip, entry) => {
    const way = rig.underWay && onTheWay(rig, entry.happened);
    const plain = {
      distance: rig.distance + trip.distance,
      trips: rig.trips + 1,
      launches: rig.launches + trip.launches,
      lastTrip: entry.happened,
    };
    // Nearly no trip was followed on its way: a log of twenty years has thousands.
    const towed = way
      ? {
          ...plain,
          distance: plain.distance - way.into,
          launches: plain.launches - way.launches,
          underWay: undefined,
        }
      : plain;
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

const begun = z.strictObject({
  /** How far it is meant to go (m). */
  expected: z.optional(nonNegative(1e8)),
  /** A launch is meant to come. */
  ramp: z.optional(z.literal(true)),
  /** The hitching walk before it; without one it began without. */
  walk: z.optional(uuid()),
});

/** A trip that begins. */
export type TripBegunBody = z.infer<typeof begun>;

/** A trip that begins, after its hitching walk or without one: that is on record as well. One at a time. */
export const tripBegun = defineKind({
  kind: 'trip.begun',
  version: 1,
  body: begun,
  group: 'trips',
  places: () => [],
  others: ({ walk }) => (walk === undefined ? [] : [walk]),
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, body, entry) => {
    if (rig.underWay) return contradict(rig, entry.id);
    const { id, happened } = entry;
    return { underWay: { ...body, entry: id, at: happened, into: 0, told: happened, launches: 0 } };
  },
});

const mark = z.strictObject({
  /** How far the trip has come (m), and who says so. */
  into: z.optional(nonNegative(1e8)),
  by: z.optional(z.enum(MILES_BY)),
  from: z.optional(instrumentSchema),
  /** Launches since the last one told. */
  launches: z.optional(whole(1, 200)),
  water: z.optional(z.enum(WATERS)),
});

/** Something told of a trip under way. */
export type TripMarkBody = z.infer<typeof mark>;

/** Miles and launches of a trip under way, as they come in: they count at once. What its owner says stands, even where it is less than what was counted; what is counted never runs backwards. */
export const tripMark = defineKind({
  kind: 'trip.mark',
  version: 1,
  body: mark,
  group: 'trips',
  places: () => [],
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, { into, by, launches = 0 }, entry) => {
    const way = onTheWay(rig, entry.happened);
    // Told late, of a trip that is home by now: its own figure counts.
    if (!way) return undefined;
    const stands = into !== undefined && (by === 'owner' || into >= way.into) ? into : undefined;
    return {
      distance: rig.distance + (stands === undefined ? 0 : stands - way.into),
      launches: rig.launches + launches,
      underWay: {
        ...way,
        launches: way.launches + launches,
        ...(stands !== undefined && { into: stands, by, told: entry.happened }),
      },
    };
  },
});
