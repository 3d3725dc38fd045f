import { emptyRig, type RigState } from '../log';
import { toSI } from '../base';
import type { RigModel } from '../rig';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { judgeTaken, readingEntries, type Readings } from '.';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');
const model: RigModel = {
  ...sampleModel({ axles: 1, hub: 'drilled', brake: 'electric' }),
  tires: { pressure: { value: psi(65), source: 'maker' } },
};
const known = (more: Partial<RigState> = {}) => ({
  rig: { ...emptyRig('x'), model, ...more },
  model,
  house: HOUSE_DEFAULT,
  now: '2026-05-16T15:00:00.000Z',
});
const read = (values: Readings['values'], more: Partial<Readings> = {}): Readings => ({
  place: '1L',
  by: 'gauge',
  values,
  around: {},
  ...more,
});
function made(readings: Readings, more: Partial<RigState> = {}) {
  let n = 0;
  return readingEntries(readings, known(more), () => `id${(n += 1)}`);
}

test('a sound reading is an entry and nothing else', () => {
  expect(made(read({ pressure: psi(65) }, { around: { air: F(70), tires: 'cold' } }))).toEqual([
    {
      kind: 'reading',
      id: 'id1',
      body: {
        taken: [{ place: '1L', what: 'pressure', value: psi(65), by: 'gauge' }],
        around: { air: F(70), tires: 'cold' },
      },
    },
  ]);
});

test('a bad one opens a finding that knows its reading, its figure and its cure', () => {
  const [reading, finding] = made(read({ pressure: psi(52) }));
  expect(finding).toMatchObject({
    kind: 'finding.opened',
    body: { place: '1L', verdict: 'due', remedy: 'pressures', from: reading?.id, of: { what: 'pressure' } },
  });
  if (finding?.kind !== 'finding.opened') throw new Error('no finding');
  expect(finding.body.text).toBeUndefined();
  expect(finding.body.of).toEqual({ what: 'pressure', value: psi(52), held: { against: psi(65) } });
});

test('a pressure read right again closes the one that was low, and not one that was driven so', () => {
  const finding = (id: string, held: object, verdict: 'due' | 'stop') =>
    ({ id, at: known().now, place: '1L', verdict, of: { what: 'pressure', value: psi(45), held } }) as const;
  const low = finding('low', { against: psi(65) }, 'stop');
  const driven = finding('driven', { against: psi(65), by: 'rolled' }, 'stop');
  const drafts = made(read({ pressure: psi(64) }), { findings: { low, driven } as never });
  expect(drafts.map(({ kind }) => kind)).toEqual(['reading', 'finding.closed']);
  expect(drafts[1]?.body).toMatchObject({ finding: 'low', gone: true });
  // Lower than it should be it says nothing of being right.
  expect(made(read({ pressure: psi(60) }), { findings: { low } as never }).map(({ kind }) => kind)).toEqual([
    'reading',
    'finding.seen',
  ]);
});

test('of three depths the lowest is the one that counts', () => {
  const deep = (thirtyseconds: number) => toSI(thirtyseconds / 32, 'in');
  const drafts = made(
    read({ 'tread-inner': deep(2), 'tread-middle': deep(5), 'tread-outer': deep(3) }, { by: 'ruler' }),
  );
  expect(drafts).toHaveLength(2);
  expect(drafts[1]?.body).toMatchObject({
    verdict: 'due',
    of: { what: 'tread-inner' },
    remedy: 'tire-renew',
  });
});

test('a hub is held against the mate that was read with it, and the mate is kept', () => {
  const drafts = made(
    read({ 'hub-temp': F(150) }, { by: 'thermometer', mate: F(108), around: { air: F(80) } }),
  );
  const [reading, finding] = drafts;
  if (reading?.kind !== 'reading') throw new Error('no reading');
  expect(reading.body.taken.map(({ place }) => place)).toEqual(['1L', '1R']);
  expect(finding?.body).toMatchObject({ verdict: 'due' });
});

test('what says nothing as it was taken opens nothing', () => {
  expect(made(read({ 'hub-temp': F(82) }, { mate: F(40), around: { air: F(80) } }))).toHaveLength(1);
  expect(
    judgeTaken(
      'pressure',
      psi(72),
      { place: '1L', around: { tires: 'warm', tireTemp: F(120), air: F(70) } },
      known(),
    )?.verdict,
  ).toBe('clear');
  expect(judgeTaken('end-play', 0.001, { place: '1L', around: {} }, known())).toBeUndefined();
});

test('one that is open already is seen again', () => {
  const open = {
    id: '0196d000-0000-7000-8000-0000000000f1',
    at: '2026-05-01T12:00:00.000Z',
    place: '1L' as const,
    verdict: 'watch' as const,
    text: 'low',
    of: { what: 'pressure' as const, value: psi(60) },
  };
  expect(made(read({ pressure: psi(58) }), { findings: { [open.id]: open } })[1]).toMatchObject({
    kind: 'finding.seen',
    body: { finding: open.id, verdict: 'watch' },
  });
});

test('a tire far too low warm is a stop: what it comes to cold is lower still', () => {
  const [, finding] = made(read({ pressure: psi(40) }, { around: { tires: 'warm' } }));
  expect(finding?.body).toMatchObject({ verdict: 'stop', of: { what: 'pressure' } });
  // The verdict says what it rests on.
  expect(finding?.body).toHaveProperty('of.held.by', 'warm');
  expect(finding?.body).toHaveProperty('of.held.cold', expect.closeTo(psi(36), 0));
});
