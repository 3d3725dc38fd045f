import { assertNever, formatMoney, type UnitSystem } from '@/core/base';
import type { Entry, EntryOf, MilesBy, WorkBody } from '@/core/log';
import type { RoutinePlace } from '@/core/rules';
import {
  factAt,
  isGear,
  type FactId,
  type FactValue,
  type OwnItem,
  type PartKind,
  type RigKind,
  type Shelf,
} from '@/core/rig';
import { dayInFull, minutes } from './dates';
import type { BranchId } from '@/core/routine';
import { BRANCH_WORDS } from './branches';
import { findingWords, whereWords } from './finding';
import { gradeWords, SUBJECT_WORDS } from './grades';
import { capital, count, list, measure, small } from './measure';
import { readingName } from './readings';
import { readingValue } from './reading-value';
import { FACT_WORDS, factWords } from './facts';
import { placeName } from './gear';
import { GRADE_WORDS, PART_FACT_WORDS, PART_WORDS, partFactText, partName, SHELF_WORDS } from './parts';
import type { EntryWords } from './entry-words';
import { lookedWords } from './looked';
import { BASIS_WORDS, KIND_WORDS, THICKENER_WORDS, WATER_WORDS } from './rig';
import { orderEntry, PAPER_WORDS } from './paper-entry';
import { supplyEntry } from './supplies';
import { kitEntry, troubleEntry } from './road-entry';
import { doneWords, routineTitle } from './routines';
import { RULE_WORDS, schoolWords } from './rules';
import { WALK_WORDS } from './walk';
import { planKeptEntry, planSetEntry } from './plan-entry';
import { EVENT_WORDS, HALF_WORDS, yearDay } from './season';

export const KIND_OF_ENTRY: Record<Entry['kind'], string> = {
  'rig.setup': 'Set-up',
  'rig.changed': 'Change',
  'rig.retired': 'Retired',
  'rig.returned': 'Brought back',
  'part.fitted': 'Part',
  'part.moved': 'Part',
  'part.read': 'Part',
  survey: 'First inspection',
  'rule.chosen': 'House rule',
  season: 'Season',
  deferral: 'Put off',
  'let.go': 'Let go',
  'plan.set': 'Plan',
  'plan.kept': 'Plan',
  event: 'Happened',
  trip: 'Trip',
  'trip.planned': 'Plan',
  'trip.begun': 'Trip',
  'trip.mark': 'Trip',
  meter: 'Meter',
  work: 'Work',
  recheck: 'Recheck',
  'finding.opened': 'Finding',
  'finding.seen': 'Finding',
  'finding.waits': 'Finding',
  'finding.closed': 'Closed',
  walk: 'Walkaround',
  reading: 'Reading',
  lights: 'Lamps',
  photo: 'Photo',
  opinion: 'Opinion',
  decision: 'Decision',
  figure: 'Figure',
  trouble: 'Trouble',
  kit: 'Kit',
  paper: 'Paper',
  fits: 'Part',
  supply: 'Supplies',
  order: 'Order',
  'order.back': 'Order',
  note: 'Note',
  void: 'Withdrawn',
};

const FROM: Record<WorkBody['from'], string> = {
  bench: 'step by step on the bench',
  written: 'written down afterwards',
  memory: 'from memory',
};
const RESULT = {
  held: 'no nut moved',
  'half-flat': 'a nut moved, half a flat at most',
  moved: 'a nut moved',
  'over-half': 'a nut moved more than half a flat',
  'over-flat': 'a nut moved more than a flat',
  loose: 'loose by hand',
} as const;
const PART = {
  'inner-set': 'inner bearing and race',
  'outer-set': 'outer bearing and race',
  seal: 'seal',
  pin: 'pin',
} as const;
const SEVERITY = { watch: 'Watch', due: 'Due', stop: 'Stop' } as const;

/** What was done, and where: `Repacked 1L and 1R, lights tested`. */
function workTitle({ jobs }: Pick<WorkBody, 'jobs'>): string {
  const routines = [...new Set(jobs.map((job) => job.routine))];
  const parts = routines.map((routine) =>
    doneWords(
      routine,
      jobs.filter((job) => job.routine === routine).map((job) => job.place),
    ),
  );
  return parts.map((part, i) => (i === 0 ? part : small(part))).join(', ');
}

/** What closed a finding: your words, the work, or a look that found nothing left. */
export function closingWords(
  { how, gone, needless, of, jobs }: EntryOf<'finding.closed'>['body'],
  system: UnitSystem,
): string {
  const graded = of && 'subject' in of ? of : undefined;
  const by = [
    ...(gone ? ['Rechecked, clear'] : []),
    ...(needless ? ['Looked into, nothing to be done'] : []),
    ...(graded
      ? [`${SUBJECT_WORDS[graded.subject].name}: ${small(gradeWords(graded.subject, graded.grade, system))}`]
      : []),
    ...(jobs ? [workTitle({ jobs })] : []),
    ...(how ? [how] : []),
  ];
  return by.join('. ');
}

function workLines(work: WorkBody, system: UnitSystem): readonly string[] {
  const places = [
    ...new Set([
      ...work.jobs.map((job) => job.place),
      ...[...work.readings, ...work.conditions].map((one) => one.place),
      ...(work.branches ?? []).map((one) => one.place ?? ('rig' as const)),
    ]),
  ];
  const lead = (place: RoutinePlace) => (places.length > 1 && place !== 'rig' ? `${placeName(place)}: ` : '');
  const perPlace = places.flatMap((place) => {
    const readings = work.readings
      .filter((one) => one.place === place && !one.what.startsWith('nuts') && one.what !== 'slots-back')
      .map(
        (one) =>
          `${readingName(one.what)} ${readingValue(one.what, one.value, system)}${one.from ? `, by ${one.from.name}` : ''}`,
      );
    const grades = work.conditions
      .filter((one) => one.place === place)
      .map(
        (one) =>
          `${SUBJECT_WORDS[one.subject].name}${whereWords(one)} ${small(gradeWords(one.subject, one.grade, system))}`,
      );
    const grease = work.materials
      .filter((one) => one.place === place)
      .map((one) => THICKENER_WORDS[one.grease].toLowerCase());
    const parts = work.renewed
      .filter((one) => one.place === place)
      .map((one) => (one.kept ? `${PART[one.part]} (old one kept as a spare)` : PART[one.part]));
    const otherwise = (work.branches ?? [])
      .filter((one) => (one.place ?? 'rig') === place)
      .map((one) => `${BRANCH_WORDS[one.branch as BranchId]?.kept ?? one.branch}${whereWords(one)}`);
    return [
      ...(readings.length > 0 ? [`${lead(place)}${capital(readings.join(' · '))}`] : []),
      ...(grades.length > 0 ? [`${lead(place)}${capital(grades.join(' · '))}`] : []),
      ...(grease.length > 0 ? [`${lead(place)}Grease: ${list(grease)}`] : []),
      ...(parts.length > 0 ? [`${lead(place)}Replaced: ${list(parts)}`] : []),
      ...(otherwise.length > 0 ? [`${lead(place)}${capital(list(otherwise))}`] : []),
    ];
  });
  const limits = work.refits[0]?.limits ?? [];
  return [
    ...perPlace,
    ...(limits.length > 0
      ? [`Lug rechecks opened at ${list(limits.map((limit) => measure(limit, 'distance', system)))}`]
      : []),
    ...(work.byChapter ? [`${capital(count(work.byChapter.length, 'step'))} closed by chapter`] : []),
    ...work.skipped.map(({ step, reason }) => `Left out (${step}): ${reason}`),
    capital(FROM[work.from]) + (work.minutes === undefined ? '' : `, ${minutes(work.minutes)}`),
    ...(work.cost ? [`Cost ${formatMoney(work.cost)}`] : []),
    ...(work.note ? [work.note] : []),
  ];
}

function tripWords(body: EntryOf<'trip'>['body'], system: UnitSystem): EntryWords {
  const water = body.water ? ` in ${WATER_WORDS[body.water].toLowerCase()} water` : '';
  return {
    title: `Towed ${measure(body.distance, 'distance', system)}${body.launches > 0 ? `, ${count(body.launches, 'launch', 'launches')}${water}` : ''}`,
    lines: [
      ...(body.reading === undefined
        ? []
        : [`Meter at ${measure(body.reading, 'distance', system)}${body.replaced ? ', a new meter' : ''}`]),
      ...(body.vehicle
        ? [
            `Tow vehicle from ${measure(body.vehicle.out, 'distance', system)} to ${measure(body.vehicle.home, 'distance', system)}`,
          ]
        : []),
      ...(body.started ? [`Left ${dayInFull(body.started)}`] : []),
      ...(body.counted?.position === undefined
        ? []
        : [`By position it came to ${measure(body.counted.position, 'distance', system)}`]),
      ...(body.counted?.instrument === undefined
        ? []
        : [
            `${body.from?.name ?? 'The instrument'} counted ${measure(body.counted.instrument, 'distance', system)}`,
          ]),
      ...(body.note ? [body.note] : []),
    ],
  };
}

const MILES_BY_WORDS = {
  owner: 'As read',
  position: 'By position',
  instrument: 'By the trip meter',
} as const satisfies Record<MilesBy, string>;

function markWords(body: EntryOf<'trip.mark'>['body'], system: UnitSystem): EntryWords {
  const water = body.water ? ` in ${WATER_WORDS[body.water].toLowerCase()} water` : '';
  const launched =
    body.launches === undefined ? [] : [`${count(body.launches, 'launch', 'launches')}${water}`];
  const towed = body.into === undefined ? [] : [`${measure(body.into, 'distance', system)} into the trip`];
  return {
    title: capital([...launched, ...towed].join(', ')),
    lines: body.by ? [body.from?.name ?? MILES_BY_WORDS[body.by]] : [],
  };
}

const STRUCTURE: Record<string, string> = { name: 'name', kind: 'kind' };

/** The name of a field of a rig by its path: `thread pitch, axle 1`. */
function fieldName(path: string): string {
  const at = factAt(path);
  const axle = path.startsWith('axles.') ? `, axle ${Number(path.split('.')[1]) + 1}` : '';
  if (at) return `${small(FACT_WORDS[at.id].label)}${axle}`;
  const [first = '', second = ''] = path.split('.');
  if (first === 'own') return 'what is yours to check';
  return first === 'gear' && isGear(second) ? small(placeName(second)) : (STRUCTURE[path] ?? path);
}

function fieldValue(path: string, value: unknown, system: UnitSystem): string {
  if (path.startsWith('own.')) return ownWords(value);
  if (value === null) return 'no longer known';
  const at = factAt(path);
  if (at) return factWords(at.id, value as FactValue, system);
  if (path.startsWith('gear.')) return value === true ? 'has it' : 'has none';
  return path === 'kind' ? (KIND_WORDS[value as RigKind] ?? String(value)) : String(value);
}

/** Something that the owner looks at besides, with its walk. */
function ownWords(value: unknown): string {
  if (typeof value === 'string') return value;
  if (value === null || typeof value !== 'object') return 'no longer checked';
  const { name, on } = value as OwnItem;
  return `${name}, on ${small(WALK_WORDS[on].title)}`;
}

const FOUND = { clear: 'Clear', watch: 'Watch', due: 'Due', stop: 'Stop' } as const;

/** What a survey's item was about: its part of the rig and its place. */
function surveyTitle({ item, place }: EntryOf<'survey'>['body']): string {
  const about = item.replace(/^(fact|part)-/, '');
  const name =
    item === 'gear'
      ? placeName(place)
      : item.startsWith('fact-') && about in FACT_WORDS
        ? FACT_WORDS[about as FactId].label
        : item.startsWith('part-') && about in PART_WORDS
          ? capital(PART_WORDS[about as PartKind].one)
          : capital(about === 'play' ? 'rock and spin' : about);
  return item === 'gear' || place === 'rig' ? name : `${name} ${placeName(place)}`;
}

function surveyWords(body: EntryOf<'survey'>['body']): EntryWords {
  const { found } = body;
  const came =
    found.as === 'condition'
      ? FOUND[found.verdict].toLowerCase()
      : found.as === 'reading'
        ? 'read'
        : 'not checked';
  const more = found.as === 'condition' ? found.words : found.as === 'not-looked' ? found.reason : undefined;
  return { title: `First inspection, ${surveyTitle(body)}: ${came}`, lines: more ? [more] : [] };
}

type PartEntry = Extract<Entry, { kind: 'part.fitted' | 'part.moved' | 'part.read' }>;

/** Where one lies that is carried along or on order; on the shelf at home in the words given. */
function elsewhere(shelf: Shelf | undefined, home: string): string {
  return shelf === undefined || shelf === 'home' ? home : small(SHELF_WORDS[shelf]);
}

function partWords(entry: PartEntry, system: UnitSystem, partOf: NameOfPart): EntryWords {
  switch (entry.kind) {
    case 'part.fitted': {
      const { spec, to, rolled, grade, shelf, note, bought, there } = entry.body;
      return {
        title: `${capital(PART_WORDS[spec.kind].one)} ${to === 'shelf' ? elsewhere(shelf, 'laid on the shelf') : there ? `at ${placeName(to)} put on record` : `installed at ${placeName(to)}`}`,
        lines: [
          partName({ kind: spec.kind, facts: spec.facts }, system),
          ...(rolled === undefined
            ? ['Its earlier miles are not known']
            : rolled > 0
              ? [`Had rolled ${measure(rolled, 'distance', system)}`]
              : ['New']),
          ...(grade ? [GRADE_WORDS[grade]] : []),
          ...(bought?.price || bought?.where
            ? [
                `Bought${bought.price ? ` for ${formatMoney(bought.price)}` : ''}${bought.where ? ` at ${bought.where}` : ''}`,
              ]
            : []),
          ...(note ? [note] : []),
        ],
      };
    }
    case 'part.moved': {
      const { moves, note } = entry.body;
      return {
        title: `Moved: ${list(moves.map((move) => `${partOf(move.part)} ${move.to === 'shelf' ? elsewhere(move.shelf, 'to the shelf') : move.to === 'gone' ? 'gone' : `to ${placeName(move.to)}`}`))}`,
        lines: [
          ...moves.flatMap((move) =>
            move.grade ? [`${partOf(move.part)}: ${GRADE_WORDS[move.grade]}`] : [],
          ),
          ...(note ? [note] : []),
        ],
      };
    }
    case 'part.read':
      return {
        title: `Read off: ${partOf(entry.body.part)}`,
        lines: Object.entries(entry.body.facts).map(
          ([fact, spec]) =>
            `${PART_FACT_WORDS[fact]?.label ?? fact}: ${spec ? `${partFactText(fact, spec.value, system)}, ${BASIS_WORDS[spec.source]}` : 'no longer known'}`,
        ),
      };
  }
}

/** Work as it is told in the log, and before it is there. */
export function workWords(work: WorkBody, system: UnitSystem): EntryWords {
  return { title: workTitle(work), lines: workLines(work, system) };
}

type NameOfPart = (part: string) => string;

/** An entry as it is told in the log; `titleOf` names another entry it speaks of, `partOf` a part. */
export function entryWords(
  entry: Entry,
  system: UnitSystem,
  titleOf: (id: string) => string | undefined,
  partOf: NameOfPart = () => 'a part',
): EntryWords {
  switch (entry.kind) {
    case 'rig.setup': {
      const { model, reading } = entry.body;
      return {
        title: `${model.name} set up`,
        lines: [
          `${KIND_WORDS[model.kind]}, ${count(model.axles.length, 'axle')}, ${model.wheels.studs} studs`,
          ...(reading === undefined ? [] : [`Meter at ${measure(reading, 'distance', system)}`]),
        ],
      };
    }
    case 'rig.changed': {
      // In one order, whatever order the file had: the same entry is told the same on every device.
      const changes = Object.entries(entry.body.changes).sort(([a], [b]) => (a < b ? -1 : 1));
      return {
        title: `Changed: ${list(changes.map(([path]) => fieldName(path)))}`,
        lines: changes.map(
          ([path, value]) => `${capital(fieldName(path))}: ${fieldValue(path, value, system)}`,
        ),
      };
    }
    case 'trip':
      return tripWords(entry.body, system);
    case 'meter':
      return {
        title: `Meter read: ${measure(entry.body.reading, 'distance', system)}`,
        lines: entry.body.replaced ? ['A new meter starts here'] : [],
      };
    case 'work':
      return workWords(entry.body, system);
    case 'recheck':
      return {
        title: `Lug recheck ${entry.body.place}: ${RESULT[entry.body.result]}`,
        lines: entry.body.note ? [entry.body.note] : [],
      };
    case 'finding.opened':
      return {
        title: `${placeName(entry.body.place)}: ${findingWords(entry.body, system)}`,
        lines: [SEVERITY[entry.body.verdict]],
      };
    case 'finding.closed':
      return {
        title: `${entry.body.needless ? 'Not needed' : entry.body.gone ? 'Gone' : 'Fixed'}: ${titleOf(entry.body.finding) ?? 'a finding'}`,
        lines: [closingWords(entry.body, system)],
      };
    case 'finding.waits': {
      const { who, booked, tow, note } = entry.body;
      const lines = [
        ...(booked ? [`Booked for ${dayInFull(`${booked}T12:00:00.000Z`)}`] : []),
        ...(tow === undefined ? [] : [tow ? 'It may be towed until then, they say' : 'Not towed until then']),
        ...(note ? [note] : []),
      ];
      const what = titleOf(entry.body.finding) ?? 'a finding';
      return { title: who ? `Waits for ${who}: ${what}` : `No longer waiting: ${what}`, lines };
    }
    case 'decision':
      return {
        title: `${placeName(entry.body.place)}, decided: ${entry.body.decided}`,
        lines: [`Why: ${entry.body.why}`],
      };
    case 'figure':
      return {
        title: `Worked out: ${entry.body.figure.replaceAll('-', ' ')}`,
        lines: entry.body.note ? [entry.body.note] : [],
      };
    case 'trouble':
      return troubleEntry(entry.body, system);
    case 'supply':
      return supplyEntry(entry.body, system);
    case 'fits': {
      const { kind, number, also, source } = entry.body;
      return {
        title: `${capital(PART_WORDS[kind].one)}: ${also} fits in place of ${number}`,
        lines: [
          source === 'guess' ? 'A guess: nothing is held against it' : `By ${small(BASIS_WORDS[source])}`,
        ],
      };
    }
    case 'paper':
      return { title: `Made: ${small(PAPER_WORDS[entry.body.paper])}`, lines: [] };
    case 'order':
      return orderEntry(entry.body);
    case 'order.back':
      return {
        title: `Back: ${titleOf(entry.body.order) ?? 'an order'}`,
        lines: entry.body.note ? [entry.body.note] : [],
      };
    case 'kit':
      return kitEntry(entry.body);
    case 'finding.seen':
      return {
        title: `Seen again: ${titleOf(entry.body.finding) ?? 'a finding'}`,
        lines: [
          SEVERITY[entry.body.verdict],
          ...(entry.body.note
            ? [entry.body.note]
            : entry.body.of
              ? [capital(findingWords(entry.body, system))]
              : []),
        ],
      };
    case 'walk':
    case 'reading':
    case 'lights':
    case 'photo':
    case 'opinion':
      return lookedWords(entry, system, titleOf);
    case 'rig.retired':
      return { title: 'Retired', lines: entry.body.reason ? [entry.body.reason] : [] };
    case 'rig.returned':
      return { title: 'Brought back', lines: [] };
    case 'part.fitted':
    case 'part.moved':
    case 'part.read':
      return partWords(entry, system, partOf);
    case 'survey':
      return surveyWords(entry.body);
    case 'rule.chosen': {
      const { rule, school } = entry.body;
      return {
        title: `House rule: ${small(RULE_WORDS[rule].ask)}`,
        lines: [
          school === null ? 'Back to what stands above it' : capital(schoolWords(rule, school, system)),
        ],
      };
    }
    case 'season': {
      const { half, start, end } = entry.body;
      const title = start && end ? `Season from ${yearDay(start)} to ${yearDay(end)}` : 'Season as usual';
      return { title, lines: half ? [HALF_WORDS[half]] : [] };
    }
    case 'deferral': {
      const { routine, place, reason, until, distance } = entry.body;
      const limits = [
        ...(until ? [`until ${dayInFull(until)}`] : []),
        ...(distance === undefined ? [] : [`for ${measure(distance, 'distance', system)}`]),
      ];
      return {
        title: `Put off: ${routineTitle(routine, [place])}`,
        lines: [`${capital(list(limits))}: ${reason}`],
      };
    }
    case 'event':
      return {
        title: `${EVENT_WORDS[entry.body.what]}: ${list(entry.body.places)}`,
        lines: entry.body.note ? [entry.body.note] : [],
      };
    case 'trip.planned': {
      const { at, distance, launches, name } = entry.body;
      return {
        title: `Planned: ${name ?? 'a trip'}, ${measure(distance, 'distance', system)} on ${dayInFull(at)}`,
        lines: launches > 0 ? [count(launches, 'launch', 'launches')] : [],
      };
    }
    case 'let.go': {
      const { body } = entry;
      return body.what === 'rig'
        ? {
            title: `Let go of for good: ${body.name ?? 'a rig'}`,
            lines: [`${count(body.entries, 'entry', 'entries')} deleted, here and on every device in step`],
          }
        : { title: 'A picture deleted for good', lines: [] };
    }
    case 'plan.set':
      return planSetEntry(entry.body);
    case 'plan.kept':
      return planKeptEntry(entry.body);
    case 'trip.begun': {
      const { expected, walk, ramp } = entry.body;
      return {
        title: `Trip begun${expected === undefined ? '' : `, ${measure(expected, 'distance', system)} ahead`}`,
        lines: [
          walk === undefined ? 'Without a hitching walk' : 'After the hitching walk',
          ...(ramp ? ['A launch is planned'] : []),
        ],
      };
    }
    case 'trip.mark':
      return markWords(entry.body, system);
    case 'note':
      return { title: entry.body.text, lines: [] };
    case 'void':
      return {
        title: `Withdrew: ${titleOf(entry.body.target) ?? 'an entry'}`,
        lines: entry.body.reason ? [entry.body.reason] : [],
      };
    default:
      return assertNever(entry);
  }
}
