import { type Random, toSI } from '../base';
import { UNTOLD, sampleFutures, type TowWeek } from '../duty';
import { legsOf, outlooksOf, type PlanNode, type PlanProblem, type Wear } from '../plan';
import { PLAN_WEIGHTS, type Matter } from '../rules';

/** A job of a rig that is made up, as its maker would print it; distances in m, times in d and min. */
export interface MadeUpJob {
  readonly id: string;
  readonly matter: Matter;
  readonly own: number;
  readonly nodes: readonly number[];
  readonly distance?: number;
  readonly days?: number;
}

/** A rig that is made up: what is to be done to it, and the set-up that it takes. */
export interface MadeUpRig {
  readonly nodes: readonly PlanNode[];
  readonly jobs: readonly MadeUpJob[];
}

const miles = (value: number) => toSI(value, 'mi');

/** What comes round at a wheel end: how deep one has to go (0 on the ground, 1 up, 2 wheel off, 3 hub off), its own minutes, and its interval. */
const AT_AN_END = [
  ['repack', 3, 42, 'safety', 12_000, 365],
  ['brake-adjust', 1, 6, 'safety', undefined, 120],
  ['tire-look', 0, 5, 'safety', undefined, 365],
  ['lug-torque', 0, 4, 'safety', undefined, 182],
  ['grease', 1, 6, 'upkeep', 2000, undefined],
  ['hub-look', 1, 5, 'safety', 2000, 365],
  ['brake-measure', 2, 12, 'safety', undefined, 365],
] as const;

/** What comes round for the rig as a whole. */
const BODY = [
  ['lights', 10, 'safety', undefined, 365],
  ['contacts', 18, 'upkeep', undefined, 365],
  ['breakaway-test', 8, 'safety', undefined, 365],
  ['gear-look', 25, 'safety', undefined, 365],
  ['underside', 22, 'safety', 2000, undefined],
  ['pivots', 25, 'upkeep', 2000, 365],
  ['battery-renew', 12, 'safety', undefined, 730],
  ['wash', 40, 'upkeep', undefined, 365],
  ['spares', 8, 'safety', undefined, 182],
] as const;

/** A rig of so many axles with all that comes round on it. */
export function madeUpRig(axles: number): MadeUpRig {
  const nodes: PlanNode[] = [
    { minutes: PLAN_WEIGHTS.dirty, above: [] },
    { minutes: 14, above: [0] },
  ];
  const jobs: MadeUpJob[] = [];
  for (const end of Array.from(
    { length: axles * 2 },
    (_, i) => `${(i >> 1) + 1}${i % 2 === 0 ? 'L' : 'R'}`,
  )) {
    const up = nodes.length;
    nodes.push({ minutes: 9, above: [1, 0] });
    nodes.push({ minutes: 16, above: [up, 1, 0] });
    nodes.push({ minutes: 18, above: [up + 1, up, 1, 0] });
    for (const [work, depth, own, matter, distance, days] of AT_AN_END)
      jobs.push({
        id: `${work}@${end}`,
        matter,
        own,
        nodes: [...Array.from({ length: depth }, (_, i) => up + depth - 1 - i), 1, 0],
        ...(distance !== undefined && { distance: miles(distance) }),
        ...(days !== undefined && { days }),
      });
  }
  for (const [work, own, matter, distance, days] of BODY)
    jobs.push({
      id: `${work}@rig`,
      matter,
      own,
      nodes: [1, 0],
      ...(distance !== undefined && { distance: miles(distance) }),
      ...(days !== undefined && { days }),
    });
  return { nodes, jobs };
}

/** Weeks of an owner who tows mostly in summer, for two years before a day in April. */
export function madeUpWeeks(random: Random): readonly TowWeek[] {
  return Array.from({ length: 104 }, (_, w) => {
    const month = Math.floor((3.5 + (w - 104) / 4.345 + 48) % 12);
    const goes = random() < (month >= 4 && month <= 8 ? 0.45 : 0.05);
    return { month, distance: goes ? miles(40 + 160 * random()) : 0, launches: 0 };
  });
}

/** Where the meters of a made-up job stand: used (m, d), as a share of its interval. */
export function wearsOf(
  job: MadeUpJob,
  share: { readonly distance: number; readonly days: number },
): readonly Wear[] {
  const { distance, days } = job;
  return [
    ...(distance === undefined
      ? []
      : [
          { meter: 'distance', left: distance * (1 - share.distance), limit: distance, again: true } as const,
        ]),
    ...(days === undefined
      ? []
      : [{ meter: 'days', due: days * (1 - share.days), limit: days, again: true } as const]),
  ];
}

/** A problem of so many jobs and days on a made-up rig: the same from the same numbers. */
export function madeUpProblem(
  about: { readonly jobs: number; readonly days: number },
  random: Random,
): PlanProblem {
  const rig = madeUpRig(about.jobs > 50 ? 6 : 3);
  const shuffled = rig.jobs.map((job) => ({ job, at: random() })).sort((a, b) => a.at - b.at);
  const jobs = shuffled.slice(0, about.jobs).map(({ job }) => job);
  // Both days of each weekend.
  const at = Array.from({ length: about.days }, (_, k) => 3 + 7 * Math.floor(k / 2) + (k % 2));
  const end = (at.at(-1) ?? 0) + 7;
  const futures = sampleFutures(
    madeUpWeeks(random),
    { now: '2026-04-15T12:00:00.000Z', weeks: Math.ceil(end / 7) + 1, count: 100, prior: UNTOLD },
    random,
  );
  const seen = outlooksOf(futures, [...at, end]);
  return {
    days: at.map((day) => ({
      day: new Date(Date.UTC(2026, 3, 15 + day)).toISOString().slice(0, 10),
      capacity: 360,
    })),
    nodes: rig.nodes,
    jobs: jobs.map((job) => {
      const share = { distance: 0.2 + random(), days: 0.2 + random() };
      const setUp = job.nodes.reduce((sum, node) => sum + (rig.nodes[node]?.minutes ?? 0), 0);
      const { legs, late, wasted, repeats } = legsOf(
        {
          wears: wearsOf(job, share),
          ripe: random() < 0.06,
          weight: PLAN_WEIGHTS.late[job.matter],
          doing: job.own + setUp - PLAN_WEIGHTS.dirty - 14,
          later: setUp,
          slips: PLAN_WEIGHTS.slips,
        },
        seen,
      );
      return { id: job.id, own: job.own, nodes: job.nodes, legs, late, wasted, repeats };
    }),
  };
}
