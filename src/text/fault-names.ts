import type { BrakeCircuitFault, FaultKind, Lamp, Shows } from '@/core/judge';
import type { LampFunction } from '@/core/rules';
import { capital, list, small, words } from './measure';

export const LAMP_WORDS: Record<Lamp, string> = {
  left: 'Left lamp',
  right: 'Right lamp',
  plate: 'Plate lamp',
  'marker-left': 'Left markers',
  'marker-right': 'Right markers',
};

export const SHOWS_WORDS: Record<Shows, string> = {
  running: 'Running',
  braked: 'Running, brake held',
  brake: 'Brake',
  'turn-left': 'Turn left',
  'turn-right': 'Turn right',
};

/** What can be wrong, by its kind. */
const FAULT_NAMES: Record<FaultKind, string> = {
  'bulb-running': 'running filament burned out',
  'bulb-bright': 'brake and turn filament burned out',
  'bulb-brake': 'brake bulb burned out',
  'bulb-turn': 'turn bulb burned out',
  'bulb-both': 'bulb burned out or loose',
  'bulb-single': 'bulb burned out',
  socket: 'socket corroded',
  ground: 'ground of that side',
  'ground-shared': 'ground shared by all lamps',
  'branch-running': 'running wire of that side',
  'branch-bright': 'brake and turn wire of that side',
  'fuse-running': 'fuse of the running lamps',
  'pin-running': 'running pin of the plug',
  'pin-bright': 'pin of that side in the plug',
  'tow-bright': 'tow vehicle’s wire or converter for that side',
  'tow-brake': 'tow vehicle’s brake feed',
  plug: 'plug not in, or its ground',
  crossed: 'left and right wires crossed',
  unknown: 'something else',
};

const SIDES = { left: 'Left', right: 'Right' } as const;

/** Kinds that are met on a whole side rather than at a lamp. */
const OF_A_SIDE: ReadonlySet<FaultKind> = new Set([
  'ground',
  'branch-running',
  'branch-bright',
  'pin-bright',
  'tow-bright',
]);

/** A fault by its id, such as `socket@left`: what, and at which lamp or side. */
function faultName(id: string): string {
  if (id === 'ground-shared-braked') return 'Ground shared by all lamps: they dim while the brake is on';
  const [kind, at] = id.split('@') as [FaultKind, Lamp | undefined];
  const name = FAULT_NAMES[kind] ?? FAULT_NAMES.unknown;
  if (at === undefined) return capital(name);
  return `${OF_A_SIDE.has(kind) ? SIDES[at as keyof typeof SIDES] : LAMP_WORDS[at]}: ${name}`;
}

/** Some faults at once, in a clause. */
export function faultsWords(ids: readonly string[]): string {
  return list(ids.map((id, i) => (i === 0 ? faultName(id) : small(faultName(id)))));
}

/** The lamps that failed, by function: `left lamp running and plate lamp running`. */
export function lampsFailedWords(
  cells: readonly { readonly lamp: string; readonly shows: string }[],
): string {
  const said = cells.map(
    ({ lamp, shows }) => `${small(LAMP_WORDS[lamp as Lamp])} ${small(SHOWS_WORDS[shows as Shows])}`,
  );
  return list([...new Set(said)].slice(0, 6));
}

/** The lamps that are tried together, by what they show. */
export const LAMPS_BY_FUNCTION: Readonly<Record<LampFunction, string>> = {
  running: 'running lamps',
  brake: 'brake lamps',
  left: 'left turn lamp',
  right: 'right turn lamp',
  other: 'reverse lamps and the rest',
};

/** What a measured brake current says. */
export function circuitSaid(fault: string, pull: number, of: number): string {
  switch (fault as BrakeCircuitFault) {
    case 'all-pull':
      return `All ${words(of, 'magnet')} pull.`;
    case 'none':
      return 'No magnet pulls.';
    case 'side-or-axle':
      return `${words(pull, 'magnet')} of ${words(of, 'magnet')} pull: half of them.`;
    case 'some':
      return `${words(pull, 'magnet')} of ${words(of, 'magnet')} pull.`;
    case 'high-resistance':
      return 'The current lies between two counts: a poor joint rather than a dead magnet.';
    case 'too-much':
      return 'More current than all magnets can draw: a short.';
  }
}
