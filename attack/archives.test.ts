import { runs } from '@/core/testing/runs';
import { attackArchives } from './archives';

test('archives made hostile are refused with their reason, or live', async () => {
  const { tried, refused, taken, lost } = await attackArchives(1, runs(150));
  expect(lost).toEqual([]);
  expect(refused + taken).toBe(tried);
  expect(refused).toBeGreaterThan(0);
}, 60_000);
