/** @jest-environment ./src/testing/environment.cjs */
import { ANY_TRAILER, brakeDrill, cardsFor, faultDrill, NO_PROGRESS, orderDrill } from '@/core/practice';
import { HOUSE_DEFAULT } from '@/core/rules';
import { brakeFaultWords } from '@/text/practice';
import { causeWords, stepWords } from '@/text';
import { starOrder } from '@/core/figures';
import { alertOf, demo, DRIFTWOOD, setUp, test, type TestPage } from '@/testing';

const ended = (page: TestPage) => page.getByRole('status', { name: 'How it ended' });
const open = async (page: TestPage, query: string) => {
  await page.goto(`/practice?${query}`);
  await expect(page.getByRole('link', { name: 'All practice' })).toBeVisible();
};
const press = async (page: TestPage, name: string | RegExp, times = 1) => {
  for (let i = 0; i < times; i++)
    await page.getByRole('button', { name, exact: typeof name === 'string' }).click();
};

test('spin and listen: graded by the trace alone, right and wrong, with a good one beside', async ({
  page,
}) => {
  await page.addInitScript(() => Object.assign(window, { AudioContext: undefined }));
  await open(page, 'drill=listen&seed=3');
  await expect(page.getByRole('img', { name: /Loudness over 5 seconds/ })).toBeVisible();
  await press(page, 'Spin it');
  await expect(page.getByText('This device plays no sound here. Go by the trace.')).toBeVisible();
  await page.getByRole('radio', { name: 'Free and even' }).click();
  await press(page, 'That is my grade');
  await expect(ended(page)).toContainText('It was a damaged roller');
  await expect(ended(page)).toContainText('Rough, hesitates or clicks: due.');
  await expect(ended(page).getByRole('img', { name: /A good hub/ })).toBeVisible();
  await open(page, 'drill=listen&seed=3');
  await page.getByRole('radio', { name: 'Rough, hesitates or clicks' }).click();
  await press(page, 'That is my grade');
  await expect(ended(page)).toContainText('That is it');
});

test('put it in order: what breaks is told at its step; in the card’s own order nothing does', async ({
  page,
}) => {
  const drill = orderDrill(ANY_TRAILER, HOUSE_DEFAULT, 6);
  if (!drill) throw new Error('a usual trailer has work to order');
  await open(page, 'drill=order&seed=6');
  const steps = page.getByRole('list', { name: 'Steps in your order' });
  await expect(steps.getByRole('listitem')).toHaveCount(8);
  await press(page, 'Work it in this order');
  await expect(ended(page)).toContainText('It does not hold');
  await expect(page.getByText('Safe would be:')).toBeVisible();
  await open(page, 'drill=order&seed=6');
  const titleOf = (key: string) => {
    const step = drill.steps.find((one) => one.key === key);
    return step ? stepWords(step, ANY_TRAILER, drill.card, 'us').title : key;
  };
  const now = [...drill.start];
  for (const [to, { key }] of drill.steps.entries())
    while (now.indexOf(key) > to) {
      const at = now.indexOf(key);
      await page.getByRole('button', { name: `Earlier: ${titleOf(key)}`, exact: true }).click();
      now.splice(at, 1);
      now.splice(at - 1, 0, key);
    }
  await press(page, 'Work it in this order');
  await expect(ended(page)).toContainText('A safe order');
});

test('grade it: eight pictures right, then wrong; what was taken for what is kept, and told before the card', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  const cards = cardsFor(NO_PROGRESS, new Date().toISOString(), 4, ['seal']);
  const go = async (right: boolean) => {
    await open(page, 'drill=grade&seed=4&of=seal');
    for (let i = 0; i < cards.length; i++) {
      // Whatever is shown, its description says what there is to see.
      const label = (await page.getByRole('img', { name: /^Picture of/ }).getAttribute('aria-label')) ?? '';
      const weeping = label.includes('stands at the lip');
      const options = page.getByRole('radio');
      const at = [
        'Dry all the way around',
        'A dull, moist arc',
        'stands at the lip',
        'nicked or torn',
        'wound in behind',
        'reached the shoes',
      ].findIndex((words) => label.includes(words));
      await options.nth(weeping && !right ? 1 : Math.max(0, at)).click();
      await press(page, 'That is my grade');
      await expect(ended(page)).toContainText('One grade off');
      await press(page, /Next picture|See how it went/);
    }
  };
  await go(false);
  await expect(ended(page)).toContainText('5 of 6 as the book has it');
  await go(false);
  await page.goto('/practice');
  const taken = page.getByRole('region', { name: 'What you took for what' });
  await expect(taken).toContainText('Seal: “Weeping” taken for “Damp”, 2 times.');
  await page.goto('/bench?place=1L');
  await expect(page.getByRole('note', { name: 'From practice' })).toContainText(
    'you took “Weeping” for “Damp” two times',
  );
  for (let i = 0; i < 5; i++) await go(true);
  await expect(ended(page)).toContainText('6 of 6');
  await page.goto('/bench?place=1L');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByRole('note', { name: 'From practice' })).toHaveCount(0);
});

test('the star: in stages it holds, once round in one go it does not', async ({ page }) => {
  demo();
  await open(page, 'drill=star&seed=4');
  const nuts = page.getByRole('button', { name: /^Pull nut/ });
  await expect(nuts.first()).toBeVisible();
  const studs = (await nuts.count()) as 4 | 5 | 6 | 8;
  const pull = async (order: readonly number[]) => {
    for (const stud of order)
      await page.getByRole('button', { name: new RegExp(`^Pull nut ${stud}\\.`) }).press('Enter');
  };
  for (const stage of [0, 1, 2, 2]) {
    await page.getByRole('radiogroup', { name: 'Pulled to' }).getByRole('radio').nth(stage).click();
    await pull(starOrder(studs));
  }
  await press(page, 'Drive 10 mi and recheck');
  await expect(ended(page)).toContainText('It holds');
  await open(page, 'drill=star&seed=4');
  await page.getByRole('radio', { name: /full torque/ }).click();
  await pull([1, 2, 3]);
  await press(page, 'Drive 10 mi and recheck');
  await expect(ended(page)).toContainText('It does not hold');
  await expect(ended(page)).toContainText('loose by hand');
});

test('find the fault: tested and named, against the best expectation; a wrong name is told', async ({
  page,
}) => {
  const seed = Array.from({ length: 60 }, (_, i) => i + 1).find(
    (one) => one % 3 !== 0 && one % 4 !== 1 && faultDrill(ANY_TRAILER, 'shared', one).hidden.length === 1,
  );
  const drill = faultDrill(ANY_TRAILER, 'shared', seed ?? 1);
  const [hidden] = drill.hidden;
  if (!hidden) throw new Error('nothing is hidden');
  const nameOf = (fault: typeof hidden) => causeWords({ faults: [fault], sure: 1 }).name;
  const other = drill.choices.find(({ id, kind }) => id !== hidden.id && kind === 'crossed');
  await open(page, `drill=fault&seed=${seed}`);
  await page.getByRole('radio', { name: 'Brake', exact: true }).click();
  await expect(page.getByRole('list', { name: 'What the lamps do' })).toContainText(/Works|Out|Dim/);
  await page.getByRole('region', { name: 'Tests', exact: true }).getByRole('button').first().click();
  await expect(page.getByRole('region', { name: 'Tests made' })).toContainText('1 test made');
  await page.getByRole('checkbox', { name: nameOf(hidden), exact: true }).check();
  await press(page, 'That is what is wrong');
  await expect(ended(page)).toContainText('Found');
  await expect(ended(page)).toContainText('the best that is to be expected is');
  await open(page, `drill=fault&seed=${seed}`);
  await page.getByRole('checkbox', { name: other ? nameOf(other) : /crossed/ }).check();
  await press(page, 'That is what is wrong');
  await expect(ended(page)).toContainText('It was something else');
});

test('find the fault in the brakes: measured, named right and wrong', async ({ page }) => {
  const drill = brakeDrill(ANY_TRAILER, 5);
  if (!drill) throw new Error('a usual trailer has electric brakes');
  const wrong = drill.choices.find((fault) => brakeFaultWords(fault) !== brakeFaultWords(drill.hidden));
  for (const [fault, said] of [
    [drill.hidden, 'Found'],
    [wrong ?? drill.hidden, 'It was something else'],
  ] as const) {
    await open(page, 'drill=fault&seed=5');
    await page.getByRole('button', { name: /measure the current at the battery/ }).click();
    await expect(page.getByRole('region', { name: 'Tests made' })).toContainText(/\d A/);
    await page.getByRole('radio', { name: brakeFaultWords(fault), exact: true }).click();
    await press(page, 'That is what is wrong');
    await expect(ended(page)).toContainText(said);
  }
});

test('the session on a lamp that fails is about lamps, whatever its seed', async ({ page }) => {
  await open(page, 'drill=fault&session=no-brake-light&seed=5');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No brake light');
  await expect(page.getByRole('list', { name: 'What the lamps do' })).toBeVisible();
});

test('the first course: a session is done, the next begins from its own moment', async ({ page }) => {
  await page.goto('/practice');
  const course = page.getByRole('region', { name: 'First course' });
  await expect(course).toContainText('1 of 9');
  await expect(course).toContainText('Before you tow it home');
  await course.getByRole('link', { name: 'Begin' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Before you tow it home');
  await page.getByRole('button', { name: /^Pull nut 1/ }).press('Enter');
  await press(page, 'Drive 10 mi and recheck');
  await page.getByRole('link', { name: 'Enough for now' }).click();
  await expect(course).toContainText('2 of 9');
  await expect(course).toContainText('Its tires');
});

/** The nut, turned by keys: forward is tighter. */
const turn = async (page: TestPage, key: 'PageUp' | 'PageDown' | 'ArrowRight', times: number) => {
  await page.getByRole('slider', { name: 'Spindle nut' }).focus();
  for (let i = 0; i < times; i++) await page.keyboard.press(key);
};

test('set the nut: seated while turning and backed to the first slot it runs cool; left at the wrench it burns', async ({
  page,
}) => {
  await setUp(page, DRIFTWOOD);
  await page.getByRole('link', { name: 'Practice' }).first().click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Can you judge it?');
  await page.getByRole('link', { name: /How tight is the spindle nut/ }).click();
  await open(page, 'drill=nut&seed=5');
  const hub = page.getByRole('combobox', { name: 'The hub' });
  await expect(hub).toContainText('Your 1L: 14 threads/in, 6 slots, two holes');
  await hub.selectOption({ label: 'Another: 18 threads/in, 6 slots, one hole' });
  await hub.selectOption({ label: 'Your 1L: 14 threads/in, 6 slots, two holes' });
  await press(page, 'Pin in');
  await expect(alertOf(page)).toContainText('No slot stands at the hole');
  await page.getByRole('radio', { name: 'Wrench' }).click();
  await press(page, 'Turn the hub with the other hand');
  await turn(page, 'PageUp', 10);
  await turn(page, 'ArrowRight', 8);
  await expect(page.getByText('Hard against the bearings')).toBeVisible();
  await press(page, 'Spin it');
  await expect(page.getByText(/Held back/)).toBeVisible();
  await page.getByRole('radio', { name: 'Fingers' }).click();
  await press(page, 'Loosen');
  await expect(alertOf(page)).toContainText('Take the wrench');
  await page.getByRole('radio', { name: 'Wrench' }).click();
  await press(page, 'The hub turns: stop it');
  await turn(page, 'PageDown', 3);
  await press(page, 'Rock it');
  await expect(page.getByText(/the tire moves/)).toBeVisible();
  await page.getByRole('radio', { name: 'Fingers' }).click();
  await turn(page, 'PageUp', 6);
  await expect(page.getByText('Finger-tight', { exact: true })).toBeVisible();
  await press(page, 'Back to the next slot');
  await press(page, 'Pin in');
  await expect(ended(page)).toContainText('It will run cool');
  await expect(ended(page)).toContainText('Seated while turning');
  await expect(ended(page).getByRole('img')).toHaveAttribute('aria-label', /Seat, back a quarter turn/);
  await press(page, 'Once more, another one');
  await expect(ended(page)).toHaveCount(0);

  // The wrong end: never turned, and left as the wrench leaves it.
  await open(page, 'drill=nut&seed=5');
  await page.getByRole('radio', { name: 'Wrench' }).click();
  await turn(page, 'PageUp', 12);
  await press(page, 'Back to the next slot');
  await press(page, 'Pin in');
  await expect(ended(page)).toContainText('The rollers were never seated');
  await page.goto('/practice');
  await expect(page.getByRole('link', { name: /How tight is the spindle nut/ })).toContainText('of 2 right');
});
