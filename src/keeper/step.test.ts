import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import fc from 'fast-check';
import { seeded } from '@/core/base';
import { photoFileName, readSealed, writeSealed } from '@/core/exchange';
import { HOUSE, makeEntry, type Entry } from '@/core/log';
import { cardEntries, stampEntries } from '@/core/record';
import { compile, currentStep, finishRun, startRun, tap } from '@/core/routine';
import { HOUSE_DEFAULT } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { unzipped } from '@/core/testing/zipped';
import { folderIn, type Files } from '@/testing/folder';
import { well } from '@/core/testing/well';
import { Keeper } from './keeper';
import { memoryPort } from './port';
import { forgetFolder, keepInStep, stepKnown, UNREADABLE, type Folder, type InStep } from './step';

const NOW = '2026-05-16T14:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const OTHER = '0196d000-0000-7000-8000-0000000000bb';
let ids = 0;
const id = () => `0196d000-0000-7000-8000-${(ids += 1).toString(16).padStart(12, '0')}`;

const note = (text: string, rig = RIG): Entry =>
  makeEntry('note', { id: id(), rig, happened: NOW, recorded: NOW }, { text });
const setup = (rig: string, name: string): Entry =>
  makeEntry(
    'rig.setup',
    { id: id(), rig, happened: NOW, recorded: NOW },
    { model: { ...sampleModel({}), name } },
  );
const letGo = (rig: string): Entry =>
  makeEntry(
    'let.go',
    { id: id(), rig: HOUSE, happened: '2026-05-17T14:00:00.000Z', recorded: '2026-05-17T14:00:00.000Z' },
    { what: 'rig', rig, name: 'Sold', entries: 3 },
  );

function device(name: string): { readonly keeper: Keeper; readonly fresh: () => string } {
  const keeper = new Keeper(memoryPort(), {
    version: 'test',
    warn: () => undefined,
    now: NOW,
    mark: () => 1,
  });
  return { keeper, fresh: () => name };
}

const met = (one: ReturnType<typeof device>, folder: Folder, now = NOW) =>
  keepInStep(one.keeper, folder, { now, fresh: one.fresh });

/** A meeting where whatever is asked about is taken in. */
async function step(one: ReturnType<typeof device>, files: Files, accept = true): Promise<InStep> {
  const done = await keepInStep(one.keeper, folderIn(files), { now: NOW, fresh: one.fresh, accept });
  if ('strange' in done) throw new Error('not met before');
  return done;
}

const idsOf = async ({ keeper }: ReturnType<typeof device>) =>
  (await keeper.entries()).entries.map((entry) => entry.id).sort();

describe('a sealed file', () => {
  test('is read as it was written, under a name of its own; a byte less or another one and it is none', () => {
    const { name, bytes } = writeSealed('ab12cd34', [note('a'), note('b')], NOW);
    expect(name).toMatch(/^yardline-ab12cd34-[0-9a-f]{16}\.ndjson$/);
    expect(readSealed(bytes)).toMatchObject({ ok: true, value: { device: 'ab12cd34', created: NOW } });
    fc.assert(
      fc.property(fc.integer({ min: 0, max: bytes.length - 1 }), (at) => {
        expect(readSealed(bytes.slice(0, at)).ok).toBe(false);
        const other = bytes.slice();
        other[at] = (other[at] ?? 0) ^ 1;
        const read = readSealed(other);
        // The head may change in what it says of the device or the day; what follows may not.
        if (read.ok) expect(read.value.entries).toHaveLength(2);
      }),
    );
    expect(readSealed(new TextEncoder().encode('{"format":"else"}\n'))).toMatchObject({
      error: { code: 'not-ours' },
    });
    expect(readSealed(new TextEncoder().encode('{"format":"yardline-sealed","version":9}\n'))).toMatchObject({
      error: { code: 'newer' },
    });
  });
});

describe('a folder kept in step', () => {
  test('two devices meet in it; each writes what the other has not, once', async () => {
    const [a, b] = [device('aaaaaaaa'), device('bbbbbbbb')];
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper'), note('a1')]);
    expect(await step(a, files)).toMatchObject({ written: 2, brought: 0 });
    expect(await step(a, files)).toMatchObject({ written: 0, brought: 0 });
    expect(await step(b, files)).toMatchObject({ written: 0, brought: 2, devices: { aaaaaaaa: NOW } });
    await b.keeper.append([note('b1')]);
    await a.keeper.append([note('a2')]);
    await step(b, files);
    await step(a, files);
    await step(b, files);
    expect(await idsOf(a)).toEqual(await idsOf(b));
    expect((await stepKnown(a.keeper))?.at).toBe(NOW);
    await forgetFolder(a.keeper);
    expect((await stepKnown(a.keeper))?.at).toBeUndefined();
  });

  test('one card worked on two devices while they were apart: both runs are kept, each with its own entry', async () => {
    const [a, b] = [device('aaaaaaaa'), device('bbbbbbbb')];
    const files: Files = new Map();
    const model = sampleModel({ hub: 'plain', brake: 'none' });
    await a.keeper.append([setup(RIG, 'Juniper')]);
    await step(a, files);
    await step(b, files);
    for (const { keeper } of [a, b]) {
      const card = compile(model, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
      if (!card.ok) throw new Error(card.error.code);
      let run = startRun(id(), RIG, model, card.value, NOW);
      await keeper.cards.start(run);
      for (let at = currentStep(run); at; at = currentStep(run)) {
        const next = tap(run, at.key, well(at, model), NOW);
        if (!next.ok) throw new Error(next.error.code);
        run = next.value;
      }
      const rig = (await keeper.fold()).state.rigs[RIG];
      if (!rig) throw new Error('no rig');
      const outcome = finishRun(run, NOW);
      if (!outcome.ok) throw new Error(outcome.error.key);
      const drafts = cardEntries({ run, rig, outcome: outcome.value, at: NOW, newId: id });
      await keeper.closeRun(run.id, stampEntries(await keeper.known(false), RIG, drafts, NOW, id), []);
    }
    for (const one of [a, b, a]) await step(one, files);
    for (const one of [a, b]) {
      const { entries, state } = await one.keeper.fold();
      expect(entries.filter(({ kind }) => kind === 'work')).toHaveLength(2);
      expect(await one.keeper.cards.now()).toEqual([]);
      expect(state).toEqual((await a.keeper.fold()).state);
    }
  });

  test('a file that is still being written is told and taken later; a copy under another name doubles nothing', async () => {
    const [a, b] = [device('aaaaaaaa'), device('bbbbbbbb')];
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper'), note('a1')]);
    await step(a, files);
    const [[name, bytes]] = [...files].filter(([one]) => one.endsWith('.ndjson')) as [
      [string, Uint8Array<ArrayBuffer>],
    ];
    const half: Files = new Map([[name, bytes.slice(0, 300)]]);
    const first = await step(b, half);
    expect(first.left).toEqual([{ name, why: { code: 'cut-short' } }]);
    half.set(name, bytes);
    half.set(name.replace('.ndjson', ' (2).ndjson'), bytes);
    expect(await step(b, half)).toMatchObject({ brought: 2, left: [] });
    expect(await step(b, half)).toMatchObject({ brought: 0, written: 0 });
  });

  test('what a newer version wrote goes through a device that is behind, to the letter', async () => {
    const [a, b, c] = [device('aaaaaaaa'), device('bbbbbbbb'), device('cccccccc')];
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper')]);
    await step(a, files);
    const raw = { ...note('from the future'), kind: 'tow.dream', v: 1, body: { of: 'sheep' } };
    const sealed = writeSealed('dddddddd', [], NOW, [{ id: raw.id, raw }]);
    files.set(sealed.name, sealed.bytes);
    expect(await step(b, files)).toMatchObject({ brought: 2, left: [] });
    expect((await b.keeper.newer()).map(({ id: one }) => one)).toEqual([raw.id]);
    // The file of the newer device is lost: what it held is written again by the one that could not read it.
    files.delete(sealed.name);
    await step(b, files);
    await step(c, files);
    expect((await c.keeper.newer()).map((one) => one.raw)).toEqual([raw]);
  });

  test('two runs of one card on two devices are both kept', async () => {
    const [a, b] = [device('aaaaaaaa'), device('bbbbbbbb')];
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper')]);
    await step(a, files);
    await step(b, files);
    await a.keeper.append([note('card closed here')]);
    await b.keeper.append([note('card closed there')]);
    for (let i = 0; i < 2; i++) for (const one of [a, b]) await step(one, files);
    expect(await idsOf(a)).toEqual(await idsOf(b));
    expect((await idsOf(a)).length).toBe(3);
  });

  test('a folder met for the first time is told of before anything comes in or goes out', async () => {
    const [a, b] = [device('aaaaaaaa'), device('bbbbbbbb')];
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper'), note('a1')]);
    // Nobody else's files lie there: nothing is asked.
    expect(await met(a, folderIn(files))).toMatchObject({ written: 2 });
    const before = [...files.keys()];
    expect(await met(b, folderIn(files))).toEqual({
      asks: [
        {
          device: 'aaaaaaaa',
          created: NOW,
          rigs: [{ rig: RIG, name: 'Juniper', here: false, fresh: 2 }],
          house: 0,
          changes: 0,
        },
      ],
      strange: false,
    });
    expect([...files.keys()]).toEqual(before);
    expect(await idsOf(b)).toEqual([]);
    expect(await step(b, files)).toMatchObject({ brought: 2 });
    // From then on it goes by itself.
    await a.keeper.append([note('a2')]);
    await met(a, folderIn(files));
    expect(await met(b, folderIn(files))).toMatchObject({ brought: 1, asks: [] });
  });

  test('files of another yard are not taken in before its owner says so, the first time or later', async () => {
    const [a, b] = [device('aaaaaaaa'), device('bbbbbbbb')];
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper')]);
    await b.keeper.append([setup(OTHER, 'Driftwood')]);
    await step(a, files);
    expect(await met(b, folderIn(files))).toMatchObject({
      asks: [{ rigs: [{ name: 'Juniper' }] }],
      strange: true,
    });
    expect(await idsOf(b)).toHaveLength(1);
    expect(await step(b, files)).toMatchObject({ brought: 1, written: 1 });
    // A rule for all rigs, and an entry withdrawn: from a device that was never met.
    const rule = makeEntry(
      'note',
      { id: id(), rig: HOUSE, happened: NOW, recorded: NOW },
      { text: 'not ours' },
    );
    const forged = writeSealed('eeeeeeee', [rule], NOW);
    files.set(forged.name, forged.bytes);
    await b.keeper.append([note('mine', OTHER)]);
    expect(await met(b, folderIn(files))).toMatchObject({
      brought: 0,
      written: 1,
      asks: [{ device: 'eeeeeeee', house: 1 }],
    });
    expect(await idsOf(b)).not.toContain(rule.id);
    expect(await step(b, files)).toMatchObject({ brought: 1, asks: [] });
  });

  test('one file that cannot be taken holds nothing else up, and one’s own goes out', async () => {
    const [a, b] = [device('aaaaaaaa'), device('bbbbbbbb')];
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper')]);
    await step(a, files);
    await step(b, files);
    await b.keeper.append([note('b1')]);
    const again = note('twice');
    const doubled = writeSealed('cccccccc', [again, again], NOW);
    const deep = writeSealed('cccccccc', [], NOW, [
      { id: id(), raw: JSON.parse(`${'['.repeat(100)}${']'.repeat(100)}`) as unknown },
    ]);
    const good = writeSealed('cccccccc', [note('good')], NOW);
    const cloud = writeSealed('dddddddd', [note('in the cloud only')], NOW);
    for (const { name, bytes } of [doubled, deep, good, cloud]) files.set(name, bytes);
    const folder = folderIn(files);
    const behind: Folder = {
      ...folder,
      list: async () =>
        (await folder.list()).map((one) => (one.name === cloud.name ? { ...one, size: UNREADABLE } : one)),
      read: (name) => (name === cloud.name ? Promise.reject(new Error('offline')) : folder.read(name)),
    };
    const done = await met(b, behind);
    expect(done).toMatchObject({ brought: 1, written: 1 });
    expect('left' in done && done.left.map(({ name, why }) => [name, why.code]).sort()).toEqual(
      [
        [doubled.name, 'bad-line'],
        [deep.name, 'bad-line'],
        [cloud.name, 'unreadable'],
      ].sort(),
    );
    expect(await met(b, folder)).toMatchObject({ brought: 1, written: 0 });
  });

  test('a file of one’s own that was damaged there is written again', async () => {
    const [a, b] = [device('aaaaaaaa'), device('bbbbbbbb')];
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper'), note('a1')]);
    await step(a, files);
    for (const [name, bytes] of files) if (name.endsWith('.ndjson')) bytes[bytes.length - 3] = 0;
    expect(await met(a, folderIn(files), '2026-05-18T14:00:00.000Z')).toMatchObject({ written: 2, left: [] });
    expect(await step(b, files)).toMatchObject({ brought: 2, left: [] });
  });

  test('a file that vanished is written again by whoever has its entries', async () => {
    const [a, b] = [device('aaaaaaaa'), device('bbbbbbbb')];
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper'), note('a1')]);
    await step(a, files);
    await step(b, files);
    files.clear();
    await step(b, files);
    const c = device('cccccccc');
    expect(await step(c, files)).toMatchObject({ brought: 2 });
  });

  test('an archive is written beside it once there is something to lose, and not each time', async () => {
    const a = device('aaaaaaaa');
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper')]);
    expect((await step(a, files)).backup).toBe('yardline-2026-05-16.zip');
    await a.keeper.append([note('one more')]);
    expect((await step(a, files)).backup).toBeUndefined();
    await a.keeper.append(
      Array.from({ length: 30 }, (_, i) =>
        makeEntry(
          'note',
          { id: id(), rig: RIG, happened: NOW, recorded: '2026-05-18T14:00:00.000Z' },
          { text: `n${i}` },
        ),
      ),
    );
    expect((await step(a, files)).backup).toBe('yardline-2026-05-16.zip');
  });

  test('a folder that cannot be written leaves everything as it was', async () => {
    const a = device('aaaaaaaa');
    await a.keeper.append([setup(RIG, 'Juniper')]);
    const shut: Folder = { ...folderIn(new Map()), write: () => Promise.reject(new Error('read-only')) };
    await expect(keepInStep(a.keeper, shut, { now: NOW, fresh: a.fresh })).rejects.toThrow('read-only');
    expect(await step(a, new Map())).toMatchObject({ written: 1 });
  });
});

describe('letting go', () => {
  const picture = (name: string, rig: string) => {
    const bytes = new TextEncoder().encode(`the picture of ${name}`);
    const hash = bytesToHex(sha256(bytes));
    const entry = makeEntry(
      'photo',
      { id: id(), rig, happened: NOW, recorded: NOW },
      { hash, bytes: bytes.length, width: 1, height: 1, place: 'rig' },
    );
    return { entry, row: { hash, blob: new Blob([bytes]) } };
  };

  test('a rig deleted takes its pictures out of the folder, and out of the archives that were written there', async () => {
    const a = device('aaaaaaaa');
    const files: Files = new Map();
    const [stays, goes] = [picture('stays', RIG), picture('goes', OTHER)];
    await a.keeper.append(
      [setup(RIG, 'Juniper'), setup(OTHER, 'Sold'), stays.entry, goes.entry, note('of the sold one', OTHER)],
      [stays.row, goes.row],
    );
    expect(await step(a, files)).toMatchObject({ photosOut: 2, backup: 'yardline-2026-05-16.zip' });
    await a.keeper.append([letGo(OTHER)]);
    expect(await step(a, files)).toMatchObject({ left: [] });
    expect([...files.keys()].filter((name) => name.includes('photo'))).toEqual([
      photoFileName(stays.row.hash),
    ]);
    const archive = await unzipped(files.get('yardline-2026-05-16.zip') ?? new Uint8Array());
    if (!archive.ok) throw new Error(archive.error.code);
    expect(archive.value.entries.some(({ rig }) => rig === OTHER)).toBe(false);
    expect(archive.value.pictures.hashes).toEqual([stays.row.hash]);
  });

  test('an archive there loses no picture that cannot be read a second time: it stays as it is until it can', async () => {
    /** A file of a cloud that gives each piece of itself once. */
    class Once extends Blob {
      private readonly given = new Set<string>();
      override slice(...asked: Parameters<Blob['slice']>): Blob {
        const piece = asked.slice(0, 2).join();
        if (this.given.has(piece)) throw new Error('gone into the cloud');
        this.given.add(piece);
        return super.slice(...asked);
      }
    }
    const a = device('aaaaaaaa');
    const files: Files = new Map();
    const stays = picture('stays', RIG);
    await a.keeper.append([setup(RIG, 'Juniper'), setup(OTHER, 'Sold'), stays.entry], [stays.row]);
    await step(a, files);
    const archive = files.get('yardline-2026-05-16.zip');
    await a.keeper.append([letGo(OTHER)]);
    const whole = folderIn(files);
    const cloud: Folder = { ...whole, open: async (name) => new Once([await whole.open(name)]) };
    expect(await met(a, cloud)).toMatchObject({ left: [{ why: { code: 'keeps-what-went' } }] });
    expect(files.get('yardline-2026-05-16.zip')).toEqual(archive);
    expect(await met(a, whole)).toMatchObject({ left: [] });
    const anew = await unzipped(files.get('yardline-2026-05-16.zip') ?? new Uint8Array());
    if (!anew.ok) throw new Error(anew.error.code);
    expect(anew.value.entries.some(({ rig }) => rig === OTHER)).toBe(false);
    expect(anew.value.pictures.hashes).toEqual([stays.row.hash]);
  });

  test('what cannot be changed in the folder is told, and tried again the next time', async () => {
    const a = device('aaaaaaaa');
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper'), setup(OTHER, 'Sold')]);
    await step(a, files);
    await a.keeper.append([letGo(OTHER)]);
    const held: Folder = { ...folderIn(files), remove: () => Promise.reject(new Error('held')) };
    expect(await met(a, held)).toMatchObject({ left: [{ why: { code: 'keeps-what-went' } }] });
    expect(await met(a, folderIn(files))).toMatchObject({ left: [] });
    const text = [...files.values()].map((bytes) => new TextDecoder().decode(bytes)).join();
    expect(text).not.toContain('"Sold"}');
  });

  test('a rig deleted is gone from the disk here, from the other device, and from the folder’s own files', async () => {
    const [a, b] = [device('aaaaaaaa'), device('bbbbbbbb')];
    const files: Files = new Map();
    await a.keeper.append([setup(RIG, 'Juniper'), setup(OTHER, 'Sold'), note('of the sold one', OTHER)]);
    await step(a, files);
    await step(b, files);
    await b.keeper.append([note('late, of the sold one', OTHER), note('stays')]);
    await step(b, files);
    await a.keeper.append([letGo(OTHER)]);
    expect((await a.keeper.fold()).state.rigs[OTHER]).toBeUndefined();
    expect((await a.keeper.entries()).entries.some(({ rig }) => rig === OTHER)).toBe(false);
    for (let i = 0; i < 2; i++) for (const one of [a, b]) await step(one, files);
    expect(await idsOf(a)).toEqual(await idsOf(b));
    expect((await b.keeper.entries()).entries.some(({ rig }) => rig === OTHER)).toBe(false);
    const text = [...files]
      .filter(([name]) => name.endsWith('.ndjson'))
      .map(([, bytes]) => new TextDecoder().decode(bytes))
      .join();
    expect(text).not.toContain('sold one');
    expect(text).toContain('stays');
  });
});

test('any number of devices, any order of writing, copying, losing and late arrival: the same files, the same state', async () => {
  await fc.assert(
    fc.asyncProperty(fc.integer({ min: 1, max: 1e6 }), async (seed) => {
      const random = seeded(seed);
      const whole = (most: number) => Math.floor(random() * most);
      const devices = Array.from({ length: 2 + whole(3) }, (_, i) => device(`${i + 1}`.repeat(8)));
      // Each device has the cloud's copy of the folder, which may be behind, or half there.
      const copies: Files[] = devices.map(() => new Map());
      const cloud: Files = new Map();
      await devices[0]?.keeper.append([setup(RIG, 'Juniper'), setup(OTHER, 'Sold')]);
      const up = (i: number) => {
        for (const [name, bytes] of copies[i] ?? []) cloud.set(name, bytes);
      };
      const down = (i: number) => {
        for (const [name, bytes] of cloud) copies[i]?.set(name, bytes);
      };
      for (let turn = 0; turn < 24; turn++) {
        const i = whole(devices.length);
        const [one, files] = [devices[i], copies[i]];
        if (!one || !files) continue;
        const what = random();
        if (what < 0.3) await one.keeper.append([note(`${seed} ${turn}`, random() < 0.3 ? OTHER : RIG)]);
        else if (what < 0.34 && turn > 12) await one.keeper.append([letGo(OTHER)]);
        else if (what < 0.6) await step(one, files, true);
        else if (what < 0.72) up(i);
        else if (what < 0.84) down(i);
        else if (what < 0.92) {
          // A file arrives cut short, or under another name.
          const [name, bytes] = [...cloud][whole(cloud.size)] ?? [];
          if (name !== undefined && bytes)
            files.set(
              random() < 0.5 ? name : name.replace('.ndjson', ' - Copy.ndjson'),
              random() < 0.5 ? bytes.slice(0, whole(bytes.length)) : bytes,
            );
        } else {
          const [name] = [...files][whole(files.size)] ?? [];
          if (name !== undefined) files.delete(name);
        }
      }
      for (let round = 0; round < 4; round++)
        for (const [i, one] of devices.entries()) {
          down(i);
          await step(one, copies[i] ?? new Map(), true);
          up(i);
        }
      const [first, ...others] = await Promise.all(
        devices.map(async (one) => (await one.keeper.fold()).state),
      );
      for (const other of others) expect(other).toEqual(first);
      const [mine, ...theirs] = await Promise.all(devices.map(idsOf));
      for (const other of theirs) expect(other).toEqual(mine);
    }),
    { numRuns: 40 },
  );
}, 60_000);
