import { expect } from '@playwright/test';
import { find, figure, FORMULA, openFormula, toForecast, toShell } from './kitchen';
import { test } from './warm';

test('the empty shell is forecast, and its advice is a tap away', async ({ page }) => {
  await openFormula(page, FORMULA.milkPie);
  await toShell(page);
  await expect(page.getByTestId('blind-sentence')).toHaveText(/The walls stand up by themselves/);
  await expect(page.getByTestId('shell-place')).toHaveText(/\d+ min in the oven/);
  await page.getByTestId('shell-scrubber').fill('0');
  await expect(page.getByTestId('base-water')).toHaveText(/^[12]\d %, not crisp yet$/);
  await page.getByTestId('blind-minutes-0').fill('3');
  await expect(page.getByTestId('risk-slumps')).toContainText('Leave the weights in');
  await page.getByTestId('take-advice').click();
  await expect(page.getByTestId('risk-slumps')).toHaveCount(0);
  expect(await figure(page.getByTestId('advised'))).toBeGreaterThan(5);
  await page.getByTestId('blind-set-0').fill('999');
  await expect(page.getByText(/^Bake a shell between 100.°C and 280.°C\.$/).first()).toBeVisible();
  await page.reload();
  await toShell(page);
  await expect(page.getByTestId('blind-set-0')).toHaveValue('999');
});

test('schools differ: pricked without weights, or whole and puffing', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await toShell(page);
  await page.getByTestId('blind-school').selectOption('Docked, no weights');
  await expect(page.getByTestId('blind-sentence')).toBeVisible();
  // Common practice: never prick under a poured custard.
  await expect(page.getByText(/A poured custard runs through the holes/)).toBeVisible();
  await page.getByRole('radio', { name: 'Whole' }).click();
  await expect(page.getByTestId('risk-puffs')).toContainText('Dock it or weigh it down');
  await page.getByTestId('rest-min').fill('0');
  await expect(page.getByTestId('risk-shrinks')).toContainText('Rest the lined tin');
});

test('a base stays crisp longer sealed, and a raw one is told its fate', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await toShell(page);
  await page.getByTestId('soggy').click();
  const says = page.getByTestId('soggy-says');
  await expect(says).toHaveText(/^The base is crisp for/);
  const plain = await says.innerText();
  await page.getByRole('radio', { name: 'Chocolate' }).click();
  await expect(says).not.toHaveText(plain);
  await page.getByRole('radio', { name: 'Filled raw' }).click();
  await expect(page.getByTestId('raw-base')).toContainText(/The base|the base/);
  await toForecast(page);
  await expect(page.getByTestId('forecast-sentence')).toBeVisible();
});

test('a tart that no oven sets still has its shell forecast: tin and oven are chosen where they are missed', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New formula' }).first().click();
  await page.getByRole('radio', { name: 'Bench' }).click();
  await (await find(page, 'kind-picker')).selectOption('curd');
  await toShell(page);
  await expect(page.getByText('Choose a tin to see the shell’s forecast.')).toBeVisible();
  await page.getByTestId('blind-missing').selectOption({ label: 'Fluted tin 28 cm' });
  await expect(page.getByText('Choose an oven to see the shell’s forecast.')).toBeVisible();
  await page.getByTestId('blind-missing').selectOption({ label: 'Deck oven' });
  await expect(page.getByTestId('blind-sentence')).toHaveText(/The walls stand up by themselves/);
  await expect(page.getByTestId('blind-missing')).toHaveCount(0);
  // One step back, and the oven is missed again.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('blind-missing')).toBeVisible();
});
