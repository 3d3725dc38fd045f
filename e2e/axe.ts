import { expect, type Page } from '@playwright/test';
import axe, { type RunOptions } from 'axe-core';

declare global {
  interface Window {
    readonly axe: typeof axe;
  }
}

const ALL = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** What an accessibility check has against the page as it stands; `rules` are names of rules, or of sets of them. */
export async function against(page: Page, rules: RunOptions['runOnly'] = ALL): Promise<readonly string[]> {
  // No page has another origin in it, and one that is still here has the checker in it.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const violations = await page.evaluate(
    async (runOnly) => (await window.axe.run(document, { runOnly, resultTypes: ['violations'] })).violations,
    rules,
  );
  return violations.flatMap(({ id, nodes }) => nodes.map(({ html }) => `${id}: ${html}`));
}

/** Waits until a page is whole: its heading stands before what it reads, and what a thread works out, is there. */
export async function whole(page: Page): Promise<void> {
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  let before = 0;
  const same = async () => {
    const now = await page.locator('*').count();
    const settled = now === before;
    before = now;
    return settled;
  };
  await expect.poll(same, { intervals: [200] }).toBe(true);
}
