import type { JudgedReading } from '../readings';
import type { Subject } from '../criteria';
import type { TroubleId } from './ids';

/** What a trouble is of, as a grade or a reading would tell it. */
export interface TroubleAbout {
  readonly what: Subject | JudgedReading;
  readonly grade?: string;
}

/** What each is of, by what decided: its remedy, and what closes it, follow from that. Apart from what decides, since every page knows findings. */
const ABOUT: Readonly<Record<TroubleId, (because: string) => TroubleAbout | undefined>> = {
  nail: () => ({ what: 'tread-object', grade: 'nail' }),
  soft: () => ({ what: 'valve', grade: 'hisses' }),
  flat: () => ({ what: 'tire-wall', grade: 'cut' }),
  carcass: () => ({ what: 'tire-wall', grade: 'bulge' }),
  'tire-hot': () => undefined,
  hot: (because) => (because === 'brake-drags' ? { what: 'drag', grade: 'snaps' } : { what: 'hub-temp' }),
  leaning: (because) =>
    because === 'as-studs' ? { what: 'lug-move', grade: 'broken' } : { what: 'rock', grade: 'clunks' },
  cap: (because) => ({ what: 'cap', grade: because === 'nut-was-free' ? 'lock-gone' : 'missing' }),
  'oil-bath': () => ({ what: 'oil', grade: 'low' }),
  // In front it is the cap or too much of it: wiped and watched.
  grease: (because) => (because === 'grease-in-front' ? undefined : { what: 'grease-back', grade: 'behind' }),
  studs: (because) => ({ what: 'lug-move', grade: because === 'holes-worn' ? 'hole-worn' : 'broken' }),
  dragging: (because) =>
    because === 'brake-wire-off' ? { what: 'brake-test', grade: 'none' } : { what: 'drag', grade: 'snaps' },
  dead: () => ({ what: 'brake-test', grade: 'none' }),
  fade: () => ({ what: 'drag', grade: 'snaps' }),
  lights: () => ({ what: 'lamp', grade: 'none' }),
  strap: (because) =>
    because === 'no-chain' || because === 'rated-link'
      ? { what: 'chain', grade: 'opened' }
      : { what: 'strap', grade: 'cut' },
  coupler: () => ({ what: 'coupler', grade: 'not-latching' }),
  breakaway: () => ({ what: 'breakaway', grade: 'nothing' }),
  // A leaf, a hanger or a rail is put right by a part, a welder or a shop.
  spring: (because) => (because === 'torqued' ? { what: 'fixing', grade: 'loose' } : undefined),
  sway: () => undefined,
  shifted: () => undefined,
  lost: () => ({ what: 'lug-move', grade: 'hole-worn' }),
  stuck: () => undefined,
  ramp: () => undefined,
  // Each is judged by the row it leads to.
  smoke: () => undefined,
  wire: () => undefined,
  struck: () => undefined,
  noise: () => undefined,
};

/** What a trouble is of, as a grade or a reading would tell it; undefined where a part, a welder or a shop puts it right. */
export function troubleAbout(id: TroubleId, because: string): TroubleAbout | undefined {
  return ABOUT[id](because);
}
