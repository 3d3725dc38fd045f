import type { Instant } from '@/core/base';
import {
  makeEntry,
  newNumberReading,
  partAt,
  type Entry,
  type Grounds,
  type RigState,
  type WorkBody,
} from '@/core/log';
import { axleOf, factPath, isWheelEnd, type Place } from '@/core/rig';
import type { Outcome, PartChange, RaisedFinding, Run } from '@/core/routine';
import { sameFinding } from '@/core/walk';
import type { UnitSystem } from '@/core/quantity';
import { raisedWords } from '@/text';

interface Making {
  readonly run: Run;
  readonly rig: RigState | undefined;
  readonly outcome: Outcome;
  readonly at: Instant;
  readonly id: () => string;
  readonly units: UnitSystem;
  /** What the owner adds at the end. */
  readonly more?: Pick<WorkBody, 'cost' | 'note'>;
  /** Older findings that the work put right, and in what words. */
  readonly cured?: readonly string[];
  readonly how?: string;
  /** Parts that came off the shelf, by what they were for: `seal 1L`. */
  readonly fromShelf?: Readonly<Record<string, string>>;
}

/** The tires, brakes and batteries that some work put in or let change places, as entries. */
function partEntry(
  change: PartChange,
  { rig, id, fromShelf = {} }: Making,
  stamp: () => Stamp,
): Entry | undefined {
  if (change.do === 'fit') {
    const taken = fromShelf[`${change.kind} ${change.place}`];
    const old = rig && partAt(rig, change.kind, change.place);
    // It brings its own facts, and its age, along.
    if (taken)
      return makeEntry('part.moved', stamp(), {
        moves: [{ part: taken, to: change.place }, ...(old ? [{ part: old.id, to: 'gone' as const }] : [])],
      });
    const facts = Object.fromEntries(
      Object.entries(change.facts).map(([fact, value]) => [fact, { value, source: 'marking' as const }]),
    );
    return makeEntry('part.fitted', stamp(), {
      part: id(),
      spec: { kind: change.kind, facts } as never,
      to: change.place,
      rolled: 0,
      ...(old && { old: { to: 'gone' as const } }),
    });
  }
  const [one, two] = change.places;
  const moves = [
    [one, two],
    [two, one],
  ].flatMap(([from, to]) => {
    const part = rig && partAt(rig, change.kind, from as Place);
    return part ? [{ part: part.id, to: to as Place }] : [];
  });
  return moves.length > 0 ? makeEntry('part.moved', stamp(), { moves }) : undefined;
}

interface Stamp {
  readonly id: string;
  readonly rig: string;
  readonly happened: Instant;
  readonly recorded: Instant;
}

/** What a finding of the Bench rests on; none where it was told in words. */
function groundsOf(finding: RaisedFinding): Grounds | undefined {
  switch (finding.cause) {
    case 'grade':
      return { subject: finding.subject, grade: finding.grade };
    case 'reading':
      return { what: finding.what, value: finding.value };
    case 'end-play':
      return { what: 'end-play', value: finding.play };
    default:
      return undefined;
  }
}

/** The numbers of the seals and bearings that came off the shelf: they go in with what was read off them. */
function numbersFromShelf({ rig, fromShelf = {} }: Making): WorkBody['readings'] {
  return Object.entries(fromShelf).flatMap(([need, id]) => {
    const part = rig?.parts[id];
    const place = need.split(' ')[1] as Place;
    return Object.entries(part?.facts ?? {}).flatMap(([fact, spec]) => {
      const what = part && newNumberReading(part.kind, fact);
      return what && spec ? [{ place, what, value: String(spec.value) }] : [];
    });
  });
}

/** What a finished or a left card puts on the log: the work, then the parts it fitted, then what it found and cured. */
export function outcomeEntries(making: Making): readonly Entry[] {
  const { run, outcome, at, id, units, more, cured = [], how = '' } = making;
  // Parts come after the work that fitted them, findings after both: a moment apart keeps them in that order everywhere.
  let tick = 0;
  const stamp = (): Stamp => {
    const happened = new Date(new Date(at).getTime() + tick++).toISOString();
    return { id: id(), rig: run.rig, happened, recorded: at };
  };
  const note = [outcome.work?.note, more?.note].filter(Boolean).join('\n');
  const work = outcome.work && {
    ...outcome.work,
    readings: [...outcome.work.readings, ...numbersFromShelf(making)],
    ...(more?.cost && { cost: more.cost }),
    ...(note !== '' && { note: note.slice(0, 2000) }),
  };
  // The work itself makes the new seal or set a part; the one that lay on the shelf is used up.
  const fitted = new Set(
    outcome.parts.map((change) => (change.do === 'fit' ? `${change.kind} ${change.place}` : '')),
  );
  const usedUp = Object.entries(making.fromShelf ?? {})
    .filter(([need]) => !fitted.has(need))
    .map(([, part]) => ({ part, to: 'gone' as const }));
  const installed = run.card.jobs.flatMap(({ routine, place }) =>
    routine === 'brakes-install' && isWheelEnd(place) && work ? [axleOf(place)] : [],
  );
  const workEntry = work && makeEntry('work', stamp(), work);
  return [
    ...(workEntry ? [workEntry] : []),
    ...outcome.parts.flatMap((change) => partEntry(change, making, stamp) ?? []),
    ...(usedUp.length > 0 ? [makeEntry('part.moved', stamp(), { moves: usedUp })] : []),
    ...outcome.checks.map((check) =>
      makeEntry('event', stamp(), { what: check.what, places: [...check.places] }),
    ),
    ...[...new Set(installed)].map((axle) =>
      makeEntry('rig.changed', stamp(), { changes: { [factPath('brake', axle)]: 'electric' } }),
    ),
    ...outcome.findings.map((finding) => {
      const of = groundsOf(finding);
      const text = raisedWords(finding, units).slice(0, 500);
      const seen = making.rig && sameFinding(making.rig.findings, finding.place, of);
      const about = {
        verdict: finding.verdict,
        text,
        ...(of && { of }),
        ...(workEntry && { from: workEntry.id }),
      };
      return seen && !cured.includes(seen.id)
        ? makeEntry('finding.seen', stamp(), { finding: seen.id, ...about })
        : makeEntry('finding.opened', stamp(), {
            place: finding.place,
            ...about,
            ...('pulls' in finding && finding.pulls && { pulls: finding.pulls }),
          });
    }),
    ...cured.map((finding) =>
      makeEntry('finding.closed', stamp(), { finding, how, ...(workEntry && { work: workEntry.id }) }),
    ),
  ];
}
