import * as z from 'zod/mini';
import { text } from '../../base';
import { wheelEndSchema } from '../../rig';
import { defineKind } from '../define';
import { doneNow, restart } from '../last-done';
import { contradict } from '../state';

/** What a wrench found: held, or how far the nut that moved most came; up to version 1 a moved one told no angle. */
const results = z.enum(['held', 'half-flat', 'moved', 'over-half', 'over-flat', 'loose']);

/** Lug torque looked at after a refit: held at torque, moved so far, or loose by hand. */
export const recheck = defineKind({
  kind: 'recheck',
  version: 2,
  body: z.strictObject({
    place: wheelEndSchema,
    result: results,
    note: z.optional(text(2000)),
  }),
  group: 'work',
  places: ({ place }) => [place],
  corrected: 'here',
  // An old `moved` stays so: how far it was, nobody knows.
  upcasters: [(body) => body],
  apply: (rig, body, entry, own) => {
    const refit = rig.refits[body.place];
    if (!refit) return contradict(rig, entry.id);
    // A nut that moved was brought back to torque, which is a refit of its own: the miles start again.
    const next =
      body.result === 'held'
        ? { ...refit, checked: rig.distance - refit.distance, moves: 0 }
        : { ...refit, at: entry.happened, distance: rig.distance, checked: -1, moves: refit.moves + 1 };
    const refits = { ...rig.refits, [body.place]: next };
    const last = refit.limits[refit.limits.length - 1] ?? 0;
    if (body.result === 'held' && next.checked >= last - 1) delete refits[body.place];
    const torqued = [{ routine: 'lug-torque', place: body.place }] as const;
    return { refits, ...restart(rig, torqued, doneNow(rig, entry), own) };
  },
});
