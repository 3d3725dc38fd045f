import { addDays, type Instant } from '../base';
import type { RigState } from '../log';
import { isWheelEnd, sideOf, type RigModel, type Side } from '../rig';
import type { HouseRules, RoutinePlace } from '../rules';
import type { Job } from './card';
import { compile } from './compile';
import { needsOf, stockOf, type PartNeed } from './needs';

/** Parts take so long to come (d), as far as nobody knows better: our figure. */
const LEAD = 10;

/** Work ahead on a rig, and the day it is wanted by. */
export interface WorkAhead {
  readonly rig: RigState;
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly jobs: readonly { readonly job: Job; readonly by: Instant }[];
}

/** One line of what to order for a rig: ends are counted, never pairs. */
export interface OrderLine {
  readonly rig: string;
  readonly part: PartNeed['part'] | 'pins';
  /** What was read off the one that sits there. */
  readonly number: string | undefined;
  /** Left and right are two parts where the part has a hand. */
  readonly hand: Side | undefined;
  readonly places: readonly RoutinePlace[];
  readonly need: number;
  readonly here: number;
  readonly ordered: number;
  /** What is still to be bought. */
  readonly buy: number;
  /** Ordered later than this it comes too late. */
  readonly orderBy: Instant;
  /** Where one of that number was bought before. */
  readonly from: string | undefined;
}

/** Parts that are made for one side. */
const HANDED: ReadonlySet<PartNeed['part']> = new Set(['plate']);

/** Where a part of that number came from the last time it was bought. */
function boughtAt({ parts }: RigState, number: string | undefined): string | undefined {
  if (number === undefined) return undefined;
  return Object.values(parts)
    .filter((part) => Object.values(part.facts).some((spec) => spec?.value === number))
    .map(({ bought }) => bought?.where)
    .findLast((where) => where !== undefined);
}

interface Wanted {
  readonly part: OrderLine['part'];
  readonly number: string | undefined;
  readonly hand: Side | undefined;
  readonly place: RoutinePlace;
  readonly by: Instant;
}

/** What the work of one rig puts in, place by place; what cannot be laid out yet asks for nothing. */
function wantedOf({ rig, model, house, jobs }: WorkAhead): readonly Wanted[] {
  const all = jobs.flatMap(({ job, by }): Wanted[] => {
    const card = compile(model, [job], house, { threads: rig.threads });
    if (!card.ok) return [];
    const needs = needsOf(card.value, model, rig);
    return [
      ...needs.parts.map(({ part, number, place }) => ({
        part,
        number,
        hand: HANDED.has(part) && isWheelEnd(place) ? sideOf(place) : undefined,
        place,
        by,
      })),
      ...(needs.pins > 0 && house.cotter === 'new'
        ? [{ part: 'pins' as const, number: undefined, hand: undefined, place: job.place, by }]
        : []),
    ];
  });
  // Two works at one place put the same part in once.
  const seen = new Set<string>();
  return [...all]
    .sort((a, b) => (a.by < b.by ? -1 : a.by > b.by ? 1 : 0))
    .filter(({ part, place }) => {
      const key = `${part} ${place}`;
      if (seen.has(key)) return false;
      seen.add(key);
      return true;
    });
}

/** What to order for the work ahead of some rigs: what it puts in less what is here and on order, with the day to order by; what is here already stands with nothing to buy. */
export function toOrder(ahead: readonly WorkAhead[], now: Instant): readonly OrderLine[] {
  return ahead.flatMap((work) => {
    const groups = new Map<string, Wanted[]>();
    for (const one of wantedOf(work)) {
      const key = `${one.part} ${one.number ?? ''} ${one.hand ?? ''}`;
      groups.set(key, [...(groups.get(key) ?? []), one]);
    }
    return [...groups.values()].map((group): OrderLine => {
      const [{ part, number, hand, by }] = group as [Wanted, ...Wanted[]];
      const { here, ordered } = part === 'pins' ? { here: 0, ordered: 0 } : stockOf(work.rig, part, number);
      const need = group.length;
      const late = addDays(by, -LEAD);
      return {
        rig: work.rig.id,
        part,
        number,
        hand,
        places: group.map(({ place }) => place),
        need,
        here,
        ordered,
        buy: Math.max(0, need - here - ordered),
        orderBy: late < now ? now : late,
        from: boughtAt(work.rig, number),
      };
    });
  });
}
