import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { foldEntries, readEntry, type Entry } from '../log';
import { toLine } from '.';

/** Lines as they were written by the version of their time; never rewritten, only added to by later versions. */
const lines = (name: string) =>
  readFileSync(join(__dirname, 'fixtures', name), 'utf8')
    .split('\n')
    .filter((line) => line !== '');

describe.each(['v1.ndjson'])('a stored log: %s', (name) => {
  const read = lines(name).map((line) => readEntry(JSON.parse(line)));
  const entries = read.flatMap((one): readonly Entry[] => (one.ok ? [one.value] : []));

  test('every line is still read', () => {
    expect(read.filter((one) => !one.ok)).toEqual([]);
    expect(entries).toHaveLength(lines(name).length);
  });

  test('holds every kind of entry of its time', () => {
    expect([...new Set(entries.map((entry) => entry.kind))].sort()).toEqual([
      'finding.closed',
      'finding.opened',
      'meter',
      'note',
      'recheck',
      'rig.changed',
      'rig.setup',
      'trip',
      'void',
      'work',
    ]);
  });

  test('comes to rigs with their models, meters and work', () => {
    const rigs = Object.values(foldEntries(entries).state.rigs);
    expect(rigs.map((rig) => rig.model?.name).sort()).toEqual(['Hive Cart', 'Juniper', 'Sandpiper']);
    expect(rigs.every((rig) => rig.contradictions.length <= 1)).toBe(true);
    expect(rigs.flatMap((rig) => Object.keys(rig.marks)).length).toBeGreaterThan(0);
  });

  test('is written again as it stood, to the letter', () => {
    expect(entries.map(toLine)).toEqual(lines(name));
  });
});
