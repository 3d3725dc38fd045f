import {
  cureOf,
  figuresAt,
  isJudged,
  judgeReading,
  morningPressure,
  saysNothing,
  type ReadingJudgement,
} from '@/core/judge';
import type { ReadingTool } from '@/core/log';
import type { UnitSystem } from '@/core/quantity';
import { matesOf, isWheelEnd, type TirePlace } from '@/core/rig';
import { judgePressure, sameFinding, type Around } from '@/core/walk';
import type { Draft, RigView } from '@/features/common';
import { readingName, readingVerdict, small } from '@/text';

/** Figures read at one place with one tool (SI), with the mate's where it was read as well, and what was around. */
export interface Readings {
  readonly place: TirePlace;
  readonly by: ReadingTool;
  readonly values: Readonly<Record<string, number>>;
  readonly mate?: number | undefined;
  readonly around: Around;
}

type Known = Pick<RigView, 'rig' | 'model' | 'house' | 'now'>;

/** The verdict on a figure as it was taken; undefined where it says nothing, or there is nothing to hold it against. */
export function judgeTaken(
  what: string,
  value: number,
  { place, mate, around }: Pick<Readings, 'place' | 'mate' | 'around'>,
  { rig, model, now }: Known,
): ReadingJudgement | undefined {
  if (!isJudged(what)) return undefined;
  if (what === 'hub-temp' && saysNothing(value, around.air)) return undefined;
  const figures = figuresAt(rig, place);
  return what === 'pressure'
    ? judgePressure(value, {
        place,
        model,
        around,
        figures,
        morning: morningPressure(rig.read, place, now),
      }).judgement
    : judgeReading(what, value, { model, place, mate, ...figures });
}

const WEIGHT = { clear: 0, watch: 1, due: 2, stop: 3 } as const;

/** What some readings put on the log: themselves, and one finding where the gravest of them is not clear. */
export function readingEntries(
  readings: Readings,
  view: Known,
  id: () => string,
  units: UnitSystem,
): readonly Draft[] {
  const { place, by, values, mate, around } = readings;
  const { rig, model, house } = view;
  const across = isWheelEnd(place) ? matesOf(place, model).across : undefined;
  const taken = Object.entries(values).map(([what, value]) => ({ place, what, value, by }));
  const reading = id();
  const entry: Draft = {
    kind: 'reading',
    id: reading,
    body: {
      taken: [
        ...taken,
        ...(mate !== undefined && across ? [{ place: across, what: 'hub-temp', value: mate, by }] : []),
      ],
      ...(Object.keys(around).length > 0 && { around }),
    },
  };
  const bad = taken
    .flatMap(({ what, value }) => {
      const judgement = judgeTaken(what, value, readings, view);
      return judgement && judgement.verdict !== 'clear' ? [{ what, value, judgement }] : [];
    })
    .sort((a, b) => WEIGHT[b.judgement.verdict] - WEIGHT[a.judgement.verdict] || a.value - b.value)[0];
  if (!bad) return [entry];
  const { what, value, judgement } = bad;
  const verdict = judgement.verdict === 'clear' ? 'watch' : judgement.verdict;
  const of = { what, value };
  const text = `${small(readingName(what))} ${readingVerdict(judgement, value, units).said.replace(/\.$/, '')}`;
  const open = sameFinding(rig.findings, place, of);
  const pulls = cureOf(judgement.what, place, model, house);
  return [
    entry,
    open
      ? { kind: 'finding.seen', body: { finding: open.id, verdict, text, of, from: reading } }
      : {
          kind: 'finding.opened',
          body: { place, verdict, text, of, from: reading, ...(pulls && { pulls }) },
        },
  ];
}
