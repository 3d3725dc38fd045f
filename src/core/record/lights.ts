import { placesOfCause, type Diagnosis, type Pattern, type TestDone, type Wiring } from '../judge';
import type { LightsBody, RigState } from '../log';
import { type GradeId, gradeVerdict } from '../rules';
import type { Severity } from '../base';
import type { NewEntry, NewId } from './new-entry';
import { tellFinding } from './finding';

/** A lamp test as it was made. */
export interface LampTest {
  readonly how: LightsBody['how'];
  readonly wiring: Wiring;
  readonly pattern: Pattern;
  readonly tests: readonly TestDone[];
  readonly diagnosis: Diagnosis;
}

/** How bad a pattern is: no brake lamp or no running lamp at all is not towed. */
function gradeOf(pattern: Pattern): Extract<GradeId, 'dim' | 'one-out' | 'none'> {
  const dead = (shows: string) => {
    const of = pattern.filter((cell) => cell.shows === shows);
    return of.length > 0 && of.every(({ result }) => result === 'out');
  };
  if (dead('brake') || dead('running')) return 'none';
  return pattern.some(({ result }) => result === 'out' || result === 'wrong') ? 'one-out' : 'dim';
}

/** What a lamp test puts on the log: itself, and where lamps failed a finding at the likeliest place. */
export function lightsEntries(
  told: LampTest,
  rig: Pick<RigState, 'findings'>,
  newId: NewId,
): readonly NewEntry[] {
  const { how, wiring, pattern, tests, diagnosis } = told;
  const [cause] = diagnosis.causes;
  const faults = cause?.faults.map(({ id }) => id);
  const test = newId();
  const entry: NewEntry = {
    kind: 'lights',
    id: test,
    body: {
      wiring,
      how,
      results: pattern.map((cell) => ({ ...cell })),
      tests: tests.map(({ test: made, side, result }) => ({ test: made, ...(side && { side }), result })),
      ...(cause && faults && { cause: { faults, sure: cause.sure } }),
    },
  };
  const bad = pattern.filter(({ result }) => result !== 'ok');
  if (bad.length === 0) return [entry];
  const grade = gradeOf(pattern);
  return [
    entry,
    tellFinding(
      {
        place: (cause && placesOfCause(cause)[0]) ?? 'plug',
        verdict: gradeVerdict('lamp', grade) as Severity,
        of: {
          subject: 'lamp',
          grade,
          lamps: bad.map(({ lamp, shows }) => ({ lamp, shows })),
          ...(faults && { faults }),
        },
      },
      { rig, from: test },
    ),
  ];
}
