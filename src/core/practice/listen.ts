import FFT from 'fft.js';
import { RATE } from './sound';

/** What is worked out of one recording. */
export interface Heard {
  /** Loudness by band (dB, of full scale): below 500 Hz, 500 to 2,000, over 2,000. */
  readonly bands: Readonly<Record<Band, number>>;
  /** How much single hits stand out of what is even (dB). */
  readonly hits: number;
  /** Single hits a second (Hz). */
  readonly rate: number;
  /** The strongest line in the spectrum of its loudness (Hz): what beats evenly; none where nothing does. */
  readonly beat: number | undefined;
  /** How long it was heard to turn (s); undefined where it still did at the end. */
  readonly coasts: number | undefined;
}

const BANDS = ['low', 'mid', 'high'] as const;
export type Band = (typeof BANDS)[number];
const EDGES: Readonly<Record<Band, readonly [number, number]>> = {
  low: [80, 500],
  mid: [500, 2000],
  high: [2000, 7500],
};

/** Why a recording says nothing. */
export type Unheard = 'silent' | 'clipped' | 'wind' | 'short';

const WINDOW = 1024;
const HANN = Float64Array.from(
  { length: WINDOW },
  (_, i) => 0.5 - 0.5 * Math.cos((2 * Math.PI * i) / WINDOW),
);
const FLOOR = 1e-12;
const dB = (power: number) => 10 * Math.log10(power + FLOOR);

/** Power by frequency, averaged over overlapping windows (Welch). */
function spectrum(samples: Float32Array): Float64Array {
  const fft = new FFT(WINDOW);
  const out = fft.createComplexArray();
  const piece = new Array<number>(WINDOW).fill(0);
  const power = new Float64Array(WINDOW / 2);
  let windows = 0;
  for (let from = 0; from + WINDOW <= samples.length; from += WINDOW / 2) {
    for (let i = 0; i < WINDOW; i++) piece[i] = (samples[from + i] ?? 0) * (HANN[i] ?? 0);
    fft.realTransform(out, piece);
    for (let k = 0; k < WINDOW / 2; k++)
      power[k] = (power[k] ?? 0) + (out[2 * k] ?? 0) ** 2 + (out[2 * k + 1] ?? 0) ** 2;
    windows += 1;
  }
  const scale = windows * WINDOW * WINDOW;
  return power.map((one) => one / Math.max(1, scale));
}

function bandPower(power: Float64Array, [from, to]: readonly [number, number]): number {
  let sum = 0;
  for (let k = 0; k < power.length; k++) {
    const f = (k * RATE) / WINDOW;
    if (f >= from && f < to) sum += power[k] ?? 0;
  }
  return sum;
}

/** So many values a second follow how loud it is. */
const STEPS = 200;
const STEP = RATE / STEPS;

/** How loud what lies above 700 Hz is, step by step. */
function envelope(samples: Float32Array): Float64Array {
  const out = new Float64Array(Math.floor(samples.length / STEP));
  let low = 0;
  const pass = 1 - Math.exp((-2 * Math.PI * 700) / RATE);
  for (let i = 0; i < out.length; i++) {
    let sum = 0;
    for (let k = i * STEP; k < (i + 1) * STEP; k++) {
      const x = samples[k] ?? 0;
      low += pass * (x - low);
      sum += (x - low) ** 2;
    }
    out[i] = Math.sqrt(sum / STEP);
  }
  return out;
}

const quantile = (values: ArrayLike<number>, q: number): number => {
  const sorted = Array.from(values).sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))] ?? 0;
};

/** A hit stands so far above what is usual around it. */
const STANDS_OUT = 2;

/** Moments (in steps) at which single hits are heard. */
function hitsIn(loud: Float64Array): readonly number[] {
  const found: number[] = [];
  for (let i = 2; i < loud.length - 2; i++) {
    const here = loud[i] ?? 0;
    const around = quantile(loud.subarray(Math.max(0, i - 40), i + 40), 0.5);
    if (here > STANDS_OUT * around && here >= (loud[i - 1] ?? 0) && here > (loud[i + 1] ?? 0)) {
      if (i - (found.at(-1) ?? -9) >= 5) found.push(i);
    }
  }
  return found;
}

/** Why a recording cannot be used: nothing in it, more than the microphone takes, or wind over all else. */
export function unheard(samples: Float32Array): Unheard | undefined {
  if (samples.length < RATE * 2) return 'short';
  let [power, clipped] = [0, 0];
  for (const x of samples) {
    power += x * x;
    if (Math.abs(x) > 0.985) clipped += 1;
  }
  if (power / samples.length < 1e-9) return 'silent';
  if (clipped > samples.length * 0.0005) return 'clipped';
  const by = spectrum(samples);
  return bandPower(by, [10, 80]) > 8 * bandPower(by, [80, 7500]) ? 'wind' : undefined;
}

/** Steps of the loudness whose spectrum is taken: the first two and a half seconds, while it turns fast. */
const BEATING = 512;
/** From so fast (Hz) on something beats rather than swells, and a line stands so far over all others (times). */
const SLOWEST = 0.7;
const LINE = 6;

/** What beats evenly in how loud it is (envelope spectrum). */
function beatOf(loud: Float64Array): number | undefined {
  const piece = Array.from(loud.subarray(0, BEATING));
  if (piece.length < BEATING) return undefined;
  const mean = piece.reduce((sum, x) => sum + x, 0) / BEATING;
  const fft = new FFT(BEATING);
  const out = fft.createComplexArray();
  fft.realTransform(
    out,
    piece.map((x, i) => (x - mean) * (0.5 - 0.5 * Math.cos((2 * Math.PI * i) / BEATING))),
  );
  const power = Array.from(
    { length: BEATING / 4 },
    (_, k) => (out[2 * k] ?? 0) ** 2 + (out[2 * k + 1] ?? 0) ** 2,
  );
  const from = Math.ceil((SLOWEST * BEATING) / STEPS);
  const best = power.reduce((top, one, k) => (k >= from && one > (power[top] ?? 0) ? k : top), from);
  return (power[best] ?? 0) > LINE * quantile(power.slice(from), 0.5) ? (best * STEPS) / BEATING : undefined;
}

/** It stood for so long (s) before it is told that it stood. */
const SURE_STILL = 1.6;

/** What a recording of a wheel spun by hand comes to. */
export function hear(samples: Float32Array): Heard {
  const by = spectrum(samples);
  const loud = envelope(samples);
  const hits = hitsIn(loud);
  // The even part of the first seconds against the loudest fiftieth of it.
  const first = loud.subarray(0, STEPS * 3);
  const stands = 2 * (dB(quantile(first, 0.985)) - dB(quantile(first, 0.4)));
  // It stands still once it stays near the quietest that was heard.
  const smooth = loud.map((_, i) => quantile(loud.subarray(Math.max(0, i - 20), i + 20), 0.5));
  const floor = quantile(smooth, 0.03);
  const peak = quantile(smooth, 0.97);
  let last = smooth.length;
  while (last > 0 && (smooth[last - 1] ?? 0) < floor + 0.12 * (peak - floor)) last -= 1;
  const still = loud.length - last;
  return {
    bands: {
      low: dB(bandPower(by, EDGES.low)),
      mid: dB(bandPower(by, EDGES.mid)),
      high: dB(bandPower(by, EDGES.high)),
    },
    hits: stands,
    rate: hits.length / (loud.length / STEPS),
    beat: beatOf(loud),
    coasts: still > STEPS * SURE_STILL && peak > 2.2 * floor ? last / STEPS : undefined,
  };
}

/** What two recordings, made alike, say of each other. */
export interface Compared {
  readonly rougher: 'first' | 'second' | 'alike';
  /** What the rougher one has over the other; empty where they are alike. */
  readonly signs: readonly HeardSign[];
  /** The first over the second, by band (dB). */
  readonly over: Readonly<Record<Band, number>>;
}

/** What is told of the rougher one. */
export type HeardSign =
  | { readonly sign: 'louder'; readonly band: Band; readonly by: number }
  | { readonly sign: 'clicks'; readonly rate: number }
  | { readonly sign: 'short'; readonly coasts: number };

/** Weights of what sets two hubs apart, found on made sounds of other seeds than those the benchmark tries. */
const WEIGHTS = { high: 1, mid: 0.6, hits: 0.35, short: 5 };
/** So far apart (in those weights) are they told apart. */
const APART = 7;
/** A band so much louder (dB) is worth telling. */
const TOLD = 3;

/** Compares two wheels of one axle heard alike, phone at the same place. */
export function compareHeard(first: Heard, second: Heard): Compared {
  const over = {
    low: first.bands.low - second.bands.low,
    mid: first.bands.mid - second.bands.mid,
    high: first.bands.high - second.bands.high,
  };
  const ends = (one: Heard) => one.coasts ?? 5;
  const shorter = Math.max(-3, Math.min(3, ends(second) - ends(first)));
  const score =
    WEIGHTS.high * over.high +
    WEIGHTS.mid * over.mid +
    WEIGHTS.hits * (first.hits - second.hits) +
    WEIGHTS.short * (Math.abs(shorter) > 1.2 ? shorter : 0);
  if (Math.abs(score) < APART) return { rougher: 'alike', signs: [], over };
  const [worse, better, turn] = score > 0 ? [first, second, 1] : [second, first, -1];
  const signs: HeardSign[] = BANDS.flatMap((band): HeardSign[] =>
    turn * over[band] >= TOLD ? [{ sign: 'louder', band, by: turn * over[band] }] : [],
  ).reverse();
  if (worse.hits - better.hits > 3 && worse.rate > 0.4)
    signs.push({ sign: 'clicks', rate: worse.rate < 2 ? worse.rate : (worse.beat ?? worse.rate) });
  if (worse.coasts !== undefined && ends(better) - worse.coasts > 1.2)
    signs.push({ sign: 'short', coasts: worse.coasts });
  return { rougher: score > 0 ? 'first' : 'second', signs, over };
}

/** A recording of some rate (Hz) at the rate that is listened to: each sample the mean of those it stands for. */
export function atRate(samples: Float32Array, rate: number): Float32Array {
  if (rate === RATE) return samples;
  const step = rate / RATE;
  const out = new Float32Array(Math.floor(samples.length / step));
  for (let i = 0; i < out.length; i++) {
    const from = Math.floor(i * step);
    const to = Math.max(from + 1, Math.floor((i + 1) * step));
    let sum = 0;
    for (let k = from; k < to; k++) sum += samples[k] ?? 0;
    out[i] = sum / (to - from);
  }
  return out;
}
