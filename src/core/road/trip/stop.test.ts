import { sampleModel } from '../../testing/arbitraries';
import { mi, storyFrom } from '../../testing/story';
import { itemsOf, limitLooks, lookNext, stopWalk } from '..';

const story = storyFrom('2026-05-01');
const { day, entry, trip, rigOf, done } = story;
const model = sampleModel({ axles: 2 });
const setup = story.setup(model);
const begun = entry('trip.begun', 2, {});
const refit = entry('work', 1, {
  jobs: [{ routine: 'tire-change', place: '2L' }],
  from: 'written',
  readings: [],
  conditions: [],
  materials: [],
  renewed: [],
  refits: [{ place: '2L', limits: [mi(10), mi(25)] }],
  skipped: [],
});
const torques = (rig: ReturnType<typeof rigOf>, miles: number, barred: readonly '2L'[] = []) =>
  stopWalk(rig, model, mi(miles), barred)
    .groups.find(({ id }) => id === 'torque')
    ?.items.map(({ place }) => place);

test('every hub in walking order, and every other item in one group', () => {
  const { walk, hubs, groups } = stopWalk(rigOf(setup, begun), model, 0, []);
  expect(walk.walk).toBe('first-stop');
  expect(hubs.map(({ place }) => place)).toEqual(['1L', '2L', '2R', '1R']);
  const grouped = groups.flatMap(({ items }) => items.map(({ key }) => key));
  expect([...grouped, ...hubs.map(({ key }) => key)].sort()).toEqual(
    itemsOf(walk)
      .map(({ key }) => key)
      .sort(),
  );
  expect(groups.map(({ id }) => id)).not.toContain('torque');
});

test('a wrench goes where a recheck has come or is near, never where threads bar it; the eye is spared there', () => {
  const rig = rigOf(setup, refit, begun);
  expect(torques(rig, 4)).toBeUndefined();
  expect(torques(rig, 8.5)).toEqual(['2L']);
  expect(torques(rig, 12)).toEqual(['2L']);
  expect(torques(rig, 12, ['2L'])).toBeUndefined();
  const { groups } = stopWalk(rig, model, mi(12), []);
  expect(groups.find(({ id }) => id === 'nuts')?.items.map(({ place }) => place)).toEqual(['1L', '2R', '1R']);
});

test('what the sign calls now is what the stop asks for', () => {
  const rig = rigOf(setup, refit, begun);
  const next = lookNext(rig, mi(10), day(2), undefined);
  expect(next?.look).toMatchObject({ cause: 'recheck', places: ['2L'] });
  expect(torques(rig, 10)).toEqual(next?.look.places);
});

test('after the first look it is a stop like any other', () => {
  const looked = entry('walk', 2.1, {
    walk: 'first-stop',
    order: 'round',
    looked: [],
    taken: [],
    conditions: [],
  });
  expect(stopWalk(rigOf(setup, begun, looked), model, 0, []).walk.walk).toBe('stop');
});

test.each(['hub-renew', 'tire-change', 'bearing-renew', 'plate-renew'] as const)(
  '%s lately brings the first stop to 10 miles, at its wheel; a rotation at all of them',
  (work) => {
    const at = (routine: typeof work | 'tire-rotate', place: '1R' | 'rig') =>
      lookNext(rigOf(setup, trip(0.5, 2000), done(1, [routine as never, place]), begun), 0, day(2), undefined)
        ?.look;
    expect(at(work, '1R')).toMatchObject({ cause: 'first-stop', of: mi(10), places: ['1R'] });
    expect(at('tire-rotate', 'rig')?.places).toEqual(['1L', '1R', '2L', '2R']);
  },
);

test('what was tightened on the shoulder is torqued at the stop where it has come', () => {
  const hard = entry('event', 2, { what: 'verge', places: ['1R'] });
  expect(torques(rigOf(setup, begun, hard), 0)).toEqual(['1R']);
});

test('all that it is towed on with is looked at on a stop; due where its look or its end has come', () => {
  const nail = entry('finding.opened', 1, {
    place: '1R',
    verdict: 'due',
    of: { trouble: 'nail', because: 'holds-air' },
    limit: { roll: 'care', distance: mi(50), looks: { at: [mi(5)], every: mi(10) }, until: day(9) },
  });
  const looks = (into: number) =>
    limitLooks(rigOf(setup, nail, begun), mi(into)).map(({ driven, due }) => [
      Math.round(driven / mi(1)),
      due,
    ]);
  expect(looks(2)).toEqual([[2, false]]);
  expect(looks(4)).toEqual([[4, true]]);
  expect(looks(49)).toEqual([[49, true]]);
  const gone = rigOf(setup, nail, begun);
  const worse = { ...gone, findings: { x: { ...Object.values(gone.findings)[0], limit: undefined } } };
  expect(limitLooks(worse as typeof gone, mi(2))).toEqual([]);
});
