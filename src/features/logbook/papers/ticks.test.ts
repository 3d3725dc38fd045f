import * as fc from 'fast-check';
import { ticked, toggled } from './ticks';

const anyIds = fc.uniqueArray(fc.stringMatching(/^[a-z0-9:-]{1,12}$/));

test('a tap ticks what was not ticked and takes the tick off what was; the rest stays', () => {
  fc.assert(
    fc.property(anyIds, fc.stringMatching(/^[a-z0-9:-]{1,12}$/), (ids, id) => {
      const kept = ids.join(' ');
      const after = ticked(toggled(kept, id));
      expect(after.has(id)).toBe(!ids.includes(id));
      for (const other of ids) if (other !== id) expect(after.has(other)).toBe(true);
      expect(ticked(toggled(toggled(kept, id), id))).toEqual(ticked(kept));
    }),
  );
});

test('nothing ticked is nothing, not an empty id', () => {
  expect([...ticked('')]).toEqual([]);
  expect(toggled(toggled('', 'repack:1L'), 'repack:1L')).toBe('');
});
