import { seeded, type Random, toSI, VERDICT_SCALE, type Verdict } from '../base';
import { pinStops, type NutGeometry, NUT_SEATING } from '../figures';
import { judgeGrade, judgeReading, type Judgement, type ReadingJudgement } from '../judge';
import type { Axle, RigModel, WheelEnd } from '../rig';
import { NUT_SCHOOLS, type NutSchool } from '../rules';

/**
 * A hub to be set. The figures below are assumptions of ours for an ordinary axle of 3,500 lb, chosen so that what
 * hands and ears tell comes out as the handbook says it does; nothing here is measured on a real hub.
 */
export interface PracticeHub {
  readonly nut: NutGeometry;
  /** What the rollers stand away from their seat until they are turned under load (m): 2 to 6 thousandths of an inch. */
  readonly hidden: number;
  /** How far past seated the first slot meets its hole (turns): none to one slot. */
  readonly first: number;
  /** What the seal alone holds back (N·m). */
  readonly seal: number;
}

/** How a hub in practice stands. */
export interface HubStand {
  /** How far the nut is from where a seated stack just touches (turns): back is positive, into preload negative. */
  readonly turn: number;
  /** What of the hidden part is still there (m). */
  readonly unseated: number;
}

/** What turns the nut, and how hard it can (N·m): fingers, or a wrench leaned on. */
const NUT_TOOLS = { fingers: 1.3, wrench: 150 } as const;
export type NutTool = keyof typeof NUT_TOOLS;

/** The force between two bearings pressed together, per meter (N/m): two rows, washer and thread in line. */
const STIFFNESS = 1.5e8;
/** Torque of a nut to the force it presses with: T = K · F · d, its threads greased. */
const THREAD_FRICTION = 0.16;
const THREAD_DIAMETER = toSI(1, 'in');
/** Mean radius at which rollers run (m). */
const ROLLER_RADIUS = 0.026;
/** Friction of loaded rollers on their ribs, turned by hand and at road speed (share of the axial force, both rows). */
const SLOW_FRICTION = 0.024;
const ROAD_FRICTION = 0.0045;
/** What warm grease holds back (N·m per rad/s by hand; N·m at road speed), and the wheel's own load at road speed (N·m). */
const GREASE_SLOW = 0.012;
const ROAD_BASE = 0.55;
/** What turns: wheel and tire (kg·m²), begun at so much (rad/s). */
const INERTIA = 1.1;
const SPUN = 7;
/** Half the cone's angle (tangent), distance of the two rows as they carry (m), and where the hand is (m). */
const CONE = 0.23;
const SPREAD = 0.064;
const HAND = 0.345;
/** At so much of movement at the tire (m) a hand just feels it, plainly feels it, hears it clunk. */
const FELT = { just: 0.0005, plain: 0.00102, clunks: 0.00205 };
/** Metal of hub and drum end (J/K), and what the air takes away under way (W/K). */
const HEAT_CAPACITY = 3700;
const COOLING = 2.1;
/** Under way (m/s), tire radius (m). */
const ROAD_SPEED = toSI(55, 'mi') / 3600;
const TIRE = 0.36;
/** From this share of the seating torque on, rollers that turn find their seat. */
const SEATS = 0.85;
/** What rollers drop back when a hub is turned with its nut off them (m). */
const DROPPED = toSI(0.001, 'in');
/** A pin goes through where its slot stands so near (turns). */
const PIN_NEAR = 0.004;
/** Nearer than a hand turns it (turns). */
const EXACT = 1e-6;

/** What is usual where nobody told: 14 threads an inch, six slots, one hole. */
export const USUAL_NUT: NutGeometry = { pitch: toSI(1, 'in') / 14, slots: 6, holes: 1 };

/** The nut of a wheel end as far as it is known, and whether any of it was taken as usual. */
export function nutOf(axle: Axle | undefined): { readonly nut: NutGeometry; readonly usual: boolean } {
  const told = axle?.lock !== 'keeper' && axle?.lock !== 'tang' ? axle : undefined;
  const nut = {
    pitch: told?.threadPitch?.value ?? USUAL_NUT.pitch,
    slots: told?.slots?.value ?? USUAL_NUT.slots,
    holes: told?.pinHoles?.value ?? USUAL_NUT.holes,
  };
  return { nut, usual: !(told?.threadPitch && told.slots && told.pinHoles) };
}

const between = (random: Random, from: number, to: number) => from + (to - from) * random();

/** Turns from one place of the pin to the next. */
export function pinStep({ slots, holes }: Pick<NutGeometry, 'slots' | 'holes'>): number {
  return pinStops({ slots, holes })[1] ?? 1;
}

/** A hub from a seed: how much is hidden in it, where its first slot meets, how tight its seal is. */
export function makeHub(nut: NutGeometry, seed: number): PracticeHub {
  const random = seeded(seed);
  return {
    nut,
    hidden: toSI(between(random, 0.002, 0.006), 'in'),
    first: pinStep(nut) * random(),
    seal: between(random, 0.28, 0.42),
  };
}

/** As it is met: hub on, nut on by a few threads, rollers where they fell. */
export function looseHub(hub: PracticeHub): HubStand {
  return { turn: 0.6, unseated: hub.hidden };
}

/** The gap between rollers and races as it can be felt (m); below zero they are pressed together by so much. */
export function gapOf({ nut }: PracticeHub, { turn, unseated }: HubStand): number {
  return nut.pitch * turn - unseated;
}

const forceOf = (gap: number) => STIFFNESS * Math.max(0, -gap);

/** What the nut holds against (N·m). */
export function nutTorque(hub: PracticeHub, stand: HubStand): number {
  return THREAD_FRICTION * THREAD_DIAMETER * forceOf(gapOf(hub, stand));
}

/** So finely a turn of the nut is followed (turns). */
const FINE = 1 / 360;

function tightened(
  hub: PracticeHub,
  stand: HubStand,
  by: number,
  limit: number,
  spinning: boolean,
): HubStand {
  let { turn, unseated } = stand;
  let step = FINE;
  for (let left = by; left > 1e-9 && step > FINE / 500;) {
    const on = Math.min(step, left);
    // It stops where the hand gives out, between two steps.
    if (nutTorque(hub, { turn: turn - on, unseated }) > limit) {
      step /= 2;
      continue;
    }
    turn -= on;
    left -= on;
    if (spinning) {
      const share = nutTorque(hub, { turn, unseated }) / (SEATS * NUT_SEATING);
      unseated = Math.min(unseated, hub.hidden * Math.max(0, 1 - share));
    }
  }
  return { turn, unseated };
}

/**
 * Turns the nut by some turns, back being positive, as far as the tool gets it. Turned under load with the hub
 * turning, rollers find their seat; turned loose with it turning, they drop back a little.
 */
export function turnNut(
  hub: PracticeHub,
  stand: HubStand,
  by: number,
  { tool, spinning }: { readonly tool: NutTool; readonly spinning: boolean },
): HubStand {
  const limit = NUT_TOOLS[tool];
  if (by < 0) return tightened(hub, stand, -by, limit, spinning);
  // Breaking it loose takes a little less than it was tightened with.
  if (0.8 * nutTorque(hub, stand) > limit) return stand;
  const turn = Math.min(2, stand.turn + by);
  const loose = gapOf(hub, { ...stand, turn }) > 0;
  return {
    turn,
    unseated: spinning && loose ? Math.max(stand.unseated, Math.min(DROPPED, hub.hidden)) : stand.unseated,
  };
}

/** The place of the pin that the nut stands at, or the nearest ones loosened and tightened from there (turns from where it stands). A nut is never tightened to reach it: it may stand a little short of it, not past. */
export function pinAt(
  { nut, first }: PracticeHub,
  { turn }: HubStand,
): { readonly at: boolean; readonly back: number; readonly on: number } {
  const step = pinStep(nut);
  const past = (((turn - first) % step) + step) % step;
  const there = Math.min(past, step - past) < EXACT;
  return {
    at: there || step - past <= PIN_NEAR,
    back: there ? step : step - past,
    on: there || past <= EXACT ? step : past,
  };
}

/** The pin goes in: the nut stands at its slot, or goes back to the one it is just short of. */
export function pinned(hub: PracticeHub, stand: HubStand): HubStand {
  const { nut, first } = hub;
  const step = pinStep(nut);
  return { ...stand, turn: first + Math.round((stand.turn - first) / step) * step };
}

/** After the first miles: what was hidden has come out. */
export const afterMiles = (stand: HubStand): HubStand => ({ ...stand, unseated: 0 });

/** End play that can be felt (m). */
export const playOf = (hub: PracticeHub, stand: HubStand): number => Math.max(0, gapOf(hub, stand));

/** How far the tire moves at 12 and 6 (m): both rows give way crosswise by half the play times the cone's slope, from one end to the other. */
export function rimMove(play: number): number {
  return (2 * play * CONE * HAND) / SPREAD;
}

/** What holds a hub back that is turned by hand (N·m), at some speed (rad/s). */
export function handDrag(hub: PracticeHub, stand: HubStand, speed = 0): number {
  const pressed = forceOf(gapOf(hub, stand));
  return hub.seal + GREASE_SLOW * speed + SLOW_FRICTION * pressed * ROLLER_RADIUS;
}

/** The wheel spun by hand: speed (rad/s) over time (s) until it stands. */
export function coastDown(
  hub: PracticeHub,
  stand: HubStand,
  step = 0.05,
): readonly (readonly [s: number, speed: number])[] {
  const out: (readonly [number, number])[] = [];
  let speed = SPUN;
  for (let s = 0; speed > 0 && s < 60; s += step) {
    out.push([s, speed]);
    speed -= (handDrag(hub, stand, speed) / INERTIA) * step;
  }
  return [...out, [out.length * step, 0]];
}

/** How a hand feels the wheel rocked at 12 and 6, as it is graded on the Bench. */
export function rockGrade(hub: PracticeHub, stand: HubStand): 'none' | 'just-felt' | 'felt' | 'clunks' {
  const moved = rimMove(playOf(hub, stand));
  return moved < FELT.just
    ? 'none'
    : moved < FELT.plain
      ? 'just-felt'
      : moved < FELT.clunks
        ? 'felt'
        : 'clunks';
}

/** Below this share of what a free hub coasts (s), the bearings hold it. */
const FREE_SHARE = 0.6;

/** How it spins, as it is graded on the Bench. */
export function spinGrade(hub: PracticeHub, stand: HubStand): 'free' | 'tight' {
  const coasts = (one: HubStand) => coastDown(hub, one).at(-1)?.[0] ?? 0;
  return coasts(stand) < FREE_SHARE * coasts({ turn: 1, unseated: 0 }) ? 'tight' : 'free';
}

/** What a hub has warmed over the air (K) after some distance (m): power lost against what the air takes, from cold. */
export function heatAfter(hub: PracticeHub, stand: HubStand, distance: number): number {
  const turns = ROAD_SPEED / TIRE;
  const pressed = forceOf(gapOf(hub, stand));
  const power = (hub.seal * 0.6 + ROAD_BASE + ROAD_FRICTION * pressed * ROLLER_RADIUS) * turns;
  const time = distance / ROAD_SPEED;
  return (power / COOLING) * (1 - Math.exp((-time * COOLING) / HEAT_CAPACITY));
}

/** Where a school lands on this hub, done as it says: the turn from seated, and the play after the first miles (m). */
export function schoolLands(
  hub: PracticeHub,
  school: NutSchool,
): { readonly turn: number; readonly play: number } {
  const step = pinStep(hub.nut);
  const from = (turn: number) => hub.first + Math.ceil((turn - hub.first) / step - 1e-9) * step;
  const nextSlot = () => {
    const seated = tightened(hub, looseHub(hub), 2, NUT_SEATING, true);
    let turn = from(seated.turn + PIN_NEAR);
    // One more where it drags.
    while (spinGrade(hub, { turn, unseated: 0 }) === 'tight') turn += step;
    return turn;
  };
  const turn = {
    'finger-tight': () => from(0),
    'quarter-turn': () => hub.first + Math.round((0.25 - hub.first) / step) * step,
    'next-slot': nextSlot,
    // Loosened until the seal alone is felt: the rollers are just free.
    'light-drag': () => from(0),
  }[school]();
  return { turn, play: Math.max(0, hub.nut.pitch * turn) };
}

/** Twenty miles, after which a hub tells whether it runs too tight. */
export const PROVING = toSI(20, 'mi');

/** What became of a hub that was set. */
export interface HubOutcome {
  /** By dial, once the pin is in (m), and after the first miles. */
  readonly play: number;
  readonly settled: number;
  readonly rock: ReturnType<typeof rockGrade>;
  readonly spin: ReturnType<typeof spinGrade>;
  /** Over a mate set free, after twenty miles (K). */
  readonly overMate: number;
  readonly judged: readonly (Judgement | ReadingJudgement)[];
  readonly verdict: Verdict;
  /** Play that came out in the first miles (m). */
  readonly came: number;
  /** The rollers were turned home under load, all but a little. */
  readonly seated: boolean;
  /** It was set as it should be: clear, or just felt and no warmer than its mate. */
  readonly right: boolean;
  readonly schools: readonly { readonly school: NutSchool; readonly turn: number; readonly play: number }[];
}

/** Air and mate as they are taken for the proving miles (K). */
const AIR = toSI(70, '°F');

/** So much of what was hidden may be left in a hub that counts as seated (share). */
const ALL_BUT = 0.35;
/** So much over its mate (K) is no warmer. */
const NO_WARMER = 1;

/** Judges a hub that was set by what the Bench judges real ones by: the dial, rock and spin, and its heat against its mate. */
export function hubOutcome(hub: PracticeHub, set: HubStand, model: RigModel, place: WheelEnd): HubOutcome {
  const driven = afterMiles(set);
  const settled = playOf(hub, driven);
  const rock = rockGrade(hub, driven);
  const spin = spinGrade(hub, driven);
  const mate = AIR + heatAfter(hub, { turn: 1, unseated: 0 }, PROVING);
  const warm = AIR + heatAfter(hub, driven, PROVING);
  const context = { model, place, house: { pressure: 'placard' as const }, mate, air: AIR };
  const judged = [
    judgeReading('play-dialed', settled, context),
    judgeGrade('set-rock', rock, undefined, (subject) => (subject === 'set-spin' ? spin : undefined)),
    judgeGrade('set-spin', spin, undefined, (subject) => (subject === 'set-rock' ? rock : undefined)),
    judgeReading('hub-temp', warm, context),
  ].flatMap((one) => (one ? [one] : []));
  const verdict = judged.map((one) => one.verdict).reduce(VERDICT_SCALE.worse, 'clear');
  const overMate = warm - mate;
  return {
    play: playOf(hub, set),
    settled,
    rock,
    spin,
    overMate,
    judged,
    verdict,
    seated: set.unseated <= ALL_BUT * hub.hidden,
    right: verdict === 'clear' || (verdict === 'watch' && overMate < NO_WARMER),
    came: settled - playOf(hub, set),
    schools: NUT_SCHOOLS.map((school) => ({ school, ...schoolLands(hub, school) })),
  };
}
