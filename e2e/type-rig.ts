import { expect, type Page } from '@playwright/test';
import type { TestRig } from '../src/testing/rigs';
import { choose } from './steps';

const WORDS = {
  kind: { rv: 'RV', boat: 'Boat', utility: 'Utility' },
  axles: { 1: 'One axle', 2: 'Two axles' },
  brakes: {
    none: 'None',
    electric: 'Electric drum',
    'hydraulic-drum': 'Hydraulic drum',
    'hydraulic-disc': 'Hydraulic disc',
  },
  hub: {
    plain: 'Plain spindle',
    drilled: 'Drilled spindle',
    'pressure-cap': 'Pressure cap',
    'oil-bath': 'Oil bath',
    sealed: 'Sealed for years',
  },
} as const;

/** Sets a rig up by hand, as its owner would on the first day, and ends on the Yard. */
export async function typeRig(page: Page, rig: TestRig): Promise<void> {
  await page.goto('/setup');
  await page.getByLabel('Name').fill(rig.name);
  await choose(page, 'Kind', WORDS.kind[rig.kind]);
  if (rig.axles) await choose(page, 'Axles', WORDS.axles[rig.axles]);
  if (rig.brakes)
    for (const brakes of await page.getByRole('radiogroup', { name: /^Brakes/ }).all())
      await brakes.getByRole('radio', { name: WORDS.brakes[rig.brakes] }).click();
  if (rig.hub) await choose(page, 'Hub', WORDS.hub[rig.hub]);
  if (rig.lock) await choose(page, 'The nut is locked by', 'Cotter pin');
  await choose(page, 'Studs on one wheel', String(rig.studs));
  if (rig.torque) {
    await page.getByLabel('Lug torque', { exact: true }).fill(String(rig.torque));
    await choose(page, 'Lug torque comes from', "Maker's");
  }
  if (rig.meter) {
    await choose(page, 'How miles come in', "The trailer's own meter");
    await page.getByLabel('It reads now').fill(String(rig.meter));
  }
  await page.getByRole('button', { name: 'Put it on the Yard' }).click();
  await expect(
    page.getByRole('navigation', { name: 'Rigs' }).getByRole('link', { name: rig.name }),
  ).toBeVisible();
}
