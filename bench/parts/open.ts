import { BASE, served, SLOWED, visited, type Visited } from '../browser';
import { longLog } from '../log';
import { middle, type Part, type Row } from '../table';

const TIMES = 7;

/** Places, and what is there once they can be used. */
const PLACES = [
  { path: '/', name: 'Yard', seen: 'main figure button' },
  { path: '/bench', name: 'Bench', seen: 'main h1' },
  { path: '/walk', name: 'Walk', seen: 'main h1' },
  { path: '/logbook', name: 'Logbook', seen: 'main li' },
] as const;

/** The time (ms) from asking for a place to the frame that shows it. */
async function opened({ page }: Visited, path: string, seen: string): Promise<number> {
  await page.goto('about:blank');
  await page.goto(`${BASE}${path}`, { waitUntil: 'commit' });
  return page.evaluate(
    (selector) =>
      new Promise<number>((resolve) => {
        const look = () => {
          if (!document.querySelector(selector)) return;
          observer.disconnect();
          requestAnimationFrame(() => setTimeout(() => resolve(performance.now())));
        };
        const observer = new MutationObserver(look);
        observer.observe(document, { subtree: true, childList: true });
        look();
      }),
    seen,
  );
}

async function measured(visit: Visited, log: string, budget: number): Promise<readonly Row[]> {
  const rows: Row[] = [];
  for (const rate of [1, SLOWED]) {
    await visit.slow(rate);
    const slowed = rate === 1 ? '' : `, slowed ${rate} ×`;
    rows.push({ what: `reference loop in the page${slowed}`, measured: await visit.reference(), unit: 'ms' });
    for (const { path, name, seen } of PLACES) {
      const times: number[] = [];
      for (let i = 0; i < TIMES; i++) times.push(await opened(visit, path, seen));
      rows.push({
        what: `${name} opened again, ${log}${slowed}`,
        measured: middle(times),
        unit: 'ms',
        decimals: 0,
        ...(rate !== 1 && { budget }),
      });
    }
  }
  return rows;
}

/** A place that is opened again. */
export const open: Part = {
  says: 'places opened again on a phone’s screen, with the demo log and with 20,000 entries',
  measure: () =>
    served(async () => [
      ...(await visited('demo', (visit) => measured(visit, 'demo log', 1200))),
      ...(await visited(longLog(20_000), (visit) => measured(visit, '20,000 entries', 2000))),
    ]),
};
