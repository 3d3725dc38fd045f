import { toSI, VERDICT_SCALE, type Verdict } from '../base';
import type { RigModel } from '../rig';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { judgeReading, judgeWarmPressure, pressureStands } from '.';

const psi = (value: number) => toSI(value, 'psi');
const model: RigModel = {
  ...sampleModel({ axles: 1, brake: 'electric' }),
  tires: { pressure: { value: psi(65), source: 'maker' } },
};
const cold = (value: number, rolled = false) => {
  const judged = judgeReading('pressure', psi(value), { model, place: '1L', house: HOUSE_DEFAULT, rolled });
  if (!judged) throw new Error('no target');
  return { judgement: judged, value: psi(value) };
};
const warm = (value: number, more: { morning?: number; mate?: number } = {}) => {
  const target = { value: psi(65), source: 'maker' } as const;
  const of = (figure: number | undefined) => (figure === undefined ? undefined : psi(figure));
  const about = { target, morning: of(more.morning), mate: of(more.mate) };
  const judged = judgeWarmPressure(psi(value), about);
  if (!judged) throw new Error('no target');
  return { judgement: judged, value: psi(value) };
};

test.each<readonly [string, ReturnType<typeof cold>, Verdict | undefined, Verdict]>([
  ['parked at 32 of 65 psi, filled to it', cold(32), 'clear', 'watch'],
  ['53 of 65, filled to it', cold(53), 'clear', 'watch'],
  ['60 of 65, filled to it', cold(60), 'clear', 'clear'],
  ['90 of 65, let down to it', cold(90), 'clear', 'clear'],
  ['32 of 65, not touched', cold(32), undefined, 'stop'],
  ['32 of 65, filled to no more than 53', cold(32), 'due', 'due'],
  ['driven at 50 of 65, filled to it: its inside has suffered', cold(50, true), 'clear', 'stop'],
  ['driven at 32 of 65, filled to it', cold(32, true), 'clear', 'stop'],
  ['warm at 48: driven so', warm(48), 'clear', 'stop'],
  [
    'warm, up by a third since the morning: no air puts that right',
    warm(88, { morning: 66 }),
    'clear',
    'stop',
  ],
  ['warm, a tenth under its mate, filled to it', warm(62, { mate: 70 }), 'clear', 'watch'],
])('%s: left %s it stands as %s', (_, found, left, stands) =>
  expect(pressureStands({ ...found, left })).toBe(stands),
);

test('filled it never stands milder than it was left, nor graver than it was found', () => {
  const { rank } = VERDICT_SCALE;
  for (const rolled of [false, true])
    for (let value = 10; value <= 120; value += 1)
      for (const left of ['clear', 'watch', 'due', 'stop'] as const) {
        const found = cold(value, rolled);
        const stands = rank(pressureStands({ ...found, left }));
        expect(stands).toBeGreaterThanOrEqual(rank(left));
        expect(stands).toBeLessThanOrEqual(Math.max(rank(left), rank(found.judgement.verdict)));
      }
});
