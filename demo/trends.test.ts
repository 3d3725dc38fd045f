import { judgeReading, historyOfReadings, pointsOf, trendsAt, warns } from '../src/core/judge';
import { foldEntries } from '../src/core/log';
import { HOUSE_DEFAULT } from '../src/core/rules';
import { wheelEnds, type WheelEnd } from '../src/core/rig';
import { demoEntries, DEMO_RIGS } from './scenario';

const NOW = '2026-05-16T14:00:00.000Z';
const fold = foldEntries(demoEntries());

function statusAt(rig: string, place: WheelEnd, kind: 'leak' | 'heat'): string {
  const model = fold.state.rigs[rig]?.model;
  if (!model) throw new Error(rig);
  const { trends } = trendsAt(historyOfReadings(fold, rig), { model, house: HOUSE_DEFAULT }, place, NOW);
  return trends.find((trend) => trend.kind === kind)?.status ?? 'none';
}

test('a tire that leaks is found before any reading of it is due, its sound mates are not', () => {
  const rig = DEMO_RIGS.juniper;
  const model = fold.state.rigs[rig]?.model;
  if (!model) throw new Error('no model');
  expect(statusAt(rig, '1R', 'leak')).toBe('leaking');
  for (const place of ['1L', '2L', '2R'] as const)
    expect([place, statusAt(rig, place, 'leak')]).toEqual([place, 'steady']);
  // Neither as it was read nor brought to one temperature is any of its readings at the limit yet.
  const { trends } = trendsAt(historyOfReadings(fold, rig), { model, house: HOUSE_DEFAULT }, '1R', NOW);
  const leak = trends.find((trend) => trend.kind === 'leak');
  if (leak?.kind !== 'leak') throw new Error('no leak');
  for (const { value, point } of leak.brought)
    for (const pressure of [value, point.value])
      expect(['clear', 'watch']).toContain(
        judgeReading('pressure', pressure, { model, house: HOUSE_DEFAULT, place: '1R' })?.verdict,
      );
  expect((leak.crosses?.likely ?? '') > NOW).toBe(true);
});

test('a bearing on its way is found before any stop is more than watched, sound hubs are not', () => {
  const rig = DEMO_RIGS.hiveCart;
  const model = fold.state.rigs[rig]?.model;
  if (!model) throw new Error('no model');
  expect(statusAt(rig, '1R', 'heat')).toBe('rising');
  for (const place of ['1L', '2L', '2R'] as const)
    expect([place, statusAt(rig, place, 'heat')]).toEqual([place, 'steady']);
  const history = historyOfReadings(fold, rig);
  const mates = pointsOf(history, 'hub-temp', '1L');
  const verdicts = pointsOf(history, 'hub-temp', '1R').map(({ entry, value }) => {
    const mate = mates.find((one) => one.entry === entry)?.value;
    return judgeReading('hub-temp', value, { model, house: HOUSE_DEFAULT, place: '1R', mate })?.verdict;
  });
  expect(new Set(verdicts)).toEqual(new Set(['clear']));
});

test('nothing else in the demo is called', () => {
  for (const [rig, but] of [
    [DEMO_RIGS.juniper, '1R'],
    [DEMO_RIGS.sandpiper, ''],
    [DEMO_RIGS.hiveCart, '1R'],
  ] as const) {
    const model = fold.state.rigs[rig]?.model;
    if (!model) throw new Error(rig);
    const history = historyOfReadings(fold, rig);
    const called = wheelEnds(model).flatMap((place) =>
      trendsAt(history, { model, house: HOUSE_DEFAULT }, place, NOW)
        .trends.filter(warns)
        .map((trend) => `${place} ${trend.kind}`),
    );
    expect(called.filter((one) => !one.startsWith(but || 'none'))).toEqual([]);
  }
});
