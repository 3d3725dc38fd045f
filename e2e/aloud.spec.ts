import { expect, test, type Page } from '@playwright/test';
import { DRIFTWOOD, setUp, startRepack, workTo } from './steps';

/** Puts voices of our own in place of the browser's, which has none here; what is read is kept. */
const withVoices = (page: Page, voices: readonly { name: string; lang: string; localService: boolean }[]) =>
  page.addInitScript((all) => {
    const read: string[] = [];
    Object.assign(window, { read });
    class Utterance {
      voice: { name: string } | null = null;
      lang = '';
      rate = 1;
      constructor(readonly text: string) {}
    }
    Object.assign(window, { SpeechSynthesisUtterance: Utterance });
    Object.defineProperty(window, 'speechSynthesis', {
      value: {
        getVoices: () => all.map((voice) => ({ ...voice, voiceURI: voice.name, default: false })),
        speak: ({ text, voice, rate }: Utterance) => read.push(`${voice?.name} ${rate}: ${text}`),
        cancel: () => read.push('–'),
        addEventListener: () => undefined,
        removeEventListener: () => undefined,
      },
    });
  }, voices);

/** What was read since the last silence. */
const lately = (page: Page) =>
  page.evaluate(() => {
    const { read } = window as unknown as { read: readonly string[] };
    return read.slice(read.lastIndexOf('–') + 1).join(' | ');
  });

test('steps are read aloud with a voice of the device, and again when asked', async ({ page }) => {
  await withVoices(page, [
    { name: 'far', lang: 'en-US', localService: false },
    { name: 'near', lang: 'en-US', localService: true },
  ]);
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  expect(await lately(page)).toBe('');
  await page.getByRole('button', { name: 'Read aloud' }).click();
  await expect
    .poll(() => lately(page))
    .toMatch(/^near 1: Park on firm, level ground\. \| near 1: .*\| near 1: Careful\./);
  await workTo(page, /^Rock and spin/);
  await expect
    .poll(() => lately(page))
    .toMatch(/Rock and spin 1 right as it is.*Rock the wheel at 12 and 6, then at 3 and 9\?$/);
  // The next one is asked once the first is answered.
  await page.getByRole('radio', { name: /^None felt/ }).click();
  await expect.poll(() => lately(page)).toBe('near 1: Spin it and listen?');
  await page.getByRole('button', { name: 'Say again' }).click();
  await expect.poll(() => lately(page)).toMatch(/^near 1: Rock and spin 1 right.*Spin it and listen\?$/);
  await page.getByRole('button', { name: 'Read aloud' }).click();
  await expect(page.getByRole('button', { name: 'Say again' })).toHaveCount(0);
});

test('where the device has no voice of its own it says so, and nothing goes over the network', async ({
  page,
}) => {
  await withVoices(page, [{ name: 'far', lang: 'en-US', localService: false }]);
  await setUp(page, DRIFTWOOD);
  await startRepack(page, '1R');
  await page.getByRole('button', { name: 'Read aloud' }).click();
  await expect(page.getByText('This device has no English voice of its own')).toBeVisible();
  expect(await lately(page)).toBe('');
  await page.goto('/keep');
  await expect(page.getByText('This device has no English voice of its own')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Hear it' })).toHaveCount(0);
});
