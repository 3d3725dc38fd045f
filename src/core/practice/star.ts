import { normal, seeded, toSI } from '../base';
import { clampLoad, FRICTION, starGap } from '../figures';
import { judgeRecheck, type Judgement, type RecheckResult } from '../judge';
import type { StudCount } from '../rig';

/** What the nuts are driven by, and how the threads are. */
export const DRIVERS = ['wrench', 'machine'] as const;
export type Driver = (typeof DRIVERS)[number];
export const THREADS = ['dry', 'greased'] as const;
export type PracticeThreads = (typeof THREADS)[number];

/** A wheel to be tightened. All figures beside torque and diameter are assumptions of ours, chosen to show what happens, not by how much. */
export interface PracticeWheel {
  readonly studs: StudCount;
  /** Stud diameter (m) and the torque it is to get (N·m). */
  readonly diameter: number;
  readonly torque: number;
  readonly driver: Driver;
  readonly threads: PracticeThreads;
  /** Friction of each stud, and what the driver makes of the torque at each pull, by a seed. */
  readonly seed: number;
}

/** A wheel half tightened: clamp load of each stud (N), how crooked it was drawn on so far, and how many pulls were made. */
export interface WheelStand {
  readonly loads: readonly number[];
  /** Share of the full load by which one side was ahead of the other, at worst, and toward which stud. */
  readonly crooked: number;
  readonly toward: number;
  readonly pulls: number;
}

/** How friction varies from stud to stud, and torque from pull to pull (standard deviations). */
const FRICTION_SPREAD = { dry: 0.05, greased: 0.04 };
const TORQUE_SPREAD = { wrench: 0.02, machine: 0.22 };
/** What a machine that is let run gives beside what it is set to. */
const MACHINE_OVER = 1.15;
const GREASED = (FRICTION.greased.min + FRICTION.greased.max) / 2;
/** Tightening one of five studs takes load off another, of more studs each less: so much at no distance, falling off by this angle (rad). */
const RELAXES = 1.4;
const REACH = 1.2;
/** What faces lose by bedding in, and a wheel that was drawn on crooked loses on the side that was behind (shares). */
const BEDS = 0.03;
const STRAIGHTENS = 0.7;

/** The load that a stud is meant to get (N): the torque on dry threads. */
export function meantLoad({ torque, diameter }: Pick<PracticeWheel, 'torque' | 'diameter'>): number {
  return clampLoad(torque, diameter, FRICTION.dry);
}

/** Nuts run up by fingers. */
export function bareWheel({ studs }: Pick<PracticeWheel, 'studs'>): WheelStand {
  return { loads: Array.from({ length: studs }, () => 0), crooked: 0, toward: 1, pulls: 0 };
}

const angleOf = (stud: number, studs: number) => (2 * Math.PI * (stud - 1)) / studs;

/** By how much one side is ahead (N), and the stud it leans to. */
function lean(loads: readonly number[]): { readonly by: number; readonly stud: number } {
  const [x, y] = loads.reduce<readonly [number, number]>(
    ([x, y], load, i) => {
      const a = angleOf(i + 1, loads.length);
      return [x + load * Math.cos(a), y + load * Math.sin(a)];
    },
    [0, 0],
  );
  const turn = (Math.atan2(y, x) / (2 * Math.PI) + 1) % 1;
  return { by: Math.hypot(x, y) / loads.length, stud: (Math.round(turn * loads.length) % loads.length) + 1 };
}

/**
 * Tightens one nut (studs numbered clockwise from the top) to a share of the torque. The stud is drawn to what its own
 * friction makes of it, unless it is past that already; the others give way, its neighbors the most.
 */
export function pullNut(wheel: PracticeWheel, stand: WheelStand, stud: number, share = 1): WheelStand {
  const { studs, diameter, threads, driver } = wheel;
  const own = seeded(wheel.seed * 31 + stud);
  const friction =
    (threads === 'dry' ? FRICTION.dry : GREASED) * (1 + FRICTION_SPREAD[threads] * normal(own));
  const pull = seeded(wheel.seed * 977 + stand.pulls * 13 + stud);
  const given =
    wheel.torque *
    share *
    (driver === 'machine' ? MACHINE_OVER : 1) *
    Math.max(0.3, 1 + TORQUE_SPREAD[driver] * normal(pull));
  const before = stand.loads[stud - 1] ?? 0;
  const gained = Math.max(0, clampLoad(given, diameter, friction) - before);
  const loads = stand.loads.map((load, i) =>
    i === stud - 1
      ? load + gained
      : Math.max(
          0,
          load - (load > 0 ? (RELAXES / studs) * Math.exp(-starGap(studs, stud, i + 1) / REACH) * gained : 0),
        ),
  );
  const leaning = lean(loads);
  const ahead = leaning.by / meantLoad(wheel);
  return {
    loads,
    crooked: Math.max(stand.crooked, ahead),
    toward: ahead > stand.crooked ? leaning.stud : stand.toward,
    pulls: stand.pulls + 1,
  };
}

/** After ten miles: faces bed in, and a wheel drawn on crooked straightens, which slackens the side that was behind. */
export function settled(wheel: PracticeWheel, stand: WheelStand): readonly number[] {
  return stand.loads.map((load, i) => {
    const behind = (1 - Math.cos(starGap(wheel.studs, stand.toward, i + 1))) / 2;
    const random = seeded(wheel.seed * 131 + i)();
    return (
      load *
      Math.max(0.05, 1 - BEDS * (0.6 + 0.8 * random) - STRAIGHTENS * stand.crooked * (0.4 + 0.6 * behind))
    );
  });
}

/** A stud gives way like a spring with the wheel under its nut (N/m), and its nut goes on by so much a turn (m). */
const STUD_STIFFNESS = 2.4e8;
const STUD_PITCH = toSI(1, 'in') / 20;

/** What a recheck with the same wrench finds at a nut of some load (N), by how far it turns on (turns). */
function recheckFinds(wheel: PracticeWheel, load: number): RecheckResult {
  const meant = meantLoad(wheel);
  if (load < 0.12 * meant) return 'loose';
  const turns = Math.max(0, meant * 0.94 - load) / STUD_STIFFNESS / STUD_PITCH;
  return turns < 1 / 90 ? 'held' : turns <= 1 / 12 ? 'half-flat' : turns <= 1 / 6 ? 'over-half' : 'over-flat';
}

/** What became of a wheel. */
export interface WheelOutcome {
  /** Of what each stud is meant to get, when it was left and after ten miles. */
  readonly left: readonly number[];
  readonly after: readonly number[];
  readonly rechecks: readonly RecheckResult[];
  readonly judged: Judgement;
  /** Studs drawn so far over what they are meant to get that they may be stretched. */
  readonly stretched: readonly number[];
  /** Nuts that were never pulled to the full torque. */
  readonly missed: readonly number[];
  /** Every stud still holds enough after ten miles, and none is stretched. */
  readonly holds: boolean;
}

/** So far over its load a stud is taken to be at risk: greased threads take it there at the dry torque. */
const STRETCHED = 1.3;
/** A stud that keeps so much of its load is taken to hold until the recheck. */
const ENOUGH = 0.7;
const WORST: readonly RecheckResult[] = ['held', 'half-flat', 'over-half', 'over-flat', 'loose'];

/** Judges a wheel by what a recheck after ten miles finds, as on the road. */
export function wheelOutcome(wheel: PracticeWheel, stand: WheelStand): WheelOutcome {
  const meant = meantLoad(wheel);
  const after = settled(wheel, stand);
  const rechecks = after.map((load) => recheckFinds(wheel, load));
  const worst = rechecks.reduce((a, b) => (WORST.indexOf(b) > WORST.indexOf(a) ? b : a), 'held');
  const numbered = (holds: (load: number) => boolean) =>
    stand.loads.flatMap((load, i) => (holds(load / meant) ? [i + 1] : []));
  const judged = judgeRecheck(worst, 0);
  const stretched = numbered((share) => share > STRETCHED);
  return {
    left: stand.loads.map((load) => load / meant),
    after: after.map((load) => load / meant),
    rechecks,
    judged,
    stretched,
    missed: numbered((share) => share < 0.45),
    holds: stretched.length === 0 && after.every((load) => load >= ENOUGH * meant),
  };
}
