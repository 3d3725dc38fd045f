import { circuitVerdict, type BrakeCircuit } from '../judge';
import type { RigState } from '../log';
import type { NewEntry, NewId } from './new-entry';
import { tellFinding } from './finding';

/** A brake current (A) and the voltage it was measured at (V), with what it speaks for. */
export interface CurrentTaken {
  readonly amps: number;
  readonly volts: number;
  readonly circuit: BrakeCircuit;
}

/** What a measured brake current puts on the log: the readings, and a finding where not all magnets pull. */
export function circuitEntries(
  { amps, volts, circuit }: CurrentTaken,
  rig: Pick<RigState, 'findings'>,
  newId: NewId,
): readonly NewEntry[] {
  const reading = newId();
  const verdict = circuitVerdict(circuit);
  return [
    {
      kind: 'reading',
      id: reading,
      body: {
        taken: [
          { place: 'rig', what: 'brake-amps', value: amps, by: 'meter' },
          { place: 'rig', what: 'volts', value: volts, by: 'meter' },
        ],
      },
    },
    ...(verdict === 'clear'
      ? []
      : [
          tellFinding(
            {
              place: 'rig',
              verdict,
              of: { amps, circuit: circuit.fault, pull: circuit.count, of: circuit.of },
            },
            { rig, from: reading },
          ),
        ]),
  ];
}
