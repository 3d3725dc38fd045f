import type {
  BrakeCircuit,
  Cause,
  FaultKind,
  Lamp,
  Shows,
  Sight,
  TestAt,
  TestKind,
  Wiring,
} from '@/core/faults';
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
  brake: 'Brake',
  'turn-left': 'Turn left',
  'turn-right': 'Turn right',
};

/** What is switched on in the tow vehicle. */
export const SWITCH_WORDS: Record<Shows, string> = {
  running: 'Switch the running lamps on',
  brake: 'Wedge the brake pedal down',
  'turn-left': 'Turn signal to the left',
  'turn-right': 'Turn signal to the right',
};

export const SIGHT_WORDS: Record<Sight, string> = { ok: 'Burns', dim: 'Dim', out: 'Out', wrong: 'Wrong one' };

export const WIRING_WORDS: Record<Wiring, string> = {
  shared: 'Brake and turn share one red lamp',
  separate: 'Turn signals have lamps of their own',
};

interface FaultWords {
  readonly name: string;
  /** Where it is on the rig, and what to do. */
  readonly where: string;
}

const FAULTS: Record<FaultKind, FaultWords> = {
  'bulb-running': {
    name: 'running filament burnt out',
    where: 'In the lamp: renew the bulb, grease its contacts.',
  },
  'bulb-bright': {
    name: 'brake and turn filament burnt out',
    where: 'In the lamp: renew the bulb, grease its contacts.',
  },
  'bulb-brake': { name: 'brake bulb burnt out', where: 'In the lamp: renew the bulb, grease its contacts.' },
  'bulb-turn': { name: 'turn bulb burnt out', where: 'In the lamp: renew the bulb, grease its contacts.' },
  'bulb-both': { name: 'bulb burnt out or loose', where: 'In the lamp: take it out, look, renew it.' },
  'bulb-single': { name: 'bulb burnt out', where: 'In that lamp: renew the bulb, grease its contacts.' },
  socket: { name: 'socket corroded', where: 'In the lamp, under the bulb: clean the contacts, grease them.' },
  ground: {
    name: 'ground of that side',
    where: 'The white wire or screw behind the lamp, where it meets the frame: clean to bright metal.',
  },
  'ground-shared': {
    name: 'ground shared by all lamps',
    where:
      'The white wire from the plug to the tongue, at its screw on the frame; then the plug’s ground pin.',
  },
  'branch-running': {
    name: 'running wire of that side',
    where: 'The brown wire where it parts for that side, usually near the back crossmember.',
  },
  'branch-bright': {
    name: 'brake and turn wire of that side',
    where: 'The wire from the plug along that side’s rail: look where it is clamped or rubs.',
  },
  'fuse-running': {
    name: 'fuse of the running lamps',
    where: 'In the tow vehicle: the fuse for trailer running lamps.',
  },
  'pin-running': { name: 'running pin of the plug', where: 'At the hitch: clean the pin and its socket.' },
  'pin-bright': {
    name: 'pin of that side in the plug',
    where: 'At the hitch: clean the pin and its socket.',
  },
  'tow-bright': {
    name: 'tow vehicle’s wire or converter for that side',
    where: 'Before the socket: the vehicle’s own lamp tells whether its bulb side works.',
  },
  'tow-brake': {
    name: 'tow vehicle’s brake feed',
    where: 'Before the socket: brake lamp fuse, switch, or the converter.',
  },
  plug: {
    name: 'plug not in, or its ground',
    where: 'At the hitch: push it home, clean all pins, look for green.',
  },
  crossed: {
    name: 'left and right wires crossed',
    where: 'At the plug: two wires are in each other’s place.',
  },
  unknown: { name: 'something else', where: 'Follow the wire from the plug.' },
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
  const [kind, at] = id.split('@') as [FaultKind, Lamp | undefined];
  const { name } = FAULTS[kind] ?? FAULTS.unknown;
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

/** A cause in words: what, where to look and do. */
export function causeWords({ faults }: Cause): FaultWords {
  const first = faults[0];
  return {
    name: faultsWords(faults.map(({ id }) => id)),
    where:
      [...new Set(faults.map((fault) => FAULTS[fault.kind].where))].join(' ') ||
      (first ? FAULTS[first.kind].where : ''),
  };
}

/** How sure a cause is, in words and figures. */
export function sureWords(sure: number): string {
  const share = `${Math.round(sure * 100)} %`;
  return sure >= 0.8 ? `${share}, all but sure` : sure >= 0.5 ? `${share}, likely` : share;
}

interface TestWords {
  readonly ask: string;
  readonly outcomes: Readonly<Record<string, string>>;
}

const TEST_WORDS: Record<TestKind, (side: string) => TestWords> = {
  'swap-bulb': (side) => ({
    ask: `Put a bulb that burns, such as the other side’s, into the ${side} lamp.`,
    outcomes: { lights: 'It burns now', 'stays-out': 'Still out' },
  }),
  'ground-wire': (side) => ({
    ask: `Hold a wire from the ${side} lamp’s ground to bright metal of the frame.`,
    outcomes: { better: 'Burns bright', same: 'No change' },
  }),
  'frame-wire': () => ({
    ask: 'Hold a wire from the trailer’s frame to bright metal of the tow vehicle.',
    outcomes: { better: 'All burn bright', same: 'No change' },
  }),
  'volts-at-lamp': (side) => ({
    ask: `With it switched on, measure at the contact in the ${side} lamp’s socket: 12 V?`,
    outcomes: { there: '12 V is there', none: 'Nothing' },
  }),
  'volts-at-socket': () => ({
    ask: 'With it switched on and the plug out, measure at that pin of the tow vehicle’s socket: 12 V?',
    outcomes: { there: '12 V is there', none: 'Nothing' },
  }),
  'clean-plug': () => ({
    ask: 'Pull the plug, clean its pins, push it home and wiggle it.',
    outcomes: { changes: 'It changes', same: 'No change' },
  }),
  'look-socket': (side) => ({
    ask: `Take the ${side} bulb out and look at the contacts.`,
    outcomes: { green: 'Green or rusty', bright: 'Bright' },
  }),
};

/** A test in words, with its outcomes. */
export function testWords({ test, side }: TestAt): TestWords {
  return TEST_WORDS[test](side ?? 'dark');
}

/** What a measured brake current says. */
export function circuitSaid(fault: string, pull: number, of: number): string {
  switch (fault as BrakeCircuit['fault']) {
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

/** A measured brake current in words: what it says and where to look. */
export function circuitWords(circuit: BrakeCircuit): { readonly said: string; readonly where: string } {
  const { count, of, full, fault } = circuit;
  const all = `${of} magnets would draw ${full.toFixed(1)} A.`;
  return { said: circuitSaid(fault, count, of), where: `${all} ${CIRCUIT_LOOK[fault]}`.trim() };
}

/** Where to look after a measured brake current. */
const CIRCUIT_LOOK: Record<BrakeCircuit['fault'], string> = {
  'all-pull': '',
  none: 'Look at the controller\u2019s fuse, the brake pin of the plug, and the ground.',
  'side-or-axle': 'Half is a whole axle or side: look at the wire between the axles, then at its splices.',
  some: 'Measure each magnet at its wires: the one that is open or far off its figure.',
  'high-resistance': 'Look at splices and the ground; wiggle them while someone reads.',
  'too-much':
    'A wire rubbed through, often inside the axle tube, or a shorted magnet. Do not tow on it: the fuse goes next.',
};
