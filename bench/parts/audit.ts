import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { FLAGS } from '../../scripts/chromium.mjs';
import { BASE, CHROMIUM, served } from '../browser';
import { middle, type Part, type Row } from '../table';

/** The last that runs on Node 20; fetched when it is asked for, being no part of the product. */
const LIGHTHOUSE = 'lighthouse@12.8.2';
const TIMES = 5;

interface Report {
  readonly categories: Readonly<Record<string, { readonly score: number }>>;
  readonly audits: Readonly<Record<string, { readonly numericValue?: number }>>;
}

/** One audit, on a device that was never here before and is set to a yard. */
async function audited(yard: 'own' | 'demo'): Promise<Report> {
  const profile = mkdtempSync(join(tmpdir(), 'audit-'));
  try {
    const context = await chromium.launchPersistentContext(profile, {
      executablePath: CHROMIUM,
      args: FLAGS,
    });
    const page = await context.newPage();
    await page.route('**/blank', (route) =>
      route.fulfill({ contentType: 'text/html', body: '<title>blank</title>' }),
    );
    await page.goto(`${BASE}/blank`);
    await page.evaluate((yard) => localStorage.setItem('yardline', JSON.stringify({ yard })), yard);
    await context.close();
    const out = join(profile, 'report.json');
    const flags = [...FLAGS, '--headless', `--user-data-dir=${profile}`].join(' ');
    const run = spawnSync(
      'npx',
      [
        '--yes',
        LIGHTHOUSE,
        BASE,
        '--quiet',
        '--output=json',
        `--output-path=${out}`,
        '--disable-storage-reset',
        '--only-categories=performance,accessibility,best-practices',
        `--chrome-flags=${flags}`,
      ],
      { env: { ...process.env, CHROME_PATH: CHROMIUM }, encoding: 'utf8' },
    );
    if (run.status !== 0) throw new Error(run.stderr.slice(-400));
    return JSON.parse(readFileSync(out, 'utf8')) as Report;
  } finally {
    rmSync(profile, { recursive: true, force: true });
  }
}

/** The page audit. */
export const audit: Part = {
  says: 'the page audit, phone preset, median of five: own empty yard, and the demo’s first visit',
  measure: () =>
    served(async () => {
      const rows: Row[] = [];
      for (const [yard, name, budget] of [
        ['own', 'own empty yard', 90],
        ['demo', 'demo’s first visit', 75],
      ] as const) {
        const reports: Report[] = [];
        for (let i = 0; i < TIMES; i++) reports.push(await audited(yard));
        const score = (category: string) =>
          middle(reports.map(({ categories }) => (categories[category]?.score ?? 0) * 100));
        const ms = (id: string) => middle(reports.map(({ audits }) => audits[id]?.numericValue ?? 0));
        rows.push(
          {
            what: `${name}: performance`,
            measured: score('performance'),
            unit: 'of 100',
            decimals: 0,
            budget,
            atLeast: true,
          },
          { what: `${name}: accessibility`, measured: score('accessibility'), unit: 'of 100', decimals: 0 },
          { what: `${name}: best practices`, measured: score('best-practices'), unit: 'of 100', decimals: 0 },
          { what: `${name}: first paint`, measured: ms('first-contentful-paint'), unit: 'ms', decimals: 0 },
          {
            what: `${name}: largest element`,
            measured: ms('largest-contentful-paint'),
            unit: 'ms',
            decimals: 0,
          },
          { what: `${name}: blocking time`, measured: ms('total-blocking-time'), unit: 'ms', decimals: 0 },
        );
      }
      return rows;
    }),
};
