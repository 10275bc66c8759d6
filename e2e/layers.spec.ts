import { expect } from '@playwright/test';
import { figure, FORMULA, openFormula, slideTo, toBench, toForecast } from './kitchen';
import { test } from './warm';

test('the oven is turned down on a sign, and the minute it is forecast at is told', async ({
  page,
}) => {
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('oven-steps').click();
  await page.getByTestId('add-step').click();
  await page.getByTestId('step-when-0').selectOption('rim-set');
  await expect(page.getByTestId('step-at-0')).toHaveCount(0);
  const foreseen = page.getByTestId('sign-foreseen-0');
  await expect(foreseen).toHaveText(/^forecast at \d+ min$/);
  const before = await figure(foreseen);
  // Poured colder, the rim sets later.
  await slideTo(page.getByTestId('start-slider'), 5);
  await expect.poll(() => figure(foreseen)).toBeGreaterThan(before + 3);
  await page.getByTestId('bake-it').click();
  await expect(page.getByTestId('to-do')).toHaveText(
    /^In about \d+ min, when the rim has set: turn the oven to \d+\s°C$/,
  );
});

test('a shell is topped up in the oven: the section shows the lower level first', async ({
  page,
}) => {
  await openFormula(page, FORMULA.bay);
  const best = page.getByTestId('pull-best');
  const plain = await figure(best);
  await page.getByTestId('oven-steps').click();
  await page.getByRole('radio', { name: 'Topped up in the oven' }).click();
  await expect.poll(() => figure(best)).not.toBe(plain);
  const drawnHeight = () =>
    page
      .getByRole('img', { name: /^Cut through the middle/ })
      .locator('path')
      .last()
      .evaluate((path: SVGPathElement) => path.getBBox().height);
  await slideTo(page.getByTestId('scrubber'), 300);
  const low = await drawnHeight();
  await slideTo(page.getByTestId('scrubber'), 1500);
  await expect.poll(drawnHeight).toBeGreaterThan(1.2 * low);
  await page.getByTestId('top-up-share').fill('5');
  await expect(page.getByTestId('forecast-problem')).toContainText('Pour 30 to 95 %');
  await expect(page.getByTestId('top-up-share')).toHaveValue('5');
});

test('what lies under and over the filling is drawn, and a raw layer that stays raw is told', async ({
  page,
}) => {
  await openFormula(page, FORMULA.greengage);
  await expect(page.getByTestId('layers-named')).toHaveText(
    /^Greengages \d+\smm, filling \d+\smm$/,
  );
  await expect(page.getByTestId('layer-outcome')).toContainText('Greengages, under it');
  await openFormula(page, FORMULA.plum);
  await expect(page.getByTestId('layers-named')).toHaveText(/, Plum halves \d+\smm$/);
  await expect(page.getByTestId('scrub-rim')).toHaveText(/^shell’s rim \w+$/);
  // Taken off the oven, the plums no longer weigh on the bake.
  await toBench(page);
  await page.getByTestId('open-part-1').click();
  await page.getByRole('checkbox', { name: 'In the oven with the filling' }).click();
  await toForecast(page);
  await expect(page.getByTestId('layers-named')).toHaveCount(0);
  // A nut cream laid raw under a custard does not set at a custard's end.
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  await page.getByTestId('open-part-1').click();
  await page.getByTestId('part-kind').selectOption('nut-cream');
  await page.getByTestId('part-each').fill('250');
  await page.getByRole('checkbox', { name: 'Goes in raw' }).click();
  for (const line of ['100 g butter', '100 g ground almonds', '100 g sugar', '2 eggs']) {
    await page.getByTestId('quick-1').fill(line);
    await page.getByTestId('quick-1').press('Enter');
  }
  await toForecast(page);
  await expect(page.getByTestId('layer-outcome')).toContainText('sets at');
});
