import { dutiesOf } from '@/core/duty';
import { emptyRig } from '@/core/log';
import { rigView, type RigView } from '@/features/rigs';
import type { Forecast } from '@/features/duties';
import { sampleModel } from '@/core/testing/arbitraries';
import { soundEntries } from '@/core/testing/sound';
import { storyFrom } from '@/core/testing/story';
import { aheadOf } from './ahead';
import { calendarDays } from './calendar-file';
import { readSeason } from './season-form';

const { rig: RIG, day, setup, done, rigOf } = storyFrom('2025-05-01');
const model = sampleModel({});

function viewOn(on: number, ...more: Parameters<typeof rigOf>): RigView {
  const rig = rigOf(setup(model), ...soundEntries(model, RIG, day(0)), ...more);
  const view = rigView(rig, [], day(on), {}, { half: 'north' });
  if (!view) throw new Error('no view');
  return view;
}

/** A forecast that gives every duty that waits the same band. */
function forecastOf(view: RigView, likely: string): Forecast {
  const band = { early: likely, likely, late: likely, towed: {} };
  const bands = Object.fromEntries(view.duties.map((duty) => [duty.id, band]));
  return { status: 'ready', basis: 'history', bands, trips: {} };
}

describe('a season as typed', () => {
  test.each([
    [{ half: 'north', start: '', end: '' }, { half: 'north' }],
    [
      { half: '', start: '2026-10-01', end: '2027-04-30' },
      { start: '10-01', end: '04-30' },
    ],
    [
      { half: 'south', start: '2026-10-01', end: '2026-04-30' },
      { half: 'south', start: '10-01', end: '04-30' },
    ],
  ] as const)('%j is %j', (form, season) => expect(readSeason(form)).toEqual({ ok: true, value: season }));

  test.each([
    [{ half: '', start: '', end: '' }, 'half'],
    [{ half: 'north', start: '2026-04-01', end: '' }, 'end'],
    [{ half: '', start: '', end: '2026-10-31' }, 'start'],
    [{ half: '', start: '2026-04-01', end: '2027-04-01' }, 'end'],
  ] as const)('%j is refused at %s', (form, field) => {
    const read = readSeason(form);
    expect(!read.ok && Object.keys(read.error)).toEqual([field]);
  });
});

describe('what falls due', () => {
  test('is told by routine and day, nearest first; what is due now stands first', () => {
    const view = viewOn(366, done(200, ['tire-look', '1L']));
    const items = aheadOf(view.duties, forecastOf(view, day(400)), view.now);
    expect(items[0]?.at).toBe(view.now);
    expect(items.map(({ at }) => at)).toEqual([...items.map(({ at }) => at)].sort());
    const repack = items.find(({ duties }) => duties[0].routine === 'repack');
    expect(repack?.duties.map(({ place }) => place)).toEqual(['1L', '1R']);
    // What the repack does by the way is not told beside it.
    expect(items.some(({ duties }) => duties[0].routine === 'brake-measure')).toBe(false);
  });

  test('what nobody has a record of has no day', () => {
    const view = rigView({ ...emptyRig('r'), model }, [], day(1), {}, undefined) as RigView;
    expect(dutiesOf(view.rig, view.now).length).toBeGreaterThan(10);
    expect(aheadOf(view.duties, { status: 'working' }, view.now)).toEqual([]);
  });
});

describe('the days of a calendar', () => {
  const days = (view: RigView, likely: string) => calendarDays(view, forecastOf(view, likely), 'us');

  test('have the same keys whatever has moved, each once', () => {
    const before = days(viewOn(1), day(100));
    const after = days(viewOn(370), day(600));
    const keys = (list: typeof before) => list.map(({ key }) => key).sort();
    expect(new Set(keys(before)).size).toBe(before.length);
    for (const key of keys(after)) expect(keys(before)).toContain(key);
    expect(before.map(({ key }) => key)).toEqual(
      expect.arrayContaining([`${RIG}-repack-1L`, `${RIG}-repack-1R`, `${RIG}-gear-look`]),
    );
  });

  test('say what, where, why and how sure', () => {
    const repack = days(viewOn(1), day(100)).find(({ key }) => key.endsWith('repack-1L'));
    expect(repack?.title).toBe('Juniper: Repack 1L');
    expect(repack?.about).toContain('limit at 365 days (house rule)');
    expect(repack?.day).toBe(day(100).slice(0, 10));
  });
});
