import * as z from 'zod/mini';
import { nonNegative, shaped, text, words } from '../../base';
import { isGear, isWheelEnd, placeSchema } from '../../rig';
import type { RoutinePlace } from '../../rules';
import { defineKind } from '../define';
import { markNow, restart, type JobDone } from '../marks';
import { aroundSchema, gradedSchema, readWith, takenSchema } from './reading';

/** The times at which one walks round a rig (handbook section 3). */
export const WALKS = ['hitch', 'first-stop', 'stop', 'home', 'twice', 'spring', 'layup', 'shop'] as const;
export type WalkId = (typeof WALKS)[number];

const body = z.strictObject({
  walk: z.enum(WALKS),
  order: z.enum(['round', 'system']),
  /** Every item of the walk with what came of it: what was skipped was not seen. */
  looked: z.array(
    z.strictObject({
      look: shaped(/^[a-z][a-z-]*$/),
      place: z.union([placeSchema, z.literal('rig')]),
      as: z.enum(['clear', 'not-right', 'skipped']),
    }),
  ),
  taken: z.array(takenSchema),
  conditions: z.array(gradedSchema),
  around: z.optional(aroundSchema),
  minutes: z.optional(nonNegative(1440)),
  /** Whether to go: what the rules come to, what the owner decided, until when, why, and where it was. */
  decision: z.optional(
    z.strictObject({
      rule: z.enum(['clear', 'care', 'no']),
      go: z.enum(['clear', 'care', 'no']),
      until: z.optional(words(200)),
      why: z.array(words(300)),
      where: z.optional(words(80)),
    }),
  ),
  note: z.optional(text(2000)),
});

/** A walk round a rig. */
export type WalkBody = z.infer<typeof body>;

/** Looks that have to be seen at a place, all of them, before a routine counts as done there. */
const DONE_BY: readonly (readonly [
  JobDone['routine'],
  readonly string[],
  (place: RoutinePlace) => boolean,
])[] = [
  ['tire-look', ['tire', 'tread', 'valve'], () => true],
  ['hub-look', ['rock', 'spin'], isWheelEnd],
  ['lug-torque', ['torque'], isWheelEnd],
  ['gear-look', ['gear', 'chain', 'strap', 'weld', 'coupler', 'lamp'], isGear],
  ['lights', ['lights'], (place) => place === 'rig'],
];

/** Walks thorough enough that looking at a piece of gear is its yearly look. */
const THOROUGH: ReadonlySet<WalkId> = new Set(['spring', 'layup']);

function doneBy({ walk, looked, taken }: WalkBody): readonly JobDone[] {
  const seen = looked.filter(({ as }) => as !== 'skipped');
  const places = [...new Set(seen.map(({ place }) => place))];
  const at = (place: RoutinePlace) => seen.filter((one) => one.place === place).map(({ look }) => look);
  const jobs = DONE_BY.flatMap(([routine, looks, applies]) =>
    places.filter(applies).flatMap((place): JobDone[] => {
      const there = at(place);
      if (routine === 'gear-look')
        return THOROUGH.has(walk) && looks.some((look) => there.includes(look)) ? [{ routine, place }] : [];
      return looks.every((look) => there.includes(look)) ? [{ routine, place }] : [];
    }),
  );
  const wanted = looked.filter(({ look }) => look === 'pressure');
  const read = new Set(taken.filter(({ what }) => what === 'pressure').map(({ place }) => place));
  const all = wanted.length > 0 && wanted.every(({ place }) => read.has(place));
  return [
    ...jobs,
    ...(all ? [{ routine: 'pressures', place: 'rig' } as const] : []),
    ...(walk === 'hitch' ? [{ routine: 'walkaround', place: 'rig' } as const] : []),
  ];
}

/** A walk round a rig, with what was seen, read and decided. */
export const walk = defineKind({
  kind: 'walk',
  version: 1,
  body,
  group: 'walks',
  places: ({ looked, taken, conditions }) =>
    [...looked.filter(({ as }) => as !== 'skipped'), ...taken, ...conditions].map(({ place }) => place),
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, walk, entry, own) => ({
    ...readWith(rig, walk.taken, entry, walk.around),
    ...restart(rig, doneBy(walk), markNow(rig, entry), own),
  }),
});
