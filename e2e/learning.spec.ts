/** What is read of a running bake moves its forecast: the clock, the window and what is said follow. */
import { expect, type Page } from '@playwright/test';
import { figure, find, FORMULA, open, openFormula, toShelf } from './kitchen';
import { test } from './warm';

async function begin(page: Page): Promise<void> {
  await page.clock.install();
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('bake-it').click();
  await expect(page.getByTestId('bake-says')).toHaveText(/^Look in \d+ min$/);
}

async function read(page: Page, celsius: number): Promise<void> {
  await (await find(page, 'reading')).fill(String(celsius));
  await (await find(page, 'add-reading')).click();
}

/** Minutes of the window as it is told: best, earliest, latest. */
async function windowTold(page: Page): Promise<number[]> {
  const text = await page.getByTestId('bake-window').innerText();
  return [...text.matchAll(/\d+/g)].slice(0, 3).map(([figure]) => Number(figure));
}

test('a slow oven is learnt from two readings, and the pull moves with it', async ({ page }) => {
  test.slow();
  await begin(page);
  const before = await windowTold(page);
  await page.clock.fastForward('15:00');
  const first = await figure(page.getByTestId('probe-now'));
  await read(page, first - 5);
  await expect(page.getByTestId('learnt')).toContainText(
    /Best at \d+\smin now, likely \d+ to \d+/,
    {
      timeout: 60_000,
    },
  );
  // The forecast goes through what was read, or nearly.
  await expect.poll(() => figure(page.getByTestId('probe-now'))).toBeLessThan(first - 2);
  await page.clock.fastForward('10:00');
  const second = await figure(page.getByTestId('probe-now'));
  await read(page, second - 2);
  await expect(page.getByTestId('learnt')).toContainText(
    /the oven gives about \d+\s°C less than it is set to/,
  );
  await expect.poll(async () => (await windowTold(page))[0]).toBeGreaterThan(before[0]! + 2);
  const [, low, high] = /likely (\d+) to (\d+)/.exec(await page.getByTestId('learnt').innerText())!;
  const [, best] = /Best at (\d+)\smin/.exec(await page.getByTestId('learnt').innerText())!;
  expect(Number(low)).toBeLessThanOrEqual(Number(best));
  expect(Number(high)).toBeGreaterThanOrEqual(Number(best));
  // The strip of another screen says the same.
  const says = (await page.getByTestId('bake-says').innerText()).replace(/\d+/, '');
  await toShelf(page);
  await page.getByRole('link', { name: 'Kitchen' }).click();
  const strip = page.getByTestId('running-strip');
  expect((await strip.innerText()).replaceAll(/\d+/g, '')).toContain(says);
  const [, looks] = /Look in (\d+)/.exec(await strip.innerText())!;
  expect(Number(looks)).toBeGreaterThan(before[1]! - 25 + 2);
  await strip.click();
  // Taken back, it is forecast as before.
  for (const _ of [1, 2])
    await page
      .getByRole('button', { name: /^Delete: Centre/ })
      .first()
      .click();
  await expect(page.getByTestId('learnt')).toHaveCount(0);
  await expect.poll(() => windowTold(page)).toEqual(before);
});

test('a reading in °F is asked about and not believed', async ({ page }) => {
  test.slow();
  await begin(page);
  await page.clock.fastForward('25:00');
  const foreseen = await figure(page.getByTestId('probe-now'));
  const before = await windowTold(page);
  await read(page, Math.round(1.8 * foreseen + 32));
  await expect(page.getByTestId('doubted')).toContainText('Was it read in °F?', {
    timeout: 60_000,
  });
  await expect(page.getByTestId('gap')).toHaveCount(0);
  expect(await windowTold(page)).toEqual(before);
});

test('an oven is corrected from the record by what was read, and put back', async ({ page }) => {
  test.slow();
  await begin(page);
  await page.clock.fastForward('15:00');
  await read(page, (await figure(page.getByTestId('probe-now'))) - 6);
  await page.clock.fastForward('12:00');
  await read(page, (await figure(page.getByTestId('probe-now'))) - 6);
  await expect(page.getByTestId('learnt')).toContainText(/the oven gives about/, {
    timeout: 60_000,
  });
  await page.getByTestId('pull-it').click();
  await page.getByTestId('into-log').click();
  await open(page, 'record-oven');
  const says = page.getByTestId('oven-read');
  await expect(says).toContainText(/cooler than its dial, give or take \d+\s°C\.$/, {
    timeout: 60_000,
  });
  const [, to] = /is (\d+)\s°C cooler/.exec(await says.innerText())!;
  const kitchen = page.getByTestId('oven-in-the-kitchen');
  const before = await kitchen.innerText();
  await page.getByTestId('correct-oven').click();
  await expect(kitchen).toHaveText(
    new RegExp(`^Forecasts now take .* as ${to}\\s°C cooler than its dial\\.$`),
  );
  await expect(page.getByTestId('correct-oven')).toBeFocused();
  await page.getByTestId('correct-oven').click();
  await expect(kitchen).toHaveText(before);
});
