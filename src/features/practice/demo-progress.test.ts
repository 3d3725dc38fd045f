import { cardsFor, nextSession, progressSchema, talliesOf, weakSpots } from '@/core/practice';
import { demoProgress } from './demo-progress';

const NOW = '2026-05-16T12:00:00.000Z';

test('the demo has practiced: one weak spot, two sessions of the course, and what was missed comes back first', () => {
  const progress = demoProgress(NOW);
  expect(progressSchema.parse(JSON.parse(JSON.stringify(progress)))).toEqual(progress);
  expect(weakSpots(progress)).toEqual([{ subject: 'seal', grade: 'weeping', said: 'damp', times: 2 }]);
  expect(nextSession(progress)?.id).toBe('no-brake-light');
  expect(cardsFor(progress, NOW, 3)[0]).toEqual({ subject: 'seal', grade: 'weeping' });
  const done = talliesOf(progress).filter(({ done }) => done > 0);
  expect(done.map(({ drill }) => drill)).toEqual(['nut', 'grade', 'star']);
  expect(done.every(({ last }) => last !== undefined && last < NOW)).toBe(true);
});
