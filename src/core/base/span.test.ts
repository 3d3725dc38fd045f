import { parseSpan } from '.';

test.each([
  ['365', 365],
  ['5 years', 1825],
  ['2 yr', 730],
  ['1 1/2 years', 548],
  ['12 months', 365],
  ['6 mo', 183],
  ['6 months', 183],
  ['2 weeks', 14],
  ['90 days', 90],
  ['90d', 90],
] as const)('%s is %d days', (text, days) => expect(parseSpan(text)).toEqual({ ok: true, value: days }));

test.each(['', 'years', '5 lifetimes', 'soon'])('%j is none', (text) =>
  expect(parseSpan(text).ok).toBe(false),
);
