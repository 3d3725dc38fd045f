import {
  foldEntries,
  KINDS,
  makeEntry,
  type Entry,
  type EntryOf,
  type Kind,
  isCorrectedHere,
} from '@/core/log';
import { toSI } from '@/core/base';
import { sampleModel } from '@/core/testing/arbitraries';
import { stateBefore } from '@/keeper/reads';
import { CORRECTABLE, readCorrection, valuesOf } from './read';
import { happenedOn, type Around, type Values } from './typed';

const NOW = '2026-05-16T14:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const mi = (n: number) => toSI(n, 'mi');
let serial = 0;

function entry<K extends Kind>(kind: K, day: number, body: EntryOf<K>['body']): EntryOf<K> {
  serial += 1;
  const at = `2026-05-${String(day).padStart(2, '0')}T12:00:00.000Z`;
  const id = `0196d000-0000-7000-8000-${serial.toString(16).padStart(12, '0')}`;
  return makeEntry(kind, { id, rig: RIG, happened: at, recorded: at }, body) as unknown as EntryOf<K>;
}

const setup = entry('rig.setup', 1, { model: sampleModel({}), reading: mi(1000) });
const towed = entry('trip', 3, { distance: mi(180), launches: 0 });
const metered = entry('trip', 4, { distance: mi(40), launches: 0, reading: mi(1220) });
const work = entry('work', 5, {
  jobs: [{ routine: 'repack', place: '1L' }],
  from: 'bench',
  minutes: 90,
  readings: [
    { place: '1L', what: 'seal-number', value: 'YS-1' },
    { place: '1L', what: 'end-play', value: 0.000151190476 },
    { place: '1L', what: 'strokes', value: 4 },
  ],
  conditions: [{ place: '1L', subject: 'rollers', grade: 'mirror' }],
  materials: [{ place: '1L', grease: 'lithium-complex' }],
  renewed: [{ place: '1L', part: 'seal' }],
  refits: [{ place: '1L', limits: [mi(10)] }],
  skipped: [],
  note: 'in the rain',
});
const others: readonly Entry[] = [
  entry('recheck', 6, { place: '1L', result: 'held' }) as Entry,
  entry('finding.opened', 7, { place: '1L', verdict: 'watch', text: 'cap dented' }) as Entry,
  entry('note', 8, { text: 'kept under the oak' }) as Entry,
  entry('meter', 9, { reading: mi(1300), replaced: false }) as Entry,
];
const all = [setup, towed, metered, work, ...others] as readonly Entry[];
const aroundOf = (entries: readonly Entry[], one: Entry, values: Values, now = NOW): Around => {
  const fold = foldEntries(entries);
  const happened = happenedOn(one, values, now);
  return {
    rig: fold.state.rigs[RIG],
    before: happened === undefined ? undefined : stateBefore(fold, one, happened),
    now,
  };
};

const read = (one: Entry, change: Values = {}, insisted = false) => {
  const values = { ...valuesOf(one, 'us'), ...change };
  return readCorrection(one, values, aroundOf(all, one, values), 'us', insisted);
};

test('what is not touched comes back as it was, to the last digit, and corrects its original', () => {
  for (const one of [towed, metered, work, ...others] as readonly Entry[]) {
    const draft = read(one);
    if (!draft.ok) throw new Error(JSON.stringify(draft.error));
    expect(draft.value).toMatchObject({ kind: one.kind, replaces: one.id, happened: one.happened });
    if (one.kind !== 'trip') expect(draft.value.body).toEqual(one.body);
  }
});

test('readings of work are shown and typed in the owner’s units, and kept in SI', () => {
  const psi65 = 448_159.2;
  const tires = entry('work', 5, {
    ...work.body,
    readings: [
      { place: '1L', what: 'pressure', value: psi65 },
      { place: '1L', what: 'lining', value: 0.0047625 },
    ],
  }) as Entry;
  expect(valuesOf(tires, 'us')).toMatchObject({ 'reading 0': '65', 'reading 1': '0.1875' });
  expect(valuesOf(tires, 'metric')).toMatchObject({ 'reading 0': '4.48', 'reading 1': '4.7625' });
  const draft = read(tires, { 'reading 0': '62' });
  const kept = draft.ok && draft.value.kind === 'work' ? draft.value.body.readings : [];
  expect(kept[0]?.value).toBeCloseTo(62 * 6894.757, 0);
  // What was not touched keeps its value to the last digit.
  expect(kept[1]?.value).toBe(0.0047625);
  const absurd = read(tires, { 'reading 1': '65' });
  expect(absurd.ok ? {} : absurd.error.errors).toHaveProperty('reading 1');
});

test('a trip: miles typed over, and refused where they cannot be', () => {
  const draft = read(towed as Entry, { distance: '18' });
  expect(draft.ok && draft.value.body).toMatchObject({ distance: mi(18) });
  expect(read(towed as Entry, { distance: '-18' })).toMatchObject({ ok: false, error: { insist: false } });
  expect(read(towed as Entry, { distance: '1800' })).toMatchObject({ ok: false, error: { insist: true } });
  expect(read(towed as Entry, { distance: '1800' }, true).ok).toBe(true);
});

test('a trip by the meter counts from where the meter stood before it', () => {
  const draft = read(metered as Entry, { reading: '1,250' });
  expect(draft.ok && draft.value.kind === 'trip' && draft.value.body.distance).toBeCloseTo(mi(250));
  expect(read(metered as Entry, { reading: '900' })).toMatchObject({ ok: false });
});

test('work: readings, grease, grades and note, each on its own', () => {
  const draft = read(work as Entry, {
    'reading 0': 'YS-2',
    'reading 1': '0.008',
    'reading 2': '',
    'grade 0': 'stained',
    'grease 0': 'polyurea',
    note: '',
  });
  if (!draft.ok || draft.value.kind !== 'work') throw new Error('not read');
  const { body } = draft.value;
  expect(body.readings.map(({ what }) => what)).toEqual(['seal-number', 'end-play']);
  expect(body.readings[1]?.value).toBeCloseTo(toSI(0.008, 'in'), 9);
  expect(body.conditions[0]?.grade).toBe('stained');
  expect(body.materials[0]?.grease).toBe('polyurea');
  expect(body.note).toBeUndefined();
  expect(body.refits).toEqual(work.body.refits);
});

test.each<[Values, string]>([
  [{ 'reading 1': 'loose' }, 'reading 1'],
  [{ 'reading 1': '-0.004' }, 'reading 1'],
  [{ 'reading 2': '4 psi' }, 'reading 2'],
  [{ date: '2026-06-01' }, 'date'],
  [{ date: '' }, 'date'],
])('work with %j is told at %s', (change, field) => {
  const draft = read(work as Entry, change);
  expect(!draft.ok && Object.keys(draft.error.errors)).toEqual([field]);
});

test('words that are emptied are asked for', () => {
  for (const one of others.filter(({ kind }) => kind === 'note' || kind === 'finding.opened'))
    expect(read(one, { text: ' ' })).toMatchObject({
      ok: false,
      error: { errors: { text: expect.any(String) as string } },
    });
});

test('another day moves the entry to its noon', () => {
  const draft = read(towed as Entry, { date: '2026-05-02' });
  expect(draft.ok && draft.value.happened?.slice(0, 10)).toBe('2026-05-02');
});

describe('parts, retirement and what is told elsewhere', () => {
  const fitted = entry('part.fitted', 9, {
    part: 'a',
    spec: { kind: 'tire', facts: { dot: { value: '1121', source: 'marking' } } },
    to: '1L',
    note: 'from the shop',
  }) as Entry;
  const moved = entry('part.moved', 10, { moves: [{ part: 'a', to: 'shelf', grade: 'sound' }] }) as Entry;
  const retired = entry('rig.retired', 11, { reason: 'sold' }) as Entry;
  const log = aroundOf([setup as Entry, fitted, moved, retired], fitted, valuesOf(fitted, 'us'));

  test('day and note of a fitting or a move are set right, the parts stay', () => {
    const values = { ...valuesOf(fitted, 'us'), date: '2026-05-08', note: '' };
    expect(readCorrection(fitted, values, log, 'us', false)).toMatchObject({
      ok: true,
      value: { kind: 'part.fitted', replaces: fitted.id, happened: expect.stringContaining('2026-05-08') },
    });
    const noted = readCorrection(moved, { ...valuesOf(moved, 'us'), note: 'worn inside' }, log, 'us', false);
    expect(noted).toMatchObject({ ok: true, value: { body: { ...moved.body, note: 'worn inside' } } });
  });

  test('a reason is set right or left out', () => {
    const values = valuesOf(retired, 'us');
    expect(values).toMatchObject({ reason: 'sold' });
    expect(readCorrection(retired, { ...values, reason: ' ' }, log, 'us', false)).toMatchObject({
      ok: true,
      value: { kind: 'rig.retired', body: {} },
    });
  });

  test('what was told on a page of its own is told anew there, not typed over here', () => {
    const told = [
      entry('rule.chosen', 12, { rule: 'nut', school: 'light-drag' }),
      entry('survey', 12, { item: 'tire', place: '1L', found: { as: 'reading' } }),
      entry('part.read', 12, { part: 'a', facts: { dot: null } }),
      setup,
    ] as Entry[];
    for (const one of told) {
      expect(isCorrectedHere(one)).toBe(false);
      expect(readCorrection(one, valuesOf(one, 'us'), log, 'us', false).ok).toBe(false);
    }
    const here = KINDS.filter((kind) => isCorrectedHere({ kind }));
    expect(Object.keys(CORRECTABLE).sort()).toEqual(here.sort());
  });
});
