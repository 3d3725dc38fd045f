import { DAY_MS, seeded, toSI, type Random } from '../base';
import { sampleFutures, UNTOLD, type TowWeek } from '../duty';
import { construct, legsOf, outlooksOf, type PlanProblem } from '../plan';
import { PLAN_WEIGHTS } from '../rules';
import { madeUpRig, madeUpWeeks, wearsOf, type MadeUpJob, type MadeUpRig } from './made-up-plan';

/** Ways of looking after a trailer that are played against each other. */
export const POLICIES = ['plan', 'apart', 'block', 'overdue'] as const;
export type Policy = (typeof POLICIES)[number];

/** What a season came to under a policy: set-up and own work (min), value thrown away (min), miles past limits (m) and how many jobs were towed past theirs. */
export interface Season {
  readonly setUp: number;
  readonly own: number;
  readonly wasted: number;
  readonly late: number;
  /** Of those miles (m), the ones of jobs that matter for safety. */
  readonly lateSafety: number;
  readonly past: number;
  readonly days: number;
}

/** How a season is played. */
export interface SeasonAbout {
  readonly weeks: number;
  readonly futures: number;
  /** Called when a plan is begun: true for as long as it may be worked on. */
  readonly patience: () => () => boolean;
}

const CAPACITY = 360;
/** Weekends that fall out: rain, visitors, work. */
const FALLS_OUT = 0.15;
/** A week in which something is found that cannot wait. */
const FOUND = 0.06;
/** How far ahead the plan looks (weeks). */
const AHEAD = 16;
/** By itself a job is done once so much of its interval is used. */
const NEARLY = 0.92;
/** Overdue begins past its limit by a tenth. */
const OVERDUE = 1.1;

/** Where each job of a rig stands: towed (m) and gone (d) since it was last done, and whether something was found. */
interface Standing {
  distance: number;
  days: number;
  found: boolean;
}

const shareOf = (job: MadeUpJob, at: Standing) =>
  at.found ? Infinity : Math.max(at.distance / (job.distance ?? Infinity), at.days / (job.days ?? Infinity));

const minutesOf = ({ nodes }: MadeUpRig, some: Iterable<number>) =>
  [...new Set(some)].reduce((sum, node) => sum + (nodes[node]?.minutes ?? 0), 0);

/** A day's work: which jobs, and whether each is set up for by itself. */
interface DayWork {
  readonly jobs: readonly number[];
  readonly apart: boolean;
}

function planned(
  rig: MadeUpRig,
  now: readonly Standing[],
  week: number,
  history: readonly TowWeek[],
  about: SeasonAbout,
  random: Random,
): readonly DayWork[] {
  const weeks = Math.min(AHEAD, about.weeks - week + 4);
  const at = Array.from({ length: weeks * 2 }, (_, k) => 7 * Math.floor(k / 2) + (k % 2));
  const end = weeks * 7;
  const start = new Date(Date.UTC(2026, 3, 18) + week * 7 * DAY_MS).toISOString();
  const futures = sampleFutures(
    history,
    { now: start, weeks: weeks + 1, count: about.futures, prior: UNTOLD },
    random,
  );
  const seen = outlooksOf(futures, [...at, end]);
  const problem: PlanProblem = {
    days: at.map((day) => ({ day: String(day), capacity: CAPACITY })),
    nodes: rig.nodes,
    jobs: rig.jobs.map((job, j) => {
      const standing = now[j] ?? { distance: 0, days: 0, found: false };
      const setUp = minutesOf(rig, job.nodes);
      const legs = legsOf(
        {
          wears: wearsOf(job, {
            distance: standing.distance / (job.distance ?? 1),
            days: standing.days / (job.days ?? 1),
          }),
          ripe: standing.found,
          // What was found stands against towing, whatever it is.
          weight: PLAN_WEIGHTS.late[standing.found ? 'safety' : job.matter],
          doing:
            job.own +
            minutesOf(
              rig,
              job.nodes.filter((node) => node > 1),
            ),
          later: setUp,
          slips: PLAN_WEIGHTS.slips,
        },
        seen,
      );
      return { id: job.id, own: job.own, nodes: job.nodes, ...legs };
    }),
  };
  const { visits } = construct(problem, about.patience());
  return [0, 1].map((day) => ({
    jobs: rig.jobs.flatMap((_, j) => ((visits[j] ?? []).includes(day) ? [j] : [])),
    apart: false,
  }));
}

/** The jobs that fit into the two days of a weekend, the most used up first. */
function weekend(rig: MadeUpRig, jobs: readonly number[], apart: boolean): readonly DayWork[] {
  const days: { jobs: number[]; nodes: Set<number>; used: number }[] = [0, 1].map(() => ({
    jobs: [],
    nodes: new Set<number>(),
    used: 0,
  }));
  for (const j of jobs) {
    const job = rig.jobs[j];
    if (!job) continue;
    for (const day of days) {
      const opening = apart ? job.nodes : job.nodes.filter((node) => !day.nodes.has(node));
      const takes = job.own + minutesOf(rig, opening);
      if (day.used + takes > CAPACITY) continue;
      day.used += takes;
      day.jobs.push(j);
      for (const node of job.nodes) day.nodes.add(node);
      break;
    }
  }
  return days.map((day) => ({ jobs: day.jobs, apart }));
}

/** Plays one season under a policy: the same trips, weekends and findings for every policy of a seed. */
export function playSeason(policy: Policy, seed: number, about: SeasonAbout): Season {
  const life = seeded(seed);
  const rig = madeUpRig(2);
  const history = [...madeUpWeeks(life)];
  const now: Standing[] = rig.jobs.map((job) => ({
    distance: (job.distance ?? 0) * life() * 0.95,
    days: (job.days ?? 0) * life() * 0.95,
    found: false,
  }));
  const weeks = Array.from({ length: about.weeks }, () => ({
    falls: life() < FALLS_OUT,
    trip: life(),
    far: toSI(40 + 160 * life(), 'mi'),
    finds: life() < FOUND,
    at: Math.floor(life() * rig.jobs.length),
  }));
  const chances = seeded(seed * 31 + 7);
  const total = { setUp: 0, own: 0, wasted: 0, late: 0, lateSafety: 0, days: 0 };
  const past = new Set<number>();
  const blocked = new Set<number>();
  const ripe = (least: number) =>
    rig.jobs
      .map((job, j) => ({ j, share: shareOf(job, now[j] ?? { distance: 0, days: 0, found: false }) }))
      .filter(({ share }) => share >= least)
      .sort((a, b) => b.share - a.share)
      .map(({ j }) => j);
  const choose = (week: number): readonly DayWork[] => {
    switch (policy) {
      case 'plan':
        return planned(rig, now, week, history, about, chances);
      case 'apart':
        return weekend(rig, ripe(NEARLY), true);
      case 'overdue':
        return weekend(rig, ripe(OVERDUE), false);
      case 'block': {
        const left = rig.jobs.map((_, j) => j).filter((j) => !blocked.has(j));
        return left.length > 0 ? weekend(rig, left, false) : weekend(rig, ripe(Infinity), false);
      }
    }
  };
  weeks.forEach((life, week) => {
    const date = new Date(Date.UTC(2026, 3, 18) + week * 7 * DAY_MS);
    if (!life.falls)
      for (const day of choose(week)) {
        if (day.jobs.length === 0) continue;
        const open = new Set<number>();
        for (const j of day.jobs) {
          const job = rig.jobs[j];
          const at = now[j];
          if (!job || !at) continue;
          blocked.add(j);
          total.own += job.own;
          const doing =
            job.own +
            minutesOf(
              rig,
              job.nodes.filter((node) => node > 1),
            );
          total.wasted += Math.max(0, 1 - shareOf(job, at)) * doing;
          if (day.apart) total.setUp += minutesOf(rig, job.nodes);
          for (const node of job.nodes) open.add(node);
          now[j] = { distance: 0, days: 0, found: false };
        }
        total.days += day.apart ? day.jobs.length : 1;
        if (!day.apart) total.setUp += minutesOf(rig, open);
      }
    const month = date.getUTCMonth();
    const towed = life.trip < (month >= 4 && month <= 8 ? 0.45 : 0.05) ? life.far : 0;
    history.push({ month, distance: towed, launches: 0 });
    rig.jobs.forEach((job, j) => {
      const at = now[j];
      if (!at) return;
      const left = at.found ? 0 : (job.distance ?? Infinity) - at.distance;
      const over =
        at.found || at.days >= (job.days ?? Infinity) ? towed : Math.max(0, towed - Math.max(0, left));
      if (over > 0) {
        total.late += over;
        if (job.matter === 'safety') total.lateSafety += over;
        past.add(j);
      }
      at.distance += towed;
      at.days += 7;
    });
    const found = now[life.at];
    if (life.finds && found) found.found = true;
  });
  return { ...total, past: past.size };
}
