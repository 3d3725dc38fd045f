import { expect, test, type Page } from '@playwright/test';
import { skipTo } from './by-script';
import { inDays } from './days';
import { alertOf, DRIFTWOOD, setUp } from './steps';

const JUNIPER = '018bf000-0000-7000-8000-000000000001';

const demo = (page: Page, units: 'us' | 'metric' = 'us') =>
  page.addInitScript(
    (chosen) =>
      localStorage.setItem('yardline', JSON.stringify({ yard: 'demo', theme: 'day', units: chosen })),
    units,
  );
const title = (page: Page) => page.getByRole('heading', { level: 1 });
const posts = (page: Page) => page.getByRole('button', { name: /^Yard day / });
const cost = (page: Page) => page.getByRole('status', { name: 'What the change costs' });
const day = (page: Page) => page.getByRole('region', { name: /^Yard day / });

/** Waits until there is a plan, and nothing betters it any more: what is still at work moves posts by itself. */
async function planned(page: Page): Promise<void> {
  await expect(title(page)).toHaveText(/yard days? until/);
  await expect(posts(page).first()).toBeVisible();
  await expect(page.getByText(/No better plan exists|above the best possible/)).toBeVisible();
}

test('from what is due to a plan: moved by hand with its price, undone, pinned, kept, and there again', async ({
  page,
}) => {
  await demo(page);
  await page.goto(`/plan?rig=${JUNIPER}`);
  await planned(page);
  await expect(page.getByText(/each job on its own day/)).toBeVisible();
  await expect(day(page)).toContainText(/instead of|on a day of its own/);
  const before = await posts(page).count();
  expect(before).toBeGreaterThan(1);

  // The last yard day, by the arrow keys: its price is told, and its work goes along.
  const last = posts(page).last();
  const was = (await last.getAttribute('aria-label')) ?? '';
  await last.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(cost(page)).toContainText(/^Moved to \w{3}, \w{3} \d+: /);
  await expect(page.getByRole('button', { name: was })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: was })).toBeVisible();

  // By hand along the tape.
  const box = await page.getByRole('button', { name: was }).boundingBox();
  if (!box) throw new Error('no post');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 30, box.y + box.height / 2, { steps: 4 });
  await page.mouse.move(box.x + box.width / 2 + 120, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(cost(page)).toContainText(/^Moved to /);
  // The click that ends a drag can swallow the next one: whoever sees nothing happen taps again.
  const undo = page.getByRole('button', { name: 'Undo' });
  await expect(async () => {
    if ((await undo.count()) > 0) await undo.click({ timeout: 1000 });
    await expect(undo).toHaveCount(0, { timeout: 3000 });
  }).toPass({ timeout: 60_000 });

  await planned(page);
  await posts(page).last().click();
  await page.getByRole('button', { name: 'Pin this day' }).click();
  await expect(page.getByRole('button', { name: /, pinned\./ })).toBeVisible();
  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(page.getByText('Plan kept', { exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: 'This plan is kept' })).toBeDisabled();
  await page.reload();
  await planned(page);
  await expect(page.getByRole('button', { name: /, pinned\./ })).toBeVisible();
  await page.goto('/logbook');
  await expect(page.getByRole('button', { name: /Plan kept: \d yard days/ })).toBeVisible();
});

test('a job goes to another day, off a day, a day is kept free: the plan follows each time', async ({
  page,
}) => {
  await demo(page);
  await page.goto(`/plan?rig=${JUNIPER}`);
  await planned(page);
  await posts(page).last().click();
  const name = ((await day(page).getAttribute('aria-label')) ?? '').replace('Yard day ', '');
  const row = day(page).getByRole('listitem').first();
  const job = (await row.getByRole('paragraph').first().innerText()).trim();
  await row.getByRole('button', { name: /^Change / }).click();
  await row.getByRole('button', { name: 'Not on this day' }).click();
  await expect(cost(page)).toContainText(`${job} not on this day`);
  const here = page.getByRole('region', { name: `Yard day ${name}` });
  await expect(here.getByText(job, { exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(here.getByText(job, { exact: true })).toBeVisible();

  await day(page)
    .getByRole('button', { name: `Change ${job}` })
    .click();
  const to = page.getByLabel('Move it to');
  const [first] = await to.getByRole('option', { name: /a yard day/ }).allInnerTexts();
  await to.selectOption({ label: first ?? '' });
  await expect(cost(page)).toContainText(`${job} moved to`);
  await page.getByRole('button', { name: 'Undo' }).click();

  // Dragged by its grip onto the flag of another yard day, both in sight.
  await page.setViewportSize({ width: 1280, height: 1600 });
  await page.getByRole('button', { name: new RegExp(`^Yard day ${name},`) }).click();
  await expect(here).toBeVisible();
  await planned(page);
  const grip = await day(page).getByTitle('Drag it onto another yard day').first().boundingBox();
  const flag = await posts(page).first().boundingBox();
  if (!grip || !flag) throw new Error('nothing to drag');
  await page.mouse.move(grip.x + 9, grip.y + 12);
  await page.mouse.down();
  await page.mouse.move(grip.x + 30, grip.y - 30, { steps: 4 });
  await page.mouse.move(flag.x + flag.width / 2, flag.y + flag.height / 2, { steps: 8 });
  // The flag shows that it takes it before the hand lets go.
  await expect(posts(page).first().locator('span').first()).toHaveClass(/outline-accent/);
  await page.mouse.up();
  await expect(cost(page)).toContainText(/^Moved to /);
  await page.getByRole('button', { name: 'Undo' }).click();

  const post = page.getByRole('button', { name: new RegExp(`^Yard day ${name},`) });
  await post.click();
  await expect(here).toBeVisible();
  await page.getByRole('button', { name: 'Leave it free' }).click();
  await expect(cost(page)).toContainText(`${name} kept free`);
  await expect(post).toHaveCount(0);
});

test('a solver that is killed midway leaves a plan and says so; so does a device that runs no thread', async ({
  page,
  context,
}) => {
  await page.addInitScript(() => {
    const post = Worker.prototype.postMessage;
    Worker.prototype.postMessage = function (message: { say?: string }, ...rest: never[]) {
      if (message.say === 'prove') {
        this.terminate();
        this.dispatchEvent(new ErrorEvent('error', { message: 'killed' }));
        return;
      }
      post.call(this, message, ...rest);
    };
  });
  await demo(page);
  await page.goto(`/plan?rig=${JUNIPER}`);
  await expect(page.getByText('The proof stopped midway; this plan stands.')).toBeVisible();
  await expect(page.getByText(/At most \d+ % above the best possible/)).toBeVisible();

  const other = await context.newPage();
  await other.addInitScript(() => {
    const Real = Worker;
    window.Worker = class extends Real {
      override postMessage(message: { say?: string }, ...rest: never[]) {
        if (message.say === 'search') this.dispatchEvent(new ErrorEvent('error', { message: 'killed' }));
        else super.postMessage(message, ...rest);
      }
    };
  });
  await demo(other);
  await other.goto(`/plan?rig=${JUNIPER}`);
  await expect(other.getByText('This device does not search any further.')).toBeVisible();
  await expect(posts(other).first()).toBeVisible();
});

test('no free day, a trip tomorrow: what stands in the way is said, with what would loosen it', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/plan');
  await planned(page);
  await page.getByRole('button', { name: 'My free days' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Saturday').fill('many');
  await sheet.getByRole('button', { name: 'Save it' }).click();
  await expect(alertOf(page)).toContainText('Enter hours from 0 to 16');
  await expect(sheet.getByLabel('Saturday')).toHaveValue('many');
  for (const name of ['Saturday', 'Sunday']) await sheet.getByLabel(name).fill('');
  await sheet.getByRole('button', { name: 'Save it' }).click();
  await expect(sheet).toHaveCount(0);
  await expect(title(page)).toHaveText(/^No yard day/);
  await expect(page.getByText(/none of your days is free/)).toBeVisible();

  // Every evening two hours, and the whole plan on them: no day is longer than it may be.
  await page.getByRole('button', { name: 'My free days' }).click();
  for (const name of ['Monday', 'Wednesday', 'Friday']) await sheet.getByLabel(name).fill('2');
  await sheet.getByLabel('From').first().fill(inDays(3));
  await sheet.getByLabel('To').first().fill(inDays(1));
  await sheet.getByRole('button', { name: 'Save it' }).click();
  await expect(alertOf(page)).toContainText('over before it begins');
  await sheet.getByLabel('To').first().fill(inDays(9));
  await sheet.getByRole('button', { name: 'Save it' }).click();
  await expect(sheet).toHaveCount(0);
  await planned(page);
});

test('a trip tomorrow with a stop on it: no day before it is free, and that is said', async ({ page }) => {
  await setUp(page, DRIFTWOOD, [
    {
      kind: 'finding.opened',
      body: { place: '1L', verdict: 'stop', text: 'hub too hot to touch', remedy: 'repack' },
    },
  ]);
  await page.goto('/plan');
  await planned(page);
  await page.getByRole('button', { name: 'My free days' }).click();
  const sheet = page.getByRole('dialog');
  const free = new Intl.DateTimeFormat('en-US', { weekday: 'long' }).format(new Date(`${inDays(4)}T12:00`));
  for (const name of ['Saturday', 'Sunday']) await sheet.getByLabel(name).fill('');
  await sheet.getByLabel(free).fill('6');
  await sheet.getByRole('button', { name: 'Save it' }).click();
  await expect(sheet).toHaveCount(0);
  await page.getByRole('button', { name: 'Add a trip' }).click();
  await page.getByLabel('Day it starts').fill(inDays(1));
  await page.getByLabel('Towed, there and back').fill('180');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(sheet).toHaveCount(0);
  await expect(page.getByRole('alert').filter({ hasText: 'stands against towing' })).toContainText(
    'no day is free before the trip on',
  );
  // It is planned all the same, for the first day there is.
  await expect(posts(page).first()).toBeVisible();
});

test('the day’s card is started and closed, and the plan says what has changed since it was kept', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/plan');
  await planned(page);
  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(page.getByText('Plan kept', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Open the job card' }).click();
  await expect(page.getByRole('list', { name: 'On the card' }).getByRole('listitem').first()).toBeVisible();
  const start = page.getByRole('button', { name: 'Start the card' });
  await start.click();
  // A tap on a page that still moves is lost, as it is for an owner, who taps again.
  await page.waitForURL(/[?&]run=/, { timeout: 10_000 }).catch(() => start.click());
  await skipTo(page, /Every step is through/);
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page).toHaveURL(/\/\?rig=/);
  await page.goto('/plan');
  await planned(page);
  const since = page.getByRole('region', { name: 'Since you kept it' });
  await expect(since).toContainText('is done or not needed then');
  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(since).toHaveCount(0);
});

test.describe('kept for use without a network', () => {
  test.use({ serviceWorkers: 'allow' });

  test('on a phone by its list, in metric, and with the network off', async ({ page, context }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await demo(page, 'metric');
    await page.goto('/');
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await page.goto(`/plan?rig=${JUNIPER}`);
    await context.setOffline(true);
    await page.reload();
    const list = page.getByRole('list', { name: 'Yard days and trips' });
    await expect(list.getByRole('button').first()).toBeVisible();
    await expect(list).toContainText(/\d km/);
    await list.getByRole('button').last().click();
    await expect(day(page)).toBeInViewport();
    await expect(page.locator('main')).not.toContainText(/\d mi\b/);
    // The proof needs no network either.
    await expect(page.getByText(/No better plan exists|above the best possible/)).toBeVisible({
      timeout: 25_000,
    });
  });
});

test('an empty yard says what would stand here', async ({ page }) => {
  await page.goto('/plan');
  await expect(page.getByText(/what falls due is folded into few yard days/)).toBeVisible();
});
