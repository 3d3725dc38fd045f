import { makeEntry } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { TABLES_OUT } from '@/text';
import { Keeper } from './keeper';
import { memoryPort } from './port';
import { bringRows, checkTable, tableText } from './tables';

const NOW = '2026-06-01T12:00:00.000Z';
const RIG = '018bf000-0000-7000-8000-000000000001';

async function yard(): Promise<Keeper> {
  const keeper = new Keeper(memoryPort(), {
    version: 'test',
    warn: () => undefined,
    now: NOW,
    mark: () => 1,
  });
  const stamp = {
    id: '0196d000-0000-7000-8000-000000000001',
    rig: RIG,
    happened: '2026-01-01T12:00:00.000Z',
    recorded: NOW,
  };
  await keeper.append([makeEntry('rig.setup', stamp, { model: sampleModel({}) })]);
  return keeper;
}
const ask = (text: string) => ({
  text,
  kind: 'trips' as const,
  rig: RIG,
  units: 'us' as const,
  currency: 'USD',
  now: NOW,
});

test('a table is read, brought in whole, and not again; what went out comes in as what it was', async () => {
  const keeper = await yard();
  const text = 'Date,Miles,Note\n2026-05-16,40,the lakes\n2026-05-17,x,\n2026-05-18,12,\n';
  const { checked, rows } = await checkTable(keeper, ask(text));
  expect(checked).toMatchObject({ ok: true, rows: 3, fresh: 2, known: 0, refusedInAll: 1 });
  expect(checked.ok && checked.shown[0]?.title).toContain('40 mi');
  expect(await bringRows(keeper, RIG, rows, NOW)).toBe(2);
  const again = await checkTable(keeper, ask(text));
  expect(again.checked).toMatchObject({ fresh: 0, known: 2 });
  expect(await bringRows(keeper, RIG, rows, NOW)).toBe(0);

  const out = await tableText(keeper, { table: 'trips', rig: RIG, units: 'us' });
  const other = await yard();
  const back = await checkTable(other, ask(out));
  expect(back.checked).toMatchObject({ ok: true, fresh: 2, refusedInAll: 0 });
  expect((await checkTable(keeper, ask('nothing'))).checked.ok).toBe(false);
});

test.each(TABLES_OUT)('the table of %s has a name for each of its cells', async (table) => {
  const keeper = await yard();
  await keeper.append([
    makeEntry(
      'reading',
      { id: '0196d000-0000-7000-8000-000000000002', rig: RIG, happened: NOW, recorded: NOW },
      { taken: [{ place: '1L', what: 'pressure', value: 448_000 }] },
    ),
    makeEntry(
      'finding.opened',
      { id: '0196d000-0000-7000-8000-000000000003', rig: RIG, happened: NOW, recorded: NOW },
      { place: '1L', verdict: 'due', text: 'seal weeps' },
    ),
    makeEntry(
      'part.fitted',
      { id: '0196d000-0000-7000-8000-000000000004', rig: RIG, happened: NOW, recorded: NOW },
      {
        part: '0196d000-0000-7000-8000-000000000005',
        spec: { kind: 'tire', facts: { dot: { value: '1121', source: 'owner' } } },
        to: '1L',
      },
    ),
  ]);
  const lines = (await tableText(keeper, { table, rig: RIG, units: 'us' })).trim().split('\r\n');
  expect(lines.length).toBeGreaterThanOrEqual(table === 'trips' || table === 'work' ? 1 : 2);
});
