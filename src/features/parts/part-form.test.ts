import fc from 'fast-check';
import { toSI } from '@/core/base';
import { partSchema, type PartFacts } from '@/core/rig';
import { anyPart } from '@/core/testing/arbitraries';
import { partDraft, readChanges, readPartFacts } from './part-form';

const NOW = Date.parse('2026-05-16T12:00:00.000Z');

function read(kind: 'tire' | 'hub' | 'brake' | 'battery', draft: Record<string, string>, insisted = false) {
  return readPartFacts(kind, draft, 'marking', {}, 'us', NOW, insisted);
}

test('what is read off a tire, each with where it came from; what is left empty is not known', () => {
  const result = read('tire', { dot: 'x9 1121', size: 'st225/75r15', capacity: '2,540', loadRange: 'D' });
  expect(result).toEqual({
    ok: true,
    value: {
      dot: { value: 'X9 1121', source: 'marking' },
      size: { value: 'ST225/75R15', source: 'marking' },
      capacity: { value: toSI(2540, 'lb'), source: 'marking' },
      loadRange: { value: 'D', source: 'marking' },
    },
  });
});

test.each<['tire' | 'hub' | 'brake' | 'battery', Record<string, string>, string, boolean]>([
  ['tire', { dot: '5421' }, 'dot', true],
  ['tire', { dot: 'none' }, 'dot', true],
  ['tire', { size: 'big' }, 'size', true],
  ['tire', { capacity: '12' }, 'capacity', false],
  ['tire', { capacity: '600 psi' }, 'capacity', false],
  ['tire', { number: 'x'.repeat(41) }, 'number', false],
  ['hub', { drumMax: '2' }, 'drumMax', false],
  ['brake', { magnet: '-3' }, 'magnet', false],
  ['battery', { since: '2030-01-01' }, 'since', false],
])('%s with %j is told at %s', (kind, draft, field, ask) => {
  const result = read(kind, draft);
  expect(result.ok ? {} : result.error).toMatchObject({ fields: { [field]: expect.any(String) }, ask });
  // What is only odd may be insisted on; what cannot be is refused again.
  expect(read(kind, draft, true).ok).toBe(ask);
});

test('a date of the last century is kept as it stands: it is found past any limit', () => {
  expect(read('tire', { dot: '238' }).ok).toBe(true);
});

test('any part opened and kept untouched is the same, value and source; what changed is told apart', () => {
  fc.assert(
    fc.property(anyPart, fc.constantFrom('us' as const, 'metric' as const), (part, system) => {
      const facts: PartFacts = part.facts;
      const draft = partDraft(part.kind, facts, system);
      const result = readPartFacts(part.kind, draft, 'guess', facts, system, NOW, false);
      if (!result.ok) throw new Error(JSON.stringify(result.error));
      expect(partSchema.parse({ kind: part.kind, facts: result.value })).toEqual(part);
      expect(readChanges(facts, result.value)).toEqual({});
      const emptied = readPartFacts(part.kind, {}, 'guess', facts, system, NOW, false);
      if (!emptied.ok) throw new Error('emptied');
      expect(Object.values(readChanges(facts, emptied.value)).every((one) => one === null)).toBe(true);
    }),
  );
});
