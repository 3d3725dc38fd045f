import { expect, type Locator, type Page } from '@playwright/test';
import { setUpOf, type TestRig } from '../src/testing/rigs';
import { workOf } from '../src/core/log';
import { seed, type Seeded } from './by-script';

export { DRIFTWOOD } from '../src/testing/rigs';

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

/** Chooses one of a group of choices by the words it begins with. */
export async function choose(page: Page, label: string | RegExp, option: string): Promise<void> {
  await page
    .getByRole('radiogroup', { name: label })
    .getByRole('radio', { name: new RegExp(`^${option.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&')}`) })
    .click();
}

/** Begins with a rig on the Yard; `before` is what its log holds already. */
export async function setUp(page: Page, rig: TestRig, before: readonly Seeded[] = []): Promise<void> {
  await seed(page, [setUpOf(rig), ...before]);
  await page.goto('/');
  await expect(
    page.getByRole('navigation', { name: 'Rigs' }).getByRole('link', { name: rig.name }),
  ).toBeVisible();
}

/** Tells a fact of the rig in hand on its page: `fill` types or chooses, and the sheet closes. */
export async function tellFact(page: Page, label: string, fill: () => Promise<void>): Promise<void> {
  await page
    .getByRole('main')
    .getByRole('button', { name: new RegExp(`^${label}`) })
    .last()
    .click();
  await fill();
  await page.getByRole('button', { name: 'Save it', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

/** Logs a trip from the Yard and closes what came of it. */
export async function tow(page: Page, miles: string): Promise<void> {
  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByRole('dialog').getByRole('textbox', { name: 'Towed', exact: true }).fill(miles);
  await page.getByRole('button', { name: 'Log the trip' }).click();
  await page.getByRole('button', { name: 'Back to the Yard' }).click();
}

const closing = (page: Page) =>
  page.getByRole('button', { name: /^(Done|Whole round done|Understood|Set, the pin goes in)$/ });

/** What a careful person reads when all is well, by the label of its field. */
const SOUND: readonly (readonly [RegExp, string])[] = [
  [/Pressure/, '65'],
  [/Voltage/, '12.7'],
  [/lining/, '3/16'],
  [/spindle$/, '150'],
];

/** What the step in hand still asks for, found in one look: most steps ask for nothing. */
const asks = (page: Page) =>
  page.locator('main form').evaluate((form) => ({
    groups: [...form.querySelectorAll('[role=radiogroup]')].map((group) => ({
      open: group.querySelector('[aria-checked=true]') === null,
      slots: group.getAttribute('aria-label') === 'Slots back from seated',
      closes: group.hasAttribute('data-taps'),
    })),
    blank: [...form.querySelectorAll<HTMLInputElement>('input:not([type])')].some(
      ({ value }) => value === '',
    ),
    counts: [...form.querySelectorAll('button')].some(
      (button) => /^All \d$/.test(button.innerText) || /: one more$/.test(button.ariaLabel ?? ''),
    ),
    fields: [...form.querySelectorAll<HTMLInputElement>('input[inputmode=decimal]')].map((input) => ({
      id: input.id,
      label: input.labels?.[0]?.innerText ?? '',
      open: input.value === '',
    })),
  }));

/** Fills in the step in hand as when all is well; true where its last grade closed it. */
export async function allWell(page: Page): Promise<boolean> {
  const form = page.locator('main form');
  const { groups, counts, fields, blank } = await asks(page);
  for (const [i, { open, slots }] of groups.entries())
    if (open)
      await form
        .getByRole('radiogroup')
        .nth(i)
        .getByRole('radio')
        .nth(slots ? 1 : 0)
        .click();
  if (counts)
    for (const more of await form.getByRole('button', { name: /^All \d$|: one more$/ }).all())
      await more.click();
  for (const { id, label, open } of fields) {
    const sound = SOUND.find(([named]) => named.test(label))?.[1];
    if (open && sound && !/if it can be read/.test(label)) await form.locator(`[id="${id}"]`).fill(sound);
  }
  return groups.findLast(({ open }) => open)?.closes === true && !counts && !blank;
}

/** Goes on with the card in hand until the step, or the end, whose title matches; gives the titles on the way. */
export async function workTo(page: Page, title: RegExp): Promise<readonly string[]> {
  const titles: string[] = [];
  // The card lies open in the list a moment before its own page stands.
  await expect(putDown(page)).toBeVisible();
  for (let i = 0; i < 200; i++) {
    const heading = page.getByRole('heading', { level: 1 });
    const now = await heading.innerText();
    if (title.test(now)) return titles;
    titles.push(now);
    const at = await page.getByText(/^step \d+ of \d+/).innerText();
    const moves = (timeout: number) =>
      expect(async () => {
        const gone =
          (await page.getByText(/^step \d+ of \d+/).innerText()) !== at ||
          (await heading.innerText()) !== now;
        expect(gone).toBe(true);
      }).toPass({ timeout, intervals: [20, 50, 100] });
    // A step stays where an answer before the last one was not clear.
    const closed =
      (await allWell(page)) &&
      (await moves(5000).then(
        () => true,
        () => false,
      ));
    if (closed) continue;
    await closing(page).click();
    await moves(30_000);
  }
  throw new Error(`No step ${String(title)}; came to: ${titles.join(' | ')}`);
}

/** What stands on a card's own page and nowhere else. */
function putDown(page: Page): Locator {
  return page.getByRole('button', { name: 'Pause this job' });
}

/** Opens a place of the Yard's drawing; tried again where the page still moved under the finger. */
export async function openPlace(page: Page, place: string): Promise<void> {
  const dialog = page.getByRole('dialog');
  await expect(dialog).toHaveCount(0);
  await expect(async () => {
    // One that opened late hides the drawing behind it.
    if (!(await dialog.isVisible()))
      await page
        .getByRole('button', { name: new RegExp(`^${place},`) })
        .first()
        .click({ timeout: 2000 });
    await expect(dialog).toBeVisible({ timeout: 1500 });
  }).toPass({ timeout: 60_000 });
}

/** Begins a repack of a wheel end from the Yard's drawing. */
export async function startRepack(page: Page, place: string): Promise<void> {
  await openPlace(page, place);
  await page.getByRole('link', { name: 'Start the repack' }).click();
  const start = page.getByRole('button', { name: 'Start the card' });
  await start.click();
  // A tap on a page that still moves is lost, as it is for an owner, who taps again.
  await putDown(page)
    .waitFor({ timeout: 10_000 })
    .catch(() => start.click());
  await expect(putDown(page)).toBeVisible();
}

/** Saves an archive and gives the path of the file. */
export async function saveArchive(page: Page): Promise<string> {
  await page.goto('/keep');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save an archive' }).click();
  return (await download).path();
}

/** What is told at a field: the framework's own announcer is not meant. */
export function alertOf(page: Page): Locator {
  return page.locator('[role=alert]:not(#__next-route-announcer__)');
}

/** Waits until what was changed is drawn. */
export async function drawn(page: Page): Promise<void> {
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
}

/** A hand's own pace (ms), only where that pace is what the page goes by. */
export async function breath(page: Page, ms: number): Promise<void> {
  await page.evaluate((time) => new Promise((done) => setTimeout(done, time)), ms);
}
