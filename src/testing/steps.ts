import { DAY_MS } from '@/core/base';
import { workOf } from '@/core/log';
import { readPreferences } from '@/store/preferences';
import { Locator, until } from './locator';
import { like, page as window_, type TestPage } from './page';
import { nameOf, wordsOf } from './roles';
import { setUpOf, type Seeded, type TestRig } from './rigs';
import { fillYard, keptDrafts, workCard } from './seed';

/** Begins with a rig on the Yard; `before` is what its log holds already. */
export async function setUp(page: TestPage, rig: TestRig, before: readonly Seeded[] = []): Promise<void> {
  await fillYard([setUpOf(rig), ...before]);
  await page.goto('/');
  await expect(
    page.getByRole('navigation', { name: 'Rigs' }).getByRole('link', { name: rig.name }),
  ).toBeVisible();
}

/** Chooses one of a group of choices by the words it begins with. */
export async function choose(page: TestPage, label: string | RegExp, option: string): Promise<void> {
  await page
    .getByRole('radiogroup', { name: label })
    .getByRole('radio', { name: new RegExp(`^${option.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&')}`) })
    .click();
}

/** Tells a fact of the rig in hand on its page: `fill` types or chooses, and the sheet closes. */
export async function tellFact(page: TestPage, label: string, fill: () => Promise<void>): Promise<void> {
  await page
    .getByRole('main')
    .getByRole('button', { name: new RegExp(`^${label}`) })
    .last()
    .click();
  await fill();
  await page.getByRole('button', { name: 'Save it', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

/** Through the page on people, for a place that is good to work at. */
export async function peopleFirst(page: TestPage): Promise<void> {
  await choose(page, 'Where are you?', 'On the road');
  await choose(page, /lane/, 'Yes');
  await choose(page, /level/, 'Yes');
  await choose(page, /alone/, 'No');
  await choose(page, /dark/, 'No');
  await page.getByRole('button', { name: 'What do you see?' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What do you see?');
}

/** Logs a trip from the Yard and closes what came of it. */
export async function tow(page: TestPage, miles: string): Promise<void> {
  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByRole('dialog').getByRole('textbox', { name: 'Towed', exact: true }).fill(miles);
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
}

/** Opens a place of the Yard's drawing. */
export async function openPlace(page: TestPage, place: string): Promise<void> {
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page
    .getByRole('button', { name: new RegExp(`^${place},`) })
    .first()
    .click();
  await expect(page.getByRole('dialog')).toBeVisible();
}

/** Begins a repack of a wheel end from the Yard's drawing. */
export async function startRepack(page: TestPage, place: string): Promise<void> {
  await openPlace(page, place);
  await page.getByRole('link', { name: 'Start the repack' }).click();
  await page.getByRole('button', { name: 'Start the card' }).click();
  await expect(putDown(page)).toBeVisible();
}

/** What stands on a card's own page and nowhere else. */
const putDown = (page: TestPage) => page.getByRole('button', { name: 'Pause this job' });

/** What a careful person reads when all is well, by the label of its field. */
const SOUND: readonly (readonly [RegExp, string])[] = [
  [/Pressure/, '65'],
  [/Voltage/, '12.7'],
  [/lining/, '3/16'],
  [/spindle$/, '150'],
];

const meant = (element: Element) => new Locator(() => [element], nameOf(element));

/** Fills in the step in hand as when all is well; true where its last grade closed it. */
export async function allWell(page: TestPage): Promise<boolean> {
  const form = await page.locator('main form').one();
  const groups = [...form.querySelectorAll('[role=radiogroup]')];
  const open = groups.filter((group) => !group.querySelector('[aria-checked=true]'));
  const counts = [...form.querySelectorAll('button')].filter(
    (button) => /^All \d$/.test(wordsOf(button)) || /: one more$/.test(button.ariaLabel ?? ''),
  );
  const blank = [...form.querySelectorAll<HTMLInputElement>('input:not([type])')].some(
    ({ value }) => value === '',
  );
  for (const group of open) {
    const all = group.querySelectorAll('[role=radio]');
    const fit = all[group.getAttribute('aria-label') === 'Slots back from seated' ? 1 : 0];
    if (fit) await meant(fit).click();
  }
  for (const more of counts) await meant(more).click();
  for (const input of form.querySelectorAll<HTMLInputElement>('input[inputmode=decimal]')) {
    const label = input.labels?.[0]?.textContent ?? '';
    const sound = SOUND.find(([named]) => named.test(label))?.[1];
    if (input.value === '' && sound && !/if it can be read/.test(label)) await meant(input).fill(sound);
  }
  return open.at(-1)?.hasAttribute('data-taps') === true && counts.length === 0 && !blank;
}

const closing = (page: TestPage) =>
  page.getByRole('button', { name: /^(Done|Whole round done|Understood|Set, the pin goes in)$/ });

/** Goes on with the card in hand until the step, or the end, whose title matches; gives the titles on the way. */
export async function workTo(page: TestPage, title: RegExp): Promise<readonly string[]> {
  const titles: string[] = [];
  await expect(putDown(page)).toBeVisible();
  for (let i = 0; i < 200; i++) {
    const heading = page.getByRole('heading', { level: 1 });
    const now = await heading.innerText();
    if (title.test(now)) return titles;
    titles.push(now);
    const where = page.getByText(/^step \d+ of \d+/);
    const at = await where.innerText();
    const moves = (patience?: number) =>
      until(() => {
        const gone = where.find().every((element) => wordsOf(element) !== at);
        if (!gone && wordsOf(heading.only()) === now) throw new Error(`The card stays at ${now}`);
      }, patience);
    // A step stays where an answer before the last one was not clear.
    const closed =
      (await allWell(page)) &&
      (await moves(3000).then(
        () => true,
        () => false,
      ));
    if (closed) continue;
    await closing(page).click();
    await moves();
  }
  throw new Error(`No step ${String(title)}; came to: ${titles.join(' | ')}`);
}

const card = () => new URL(window.location.href).searchParams.get('run') ?? '';

/** Puts the card in hand at the step, or its end, whose title matches, as when all before it was well; gives the titles on the way. */
export async function skipTo(page: TestPage, title: RegExp): Promise<readonly string[]> {
  await expect(page).toHaveURL(/[?&]run=/);
  const titles = await workCard(readPreferences().yard, card(), title);
  // Another hand has gone on: the page is opened at where the card stands now.
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(title);
  return titles;
}

/** Goes through what is left of the card in hand in one list, as it is typed in from paper: where the steps themselves are not the point. */
export async function typeThrough(page: TestPage): Promise<void> {
  await expect(putDown(page)).toBeVisible();
  await page.goto(`${window.location.pathname}?run=${card()}&by=paper`);
  await page.getByRole('button', { name: 'Everything else was good' }).click();
  await allWell(page);
  await page.getByRole('button', { name: 'Add it to the card' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Every step is through');
}

/** Waits until what was told last is in a draft on disk: from then on the tab may go. */
export async function drafted(_page: TestPage, told: string): Promise<void> {
  await until(async () => {
    const kept = JSON.stringify(await keptDrafts(readPreferences().yard));
    if (!kept.includes(told)) throw new Error(`${told} is in no draft: ${kept}`);
  });
}

/** What is told at a field. */
export const alertOf = (page: TestPage): Locator => page.locator('[role=alert]');

/** The next write of a kind fails, as on a full disk; what is kept only to open faster is left alone. */
export function failOnce(method: 'add' | 'put'): void {
  const real = IDBObjectStore.prototype[method];
  IDBObjectStore.prototype[method] = function fail(this: IDBObjectStore, ...args: Parameters<typeof real>) {
    // What the yard writes of its own accord in the background is not what is told here.
    if (this.name === 'shelf-checkpoints' || this.name === 'shelf-meta') return real.apply(this, args);
    IDBObjectStore.prototype[method] = real;
    throw new DOMException('the disk is full', 'QuotaExceededError');
  };
}

/** A test of the page: as the browser tests have it. */
export const test = (name: string, body: (given: { readonly page: TestPage }) => Promise<void>): void =>
  globalThis.test(name, () => body({ page: window_ }));

/** Opens the demo, with the log that its visitors begin with. */
export const demo = (): void => like({ yard: 'demo', theme: 'day' });

/** A day so many days from now, as a date field has it. */
export function inDays(days: number): string {
  // Canadian English writes a date as a date field does.
  return new Intl.DateTimeFormat('en-CA').format(Date.now() + days * DAY_MS);
}

/** A log in which the wheel of 1L was off, and its first recheck came due on the road. */
export const RECHECK_DUE: readonly Seeded[] = [
  {
    kind: 'work',
    body: {
      ...workOf([{ routine: 'repack', place: '1L' }]),
      refits: [{ place: '1L', limits: [16_093, 40_233], threads: 'dry' }],
    },
  },
  { kind: 'trip', body: { distance: 20_000, launches: 0 } },
];
