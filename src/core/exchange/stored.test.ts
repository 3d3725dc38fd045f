import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  foldEntries,
  groupOfEntry,
  KINDS,
  isAbout,
  lastDoneOf,
  othersIn,
  readEntry,
  type Entry,
} from '../log';
import { toLine } from '.';

/** Lines as they were written by the version of their time; never rewritten, only added to by later versions. */
const lines = (name: string) =>
  readFileSync(join(__dirname, 'fixtures', name), 'utf8')
    .split('\n')
    .filter((line) => line !== '');

const NEWEST = 'v13.ndjson';

const FIRST = [
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
];
const SECOND = [
  ...FIRST,
  'deferral',
  'event',
  'part.fitted',
  'part.moved',
  'part.read',
  'rig.retired',
  'rig.returned',
  'rule.chosen',
  'season',
  'survey',
  'trip.planned',
].sort();

const FOURTH = [...SECOND, 'finding.seen', 'lights', 'opinion', 'photo', 'reading', 'walk'].sort();

const SEVENTH = [...FOURTH, 'decision', 'finding.waits'].sort();

const NINTH = [...SEVENTH, 'figure'].sort();

const TENTH = [...NINTH, 'fits', 'kit', 'order', 'order.back', 'paper', 'supply', 'trouble'].sort();

const ELEVENTH = [...TENTH, 'trip.begun', 'trip.mark'].sort();

const TWELFTH = [...ELEVENTH, 'let.go', 'plan.kept', 'plan.set'].sort();

describe.each([
  ['v1.ndjson', FIRST],
  ['v2.ndjson', SECOND],
  ['v3.ndjson', SECOND],
  ['v4.ndjson', FOURTH],
  ['v5.ndjson', FOURTH],
  ['v6.ndjson', FOURTH],
  ['v7.ndjson', SEVENTH],
  ['v8.ndjson', SEVENTH],
  ['v9.ndjson', NINTH],
  ['v10.ndjson', TENTH],
  ['v11.ndjson', ELEVENTH],
  ['v12.ndjson', TWELFTH],
  [NEWEST, TWELFTH],
])('a stored log: %s', (name, kinds) => {
  const read = lines(name).map((line) => readEntry(JSON.parse(line)));
  const entries = read.flatMap((one): readonly Entry[] => (one.ok ? [one.value] : []));

  test('every line is still read', () => {
    expect(read.filter((one) => !one.ok)).toEqual([]);
    expect(entries).toHaveLength(lines(name).length);
  });

  test('holds every kind of entry of its time', () => {
    expect([...new Set(entries.map((entry) => entry.kind))].sort()).toEqual(kinds);
  });

  test('comes to rigs with their models, meters and work', () => {
    const rigs = Object.values(foldEntries(entries).state.rigs).filter((rig) => rig.model);
    expect(rigs.map((rig) => rig.model?.name).sort()).toEqual(['Hive Cart', 'Juniper', 'Sandpiper']);
    expect(rigs.every((rig) => rig.contradictions.length <= 1)).toBe(true);
    expect(rigs.flatMap((rig) => Object.keys(rig.lastDone)).length).toBeGreaterThan(0);
  });

  test('is written again as it stood, to the letter, where its kind has not changed since', () => {
    const same = entries.flatMap((entry, i) => {
      const line = lines(name)[i] ?? '';
      return (JSON.parse(line) as { v: number }).v === entry.v ? [[toLine(entry), line]] : [];
    });
    expect(same.length).toBeGreaterThan(4);
    for (const [now, then] of same) expect(now).toBe(then);
  });
});

test('the newest stored log holds every kind there is, each at its newest version', () => {
  const newest = lines(NEWEST).map((line) => JSON.parse(line) as Entry);
  expect([...new Set(newest.map(({ kind }) => kind))].sort()).toEqual([...KINDS].sort());
  for (const entry of newest) {
    const read = readEntry(entry);
    expect(read.ok && read.value.v).toBe(entry.v);
  }
});

describe('what version 1 is lifted to', () => {
  const read = lines('v1.ndjson').map(
    (line) => [JSON.parse(line) as Entry, readEntry(JSON.parse(line))] as const,
  );

  test('set-ups and changes are at version 4, findings at version 8; a boat keeps its water with the environment', () => {
    const lifted = read.filter(([old]) => ['rig.setup', 'rig.changed', 'finding.opened'].includes(old.kind));
    expect(lifted.length).toBeGreaterThanOrEqual(7);
    for (const [old, now] of lifted) {
      expect(old.v).toBe(1);
      expect(now).toMatchObject({ ok: true, value: { v: old.kind === 'finding.opened' ? 8 : 4 } });
      if (!now.ok) continue;
      const { water, ...model } = (old.body as { model?: Record<string, unknown> }).model ?? {};
      if (old.kind === 'rig.setup')
        expect(now.value.body).toEqual({
          ...old.body,
          model: { ...model, ...(water !== undefined && { environment: { water } }) },
        });
      else expect(now.value.body).toEqual(old.body);
    }
    const boat = read.find(
      ([old]) => JSON.stringify(old).includes('"water":"brackish"') && old.kind === 'rig.setup',
    );
    expect(boat?.[1]).toMatchObject({ value: { body: { model: { environment: { water: 'brackish' } } } } });
  });

  test('a change of the usual water finds its new place', () => {
    const old = {
      ...(read.find(([one]) => one.kind === 'rig.changed')?.[0] ?? {}),
      body: { changes: { water: 'salt', spares: 2 } },
    };
    const now = readEntry(old);
    expect(now).toMatchObject({ ok: true, value: { v: 4 } });
    expect(now.ok && now.value.body).toEqual({ changes: { 'environment.water': 'salt', spares: 2 } });
    expect(old.body).toEqual({ changes: { water: 'salt', spares: 2 } });
  });

  test('work of that time gives bearings and seals their identities', () => {
    const entries = read.flatMap(([, one]) => (one.ok ? [one.value] : []));
    const parts = Object.values(foldEntries(entries).state.rigs).flatMap((rig) => Object.values(rig.parts));
    expect(parts.some((part) => part.kind === 'seal' && part.replaced?.['number']?.value === 'YS-171')).toBe(
      true,
    );
    expect(parts.some((part) => part.kind === 'innerSet' && part.facts['roller']?.value === 'YB-68')).toBe(
      true,
    );
  });
});

test('a log of the third version brings repairs, figures, pace and cost along', () => {
  const entries = lines('v3.ndjson').flatMap((line): readonly Entry[] => {
    const one = readEntry(JSON.parse(line));
    return one.ok ? [one.value] : [];
  });
  const rig = foldEntries(entries).state.rigs['018bf000-0000-7000-8000-000000000001'];
  expect(rig?.read['lining@1L']?.value).toBe(0.0045);
  expect(rig?.read['volts@breakaway']?.value).toBe(12.6);
  expect(rig?.pace['race-in']).toMatchObject({ minutes: 9.5, count: 1 });
  expect(rig && lastDoneOf(rig, 'repack', '1L')?.at).toBe('2026-05-11T15:00:00.000Z');
});

test('a log of the fourth version brings walks, readings, looks again and what they rest on along', () => {
  const entries = lines('v4.ndjson').flatMap((line): readonly Entry[] => {
    const one = readEntry(JSON.parse(line));
    return one.ok ? [one.value] : [];
  });
  const { rigs } = foldEntries(entries).state;
  const juniper = rigs['018bf000-0000-7000-8000-000000000001'];
  // What a tire was left at is what it holds.
  expect(juniper?.read['pressure@1L']?.value).toBe(448_000);
  expect(juniper && lastDoneOf(juniper, 'lights', 'rig')?.at).toBe('2026-05-13T15:00:00.000Z');
  expect(juniper?.past['tire-wall@1L']?.at).toBe('2026-05-15T15:00:00.000Z');
  const cart = rigs['018bf000-0000-7000-8000-000000000003'];
  const open = Object.values(cart?.findings ?? {});
  expect(open.find(({ of }) => of && 'trend' in of)).toMatchObject({ remedy: 'repack', verdict: 'due' });
  expect(open.find(({ place }) => place === 'frame')).toMatchObject({ verdict: 'watch', seen: { count: 3 } });
});

describe('what version 4 told in words', () => {
  const lifted = (kind: string, v: number, body: object) => {
    const stamp = lines('v4.ndjson').map((line) => JSON.parse(line) as Entry)[0];
    const one = readEntry({ ...stamp, kind, v, body });
    if (!one.ok) throw new Error(`${one.error.field}: ${one.error.detail}`);
    return one.value.body;
  };
  const from = '018bf000-0000-7000-8000-000000000009';

  test.each([
    'cold pressure 52 psi; target 65 psi cold',
    'hub 150 °F; watched or worse over 133 °F',
    'lining 1/64 in, minimum 1/16 in for bonded lining',
    'magnet 4.2 Ω; its figure is 3.2 Ω, a fifth off is too far',
    'pressure 359 kPa; target 448 kPa cold',
  ])('made of a reading, gives way to the reading: %s', (text) => {
    const body = { place: '1L', verdict: 'due', of: { what: 'pressure', value: 359_000 }, from };
    expect(lifted('finding.opened', 3, { ...body, text })).toEqual(body);
    const seen = { finding: from, verdict: 'due', of: body.of, from };
    expect(lifted('finding.seen', 1, { ...seen, text })).toEqual(seen);
  });

  test.each([
    ['hums at 40 mph', { what: 'hub-temp', value: 340 }],
    ['tire wall: cut to the fabric. outside', { subject: 'tire-wall', grade: 'cut' }],
    ['low again', undefined],
  ])('in one\u2019s own words, stays as it was: %s', (text, of) => {
    const body = { place: '1L', verdict: 'due', text, ...(of && { of }), from };
    expect(lifted('finding.opened', 3, body)).toEqual(body);
    expect(lifted('finding.seen', 1, { finding: from, verdict: 'due', text })).toEqual({
      finding: from,
      verdict: 'due',
      note: text,
    });
  });

  test('causes and tests of lamps are codes now; what is not known stays in words', () => {
    const body = {
      wiring: 'shared',
      how: 'alone',
      results: [{ lamp: 'left', shows: 'brake', result: 'out' }],
    };
    const at = (test: string, fault: string) =>
      lifted('lights', 1, { ...body, tests: [{ test, result: 'same' }], cause: { fault, sure: 0.8 } });
    expect(at('swap-bulb left', 'Left lamp: socket corroded')).toEqual({
      ...body,
      tests: [{ test: 'swap-bulb', side: 'left', result: 'same' }],
      cause: { faults: ['socket@left'], sure: 0.8 },
    });
    expect(at('clean-plug', 'Fuse of the running lamps')).toMatchObject({
      tests: [{ test: 'clean-plug', result: 'same' }],
      cause: { faults: ['fuse-running'] },
    });
    expect(at('clean-plug', 'Left: ground of that side and right: gr')).toMatchObject({
      cause: { faults: [], said: 'Left: ground of that side and right: gr' },
    });
  });
});

describe('what was closed and decided in words', () => {
  const lifted = (kind: string, v: number, body: object) => {
    const read = readEntry({
      id: '019e4000-0000-7000-8000-00000000000a',
      kind,
      v,
      rig: '018bf000-0000-7000-8000-000000000001',
      happened: '2026-05-16T15:00:00.000Z',
      recorded: '2026-05-16T15:00:00.000Z',
      body,
    });
    if (!read.ok) throw new Error(JSON.stringify(read.error));
    return read.value.body;
  };
  const finding = '019e4000-0000-7000-8000-000000000001';

  test.each([
    ['Looked at again, clear', { gone: true }],
    ['Looked at again, clear. Seal: dry. no drop', { gone: true, how: 'Seal: dry. no drop' }],
    ['strap renewed', { how: 'strap renewed' }],
  ])('%s', (how, body) => {
    expect(lifted('finding.closed', 2, { finding, how })).toEqual({ finding, ...body });
  });

  const walked = { walk: 'hitch', order: 'round', looked: [], taken: [], conditions: [] };
  test.each([
    [
      { rule: 'no', go: 'care', why: ['two miles', '1L: low'] },
      { why: 'two miles', worded: ['1L: low'] },
    ],
    [{ rule: 'care', go: 'care', why: ['1L: low'] }, { worded: ['1L: low'] }],
    [{ rule: 'clear', go: 'clear', why: [] }, {}],
  ])('whether to go: %j', (decision, kept) => {
    const { why: _, ...rest } = decision;
    expect(lifted('walk', 1, { ...walked, decision })).toEqual({ ...walked, decision: { ...rest, ...kept } });
  });
});

describe('what an entry is about', () => {
  const entries = lines(NEWEST).flatMap((line): readonly Entry[] => {
    const one = readEntry(JSON.parse(line));
    return one.ok ? [one.value] : [];
  });
  const find = (id: string) => entries.find((one) => one.id === id);

  test('each wheel end that its body names, what it rests on left aside', () => {
    let met = 0;
    for (const entry of entries) {
      // What it rests on, what a walk skipped, and what others did or stood against it, are told elsewhere.
      const { of: _, looked: _skipped, ...rest } = entry.body as Record<string, unknown>;
      const { decision: _standing, jobs, ...told } = rest;
      const body = entry.kind === 'finding.closed' ? told : { ...told, jobs };
      for (const [, place = ''] of JSON.stringify(body).matchAll(/"([1-3][LR]|S[12])"/g)) {
        met += 1;
        expect([entry.kind, place, isAbout(entry, place, find)]).toEqual([entry.kind, place, true]);
      }
    }
    expect(met).toBeGreaterThan(100);
  });

  test('a finding seen again or closed is about the place where it was opened', () => {
    const again = entries.filter(({ kind }) => kind === 'finding.seen' || kind === 'finding.closed');
    expect(again.length).toBeGreaterThan(2);
    for (const one of again) {
      const opened = find(othersIn(one)[0] ?? '');
      if (opened?.kind !== 'finding.opened') throw new Error('not opened');
      expect(isAbout(one, opened.body.place, find)).toBe(true);
      expect(isAbout(one, opened.body.place)).toBe(false);
    }
  });

  test('every entry of a log is listed somewhere', () => {
    expect([...new Set(entries.map(groupOfEntry))].sort()).toEqual(
      ['facts', 'findings', 'notes', 'parts', 'trips', 'walks', 'work'].sort(),
    );
  });
});
