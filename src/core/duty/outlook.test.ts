import { HOUSE_DEFAULT, seasonOf, type SeasonDates } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { soundEntries } from '../testing/sound';
import { mi, storyFrom } from '../testing/story';
import { dutiesOf, seasonLists, tripOutlook } from '.';
import type { Entry } from '../log';

const { rig: RIG, day, entry, setup, trip, done, rigOf } = storyFrom('2025-05-01');
const model = sampleModel({ axles: 1, hub: 'pressure-cap', kind: 'boat', brake: 'none' });
const told = { ...model, repackEvery: { launches: { value: 20, source: 'owner' as const } } };
const sound = [setup(told), ...soundEntries(told, RIG, day(0))];
const refit = (at: number) => entry('event', at, { what: 'verge', places: ['1L'] });

function outlook(
  on: number,
  ahead: { in: number; miles: number; launches?: number },
  entries: readonly Entry[],
  earlier?: { distance: number; launches: number },
) {
  const state = rigOf(...entries);
  const found = tripOutlook(
    state,
    dutiesOf(state, day(on)),
    { at: day(on + ahead.in), distance: mi(ahead.miles), launches: ahead.launches ?? 0 },
    earlier,
  );
  return {
    before: found.before.map((duty) => duty.id),
    during: found.during.map(({ duty, distance, launch }) => [
      duty.id,
      distance === undefined ? `launch ${String(launch)}` : Math.round(distance / mi(1)),
    ]),
  };
}

describe('a trip ahead', () => {
  test('on a sound rig runs into nothing', () => {
    expect(outlook(1, { in: 3, miles: 180 }, sound)).toEqual({ before: [], during: [] });
  });

  test('runs into every recheck on its way, nearest first', () => {
    const work = entry('work', 1, {
      jobs: [{ routine: 'lug-torque', place: '1L' }],
      from: 'written',
      readings: [],
      conditions: [],
      materials: [],
      renewed: [],
      refits: [{ place: '1L', limits: [10, 25, 50].map(mi) }],
      skipped: [],
    });
    const story = [...sound, work];
    expect(outlook(1, { in: 3, miles: 180 }, story).during).toEqual([
      ['lug-recheck@1L', 10],
      ['lug-recheck@1L', 25],
      ['lug-recheck@1L', 50],
    ]);
    expect(outlook(1, { in: 3, miles: 30 }, story).during).toHaveLength(2);
    // What an earlier trip runs into is done on that one.
    expect(outlook(1, { in: 3, miles: 180 }, story, { distance: mi(26), launches: 0 }).during).toEqual([
      ['lug-recheck@1L', 24],
    ]);
  });

  test('tells what comes due before it starts from what comes due on the way', () => {
    const story = [...sound, trip(1, 1900)];
    const { before, during } = outlook(2, { in: 3, miles: 180 }, story);
    expect(before).toEqual([]);
    expect(during).toContainEqual(['hub-look@1L', 100]);
    const later = outlook(2, { in: 300, miles: 40 }, story);
    expect(later.before).toContain('lug-torque@1L');
    expect(outlook(2, { in: 3, miles: 40 }, story, { distance: mi(150), launches: 0 }).before).toContain(
      'hub-look@1L',
    );
  });

  test('counts launches, too', () => {
    const story = [...sound, trip(1, 20, 18), done(1, ['rinse', 'rig'])];
    expect(outlook(2, { in: 1, miles: 20, launches: 3 }, story).during).toContainEqual([
      'repack@1L',
      'launch 2',
    ]);
    expect(outlook(2, { in: 1, miles: 20, launches: 1 }, story).during).toEqual([]);
  });

  test('leaves what is due now to the verdict of today', () => {
    expect(outlook(2, { in: 1, miles: 20 }, [...sound, refit(1)])).toEqual({ before: [], during: [] });
  });
});

describe('the chapters of a season', () => {
  const season = seasonOf({ half: 'north' }, undefined) as SeasonDates;
  const chapters = (on: number, ...entries: Entry[]) => {
    const state = rigOf(...entries);
    return seasonLists(
      dutiesOf(state, day(on), HOUSE_DEFAULT, season),
      { model: told, house: HOUSE_DEFAULT, season },
      day(on),
    );
  };
  const left = (on: number, ...entries: Entry[]) =>
    chapters(on, ...entries).map(({ time, at, open, items }) => [
      time,
      at.slice(0, 10),
      open,
      items.filter((item) => item.done.length < item.duties.length).map((item) => item.routine),
    ]);

  test('are spring, mid-season and lay-up, each with the duties this rig has for it', () => {
    // On May 1 the spring work of that very day counts; the middle and the lay-up are to come.
    expect(left(0, ...sound)).toEqual([
      ['commission', '2025-04-01', true, []],
      ['mid', '2025-06-11', false, ['lug-torque']],
      ['layup', '2025-10-31', false, ['grease', 'wash', 'unload-tires']],
    ]);
  });

  test('tick off what is done, place by place', () => {
    const looked = [...sound, done(30, ['lug-torque', '1L'])];
    const mid = chapters(31, ...looked).find((chapter) => chapter.time === 'mid');
    expect(mid?.items[0]?.done.map((duty) => duty.place)).toEqual(['1L']);
    expect(left(31, ...looked, done(31, ['lug-torque', '1R']))[1]).toEqual(['mid', '2025-06-11', true, []]);
  });

  test('go on to the next when their time is over', () => {
    const at = (on: number) => chapters(on, ...sound).map((chapter) => chapter.at.slice(0, 10));
    expect(at(0)).toEqual(['2025-04-01', '2025-06-11', '2025-10-31']);
    // In late July the second look of the season, in winter the coming year.
    expect(at(85)[1]).toBe('2025-08-21');
    expect(at(200)).toEqual(['2026-04-01', '2026-06-11', '2025-10-31']);
    expect(at(340)).toEqual(['2026-04-01', '2026-06-11', '2026-10-31']);
  });
});
