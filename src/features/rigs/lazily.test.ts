import { lazily, once } from './lazily';

test('a field is worked out once, and not before it is read', () => {
  const made: string[] = [];
  const lazy = lazily<{ a: number; b: string }>({
    a: () => made.push('a'),
    b: () => `b${made.push('b')}`,
  });
  expect(made).toEqual([]);
  expect([lazy.a, lazy.a]).toEqual([1, 1]);
  expect(made).toEqual(['a']);
  expect({ ...lazy }).toEqual({ a: 1, b: 'b2' });
  expect(Object.keys(lazy)).toEqual(['a', 'b']);
});

test('what comes to nothing is worked out once as well', () => {
  let tries = 0;
  const nothing = once(() => void (tries += 1));
  nothing();
  nothing();
  expect(tries).toBe(1);
});
