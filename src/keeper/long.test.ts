import { ASKS } from './asks';
import { LONG } from './long';
import { LONG_ASKS } from './long-asks';

test('every ask is answered at one desk and one only', () => {
  expect([...LONG].sort()).toEqual(Object.keys(LONG_ASKS).sort());
  expect(Object.keys(ASKS).filter((name) => name in LONG_ASKS)).toEqual([]);
});
