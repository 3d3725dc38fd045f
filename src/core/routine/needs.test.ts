import type { PartState } from '../log';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { compile, needsOf, type Job } from '.';

const model = sampleModel({ hub: 'drilled', brake: 'electric' });

function needs(jobs: readonly Job[], rig?: Parameters<typeof needsOf>[2]) {
  const card = compile(model, jobs, HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  return needsOf(card.value, model, rig);
}

const part = (id: string, at: PartState['at'], facts: PartState['facts']): PartState => ({
  id,
  kind: 'seal',
  facts,
  at,
  since: '2026-01-01T00:00:00.000Z',
  rolled: 0,
  rolledKnown: true,
  rigDistance: 0,
  grade: undefined,
});
const numbered = (value: string) => ({ number: { value, source: 'marking' as const } });

test('a repack asks for what opens, packs and closes a hub, and one pin', () => {
  const { tools, supplies, pins, parts, bushings } = needs([{ routine: 'repack', place: '1L' }]);
  expect(tools).toEqual(expect.arrayContaining(['corner-lift', 'lug-bar', 'torque-wrench', 'seal-puller']));
  expect(tools).not.toEqual(expect.arrayContaining(['chocks']));
  expect(tools.at(-1)).toBe('light');
  expect(supplies).toEqual(expect.arrayContaining(['pins', 'bearing-grease', 'solvent']));
  expect([pins, bushings]).toEqual([1, 0]);
  expect(parts).toEqual([
    { part: 'seal', place: '1L', number: undefined, before: undefined, shelf: undefined, ordered: false },
  ]);
});

test('a new part is held against the number that sits there, and the shelf by that number', () => {
  const parts = {
    a: part('a', '1L', numbered('YS-1')),
    b: part('b', 'shelf', numbered('YS-1')),
    c: part('c', 'shelf', numbered('YS-2')),
  };
  const known = needs([{ routine: 'repack', place: '1L' }], {
    parts,
    grease: { '1L': 'polyurea' },
    fits: [],
  });
  expect(known.parts[0]).toMatchObject({ number: 'YS-1', shelf: { count: 1 } });
  expect(known.grease).toEqual([{ in: 'polyurea', places: ['1L'] }]);
  const replaced = { ...part('a', '1L', {}), replaced: numbered('YS-1') };
  const unread = needs([{ routine: 'repack', place: '1L' }], {
    parts: { ...parts, a: replaced },
    grease: {},
    fits: [],
  });
  expect(unread.parts[0]).toMatchObject({ number: undefined, before: 'YS-1', shelf: { count: 2 } });
  expect(unread.grease).toEqual([{ in: undefined, places: ['1L'] }]);
});

test('a round of pressures asks for no grease, pin or jack', () => {
  const { tools, pins, grease, parts } = needs([{ routine: 'pressures', place: 'rig' }]);
  expect(tools).toContain('inflator');
  expect(tools).not.toContain('corner-lift');
  expect([pins, grease, parts]).toEqual([0, [], []]);
});

test('what is on order is none that lies here, and one that is carried along is said to be', () => {
  const lying = (shelf: 'order' | 'aboard') => ({ ...part('b', 'shelf', numbered('YS-1')), shelf });
  const of = (...parts: readonly PartState[]) =>
    needs([{ routine: 'repack', place: '1L' }], {
      parts: Object.fromEntries([part('a', '1L', numbered('YS-1')), ...parts].map((one) => [one.id, one])),
      grease: {},
      fits: [],
    }).parts[0];
  expect(of(lying('order'))).toMatchObject({ shelf: undefined, ordered: true });
  expect(of(lying('aboard'))).toMatchObject({ shelf: { count: 1, aboard: true }, ordered: false });
});
