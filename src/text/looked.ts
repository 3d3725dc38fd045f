import type { ConflictCode, Lamp, Shows } from '@/core/judge';
import type { EntryOf, GoDecision, ReadingTool } from '@/core/log';
import { formatMoney, type UnitSystem } from '@/core/base';
import { conflictWords } from './conflict';
import type { EntryWords } from './entry-words';
import { gradeWords, SUBJECT_WORDS } from './grades';
import { faultsWords, LAMP_WORDS, SHOWS_WORDS } from './fault-names';
import { SIGHT_WORDS } from './faults';
import { placeName } from './gear';
import { capital, count, list, measure, small } from './measure';
import { readingName } from './readings';
import { readingValue } from './reading-value';
import { routineTitle } from './routines';
import { GO_WORDS, WALK_WORDS } from './walk';

type LookedEntry =
  EntryOf<'walk'> | EntryOf<'reading'> | EntryOf<'lights'> | EntryOf<'photo'> | EntryOf<'opinion'>;
type Taken = EntryOf<'reading'>['body']['taken'][number];

const BY_WORDS: Record<ReadingTool, string> = {
  gauge: 'gauge',
  thermometer: 'thermometer',
  ruler: 'rule',
  dial: 'dial',
  meter: 'meter',
  hand: 'hand',
  eye: 'eye',
  instrument: 'instrument',
};

/** What some readings are of, the parts of one look as one. */
function whatsOf(taken: readonly Taken[]): readonly string[] {
  return [...new Set(taken.map(({ what }) => (what.startsWith('tread') ? 'tread' : readingName(what))))];
}

function takenLines(taken: readonly Taken[], system: UnitSystem): readonly string[] {
  const whats = [...new Set(taken.map(({ what }) => what))];
  return whats.map((what) => {
    const those = taken.filter((one) => one.what === what);
    const by = [
      ...new Set(those.flatMap(({ by: tool, from }) => from?.name ?? (tool ? [BY_WORDS[tool]] : []))),
    ];
    const figures = those.map(({ place, value }) =>
      place === 'rig'
        ? readingValue(what, value, system)
        : `${placeName(place)} ${readingValue(what, value, system)}`,
    );
    return `${capital(readingName(what))}: ${figures.join(' · ')}${by.length > 0 ? `, by ${list(by)}` : ''}`;
  });
}

function aroundLines(around: EntryOf<'reading'>['body']['around'], system: UnitSystem): readonly string[] {
  if (!around) return [];
  const parts = [
    ...(around.air === undefined ? [] : [`air ${measure(around.air, 'temperature', system)}`]),
    ...(around.tires ? [`tires ${around.tires}`] : []),
    ...(around.altitude === undefined ? [] : [`altitude ${measure(around.altitude, 'height', system)}`]),
  ];
  return parts.length > 0 ? [capital(parts.join(', '))] : [];
}

type TitleOf = (id: string) => string | undefined;

function standingWords(
  standing: NonNullable<GoDecision['standing']>[number],
  system: UnitSystem,
  titleOf: TitleOf,
): string {
  if ('finding' in standing) return titleOf(standing.finding) ?? 'A finding';
  if ('routine' in standing) return `Due: ${small(routineTitle(standing.routine, [standing.place]))}`;
  if ('open' in standing) return `Work left open: ${placeName(standing.open)}`;
  return `${placeName(standing.place)}: ${conflictWords({ ...standing, code: standing.conflict as ConflictCode }, system).title}`;
}

function walkWords({ body }: EntryOf<'walk'>, system: UnitSystem, titleOf: TitleOf): EntryWords {
  const { walk, looked, decision } = body;
  const skipped = looked.filter(({ as }) => as === 'skipped').length;
  const wrong = looked.filter(({ as }) => as === 'not-right').length;
  const bad = body.conditions.filter(
    ({ subject, grade }) => grade !== Object.keys(SUBJECT_WORDS[subject].grades)[0],
  );
  return {
    title: `${WALK_WORDS[walk].title}: ${decision ? small(GO_WORDS[decision.go].word) : wrong > 0 ? count(wrong, 'thing') + ' not right' : 'clear'}`,
    lines: [
      `${count(looked.length - skipped, 'item')} checked${skipped > 0 ? `, ${skipped} skipped` : ''}`,
      ...(decision && decision.go !== decision.rule
        ? [`By rule: ${small(GO_WORDS[decision.rule].word)}; you decided otherwise`]
        : []),
      ...(decision?.until ? [`Until: ${decision.until}`] : []),
      ...(decision?.why ? [decision.why] : []),
      ...(decision?.standing?.map((one) => standingWords(one, system, titleOf)) ?? []),
      ...(decision?.worded ?? []),
      ...(decision?.where ? [`At ${decision.where}`] : []),
      ...bad.map(
        ({ place, subject, grade }) =>
          `${placeName(place)}: ${SUBJECT_WORDS[subject].name} ${small(gradeWords(subject, grade, system))}`,
      ),
      ...takenLines(body.taken, system),
      ...aroundLines(body.around, system),
      ...(body.note ? [body.note] : []),
    ],
  };
}

function lightsWords({ body }: EntryOf<'lights'>): EntryWords {
  const bad = body.results.filter(({ result }) => result !== 'ok');
  return {
    title: bad.length === 0 ? 'Lamps tested: all work' : `Lamps tested: ${count(bad.length, 'failure')}`,
    lines: [
      ...bad.map(
        ({ lamp, shows, result }) =>
          `${LAMP_WORDS[lamp as Lamp] ?? lamp}, ${small(SHOWS_WORDS[shows as Shows] ?? shows)}: ${small(SIGHT_WORDS[result])}`,
      ),
      ...(body.cause
        ? [
            `Likely: ${body.cause.said ?? faultsWords(body.cause.faults)} (${Math.round(body.cause.sure * 100)} %)`,
          ]
        : []),
      ...(body.note ? [body.note] : []),
    ],
  };
}

/** A look in words: a walk, a reading, a lamp test, a picture, an opinion. */
export function lookedWords(entry: LookedEntry, system: UnitSystem, titleOf: TitleOf): EntryWords {
  switch (entry.kind) {
    case 'walk':
      return walkWords(entry, system, titleOf);
    case 'reading': {
      const { taken, around, note } = entry.body;
      const first = taken[0];
      const title =
        taken.length === 1 && first
          ? `${first.place === 'rig' ? '' : `${placeName(first.place)} `}${readingName(first.what)} ${readingValue(first.what, first.value, system)}`
          : `${list(whatsOf(taken))} read at ${count(new Set(taken.map(({ place }) => place)).size, 'place')}`;
      return {
        title: capital(title),
        lines: [...takenLines(taken, system), ...aroundLines(around, system), ...(note ? [note] : [])],
      };
    }
    case 'lights':
      return lightsWords(entry);
    case 'photo': {
      const { place, note, bytes, width, height } = entry.body;
      return {
        title: `Photo of ${placeName(place)}`,
        lines: [...(note ? [note] : []), `${width} × ${height}, ${Math.round(bytes / 1000)} kB`],
      };
    }
    case 'opinion': {
      const { who, said, on, quote, decided, place } = entry.body;
      return {
        title: `${placeName(place)}, ${who}: ${said}`,
        lines: [
          ...(on ? [`On: ${on}`] : []),
          ...(quote ? [`Quoted ${formatMoney(quote)}`] : []),
          ...(decided ? [`Decided: ${decided}`] : []),
        ],
      };
    }
  }
}
