import fc from 'fast-check';
import { runs } from '../testing/runs';
import { sampleModel } from '../testing/arbitraries';
import { bestExpected, faultDrill, faultOutcome, makeTest, stillOpen } from './fault';

const model = sampleModel({ axles: 1 });
const drills = fc
  .record({
    seed: fc.integer({ min: 1, max: 99_999 }),
    wiring: fc.constantFrom('shared' as const, 'separate' as const),
  })
  .map(({ seed, wiring }) => faultDrill(model, wiring, seed));

test('something is seen to be wrong, and what is hidden always stays open until it is named', () => {
  fc.assert(
    fc.property(drills, (drill) => {
      expect(drill.pattern.some(({ result }) => result !== 'ok')).toBe(true);
      const done = drill.tests.map((test) => makeTest(drill, test));
      for (let i = 0; i <= done.length; i++) {
        const open = stillOpen(drill, done.slice(0, i));
        const named = (faults: readonly { readonly id: string }[]) =>
          faults
            .map(({ id }) => id)
            .sort()
            .join();
        expect(open.map(named)).toContain(named(drill.hidden));
      }
    }),
    { numRuns: runs(200) },
  );
});

test('the best expectation is no more than one test after another needs, and none where nothing is left to part', () => {
  fc.assert(
    fc.property(drills, (drill) => {
      const best = bestExpected(drill);
      const open = stillOpen(drill, []);
      expect(best).toBeGreaterThanOrEqual(0);
      expect(best).toBeLessThanOrEqual(drill.tests.length);
      if (open.length === 1) expect(best).toBe(0);
      // One test parts at most two ways: fewer than the logarithm of what can be told apart is not to be had.
      const apart = new Set(
        open.map((faults) =>
          drill.tests.map((test) => makeTest({ ...drill, hidden: faults }, test).result).join(),
        ),
      );
      if (apart.size > 1) expect(best).toBeGreaterThanOrEqual(1);
    }),
    { numRuns: 60 },
  );
});

test('worked: a lamp whose bulb is burned out is named right after it was swapped; another name is wrong', () => {
  const drill = [...Array(200).keys()]
    .map((seed) => faultDrill(model, 'shared', seed + 1))
    .find(({ hidden }) => hidden.length === 1 && hidden[0]?.id === 'bulb-both@left');
  if (!drill) throw new Error('no seed hides it');
  const swap = makeTest(drill, { test: 'swap-bulb', side: 'left' });
  expect(swap.result).toBe('lights');
  expect(faultOutcome(drill, model, [swap], ['bulb-both@left'])).toMatchObject({ right: true, tests: 1 });
  expect(faultOutcome(drill, model, [swap], ['plug'])).toMatchObject({ right: false });
});

test('the same seed hides the same', () => {
  expect(faultDrill(model, 'shared', 12).hidden.map(({ id }) => id)).toEqual(
    faultDrill(model, 'shared', 12).hidden.map(({ id }) => id),
  );
});
