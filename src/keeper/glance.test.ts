import 'fake-indexeddb/auto';
import { foldEntries, makeEntry, type Entry } from '@/core/log';
import { compile, startRun, type Run } from '@/core/routine';
import { HOUSE_DEFAULT } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { glance } from './glance';
import { Keeper } from './keeper';
import { YARD_NAMES } from './names';
import { dexiePort } from './port';

const NOW = '2026-05-16T14:00:00.000Z';
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const model = sampleModel({ hub: 'plain', brake: 'none' });
let serial = 0;
const note = (): Entry => {
  const id = `0196d000-0000-7000-9000-${(serial += 1).toString(16).padStart(12, '0')}`;
  return makeEntry('note', { id, rig: RIG, happened: NOW, recorded: NOW }, { text: 'as it was' });
};
const setup = (): Entry => makeEntry('rig.setup', { ...note(), replaces: undefined }, { model });

function begun(): Run {
  const card = compile(model, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  return startRun('run', RIG, model, card.value, NOW);
}

/** A yard that was open long enough to keep its checkpoint, and is shut. */
async function leftWith(entries: readonly Entry[], run?: Run): Promise<void> {
  const port = dexiePort(YARD_NAMES.own);
  await port.clear();
  const keeper = new Keeper(port, {
    version: 'this fold',
    warn: () => undefined,
    now: '2026-05-16T14:00:00.000Z',
    mark: () => 1,
  });
  const stop = await keeper.open(() => undefined);
  await keeper.append(entries);
  if (run) await keeper.cards.start(run);
  for (let i = 0; i < 100 && !(await port.get('checkpoints', 'fold')); i++)
    await new Promise((resolve) => setTimeout(resolve, 50));
  stop();
  port.close();
}

test('a yard that was left is seen as it was, with the card in hand', async () => {
  const entries = [setup(), note()];
  await leftWith(entries, begun());
  const seen = await glance('own', 'this fold');
  expect(seen?.shown.rigs).toEqual(foldEntries(entries).state.rigs);
  expect(seen?.shown.runs).toMatchObject([{ rev: 1, run: { id: 'run' } }]);
  expect(seen?.shown.log).toMatchObject({ count: 2, newest: NOW });
  expect(await glance('own', 'another fold')).toBeUndefined();
});

test('a log that went on, or a card that cannot be read, is left to its keeper', async () => {
  await leftWith([setup()]);
  expect(await glance('own', 'this fold')).toBeDefined();
  const port = dexiePort(YARD_NAMES.own);
  await port.change({ put: [{ shelf: 'runs', key: 'x', value: { v: 2, run: {} } }] });
  expect(await glance('own', 'this fold')).toBeUndefined();
  await port.change({ drop: [{ shelf: 'runs', key: 'x' }] });
  expect(await glance('own', 'this fold')).toBeDefined();
  await port.change({ append: [note()] });
  expect(await glance('own', 'this fold')).toBeUndefined();
  port.close();
});

test('where there is no yard none is seen, and none is made', async () => {
  expect(await glance('demo', 'this fold')).toBeUndefined();
  const names = (await indexedDB.databases()).map(({ name }) => name);
  expect(names).not.toContain(YARD_NAMES.demo);
});
