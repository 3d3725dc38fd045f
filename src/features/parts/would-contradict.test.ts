import { emptyRig, type PartState } from '@/core/log';
import { toSI } from '@/core/base';
import { sampleModel } from '@/core/testing/arbitraries';
import { rigView, type RigView } from '@/features/rigs';
import { wouldContradict } from './would-contradict';

jest.mock('@/store', () => ({}));
jest.mock('next/navigation', () => ({}));

const NOW = '2026-05-16T12:00:00.000Z';
const read = (value: string | number) => ({ value, source: 'marking' as const });

function tire(id: string, at: PartState['at'], facts: PartState['facts']): PartState {
  return {
    id,
    kind: 'tire',
    at,
    facts,
    since: NOW,
    rolled: 0,
    rolledKnown: true,
    rigDistance: 0,
    grade: undefined,
  };
}

function view(parts: readonly PartState[]): RigView {
  const model = sampleModel({});
  const rated = { value: toSI(3500, 'lb'), source: 'marking' as const };
  const rig = {
    ...emptyRig('r'),
    model: { ...model, axles: model.axles.map((axle) => ({ ...axle, rating: rated })) },
    parts: Object.fromEntries(parts.map((part) => [part.id, part])),
  };
  const made = rigView(rig, [], NOW, {}, undefined);
  if (!made) throw new Error('no view');
  return made;
}

const codes = (found: ReturnType<typeof wouldContradict>) => found.map(({ code }) => code);

test('a part that agrees with everything asks nothing', () => {
  expect(wouldContradict(view([]), { kind: 'tire', at: '1L', facts: { size: read('ST225/75R15') } })).toEqual(
    [],
  );
});

test('what a tire would contradict is told before it is kept', () => {
  const at = (facts: PartState['facts']) =>
    codes(wouldContradict(view([]), { kind: 'tire', at: '1L', facts }));
  expect(at({ size: read('P205/75R15') })).toEqual(['tire-not-trailer']);
  expect(at({ capacity: read(toSI(1500, 'lb')) })).toEqual(['load-range-weak']);
  expect(at({ dot: read('1015') })).toEqual(['tire-too-old']);
  // A tire that is only growing old is nothing to ask about.
  expect(at({ dot: read('0121') })).toEqual([]);
});

test('against its axle mate, and not against the one it takes the place of', () => {
  const mate = tire('mate', '1R', { size: read('ST225/75R15') });
  const alike = tire('old', '1L', { size: read('ST225/75R15') });
  const facts = { size: read('ST205/75R15') };
  const before = view([mate, alike]);
  expect(codes(wouldContradict(before, { kind: 'tire', at: '1L', facts }))).toEqual(['tires-differ']);
  const odd = tire('old', '1L', { size: read('P225/75R15') });
  const same = { size: read('ST225/75R15') };
  expect(wouldContradict(view([mate, odd]), { kind: 'tire', at: '1L', facts: same })).toEqual([]);
});

test('a part read further is held against the rest, not against itself', () => {
  const one = tire('one', '1L', { size: read('ST225/75R15') });
  const facts = { ...one.facts, dot: read('1118') };
  expect(codes(wouldContradict(view([one]), { kind: 'tire', at: '1L', facts }, 'one'))).toEqual(['tire-old']);
});

test('what stands on the Yard already is not asked about again', () => {
  const aged = tire('aged', '1L', { dot: read('1118') });
  const facts = { ...aged.facts, number: read('A 7') };
  expect(wouldContradict(view([aged]), { kind: 'tire', at: '1L', facts }, 'aged')).toEqual([]);
});

test('on the shelf nothing is contradicted', () => {
  expect(
    wouldContradict(view([]), { kind: 'tire', at: 'shelf', facts: { size: read('P205/75R15') } }),
  ).toEqual([]);
});
