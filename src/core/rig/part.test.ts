import fc from 'fast-check';
import { anyModel, anyPart } from '../testing/arbitraries';
import { PART_FACTS, PART_KINDS, partsAt, partSchema, placesOf, rolls, slotsOf } from '.';

test('any part is read as it is written, and a fact of another kind is refused', () => {
  fc.assert(
    fc.property(anyPart, (part) => {
      expect(partSchema.parse(JSON.parse(JSON.stringify(part)))).toEqual(part);
      expect(PART_FACTS[part.kind]).toEqual(expect.arrayContaining(Object.keys(part.facts)));
      const foreign = part.kind === 'tire' ? 'roller' : 'dot';
      const facts = { ...part.facts, [foreign]: { value: '1121', source: 'marking' } };
      expect(partSchema.safeParse({ kind: part.kind, facts }).success).toBe(false);
    }),
  );
});

test('any rig: parts sit at its places only, and a place knows its parts', () => {
  fc.assert(
    fc.property(anyModel, (model) => {
      const places = placesOf(model);
      for (const kind of PART_KINDS)
        for (const place of slotsOf(model, kind)) {
          expect(places).toContain(place);
          expect(partsAt(model, place)).toContain(kind);
        }
    }),
  );
});

test('wheels roll; spares and the shelf ride along', () => {
  expect(['1L', '3R', 'S1', 'shelf', 'gone', 'coupler'].map(rolls)).toEqual([
    true,
    true,
    false,
    false,
    false,
    false,
  ]);
});
