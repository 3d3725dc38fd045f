import * as fc from 'fast-check';
import { anyLog, sampleModel } from '../testing/arbitraries';
import { storyFrom } from '../testing/story';
import { fingerprintOf, rigOfFingerprint } from '.';

const FAR = '2100-01-01T00:00:00.000Z';

test('the same entries give the same fingerprint in whatever order they come; one less gives another', () => {
  fc.assert(
    fc.property(anyLog, (log) => {
      const rig = log[0]?.rig ?? '';
      const own = log.filter((entry) => entry.rig === rig);
      const all = fingerprintOf(log, rig, FAR);
      expect(fingerprintOf([...log].reverse(), rig, FAR)).toEqual(all);
      expect(all.count).toBe(own.length);
      expect(all.sum).toMatch(/^([0-9a-f]{4}-){4}[0-9a-f]{4}$/);
      expect(fingerprintOf(own.slice(1), rig, FAR).sum).not.toBe(all.sum);
    }),
  );
});

test('what is written down later is none of it, nor is the day that a device put beside a moment; a changed figure is', () => {
  const { setup, trip, rig, day } = storyFrom('2026-01-01');
  const begun = [setup(sampleModel({})), trip(1, 100)];
  const then = fingerprintOf(begun, rig, day(5));
  expect(fingerprintOf([...begun, trip(9, 50)], rig, day(5))).toEqual(then);
  const dated = begun.map((entry) => ({ ...entry, days: { happened: '2026-01-01' } })) as typeof begun;
  expect(fingerprintOf(dated, rig, day(5))).toEqual(then);
  const [first, second] = begun;
  const other = [first, { ...second, body: { distance: 1, launches: 0 } }] as typeof begun;
  expect(fingerprintOf(other, rig, day(5)).sum).not.toBe(then.sum);
});

test('a printed fingerprint is found in an archive that has grown since, however it was typed; another is not', () => {
  const { setup, trip, rig, day } = storyFrom('2026-01-01');
  const begun = [setup(sampleModel({})), trip(1, 100)];
  const printed = fingerprintOf(begun, rig, day(5));
  const grown = [trip(9, 50), ...begun];
  expect(rigOfFingerprint(grown, printed)).toBe(rig);
  const typed = { ...printed, sum: printed.sum.toUpperCase().replaceAll('-', ' ') };
  expect(rigOfFingerprint(grown, typed)).toBe(rig);
  expect(rigOfFingerprint(grown, { ...printed, count: 3 })).toBeUndefined();
  expect(rigOfFingerprint(grown, { ...printed, count: 0 })).toBeUndefined();
  expect(rigOfFingerprint(begun.slice(1), printed)).toBeUndefined();
});
