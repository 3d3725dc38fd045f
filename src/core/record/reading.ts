import { type Instant, VERDICT_SCALE } from '../base';
import {
  figuresAt,
  judgeReading,
  readingEvidence,
  morningPressure,
  saysNothing,
  type ReadingJudgement,
} from '../judge';
import { isOfAir, type ReadingTool, type RigState } from '../log';
import { isWheelEnd, matesOf, type RigModel, type TirePlace } from '../rig';
import { type HouseRules, type RoutinePlace, isJudged, READING_IDS, type ReadingId } from '../rules';
import { judgePressure, type Around } from '../road';
import type { NewEntry, NewId } from './new-entry';
import { remedyFor, tellFinding } from './finding';

/** Figures read at one place with one tool (SI), with the mate's where it was read as well, and what was around. */
export interface Readings {
  readonly place: TirePlace;
  readonly by: ReadingTool;
  readonly values: Readonly<Partial<Record<ReadingId, number>>>;
  readonly mate?: number | undefined;
  readonly around: Around;
}

/** What is known where something was read. */
export interface ReadAt {
  readonly rig: RigState;
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly now: Instant;
}

/** The verdict on a figure as it was taken; undefined where it says nothing, or there is nothing to hold it against. */
export function judgeTaken(
  what: ReadingId,
  value: number,
  { place, mate, around }: Pick<Readings, 'place' | 'mate' | 'around'>,
  { rig, model, house, now }: ReadAt,
): ReadingJudgement | undefined {
  if (!isJudged(what)) return undefined;
  if (what === 'hub-temp' && saysNothing(value, around.air)) return undefined;
  const rolled = around.tires === 'warm';
  const figures = figuresAt(rig, place);
  return what === 'pressure'
    ? judgePressure(value, {
        place,
        model,
        house,
        around,
        figures,
        morning: morningPressure(rig.read, place, now),
      }).judgement
    : judgeReading(what, value, {
        model,
        place,
        house,
        mate,
        air: around.air,
        descent: around.descent,
        rolled,
        ...figures,
      });
}

/** Pressures that were out of their limits and are not any more, by the figure that was read just now. */
function airGone(readings: Readings, at: ReadAt): readonly NewEntry[] {
  const value = readings.values.pressure;
  const judgement = value === undefined ? undefined : judgeTaken('pressure', value, readings, at);
  if (value === undefined || judgement?.verdict !== 'clear') return [];
  return Object.values(at.rig.findings)
    .filter(({ place, of }) => place === readings.place && isOfAir(of))
    .map(({ id }) => ({
      kind: 'finding.closed',
      body: { finding: id, gone: true, of: readingEvidence(judgement, 'pressure', value) },
    }));
}

/** What some readings put on the log: themselves, a pressure that is right again, and one finding where the gravest of them is not clear. */
export function readingEntries(readings: Readings, at: ReadAt, newId: NewId): readonly NewEntry[] {
  const { place, by, values, mate, around } = readings;
  const { rig, model, house } = at;
  const across = isWheelEnd(place) ? matesOf(place, model).across : undefined;
  const taken = READING_IDS.flatMap((what) => {
    const value = values[what];
    return value === undefined ? [] : [{ place, what, value, by }];
  });
  const reading = newId();
  const entry: NewEntry = {
    kind: 'reading',
    id: reading,
    body: {
      taken: [
        ...taken,
        ...(mate !== undefined && across
          ? [{ place: across as RoutinePlace, what: 'hub-temp' as const, value: mate, by }]
          : []),
      ],
      ...(Object.keys(around).length > 0 && { around }),
    },
  };
  const [bad] = taken
    .flatMap(({ what, value }) => {
      const judgement = judgeTaken(what, value, readings, at);
      return judgement && judgement.verdict !== 'clear'
        ? [{ what, value, judgement, verdict: judgement.verdict }]
        : [];
    })
    .sort((a, b) => VERDICT_SCALE.gravestFirst(a.verdict, b.verdict) || a.value - b.value);
  const gone = airGone(readings, at);
  if (!bad) return [entry, ...gone];
  const { what, value, judgement, verdict } = bad;
  return [
    entry,
    ...gone,
    tellFinding(
      {
        place,
        verdict,
        of: readingEvidence(judgement, what, value),
        ...remedyFor(judgement.what, place, model, house),
      },
      { rig, from: reading },
    ),
  ];
}
