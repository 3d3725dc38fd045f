import type { RigModel } from '../../rig';

/** The lamps of a trailer. */
export const LAMPS = ['left', 'right', 'plate', 'marker-left', 'marker-right'] as const;
export type Lamp = (typeof LAMPS)[number];

/** What a lamp is asked to show; `braked` is its running light while the brake is on. */
const SHOWS = ['running', 'braked', 'brake', 'turn-left', 'turn-right'] as const;
export type Shows = (typeof SHOWS)[number];

/** What was seen of it. */
export const SIGHTS = ['ok', 'dim', 'out', 'wrong'] as const;
export type Sight = (typeof SIGHTS)[number];

/** Brake and turn share a filament and a wire, or each has its own. */
export type Wiring = 'shared' | 'separate';

/** One lamp with one thing it shows. */
export interface Cell {
  readonly lamp: Lamp;
  readonly shows: Shows;
}

/** What was seen, cell by cell; what was not looked at is left out. */
export type Pattern = readonly (Cell & { readonly result: Sight })[];

const OF: Readonly<Record<Lamp, readonly Shows[]>> = {
  left: ['running', 'brake', 'turn-left'],
  right: ['running', 'brake', 'turn-right'],
  // Where brake and tail light share a bulb, only the others show whether they dim.
  plate: ['running', 'braked'],
  'marker-left': ['running', 'braked'],
  'marker-right': ['running', 'braked'],
};

/** The lamps a rig has, as far as it is known; the two at the back every trailer has. */
export function lampsOf(model: Pick<RigModel, 'gear'>): readonly Lamp[] {
  const { gear } = model;
  return LAMPS.filter((lamp) => {
    if (lamp === 'plate') return gear?.plateLamp !== false;
    return lamp.startsWith('marker') ? gear?.markerLamps === true : true;
  });
}

/** Everything that the lamps of a rig have to show. */
export function cellsOf(model: Pick<RigModel, 'gear'>): readonly Cell[] {
  return lampsOf(model).flatMap((lamp) => OF[lamp].map((shows) => ({ lamp, shows })));
}

/** The steps of a test for one person: what is switched on, and which lamps are looked at then. */
export interface LampStep {
  readonly shows: Shows;
  readonly lamps: readonly Lamp[];
}

/** The sequence of a lamp test: each function once, with the lamps that show it. */
export function lampSteps(model: Pick<RigModel, 'gear'>): readonly LampStep[] {
  const cells = cellsOf(model);
  return SHOWS.map((shows) => ({
    shows,
    lamps: cells.filter((cell) => cell.shows === shows).map(({ lamp }) => lamp),
  }));
}

/** The side a lamp is on; the plate's is neither. */
export function sideOfLamp(lamp: Lamp): 'left' | 'right' | undefined {
  return lamp.endsWith('left') ? 'left' : lamp.endsWith('right') ? 'right' : undefined;
}
