import { seeded } from '../base';
import {
  cellsOf,
  diagnoseLights,
  faultsOf,
  lampsOf,
  patternOf,
  testsFor,
  testTells,
  type Fault,
  type Pattern,
  type TestAt,
  type TestDone,
  type Wiring,
} from '../judge';
import type { RigModel } from '../rig';
import { fewestTests } from './fewest';
import { pick, shuffled } from './shuffled';

/** A trailer with something hidden that is wrong with its lamps. */
export interface FaultDrill {
  readonly wiring: Wiring;
  /** What is wrong: one thing, or two at once. */
  readonly hidden: readonly Fault[];
  /** What is seen of each lamp. */
  readonly pattern: Pattern;
  /** All that it may be, the names to choose from. */
  readonly choices: readonly Fault[];
  readonly tests: readonly TestAt[];
}

/** Of so many, one has two faults at once. */
const TWO_OF = 4;

/** Hides one or two faults by a seed, in a rig of these lamps. */
export function faultDrill(model: Pick<RigModel, 'gear'>, wiring: Wiring, seed: number): FaultDrill {
  const random = seeded(seed);
  const lamps = lampsOf(model);
  const choices = faultsOf(lamps, wiring);
  const cells = cellsOf(model);
  const weighed = choices.flatMap((fault) => Array.from({ length: Math.ceil(fault.weight) }, () => fault));
  const first = pick(weighed, random);
  const seenWith = (faults: readonly Fault[]) => JSON.stringify(patternOf(cells, faults));
  const ofOne = new Set(choices.map((fault) => seenWith([fault])));
  // Two that no single fault explains: else nobody could tell that there are two.
  const second =
    random() < 1 / TWO_OF
      ? shuffled(weighed, random).find((fault) => !ofOne.has(seenWith([first, fault])))
      : undefined;
  const hidden = second ? [first, second] : [first];
  return { wiring, hidden, pattern: patternOf(cells, hidden), choices, tests: testsFor(lamps) };
}

/** What a test tells on this trailer. */
export function makeTest({ hidden }: FaultDrill, test: TestAt): TestDone {
  return { ...test, result: testTells(test, hidden) };
}

/** What may still be wrong after what was seen and tested: single faults, and two at once. */
export function stillOpen(drill: FaultDrill, done: readonly TestDone[]): readonly (readonly Fault[])[] {
  const cells = drill.pattern.map(({ lamp, shows }) => ({ lamp, shows }));
  const seen = JSON.stringify(drill.pattern);
  const fits = (faults: readonly Fault[]) =>
    JSON.stringify(patternOf(cells, faults)) === seen &&
    done.every((one) => testTells(one, faults) === one.result);
  const singles = drill.choices.map((fault) => [fault]).filter(fits);
  if (singles.length > 0) return singles;
  return drill.choices.flatMap((a, i) => drill.choices.slice(i + 1).map((b) => [a, b])).filter(fits);
}

/** The fewest tests that are to be expected, each cause weighed by how often it is met. */
export function bestExpected(drill: FaultDrill): number {
  const open = stillOpen(drill, []);
  return fewestTests(
    open.map((faults) => faults.reduce((all, one) => all * one.weight, 1)),
    drill.tests.map((test) => open.map((faults) => testTells(test, faults))),
  );
}

/** How a search ended. */
export interface FaultOutcome {
  /** All that is wrong was named, and nothing else; or it cannot be told from what was named by any test. */
  readonly right: boolean;
  readonly tests: number;
  readonly expected: number;
  /** What no test was left to tell apart when it was named. */
  readonly open: readonly (readonly Fault[])[];
  /** The test the fault finder would have made first. */
  readonly first: TestAt | undefined;
}

/** Judges a search by what its tests left open, and by the fault finder of the Road. */
export function faultOutcome(
  drill: FaultDrill,
  model: Pick<RigModel, 'gear'>,
  done: readonly TestDone[],
  named: readonly string[],
): FaultOutcome {
  const same = (a: readonly string[], b: readonly string[]) => [...a].sort().join() === [...b].sort().join();
  const hidden = drill.hidden.map(({ id }) => id);
  const after = stillOpen(
    drill,
    drill.tests.map((test) => makeTest(drill, test)),
  );
  return {
    right:
      same(named, hidden) ||
      after.some((faults) =>
        same(
          faults.map(({ id }) => id),
          named,
        ),
      ),
    tests: done.length,
    expected: bestExpected(drill),
    open: stillOpen(drill, done),
    first: diagnoseLights(lampsOf(model), drill.wiring, drill.pattern).next,
  };
}
