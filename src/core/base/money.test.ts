import { parseMoney } from '.';

test.each([
  ['38.50', 'usd', { amount: 38.5, currency: 'USD' }],
  ['$1,250', 'USD', { amount: 1250, currency: 'USD' }],
  [' € 12 ', 'EUR', { amount: 12, currency: 'EUR' }],
  ['0', 'CAD', { amount: 0, currency: 'CAD' }],
])('%s %s is money', (amount, currency, money) => {
  expect(parseMoney(amount, currency)).toEqual({ ok: true, value: money });
});

test('nothing typed is nothing; signs alone, words, less than nothing and a currency of two letters are told at their field', () => {
  expect(parseMoney('', 'US')).toEqual({ ok: true, value: undefined });
  expect(parseMoney('$', 'USD')).toEqual({ ok: false, error: { amount: true } });
  expect(parseMoney('forty', 'USD')).toEqual({ ok: false, error: { amount: true } });
  expect(parseMoney('-4', 'USD')).toEqual({ ok: false, error: { amount: true } });
  expect(parseMoney('40', 'US')).toEqual({ ok: false, error: { currency: true } });
});
