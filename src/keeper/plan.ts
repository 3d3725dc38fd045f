import { seeded, type CivilDay, type Instant } from '@/core/base';
import { dutiesOf, historyOf, priorOf, sampleFutures, type Futures } from '@/core/duty';
import { asOf, HOUSE, type Fold } from '@/core/log';
import {
  cardOf,
  planningOf,
  timeOf,
  yardProblem,
  type CardTime,
  type PlanRig,
  type YardProblem,
} from '@/core/plan';
import type { Job } from '@/core/routine';
import { rulesFor, seasonOf } from '@/core/rules';

/** What a page asks: the moment, the first day that can be chosen, and the jobs that are on open cards, by rig. */
export interface PlanAsk {
  readonly now: Instant;
  readonly first: CivilDay;
  readonly open: Readonly<Record<string, readonly Job[]>>;
}

const COUNT = 200;
/** One seed for all: the same record gives the same plan on every device. */
const SEED = 1;

/** The rigs of a yard that are looked after, with all that their plan follows from. */
function rigsOf(fold: Fold, now: Instant, open: PlanAsk['open']): readonly PlanRig[] {
  const { rigs } = fold.state;
  const house = rigs[HOUSE];
  return Object.values(rigs)
    .filter((rig) => rig.id !== HOUSE && rig.model !== undefined && !rig.retired)
    .sort((a, b) => ((a.since ?? '') < (b.since ?? '') ? -1 : 1))
    .flatMap((told): PlanRig[] => {
      const rig = asOf(told, now);
      const { model } = rig;
      if (!model) return [];
      const rules = rulesFor(house?.rules ?? {}, rig.rules);
      const season = seasonOf(house?.season, rig.season);
      const duties = dutiesOf(rig, now, rules, season);
      return [{ rig, model, house: rules, season, duties, open: open[rig.id] ?? [] }];
    });
}

/** What there is to plan in a yard: every rig's duties and findings, and the days its owner can give. */
export function planOf(fold: Fold, { now, first, open }: PlanAsk): YardProblem {
  const { free, weights } = planningOf(fold.state.rigs[HOUSE]?.planning);
  const yard = rigsOf(fold, now, open);
  const futures = new Map<string, Futures>();
  for (const { rig, model } of yard)
    futures.set(
      rig.id,
      sampleFutures(
        historyOf(fold, rig.id, now),
        {
          now: `${first}T00:00:00.000Z`,
          weeks: free.weeks + 1,
          count: COUNT,
          prior: priorOf(model),
          planned: Object.values(rig.planned).filter(({ at }) => at.slice(0, 10) >= first),
        },
        seeded(SEED),
      ),
    );
  return yardProblem({
    rigs: yard,
    futures: (rig) => {
      const own = futures.get(rig);
      if (!own) throw new Error(`no futures of ${rig}`);
      return own;
    },
    now,
    first,
    free,
    weights,
  });
}

/** The jobs of some yard days, by rig. */
export interface DaysAsk {
  readonly now: Instant;
  readonly days: readonly {
    readonly day: CivilDay;
    readonly rigs: readonly { readonly rig: string; readonly jobs: readonly Job[] }[];
  }[];
}

/** How long some yard days take, by their cards as the Bench lays them out, getting ready and cleaning up included. */
export function dayTimes(fold: Fold, { now, days }: DaysAsk): Readonly<Record<CivilDay, CardTime>> {
  const { weights } = planningOf(fold.state.rigs[HOUSE]?.planning);
  const rigs = new Map(rigsOf(fold, now, {}).map((one) => [one.rig.id, one]));
  return Object.fromEntries(
    days.map(({ day, rigs: asked }) => {
      const times = asked.flatMap(({ rig, jobs }) => {
        const about = rigs.get(rig);
        const card = about && cardOf(about, jobs);
        return about && card?.ok ? [timeOf(card.value, about.rig.pace)] : [];
      });
      const sum = (of: (time: CardTime) => number) =>
        times.reduce((all, time) => all + of(time), weights.dirty);
      const minutes = sum((time) => time.minutes);
      const own = times.reduce((all, time) => all + time.own * time.minutes, 0);
      return [
        day,
        {
          minutes,
          low: sum((time) => time.low),
          high: sum((time) => time.high),
          own: own / Math.max(1, minutes),
        },
      ];
    }),
  );
}
