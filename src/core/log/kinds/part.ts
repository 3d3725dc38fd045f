import * as z from 'zod/mini';
import { keyWords, nonNegative, text, words } from '../../base';
import {
  isWheelEnd,
  partSchema,
  placeSchema,
  SHELF_GRADES,
  SHELVES,
  readFactsSchema,
  type PartKind,
  type Place,
  type WheelEnd,
} from '../../rig';
import { NEW_BRAKES } from '../../rules';
import { defineKind, type Applied, type Own } from '../define';
import { doneNow, lastDoneOf, pulled, restart, type JobDone } from '../last-done';
import { fit, moveParts, partAt, rolledBy } from '../parts';
import { readPart } from '../read-part';
import { moneySchema } from '../kept';
import { openRefits, refitsSchema, threadsAfter } from '../refits';
import { contradict, type LastDone, type RigState } from '../state';
import { carriedAlong } from '../tires';

/** A wheel that was off was torqued when it went back on. */
function torqued(refits: readonly { readonly place: WheelEnd }[] | undefined): readonly JobDone[] {
  return (refits ?? []).map(({ place }) => ({ routine: 'lug-torque', place }));
}

/** A new tire has been looked at; beside a new brake assembly nobody has seen the drum. */
function newPart(kind: PartKind, to: Place | 'shelf'): readonly JobDone[] {
  if (to === 'shelf') return [];
  if (kind === 'tire') return [{ routine: 'tire-look', place: to }];
  return [];
}

/** Up to version 3 a part that sat there already was told by what was missing: a wheel that is off leaves a refit. */
function partToV4(body: unknown): unknown {
  const { to, rolled, old, refits, bought } = body as Record<string, unknown>;
  const there =
    typeof to === 'string' &&
    isWheelEnd(to) &&
    rolled !== 0 &&
    [old, refits, bought].every((one) => one === undefined);
  return there ? { ...(body as object), there } : body;
}

/** The last look at the place of a tire that sat there already: it was at this tire, unless it was at another that is known. */
function lookBefore(
  rig: RigState,
  parts: RigState['parts'],
  { part, to }: { readonly part: string; readonly to: Place | 'shelf' },
): LastDone | undefined {
  const mark = to === 'shelf' ? undefined : lastDoneOf(rig, 'tire-look', to);
  const tire = parts[part];
  if (!mark || !tire || Object.values(rig.tireLooks).some(({ entry }) => entry === mark.entry))
    return undefined;
  return { ...mark, distance: rolledBy(rig, tire) - (rig.distance - mark.distance) };
}

const partId = keyWords(80);
const grade = z.optional(z.enum(SHELF_GRADES));
/** Where one lies that is not fitted. */
const shelf = z.optional(z.enum(SHELVES));
const note = z.optional(text(500));

/** A part comes into the record, fitted at a place or laid on the shelf; what sat there goes to the shelf or is gone. */
export const partFitted = defineKind({
  kind: 'part.fitted',
  version: 4,
  body: z.strictObject({
    part: partId,
    spec: partSchema,
    to: z.union([placeSchema, z.literal('shelf')]),
    /** Distance it had rolled before (m): nothing when it is new, left out when nobody knows. */
    rolled: z.optional(nonNegative(1e9)),
    grade,
    shelf,
    /** What it cost, and where it came from. */
    bought: z.optional(z.strictObject({ price: z.optional(moneySchema), where: z.optional(words(80)) })),
    /** What becomes of the part that sat there; the shelf, ungraded, when it is not said. */
    old: z.optional(z.strictObject({ to: z.enum(['shelf', 'gone']), grade })),
    /** A wheel that came off for it. */
    refits: z.optional(refitsSchema),
    /** It sat there already, and is only told now. */
    there: z.optional(z.literal(true)),
    note,
  }),
  group: 'parts',
  places: ({ to, refits = [] }) => [...(to === 'shelf' ? [] : [to]), ...refits.map(({ place }) => place)],
  corrected: 'here',
  upcasters: [(body) => body, (body) => body, partToV4],
  apply: (rig, body, entry: Applied, own?: Own) => {
    if (rig.parts[body.part]) return contradict(rig, entry.id);
    const old = body.to === 'shelf' ? undefined : partAt(rig, body.spec.kind, body.to);
    const parts = fit(
      rig,
      {
        id: body.part,
        kind: body.spec.kind,
        facts: body.spec.facts,
        to: body.to,
        rolled: body.rolled,
        grade: body.grade,
        shelf: body.shelf,
        bought: body.bought,
        old: body.old,
      },
      entry.happened,
    );
    const refits = openRefits(rig, body.refits, entry);
    const isNew = body.rolled === 0;
    const done = [...(isNew ? newPart(body.spec.kind, body.to) : []), ...torqued(body.refits)];
    const look = body.there && body.spec.kind === 'tire' ? lookBefore(rig, parts, body) : undefined;
    const after = {
      ...restart({ ...rig, parts }, done, doneNow(rig, entry), own),
      ...(look && { tireLooks: { ...rig.tireLooks, [body.part]: look } }),
    };
    const pulls =
      isNew && body.spec.kind === 'brake' && body.to !== 'shelf'
        ? pulled(
            { ...rig, pulls: after.pulls ?? rig.pulls },
            [{ routine: 'brake-adjust', place: body.to }],
            'new-brakes',
            [NEW_BRAKES],
            entry,
          )
        : (after.pulls ?? rig.pulls);
    return {
      parts,
      refits,
      threads: threadsAfter(rig, body.refits ?? []),
      ...after,
      pulls,
      ...carriedAlong(rig, parts, old ? [old.id, body.part] : [body.part]),
    };
  },
});

/** Parts change places, all at once: a rotation is one entry, and so is a swap with the spare. */
export const partMoved = defineKind({
  kind: 'part.moved',
  version: 2,
  body: z.strictObject({
    moves: z
      .array(
        z.strictObject({
          part: partId,
          to: z.union([placeSchema, z.enum(['shelf', 'gone'])]),
          grade,
          shelf,
        }),
      )
      .check(z.minLength(1), z.maxLength(24)),
    /** Wheels that came off for it. */
    refits: z.optional(refitsSchema),
    note,
  }),
  group: 'parts',
  places: ({ moves, refits = [] }) => [
    ...moves.flatMap(({ to }) => (to === 'shelf' || to === 'gone' ? [] : [to])),
    ...refits.map(({ place }) => place),
  ],
  corrected: 'here',
  upcasters: [(body) => body],
  apply: (rig, body, entry, own) => {
    const parts = moveParts(rig, body.moves, entry.happened);
    if (!parts) return contradict(rig, entry.id);
    const refits = openRefits(rig, body.refits, entry);
    return {
      parts,
      refits,
      ...restart({ ...rig, parts }, torqued(body.refits), doneNow(rig, entry), own),
      threads: threadsAfter(rig, body.refits ?? []),
      ...carriedAlong(
        rig,
        parts,
        body.moves.map(({ part }) => part),
      ),
    };
  },
});

/** What was read off a part later on; `null` withdraws a fact. */
export const partRead = defineKind({
  kind: 'part.read',
  version: 2,
  body: z.strictObject({
    part: partId,
    facts: readFactsSchema.check(
      z.refine((facts) => Object.keys(facts).length > 0, { message: 'nothing was read' }),
    ),
  }),
  group: 'parts',
  places: () => [],
  corrected: 'elsewhere',
  upcasters: [(body) => body],
  apply: (rig, body, entry) => {
    const parts = readPart(rig, body.part, body.facts);
    return parts ? { parts } : contradict(rig, entry.id);
  },
});
