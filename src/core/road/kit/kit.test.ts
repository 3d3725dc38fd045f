import * as fc from 'fast-check';
import { emptyRig, type FindingState, type PartState } from '../../log';
import { toSI } from '../../base';
import type { Place, RigModel } from '../../rig';
import { HOUSE_DEFAULT, KIT_IDS, TROUBLE_IDS, type KitFigure, type KitId } from '../../rules';
import { sampleModel } from '../../testing/arbitraries';
import {
  bestPurchase,
  finishes,
  jackFit,
  kitFor,
  readKit,
  readKitItem,
  roadRules,
  type KitAbout,
  type Need,
} from '..';

const NOW = '2026-06-01T12:00:00.000Z';
const inch = (value: number) => toSI(value, 'in');
const lb = (value: number) => toSI(value, 'lb');
const psi = (value: number) => toSI(value, 'psi');
const lbfft = (value: number) => toSI(value, 'lbf·ft');

const MODEL: RigModel = {
  ...sampleModel({ axles: 2 }),
  gvwr: { value: lb(7000), source: 'maker' },
  lifting: { point: 'frame', height: { value: inch(20), source: 'owner' } },
  tires: {
    pressure: { value: psi(65), source: 'maker' },
    size: { value: 'ST225/75R15', source: 'maker' },
    loadRange: { value: 'D', source: 'maker' },
  },
  wheels: {
    ...sampleModel({}).wheels,
    socket: { value: toSI(21, 'mm'), source: 'owner' },
  },
};

type Told = Partial<Record<KitId, Partial<Record<KitFigure, number>> | false>>;
function about(told: Told, more: Partial<KitAbout['rig']> = {}, model: RigModel = MODEL): KitAbout {
  const kit = Object.fromEntries(
    Object.entries(told).map(([item, figures]) => [
      item,
      { aboard: figures !== false, at: NOW, figures: figures === false ? {} : figures },
    ]),
  );
  return { rig: { ...emptyRig('a'), kit, ...more }, model, house: HOUSE_DEFAULT, now: NOW };
}
const read = (item: Need, told: Told, more?: Partial<KitAbout['rig']>, model?: RigModel) => {
  const { state, by } = readKitItem(item, about(told, more, model));
  return by ? `${state} ${by}` : state;
};

const LIFTS = { closed: inch(6), raised: inch(18), capacity: lb(5000), sag: inch(3), droop: inch(2) };

describe('the jack', () => {
  test('reaches with blocks, goes under the point with a flat, and carries a quarter over the side', () => {
    expect(read('jack', { jack: LIFTS })).toBe('fails lifts-not-enough');
    expect(read('jack', { jack: LIFTS, blocks: { height: inch(7) } })).toBe('serves reaches');
    expect(read('jack', { jack: { ...LIFTS, closed: inch(18) }, blocks: { height: inch(7) } })).toBe(
      'fails goes-not-under',
    );
    expect(read('jack', { jack: { ...LIFTS, capacity: lb(4000) }, blocks: { height: inch(7) } })).toBe(
      'fails capacity-low',
    );
  });

  test('as it is drawn: the point falls by the sag, and has to come up by sag, droop and an inch of air', () => {
    const blocks = { height: inch(7) };
    const drawn = jackFit(about({ jack: LIFTS, blocks }));
    expect(drawn).toMatchObject({ closed: inch(6), raised: inch(18), blocks: inch(7) });
    expect(drawn?.point).toBeCloseTo(inch(17), 9);
    expect(drawn?.fit.needed).toBeCloseTo(inch(23), 9);
    // Blocks left at home are not stood on.
    expect(jackFit(about({ jack: LIFTS, blocks: false }))?.blocks).toBe(0);
  });

  test('is drawn where it is judged by its heights, and only there', () => {
    fc.assert(
      fc.property(fc.subarray(['closed', 'raised', 'sag', 'droop'] as const), fc.boolean(), (told, sure) => {
        const jack = Object.fromEntries(told.map((id) => [id, LIFTS[id]]));
        const model: RigModel = {
          ...MODEL,
          lifting: { point: 'frame', height: { value: inch(20), source: sure ? 'owner' : 'guess' } },
        };
        const all = told.length === 4 && sure;
        expect(jackFit(about({ jack }, {}, model)) !== undefined).toBe(all);
        const { by } = readKitItem('jack', about({ jack: { ...jack, capacity: lb(5000) } }, {}, model));
        expect(by === 'lift-not-measured').toBe(!all);
      }),
    );
  });

  test('what nobody measured is not known, a weight that is a guess is none', () => {
    expect(read('jack', { jack: { capacity: lb(5000) } })).toBe('unknown lift-not-measured');
    const guessed: RigModel = { ...MODEL, gvwr: { value: lb(7000), source: 'guess' } };
    expect(read('stand', { stand: { capacity: lb(9000) } }, {}, guessed)).toBe('unknown weight-unknown');
  });
});

test('socket, wrench, gauge, straps and chocks by their figures', () => {
  expect(read('socket', { socket: { size: toSI(21, 'mm') } })).toBe('serves size');
  expect(read('socket', { socket: { size: inch(13 / 16) } })).toBe('fails size-differs');
  expect(read('wrench', { wrench: { least: lbfft(20), most: lbfft(150) } })).toBe('serves range');
  expect(read('wrench', { wrench: { most: lbfft(115) } })).toBe('fails above-range');
  expect(read('wrench', { wrench: { most: lbfft(600) } })).toBe('fails below-range');
  expect(read('gauge', { gauge: { reach: psi(60) } })).toBe('fails pressure-low');
  expect(read('strap', { strap: { rating: lb(8000), count: 1 } })).toBe('fails count-low');
  expect(read('strap', { strap: { rating: lb(8000), count: 2 } })).toBe('serves load');
  expect(read('link', { link: { rating: lb(5000) } })).toBe('fails load-low');
  expect(read('chocks', { chocks: {} })).toBe('unknown count-low');
  expect(read('vest', { vest: {} })).toBe('serves');
  expect(read('vest', { vest: false })).toBe('missing');
  expect(read('vest', {})).toBe('unsaid');
});

describe('the spare', () => {
  const tire = (at: Place, facts: Record<string, string>): PartState => ({
    id: at,
    kind: 'tire',
    facts: Object.fromEntries(
      Object.entries(facts).map(([fact, value]) => [fact, { value, source: 'marking' as const }]),
    ),
    at,
    since: NOW,
    rolled: 0,
    rolledKnown: true,
    rigDistance: 0,
    grade: undefined,
  });
  const with_ = (facts: Record<string, string>, pressure = psi(65), more: Partial<KitAbout['rig']> = {}) =>
    read(
      'spare-fits',
      { 'spare-fits': {} },
      {
        parts: { S1: tire('S1', facts), '1L': tire('1L', { size: 'ST225/75R15', loadRange: 'D' }) },
        read: { 'pressure@S1': { value: pressure, at: '2026-05-20T12:00:00.000Z' } },
        ...more,
      },
    );
  const GOOD = { dot: '1524', size: 'ST225/75R15', loadRange: 'D' };

  test('is sound, in date, as strong and as tall as its mates, and read of late', () => {
    expect(with_(GOOD)).toBe('serves spare-sound');
    expect(with_({ ...GOOD, loadRange: 'C' })).toBe('fails spare-below-mates');
    expect(with_({ ...GOOD, size: 'ST205/75R14' })).toBe('fails spare-not-as-tall');
    expect(with_({ ...GOOD, dot: '1519' })).toBe('serves spare-aged');
    expect(with_({ ...GOOD, dot: '1515' })).toBe('fails spare-too-old');
    expect(with_({ size: 'ST225/75R15' })).toBe('unknown spare-age-unknown');
    expect(with_(GOOD, psi(40))).toBe('fails spare-low');
    expect(with_(GOOD, psi(54))).toBe('fails spare-low');
    expect(with_(GOOD, psi(56))).toBe('serves spare-sound');
    expect(with_(GOOD, psi(65), { read: {} })).toBe('unknown spare-not-read');
    const flat: FindingState = {
      id: 'f',
      at: NOW,
      place: 'S1',
      verdict: 'due',
      of: { tire: 'flat', cameOff: '1L' },
    };
    expect(with_(GOOD, psi(65), { findings: { f: flat } })).toBe('fails spare-not-usable');
    expect(read('spare-fits', {}, {}, { ...MODEL, spares: 0 })).toBe('missing no-spare');
  });
});

test('bearings aboard serve where their numbers are those fitted on every axle', () => {
  const part = (
    id: string,
    kind: 'innerSet' | 'outerSet',
    at: Place | 'shelf',
    roller: string,
  ): PartState => ({
    id,
    kind,
    facts: { roller: { value: roller, source: 'marking' } },
    at,
    since: NOW,
    rolled: 0,
    rolledKnown: true,
    rigDistance: 0,
    grade: undefined,
    ...(at === 'shelf' && { shelf: 'aboard' as const }),
  });
  const parts = (second: string) =>
    Object.fromEntries(
      [
        part('a', 'innerSet', '1L', 'IN 1'),
        part('b', 'outerSet', '1L', 'OUT 1'),
        part('c', 'innerSet', '2L', second),
        part('d', 'outerSet', '2L', 'OUT1'),
        part('e', 'innerSet', 'shelf', 'in 1'),
        part('f', 'outerSet', 'shelf', 'out 1'),
      ].map((one) => [one.id, one]),
    );
  expect(read('bearings', {}, { parts: parts('IN 1') })).toBe('serves number-fits');
  expect(read('bearings', {}, { parts: parts('IN 2') })).toBe('fails number-differs');
  expect(read('bearings', {}, { parts: {} })).toBe('missing');
});

test('on the road nuts are torqued there only by a wrench that serves', () => {
  const verge = (told: Told) => roadRules(HOUSE_DEFAULT, about(told)).verge;
  expect(verge({ wrench: { least: lbfft(20), most: lbfft(150) } })).toBe('finish-there');
  expect(verge({ wrench: {} })).toBe('tighten-and-go');
  expect(verge({})).toBe('tighten-and-go');
});

test('a box has what its rig can use', () => {
  const plain = kitFor(sampleModel({ axles: 1, brake: 'none' }));
  for (const item of ['drive-up', 'hub-oil', 'spoon', 'charger-lead'] as const)
    expect(plain).not.toContain(item);
  expect(kitFor(sampleModel({ axles: 2, hub: 'oil-bath' }))).toEqual(
    expect.arrayContaining(['drive-up', 'hub-oil']),
  );
});

describe('what can be finished on the spot', () => {
  const everything = (model: RigModel) => kitFor(model).map((item) => ({ item, state: 'serves' as const }));

  test('with nothing said only what needs nothing; with everything all that a kit can do', () => {
    const none = finishes(readKit(about({})));
    expect(none.filter(({ can }) => can === 'yes').map(({ trouble }) => trouble)).toEqual([
      'oil-bath',
      'fade',
      'ramp',
    ]);
    const all = finishes(everything(MODEL));
    expect(all.filter(({ can }) => can !== 'yes').map(({ trouble }) => trouble)).toEqual([
      'coupler',
      'spring',
      'lost',
      'smoke',
      'struck',
    ]);
    expect(none.reduce((sum, { often }) => sum + often, 0)).toBe(100);
  });

  test('more aboard never puts a trouble out of reach', () => {
    fc.assert(
      fc.property(fc.subarray([...kitFor(MODEL)]), fc.constantFrom(...kitFor(MODEL)), (has, one) => {
        const kit = (aboard: readonly Need[]) =>
          finishes(
            kitFor(MODEL).map((item) => ({
              item,
              state: aboard.includes(item) ? ('serves' as const) : ('missing' as const),
            })),
          );
        const before = kit(has);
        const after = kit([...has, one]);
        for (const [i, { can }] of before.entries()) if (can === 'yes') expect(after[i]?.can).toBe('yes');
      }),
    );
  });

  test('the best purchase is no worse than any three things, and does what it says', () => {
    fc.assert(
      fc.property(
        fc.subarray([...kitFor(MODEL)]),
        fc.subarray([...kitFor(MODEL)], { maxLength: 3 }),
        (has, bought) => {
          const kit = (aboard: readonly Need[]) =>
            finishes(
              kitFor(MODEL).map((item) => ({
                item,
                state: aboard.includes(item) ? ('serves' as const) : ('missing' as const),
              })),
            );
          const reach = (aboard: readonly Need[]) =>
            kit(aboard).reduce((sum, { can, often }) => sum + (can === 'yes' ? often : 0), 0);
          const best = bestPurchase(kit(has));
          const gain = reach([...has, ...bought]) - reach(has);
          expect(best?.often ?? 0).toBeGreaterThanOrEqual(gain);
          if (best) expect(reach([...has, ...best.items]) - reach(has)).toBe(best.often);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('one thing that does for several is counted for each: a made-up hub for bearings and seal', () => {
    const aboard = kitFor(MODEL).filter((item) => !['bearings', 'seal', 'hub'].includes(item));
    const best = bestPurchase(
      finishes(
        kitFor(MODEL).map((item) => ({
          item,
          state: aboard.includes(item) ? ('serves' as const) : ('missing' as const),
        })),
      ),
      1,
    );
    expect(best?.items).toEqual(['hub']);
    expect(best?.troubles).toEqual(expect.arrayContaining(['hot', 'leaning']));
  });

  test('every trouble is weighed, and every item is asked of some rig', () => {
    expect(finishes([]).map(({ trouble }) => trouble)).toEqual([...TROUBLE_IDS]);
    const asked = new Set([MODEL, sampleModel({ hub: 'oil-bath' })].flatMap((model) => [...kitFor(model)]));
    expect(KIT_IDS.filter((item) => !asked.has(item))).toEqual([]);
  });
});
