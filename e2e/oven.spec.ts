import { expect } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { figure, FORMULA, openFormula, toBench, WIDE, open } from './kitchen';
import { test } from './warm';

test('where there is no window, one tap opens one, and can be taken back', async ({ page }) => {
  await openFormula(page, FORMULA.buckwheat);
  await expect(page.getByTestId('no-window')).toContainText('the rim curdles');
  await expect(page.getByTestId('remedies').getByRole('listitem')).not.toHaveCount(0);
  await page.getByTestId('remedy-starch').click();
  await expect(page.getByTestId('forecast-sentence')).toHaveText(/^Pull at \d+ min/);
  await toBench(page);
  await expect(page.getByText('Cornflour').first()).toBeAttached();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('radio', { name: 'Forecast' }).click();
  await expect(page.getByTestId('no-window')).toBeVisible();
  await page.getByTestId('remedy-bath').click();
  await open(page, 'conditions');
  await expect(page.getByRole('radio', { name: 'Water bath' })).toBeChecked();
  await expect(page.getByTestId('forecast-sentence')).toBeVisible();
});

test('the oven is turned down, opened and not hot yet, and the forecast follows', async ({
  page,
}) => {
  await openFormula(page, FORMULA.bay);
  await expect(page.getByTestId('scrub-air')).toHaveText('oven 131 °C');
  const best = () => figure(page.getByTestId('pull-best'));
  const plain = await best();
  await page.getByTestId('oven-steps').click();
  await page.getByTestId('add-step').click();
  await page.getByTestId('step-at-0').fill('5');
  await page.getByTestId('step-to-0').fill('180');
  await expect.poll(best).toBeLessThan(plain - 3);
  const hotter = await best();
  await page.getByTestId('step-to-0').fill('700');
  await expect(page.getByText(/Set each step between 50.°C and 300.°C/).first()).toBeVisible();
  await page.getByTestId('step-to-0').fill('180');
  await page.getByRole('radio', { name: 'Not yet' }).click();
  await expect.poll(best).toBeGreaterThan(hotter + 3);
  await page.getByTestId('enters-at').fill('999');
  await expect(
    page.getByText(/^Enter how hot the oven is when it goes in, between/).first(),
  ).toBeVisible();
  await page.reload();
  // Nothing of it is lost: the fold is as it was left, and shut it says what is done.
  await expect(page.getByTestId('step-to-0')).toHaveValue('180');
  await page.getByTestId('oven-steps').click();
  await expect(page.getByTestId('oven-steps')).toContainText('180 °C from 5 min');
});

test('cooling is held against the published limits', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('after-the-pull').click();
  await expect(page.getByTestId('cooling-verdict')).toContainText(
    'does not get below 21 °C within 2 h',
  );
  await page.getByTestId('add-place').click();
  await expect(page.getByTestId('cooling-verdict')).toHaveText(
    /^It cools in time: from 57 to 21\s°C in/,
  );
  await page.getByTestId('out-place-0').selectOption('ice-bath');
  await expect(page.getByTestId('forecast-sentence')).toContainText('in iced water');
  await expect(page.getByTestId('freezing')).toHaveCount(0);
  await page.getByTestId('out-place-1').selectOption('freezer');
  await expect(page.getByTestId('freezing')).toContainText(
    /^Its edge starts to freeze after .+, at -1\s°C; it is frozen through after/,
  );
  await page.getByTestId('out-at-1').fill('0');
  await expect(page.getByText(/Put the places where it cools in order/).first()).toBeVisible();
});

test('two hundred bakes say how sure the window is, and what it hangs on', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('how-sure').click();
  await page.getByTestId('run-spread').click();
  await expect(page.getByTestId('spread')).toBeVisible({ timeout: 30_000 });
  await open(page, 'temperatures');
  await expect(page.getByTestId('curve-band')).toBeVisible();
  const first = await figure(page.getByTestId('spread-first'));
  expect(first).toBeLessThanOrEqual(await figure(page.getByTestId('pull-earliest')));
  await expect(page.getByTestId('matters').getByRole('listitem')).toHaveCount(4);
  await page.getByTestId('unsure-ovenK').fill('0,5');
  await expect(page.getByTestId('spread')).toHaveCount(0);
  await page.getByTestId('run-spread').click();
  await expect(page.getByTestId('spread')).toBeVisible({ timeout: 30_000 });
  expect(await figure(page.getByTestId('spread-first'))).toBeGreaterThanOrEqual(first);
  await page.getByTestId('unsure-ovenK').fill('-1');
  await expect(page.getByTestId('run-spread')).toBeDisabled();
});

test('ways of baking are held against each other', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('compare').click();
  await page.getByTestId('compare-with').selectOption('hot');
  // Common practice: filled hot it is done sooner.
  await expect(page.getByTestId('compared')).toContainText(/\d+ min earlier/);
  await page.getByTestId('compare-now').click();
  await expect(page.getByTestId('compared')).toContainText('as it was');
  await expect(page.getByTestId('compared')).toContainText('as quick');
  await page.getByTestId('oven-slider').fill('160');
  await expect(page.getByTestId('compared')).toContainText(/as it was\s*\d+ min later/);
  await page.getByRole('button', { name: 'Remove as it was' }).click();
  await expect(page.getByTestId('compared').getByRole('listitem')).toHaveCount(1);
});

test('a probe’s record is laid over the forecast', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('probe-record').click();
  const openRecord = (text: string) =>
    page
      .getByTestId('probe-file')
      .setInputFiles({ name: 'probe.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await openRecord('this is no record');
  await expect(page.getByTestId('probe-problem')).toContainText('a time and a temperature');
  await openRecord('Uhrzeit;Kern °F\n03:10:00;122,0\n03:20:00;143,6\n03:40:00;170,6\n');
  await expect(page.getByTestId('probe-time')).toHaveValue('clock');
  await expect(page.getByTestId('probe-understood')).toContainText('3 readings');
  await expect(page.getByTestId('probe-apart')).toHaveText(
    /^On average the forecast is \d+\s°C off/,
  );
  await page.getByTestId('probe-start').fill('600');
  await expect(page.getByText(/^None of it falls within the forecast/)).toBeVisible();
});

test('a bake case from elsewhere is computed here', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('cases').click();
  const text = readFileSync(
    fileURLToPath(new URL('../docs/cases/pot-in-bath.json', import.meta.url)),
    'utf8',
  );
  const openCase = (json: string) =>
    page.getByTestId('case-file').setInputFiles({
      name: 'case.json',
      mimeType: 'application/json',
      buffer: Buffer.from(json),
    });
  await openCase(text.replace('"depthM"', '"deepM"'));
  await expect(page.getByTestId('case-problem')).toContainText('geometry');
  await openCase(text);
  await expect(page.getByTestId('case-result')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByTestId('case-result')).toContainText('hottest');
});

test('a stirred cream is followed on the stove, and too strong a heat is said so', async ({
  page,
}) => {
  await openFormula(page, FORMULA.malted);
  await open(page, 'stove');
  const says = page.getByTestId('stove-says');
  await expect(says).toHaveText(
    /^It thickens from \d+\smin\. Bubbles plop after \d+\smin; take it off at \d+\smin\.$/,
  );
  await page.getByTestId('stove-hold').fill('0');
  await expect(page.getByTestId('stove-enzyme')).toContainText('breaks down the starch by morning');
  await page.getByRole('radio', { name: 'Over water' }).click();
  await expect(page.getByTestId('stove-problem')).toContainText('Give it more heat');
  await page.getByTestId('stove-pan').fill('3');
  await expect(page.getByText('Enter a pan from 8 to 60 cm across.')).toBeVisible();

  await openFormula(page, FORMULA.bergamot);
  await open(page, 'stove');
  await expect(says).toHaveText(
    /^It coats a spoon after \d+\smin, at 77\s°C\. Take it off then, or after \d+\smin/,
  );
  await page.getByRole('radio', { name: 'Strong' }).click();
  await expect(says).toContainText('Use a gentler heat, or cook it over water');
});

test('a stirred cream is cold in time in a tray, and not in a bowl', async ({ page }) => {
  await openFormula(page, FORMULA.malted);
  await page.getByTestId('cream').click();
  await page.getByTestId('cream-mass').fill('2000');
  await expect(page.getByTestId('cream-depth')).toContainText(/stands \d+\smm deep/);
  await page.getByRole('radio', { name: 'Tray 40 × 30 cm' }).click();
  await expect(page.getByTestId('cooling-verdict')).toHaveText(/^It cools in time/);
  await page.getByRole('radio', { name: 'Bowl 22 cm' }).click();
  await expect(page.getByTestId('cooling-verdict')).toContainText(
    /Cool it faster|Put it in the fridge/,
  );
  await page.getByTestId('cream-mass').fill('100');
  await expect(page.getByTestId('cream-problem')).toContainText('smaller dish');
});

test('families that go by a sign have a forecast as well', async ({ page }) => {
  await openFormula(page, FORMULA.parsnip);
  await expect(page.getByTestId('forecast-sentence')).toHaveText(/^Pull at \d+ min/);
  await expect(page.getByTestId('scrub-probe')).toHaveText(/^(79|8\d)\s°C/);
  await openFormula(page, FORMULA.figs);
  await expect(page.getByTestId('scrub-probe')).toHaveText(/^6\d\s°C/);
});

test('at the stove the oven’s next step is told, and then the places it cools in', async ({
  page,
}) => {
  await openFormula(page, FORMULA.parsnip);
  await page.getByTestId('bake-it').click();
  await expect(page.getByTestId('to-do')).toHaveText(/^In 1[45] min: turn the oven to 170\s°C$/);
  await page.getByTestId('pull-it').click();
  await expect(page.getByTestId('to-do')).toHaveText('Now: put it on the rack');
});

test('on a wide screen list, instrument, curves and controls stand in one view', async ({
  page,
}) => {
  await page.setViewportSize(WIDE);
  await openFormula(page, FORMULA.bay);
  const box = async (id: string) => (await page.getByTestId(id).boundingBox())!;
  const shown = ['open-line-0', 'scrubber', 'pull-best', 'oven-slider', 'start-slider', 'bake-it'];
  for (const id of shown) {
    const { y, height } = await box(id);
    expect([id, y >= 0 && y + height <= WIDE.height]).toEqual([id, true]);
  }
  // The curves have the dial's own axis: their first and last minutes stand under each other.
  const [dial, curves] = await Promise.all(
    ['dial', 'curves'].map((id) =>
      page
        .getByTestId(id)
        .locator('svg text')
        .evaluateAll((texts) =>
          texts
            .filter((text) => /^(0 min|20|40|60)$/.test(text.textContent))
            .filter((text) => text.getAttribute('text-anchor') === 'middle')
            .map((text) => Math.round(text.getBoundingClientRect().x)),
        ),
    ),
  );
  expect(dial!.length).toBeGreaterThan(2);
  expect(curves).toEqual(dial);
});
