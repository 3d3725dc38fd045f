import { expect, type Locator, type Page } from '@playwright/test';

/** What a rig is set up with; what is left out stays as the form has it. */
export interface RigFacts {
  readonly name: string;
  readonly kind: 'RV' | 'Boat' | 'Utility';
  readonly axles?: 'One axle' | 'Two axles' | 'Three axles';
  readonly brakes?: 'None' | 'Electric drum' | 'Hydraulic disc';
  readonly hub?: string;
  readonly lock?: string;
  readonly studs: '4' | '5' | '6' | '8';
  readonly torque?: string;
  readonly meter?: string;
  /** Threads per inch and slots of the spindle nut. */
  readonly spindle?: { readonly tpi: string; readonly slots: string; readonly holes: 'One' | 'Two, crossed' };
}

const group = (page: Page, name: string | RegExp): Locator => page.getByRole('radiogroup', { name });

/** Chooses one of a group of choices by the words it begins with. */
export async function choose(page: Page, label: string | RegExp, option: string): Promise<void> {
  await group(page, label)
    .getByRole('radio', { name: new RegExp(`^${option.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&')}`) })
    .click();
}

/** Sets a rig up by hand from an empty yard or from the Yard, and ends on the Yard. */
export async function setUp(page: Page, facts: RigFacts): Promise<void> {
  await page.goto('/setup');
  await page.getByLabel('Name').fill(facts.name);
  await choose(page, 'Kind', facts.kind);
  if (facts.axles) await choose(page, 'Axles', facts.axles);
  if (facts.brakes)
    for (const brakes of await page.getByRole('radiogroup', { name: /^Brakes/ }).all())
      await brakes.getByRole('radio', { name: facts.brakes }).click();
  if (facts.hub) await choose(page, 'Hub', facts.hub);
  if (facts.lock) await choose(page, 'The nut is locked by', facts.lock);
  await choose(page, 'Studs on one wheel', facts.studs);
  if (facts.torque) {
    await page.getByLabel('Lug torque', { exact: true }).fill(facts.torque);
    await choose(page, 'Lug torque comes from', "Maker's");
  }
  if (facts.meter) {
    await choose(page, 'How miles come in', "The trailer's own meter");
    await page.getByLabel('It reads now').fill(facts.meter);
  }
  await page.getByRole('button', { name: 'Put it on the Yard' }).click();
  await expect(
    page.getByRole('navigation', { name: 'Rigs' }).getByRole('link', { name: facts.name }),
  ).toBeVisible();
  if (facts.spindle) await tellSpindle(page, facts.spindle);
}

/** Tells a fact of the rig in hand on its page: `fill` types or chooses, and the sheet closes. */
export async function tellFact(page: Page, label: string, fill: () => Promise<void>): Promise<void> {
  await page
    .getByRole('main')
    .getByRole('button', { name: new RegExp(`^${label}`) })
    .last()
    .click();
  await fill();
  await page.getByRole('button', { name: 'Keep it', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

async function tellSpindle(page: Page, spindle: NonNullable<RigFacts['spindle']>): Promise<void> {
  await page.goto('/identify?by=thread');
  await page.getByLabel('Thread', { exact: true }).fill(spindle.tpi);
  await page.getByLabel('Slots in the nut').fill(spindle.slots);
  await choose(page, 'Pin holes', spindle.holes);
  await page.getByRole('button', { name: /^Keep/ }).click();
  await expect(page.getByRole('button', { name: 'Kept with the rig' })).toBeVisible();
  await page.getByRole('link', { name: 'Yard', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Facts and figures' })).toBeVisible();
}

/** Logs a trip from the Yard and closes what came of it. */
export async function tow(page: Page, miles: string): Promise<void> {
  await page.getByRole('button', { name: 'Home again' }).click();
  await page.getByRole('dialog').getByRole('textbox', { name: 'Towed', exact: true }).fill(miles);
  await page.getByRole('button', { name: 'Log it' }).click();
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
    })),
    counts: [...form.querySelectorAll('button')].some(
      (button) => /^All \d$/.test(button.innerText) || /: one more$/.test(button.ariaLabel ?? ''),
    ),
    fields: [...form.querySelectorAll<HTMLInputElement>('input[inputmode=decimal]')].map((input) => ({
      id: input.id,
      label: input.labels?.[0]?.innerText ?? '',
      open: input.value === '',
    })),
  }));

/** Fills in the step in hand as when all is well. */
async function allWell(page: Page): Promise<void> {
  const form = page.locator('main form');
  const { groups, counts, fields } = await asks(page);
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
    await allWell(page);
    await closing(page).click();
    await expect(async () => {
      const gone =
        (await page.getByText(/^step \d+ of \d+/).innerText()) !== at || (await heading.innerText()) !== now;
      expect(gone).toBe(true);
    }).toPass({ timeout: 5000, intervals: [20, 50, 100] });
  }
  throw new Error(`No step ${String(title)}; came to: ${titles.join(' | ')}`);
}

/** Goes through what is left of the card in hand in one list, as it is typed in from paper: where the steps themselves are not the point. */
export async function typeThrough(page: Page): Promise<void> {
  await expect(putDown(page)).toBeVisible();
  await page.goto(
    `${new URL(page.url()).pathname}?run=${new URL(page.url()).searchParams.get('run')}&by=paper`,
  );
  await page.getByRole('button', { name: 'What is not marked was well' }).click();
  await allWell(page);
  await page.getByRole('button', { name: 'Take it over' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Every step is through');
}

/** What stands on a card's own page and nowhere else. */
function putDown(page: Page): Locator {
  return page.getByRole('button', { name: 'Put it down' });
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
  }).toPass({ timeout: 15_000 });
}

/** Begins a repack of a wheel end from the Yard's drawing. */
export async function startRepack(page: Page, place: string): Promise<void> {
  await openPlace(page, place);
  await page.getByRole('link', { name: 'Start the repack' }).click();
  await page.getByRole('button', { name: 'Start the card' }).click();
  await expect(putDown(page)).toBeVisible();
}

/** Saves an archive and gives the path of the file. */
export async function saveArchive(page: Page): Promise<string> {
  await page.goto('/keep');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save an archive' }).click();
  return (await download).path();
}

/** A plain single-axle rig with everything that a repack asks for. */
export const DRIFTWOOD: RigFacts = {
  name: 'Driftwood',
  kind: 'Utility',
  brakes: 'Electric drum',
  hub: 'Plain cap',
  lock: 'Cotter pin',
  studs: '5',
  torque: '100',
  spindle: { tpi: '14', slots: '6', holes: 'Two, crossed' },
};

/** What is told at a field: the framework's own announcer is not meant. */
export function alertOf(page: Page): Locator {
  return page.locator('[role=alert]:not(#__next-route-announcer__)');
}
