import { seeded, type Random } from '../base';
import type { GradeId } from '../rules';

/** Samples a second of what is made and of what is listened to (Hz), and how long a turn is listened to (s). */
export const RATE = 16_000;
export const SECONDS = 5;

/** What can be heard of a wheel spun by hand, with the grade that the Bench has for it. */
export const SOUNDS = {
  good: 'free',
  rub: 'rub',
  dry: 'growl',
  tight: 'tight',
  outer: 'rough',
  inner: 'rough',
  roller: 'rough',
  click: 'rough',
  broken: 'grinds',
} as const satisfies Record<string, GradeId>;
export type SoundKind = keyof typeof SOUNDS;
export const SOUND_KINDS = Object.keys(SOUNDS) as readonly SoundKind[];

/** Rollers of one row: how many, and roller over pitch diameter times the cosine of their angle. Usual for an inner bearing, assumed. */
export interface RollerRow {
  readonly count: number;
  readonly ratio: number;
}
export const USUAL_ROW: RollerRow = { count: 16, ratio: 0.165 };

/**
 * How often in one turn of the hub something passes, by kinematics of rollers that do not slip, the outer race turning
 * with the hub and the inner one standing on the spindle: rollers past one point of either race, a fault of one roller
 * on both races, and the cage itself.
 */
export function passesPerTurn({ count, ratio }: RollerRow): {
  readonly outer: number;
  readonly inner: number;
  readonly roller: number;
  readonly cage: number;
} {
  return {
    outer: (count / 2) * (1 - ratio),
    inner: (count / 2) * (1 + ratio),
    roller: (1 - ratio * ratio) / ratio,
    cage: (1 + ratio) / 2,
  };
}

/** A sound that was made, with what it is. */
export interface MadeSound {
  readonly kind: SoundKind;
  readonly samples: Float32Array;
  /** When the wheel stands (s), whether or not it is heard that long. */
  readonly coasts: number;
  /** Whole turns begun at these moments (s). */
  readonly turns: readonly number[];
}

interface Voice {
  /** From first to last (s). */
  readonly coasts: readonly [number, number];
  /** Even rolling noise, and rough noise above it (loudness at full speed). */
  readonly roll: number;
  readonly hiss: number;
  /** Hits: how many a turn, how loud, at what pitch (Hz), and how much once a turn swells them. */
  readonly hits?: {
    readonly per: number;
    readonly loud: number;
    readonly pitch: number;
    readonly swell: number;
  };
  /** A brake that touches over a share of each turn. */
  readonly rub?: number;
}

const PASSES = passesPerTurn(USUAL_ROW);

const VOICES: Record<SoundKind, Voice> = {
  good: { coasts: [11, 15], roll: 0.02, hiss: 0.002 },
  rub: { coasts: [5.5, 8], roll: 0.02, hiss: 0.003, rub: 0.012 },
  dry: { coasts: [7, 9], roll: 0.03, hiss: 0.035 },
  tight: { coasts: [1.2, 2.2], roll: 0.05, hiss: 0.006 },
  // A fault of the race that turns comes round to the load once a turn; one of the race that stands is always there.
  outer: {
    coasts: [6, 9],
    roll: 0.025,
    hiss: 0.008,
    hits: { per: PASSES.outer, loud: 0.5, pitch: 2600, swell: 0.8 },
  },
  inner: {
    coasts: [6, 9],
    roll: 0.025,
    hiss: 0.008,
    hits: { per: PASSES.inner, loud: 0.45, pitch: 3100, swell: 0.1 },
  },
  roller: {
    coasts: [6, 9],
    roll: 0.025,
    hiss: 0.01,
    hits: { per: PASSES.roller, loud: 0.5, pitch: 3600, swell: 0.6 },
  },
  click: { coasts: [8, 11], roll: 0.02, hiss: 0.003, hits: { per: 1, loud: 1.1, pitch: 1300, swell: 0 } },
  broken: { coasts: [1.6, 3], roll: 0.09, hiss: 0.07, hits: { per: 23, loud: 1.2, pitch: 1800, swell: 0.7 } },
};

/** Turns a second as a hand spins it. */
const SPUN: readonly [number, number] = [1.2, 1.7];

const between = (random: Random, [from, to]: readonly [number, number]) => from + (to - from) * random();

/** Rings at one pitch for some time after each push. */
function ringing(pitch: number, last: number): (push: number) => number {
  const r = Math.exp(-1 / (last * RATE));
  const a = 2 * r * Math.cos((2 * Math.PI * pitch) / RATE);
  let [y1, y2] = [0, 0];
  return (push) => {
    const y = push * 0.3 + a * y1 - r * r * y2;
    [y1, y2] = [y, y1];
    return y;
  };
}

/** A wheel of some kind spun by hand, heard close by; how bad (1 as it is usual) makes its fault louder, `noise` adds that of a yard so many decibels below it. */
export function makeSound(
  kind: SoundKind,
  seed: number,
  { bad = 1, noise }: { readonly bad?: number; readonly noise?: number } = {},
): MadeSound {
  const random = seeded(seed);
  const voice = VOICES[kind];
  const samples = new Float32Array(RATE * SECONDS);
  const coasts = between(random, voice.coasts);
  const spun = between(random, SPUN);
  const hit = ringing(voice.hits?.pitch ?? 1000, 0.004);
  const touch = ringing(700, 0.002);
  const faulty = kind !== 'good';
  const turns: number[] = [];
  let [angle, low, high, passed] = [random(), 0, 0, 0];
  for (let i = 0; i < samples.length; i++) {
    const s = i / RATE;
    const speed = Math.max(0, 1 - s / coasts);
    const before = angle;
    angle += (spun * speed) / RATE;
    if (Math.floor(angle) > Math.floor(before)) turns.push(s);
    const white = random() * 2 - 1;
    low += 0.12 * (white - low);
    high = white - low;
    const round = angle % 1;
    const swelling = 0.5 - 0.5 * Math.cos(2 * Math.PI * round);
    let sound = voice.roll * speed * low * 3;
    sound += voice.hiss * (faulty ? bad : 1) * speed * high * (0.65 + 0.7 * swelling);
    if (voice.hits) {
      const { per, loud, swell } = voice.hits;
      const at = Math.floor(angle * per);
      let push = 0;
      if (at > passed) {
        // Rollers slip a little, and none hits like the one before.
        push = loud * bad * speed * (0.7 + 0.6 * random()) * (1 - swell + swell * swelling);
        passed = at;
      }
      sound += hit(push);
    }
    if (voice.rub !== undefined)
      sound += touch((round > 0.15 && round < 0.45 ? 1 : 0) * voice.rub * bad * speed * white * 4);
    samples[i] = sound;
  }
  if (noise !== undefined) addNoise(samples, noise, random);
  return { kind, samples, coasts, turns };
}

function addNoise(samples: Float32Array, below: number, random: Random): void {
  const power = samples.reduce((sum, x) => sum + x * x, 0) / samples.length;
  // White noise between -1 and 1 has a power of a third.
  const loud = Math.sqrt(3 * power * 10 ** (-below / 10));
  for (let i = 0; i < samples.length; i++) samples[i] = (samples[i] ?? 0) + loud * (random() * 2 - 1);
}

/** How loud a sound is over time: the root mean square of each of `parts` stretches, the loudest of all being 1. */
export function traceOf(samples: Float32Array, parts: number): readonly number[] {
  const size = Math.floor(samples.length / parts);
  const loud = Array.from({ length: parts }, (_, i) => {
    let peak = 0;
    for (let k = i * size; k < (i + 1) * size; k++) peak = Math.max(peak, Math.abs(samples[k] ?? 0));
    return peak;
  });
  const most = Math.max(...loud, 1e-9);
  return loud.map((one) => one / most);
}
