import { DAY_MS, msOf, type CivilDay, type Instant } from '../base';
import { type Duty, dutyBand, fallsOn, type Band, type Futures } from '../duty';
import type { PlannedState } from '../log';
import { checkpoints, routineDef, type FreeDays, type PlanWeights } from '../rules';
import { legsOf, outlooksOf, type LegsAbout, type Wear } from './legs';
import type { PlanDay, PlanJob, PlanProblem } from './problem';
import { sharedSetUp } from './set-up';
import { minutesOfCard, workOfRig, type PlanRig, type PlanWork, type Unplanned } from './work';

/** What a plan of a yard follows from. */
export interface YardAsked {
  readonly rigs: readonly PlanRig[];
  /** Sampled futures of a rig, from the first day's morning. */
  readonly futures: (rig: string) => Futures;
  readonly now: Instant;
  /** The first day that can be chosen. */
  readonly first: CivilDay;
  readonly free: FreeDays;
  readonly weights: PlanWeights;
}

/** A piece of work as the page tells of it; its card is laid out anew where it is looked at. */
export interface WorkToPlan extends Omit<PlanWork, 'card'> {
  /** Something else that is planned does it by the way, wherever they meet. */
  readonly byTheWay: boolean;
  /** Minutes of its card by itself. */
  readonly minutes: number;
  /** When it is likely to fall due; undefined where nothing is on record. */
  readonly band: Band | undefined;
  /** The planned trip that it would fall due on. */
  readonly onTrip: { readonly trip: PlannedState; readonly distance: number | undefined } | undefined;
  /** It has to be done before this trip. */
  readonly before: PlannedState | undefined;
  /** Its parts take until then. */
  readonly partsBy: CivilDay | undefined;
}

/** A yard's plan to be made: the problem, and what its numbers stand for. */
export interface YardProblem {
  readonly problem: PlanProblem;
  /** Work by job number. */
  readonly works: readonly WorkToPlan[];
  /** What does not fall due before the plan ends. */
  readonly later: readonly WorkToPlan[];
  readonly rest: readonly Unplanned[];
  readonly from: CivilDay;
  readonly to: CivilDay;
  /** The trips planned within it, by rig. */
  readonly trips: readonly (PlannedState & { readonly rig: string })[];
  /** What each rig is expected to be towed (m) by the end of each week: the middle of its futures. */
  readonly towed: Readonly<Record<string, readonly number[]>>;
  readonly weights: PlanWeights;
}

/** The civil day so many days after another. */
export function dayAfter(day: CivilDay, days: number): CivilDay {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}

/** Days from one civil day to another. */
export function daysApart(from: CivilDay, to: CivilDay): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS);
}

/** The days that an owner can give, from a first one: none in a blocked span, and none on which a trip leaves. */
function freeDays(
  first: CivilDay,
  free: FreeDays,
  leaving: ReadonlySet<CivilDay> = new Set(),
): readonly PlanDay[] {
  return Array.from({ length: free.weeks * 7 }, (_, i) => dayAfter(first, i)).flatMap((day) => {
    const capacity = free.week[(new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7] ?? 0;
    const blocked = free.blocked.some(({ from, to }) => from <= day && day <= to);
    return capacity > 0 && !blocked && !leaving.has(day) ? [{ day, capacity }] : [];
  });
}

/** What wears a duty out, seen from a first day. */
function wearsOf(duty: Duty, { rig, season }: PlanRig, now: Instant, first: Instant): readonly Wear[] {
  const start = msOf(first);
  if (duty.reason === 'deferred' && duty.deferral) {
    const { until, distance } = duty.deferral;
    return [
      ...(until === undefined
        ? []
        : [{ meter: 'days' as const, due: (msOf(until) - start) / DAY_MS, limit: 365, again: true }]),
      ...(distance === undefined
        ? []
        : [
            {
              meter: 'distance' as const,
              left: distance - rig.distance,
              limit: Math.max(1, distance),
              again: true,
            },
          ]),
    ];
  }
  return duty.meters.flatMap((use): readonly Wear[] => {
    const again = use.cause === undefined;
    if (use.meter === 'trips') return [];
    if (use.meter !== 'days')
      return [
        { meter: use.meter, left: Math.max(0, use.limit - use.used), limit: Math.max(1, use.limit), again },
      ];
    const from = duty.from ? msOf(duty.from.at) : msOf(now) - use.used * DAY_MS;
    const due = (from + use.limit * DAY_MS - start) / DAY_MS;
    if (!use.season || !season) return [{ meter: 'days', due, limit: Math.max(1, use.limit), again }];
    const done = duty.from?.at ?? now;
    const offset = (moment: Instant) => (msOf(moment) - start) / DAY_MS;
    // What was set up after a time of the season that is still open counts for it as the duty does.
    const points = checkpoints(season, use.season, now)
      .filter(({ opens, lapses }) => opens > done && (lapses === undefined || lapses > now))
      .map(({ opens, at }) => ({ opens: offset(opens), due: offset(at) }));
    return [{ meter: 'season', points, again }];
  });
}

/** Ripe whatever its meters say: something was found, or nothing is on record. */
const isRipe = ({ findings, duties }: PlanWork) =>
  findings.length > 0 || duties.some(({ verdict }) => verdict === 'unknown');

/** When the first of some duties falls due. */
function bandOf(duties: readonly Duty[], futures: Futures): Band | undefined {
  return duties
    .flatMap((duty) => dutyBand(duty, futures) ?? [])
    .reduce<Band | undefined>(
      (first, band) => (first && (first.likely ?? '9') <= (band.likely ?? '9') ? first : band),
      undefined,
    );
}

/** The planned trip that the first of some duties would fall due on, and how far out (m). */
function onTripOf(
  duties: readonly Duty[],
  futures: Futures,
  planned: readonly PlannedState[],
): WorkToPlan['onTrip'] {
  for (const duty of duties) {
    const falls = fallsOn(duty, futures, planned);
    const trip = planned.find(({ at }) => at === falls?.trip.at);
    if (falls && trip) return { trip, distance: falls.distance };
  }
  return undefined;
}

/** Lays a yard's duties, findings and free days out as a problem to be solved. */
export function yardProblem(asked: YardAsked): YardProblem {
  const { rigs, futures, now, first, free, weights } = asked;
  const start: Instant = `${first}T00:00:00.000Z`;
  const to = dayAfter(first, free.weeks * 7);
  const trips = rigs
    .flatMap(({ rig }) => Object.values(rig.planned).map((trip) => ({ ...trip, rig: rig.id })))
    .filter(({ at }) => at.slice(0, 10) >= first && at.slice(0, 10) < to)
    .sort((a, b) => (a.at < b.at ? -1 : 1));
  const days = freeDays(first, free, new Set(trips.map(({ at }) => at.slice(0, 10))));
  const end = free.weeks * 7;
  const at = [...days.map(({ day }) => daysApart(first, day)), end];
  const laid = rigs.map((one) => ({ one, ...workOfRig(one) }));
  const all = laid.flatMap(({ one, works }) => works.map((work) => ({ one, work })));
  const shared = sharedSetUp(
    all.map(({ work }) => work),
    weights.dirty,
  );
  const seen = new Map(rigs.map(({ rig }) => [rig.id, outlooksOf(futures(rig.id), at)]));
  const bands = all.map(({ work }) => {
    const ripe = isRipe(work);
    return ripe ? undefined : bandOf(work.duties, futures(work.rig));
  });
  // What another does by the way wherever they meet, where that other is due within the plan as well.
  const met = new Set(
    all.flatMap(({ work }, w) =>
      isRipe(work) || (bands[w]?.likely ?? '9') < to
        ? work.jobs.flatMap(({ routine, place }) =>
            routineDef(routine).covers.map((id) => `${work.rig} ${id}@${place}`),
          )
        : [],
    ),
  );
  const jobs: PlanJob[] = [];
  const works: WorkToPlan[] = [];
  const later: WorkToPlan[] = [];
  all.forEach(({ one, work }, w) => {
    const outlooks = seen.get(work.rig);
    const { own = 0, nodes = [] } = shared.works[w] ?? {};
    if (!outlooks) return;
    const byTheWay =
      work.findings.length === 0 &&
      work.jobs.every(({ routine, place }) => met.has(`${work.rig} ${routine}@${place}`));
    const deep = nodes.filter((node) => {
      const kind = shared.nodes[node]?.of?.kind;
      return kind !== 'day' && kind !== 'rig';
    });
    const setUp = nodes.reduce((sum, node) => sum + (shared.nodes[node]?.minutes ?? 0), 0);
    const next = work.forbids ? trips.find((trip) => trip.rig === work.rig) : undefined;
    const before = next && daysApart(first, next.at.slice(0, 10));
    // Parts that cannot be here before the trip hold nothing up: the trip cannot wait for them either.
    const waits = work.partsMissing && (before === undefined || before > weights.parts);
    const about: LegsAbout = {
      wears: work.duties.flatMap((duty) => wearsOf(duty, one, now, start)),
      ripe: isRipe(work),
      // What stands against towing weighs as safety, whatever it is.
      weight: weights.late[work.forbids ? 'safety' : work.matter],
      doing: byTheWay ? 0 : own + deep.reduce((sum, node) => sum + (shared.nodes[node]?.minutes ?? 0), 0),
      later: setUp,
      slips: weights.slips,
      ...(before !== undefined && days.some(({ day }) => daysApart(first, day) < before) && { before }),
      ...(waits && { earliest: weights.parts }),
    };
    const { legs, late, wasted, repeats } = legsOf(about, outlooks);
    const { card, ...rest } = work;
    const planned = trips.filter((trip) => trip.rig === work.rig);
    const told: WorkToPlan = {
      ...rest,
      minutes: minutesOfCard(card),
      band: bands[w],
      byTheWay,
      onTrip: onTripOf(work.duties, outlooks.futures, planned),
      before: next,
      partsBy: waits ? dayAfter(first, weights.parts) : undefined,
    };
    // What no future has ripe within the plan is nothing to place.
    if (legs[at.length - 1] === 0) {
      later.push(told);
      return;
    }
    works.push(told);
    jobs.push({ id: work.id, own, nodes, legs, late, wasted, repeats });
  });
  const middle = (rig: string) => {
    const { weeks, count, distance } = futures(rig);
    return Array.from({ length: Math.min(weeks, free.weeks) }, (_, week) => {
      const by = Float64Array.from({ length: count }, (_, f) => distance[f * weeks + week] ?? 0).sort();
      return by[Math.floor(count / 2)] ?? 0;
    });
  };
  return {
    problem: { days, nodes: shared.nodes, jobs },
    works,
    later,
    rest: laid.flatMap(({ rest }) => rest),
    from: first,
    to,
    trips,
    towed: Object.fromEntries(rigs.map(({ rig }) => [rig.id, middle(rig.id)])),
    weights,
  };
}
