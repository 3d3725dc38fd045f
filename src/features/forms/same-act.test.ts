import type { NewEntry } from '@/core/record';
import { actKey, Once } from './same-act';

const NOW = '2026-05-16T14:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const finding = (id: string, happened?: string): NewEntry => ({
  kind: 'finding.opened',
  id,
  ...(happened && { happened }),
  body: { place: '1L', verdict: 'watch', text: 'hums', from: id },
});

test('two taps of one act are alike, whatever ids were made for them and to the moment', () => {
  const a = '0196d000-0000-7000-8000-000000000001';
  const b = '0196d000-0000-7000-8000-000000000002';
  expect(actKey(RIG, [finding(a)], NOW)).toBe(actKey(RIG, [finding(b, '2026-05-16T14:00:00.300Z')], NOW));
  expect(actKey(RIG, [finding(a)], NOW)).not.toBe(actKey(RIG, [finding(a, '2026-05-14T12:00:00.000Z')], NOW));
  expect(actKey(RIG, [finding(a)], NOW)).not.toBe(actKey('another', [finding(a)], NOW));
});

describe('an act', () => {
  let at = 0;
  let written = 0;
  const write = async () => (written += 1);
  const fresh = () => {
    at = 0;
    written = 0;
    return new Once(() => at);
  };

  test.each([0, 80, 120, 200, 300])('tapped again %d ms later is done once', async (gap) => {
    const once = fresh();
    const first = once.do('log it', write);
    if (gap > 0) await first;
    at = gap;
    expect(await once.do('log it', write)).toBe(await first);
    expect(written).toBe(1);
  });

  test('is done again later, after another, after it failed, and after it was taken back', async () => {
    const once = fresh();
    await once.do('a', write);
    at = 5000;
    await once.do('a', write);
    await once.do('b', write);
    await once.do('a', write);
    expect(written).toBe(4);
    once.forget();
    await once.do('a', write);
    expect(written).toBe(5);
    await expect(once.do('c', () => Promise.reject(new Error('full')))).rejects.toThrow('full');
    await once.do('c', write);
    expect(written).toBe(6);
  });
});
