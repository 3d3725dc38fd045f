import * as z from 'zod/mini';
import { daysBetween, text, words, type Instant } from '../../base';
import { placeSchema } from '../../rig';
import { isLook, oneStepUp, ROUTINES, TWICE_A_YEAR, worse, type Verdict } from '../../rules';
import { defineKind } from '../define';
import { findingKey, groundsSchema } from '../grounds';
import { contradict, type FindingState, type RigState } from '../state';

const severity = z.enum(['watch', 'due', 'stop']);

const opened = z.strictObject({
  place: z.union([placeSchema, z.literal('rig')]),
  verdict: severity,
  text: words(500),
  /** The routine that would put it right. */
  pulls: z.optional(z.enum(ROUTINES)),
  of: z.optional(groundsSchema),
  /** The walk, work or test that found it. */
  from: z.optional(z.uuid()),
});

/** Something that is not right, at a place. */
export type FindingBody = z.infer<typeof opened>;

/**
 * Troubles of the moment: seen at two looks of one season they rise a step. What stands and wears
 * slowly, such as crazing or thin tread, is seen at every look and rises only when it comes back
 * after it was put right.
 */
const OF_THE_MOMENT: ReadonlySet<string> = new Set([
  'hub-temp',
  'hub-hand',
  'pressure',
  'lug-move',
  'rock',
  'spin',
  'seal',
  'grease-back',
  'lamp',
  'contacts',
  'fixing',
  'coupler',
  'drag',
  'valve',
]);

/** So long after it was seen (d), a look is another one. */
const ANOTHER_LOOK = 0.5;

const inOneSeason = (a: Instant, b: Instant) => Math.abs(daysBetween(a, b)) <= TWICE_A_YEAR;

type Bad = Exclude<Verdict, 'clear'>;
const raise = (verdict: Bad): Bad => oneStepUp(verdict) as Bad;

/** A finding opened; its id is the entry's. Version 1 knew wheel ends and the rig, version 2 every place; version 3 what it rests on. */
export const findingOpened = defineKind({
  kind: 'finding.opened',
  version: 3,
  body: opened,
  upcasters: [(body) => body, (body) => body],
  apply: (rig, { from: _, pulls, ...rest }, entry) => {
    // A look puts nothing right, whatever was told when the finding was opened.
    const body = { ...rest, ...(pulls && !isLook(pulls) && { pulls }) };
    const key = findingKey(body.place, body.of);
    const before = key === undefined ? undefined : rig.past[key];
    const again = before !== undefined && inOneSeason(before.at, entry.happened);
    const finding: FindingState = {
      id: entry.id,
      at: entry.happened,
      ...body,
      told: body.verdict,
      ...(again && { verdict: raise(body.verdict), raised: 'came-back' as const }),
    };
    return { findings: { ...rig.findings, [entry.id]: finding } };
  },
});

/** An open finding looked at again: the same, worse, or better than it was. */
export const findingSeen = defineKind({
  kind: 'finding.seen',
  version: 1,
  body: z.strictObject({
    finding: z.uuid(),
    verdict: severity,
    text: z.optional(text(500)),
    of: z.optional(groundsSchema),
    from: z.optional(z.uuid()),
  }),
  upcasters: [],
  apply: (rig, body, entry) => {
    const finding = rig.findings[body.finding];
    if (!finding) return contradict(rig, entry.id);
    const key = findingKey(finding.place, body.of ?? finding.of);
    const told = finding.told ?? finding.verdict;
    const better = worse(told, body.verdict) !== body.verdict;
    const again =
      key !== undefined &&
      OF_THE_MOMENT.has(key.split('@')[0] ?? '') &&
      daysBetween(finding.seen?.at ?? finding.at, entry.happened) >= ANOTHER_LOOK &&
      inOneSeason(finding.at, entry.happened);
    // A step added stays until it looks better than it did.
    const raised = better ? undefined : (finding.raised ?? (again ? ('seen-again' as const) : undefined));
    const next: FindingState = {
      ...finding,
      told: body.verdict,
      verdict: raised ? raise(body.verdict) : body.verdict,
      raised,
      of: body.of ?? finding.of,
      seen: { at: entry.happened, count: (finding.seen?.count ?? 1) + 1 },
    };
    return { findings: { ...rig.findings, [finding.id]: next } };
  },
});

/** A rig without a finding, which is remembered by what it rested on: the same again rises a step. */
function closed(rig: RigState, finding: FindingState, at: Instant): Partial<RigState> {
  const findings = { ...rig.findings };
  delete findings[finding.id];
  const key = findingKey(finding.place, finding.of);
  return key === undefined ? { findings } : { findings, past: { ...rig.past, [key]: { at } } };
}

/** A finding closed, with what was done about it, and since version 2 by which work. */
export const findingClosed = defineKind({
  kind: 'finding.closed',
  version: 2,
  body: z.strictObject({ finding: z.uuid(), how: words(500), work: z.optional(z.uuid()) }),
  upcasters: [(body) => body],
  apply: (rig, body, entry) => {
    const finding = rig.findings[body.finding];
    return finding ? closed(rig, finding, entry.happened) : contradict(rig, entry.id);
  },
});
