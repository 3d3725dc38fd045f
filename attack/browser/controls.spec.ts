import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { DAY_MS } from '../../src/core/base';
import { expect, test, type Browser, type BrowserContext, type Locator, type Page } from '@playwright/test';
import type { Seeded } from '../../e2e/by-script';
import { DRIFTWOOD, setUp } from '../../e2e/steps';
import { YARD_NAMES } from '../../src/keeper';
import { Tally } from '../tally';
import { WORN } from '../worn';

/**
 * Every control of every page, found by its role: pages are found by their links, controls by pressing what opens
 * something. Whatever writes into the log by one tap is tapped twice: it has to write the same.
 */

/** Between two taps (ms): a nervous thumb, and a slow phone. */
const GAPS = [90, 260];
/** So many controls are pressed one after another to reach one: a sheet's, and what it asks before it writes. */
const DEEPEST = 3;
const AT_ONCE = 4;
/** Fewer than this found writing means that pages were not reached. */
const AT_LEAST = 30;

type State = Awaited<ReturnType<BrowserContext['storageState']>>;

/** A control as it is reached: a page, and the buttons to press one after another, by its name and where it stands among those on screen. */
interface Way {
  readonly path: string;
  readonly presses: readonly number[];
  readonly names: readonly string[];
}

const finding = (text: string): Seeded => ({
  kind: 'finding.opened',
  body: { place: '1L', verdict: 'watch', text },
});
/** A rig with something of everything: rechecks due, findings, miles, a round that is due. */
const BEFORE: readonly Seeded[] = [
  WORN,
  finding('hums'),
  finding('drips'),
  { kind: 'trip', body: { distance: 20_000, launches: 0 } },
];

const inDays = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);

/** The buttons a person can press just now: those of the sheet that is open, else of the page. */
async function buttons(page: Page): Promise<Locator> {
  const sheet = page.getByRole('dialog');
  const over = (await sheet.count()) > 0 ? sheet.last() : page.getByRole('main');
  return over.locator(
    'button:enabled:visible:not([role=radio], [role=combobox], [role=tab]), summary:visible',
  );
}

const namesOf = (found: Locator) =>
  found.evaluateAll((all) =>
    all.map((one) =>
      (one.getAttribute('aria-label') ?? (one as HTMLElement).innerText).replace(/\s+/g, ' ').trim(),
    ),
  );

/** What a control is called, whichever place, figure or rig it speaks of. */
const plain = (name: string) => name.replace(/\b[1-4][LR]\b|\d+/g, '#').slice(0, 60);

/** The control of a way at one of its presses: the one of that name nearest to where it stood, since what is worked out meanwhile moves the rest. */
async function controlOf(page: Page, { presses, names }: Way, at: number): Promise<Locator> {
  const stood = presses[at] ?? 0;
  let all = await buttons(page);
  let called: number[] = [];
  // A sheet is fetched when it is opened first.
  for (let tries = 0; tries < 25 && called.length === 0; tries++) {
    if (tries > 0) await page.waitForTimeout(200);
    all = await buttons(page);
    called = (await namesOf(all)).flatMap((name, i) => (name === names[at] ? [i] : []));
  }
  return all.nth(called.sort((a, b) => Math.abs(a - stood) - Math.abs(b - stood))[0] ?? stood);
}

/** What kinds of entries lie on the disk, in the order in which they came. */
const kindsOf = (page: Page): Promise<readonly string[]> =>
  page.evaluate(
    (name) =>
      new Promise<readonly string[]>((done, failed) => {
        const open = indexedDB.open(name);
        open.onerror = () => failed(open.error ?? new Error('not opened'));
        open.onsuccess = () => {
          const rows = open.result.transaction('entries').objectStore('entries').getAll();
          rows.onsuccess = () => {
            open.result.close();
            done(rows.result.map((row: { readonly entry: { readonly kind: string } }) => row.entry.kind));
          };
        };
      }),
    YARD_NAMES.own,
  );

/** Fills whatever waits to be filled in. */
async function fill(page: Page): Promise<void> {
  const sheet = page.getByRole('dialog');
  const over = (await sheet.count()) > 0 ? sheet.last() : page.getByRole('main');
  await over.evaluateAll((places) => {
    for (const group of places.flatMap((one) => [...one.querySelectorAll('[role=radiogroup]')])) {
      const choices = [...group.querySelectorAll<HTMLElement>('[role=radio], input[type=radio]')];
      if (!choices.some((one) => one.getAttribute('aria-checked') === 'true' || one.matches(':checked')))
        choices[0]?.click();
    }
  });
  for (const field of await over.locator('input:enabled:visible, textarea:enabled:visible').all()) {
    const type = await field.getAttribute('type').catch(() => 'hidden');
    if (type === 'checkbox' || type === 'radio' || type === 'file' || type === 'range' || type === 'search')
      continue;
    if ((await field.inputValue().catch(() => 'x')) !== '') continue;
    const number = /decimal|numeric/.test((await field.getAttribute('inputmode')) ?? '') || type === 'number';
    await field
      .fill(type === 'date' ? inDays(10) : number ? '12' : 'by the oak', { timeout: 500 })
      .catch(() => undefined);
  }
}

/** Waits until the page offers the same as a moment before. */
async function settled(page: Page): Promise<void> {
  let names = '';
  for (let tries = 0; tries < 20; tries++) {
    await page.waitForTimeout(tries === 0 ? 400 : 200);
    const now = (await namesOf(await buttons(page))).join('\n');
    if (tries > 0 && now === names) return;
    names = now;
  }
}

async function drawn(page: Page): Promise<void> {
  await expect(page.getByRole('main').getByRole('heading').first()).toBeVisible({ timeout: 10_000 });
  await expect(page.getByText('Reading the log')).toHaveCount(0);
  await page.waitForTimeout(200);
}

/** A page of the application's origin with nothing of it; one that were made up here would have all others fetched anew. */
const BLANK = '/icon-192.png';

/** Lays the yard of a page aside, or puts it back to what was laid aside: its rows, and what the page keeps beside them. False where the yard has another shape by now. */
async function yardAside(page: Page, how: 'keep' | 'put back'): Promise<boolean> {
  await page.goto(BLANK);
  return page.evaluate(
    async ([name, act]) => {
      const got = <T>(asked: IDBRequest<T>) =>
        new Promise<T>((done, failed) => {
          asked.onsuccess = () => done(asked.result);
          asked.onerror = () => failed(asked.error ?? new Error('not done'));
        });
      interface Kept {
        readonly rows: readonly (readonly [string, readonly unknown[]])[];
        readonly local: readonly (readonly [string, string])[];
      }
      const open = indexedDB.open('aside', 1);
      open.onupgradeneeded = () => void open.result.createObjectStore('rows');
      const aside = await got(open);
      const shelf = (mode: IDBTransactionMode) => aside.transaction('rows', mode).objectStore('rows');
      const yard = await got(indexedDB.open(name));
      let whole = true;
      if (act === 'keep') {
        const rows: [string, unknown[]][] = [];
        for (const store of yard.objectStoreNames)
          rows.push([store, await got(yard.transaction(store).objectStore(store).getAll())]);
        await got(
          shelf('readwrite').put({ rows, local: Object.entries(localStorage) } satisfies Kept, 'all'),
        );
      } else {
        const { rows, local } = (await got(shelf('readonly').get('all'))) as Kept;
        whole = rows.every(([store]) => yard.objectStoreNames.contains(store));
        if (whole) {
          const change = yard.transaction(
            rows.map(([store]) => store),
            'readwrite',
          );
          for (const [store, all] of rows) {
            change.objectStore(store).clear();
            for (const row of all) change.objectStore(store).put(row);
          }
          await new Promise((done, failed) => {
            change.oncomplete = done;
            change.onabort = failed;
          });
        }
        sessionStorage.clear();
        localStorage.clear();
        for (const [key, value] of local) localStorage.setItem(key, value);
      }
      yard.close();
      aside.close();
      return whole;
    },
    [YARD_NAMES.own, how] as const,
  );
}

class Crawl {
  readonly pages = new Map<string, string>();
  readonly seen = new Set<string>();
  private pressed = 0;
  private readonly free: Page[] = [];
  /** Controls that were gone, or under something, on the way to them. */
  readonly gone: string[] = [];
  readonly writing: Writes[] = [];

  constructor(
    private readonly browser: Browser,
    private readonly state: State,
    private readonly baseURL: string,
  ) {}

  /** A device that holds the log as it was set up: one that was used before is put back to it. */
  private async device(): Promise<Page> {
    const used = this.free.pop();
    if (used && (await yardAside(used, 'put back').catch(() => false))) return used;
    await used?.context().close();
    const context = await this.browser.newContext({
      storageState: this.state,
      baseURL: this.baseURL,
      viewport: { width: 1100, height: 900 },
    });
    const page = await context.newPage();
    page.setDefaultTimeout(10_000);
    page.on('dialog', (dialog) => void dialog.accept());
    await yardAside(page, 'keep');
    return page;
  }

  /** Opens a page, presses all but the last of a way, and does the rest. */
  async on<T>(way: Way, work: (page: Page, last: Locator | undefined) => Promise<T>): Promise<T> {
    const page = await this.device();
    try {
      await page.goto(way.path);
      await drawn(page);
      const last = way.presses.length - 1;
      for (let at = 0; at < last; at++) {
        await (await controlOf(page, way, at)).click();
        await page.waitForTimeout(200);
        await fill(page);
      }
      return await work(page, last < 0 ? undefined : await controlOf(page, way, last));
    } finally {
      for (const other of page.context().pages()) if (other !== page) await other.close();
      this.free.push(page);
    }
  }

  /** Follows the links of a page; one address of each pattern stands for all. */
  async links(page: Page): Promise<void> {
    const all = await page
      .locator('a[href^="/"]')
      .evaluateAll((links) => links.map((one) => one.getAttribute('href') ?? ''));
    for (const href of all) {
      const { pathname, searchParams, search } = new URL(href, this.baseURL);
      if (pathname.includes('.')) continue;
      const words = [...searchParams].map(([key, value]) =>
        /^[a-z-]+$/.test(value) ? `${key}=${value}` : key,
      );
      const pattern = `${pathname}?${words.sort().join('&')}`;
      if (!this.pages.has(pattern)) this.pages.set(pattern, pathname + search);
    }
  }

  /** What is not seen yet among the buttons on screen. */
  async fresh(page: Page, way: Way, before: readonly string[] = []): Promise<readonly Way[]> {
    const names = await namesOf(await buttons(page));
    const sheet = page.getByRole('dialog');
    const title =
      (await sheet.count()) > 0
        ? plain(
            await sheet
              .last()
              .getByRole('heading')
              .first()
              .innerText()
              .catch(() => ''),
          )
        : '';
    return names.flatMap((name, at) => {
      // A sheet is the same sheet wherever it is opened.
      const key = `${title || new URL(way.path, this.baseURL).pathname} ${plain(name)}`;
      if (this.seen.has(key) || before.includes(name)) return [];
      this.seen.add(key);
      return [{ path: way.path, presses: [...way.presses, at], names: [...way.names, name] }];
    });
  }

  /** Presses a control once: what it writes, and what it opens. */
  async press(way: Way): Promise<readonly Way[]> {
    this.pressed += 1;
    if (this.pressed % 50 === 0)
      console.log(`pressed ${this.pressed} of ${this.seen.size}, ${this.writing.length} write`);
    return this.on(way, async (page, control) => {
      if (!control) return [];
      const log = (await kindsOf(page)).length;
      const before = await namesOf(await buttons(page));
      const url = page.url();
      await control.click();
      await settled(page);
      const after = await kindsOf(page);
      if (after.length > log) {
        this.writing.push({
          ...way,
          kinds: after.slice(log).join(),
        });
        return [];
      }
      await this.links(page);
      if (page.url() !== url || way.presses.length >= DEEPEST) return [];
      await fill(page);
      return this.fresh(page, way, before);
    });
  }
}

/** Does all of it, some at once; what comes of one is done as well. */
async function all<T>(
  first: readonly T[],
  work: (one: T) => Promise<readonly T[]>,
  gone: (one: T, why: string) => void,
): Promise<void> {
  const waiting = [...first];
  let busy = 0;
  await new Promise<void>((done) => {
    const next = () => {
      if (waiting.length === 0 && busy === 0) return done();
      while (busy < AT_ONCE && waiting.length > 0) {
        const one = waiting.shift() as T;
        busy += 1;
        work(one)
          .then((more) => waiting.push(...more))
          .catch((error: unknown) => gone(one, String(error).split('\n')[0] ?? ''))
          .finally(() => {
            busy -= 1;
            next();
          });
      }
    };
    next();
  });
}

/** What was found, left for the taps: these can be made again without finding all of it anew. */
const FOUND = 'test-results/controls-found.json';
type Writes = Way & { readonly kinds: string };
interface Found {
  readonly state: State;
  readonly addresses: number;
  readonly controls: number;
  readonly writing: readonly Writes[];
}

test.describe.configure({ mode: 'serial', timeout: 3_600_000 });

test('every control that writes is found', async ({ page, browser, baseURL }) => {
  await setUp(page, DRIFTWOOD, BEFORE);
  await page.waitForTimeout(500);
  const state = await page.context().storageState({ indexedDB: true });
  const crawl = new Crawl(browser, state, baseURL ?? 'http://localhost:3170');
  crawl.pages.set('/?', '/');
  const visited = new Set<string>();
  const unreached = ({ path, names }: Way, why: string) =>
    crawl.gone.push(`${path}: ${names.join(' › ')}: ${why}`);
  for (let more = true; more;) {
    const next = [...crawl.pages.values()].filter((path) => !visited.has(path));
    more = next.length > 0;
    for (const path of next) visited.add(path);
    const ways: Way[] = [];
    await all(
      next,
      async (path) => {
        await crawl.on({ path, presses: [], names: [] }, async (open) => {
          await crawl.links(open);
          ways.push(...(await crawl.fresh(open, { path, presses: [], names: [] })));
        });
        return [];
      },
      (path, why) => unreached({ path, presses: [], names: [] }, why),
    );
    await all(ways, (way) => crawl.press(way), unreached);
    console.log(`${visited.size} addresses, ${crawl.seen.size} controls, ${crawl.writing.length} write`);
  }
  const found: Found = {
    state,
    addresses: visited.size,
    controls: crawl.seen.size,
    writing: crawl.writing,
  };
  mkdirSync(dirname(FOUND), { recursive: true });
  writeFileSync(FOUND, JSON.stringify(found));
  console.log(`${crawl.gone.length} were gone or covered on the way to them:\n${crawl.gone.join('\n')}`);
  console.log(
    crawl.writing.map(({ path, names, kinds }) => `${path}: ${names.join(' › ')} → ${kinds}`).join('\n'),
  );
  expect(crawl.writing.length).toBeGreaterThanOrEqual(AT_LEAST);
});

test('every control that writes, tapped twice, writes once', async ({ browser, baseURL }) => {
  const { state, addresses, controls, writing } = JSON.parse(readFileSync(FOUND, 'utf8')) as Found;
  const crawl = new Crawl(browser, state, baseURL ?? 'http://localhost:3170');
  const tally = new Tally(
    'controls',
    `found by role on ${addresses} addresses, ${controls} controls: two taps write once`,
  );
  tally.count(writing.length >= AT_LEAST, `only ${writing.length} controls that write were found`);
  let tapped = 0;
  await all(
    writing.flatMap((way) => GAPS.map((gap) => ({ way, gap }))),
    async ({ way, gap }) => {
      const told = await crawl
        .on(way, async (open, control) => {
          const log = (await kindsOf(open)).length;
          await control?.click({ clickCount: 2, delay: gap / 2 });
          // A busy machine writes late; what a second tap writes comes after the first.
          for (let tries = 0; tries < 40 && (await kindsOf(open)).length === log; tries++)
            await open.waitForTimeout(250);
          await open.waitForTimeout(900);
          return (await kindsOf(open)).slice(log).join();
        })
        .catch((error: unknown) => String(error).split('\n')[0] ?? '');
      const kept = tally.count(
        told === way.kinds,
        `${way.path}: ${way.names.join(' › ')}, ${gap} ms apart: ${told} for ${way.kinds}`,
      );
      tapped += 1;
      if (!kept)
        console.log(`lost: ${way.path}: ${way.names.join(' › ')}, ${gap} ms: ${told} for ${way.kinds}`);
      if (tapped % 25 === 0) console.log(`tapped twice ${tapped} of ${writing.length * GAPS.length}`);
      return [];
    },
    ({ way }, why) => console.log(`${way.path}: ${way.names.join(' › ')}: ${why}`),
  );
  tally.write();
});
