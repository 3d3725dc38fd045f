import type { FindingState, Found, RigState, EntryOf } from '../log';
import type { RigModel, TirePlace } from '../rig';
import { gradeVerdict, type HouseRules, type RoutinePlace, type Subject, type JudgedReading } from '../rules';
import { type Severity, worse } from '../base';
import type { Trend } from '../judge';
import type { NewEntry, NewId } from './new-entry';
import { remedyFor, sameFinding, tellFinding } from './finding';
import { photoEntry, type PhotoSize } from './photo';

/** Something graded by hand: its verdict and what puts it right are those of the rule, whoever tells it. */
export function gradedFound(
  place: RoutinePlace,
  { subject, grade, note }: { readonly subject: Subject; readonly grade: string; readonly note: string },
  { model, house }: { readonly model: RigModel; readonly house: HouseRules },
): Found | undefined {
  const verdict = gradeVerdict(subject, grade, house);
  if (verdict === undefined || verdict === 'clear') return undefined;
  const said = note.trim();
  return {
    place,
    verdict,
    of: { subject, grade },
    ...(said !== '' && { note: said }),
    ...remedyFor(subject, place, model, house, grade),
  };
}

/** What is told beside something graver of the same kind at its place does not make that milder: it is one thing more, no second look at it. */
function noMilder(found: Found, { findings }: Pick<RigState, 'findings'>): Found {
  const same = sameFinding(findings, found.place, found.of);
  const told = same && (same.reported ?? same.verdict);
  return same && told && told !== found.verdict && worse(told, found.verdict) === told
    ? { ...found, verdict: told, of: same.of }
    : found;
}

/** Something that is not right, reported by hand with its pictures. */
export function reportEntries(
  found: Found,
  photos: readonly PhotoSize[],
  rig: Pick<RigState, 'findings'>,
  newId: NewId,
): readonly NewEntry[] {
  const id = newId();
  return [
    tellFinding(noMilder(found, rig), { rig, id }),
    ...photos.map((photo) => photoEntry(photo, found.place, { of: id })),
  ];
}

/** How an open finding looked when it was looked at again: by its grade where it has one, else by how bad it is. */
export interface SeenAgain {
  readonly grade?: string | undefined;
  readonly severity: Severity;
  readonly note: string;
  readonly photos: readonly PhotoSize[];
}

/** The verdict on a finding looked at again. */
export function seenVerdict(
  finding: FindingState,
  { grade, severity }: Pick<SeenAgain, 'grade' | 'severity'>,
  house: HouseRules,
): Severity | 'clear' {
  const graded = finding.of && 'subject' in finding.of ? finding.of : undefined;
  return (graded && grade ? gradeVerdict(graded.subject, grade, house) : undefined) ?? severity;
}

/** What a finding looked at again puts on the log: that it was seen, or where it is clear that it is closed. */
export function seenEntries(finding: FindingState, seen: SeenAgain, house: HouseRules): readonly NewEntry[] {
  const verdict = seenVerdict(finding, seen, house);
  const graded = finding.of && 'subject' in finding.of ? finding.of : undefined;
  const note = seen.note.trim();
  // Side, shoe and lamps go with it: it is the same thing that is graded anew.
  const of = graded && seen.grade ? { of: { ...graded, grade: seen.grade } } : {};
  return [
    verdict === 'clear'
      ? {
          kind: 'finding.closed',
          body: { finding: finding.id, gone: true, ...of, ...(note !== '' && { how: note.slice(0, 500) }) },
        }
      : {
          kind: 'finding.seen',
          body: {
            finding: finding.id,
            verdict,
            // Worse than it was: what was left of its limit does not hold any more.
            ...(finding.limit &&
              verdict === 'stop' &&
              finding.reported !== 'stop' && { stays: true as const }),
            ...(note !== '' && { note: note.slice(0, 500) }),
            ...of,
          },
        },
    ...seen.photos.map((photo) => photoEntry(photo, finding.place, { of: finding.id })),
  ];
}

/** A finding closed: with what its owner says was done, by which work, and how it was left. */
export function fixEntries(
  finding: FindingState,
  how: string,
  work: EntryOf<'work'> | undefined,
  photos: readonly PhotoSize[],
  note: string,
): readonly NewEntry[] {
  return [
    {
      kind: 'finding.closed',
      body: {
        finding: finding.id,
        ...(how !== '' && { how: how.slice(0, 500) }),
        ...(work && { work: work.id, jobs: work.body.jobs }),
      },
    },
    ...photos.map((photo) => photoEntry(photo, finding.place, { of: finding.id, note })),
  ];
}

/** What a trend is about, as far as its remedy goes. */
const SUBJECT_OF: Readonly<Record<Trend['kind'], Subject | JudgedReading>> = {
  heat: 'hub-temp',
  leak: 'valve',
  nuts: 'lug-move',
  strokes: 'seal',
  play: 'rock',
  wear: 'wear',
};

/** The figures that a warning rests on: loss a month (Pa), hub over its mate (K) of late and before, nuts moved of looks, strokes of late and before. */
function trendFigures(trend: Trend): { readonly figure?: number; readonly against?: number } {
  const [figure, against] = ((): readonly (number | undefined)[] => {
    switch (trend.kind) {
      case 'leak':
        return [trend.rate];
      case 'heat':
        return [trend.lately, trend.usual];
      case 'nuts':
        return [trend.moved, trend.of];
      case 'strokes':
        return [trend.last, trend.usual];
      case 'wear':
        return [trend.rate];
      case 'play':
        return [];
    }
  })();
  return { ...(figure !== undefined && { figure }), ...(against !== undefined && { against }) };
}

/** What readings warn of over time, made a finding. */
export function trendEntry(
  trend: Trend,
  place: TirePlace,
  {
    rig,
    model,
    house,
  }: { readonly rig: Pick<RigState, 'findings'>; readonly model: RigModel; readonly house: HouseRules },
): NewEntry {
  return tellFinding(
    {
      place,
      verdict: 'due',
      of: { trend: trend.kind, ...trendFigures(trend) },
      ...remedyFor(SUBJECT_OF[trend.kind], place, model, house),
    },
    { rig },
  );
}
