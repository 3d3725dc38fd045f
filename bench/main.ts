/** `npm run bench`: measures what the design budgets, part by part, and prints it beside the budget. */
import { archive } from './parts/archive';
import { audit } from './parts/audit';
import { card } from './parts/card';
import { cards } from './parts/cards';
import { duties } from './parts/duties';
import { fold } from './parts/fold';
import { forecast } from './parts/forecast';
import { load } from './parts/load';
import { open } from './parts/open';
import { plan } from './parts/plan';
import { road } from './parts/road';
import { scale } from './parts/scale';
import { search } from './parts/search';
import { tap } from './parts/tap';
import { tasks } from './parts/tasks';
import { trends } from './parts/trends';
import { referenceLoop, table, type Part } from './table';

const PARTS: Readonly<Record<string, Part>> = {
  fold,
  duties,
  forecast,
  trends,
  search,
  card,
  cards,
  archive,
  load,
  open,
  plan,
  road,
  scale,
  tap,
  tasks,
  audit,
};

const asked = process.argv.slice(2);
const unknown = asked.filter((name) => !(name in PARTS));
console.log('Parts:');
for (const [name, { says }] of Object.entries(PARTS)) console.log(`  ${name.padEnd(9)} ${says}`);
console.log('  properties  every property of the core in full');
if (unknown.length > 0) {
  console.log(`\nThere is no part called ${unknown.join(', ')}.`);
  process.exit(1);
}
for (const name of asked.length > 0 ? asked : Object.keys(PARTS)) {
  const part = PARTS[name];
  if (!part) continue;
  console.log(`\n${name}`);
  const start = performance.now();
  try {
    const rows = await part.measure();
    console.log(table([{ what: 'reference loop', measured: referenceLoop(), unit: 'ms' }, ...rows]));
    console.log(`(${Math.round((performance.now() - start) / 1000)} s)`);
  } catch (error) {
    console.log(`Not measured: ${String(error).slice(0, 600)}`);
    process.exitCode = 1;
  }
}
