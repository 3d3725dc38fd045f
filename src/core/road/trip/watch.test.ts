import fc from 'fast-check';
import { toSI } from '../../base';
import { sampleModel } from '../../testing/arbitraries';
import { runs } from '../../testing/runs';
import type { WheelEnd } from '../../rig';
import { channelQuality, NO_WATCH, reads, watchOn, type Channel, type Sample, type Watch } from '..';

const model = sampleModel({ axles: 2 });
const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');
const about = {
  model,
  target: () => ({ value: psi(65), source: 'maker' as const }),
  morning: () => psi(65),
};
const from = { name: 'Bench' };
const MINUTE = 60_000;
const ENDS: readonly WheelEnd[] = ['1L', '1R', '2L', '2R'];

type Figures = Partial<Record<`${Channel}@${string}`, number>>;

/** What a minute of the same figures comes to, told every 20 s. */
function hears(before: Watch, minute: number, figures: (at: number) => Figures, minutes = 1): Watch {
  let watch = before;
  for (let s = 0; s < minutes * 60; s += 20) {
    const at = minute * MINUTE + s * 1000;
    for (const [key, value] of Object.entries(figures(at / MINUTE))) {
      const [what, place] = key.split('@') as [Channel, Sample['place']];
      watch = watchOn(watch, { what, place, value: value ?? NaN, at, from }, about);
    }
  }
  return watch;
}

const hubs = (by: Partial<Record<WheelEnd, number>>): Figures => ({
  'air@rig': F(80),
  ...Object.fromEntries(ENDS.map((end) => [`hub-temp@${end}`, F(by[end] ?? 110)])),
});
const tires = (by: Partial<Record<WheelEnd, number>>): Figures =>
  Object.fromEntries(ENDS.map((end) => [`pressure@${end}`, psi(by[end] ?? 70)]));
const called = (watch: Watch) => watch.alarms.map(({ code, place, weight }) => [code, place, weight]);

describe('hubs', () => {
  test.each([
    [134, []],
    [136, [['hub-over-mate', '2L', 'look']]],
    [152, [['hub-over-mate', '2L', 'stop']]],
    [171, [['hub-hot', '2L', 'stop']]],
  ])('%i °F beside mates of 110 in air of 80', (heat, alarms) => {
    expect(called(hears(NO_WATCH, 0, () => hubs({ '2L': heat }), 5))).toEqual(alarms);
  });

  test('warm alike down a grade, nothing is called; far over the air it is', () => {
    const all = (heat: number) => hubs(Object.fromEntries(ENDS.map((end) => [end, heat])));
    expect(called(hears(NO_WATCH, 0, () => all(165), 5))).toEqual([]);
    const hot = hears(NO_WATCH, 0, () => ({ ...all(165), 'air@rig': F(62) }), 5);
    expect(called(hot).map(([code]) => code)).toEqual(Array(4).fill('hub-over-air'));
  });

  test('one odd figure calls nothing, and what is over is taken back', () => {
    const odd = hears(NO_WATCH, 0, (at) => hubs({ '2L': at > 2 && at < 2.4 ? 140 : 110 }), 6);
    expect(called(odd)).toEqual([]);
    const hot = hears(NO_WATCH, 0, () => hubs({ '2L': 140 }), 4);
    expect(called(hot)).toHaveLength(1);
    // A little under the limit it is still called: an alarm does not come and go.
    expect(called(hears(hot, 4, () => hubs({ '2L': 131 }), 3))).toHaveLength(1);
    expect(called(hears(hot, 4, () => hubs({ '2L': 118 }), 3))).toEqual([]);
  });

  test('hot in a hot summer as in winter: the time since when is kept', () => {
    const first = hears(NO_WATCH, 0, () => hubs({ '1R': 150 }), 4);
    const later = hears(first, 4, () => hubs({ '1R': 150 }), 4);
    expect(later.alarms[0]?.since).toBe(first.alarms[0]?.since);
  });
});

describe('tires', () => {
  test('a leak of 2 psi in 10 minutes is called within 6, while all of them warm', () => {
    const warm = (at: number) => 65 + 0.25 * at;
    const leaking = (at: number) => tires({ ...all(warm(at)), '1R': warm(at) - Math.max(0, at - 10) * 0.2 });
    const all = (value: number) =>
      Object.fromEntries(ENDS.map((end) => [end, Math.round(value * 2) / 2])) as Record<WheelEnd, number>;
    const before = hears(NO_WATCH, 0, leaking, 10);
    expect(called(before)).toEqual([]);
    const after = hears(before, 10, leaking, 6);
    expect(after.alarms).toMatchObject([{ code: 'tire-leak', place: '1R', weight: 'stop', trouble: 'soft' }]);
    // Air that is gone is gone: it stays called where the loss slows.
    expect(called(hears(after, 16, () => leaking(16), 10))).toContainEqual(['tire-leak', '1R', 'stop']);
  });

  test('steps of half a psi and tires that warm unlike each other call nothing', () => {
    const step = (value: number) => Math.round(value * 2) / 2;
    const rise = (at: number, by: number) => step(65 + by * 7 * (1 - Math.exp(-at / 18)));
    const watch = hears(
      NO_WATCH,
      0,
      (at) => tires({ '1L': rise(at, 0.9), '1R': rise(at, 1), '2L': rise(at, 1.1), '2R': rise(at, 0.95) }),
      90,
    );
    expect(called(watch)).toEqual([]);
  });

  test.each([
    ['tire-rise', 82, 'stop'],
    ['tire-rise', 79, 'look'],
    ['tire-low', 50, 'look'],
    ['tire-low', 40, 'stop'],
  ] as const)('%s: all at %d psi', (code, value, weight) => {
    const all = Object.fromEntries(ENDS.map((end) => [end, value]));
    const alarms = hears(NO_WATCH, 0, () => tires(all), 4).alarms;
    expect(alarms.map((one) => [one.code, one.weight])).toEqual(Array(4).fill([code, weight]));
  });

  /** Each tire once a minute, all of them in the same moment, as such senders do. */
  const aMinute = (figures: (minute: number) => Figures, minutes: number) => {
    const called: (readonly [number, string, string])[] = [];
    let watch = NO_WATCH;
    for (let minute = 0; minute < minutes; minute++) {
      for (const [key, value] of Object.entries(figures(minute))) {
        const [what, place] = key.split('@') as [Channel, Sample['place']];
        watch = watchOn(watch, { what, place, value: value ?? NaN, at: minute * MINUTE, from }, about);
      }
      for (const one of watch.alarms)
        if (!called.some(([, code, place]) => code === one.code && place === one.place))
          called.push([minute, one.code, one.place]);
    }
    return called;
  };

  test('a blow-out is told by the next figure, a fast leak by the second that is lower', () => {
    const burst = aMinute((minute) => tires({ '2R': minute < 20 ? 72 : 3 }), 24);
    expect(burst[0]).toEqual([20, 'tire-leak', '2R']);
    const fast = aMinute((minute) => tires({ '1L': 70 - Math.max(0, minute - 20) * 8 }), 26);
    expect(fast[0]).toEqual([22, 'tire-leak', '1L']);
    const slower = aMinute((minute) => tires({ '1L': 70 - Math.max(0, minute - 20) * 3 }), 26);
    expect(slower[0]).toEqual([22, 'tire-leak', '1L']);
  });

  test('one odd figure is no blow-out unless it is one, and all falling together is none', () => {
    expect(aMinute((minute) => tires({ '1R': minute === 20 ? 60 : 70 }), 30)).toEqual([]);
    const rain = (minute: number) => 72 - Math.max(0, minute - 20) * 2;
    const all = (minute: number) =>
      tires(Object.fromEntries(ENDS.map((end) => [end, Math.max(66, rain(minute))])));
    expect(aMinute(all, 30)).toEqual([]);
  });

  test('a tire that has not warmed is judged cold: an eighth under its target it is watched, and nothing rings', () => {
    const cold = (minute: number) => tires(Object.fromEntries(ENDS.map((end) => [end, 57 + minute * 0.05])));
    expect(aMinute(cold, 15)).toEqual([]);
    // One sensor alone has no others to go by.
    expect(aMinute((minute) => ({ 'pressure@1L': psi(57 + minute * 0.05) }), 15)).toEqual([]);
    const low = aMinute(() => tires({ '1L': 50, '1R': 65, '2L': 65, '2R': 65 }), 15);
    expect(low.map(([, , place]) => place)).toContain('1L');
  });

  test('a cold morning: tires that warm together are held to what they are cold, all the way up', () => {
    // Set at 70 °F, they read 58 at 25 °F: a ninth low, which is watched and rings nothing.
    const up = (at: number) => 58 + 8 * (1 - Math.exp(-at / 18));
    const all = (at: number) => tires(Object.fromEntries(ENDS.map((end) => [end, up(at)])));
    let watch = NO_WATCH;
    for (let minute = 0; minute < 60; minute += 1) {
      watch = hears(watch, minute, all);
      expect([minute, called(watch).filter(([code]) => code === 'tire-low')]).toEqual([minute, []]);
    }
    // One that does not come up with them has lost what they gained.
    const one = hears(watch, 60, (at) => ({ ...all(at), 'pressure@2R': psi(60) }), 3);
    expect(called(one).map(([, place]) => place)).toContain('2R');
  });

  test('8 psi a minute, told once a minute, is called at the second figure that is lower', () => {
    let watch = hears(NO_WATCH, 0, () => tires({}), 3);
    const tell = (minute: number, value: number) => {
      for (const end of ENDS)
        watch = watchOn(
          watch,
          { what: 'pressure', place: end, value: psi(end === '1L' ? value : 70), at: minute * MINUTE, from },
          about,
        );
    };
    tell(4, 70);
    tell(5, 69);
    expect(called(watch)).toEqual([]);
    tell(6, 61);
    expect(called(watch)).toEqual([['tire-leak', '1L', 'stop']]);
  });

  test('a tenth under the one across is called', () => {
    expect(called(hears(NO_WATCH, 0, () => tires({ '1L': 66, '1R': 73.5 }), 4))).toEqual([
      ['tire-under-mate', '1L', 'look'],
    ]);
  });
});

describe('what instruments send', () => {
  const at = (n: number) => n * 20_000;
  const sends = (...values: readonly number[]) =>
    values.reduce<Watch>(
      (watch, value, i) => watchOn(watch, { what: 'pressure', place: '1L', value, at: at(i), from }, about),
      NO_WATCH,
    );
  const told = (watch: Watch, n: number) => [
    channelQuality(watch, 'pressure', '1L', at(n)),
    reads(watch, 'pressure', '1L', at(n)),
  ];

  test('nonsense is told and never read', () => {
    const watch = sends(psi(65), psi(65), psi(900), NaN);
    expect(told(watch, 3)).toEqual(['nonsense', psi(65)]);
    expect(watch.alarms).toEqual([]);
  });

  test('a jump has to be seen again, and then it is read', () => {
    const jumped = sends(psi(65), psi(65), psi(40));
    expect(told(jumped, 2)).toEqual(['jump', psi(65)]);
    expect(told(sends(psi(65), psi(65), psi(40), psi(39.5), psi(39), psi(39), psi(39)), 6)).toEqual([
      'good',
      psi(39),
    ]);
  });

  test('the very first figure waits for a second', () => {
    expect(told(sends(psi(140)), 0)).toEqual(['jump', undefined]);
    expect(told(sends(psi(140), psi(65), psi(65)), 2)).toEqual(['good', psi(65)]);
  });

  test('silent for three minutes it is told so, and what was called by it stays nobody’s', () => {
    const watch = sends(psi(65), psi(65));
    expect(told(watch, 20)).toEqual(['silent', undefined]);
  });

  test('any stream of figures: no alarm rests on one that was not believed, and none throws', () => {
    const sample = fc.record({
      what: fc.constantFrom<Channel>('pressure', 'hub-temp', 'tire-temp', 'air', 'distance'),
      place: fc.constantFrom(...ENDS),
      value: fc.double(),
      at: fc.integer({ min: 0, max: 10_000_000 }),
    });
    fc.assert(
      fc.property(fc.array(sample, { maxLength: 80 }), (samples) => {
        const watch = samples.reduce((now, one) => watchOn(now, { ...one, from }, about), NO_WATCH);
        for (const { value } of watch.alarms) expect(Number.isFinite(value)).toBe(true);
      }),
      { numRuns: runs(150) },
    );
  });
});
