import fc from 'fast-check';
import { DAY_MS, addDays } from '../base';
import { COURSE, PRACTICED } from './drills';
import { PICTURED, picturedGrades } from './looks';
import {
  cardsFor,
  CARDS_A_SESSION,
  confusionOf,
  drilled,
  graded,
  nextSession,
  NO_PROGRESS,
  progressSchema,
  sessionsDone,
  talliesOf,
  weakSpots,
  type Progress,
} from './progress';

const NOW = '2026-05-01T12:00:00.000Z';
const weeping = { subject: 'seal', grade: 'weeping' } as const;

test('what was graded right comes back later each time; what was missed comes back first', () => {
  let progress = NO_PROGRESS;
  let now = NOW;
  const gaps: number[] = [];
  for (let i = 0; i < 5; i++) {
    progress = graded(progress, weeping, 'weeping', now);
    const due = progress.cards['seal weeping']?.due ?? 0;
    gaps.push(due - Date.parse(now));
    now = new Date(due).toISOString();
  }
  expect(gaps).toEqual([...gaps].sort((a, b) => a - b));
  expect(gaps.at(-1)).toBeGreaterThan(14 * DAY_MS);
  const missed = graded(progress, weeping, 'damp', now);
  expect((missed.cards['seal weeping']?.due ?? 0) - Date.parse(now)).toBeLessThan(DAY_MS);
  expect(cardsFor(missed, addDays(now, 1), 7)[0]).toEqual(weeping);
});

test('a session is eight conditions, none twice, of the subjects asked for, and the same by the same seed', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 9999 }),
      fc.subarray([...PICTURED], { minLength: 2 }),
      (seed, subjects) => {
        const cards = cardsFor(NO_PROGRESS, NOW, seed, subjects);
        expect(cards).toHaveLength(Math.min(CARDS_A_SESSION, subjects.flatMap(picturedGrades).length));
        expect(new Set(cards.map(({ subject, grade }) => `${subject} ${grade}`)).size).toBe(cards.length);
        expect(cards.every(({ subject }) => subjects.includes(subject))).toBe(true);
        expect(cardsFor(NO_PROGRESS, NOW, seed, subjects)).toEqual(cards);
      },
    ),
  );
});

test('two weeping seals taken for damp are a weak spot; what was taken for worse, or once, is none', () => {
  const after = (said: 'damp' | 'on-shoes', times: number): Progress =>
    Array.from({ length: times }).reduce<Progress>((now) => graded(now, weeping, said, NOW), NO_PROGRESS);
  expect(weakSpots(after('damp', 2))).toEqual([{ ...weeping, said: 'damp', times: 2 }]);
  expect(weakSpots(after('damp', 1))).toEqual([]);
  expect(weakSpots(after('on-shoes', 3))).toEqual([]);
  expect(weakSpots(after('damp', 2), ['lining'])).toEqual([]);
  expect(confusionOf(after('damp', 2), 'seal')).toEqual([{ grade: 'weeping', said: { damp: 2 } }]);
  // Graded right often enough since, it is none any more.
  const since = Array.from({ length: 6 }).reduce<Progress>(
    (now) => graded(now, weeping, 'weeping', NOW),
    after('damp', 2),
  );
  expect(weakSpots(since)).toEqual([]);
});

test('the first course has nine sessions of all that can be practiced; each is done once', () => {
  expect(COURSE).toHaveLength(9);
  expect(new Set(COURSE.map(({ drill }) => drill)).size).toBe(PRACTICED.length);
  const first = nextSession(NO_PROGRESS);
  const after = drilled(NO_PROGRESS, 'star', true, NOW, first?.id);
  expect(nextSession(after)?.id).toBe(COURSE[1]?.id);
  // What an older version kept of a session that is gone counts for none.
  expect(sessionsDone({ ...after, course: [...after.course, 'brakes-set'] })).toBe(1);
  expect(drilled(after, 'star', false, NOW, first?.id).course).toEqual([first?.id]);
  expect(talliesOf(drilled(after, 'star', false, NOW))[4]).toMatchObject({
    drill: 'star',
    done: 2,
    right: 1,
  });
  expect(nextSession({ ...after, course: COURSE.map(({ id }) => id) })).toBeUndefined();
});

test('what is kept is read as it was written', () => {
  const kept = graded(drilled(NO_PROGRESS, 'nut', true, NOW), weeping, 'damp', NOW);
  expect(progressSchema.parse(JSON.parse(JSON.stringify(kept)))).toEqual(kept);
});
