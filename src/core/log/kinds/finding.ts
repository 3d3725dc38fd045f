import * as z from 'zod/mini';
import {
  daysBetween,
  nonNegative,
  text,
  words,
  type Instant,
  uuid,
  oneStepUp,
  worse,
  type Verdict,
} from '../../base';
import { placeSchema } from '../../rig';
import { isLook, TWICE_A_YEAR, WORKS } from '../../rules';
import { defineKind } from '../define';
import { evidenceOf, findingKey, recurs } from '../evidence';
import { evidenceSchema, type Evidence } from '../evidence-schema';
import { jobsSchema } from '../jobs';
import { limitSchema } from '../limit-schema';
import { limited, lookedAt, nearer } from '../limits';
import { contradict, type FindingState, type RigState } from '../state';

const severity = z.enum(['watch', 'due', 'stop']);

const opened = z
  .strictObject({
    place: z.union([placeSchema, z.literal('rig')]),
    verdict: severity,
    /** What it is in somebody's own words; where there are none, what it rests on tells it. */
    text: z.optional(words(500)),
    /** Own words beside what it rests on. */
    note: z.optional(text(500)),
    /** The work that would put it right: up to version 5 a routine, since then any work. */
    remedy: z.optional(z.enum(WORKS)),
    of: z.optional(evidenceSchema),
    /** How far and how long it may be towed with it at most. */
    limit: z.optional(limitSchema),
    /** The walk, work or test that found it. */
    from: z.optional(uuid()),
  })
  .check(
    z.refine(({ text, of }) => text !== undefined || of !== undefined, {
      message: 'a finding without words or evidence',
    }),
  );

/** Something that is not right, at a place. */
export type FindingBody = z.infer<typeof opened>;

/** A finding as it is told: what is not right, where, how bad, on what it rests and what puts it right. */
export type Found = Readonly<Omit<FindingBody, 'from'>>;

/** Words that an older version made of a reading, in the units its owner then had: `hub 150 °F; …`. */
const MADE_OF_A_READING = /^[A-Za-z][A-Za-z, -]* -?[\d][\d./ ]*\s?(psi|kPa|bar|°F|°C|in|mm|V|A|Ω)(?=\W|$)/u;

/** Up to version 3 every finding carried words; those made of a reading give way to the reading itself. */
function withoutMadeWords(body: unknown): unknown {
  const { text: told, ...rest } = body as { text?: string; of?: object; from?: string };
  const made =
    rest.from !== undefined &&
    rest.of !== undefined &&
    'what' in rest.of &&
    MADE_OF_A_READING.test(told ?? '');
  return made ? rest : body;
}

/** Up to version 4 its remedy was kept as what it pulls forward. */
function openedToV5(body: unknown): unknown {
  const { pulls, ...rest } = body as { pulls?: string };
  return pulls === undefined ? rest : { ...rest, remedy: pulls };
}

/** Seen again told its words as text up to version 1. */
function seenToV2(body: unknown): unknown {
  const { text: told, ...rest } = withoutMadeWords(body) as { text?: string };
  return told === undefined ? rest : { ...rest, note: told };
}

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
  'oil',
]);

/** So long after it was seen (d), a look is another one. */
const ANOTHER_LOOK = 0.5;

const inOneSeason = (a: Instant, b: Instant) => Math.abs(daysBetween(a, b)) <= TWICE_A_YEAR;

type Bad = Exclude<Verdict, 'clear'>;
const mayRise = (of: Evidence | undefined) => of !== undefined && recurs(of);
const escalate = (verdict: Bad): Bad => oneStepUp(verdict) as Bad;

/** A finding opened; its id is the entry's. Version 1 knew wheel ends and the rig, version 2 every place; version 3 what it rests on; version 4 has words only where somebody told it in their own; version 5 calls its remedy that; version 6 knows sides, shoes, torques, work left undone and any work as a remedy; version 7 troubles on the road and limits; version 8 what a tire was filled to. */
export const findingOpened = defineKind({
  kind: 'finding.opened',
  version: 8,
  body: opened,
  group: 'findings',
  places: ({ place }) => [place],
  others: ({ from }) => (from === undefined ? [] : [from]),
  corrected: 'here',
  upcasters: [
    (body) => body,
    (body) => body,
    withoutMadeWords,
    openedToV5,
    (body) => body,
    (body) => body,
    (body) => body,
  ],
  apply: (rig, { from: _, remedy, limit, ...rest }, entry) => {
    // A look puts nothing right, whatever was told when the finding was opened; one that was left is gone on with.
    const cures = remedy && (!isLook(remedy) || (rest.of && 'leftAt' in rest.of));
    const body = { ...rest, ...(cures && { remedy }) };
    const key = findingKey(body.place, body.of);
    const before = key === undefined || !mayRise(body.of) ? undefined : rig.past[key];
    const again = before !== undefined && inOneSeason(before.at, entry.happened);
    const finding: FindingState = {
      id: entry.id,
      at: entry.happened,
      ...body,
      reported: body.verdict,
      ...(limit && { limit: limited(limit, rig) }),
      ...(again && { verdict: escalate(body.verdict), escalated: 'came-back' as const }),
    };
    return { findings: { ...rig.findings, [entry.id]: finding } };
  },
});

/** The limit of a finding seen again: looked at so far on, and the nearer of two where another is told. */
function seenLimit(
  rig: RigState,
  { limit }: FindingState,
  told: { readonly driven?: number | undefined; readonly limit?: z.infer<typeof limitSchema> | undefined },
): Pick<FindingState, 'limit'> {
  const now = limit && told.driven !== undefined ? lookedAt(rig, limit, told.driven) : limit;
  const both = told.limit ? nearer(rig, now, limited(told.limit, rig)) : now;
  return both ? { limit: both } : {};
}

/** An open finding looked at again: the same, worse, or better than it was. */
export const findingSeen = defineKind({
  kind: 'finding.seen',
  version: 5,
  body: z.strictObject({
    finding: uuid(),
    verdict: severity,
    note: z.optional(text(500)),
    of: z.optional(evidenceSchema),
    /** How far it has been towed with it by then (m), as its owner says. */
    driven: z.optional(nonNegative(1e8)),
    /** Worse at a look: it is not towed any farther, whatever was left of its limit. */
    stays: z.optional(z.literal(true)),
    limit: z.optional(limitSchema),
    from: z.optional(uuid()),
  }),
  group: 'findings',
  places: () => [],
  others: ({ finding }) => [finding],
  corrected: 'elsewhere',
  upcasters: [seenToV2, (body) => body, (body) => body, (body) => body],
  apply: (rig, body, entry) => {
    const finding = rig.findings[body.finding];
    if (!finding) return contradict(rig, entry.id);
    const of = body.of ?? finding.of;
    const before = finding.reported ?? finding.verdict;
    const better = worse(before, body.verdict) !== body.verdict;
    const again =
      of !== undefined &&
      OF_THE_MOMENT.has(evidenceOf(of)) &&
      daysBetween(finding.seen?.at ?? finding.at, entry.happened) >= ANOTHER_LOOK &&
      inOneSeason(finding.at, entry.happened);
    // Up to version 4 a look that found it worse told no more than that it is a stop now.
    const stays = body.stays ?? (body.driven !== undefined && body.verdict === 'stop' && before !== 'stop');
    // A step added stays until it looks better than it did.
    const escalated = better
      ? undefined
      : (finding.escalated ?? (again ? ('seen-again' as const) : undefined));
    const next: FindingState = {
      ...finding,
      reported: body.verdict,
      verdict: escalated ? escalate(body.verdict) : body.verdict,
      escalated,
      of,
      ...(stays ? { limit: undefined } : seenLimit(rig, finding, body)),
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
  return key === undefined || !mayRise(finding.of)
    ? { findings }
    : { findings, past: { ...rig.past, [key]: { at } } };
}

const closing = z
  .strictObject({
    finding: uuid(),
    /** In its owner's own words. */
    how: z.optional(words(500)),
    /** Looked at again, and nothing of it was left; the grade it was given then. */
    gone: z.optional(z.literal(true)),
    /** Looked into, and nothing is to be done; its owner says why. */
    needless: z.optional(z.literal(true)),
    of: z.optional(evidenceSchema),
    /** The work that put it right, and the jobs of that work. */
    work: z.optional(uuid()),
    jobs: z.optional(jobsSchema),
  })
  .check(
    z.refine(({ how, gone, jobs }) => how !== undefined || gone !== undefined || jobs !== undefined, {
      message: 'a finding closed without words, work or look',
    }),
    z.refine(({ how, needless }) => needless === undefined || how !== undefined, {
      message: 'nothing to be done, and no reason why',
    }),
  );

/** Up to version 2 a look that found nothing left was told in words, before what its owner said of it. */
function closedToV3(body: unknown): unknown {
  const { how, ...rest } = body as { how: string; work?: string };
  const seen = /^Looked at again, clear(?:\. (.+))?$/s.exec(how);
  return seen ? { ...rest, gone: true, ...(seen[1] !== undefined && { how: seen[1] }) } : body;
}

/** A finding closed: since version 2 by which work, since version 3 with words only where they are its owner's. */
export const findingClosed = defineKind({
  kind: 'finding.closed',
  version: 5,
  body: closing,
  group: 'findings',
  places: () => [],
  others: ({ finding, work }) => (work === undefined ? [finding] : [finding, work]),
  corrected: 'here',
  upcasters: [(body) => body, closedToV3, (body) => body, (body) => body],
  apply: (rig, body, entry) => {
    const finding = rig.findings[body.finding];
    return finding ? closed(rig, finding, entry.happened) : contradict(rig, entry.id);
  },
});
