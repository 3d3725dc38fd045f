import type { BrakeCircuit, Cause, FaultKind, Shows, Sight, TestAt, TestKind, Wiring } from '@/core/judge';
import { circuitSaid, faultsWords } from './fault-names';
import { formatNumber } from '@/core/base';

/** What is switched on in the tow vehicle. */
export const SWITCH_WORDS: Record<Shows, string> = {
  running: 'Switch the running lamps on',
  braked: 'Running lamps on, brake pedal wedged down: do these dim?',
  brake: 'Wedge the brake pedal down',
  'turn-left': 'Turn signal to the left',
  'turn-right': 'Turn signal to the right',
};

export const SIGHT_WORDS: Record<Sight, string> = { ok: 'Works', dim: 'Dim', out: 'Out', wrong: 'Wrong one' };

export const WIRING_WORDS: Record<Wiring, string> = {
  shared: 'Brake and turn share one red lamp',
  separate: 'Turn signals have lamps of their own',
};

interface FaultWords {
  readonly name: string;
  /** Where it is on the rig, and what to do. */
  readonly where: string;
}

/** Where each is on the rig, and what to do. */
const LOOK_AT: Record<FaultKind, string> = {
  'bulb-running': 'In the lamp: replace the bulb, grease its contacts.',
  'bulb-bright': 'In the lamp: replace the bulb, grease its contacts.',
  'bulb-brake': 'In the lamp: replace the bulb, grease its contacts.',
  'bulb-turn': 'In the lamp: replace the bulb, grease its contacts.',
  'bulb-both': 'In the lamp: take it out, look, replace it.',
  'bulb-single': 'In that lamp: replace the bulb, grease its contacts.',
  socket: 'In the lamp, under the bulb: clean the contacts, grease them.',
  ground: 'The white wire or screw behind the lamp, where it meets the frame: clean to bright metal.',
  'ground-shared':
    'The white wire from the plug to the tongue, at its screw on the frame; then the plug’s ground pin.',
  'branch-running': 'The brown wire where it splits off to that side, usually near the back crossmember.',
  'branch-bright': 'The wire from the plug along that side’s rail: look where it is clamped or rubs.',
  'fuse-running': 'In the tow vehicle: the fuse for trailer running lamps.',
  'pin-running': 'At the hitch: clean the pin and its socket.',
  'pin-bright': 'At the hitch: clean the pin and its socket.',
  'tow-bright': 'Before the socket: the vehicle’s own lamp tells whether its bulb side works.',
  'tow-brake': 'Before the socket: brake lamp fuse, switch, or the converter.',
  plug: 'At the hitch: push it home, clean all pins, look for green.',
  crossed: 'At the plug: two wires are in each other’s place.',
  unknown: 'Follow the wire from the plug.',
};

/** A cause in words: what, where to look and do. */
export function causeWords({ faults }: Cause): FaultWords {
  const first = faults[0];
  return {
    name: faultsWords(faults.map(({ id }) => id)),
    where:
      [...new Set(faults.map((fault) => LOOK_AT[fault.kind]))].join(' ') ||
      (first ? LOOK_AT[first.kind] : ''),
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
    ask: `Put a bulb that works, such as the other side’s, in the ${side} lamp.`,
    outcomes: { lights: 'It lights now', 'stays-out': 'Still out' },
  }),
  'ground-wire': (side) => ({
    ask: `Hold a wire from the ${side} lamp’s ground to bright metal of the frame.`,
    outcomes: { better: 'Lights bright', same: 'No change' },
  }),
  'frame-wire': () => ({
    ask: 'Hold a wire from the trailer’s frame to bright metal of the tow vehicle.',
    outcomes: { better: 'All light bright', same: 'No change' },
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

/** A measured brake current in words: what it says and where to look. */
export function circuitWords(circuit: BrakeCircuit): { readonly said: string; readonly where: string } {
  const { count, of, full, fault } = circuit;
  const all = `${of} magnets would draw ${formatNumber(full, 1)} A.`;
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
