import type { SoundKind } from '@/core/practice';

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
