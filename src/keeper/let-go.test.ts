import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { HOUSE, makeEntry, type Entry } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { deskFor } from './desk';
import { Keeper } from './keeper';
import { LONG_ASKS } from './long-asks';
import { memoryPort, type YardPort } from './port';

const NOW = '2026-05-16T14:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const SOLD = '0196d000-0000-7000-8000-0000000000bb';
let ids = 0;
const told = (rig: string) => ({
  id: `0196d000-0000-7000-8000-${(ids += 1).toString(16).padStart(12, '0')}`,
  rig,
  happened: NOW,
  recorded: NOW,
});
const note = (rig: string): Entry => makeEntry('note', told(rig), { text: 'a note' });
const setup = (rig: string) => makeEntry('rig.setup', told(rig), { model: sampleModel({}) });
const letGo = (rig: string) =>
  makeEntry('let.go', told(HOUSE), { what: 'rig', rig, name: 'Sold', entries: 3 });
function photo(rig: string, of: string) {
  const bytes = new TextEncoder().encode(of);
  const hash = bytesToHex(sha256(bytes));
  const size = { hash, bytes: bytes.length, width: 1, height: 1, place: 'rig' as const };
  return { entry: makeEntry('photo', told(rig), size), row: { hash, blob: new Blob([bytes]) } };
}

function keeperOn(port: YardPort) {
  return new Keeper(port, { version: 'test', warn: () => undefined, now: NOW, mark: () => 1 });
}

test('what failed to leave the disk is marked as gone all the same, and leaves it with the next change', async () => {
  const port = memoryPort();
  let broken = true;
  const failing: YardPort = {
    ...port,
    change: (change) =>
      change.purge && broken ? Promise.reject(new Error('the disk is full')) : port.change(change),
  };
  const keeper = keeperOn(failing);
  await keeper.append([setup(RIG), setup(SOLD), note(SOLD)]);
  await expect(keeper.append([letGo(SOLD)])).resolves.toBe(true);
  expect(JSON.stringify(await port.log(0))).toContain(SOLD);
  broken = false;
  await keeper.append([note(RIG)]);
  const left = (await port.log(0)).filter(({ raw }) => (raw as Entry).rig === SOLD);
  expect(left).toEqual([]);
});

test('an archive of before brings nothing of a deleted rig back, no picture that nothing speaks of, and says what it does bring', async () => {
  const keeper = keeperOn(memoryPort());
  const desk = deskFor(keeper);
  const [stays, goes, deleted] = [photo(RIG, 'stays'), photo(SOLD, 'goes'), photo(RIG, 'deleted')];
  await keeper.append(
    [setup(RIG), stays.entry, deleted.entry, setup(SOLD), note(SOLD), goes.entry],
    [stays.row, goes.row, deleted.row],
  );
  const silent = () => undefined;
  const { file } = await LONG_ASKS.writeArchive(desk, { at: NOW }, silent);
  await keeper.append([
    letGo(SOLD),
    makeEntry('let.go', told(HOUSE), { what: 'photo', hash: deleted.row.hash }),
  ]);
  const checked = await LONG_ASKS.checkArchive(desk, { file }, silent);
  expect(checked).toMatchObject({ ok: true, added: 0, gone: 3, same: 3, photos: 0 });
  expect(await LONG_ASKS.bringIn(desk, undefined, silent)).toEqual({
    added: 0,
    photos: 0,
    missing: undefined,
  });
  expect(await keeper.shelves.readPhoto(goes.row.hash)).toBeUndefined();
  expect(await keeper.shelves.readPhoto(deleted.row.hash)).toBeUndefined();
  // A picture that this device lost, and that an entry speaks of, comes back.
  const other = deskFor(keeperOn(memoryPort()));
  await other.keeper.append([setup(RIG), stays.entry]);
  expect(await LONG_ASKS.checkArchive(other, { file }, silent)).toMatchObject({ photos: 3 });
  expect((await LONG_ASKS.bringIn(other, undefined, silent)).photos).toBe(3);
  expect((await other.keeper.shelves.readPhoto(stays.row.hash))?.size).toBe(5);
});
