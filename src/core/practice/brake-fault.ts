import { seeded, toSI } from '../base';
import { judgeBrakeCircuit, magnetsOf, type BrakeCircuit } from '../judge';
import { magnetCurrent, wireResistance, type MagnetCircuit } from '../figures';
import { wheelEnds, type RigModel, type WheelEnd } from '../rig';
import { fewestTests } from './fewest';
import { pick } from './shuffled';

/** What can be wrong with electric brakes: a magnet that is open or shorted, the wire to one axle, a poor joint for all. */
export interface BrakeFault {
  readonly kind: 'open' | 'short' | 'axle-wire' | 'poor-joint';
  /** The wheel end, or for the wire to an axle one of its ends. */
  readonly at: WheelEnd | undefined;
  readonly weight: number;
}

/** Where one measures: the current of all, the resistance of one magnet at its wires, the volts that reach one. */
export interface BrakeTest {
  readonly test: 'current' | 'ohms' | 'volts';
  readonly at: WheelEnd | undefined;
}

/** Electric brakes with something hidden that is wrong. */
export interface BrakeDrill {
  readonly circuit: MagnetCircuit;
  readonly ends: readonly WheelEnd[];
  readonly hidden: BrakeFault;
  readonly choices: readonly BrakeFault[];
  readonly tests: readonly BrakeTest[];
}

/** A usual circuit: 3.2 Ω magnets on 30 ft of 12 AWG wire (handbook 8.7). */
const USUAL: MagnetCircuit = { volts: 12.6, magnet: 3.2, length: toSI(30, 'ft'), gauge: 12 };
/** What a poor joint adds, and what is left of a magnet that is shorted (Ω). */
const JOINT = 0.7;
const SHORTED = 0.3;
/** As often as each is met, against the others: our own estimate. */
const MET = { open: 4, short: 1, 'axle-wire': 5, 'poor-joint': 6 } as const;

export const brakeFaultName = ({ kind, at }: Pick<BrakeFault, 'kind' | 'at'>): string =>
  `${kind}@${at ?? ''}`;

/** Hides a fault by a seed; undefined where the rig has no electric brakes. */
export function brakeDrill(model: RigModel, seed: number): BrakeDrill | undefined {
  if (magnetsOf(model) === 0) return undefined;
  const ends = wheelEnds(model).filter((end) => model.axles[Number(end[0]) - 1]?.brake === 'electric');
  const at = (kind: 'open' | 'short') =>
    ends.map((end): BrakeFault => ({ kind, at: end, weight: MET[kind] }));
  const choices: readonly BrakeFault[] = [
    { kind: 'poor-joint', at: undefined, weight: MET['poor-joint'] },
    // With one axle the wire to it is the wire to all: no magnet pulls.
    ...ends
      .filter((end) => end.endsWith('L'))
      .map((end): BrakeFault => ({ kind: 'axle-wire', at: end, weight: MET['axle-wire'] })),
    ...at('open'),
    ...at('short'),
  ];
  const hidden = pick(
    choices.flatMap((fault) => Array.from({ length: fault.weight }, () => fault)),
    seeded(seed),
  );
  return {
    circuit: USUAL,
    ends,
    hidden,
    choices,
    tests: [
      { test: 'current', at: undefined },
      ...ends.map((end): BrakeTest => ({ test: 'ohms', at: end })),
      ...ends.map((end): BrakeTest => ({ test: 'volts', at: end })),
    ],
  };
}

const onAxle = (a: WheelEnd, b: WheelEnd | undefined) => b !== undefined && a[0] === b[0];

/** Magnets that are fed and carry current, as conductance (1/Ω). */
function load({ circuit, ends }: Pick<BrakeDrill, 'circuit' | 'ends'>, fault: BrakeFault): number {
  return ends.reduce((sum, end) => {
    if (fault.kind === 'axle-wire' && onAxle(end, fault.at)) return sum;
    if (fault.at === end && fault.kind === 'open') return sum;
    return sum + 1 / (fault.at === end && fault.kind === 'short' ? SHORTED : circuit.magnet);
  }, 0);
}

/** What a meter shows (A, Ω or V); undefined where nothing comes: an open magnet has no reading. */
export function brakeReads(
  drill: Pick<BrakeDrill, 'circuit' | 'ends'>,
  fault: BrakeFault,
  { test, at }: BrakeTest,
): number | undefined {
  const { circuit } = drill;
  const joint = fault.kind === 'poor-joint' ? JOINT : 0;
  const wire = wireResistance(circuit.gauge, circuit.length) + joint;
  const all = load(drill, fault);
  const current = all === 0 ? 0 : circuit.volts / (wire + 1 / all);
  if (test === 'current') return current;
  if (test === 'ohms') {
    if (fault.at === at && fault.kind === 'open') return undefined;
    return fault.at === at && fault.kind === 'short' ? SHORTED : circuit.magnet;
  }
  if (at !== undefined && fault.kind === 'axle-wire' && onAxle(at, fault.at)) return 0;
  return circuit.volts - current * wire;
}

/** What a measured current says, by the rule that judges real ones. */
export function currentSays(drill: BrakeDrill, measured: number): BrakeCircuit {
  return judgeBrakeCircuit(drill.circuit, drill.ends.length, measured);
}

/** What all of them would draw when nothing is wrong (A). */
export const soundCurrent = ({ circuit, ends }: BrakeDrill): number => magnetCurrent(circuit, ends.length);

const said = (value: number | undefined) => (value === undefined ? 'none' : value.toFixed(1));

/** The fewest measurements that are to be expected. */
export function brakeExpected(drill: BrakeDrill): number {
  return fewestTests(
    drill.choices.map(({ weight }) => weight),
    drill.tests.map((test) => drill.choices.map((fault) => said(brakeReads(drill, fault, test)))),
  );
}
