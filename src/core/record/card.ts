import type { Instant } from '../base';
import { newNumberReading, partAt, type Evidence, type Found, type RigState, type WorkBody } from '../log';
import { axleOf, factPath, isWheelEnd, type Place, type ShelfGrade } from '../rig';
import { notedIn, type Outcome, type PartChange, type Run } from '../routine';
import { inTurn, type NewEntry, type NewId } from './new-entry';
import { tellFinding } from './finding';
import { answerRechecks, recheckEntries, resultOf } from './recheck';

/** A finished or a left card, with what its owner adds at the end. */
export interface CardClosing {
  readonly run: Run;
  readonly rig: RigState | undefined;
  readonly outcome: Outcome;
  readonly at: Instant;
  readonly newId: NewId;
  readonly more?: Pick<WorkBody, 'cost' | 'note'>;
  /** Older findings that the work put right, and what its owner says of it. */
  readonly cured?: readonly string[];
  readonly how?: string;
  /** Bearings that came out and are kept as spares, so good, by what they are: `inner-set 1L`. */
  readonly kept?: Readonly<Record<string, ShelfGrade>>;
  /** Parts that came off the shelf, by what they were for: `seal 1L`. */
  readonly fromShelf?: Readonly<Record<string, string>>;
}

/** A tire, brake or battery that some work put in or let change places. */
function partDraft(change: PartChange, { rig, newId, fromShelf = {} }: CardClosing): NewEntry | undefined {
  if (change.do === 'fit') {
    const taken = fromShelf[`${change.kind} ${change.place}`];
    const old = rig && partAt(rig, change.kind, change.place);
    // It brings its own facts, and its age, along.
    if (taken)
      return {
        kind: 'part.moved',
        body: {
          moves: [{ part: taken, to: change.place }, ...(old ? [{ part: old.id, to: 'gone' as const }] : [])],
        },
      };
    const facts = Object.fromEntries(
      Object.entries(change.facts).map(([fact, value]) => [fact, { value, source: 'marking' as const }]),
    );
    return {
      kind: 'part.fitted',
      body: {
        part: newId(),
        spec: { kind: change.kind, facts } as never,
        to: change.place,
        rolled: 0,
        ...(old && { old: { to: 'gone' as const } }),
      },
    };
  }
  const [one, two] = change.places;
  const moves = [
    [one, two],
    [two, one],
  ].flatMap(([from, to]) => {
    const part = rig && partAt(rig, change.kind, from as Place);
    return part ? [{ part: part.id, to: to as Place }] : [];
  });
  return moves.length > 0 ? { kind: 'part.moved', body: { moves } } : undefined;
}

/** The numbers of the seals and bearings that came off the shelf: they go in with what was read off them. */
function numbersFromShelf({ rig, fromShelf = {} }: CardClosing): WorkBody['readings'] {
  return Object.entries(fromShelf).flatMap(([need, id]) => {
    const part = rig?.parts[id];
    const place = need.split(' ')[1] as Place;
    return Object.entries(part?.facts ?? {}).flatMap(([fact, spec]) => {
      const what = part && newNumberReading(part.kind, fact);
      return what && spec ? [{ place, what, value: String(spec.value) }] : [];
    });
  });
}

/** The parts that the work put in, and those of the shelf that it used up: it makes the new seal or set a part itself. */
function partDrafts(told: CardClosing): readonly NewEntry[] {
  const { parts } = told.outcome;
  const fitted = new Set(
    parts.map((change) => (change.do === 'fit' ? `${change.kind} ${change.place}` : '')),
  );
  const usedUp = Object.entries(told.fromShelf ?? {})
    .filter(([need]) => !fitted.has(need))
    .map(([, part]) => ({ part, to: 'gone' as const }));
  return [
    ...parts.flatMap((change) => partDraft(change, told) ?? []),
    ...(usedUp.length > 0 ? [{ kind: 'part.moved' as const, body: { moves: usedUp } }] : []),
  ];
}

/** What a card raised: a nut that moved a little, once, is kept by the recheck that waited for it. */
function raisedBy({ findings }: Outcome, rig: RigState | undefined): readonly Found[] {
  return findings.filter(
    ({ place, verdict, of }) =>
      verdict !== 'watch' ||
      !of ||
      !('subject' in of) ||
      of.subject !== 'lug-move' ||
      !isWheelEnd(place) ||
      !rig?.refits[place],
  );
}

/** What the wrench found at nuts that a recheck was waiting for; a finding of its own only where the card raised none. */
function wrenchedDrafts(
  { run, rig, outcome, cured }: CardClosing,
  from: string | undefined,
): readonly NewEntry[] {
  if (!rig) return [];
  const refitted = (outcome.work?.refits ?? []).map(({ place }) => place);
  const told = raisedBy(outcome, rig).filter(({ of }) => of && 'subject' in of && of.subject === 'lug-move');
  return notedIn(run)
    .filter(({ step }) => step.step === 'check-lugs')
    .flatMap(({ place, record }): readonly NewEntry[] => {
      const result = resultOf(record.grades['lug-move']);
      return isWheelEnd(place) &&
        rig.refits[place] &&
        !refitted.includes(place) &&
        !told.some((one) => one.place === place)
        ? recheckEntries(place, result, rig, { from, ...(cured && { closing: cured }) })
        : answerRechecks([{ place, result }], rig.refits, refitted);
    });
}

/** The grade with which something that was watched was seen clear. */
function clearGrade(run: Run, of: Evidence | undefined): { readonly of?: Evidence } {
  if (!of || !('subject' in of)) return {};
  const noted = [...notedIn(run)].reverse().find(({ record }) => record.grades[of.subject] !== undefined);
  const grade = noted?.record.grades[of.subject];
  return grade === undefined ? {} : { of: { ...of, grade } };
}

/** What was written down of the law at a step of a card. */
function lawFound(run: Run): string | undefined {
  const found = notedIn(run).flatMap(({ record }) => {
    const law = record.readings['law'];
    return typeof law === 'string' && law.trim() !== '' ? [law.trim()] : [];
  });
  return found.at(-1)?.slice(0, 300);
}

/** What a finished or a left card puts on the log: the work, then the parts it fitted, then what it found and cured. */
export function cardEntries(told: CardClosing): readonly NewEntry[] {
  const { run, rig, outcome, at, newId, more, how = '', kept = {} } = told;
  const cured = [...new Set([...outcome.cured, ...(told.cured ?? [])])];
  const closing = [...cured, ...outcome.clear.map(({ id }) => id)];
  const note = [outcome.work?.note, more?.note].filter(Boolean).join('\n');
  const work = outcome.work && {
    ...outcome.work,
    readings: [...outcome.work.readings, ...numbersFromShelf(told)],
    renewed: outcome.work.renewed.map((one) => {
      const grade = kept[`${one.part} ${one.place}`];
      return grade ? { ...one, kept: grade } : one;
    }),
    ...(more?.cost && { cost: more.cost }),
    ...(note !== '' && { note: note.slice(0, 2000) }),
  };
  const workId = work && newId();
  const axles = run.card.jobs.flatMap(({ routine, place }) =>
    routine === 'brakes-install' && isWheelEnd(place) && work ? [axleOf(place)] : [],
  );
  const law = work && lawFound(run);
  return inTurn(
    [
      ...(work && workId ? [{ kind: 'work' as const, id: workId, body: work }] : []),
      // Closed before its tire goes: a finding goes where the tire goes.
      ...outcome.clear.map(({ id, of }): NewEntry => ({
        kind: 'finding.closed',
        body: { finding: id, gone: true, ...clearGrade(run, of), ...(workId && { work: workId }) },
      })),
      ...cured.map((finding): NewEntry => ({
        kind: 'finding.closed',
        body: {
          finding,
          ...(workId && { work: workId }),
          ...(how !== '' && { how: how.slice(0, 500) }),
          ...(work ? { jobs: work.jobs } : how === '' && { gone: true as const }),
        },
      })),
      ...partDrafts(told),
      ...outcome.checks.map((check): NewEntry => ({
        kind: 'event',
        body: { what: check.what, places: [...check.places] },
      })),
      // What its owner found of the law stands with the rig, where it is read again before each trip.
      ...(law === undefined
        ? []
        : [{ kind: 'rig.changed' as const, body: { changes: { [factPath('law')]: law } } }]),
      ...[...new Set(axles)].map((axle): NewEntry => ({
        kind: 'rig.changed',
        body: { changes: { [factPath('brake', axle)]: 'electric' } },
      })),
      ...wrenchedDrafts(told, workId),
      ...raisedBy(outcome, rig).map((found) => tellFinding(found, { rig, closing, from: workId })),
    ],
    at,
  );
}
