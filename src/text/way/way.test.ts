import type { MilesBy } from '@/core/log';
import { toSI } from '@/core/base';
import type { Alarm, AlarmCode, ComingLook, LookCause } from '@/core/road';
import {
  ALARM_DO,
  alarmFigures,
  alarmTitle,
  awayWords,
  channelValue,
  comeWords,
  hubByHand,
  lookTitle,
  lookWhy,
  signOf,
  waitWords,
} from '.';

const mi = (value: number) => toSI(value, 'mi');
const CAUSES: readonly LookCause[] = [
  'recheck',
  'torque',
  'limit',
  'limit-ends',
  'warm-hub',
  'first-stop',
  'every-stop',
  'ramp',
];
const CODES: readonly AlarmCode[] = [
  'hub-over-mate',
  'hub-over-air',
  'hub-hot',
  'tire-leak',
  'tire-low',
  'tire-rise',
  'tire-under-mate',
];
const look = (cause: LookCause, more: Partial<ComingLook> = {}): ComingLook => ({
  cause,
  left: mi(8),
  of: mi(25),
  places: ['1L'],
  ...more,
});

test.each(CAUSES)('%s: what it is, and why', (cause) => {
  expect(lookTitle(look(cause), undefined, 'us')).toMatch(/^[A-Z].{8,}/);
  expect(lookWhy(look(cause))).toMatch(/^[A-Z1].{8,}[^.]$/);
});

test('a sign has whole miles far off, halves near by, and none where it is now', () => {
  expect([signOf(mi(42.9), 'us'), signOf(mi(7.3), 'us'), signOf(mi(0.2), 'us'), signOf(-5, 'us')]).toEqual([
    { number: '42', unit: 'mi' },
    { number: '7.5', unit: 'mi' },
    undefined,
    undefined,
  ]);
  expect(signOf(20_000, 'metric')).toEqual({ number: '20', unit: 'km' });
  expect([awayWords(look('recheck'), 'us'), awayWords(look('ramp', { left: undefined }), 'us')]).toEqual([
    'in 8.0 mi',
    'when you get there',
  ]);
  expect([waitWords(59_000), waitWords(3_600_000), waitWords(4_500_000)]).toEqual([
    '1 min',
    '1 h',
    '1 h 15 min',
  ]);
});

test.each(CODES)('%s: called in words with its figures, in both systems', (code) => {
  const tire = code.startsWith('tire');
  const alarm: Alarm = {
    code,
    place: '2L',
    weight: 'stop',
    value: tire ? toSI(60, 'psi') : toSI(152, '°F'),
    against: code === 'tire-leak' ? toSI(0.2, 'psi') / 60 : tire ? toSI(70, 'psi') : toSI(110, '°F'),
    trouble: tire ? 'soft' : 'hot',
    since: 0,
  };
  expect(alarmTitle(alarm)).toMatch(/^2L: [a-z]/);
  expect(alarmFigures(alarm, 'us')).toMatch(tire ? /60 psi/ : /152 °F/);
  expect(alarmFigures(alarm, 'metric')).toMatch(tire ? /4\.14 bar/ : /67 °C/);
  expect(alarmFigures(alarm, 'metric')).not.toMatch(/psi|°F/);
  expect(ALARM_DO[alarm.weight]).toMatch(/stop/i);
});

test('a difference of degrees is no temperature: 42 °F over is 23 °C over', () => {
  const alarm = {
    code: 'hub-over-mate',
    place: '1R',
    weight: 'stop',
    value: toSI(152, '°F'),
    against: toSI(110, '°F'),
    trouble: 'hot',
    since: 0,
  } as const;
  expect(alarmFigures(alarm, 'us')).toBe('152 °F, 42 °F over its mate');
  expect(alarmFigures(alarm, 'metric')).toBe('67 °C, 23 °C over its mate');
});

test('a hub by hand says how its mate was', () => {
  expect(hubByHand('briefly', { place: '1R', cool: true })).toContain('1R across stays cool');
  expect(hubByHand('too-hot', undefined)).toMatch(/^It does not bear a hand\. /);
});

test('every channel has its figure with a unit', () => {
  const values = [
    channelValue('pressure', toSI(65, 'psi'), 'us'),
    channelValue('hub-temp', 320, 'us'),
    channelValue('brake-amps', 11.2, 'us'),
    channelValue('torque', 149, 'us'),
    channelValue('distance', mi(12.3), 'us'),
    channelValue('speed', mi(60) / 3600, 'us'),
  ];
  expect(values).toEqual(['65 psi', '116 °F', '11.2 A', '110 lbf·ft', '12.3 mi', '60 mph']);
});

test('how far a trip has come is said by whom; without a figure where nobody told one, or too long ago', () => {
  const told = '2026-05-16T14:00:00.000Z';
  const by = (who: MilesBy | 'clock', into: number, hours: number) => {
    const now = new Date(Date.parse(told) + hours * 3_600_000).toISOString();
    const { figure, said } = comeWords({ into, by: who }, told, now, 'us');
    return [figure, said].filter(Boolean).join(' ');
  };
  expect(by('owner', toSI(40, 'mi'), 1)).toBe('40 mi into the trip, as you read them');
  expect(by('owner', 0, 0)).toBe('No miles told yet');
  expect(by('clock', toSI(130, 'mi'), 2)).toBe('130 mi into the trip, at most, by the clock');
  expect(by('clock', toSI(14_040, 'mi'), 216)).toMatch(/^Miles not known: none told since /);
});
