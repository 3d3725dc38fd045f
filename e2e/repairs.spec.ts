import { expect, test } from '@playwright/test';
import { skipTo, type Seeded } from './by-script';
import { alertOf, DRIFTWOOD, setUp } from './steps';

const BEHIND: Seeded = {
  kind: 'finding.opened',
  body: { place: '1L', verdict: 'due', of: { subject: 'grease-back', grade: 'behind' } },
};
const LINING: Seeded = {
  kind: 'finding.opened',
  body: { place: '1L', verdict: 'due', of: { subject: 'lining', grade: 'at-minimum' } },
};

test('a finding waits for a shop, is decided about, starts the card that cures it, and is closed by that card', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, [BEHIND]);
  await page.goto('/finding');
  await page.getByRole('link', { name: /grease behind it/ }).click();
  const happened = page.getByRole('region', { name: 'What happened' });

  await page.getByRole('button', { name: 'Waits for someone' }).click();
  await page.getByRole('button', { name: 'Add it to the log' }).click();
  await expect(alertOf(page).first()).toBeVisible();
  await page.getByLabel('Who', { exact: true }).fill('shop by the ferry');
  await page.getByRole('radio', { name: 'They say yes' }).click();
  await page.getByRole('button', { name: 'Add it to the log' }).click();
  await expect(page.getByText('They say it may be towed until then.')).toBeVisible();

  await page.getByRole('button', { name: 'Decide', exact: true }).click();
  await page.getByLabel('What you decide').fill('I open it myself');
  await page.getByLabel('Why', { exact: true }).fill('the seal kit is on the shelf');
  await page.getByRole('button', { name: 'Add it to the log' }).click();
  await expect(happened).toContainText('I open it myself');
  await expect(happened).toContainText('the seal kit is on the shelf');

  await page.getByRole('link', { name: 'Repack 1L', exact: true }).click();
  await page.getByRole('button', { name: 'Start the card' }).click();
  await skipTo(page, /Every step is through/);
  const closes = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'Closed by this card' }) });
  await expect(closes).toContainText('1L: back of the hub: grease behind it');
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).not.toContainText('grease behind');
  await page.goto('/finding');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing open on Driftwood');
});

test('one side of an axle is said to be one, with what the other stands at; a torque nobody knows stays open', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, [LINING]);
  await page.getByRole('link', { name: 'Start the work' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Shoe replacement 1L');
  await expect(page.getByText('This goes in axle pairs.')).toBeVisible();
  await expect(page.getByText('1R, right side: nothing measured there is on record.')).toBeVisible();
  await page.getByRole('button', { name: 'Put 1R on the card too' }).click();
  await expect(page.getByText('This goes in axle pairs.')).toHaveCount(0);

  await page.goto('/bench?jobs=plate-renew:1L,plate-renew:1R');
  await expect(page.getByText('Backing plate nuts: their torque is not known.')).toBeVisible();
  const start = page.getByRole('button', { name: 'Start the card' });
  await expect(start).toBeDisabled();
  await page.getByRole('button', { name: 'Start without it' }).click();
  await expect(page.getByText('the rig is not to be towed until it is')).toBeVisible();
  await start.click();
  await skipTo(page, /Every step is through/);
  await page.getByRole('button', { name: 'Close and log it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not fit to tow');
  await expect(page.getByRole('region', { name: 'Next for Driftwood' })).toContainText('torque not set');
});

test('looked into and not needed is closed with its reason; a part on order is none that lies here', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD, [BEHIND]);
  await page.goto('/finding');
  await page.getByRole('link', { name: /grease behind it/ }).click();
  await page.getByRole('button', { name: 'Not needed' }).click();
  await page.getByRole('button', { name: 'Close it with this reason' }).click();
  await expect(alertOf(page).first()).toBeVisible();
  await page
    .getByLabel('What was looked into, and why nothing is to be done')
    .fill('old grease from the last repack, wiped, dry since');
  await page.getByRole('button', { name: 'Close it with this reason' }).click();
  await expect(page.getByText('Closed', { exact: true }).first()).toBeVisible();
  await expect(page.getByText('old grease from the last repack').first()).toBeVisible();

  await page.goto('/parts?kind=seal');
  await page.getByRole('button', { name: 'One for the shelf' }).click();
  await page.getByLabel('Number', { exact: true }).fill('YS-9');
  await page.getByRole('radio', { name: 'On order' }).click();
  await page.getByRole('radio', { name: 'As new' }).click();
  await page.getByRole('button', { name: 'Add it to the log' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/bench?jobs=repack:1L');
  await expect(page.getByRole('region', { name: 'Lay out first' })).toContainText('one is on order');
});

test('a new owner takes up what matters before the first tow, not fifty jobs at once', async ({ page }) => {
  await setUp(page, DRIFTWOOD);
  await page.goto('/bench');
  const together = page.getByRole('group', { name: 'Done together' });
  await expect(together.getByRole('button', { name: /^The 2,000-mile service/ })).toBeVisible();
  await together.getByRole('button', { name: /^Before the first tow/ }).click();
  const card = page.getByRole('list', { name: 'On the card' });
  await expect(card).toContainText('Lug torque 1L');
  await expect(card).toContainText('Breakaway pull test');
  await expect(card).not.toContainText('Wash');
});
