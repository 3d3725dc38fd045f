import fc from 'fast-check';
import { arrangementOf, movesOf, partIn, put, wheelsOff, type Rest } from './arrange';

const START = { a: '1L', b: '1R', c: 'S1', d: 'shelf' } as const;

test('a part put where another sits changes places with it', () => {
  const after = put(START, 'a', 'S1');
  expect(after).toEqual({ a: 'S1', b: '1R', c: '1L', d: 'shelf' });
  expect(movesOf(START, after)).toEqual([
    { part: 'a', from: '1L', to: 'S1' },
    { part: 'c', from: 'S1', to: '1L' },
  ]);
  expect(wheelsOff(movesOf(START, after), ['1L', '1R'])).toEqual(['1L']);
});

test('the shelf holds many; what is put back where it was has not moved', () => {
  const after = put(put(START, 'a', 'shelf'), 'd', '1L');
  expect(after).toEqual({ a: 'shelf', b: '1R', c: 'S1', d: '1L' });
  expect(movesOf(START, put(put(START, 'a', '1R'), 'a', '1L'))).toEqual([]);
  expect(put(START, 'zz', '1L')).toBe(START);
});

test('however parts are put, none is lost and no place holds two', () => {
  const rests: Rest[] = ['1L', '1R', 'S1', 'shelf', 'gone'];
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c', 'd'), fc.constantFrom(...rests))),
      (moves) => {
        const after = moves.reduce((so, [part, to]) => put(so, part, to), START as Record<string, Rest>);
        expect(Object.keys(after).sort()).toEqual(['a', 'b', 'c', 'd']);
        for (const place of ['1L', '1R', 'S1'] as const)
          expect(Object.values(after).filter((rest) => rest === place).length).toBeLessThanOrEqual(1);
      },
    ),
  );
});

test('what is gone is not arranged', () => {
  const part = (id: string, at: Rest) => ({
    id,
    kind: 'tire' as const,
    at,
    facts: {},
    since: '2026-05-01T12:00:00.000Z',
    rolled: 0,
    rolledKnown: true,
    rigDistance: 0,
    grade: undefined,
  });
  const rig = { parts: { a: part('a', '1L'), b: part('b', 'gone') } };
  expect(arrangementOf(rig, 'tire')).toEqual({ a: '1L' });
  expect(partIn(arrangementOf(rig, 'tire'), '1L')).toBe('a');
});
