import { seeded, type Random } from '../base';
import {
  balanceOf,
  leakBetween,
  PERMEATION,
  pressureAt,
  TONGUE_WINDOW,
  type Load,
  type PressureRead,
} from '../figures';
import { judgeGrade, type Judgement } from '../judge';
import { toSI } from '../quantity';
import type { RigModel } from '../rig';
import type { GradeId } from '../rules';
import { pick } from './shuffled';

const between = (random: Random, from: number, to: number) => from + (to - from) * random();

/** Two readings of a cold tire, some days apart: weather, or a leak. */
export interface LeakDrill {
  readonly first: PressureRead;
  readonly second: PressureRead;
  readonly truth: 'weather' | 'leak';
  /** What the first pressure comes to in the second air (Pa). */
  readonly expected: number;
  /** Lost at one temperature, a month (Pa), and what rubber lets through (share of the pressure). */
  readonly monthly: number;
}

/** What a leak of a practice tire loses in the time between (Pa): well past what a gauge can be off. */
const LOSES = [toSI(3, 'psi'), toSI(9, 'psi')] as const;

/** A tire read twice, by a seed. */
export function leakDrill(seed: number): LeakDrill {
  const random = seeded(seed);
  const day = Math.round(between(random, 12, 40));
  const [from, to] = [between(random, 50, 85), between(random, 28, 92)];
  const pressure = toSI(Math.round(between(random, 45, 80)), 'psi');
  const first = { pressure, temperature: toSI(Math.round(from), '°F'), day: 0 };
  const temperature = toSI(Math.round(to), '°F');
  const expected = pressureAt(pressure, first, { temperature });
  const truth = random() < 0.5 ? 'leak' : 'weather';
  const lost = truth === 'leak' ? between(random, LOSES[0], LOSES[1]) : (pressure * PERMEATION * day) / 60;
  const second = {
    pressure: Math.round((expected - lost) / toSI(0.5, 'psi')) * toSI(0.5, 'psi'),
    temperature,
    day,
  };
  return { first, second, truth, expected, monthly: leakBetween(first, second)?.monthly ?? 0 };
}

/** A trailer with its loads, one of which is moved until the tongue is right. */
export interface TongueDrill {
  readonly loads: readonly Load[];
  /** Which of them is moved, and where it can go (m behind the coupler). */
  readonly moved: number;
  readonly floor: { readonly from: number; readonly to: number };
  readonly axle: number;
  readonly window: { readonly min: number; readonly max: number };
}

/** A load out of place, by a seed: it always has a place on the floor that is right, and never begins there. */
export function tongueDrill(kind: RigModel['kind'], seed: number): TongueDrill {
  const random = seeded(seed);
  const window = kind === 'boat' ? TONGUE_WINDOW.boat : TONGUE_WINDOW.trailer;
  const axle = between(random, 3, 3.6);
  const floor = { from: axle - 2, to: axle + 1.4 };
  const frame: Load = { weight: between(random, 320, 480), at: axle * between(random, 0.88, 0.92) };
  const box: Load = { weight: between(random, 60, 120), at: floor.from + 0.2 };
  const load: Load = { weight: between(random, 260, 420), at: 0 };
  const starts = Array.from({ length: 35 }, (_, i) => floor.from + ((floor.to - floor.from) * i) / 34);
  const drill = { loads: [frame, box, load], moved: 2, floor, axle, window };
  const out = starts.filter((at) => {
    const share = tongueShare(drill, at);
    return share < window.min - 0.02 || share > window.max + 0.03;
  });
  return { ...drill, loads: [frame, box, { ...load, at: pick(out, random) }] };
}

/** The share of the weight on the tongue with the load at a place (m behind the coupler). */
export function tongueShare({ loads, moved, axle }: TongueDrill, at: number): number {
  const made = balanceOf(
    loads.map((load, i) => (i === moved ? { ...load, at } : load)),
    axle,
  );
  return made.ok ? made.value.share : 0;
}

/** True where the share on the tongue is inside its window. */
export function tongueRight({ window }: TongueDrill, share: number): boolean {
  return share >= window.min && share <= window.max;
}

/** A drum brake to be adjusted by clicks of its star wheel. */
export interface DragDrill {
  /** Clicks until the shoes first touch, and how much one more click presses (N·m). */
  readonly gap: number;
  readonly each: number;
  /** Once a turn the drum comes nearer by so many clicks: none is quite round. */
  readonly wobble: number;
  /** What the other wheel of the axle drags (N·m): the two should be alike. */
  readonly mate: number;
}

/** A brake by a seed, backed well off. */
export function dragDrill(seed: number): DragDrill {
  const random = seeded(seed);
  const each = between(random, 1.1, 2.2);
  return {
    gap: Math.round(between(random, 6, 16)) + random() * 0.6,
    each,
    wobble: between(random, 0.4, 0.9),
    mate: between(random, 1, 2.6),
  };
}

/** What holds the wheel back (N·m) after some clicks, at a place in its turn (0 to 1). */
export function dragAt({ gap, each, wobble }: DragDrill, clicks: number, round: number): number {
  return Math.max(0, clicks - gap + wobble * 0.5 * (1 + Math.cos(2 * Math.PI * round))) * each;
}

/** So much drag (N·m) is a light one: felt all round or once a turn, and the wheel still goes on by itself. */
const LIGHT = { least: 0.25, most: 4.5 };

/** What a brake was adjusted to: how it drags, as it is graded on the Bench. */
export function dragOutcome(
  drill: DragDrill,
  clicks: number,
): {
  readonly grade: GradeId | 'binds';
  readonly judged: Judgement | undefined;
  readonly most: number;
  readonly least: number;
} {
  const around = Array.from({ length: 24 }, (_, i) => dragAt(drill, clicks, i / 24));
  const [most, least] = [Math.max(...around), Math.min(...around)];
  if (most > LIGHT.most) return { grade: 'binds', judged: undefined, most, least };
  const grade = most < LIGHT.least ? 'none' : 'even';
  return { grade, judged: judgeGrade('drag', grade), most, least };
}
