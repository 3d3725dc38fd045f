import type { Band, Compared, HeardSign, SoundKind, Unheard } from '@/core/practice';
import { formatNumber } from '@/core/quantity';
import { list } from '../measure';

interface SoundWords {
  readonly name: string;
  /** What to listen for. */
  readonly listen: string;
  /** The same in the trace. */
  readonly look: string;
}

export const SOUND_WORDS: Record<SoundKind, SoundWords> = {
  good: {
    name: 'a good hub',
    listen: 'A soft, even hush that fades slowly. It runs on and on.',
    look: 'A low, even band that thins out slowly.',
  },
  rub: {
    name: 'a light rub of the brake',
    listen: 'A brush once in each turn, always in the same place, and nothing else.',
    look: 'One soft swell in each turn, with quiet between.',
  },
  dry: {
    name: 'dry grease',
    listen: 'A hiss that swells and fades as it turns, over all of the turn.',
    look: 'A thick, ragged band from end to end.',
  },
  tight: {
    name: 'a nut too tight',
    listen: 'It stops within a turn or two. A good one runs on.',
    look: 'It ends early.',
  },
  outer: {
    name: 'a pitted race',
    listen: 'A quick rattle that comes and goes once a turn.',
    look: 'Rows of spikes that grow and shrink in each turn.',
  },
  inner: {
    name: 'a pitted inner race',
    listen: 'A quick, steady rattle that only slows as the wheel does.',
    look: 'Even spikes, close together, all the way.',
  },
  roller: {
    name: 'a damaged roller',
    listen: 'A high ticking, several times in each turn.',
    look: 'Several spikes in each turn, uneven.',
  },
  click: {
    name: 'a click once a turn',
    listen: 'One click in each turn: a broken cage, or something loose that comes round.',
    look: 'One tall spike in each turn.',
  },
  broken: {
    name: 'a broken bearing',
    listen: 'It grinds and knocks and soon stops.',
    look: 'Crowded, tall and gone early.',
  },
};

const BAND_WORDS: Record<Band, string> = {
  low: 'below 500 Hz',
  mid: 'between 500 and 2,000 Hz',
  high: 'above 2,000 Hz',
};

function signWords(sign: HeardSign): string {
  switch (sign.sign) {
    case 'louder':
      return `louder ${BAND_WORDS[sign.band]} by ${formatNumber(sign.by, 0)} dB`;
    case 'clicks':
      return sign.rate < 2.2
        ? `a click about ${formatNumber(sign.rate, 1)} times a second: once a turn, as fast as a hand spins it`
        : `a rattle of ${formatNumber(sign.rate, 0)} hits a second`;
    case 'short':
      return `it stopped after ${formatNumber(sign.coasts, 1)} s, sooner than the other`;
  }
}

/** What that may be. */
export function signNote(signs: readonly HeardSign[]): string {
  const has = (what: HeardSign['sign']) => signs.some(({ sign }) => sign === what);
  if (has('clicks')) return 'May be a damaged roller or race, or something loose that comes round.';
  if (has('short')) return 'May be a nut set too tight, a brake that drags, or a stiff seal.';
  return 'May be dry or worn bearings, or a brake that rubs.';
}

/** What two recordings say of each other, named: `Rougher than its mate: …`. */
export function heardWords({ rougher, signs }: Compared, here: string, mate: string): string {
  if (rougher === 'alike') return `${here} and ${mate} sound alike.`;
  const [worse, better] = rougher === 'first' ? [here, mate] : [mate, here];
  return `${worse} sounds rougher than ${better}${signs.length > 0 ? `: ${list(signs.map(signWords))}` : ''}.`;
}

export const UNHEARD_WORDS: Record<Unheard, string> = {
  silent: 'Nothing was heard. Is the microphone covered, or turned off for this browser?',
  clipped: 'It was too loud for the microphone. Hold the phone a hand further away.',
  wind: 'Wind drowned it. Shield the phone with your body and try again.',
  short: 'It was cut short. Keep this page open for all five seconds.',
};

/** Why the microphone gave nothing. */
export const MICROPHONE_WORDS = {
  refused:
    'This browser was told not to let Yardline hear. Allow the microphone for this page in its settings, or go by your own ear.',
  none: 'No microphone was found here.',
  processed:
    'This browser will not switch off its noise filter, and that hides what a bearing says. It cannot be compared here.',
  broken: 'The microphone stopped. Try it once more.',
} as const;
