import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import fc from 'fast-check';
import { foldEntries, readEntry, type Entry } from '../log';
import { anyLog } from '../testing/arbitraries';
import { runs } from '../testing/runs';
import { sha256Of, unzipped, zipped } from '../testing/zipped';
import { entryJsonSchema, planMerge, readArchive, toLine, writeArchive } from '.';

const AT = '2026-05-16T09:00:00.000Z';
const sample = fc.sample(anyLog, { numRuns: 1, seed: 7 })[0] as readonly Entry[];
let bytes = new Uint8Array();
beforeAll(async () => {
  bytes = await zipped(sample, AT);
});

function altered(change: (files: Record<string, Uint8Array>) => void): Uint8Array {
  const files = unzipSync(bytes);
  change(files);
  return zipSync(files);
}

const manifestWith = (more: object) =>
  altered((files) => {
    const manifest = JSON.parse(strFromU8(files['manifest.json'] as Uint8Array)) as object;
    files['manifest.json'] = strToU8(JSON.stringify({ ...manifest, ...more }));
  });

describe('archive', () => {
  test('export then import is identity, entry for entry', async () => {
    await fc.assert(
      fc.asyncProperty(anyLog, async (log) => {
        const back = await unzipped(await zipped(log, AT));
        if (!back.ok) throw new Error(JSON.stringify(back.error));
        const plain = JSON.parse(JSON.stringify(foldEntries(log).entries)) as Entry[];
        expect(back.value.entries).toEqual(plain);
        expect(foldEntries(back.value.entries).state).toEqual(foldEntries(plain).state);
      }),
      { numRuns: runs(100) },
    );
  });

  describe('pictures', () => {
    const picture = new Uint8Array([255, 216, 255, 1, 2, 3]);
    const name = bytesToHex(sha256(picture));
    const withPicture = () => zipped(sample, AT, { [name]: picture });
    const changed = async (change: (files: Record<string, Uint8Array>) => void) => {
      const files = unzipSync(await withPicture());
      change(files);
      return zipSync(files);
    };
    test('come back to the byte, one at a time', async () => {
      const back = await unzipped(await withPicture());
      if (!back.ok) throw new Error(back.error.code);
      expect(back.value.pictures.hashes).toEqual([name]);
      expect(await back.value.pictures.read(name)).toEqual(picture);
      expect(await back.value.pictures.read('0'.repeat(64))).toBeUndefined();
    });
    test('are stored as they are, so that any program that reads zips reads them', async () => {
      expect(unzipSync(await withPicture())[`photos/${name}.jpg`]).toEqual(picture);
    });
    test('an archive from before there were any is still read', async () => {
      const first = manifestWith({ version: 1 });
      expect(await unzipped(first)).toMatchObject({ ok: true, value: { pictures: { hashes: [] } } });
    });
    test.each([
      [
        'damaged',
        (files: Record<string, Uint8Array>) => void (files[`photos/${name}.jpg`] = new Uint8Array([1])),
      ],
      ['missing-file', (files: Record<string, Uint8Array>) => void delete files[`photos/${name}.jpg`]],
      [
        'damaged',
        (files: Record<string, Uint8Array>) => {
          const other = `photos/${'0'.repeat(64)}.jpg`;
          files[other] = picture;
          const manifest = strFromU8(files['manifest.json'] as Uint8Array);
          files['manifest.json'] = strToU8(manifest.replaceAll(`photos/${name}.jpg`, other));
        },
      ],
    ])('altered ones are refused as %s', async (code, change) =>
      expect(await unzipped(await changed(change))).toMatchObject({ ok: false, error: { code } }),
    );
    test('the first of several archives says what the others hold', async () => {
      const sizes = [
        { photos: 1, bytes: 6 },
        { photos: 2, bytes: 40 },
        { photos: 1, bytes: 9 },
      ];
      const volume = { number: 1, of: 3 };
      const file = await writeArchive({ entries: sample, volume, volumes: sizes }, AT, { sha256: sha256Of });
      expect(await readArchive(file, { sha256: sha256Of })).toMatchObject({
        ok: true,
        value: { volume, others: { photos: 3, bytes: 49 } },
      });
      const second = { entries: sample, volume: { number: 2, of: 3 }, volumes: sizes };
      const read = await readArchive(await writeArchive(second, AT, { sha256: sha256Of }), {
        sha256: sha256Of,
      });
      expect(read).toMatchObject({ ok: true, value: { volume: second.volume, others: undefined } });
    });
  });

  test('the same log is the same bytes, whatever order it is in', async () => {
    expect(await zipped([...sample].reverse(), AT)).toEqual(bytes);
  });

  test.each([
    ['not-a-zip', () => strToU8('hello')],
    ['not-a-zip', () => new Uint8Array()],
    ['not-ours', () => zipSync({ 'photo.jpg': strToU8('x') })],
    ['not-ours', () => zipSync({ 'manifest.json': strToU8('{"format":"other","version":1}') })],
    ['damaged', () => zipSync({ 'manifest.json': strToU8('{') })],
    ['newer', () => manifestWith({ version: 4 })],
    ['damaged', () => manifestWith({ entries: 'many' })],
    ['damaged', () => manifestWith({ entries: 1000 })],
    ['missing-file', () => altered((files) => void delete files['log.ndjson'])],
    ['missing-file', () => manifestWith({ files: [] })],
    ['damaged', () => altered((files) => void (files['log.ndjson'] = strToU8('{}\n')))],
  ])('refused as %s', async (code, file) => {
    expect(await unzipped(file())).toMatchObject({ ok: false, error: { code } });
  });

  test.each([
    ['not JSON', 'oops'],
    ['a kind that is none', JSON.stringify({ ...(sample[0] as Entry), kind: 7 })],
    ['the same id twice', toLine(sample[0] as Entry)],
  ])('a bad line is named: %s', async (_, line) => {
    const log = `${toLine(sample[0] as Entry)}\n${line}\n`;
    const good = unzipSync(await zipped([sample[0] as Entry], AT));
    // A file whose manifest fits its bad log is still refused by its lines.
    const manifest = JSON.parse(strFromU8(good['manifest.json'] as Uint8Array)) as {
      files: unknown[];
      entries: number;
    };
    const raw = strToU8(log);
    const { createHash } = jest.requireActual<typeof import('node:crypto')>('node:crypto');
    manifest.files = [
      { name: 'log.ndjson', bytes: raw.length, sha256: createHash('sha256').update(raw).digest('hex') },
    ];
    manifest.entries = 2;
    const file = zipSync({ 'manifest.json': strToU8(JSON.stringify(manifest)), 'log.ndjson': raw });
    expect(await unzipped(file)).toMatchObject({ ok: false, error: { code: 'bad-line', line: 2 } });
  });

  test('any cut or flipped byte is refused or harmless, never wrong', async () => {
    await fc.assert(
      fc.asyncProperty(fc.nat(bytes.length - 1), fc.integer({ min: 1, max: 255 }), async (at, flip) => {
        const cut = await unzipped(bytes.slice(0, at));
        expect(cut.ok).toBe(false);
        const changed = bytes.slice();
        changed[at] = (changed[at] ?? 0) ^ flip;
        const read = await unzipped(changed);
        if (read.ok) expect(read.value.entries.map(toLine)).toEqual(foldEntries(sample).entries.map(toLine));
      }),
      { numRuns: runs(200) },
    );
  });
});

describe('merging', () => {
  test('is a set union: twice is once, either way round', () => {
    fc.assert(
      fc.property(anyLog, fc.nat(), (log, cut) => {
        const here = log.slice(0, cut % (log.length + 1));
        const plan = planMerge(here, log);
        if (!plan.ok) throw new Error('conflict');
        expect(plan.value.same).toBe(here.length);
        expect(foldEntries([...here, ...plan.value.added]).state).toEqual(foldEntries(log).state);
        const again = planMerge(log, log);
        expect(again).toEqual({ ok: true, value: { added: [], same: log.length } });
      }),
      { numRuns: runs(60) },
    );
  });

  test('an entry with other words under the same id is refused', () => {
    const mine = sample[0] as Entry;
    expect(planMerge([mine], [{ ...mine, recorded: '2020-01-01T00:00:00.000Z' }])).toMatchObject({
      ok: false,
      error: { code: 'conflict', id: mine.id },
    });
  });
});

test('the open format describes every kind', () => {
  const text = JSON.stringify(entryJsonSchema());
  for (const kind of ['rig.setup', 'trip', 'work', 'recheck', 'finding.opened', 'void'])
    expect(text).toContain(`"${kind}"`);
});

describe('an archive beyond all measure is refused before it is unpacked', () => {
  /** A zip whose directory says so of the log. */
  const claiming = (size: number) => {
    const zip = zipSync({ 'manifest.json': strToU8('{}'), 'log.ndjson': strToU8('x'.repeat(5000)) });
    const view = new DataView(zip.buffer);
    for (let i = 0; i < zip.length - 46; i++)
      if (view.getUint32(i, true) === 0x02014b50 && view.getUint16(i + 28, true) === 'log.ndjson'.length)
        view.setUint32(i + 24, size, true);
    return zip;
  };
  test.each([
    ['a log of half a gigabyte', claiming(500 * 1024 * 1024)],
    ['words packed to a thousandth', zipSync({ 'log.ndjson': new Uint8Array(20 * 1024 * 1024) })],
    [
      'a manifest of ten megabytes',
      zipSync({ 'manifest.json': new Uint8Array(10 * 1024 * 1024) }, { level: 0 }),
    ],
  ])('%s', async (_, bytes) => {
    expect(await unzipped(bytes)).toEqual({ ok: false, error: { code: 'too-large' } });
  });
});

test('what a newer version wrote is kept to the letter, and goes along', async () => {
  const [first] = sample;
  if (!first) throw new Error('empty sample');
  const id = '0196d000-0000-7000-8000-fffffffffff1';
  const raw = { ...first, id, v: 99, body: { whatever: [1, 2, 3] } };
  const party = { ...raw, id: id.replace('f1', 'f2'), kind: 'party' };
  const unread = [
    { id, raw },
    { id: party.id, raw: party },
  ];
  const read = await unzipped(await zipped(sample, AT, {}, unread));
  if (!read.ok) throw new Error(read.error.code);
  expect(read.value.entries).toHaveLength(sample.length);
  expect(read.value.unread.map((one) => one.raw)).toEqual([raw, party]);
  expect(await zipped(read.value.entries, AT, {}, read.value.unread)).toEqual(
    await zipped(sample, AT, {}, unread),
  );
});

test('the same id in large letters is the same id', () => {
  const one = sample[0];
  if (!one) throw new Error('empty sample');
  const read = readEntry({ ...one, id: one.id.toUpperCase(), rig: one.rig.toUpperCase() });
  expect(read).toEqual({ ok: true, value: one });
});
