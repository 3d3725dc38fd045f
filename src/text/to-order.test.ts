import type { OrderLine } from '@/core/routine';
import { sampleModel } from '@/core/testing/arbitraries';
import { orderLine, orderLineNote, orderTable, supplyAmount, supplyFrom } from '.';

const NOW = '2026-05-10T12:00:00.000Z';
const line: OrderLine = {
  rig: 'a',
  part: 'seal',
  number: 'YS-1',
  hand: undefined,
  places: ['1L', '1R'],
  need: 2,
  here: 1,
  ordered: 0,
  buy: 1,
  orderBy: '2026-05-20T12:00:00.000Z',
  from: undefined,
};
const model = sampleModel({ axles: 1 });

test('a line says how many of what, which one and for where, with what is here and by when', () => {
  expect(orderLine(line, model, 'us')).toBe('1 grease seal, number YS-1, for 1L and 1R of Juniper');
  expect(orderLineNote(line, NOW)).toBe('2 needed, 1 here; order by May 20');
  expect(orderLineNote({ ...line, orderBy: NOW, here: 0 }, NOW)).toBe('2 needed; order now');
  expect(orderLine({ ...line, number: undefined, buy: 2 }, model, 'us')).toContain(
    '2 grease seals, number not known: read it off the old one first',
  );
  expect(orderLine({ ...line, part: 'plate', number: undefined, hand: 'L' }, model, 'us')).toContain('left');
});

test('a table has nothing that another program takes for a formula', () => {
  const table = orderTable([{ line: { ...line, from: '=HYPERLINK("x")' }, model }], 'us');
  expect(table.split('\r\n')).toHaveLength(2);
  expect(table).toContain('"\'=HYPERLINK(""x"")"');
});

test('supplies in the owner’s units, one and many, and a stroke keeps its digits', () => {
  expect(supplyAmount(1, 'pins', 'us')).toBe('1 piece');
  expect(supplyAmount(1.5, 'brake-cleaner', 'us')).toBe('1.5 cans');
  expect(supplyAmount(0.397, 'bearing-grease', 'us')).toBe('14.0 oz');
  expect(supplyAmount(0.397, 'bearing-grease', 'metric')).toBe('397 g');
  expect(supplyAmount(0.0009, 'bearing-grease', 'us')).toBe('0.032 oz');
  expect(supplyFrom(14, 'bearing-grease', 'us')).toBeCloseTo(0.397, 3);
  expect(supplyFrom(5, 'pins', 'metric')).toBe(5);
});
