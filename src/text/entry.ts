import { assertNever } from '@/core/base';
import type { Entry, EntryOf, WorkBody } from '@/core/log';
import type { UnitSystem } from '@/core/quantity';
import type { RoutineId } from '@/core/rules';
import { minutes } from './dates';
import { gradeWords, SUBJECT_WORDS } from './grades';
import { capital, count, list, measure } from './measure';
import { readingName } from './readings';
import { KIND_WORDS, SOURCE_WORDS, THICKENER_WORDS, WATER_WORDS } from './rig';

/** An entry of the log as it is told: a headline, and lines that say the rest. */
export interface EntryWords {
  readonly title: string;
  readonly lines: readonly string[];
}

export const KIND_OF_ENTRY: Record<Entry['kind'], string> = {
  'rig.setup': 'Set-up',
  'rig.changed': 'Change',
  trip: 'Trip',
  meter: 'Meter',
  work: 'Work',
  recheck: 'Recheck',
  'finding.opened': 'Finding',
  'finding.closed': 'Fixed',
  note: 'Note',
  void: 'Withdrawn',
};

const DONE: Record<RoutineId, [string, string]> = {
  repack: ['Repacked', 'repacked'],
  'hub-look': ['Looked at', 'looked at'],
};
const FROM: Record<WorkBody['from'], string> = {
  bench: 'step by step on the bench',
  written: 'written down afterwards',
  memory: 'from memory',
};
const RESULT = { held: 'held at torque', moved: 'a nut moved', loose: 'loose by hand' } as const;
const PART = {
  'inner-set': 'inner bearing and race',
  'outer-set': 'outer bearing and race',
  seal: 'seal',
  pin: 'pin',
} as const;
const SEVERITY = { watch: 'Watch', due: 'Due', stop: 'Stop' } as const;

/** The value of a reading of work, with its unit. */
function readingValue(what: string, value: number | string, system: UnitSystem): string {
  if (typeof value === 'string') return value;
  if (what === 'end-play') return measure(value, 'length', system);
  if (what === 'strokes') return count(value, 'stroke');
  if (what === 'slots-back') return `${value} slots`;
  if (what.startsWith('nuts')) return count(value, 'nut');
  return String(value);
}

function workLines(work: WorkBody, system: UnitSystem): readonly string[] {
  const places = [...new Set(work.jobs.map((job) => job.place))];
  const lead = (place: string) => (places.length > 1 ? `${place}: ` : '');
  const perPlace = places.flatMap((place) => {
    const readings = work.readings
      .filter((one) => one.place === place && !one.what.startsWith('nuts') && one.what !== 'slots-back')
      .map((one) => `${readingName(one.what)} ${readingValue(one.what, one.value, system)}`);
    const grades = work.conditions
      .filter((one) => one.place === place)
      .map((one) => `${SUBJECT_WORDS[one.subject].name} ${gradeWords(one.subject, one.grade).toLowerCase()}`);
    const grease = work.materials
      .filter((one) => one.place === place)
      .map((one) => THICKENER_WORDS[one.grease].toLowerCase());
    const parts = work.renewed.filter((one) => one.place === place).map((one) => PART[one.part]);
    return [
      ...(readings.length > 0 ? [`${lead(place)}${capital(readings.join(' · '))}`] : []),
      ...(grades.length > 0 ? [`${lead(place)}${capital(grades.join(' · '))}`] : []),
      ...(grease.length > 0 ? [`${lead(place)}Grease: ${list(grease)}`] : []),
      ...(parts.length > 0 ? [`${lead(place)}Renewed: ${list(parts)}`] : []),
    ];
  });
  const limits = work.refits[0]?.limits ?? [];
  return [
    ...perPlace,
    ...(limits.length > 0
      ? [`Lug rechecks opened at ${list(limits.map((limit) => measure(limit, 'distance', system)))}`]
      : []),
    ...work.skipped.map(({ step, reason }) => `Left out (${step}): ${reason}`),
    capital(FROM[work.from]) + (work.minutes === undefined ? '' : `, ${minutes(work.minutes)}`),
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
      ...(body.note ? [body.note] : []),
    ],
  };
}

const FIELD: Record<string, string> = {
  name: 'name',
  brake: 'brake',
  hub: 'hub',
  lock: 'nut lock',
  suspension: 'suspension',
  threadPitch: 'thread pitch',
  slots: 'slots in the nut',
  pinHoles: 'pin holes',
  endPlay: 'end play window',
  studs: 'studs',
  studDiameter: 'stud diameter',
  torque: 'lug torque',
  spares: 'spares',
  miles: 'how miles come in',
  water: 'usual water',
  kind: 'kind',
  distance: 'repack distance',
  days: 'repack days',
  launches: 'repack launches',
};

/** The name of a field of a rig by its path: `thread pitch, axle 1`. */
function fieldName(path: string): string {
  const keys = path.split('.');
  const name = FIELD[keys[keys.length - 1] ?? ''] ?? path;
  return keys[0] === 'axles' ? `${name}, axle ${Number(keys[1]) + 1}` : name;
}

const DIMENSION = { threadPitch: 'length', studDiameter: 'length', torque: 'torque' } as const;

function fieldValue(path: string, value: unknown, system: UnitSystem): string {
  if (value === null) return 'no longer known';
  const key = path.split('.').pop() ?? '';
  if (typeof value === 'object' && 'value' in value) {
    const spec = value as { value: unknown; source: keyof typeof SOURCE_WORDS };
    const dimension = DIMENSION[key as keyof typeof DIMENSION];
    const shown =
      dimension && typeof spec.value === 'number'
        ? measure(spec.value, dimension, system)
        : JSON.stringify(spec.value);
    return `${shown} (${SOURCE_WORDS[spec.source].toLowerCase()})`;
  }
  return typeof value === 'string' ? value : JSON.stringify(value);
}

/** An entry as it is told in the log; `titleOf` names another entry it speaks of. */
export function entryWords(
  entry: Entry,
  system: UnitSystem,
  titleOf: (id: string) => string | undefined,
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
    case 'work': {
      const [first, more] = DONE[entry.body.jobs[0]?.routine ?? 'repack'];
      return {
        title: entry.body.jobs
          .map((job, i) =>
            `${i === 0 ? first : ''}${i > 0 && DONE[job.routine][1] !== more ? DONE[job.routine][1] : ''} ${job.place}`.trim(),
          )
          .join(', '),
        lines: workLines(entry.body, system),
      };
    }
    case 'recheck':
      return {
        title: `Lug recheck ${entry.body.place}: ${RESULT[entry.body.result]}`,
        lines: entry.body.note ? [entry.body.note] : [],
      };
    case 'finding.opened':
      return {
        title: `${entry.body.place === 'rig' ? 'Rig' : entry.body.place}: ${entry.body.text}`,
        lines: [SEVERITY[entry.body.verdict]],
      };
    case 'finding.closed':
      return { title: `Fixed: ${titleOf(entry.body.finding) ?? 'a finding'}`, lines: [entry.body.how] };
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
