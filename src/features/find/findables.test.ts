import { emptyRig, type FindingState, type PartState, type RigState } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { rigView, type RigView } from '@/features/rigs';
import { findables, found, GROUPS } from './findables';

const NOW = '2026-05-16T12:00:00.000Z';

function viewOf(id: string, name: string, more: Partial<RigState> = {}): RigView {
  const model = { ...sampleModel({ axles: 2, hub: 'drilled' }), name };
  const view = rigView({ ...emptyRig(id), model, ...more }, [], NOW, {}, undefined);
  if (!view) throw new Error('no rig');
  return view;
}

const FINDING = {
  id: 'f1',
  at: NOW,
  place: '1L',
  verdict: 'watch',
  of: { subject: 'seal', grade: 'damp' },
} as unknown as FindingState;
const PART = {
  id: 'p1',
  kind: 'seal',
  facts: { number: { value: 'YS-171', source: 'marking' } },
  at: 'shelf',
} as unknown as PartState;

const juniper = viewOf('a', 'Juniper', { findings: { f1: FINDING }, parts: { p1: PART } });
const sandpiper = viewOf('b', 'Sandpiper');
const all = findables([juniper, sandpiper], 'a', 'us');
const first = (typed: string) => found(all, typed)[0]?.[1][0];

test.each([
  ['repack 2R', 'Repack 2R', '/bench?rig=a&jobs=repack:2R'],
  ['2r repa', 'Repack 2R', '/bench?rig=a&jobs=repack:2R'],
  ['coupler', 'Inspect the coupler', '/bench?rig=a&jobs=gear-look:coupler'],
  ['damp', '1L: seal: damp', '/finding?rig=a&id=f1'],
  ['ys-171', 'YS-171', '/parts?rig=a&kind=seal'],
  ['metric', 'Backup & settings', '/keep'],
  ['house rules', 'House rules', '/rules?rig=a'],
])('%s', (typed, title, href) => {
  expect(first(typed)).toMatchObject({ title, href });
});

test('the rig in hand comes first, another is found by its name', () => {
  expect(first('repack 1L')?.href).toContain('rig=a');
  expect(first('repack 1L sandpiper')?.href).toContain('rig=b');
  const other = findables([juniper, sandpiper], 'b', 'us');
  expect(found(other, 'repack 1L')[0]?.[1][0]?.href).toContain('rig=b');
});

test('with nothing typed the pages stand there, and every id is one of a kind', () => {
  expect(found(all, '').map(([group]) => group)).toEqual(['Pages']);
  expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
  expect(found(all, 'zzz')).toEqual([]);
  for (const [group, items] of found(all, '1')) {
    expect(GROUPS).toContain(group);
    expect(items.length).toBeLessThanOrEqual(6);
  }
});

test('no work is offered that a rig has no place for', () => {
  expect(all.some(({ href }) => href.includes('walkaround'))).toBe(false);
  expect(all.filter(({ href }) => href.includes('pad-renew'))).toEqual([]);
});
