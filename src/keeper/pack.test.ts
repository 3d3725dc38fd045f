import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import fc from 'fast-check';
import { readArchive, volumesOf } from '@/core/exchange';
import { makeEntry } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { deskFor } from './desk';
import { Keeper } from './keeper';
import { LONG_ASKS } from './long-asks';
import { pack } from './pack';
import { sha256Of } from './sha256';
import { memoryPort } from './port';

const work = { sha256: sha256Of };
const NOW = '2026-05-16T14:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
let ids = 0;
const told = () => ({
  id: `0196d000-0000-7000-8000-${(ids += 1).toString(16).padStart(12, '0')}`,
  rig: RIG,
  happened: NOW,
  recorded: NOW,
});
const keeperOf = () =>
  new Keeper(memoryPort(), { version: 'test', warn: () => undefined, now: NOW, mark: () => 1 });

test('pictures are parted so that no archive holds more than it may, none twice, none left out', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 60 }), { maxLength: 40 }), (sizes) => {
      const pictures = sizes.map((bytes, i) => ({ hash: `${(i * 37) % 100} ${i}`, bytes }));
      const parts = volumesOf(pictures, 50);
      const size = new Map(pictures.map(({ hash, bytes }) => [hash, bytes]));
      expect(parts.flat().sort()).toEqual(pictures.map(({ hash }) => hash).sort());
      for (const part of parts) {
        const held = part.reduce((sum, hash) => sum + (size.get(hash) ?? 0), 0);
        expect(held <= 50 || part.length === 1).toBe(true);
      }
      expect(volumesOf([...pictures].reverse(), 50)).toEqual(parts);
    }),
  );
});

test('a log with more pictures than one archive takes is several: each is read alone, all of them bring everything', async () => {
  const keeper = keeperOf();
  const pictures = Array.from({ length: 7 }, (_, i) => new TextEncoder().encode(`picture ${i}`));
  const photos = pictures.map((bytes) => ({ hash: bytesToHex(sha256(bytes)), bytes }));
  await keeper.append(
    [
      makeEntry('rig.setup', told(), { model: sampleModel({}) }),
      ...photos.map(({ hash, bytes }) =>
        makeEntry('photo', told(), { hash, bytes: bytes.length, width: 1, height: 1, place: 'rig' }),
      ),
    ],
    photos.map(({ hash, bytes }) => ({ hash, blob: new Blob([bytes]) })),
  );
  const first = await pack(keeper, { at: NOW }, { most: 20 });
  expect(first).toMatchObject({ entries: 8, photos: 2, volume: { number: 1, of: 4 } });
  const all = [first];
  for (let number = 2; number <= first.volume.of; number++)
    all.push(await pack(keeper, { at: NOW, number }, { most: 20 }));
  // The last one alone: the whole log, and its own pictures.
  const other = deskFor(keeperOf());
  for (const { file } of [...all].reverse()) {
    expect(await readArchive(file, work)).toMatchObject({ ok: true, value: { volume: { of: 4 } } });
    expect(await LONG_ASKS.checkArchive(other, { file }, () => undefined)).toMatchObject({ ok: true });
    await LONG_ASKS.bringIn(other, undefined, () => undefined);
    expect((await other.keeper.entries()).entries).toHaveLength(8);
  }
  expect((await other.keeper.shelves.spokenPhotos()).every(({ here }) => here)).toBe(true);
  // What one archive takes says nothing of others.
  const whole = await readArchive((await pack(keeper, { at: NOW })).file, work);
  expect(whole).toMatchObject({ ok: true, value: { volume: undefined } });
});

test('an archive whose photos do not all go in says how many are missing and why; brought in again, they come', async () => {
  const keeper = keeperOf();
  const photos = ['one', 'two', 'three'].map((text) => {
    const bytes = new TextEncoder().encode(text);
    return { hash: bytesToHex(sha256(bytes)), bytes };
  });
  await keeper.append(
    [
      makeEntry('rig.setup', told(), { model: sampleModel({}) }),
      ...photos.map(({ hash, bytes }) =>
        makeEntry('photo', told(), { hash, bytes: bytes.length, width: 1, height: 1, place: 'rig' }),
      ),
    ],
    photos.map(({ hash, bytes }) => ({ hash, blob: new Blob([bytes]) })),
  );
  const { file } = await pack(keeper, { at: NOW });
  const desk = deskFor(keeperOf());
  const bring = async () => {
    const checked = await LONG_ASKS.checkArchive(desk, { file }, () => undefined);
    return { checked, brought: await LONG_ASKS.bringIn(desk, undefined, () => undefined) };
  };
  const take = desk.keeper.shelves.takePhoto.bind(desk.keeper.shelves);
  const full = jest
    .spyOn(desk.keeper.shelves, 'takePhoto')
    .mockImplementationOnce(take)
    .mockImplementationOnce(() => Promise.reject(new Error('the disk is full')));
  expect((await bring()).brought).toEqual({
    added: 4,
    photos: 1,
    missing: { photos: 2, why: 'the disk is full' },
  });
  full.mockRestore();
  const again = await bring();
  expect(again.checked).toMatchObject({ added: 0, same: 4, photos: 2 });
  expect(again.brought).toEqual({ added: 0, photos: 2, missing: undefined });
});
