import * as z from 'zod/mini';
import { text, toSI } from '../../base';
import { wheelEndSchema } from '../../rig';
import { NEW_BRAKES, NEW_FIXINGS, type RoutineId } from '../../rules';
import { defineKind } from '../define';
import { pulled } from '../last-done';

const wheels = z.array(wheelEndSchema).check(z.minLength(1));

const body = z.strictObject({
  what: z.enum(['shop', 'verge', 'new-brakes', 'adapter', 'fixings']),
  /** The wheel ends it happened at; all of them where U-bolts or hangers were disturbed. */
  places: wheels,
  note: z.optional(text(2000)),
});

/** Something that was done to a rig and leaves a check behind. */
export type EventBody = z.infer<typeof body>;

/** The routine that each asks for: at its wheel ends, or of the whole rig. */
const ASKS = {
  shop: 'lug-torque',
  verge: 'lug-torque',
  'new-brakes': 'brake-adjust',
  adapter: 'adapter-torque',
  fixings: 'underside',
} as const satisfies Record<EventBody['what'], RoutineId>;

/** Cumulative distances (m) after which something is looked at again. */
const AFTER: Readonly<Record<EventBody['what'], readonly number[]>> = {
  // At once: before it is towed on, or at the next safe place.
  shop: [0],
  verge: [0],
  'new-brakes': [NEW_BRAKES],
  adapter: [10, 25, 50].map((miles) => toSI(miles, 'mi')),
  fixings: [NEW_FIXINGS],
};

/** A shop had a wheel off, a wheel was tightened on the verge, new brakes went in, adapters went on, U-bolts were disturbed. */
export const happening = defineKind({
  kind: 'event',
  version: 1,
  body,
  group: 'work',
  places: ({ places }) => places,
  corrected: 'elsewhere',
  upcasters: [],
  apply: (rig, { what, places }, entry) => {
    const routine = ASKS[what];
    const jobs =
      routine === 'underside'
        ? [{ routine, place: 'rig' as const }]
        : places.map((place) => ({ routine, place }));
    const pulls = pulled(rig, jobs, what, AFTER[what], entry);
    if (what !== 'shop') return { pulls };
    const elsewhere = <T>(all: Readonly<Record<string, T>>) =>
      Object.fromEntries(Object.entries(all).filter(([place]) => !places.some((one) => one === place)));
    // Nobody knows what a shop put on the threads; and it refitted the wheel, whose rechecks begin when it is torqued.
    return { pulls, threads: elsewhere(rig.threads), refits: elsewhere(rig.refits) };
  },
});
