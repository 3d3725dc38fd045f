import { expect, test, type Page } from '@playwright/test';
import { makeSound, type SoundKind } from '../src/core/practice';
import { alertOf, DRIFTWOOD, setUp } from './steps';

const ended = (page: Page) => page.getByRole('status', { name: 'How it ended' });
const open = async (page: Page, query: string) => {
  await page.goto(`/practice?${query}`);
  await expect(page.getByRole('link', { name: 'All practice' })).toBeVisible();
};
const press = async (page: Page, name: string | RegExp, times = 1) => {
  for (let i = 0; i < times; i++)
    await page.getByRole('button', { name, exact: typeof name === 'string' }).click();
};

/** The microphone hears what the core makes: one sound after another. */
async function hears(page: Page, kinds: readonly SoundKind[], filters = false): Promise<void> {
  const sounds = kinds.map((kind, i) =>
    [...makeSound(kind, 21 + i, { noise: 20 }).samples].map((x) => Math.round(x * 1e5)),
  );
  await page.addInitScript(
    ([all, filtered]) => {
      let next = 0;
      navigator.mediaDevices.getUserMedia = async () => {
        const context = new AudioContext();
        await context.resume();
        const samples = Float32Array.from(all[next++ % all.length] ?? [], (x) => x / 1e5);
        const buffer = context.createBuffer(1, samples.length, 16_000);
        buffer.copyToChannel(samples, 0);
        const source = context.createBufferSource();
        const out = context.createMediaStreamDestination();
        source.buffer = buffer;
        source.connect(out);
        source.start();
        const [track] = out.stream.getAudioTracks();
        if (track) track.getSettings = () => ({ noiseSuppression: filtered });
        return out.stream;
      };
    },
    [sounds, filters] as const,
  );
}

test('a real wheel and its mate are heard: the rougher one is named, and kept only where it is wanted', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await hears(page, ['outer', 'good']);
  await open(page, 'drill=wheel');
  await expect(page.getByText('Tried on made sounds only')).toBeVisible();
  await page.getByRole('button', { name: 'Listen, 5 seconds' }).first().click();
  await expect(page.getByText('Heard.')).toHaveCount(1);
  await page.getByRole('button', { name: 'Listen, 5 seconds' }).click();
  await expect(ended(page)).toContainText('1L sounds rougher than 1R');
  await expect(ended(page)).toContainText('above 2,000 Hz');
  await press(page, 'Keep these words in the Logbook');
  await expect(page.getByRole('button', { name: 'Kept in the Logbook' })).toBeVisible();
  await page.goto('/logbook');
  await expect(page.getByRole('button', { name: /Heard by microphone: 1L sounds rougher/ })).toBeVisible();
});

test('a microphone that is refused, silent, or filtered by the browser says so, and nothing is compared', async ({
  page,
}) => {
  await page.addInitScript(() => {
    navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('no', 'NotAllowedError'));
  });
  await open(page, 'drill=wheel');
  await page.getByRole('button', { name: 'Listen, 5 seconds' }).first().click();
  await expect(alertOf(page)).toContainText('told not to let Yardline hear');
  await hears(page, ['good'], true);
  await open(page, 'drill=wheel');
  await page.getByRole('button', { name: 'Listen, 5 seconds' }).first().click();
  await expect(alertOf(page)).toContainText('will not switch off its noise filter');
  await page.addInitScript(() => {
    navigator.mediaDevices.getUserMedia = async () => {
      const context = new AudioContext();
      await context.resume();
      return context.createMediaStreamDestination().stream;
    };
  });
  await open(page, 'drill=wheel');
  await page.getByRole('button', { name: 'Listen, 5 seconds' }).first().click();
  await expect(alertOf(page)).toContainText('Nothing was heard');
});
