import { DAY_MS } from '../src/core/base';
import { dutiesOf, placeState, towVerdict } from '../src/core/duty';
import { unzipped, zipped } from '@/core/testing/zipped';
import { foldEntries, HOUSE, partAt, readEntry } from '../src/core/log';
import { HOUSE_DEFAULT, seasonOf } from '../src/core/rules';
import { missingFacts, slotsOf } from '../src/core/rig';
import { demoEntries, DEMO_RIGS } from './scenario';

const NOW = '2026-05-16T14:00:00.000Z';
const fold = foldEntries(demoEntries());
const rig = (id: string) => {
  const found = fold.state.rigs[id];
  if (!found) throw new Error(id);
  return found;
};
const season = seasonOf(fold.state.rigs[HOUSE]?.season, undefined);
const tow = (id: string) => towVerdict(rig(id), dutiesOf(rig(id), NOW, HOUSE_DEFAULT, season), []);

test('repeats for a date and seed, and differs for another seed', () => {
  expect(demoEntries('2026-05-16', 1)).toEqual(demoEntries());
  expect(demoEntries('2026-05-16', 2)).not.toEqual(demoEntries());
});

test('another date moves the whole story', () => {
  const days = (entries: ReturnType<typeof demoEntries>) =>
    entries.map((entry) => Date.parse(entry.happened) / DAY_MS);
  const here = days(demoEntries());
  const there = days(demoEntries('2026-06-16'));
  expect(there.map((day, i) => Math.round(day - (here[i] ?? 0)))).toEqual(here.map(() => 31));
});

test('every entry is one that this version reads, none lies ahead, ids are unique', () => {
  for (const entry of fold.entries) {
    expect(readEntry(JSON.parse(JSON.stringify(entry)))).toMatchObject({ ok: true });
    expect(entry.recorded < NOW).toBe(true);
  }
  expect(new Set(fold.entries.map((entry) => entry.id)).size).toBe(fold.entries.length);
  expect(Object.values(fold.state.rigs).flatMap((one) => one.contradictions)).toEqual([]);
});

test('has a story of its own for each rig on the day it is told', () => {
  expect(tow(DEMO_RIGS.juniper)).toMatchObject({ fitness: 'after' });
  expect(tow(DEMO_RIGS.juniper).reasons.filter((reason) => reason.fitness === 'after')).toHaveLength(2);
  expect(tow(DEMO_RIGS.sandpiper).fitness).toBe('fit');
  expect(tow(DEMO_RIGS.hiveCart).fitness).toBe('unknown');
  const duties = dutiesOf(rig(DEMO_RIGS.hiveCart), NOW, HOUSE_DEFAULT, season);
  expect(placeState(rig(DEMO_RIGS.hiveCart), '2L', duties, []).mark).toBe('unknown');
  expect(placeState(rig(DEMO_RIGS.hiveCart), '1L', duties, []).mark).toBe('due');
});

test('is enough of a history: two and a half years, three rigs, an archive that comes back', async () => {
  expect(fold.entries.length).toBeGreaterThan(150);
  const back = await unzipped(await zipped(fold.entries, NOW));
  expect(back.ok && back.value.entries).toEqual(JSON.parse(JSON.stringify(fold.entries)));
});

test('the three rigs are modelled whole: what is missing is missing on purpose', () => {
  const missing = Object.fromEntries(
    Object.values(foldEntries(demoEntries()).state.rigs).map(({ model }) => [
      model?.name,
      model ? missingFacts(model) : [],
    ]),
  );
  expect(missing['Juniper']).toEqual([]);
  expect(missing['Sandpiper']).toEqual([]);
  // Bought used: its rear hubs have not been opened yet, and no manual came with it.
  expect(missing['Hive Cart']).toEqual([
    'greasePoints',
    'greaseWheelOff',
    'axleTorque',
    'jointTorque',
    'flatWasher',
    'threadPitch',
    'slots',
    'pinHoles',
    'endPlay',
    'repackDistance',
    'repackDays',
    'lining',
    'plateTorque',
    'wheelPressure',
  ]);
});

test('every tire of the demo is on record, and has its age', () => {
  for (const rig of Object.values(foldEntries(demoEntries()).state.rigs))
    for (const place of rig.model ? slotsOf(rig.model, 'tire') : [])
      expect([place, partAt(rig, 'tire', place)?.facts['dot']?.value]).toEqual([
        place,
        expect.stringMatching(/^\d{4}$/),
      ]);
});
