import { PLANS } from '@/core/routine';
import { WORKS } from '@/core/rules';
import { FAMILIES } from './work-list';

test('all work that has a card stands in one family, and no other does', () => {
  const listed = FAMILIES.flatMap(([, works]) => works);
  expect([...listed].sort()).toEqual(WORKS.filter((work) => PLANS[work]).sort());
  expect(new Set(listed).size).toBe(listed.length);
});
