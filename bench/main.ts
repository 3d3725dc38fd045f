/** `npm run bench`: measures what the design budgets, and prints it beside the budget. */
import { dutiesOf } from '../src/core/duty';
import { readArchive, writeArchive } from '../src/core/exchange';
import { calibrate, historyOf, sampleFutures, seeded, UNTOLD } from '../src/core/forecast';
import { extend, foldEntries, type Entry } from '../src/core/log';
import { compile, verify } from '../src/core/routine';
import { HOUSE_DEFAULT, routineDef } from '../src/core/rules';
import { sampleModel } from '../src/core/testing/arbitraries';
import { rateTrends } from '../src/core/testing/seasons';
import { historyOfReadings, trendsAt } from '../src/core/trend';
import { SearchIndex } from '../src/keeper/reads';
import { entryWords, KIND_OF_ENTRY } from '../src/text';
import { firstLoad } from './first-load';
import { longLog } from './log';
import { median, table, type Row } from './table';
import { tapToPaint } from './tap-to-paint';

const COUNT = 20_000;
const all = longLog(COUNT + 1);
const log = all.slice(0, COUNT);
const last = all[COUNT] as Entry;
const text = JSON.stringify(log);
const now = new Date(Date.parse(last.happened) + 86_400_000).toISOString();

const fold = foldEntries(log);
const cold = median(15, () => void foldEntries(log));
const parse = median(15, () => void JSON.parse(text));
const one = median(60, () => void extend(fold, [last]));
const late = median(
  15,
  () =>
    void extend(fold, [
      { ...last, id: '0100f000-0000-7000-a000-000000000000', happened: log[COUNT / 2]?.happened ?? '' },
    ]),
);
const duties = median(60, () => {
  for (const rig of Object.values(fold.state.rigs)) dutiesOf(rig, now);
});

const rigs = Object.keys(fold.state.rigs).slice(0, 3);
const histories = rigs.map((rig) => historyOf(fold, rig, now));
const forecast = median(7, () => {
  const random = seeded(1);
  for (const history of histories)
    sampleFutures(history, { now, weeks: 104, count: 2000, prior: UNTOLD }, random);
});
// Owners this seed makes up were not looked at while the forecast was written.
const { held, owners } = calibrate(1000, 600, seeded(2026));

// A thousand healthy seasons, and as many with a leak and with a failing bearing, of a seed not looked at before.
const trends = rateTrends(1000, seeded(2027));
const rigOf = fold.state.rigs[rigs[0] ?? ''];
const wheelEnd = median(7, () => {
  const history = historyOfReadings(fold, rigs[0] ?? '');
  if (rigOf?.model) trendsAt(history, rigOf.model, '1L', now);
});

const told = (entry: Entry) => {
  const { title, lines } = entryWords(entry, 'us', () => undefined);
  return `${KIND_OF_ENTRY[entry.kind]} ${title} ${lines.join(' ')}`;
};
const worded = () => {
  const index = new SearchIndex(told);
  for (const entry of log) index.textOf(entry);
  return index;
};
const words = median(5, () => void worded(), 1);
const index = worded();
const search = median(15, () => log.filter((entry) => index.textOf(entry).includes('nothing says this')));

const three = sampleModel({ kind: 'rv', axles: 3, brake: 'electric', hub: 'drilled' });
// Eight routines wherever the rig has something to do them on: the most that anybody takes up in a day.
const eight = [
  'bearing-renew',
  'tire-renew',
  'stud-threads',
  'pressures',
  'underside',
  'pivots',
  'lights',
  'gear-look',
] as const;
const jobs = eight.flatMap((routine) =>
  routineDef(routine)
    .places(three, HOUSE_DEFAULT)
    .map((place) => ({ routine, place })),
);
let steps = 0;
const card = median(60, () => {
  const made = compile(three, jobs, HOUSE_DEFAULT);
  if (!made.ok || verify(made.value, three).length > 0) throw new Error('the card does not verify');
  steps = made.value.steps.length;
});

const bytes = writeArchive(log, now);
const write = median(5, () => void writeArchive(log, now), 1);
const read = median(
  5,
  () => {
    if (!readArchive(bytes).ok) throw new Error('the archive does not read back');
  },
  1,
);

const load = firstLoad();
const paint = load === undefined ? undefined : await tapToPaint(bytes);
const rows: Row[] = [
  { what: 'fold 20,000 entries, cold', measured: cold, unit: 'ms', budget: 150 },
  { what: 'JSON.parse of the same entries', measured: parse, unit: 'ms' },
  { what: 'fold over JSON.parse', measured: cold / parse, unit: 'times', decimals: 2 },
  { what: 'one more entry after 20,000', measured: one, unit: 'ms', budget: 2, decimals: 2 },
  { what: 'one late entry, 10,000 back', measured: late, unit: 'ms', decimals: 2 },
  { what: 'all duties of 3 rigs', measured: duties, unit: 'ms', budget: 10, decimals: 2 },
  {
    what: `forecast, 2,000 futures × ${rigs.length} rigs × 2 years`,
    measured: forecast,
    unit: 'ms',
    budget: 500,
  },
  {
    what: `80 % band holds the truth, ${owners} owners (75–85)`,
    measured: held * 100,
    unit: '%',
    decimals: 1,
  },
  { what: 'history and trends of a wheel end, 20,000 entries', measured: wheelEnd, unit: 'ms' },
  {
    what: `healthy tires called leaking, ${trends.seasons} seasons × 4`,
    measured: trends.leakFalse * 100,
    unit: '%',
    decimals: 1,
  },
  {
    what: `healthy hubs called failing, ${trends.seasons} seasons × 4`,
    measured: trends.heatFalse * 100,
    unit: '%',
    decimals: 1,
  },
  {
    what: 'leaks of 2.5–6 psi a month found before the plain limit',
    measured: trends.leakFirst * 100,
    unit: '%',
    decimals: 1,
  },
  {
    what: 'failing bearings found at all · before they are watched',
    measured: trends.heatFound * 100,
    unit: `% · ${(trends.heatFirst * 100).toFixed(1)} %`,
    decimals: 1,
  },
  { what: 'words of 20,000 entries, bit by bit behind the page', measured: words, unit: 'ms' },
  { what: 'one word sought through 20,000 entries', measured: search, unit: 'ms', decimals: 1 },
  {
    what: `compile and verify, 3 axles, 8 routines, ${steps} steps`,
    measured: card,
    unit: 'ms',
    budget: 20,
    decimals: 2,
  },
  { what: 'write an archive of 20,000', measured: write, unit: 'ms' },
  { what: 'check an archive of 20,000', measured: read, unit: 'ms', budget: 4000 },
  ...(load === undefined
    ? []
    : [{ what: 'first load of the Yard, gzip JavaScript', measured: load, unit: 'kB', budget: 250 }]),
  ...(paint === undefined
    ? []
    : [{ what: 'a trip logged to its paint, 20,000 entries', measured: paint, unit: 'ms', budget: 100 }]),
];
console.log(table(rows));
if (load === undefined)
  console.log('First load: not measured, there is no build. Run `npm run build` first.');
