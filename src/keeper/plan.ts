import { seeded, type CivilDay, type Instant } from '@/core/base';
import { dutiesOf } from '@/core/duty';
import { historyOf, priorOf, sampleFutures, type Futures } from '@/core/forecast';
import { asOf, HOUSE, type Fold } from '@/core/log';
import { planningOf, yardProblem, type PlanRig, type YardProblem } from '@/core/plan';
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

/** What there is to plan in a yard: every rig's duties and findings, and the days its owner can give. */
export function planOf(fold: Fold, { now, first, open }: PlanAsk): YardProblem {
  const { rigs } = fold.state;
  const house = rigs[HOUSE];
  const { free, weights } = planningOf(house?.planning);
  const yard = Object.values(rigs)
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
