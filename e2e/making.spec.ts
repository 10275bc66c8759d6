import { expect } from '@playwright/test';
import { find, FORMULA, openFormula, toBench } from './kitchen';
import { test } from './warm';

test('a tart that no oven sets is made part by part, read in its pan, judged and logged', async ({
  page,
}) => {
  await page.clock.install();
  await openFormula(page, FORMULA.bergamot);
  await page.getByTestId('make-it').click();
  await expect(page.getByTestId('bake-says')).toHaveText('Next: Shell');
  await page.getByRole('button', { name: 'Start: Shell' }).click();
  await page.clock.fastForward('01:02:03');
  await expect(page.getByTestId('part-shell').getByRole('timer')).toHaveText(/^1:02:0\d$/);
  await page.getByRole('button', { name: 'Done: Shell' }).click();
  await page.getByRole('button', { name: 'Start: Cooking' }).click();
  await expect(page.getByTestId('bake-says')).toHaveText('Cooking now.');
  await (await find(page, 'reading')).fill('80');
  await (await find(page, 'add-reading')).click();
  await expect(page.getByText(/^In the pan 80\s°C$/)).toBeVisible();
  // It outlives a reload.
  await page.reload();
  await expect(page.getByTestId('bake-says')).toHaveText('Cooking now.');
  await page.getByTestId('pull-it').click();
  await page.getByRole('radio', { name: 'Good' }).click();
  await page.getByTestId('into-log').click();
  await expect(page.getByTestId('record-result')).toContainText('Good');
});

test('a start by mistake is taken back at once', async ({ page }) => {
  await openFormula(page, FORMULA.bergamot);
  await page.getByTestId('make-it').click();
  await page.getByTestId('cancel-start').click();
  await expect(page.getByTestId('bake-away')).toBeVisible();
  await expect(page.getByTestId('running-strip')).toHaveCount(0);
});

test('a reading far under the forecast moves the window, and is never answered with a pull', async ({
  page,
}) => {
  await page.clock.install();
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('bake-it').click();
  await page.clock.fastForward('55:00');
  await expect(page.getByTestId('bake-says')).toHaveText('Past the window. Pull it');
  await (await find(page, 'reading')).fill('50');
  await (await find(page, 'add-reading')).click();
  await expect(page.getByTestId('gap')).toContainText(/under the forecast\. It needs longer/);
  await expect(page.getByTestId('bake-says')).toHaveText(/^Look in \d+ min$/);
  // Left in the oven, the middle is foreseen to go on warming.
  await expect(page.getByTestId('probe-now')).toHaveCount(1);
  await page.getByRole('button', { name: /^Delete: Centre 50/ }).click();
  await expect(page.getByTestId('gap')).toHaveCount(0);
  await page.getByTestId('cancel-start').waitFor({ state: 'detached' });
});

test('two bakes of one formula are told apart on every screen', async ({ page }) => {
  for (const _ of [1, 2]) {
    await openFormula(page, FORMULA.bergamot);
    await page.getByTestId('make-it').click();
    await expect(page.getByTestId('bake-says')).toBeVisible();
  }
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  const strips = page.getByTestId('running-strip');
  await expect(strips).toHaveCount(2);
  await expect(strips.first()).toContainText(/Tart tin 24 cm, since \d\d:\d\d/);
});
