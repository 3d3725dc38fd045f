import fc from 'fast-check';
import { toSI, type Verdict } from '../base';
import { HOUSE_DEFAULT, type JudgedReading } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { checkTaken, contradictionsIn, judgeReading, saysNothing } from '.';

const WEIGHT: Record<Verdict, number> = { clear: 0, watch: 1, due: 2, stop: 3 };
const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');
const model = {
  ...sampleModel({ axles: 2, brake: 'electric' }),
  tires: { pressure: { value: psi(65), source: 'maker' as const } },
};
const weight = (what: JudgedReading, value: number, mate?: number) =>
  WEIGHT[judgeReading(what, value, { model, place: '1L', house: HOUSE_DEFAULT, mate })?.verdict ?? 'clear'];
const pair = (min: number, max: number) =>
  fc
    .tuple(fc.double({ min, max, noNaN: true }), fc.double({ min, max, noNaN: true }))
    .map(([a, b]) => (a < b ? [a, b] : [b, a]) as [number, number]);

test('the less tread, lining or voltage is left, the graver the verdict, never the other way', () => {
  for (const [what, most] of [
    ['tread-inner', 0.012],
    ['lining', 0.01],
    ['volts', 14],
  ] as const)
    fc.assert(fc.property(pair(0, most), ([less, more]) => weight(what, less) >= weight(what, more)));
});

test('the hotter a hub, by itself or over its mate, the graver', () => {
  fc.assert(
    fc.property(
      pair(F(60), F(260)),
      fc.double({ min: F(60), max: F(160), noNaN: true }),
      ([cooler, hotter], mate) => {
        expect(weight('hub-temp', cooler, mate)).toBeLessThanOrEqual(weight('hub-temp', hotter, mate));
        // A mate can only make it graver, never milder.
        expect(weight('hub-temp', hotter)).toBeLessThanOrEqual(weight('hub-temp', hotter, mate));
      },
    ),
  );
});

test('the further a pressure is under its target, the graver; and the further over it', () => {
  fc.assert(
    fc.property(pair(0, psi(65)), ([low, high]) => weight('pressure', low) >= weight('pressure', high)),
  );
  fc.assert(
    fc.property(
      pair(psi(65), psi(140)),
      ([less, more]) => weight('pressure', less) <= weight('pressure', more),
    ),
  );
});

test('whatever is typed is taken, asked about or refused, and what is offered instead can stand', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('pressure', 'hub-temp', 'tread-inner', 'brake-amps'),
      fc.double({ min: -1e4, max: 1e4, noNaN: true }),
      fc.constantFrom('psi' as const, 'kPa' as const, 'bar' as const),
      (what, number, unit) => {
        const typedIn = what === 'pressure' ? unit : what === 'hub-temp' ? '°F' : undefined;
        const si = typedIn ? toSI(number, typedIn) : number;
        const problem = checkTaken(what, si, typedIn, { target: psi(65), air: F(70) });
        if (!problem?.meant) return;
        const again = checkTaken(what, problem.meant.si, problem.meant.unit, { target: psi(65), air: F(70) });
        expect(again?.weight).not.toBe('refuse');
      },
    ),
  );
});

test('a hub that says nothing is one near the air, and never one far over it', () => {
  fc.assert(
    fc.property(
      fc.double({ min: F(0), max: F(110), noNaN: true }),
      fc.double({ min: 6, max: 120, noNaN: true }),
      (air, over) => {
        expect(saysNothing(air + over, air)).toBe(false);
        expect(saysNothing(air + 1, air)).toBe(true);
      },
    ),
  );
});

test('contradictions do not depend on the order in which things were said', () => {
  const graded = fc.record({
    place: fc.constantFrom('1L', '1R'),
    subject: fc.constantFrom('seal' as const, 'grease-back' as const, 'tread' as const, 'tire-wall' as const),
    grade: fc.constantFrom('dry', 'weeping', 'behind', 'on-shoes', 'deep', 'cord', 'clean'),
  });
  fc.assert(
    fc.property(fc.array(graded, { maxLength: 6 }), (said) => {
      expect(contradictionsIn([...said].reverse())).toHaveLength(contradictionsIn(said).length);
    }),
  );
});
