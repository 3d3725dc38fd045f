import { toSI } from '../../base';
import { CHANNELS, type Sample } from './sample';

/** How far a figure can be trusted: taken, no figure that can be, one that has to be seen again, or nothing for too long. */
export type Quality = 'good' | 'nonsense' | 'jump' | 'silent';

/** After so long (ms) without a figure an instrument is silent. */
const SILENT = 180_000;
/** So many figures that agree with each other are believed, however far they are from the one before. */
const BELIEVED = 3;
/** A pressure that falls is believed at the second figure in a row that is lower. */
const FALLS = 2;
/** Where the next figure is so far off (ms), one under half of what it should be is not waited for; sooner senders tell it twice within the minute. */
export const SELDOM = 45_000;
/** So much lower (Pa) a pressure is lower: half a psi is a sensor's step. */
export const LOWER = toSI(0.4, 'psi');

/** One channel at one place: the last figure that was taken, and those since that were not. */
export interface Heard {
  readonly good: Sample | undefined;
  readonly quality: Exclude<Quality, 'silent'>;
  /** The last good figure was lower than the one before it. */
  readonly fell?: boolean;
  /** Figures far from the last good one that agree with each other. */
  readonly odd: readonly Sample[];
  readonly at: number;
}

/**
 * Takes a figure: nonsense and jumps are told and not taken; a jump that stays is no jump. A pressure that falls is
 * believed sooner, and below `gone` (Pa) at once where figures come seldom.
 */
export function hear(before: Heard | undefined, sample: Sample, gone = 0): Heard {
  const { min, max, jump } = CHANNELS[sample.what];
  const { value, at } = sample;
  const good = before?.good;
  if (!Number.isFinite(value) || value < min || value > max)
    return { good, quality: 'nonsense', odd: [], at };
  // After a silence nobody can say how far it may have come: the first figure waits for a second one, as at the start.
  const held = good && at - good.at <= SILENT ? good : undefined;
  if (held && Math.abs(value - held.value) <= jump)
    return { good: sample, quality: 'good', fell: held.value - value >= LOWER, odd: [], at };
  const falls = held !== undefined && sample.what === 'pressure' && value < held.value;
  const agreeing = (before?.odd ?? []).filter((one) =>
    falls ? one.value < held.value : Math.abs(one.value - value) <= jump,
  );
  const odd = [...agreeing, sample];
  // Lower for the second time in a row, or under half: senders that come seldom are not waited for.
  const burst = falls && (value < gone || before?.fell === true) && at - held.at >= SELDOM;
  const wanted = !held ? BELIEVED - 1 : !falls ? BELIEVED : burst ? 1 : FALLS;
  return odd.length >= wanted
    ? { good: sample, quality: 'good', fell: falls, odd: [], at }
    : { good, quality: 'jump', odd, at };
}

/** How a channel stands at a moment (ms). */
export function qualityOf(heard: Heard, now: number): Quality {
  return now - heard.at > SILENT ? 'silent' : heard.quality;
}
