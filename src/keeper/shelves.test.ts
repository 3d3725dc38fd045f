import { makeEntry } from '@/core/log';
import { Keeper } from './keeper';
import { memoryPort } from './port';

const RIG = '018bf000-0000-7000-8000-000000000001';
const OLD = '2024-05-16T14:00:00.000Z';
const NEW = '2026-05-16T14:00:00.000Z';
const hash = (n: number) => n.toString(16).padStart(64, '0');
const photo = (n: number, at: string) =>
  makeEntry(
    'photo',
    { id: `0196d000-0000-7000-8000-00000000000${n}`, rig: RIG, happened: at, recorded: at },
    { hash: hash(n), bytes: 1000, width: 10, height: 10, place: '1L' },
  );
const picture = (size: number) => new Blob([new Uint8Array(size)], { type: 'image/jpeg' });

test('old pictures that an archive holds are kept small; others stay, and a smaller copy goes into no archive', async () => {
  const keeper = new Keeper(memoryPort(), {
    version: 'test',
    warn: () => undefined,
    now: NEW,
    mark: () => 1,
  });
  await keeper.append(
    [photo(1, OLD), photo(2, OLD), photo(3, NEW)],
    [1, 2, 3].map((n) => ({ hash: hash(n), blob: picture(1000) })),
  );
  const before = '2025-05-16T00:00:00.000Z';
  const shrink = () => Promise.resolve<Blob | undefined>(picture(100));
  // Nothing is thinned out that no archive holds.
  expect(await keeper.shelves.photosKept(before, undefined)).toEqual({
    count: 3,
    bytes: 3000,
    thin: 0,
    old: 0,
  });
  expect(await keeper.shelves.thinOut(before, undefined, shrink)).toEqual({ count: 0, freed: 0 });
  await keeper.noteArchived(NEW);
  const to = await keeper.archivedTo();
  expect(await keeper.shelves.photosKept(before, to)).toMatchObject({ old: 2 });
  expect(await keeper.shelves.thinOut(before, to, () => Promise.resolve(undefined))).toEqual({
    count: 0,
    freed: 0,
  });
  expect(await keeper.shelves.thinOut(before, to, shrink)).toEqual({ count: 2, freed: 1800 });
  expect(await keeper.shelves.photosKept(before, to)).toEqual({ count: 3, bytes: 1200, thin: 2, old: 0 });
  expect((await keeper.shelves.readPhoto(hash(1)))?.size).toBe(100);
  expect(await keeper.shelves.readBytes(hash(1))).toBeUndefined();
  const { entries } = await keeper.entries();
  expect((await keeper.shelves.wholePhotos(entries)).map((one) => one.hash)).toEqual([hash(3)]);
  expect((await keeper.shelves.spokenPhotos()).every(({ here }) => here)).toBe(true);
});

test('a picture deleted for good leaves the disk, small copy or whole, and does not come in again', async () => {
  const keeper = new Keeper(memoryPort(), {
    version: 'test',
    warn: () => undefined,
    now: NEW,
    mark: () => 1,
  });
  await keeper.append([photo(1, OLD)], [{ hash: hash(1), blob: picture(1000) }]);
  const gone = makeEntry(
    'let.go',
    {
      id: '0196d000-0000-7000-8000-000000000009',
      rig: '00000000-0000-4000-8000-000000000000',
      happened: NEW,
      recorded: NEW,
    },
    { what: 'photo', hash: hash(1) },
  );
  await keeper.append([gone]);
  expect(await keeper.shelves.readPhoto(hash(1))).toBeUndefined();
  expect(await keeper.shelves.spokenPhotos()).toEqual([]);
  await keeper.append([photo(2, NEW)], [{ hash: hash(1), blob: picture(1000) }]);
  expect(await keeper.shelves.readPhoto(hash(1))).toBeUndefined();
});

test('a picture that lies here as it once was kept is read, and written down as bytes', async () => {
  const port = memoryPort();
  const keeper = new Keeper(port, { version: 'test', warn: () => undefined, now: NEW, mark: () => 1 });
  await port.change({ put: [{ shelf: 'photos', key: hash(1), value: picture(1000) }] });
  expect((await keeper.shelves.readPhoto(hash(1)))?.size).toBe(1000);
  await keeper.shelves.sweep(NEW);
  expect(await port.get('photos', hash(1))).toBeInstanceOf(Uint8Array);
  expect((await keeper.shelves.readPhoto(hash(1)))?.size).toBe(1000);
  // What is kept from now on is bytes from the first.
  await keeper.shelves.keepPhoto({ hash: hash(2), blob: picture(10) });
  expect(await port.get('photos', hash(2))).toBeInstanceOf(Uint8Array);
});
