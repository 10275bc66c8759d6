/** What is wanted every week, and what is in hand for it. */
import { expect, type Locator } from '@playwright/test';
import { verdict, newDay, want } from './day';
import { open, plannedNight } from './kitchen';
import { test } from './warm';

test('a standing order is planned again for a week later', async ({ page }) => {
  await newDay(page);
  await want(page, 'Landing milk pie', '07:00');
  await expect(verdict(page)).toContainText('It is ready in time');
  await page.getByTestId('day-named').click();
  const before = new Date(await page.getByTestId('day-date').inputValue());
  const address = page.url();
  await page.getByTestId('again-day').click();
  await expect(page).not.toHaveURL(address);
  await expect(verdict(page)).toContainText('It is ready in time');
  const after = new Date(await page.getByTestId('day-date').inputValue());
  expect(after.getTime() - before.getTime()).toBe(7 * 24 * 3600 * 1000);
});

test('what is in hand is counted, and what is still to be bought is told in packs', async ({
  page,
}) => {
  await plannedNight(page, 'Bay-leaf set custard tart');
  await open(page, 'day-fetch');
  const butter = page.getByTestId('buy-butter');
  const told = async (of: Locator) => (await of.innerText()).replaceAll('\u00a0', ' ');
  // Priced by the packet in the demonstration, which is how it is bought.
  await expect(butter).toHaveText(/^Buy \d+ × /);
  const eggs = Number(/\d+/.exec(await page.getByTestId('day-eggs').innerText())![0]);
  await page.getByTestId('count-in-hand').click();
  await page.getByTestId('in-hand-butter').fill('9000');
  await expect(butter).toHaveText(/9000\sg in hand\. Enough in hand\.$/);
  await page.getByTestId('eggs-in-hand').fill('2');
  expect(await told(page.getByTestId('eggs-to-buy'))).toBe(
    `2 in hand: buy ${eggs - 2 === 1 ? 'one egg' : `${eggs - 2} eggs`}.`,
  );
  await expect(page.getByTestId('day-cost')).toContainText(/costs about/);
  // It is in the day, and still there tomorrow.
  await page.getByTestId('count-in-hand').click();
  await expect(page.getByTestId('eggs-in-hand')).toHaveCount(0);
  await page.reload();
  await open(page, 'day-fetch');
  await expect(butter).toHaveText(/9000\sg in hand\. Enough in hand\.$/);
});

test('a standing order is kept by weekday, and a day takes it over by one tap', async ({
  page,
}) => {
  // A Tuesday evening: the day that is planned next is a Wednesday.
  await page.clock.install({ time: new Date('2026-12-15T18:00:00') });
  await page.goto('/plan');
  await open(page, 'orders');
  const orders = page
    .getByRole('list')
    .filter({ has: page.locator('[data-testid^="open-order-"]') });
  await expect(orders).toContainText(/11:30\s*Fig and ricotta.*\s*every day.*for Meadow tea room/);
  await page.getByTestId('add-order').selectOption({ label: 'Landing milk pie' });
  const row = orders.getByRole('listitem').filter({ hasText: 'Landing milk pie' });
  await expect(row).toContainText('Tue');
  await row.getByLabel('Tins').fill('3');
  await row.getByLabel('Ready by').fill('07:15');
  await row.getByLabel('For whom').fill('the school');
  await row.getByRole('checkbox', { name: 'Wed' }).click();
  await row.getByRole('checkbox', { name: 'Tue' }).click();
  // The last day stays, and it is said why.
  await row.getByRole('checkbox', { name: 'Wed' }).click();
  await expect(row).toContainText('Choose at least one day of the week.');
  await expect(row).toContainText(/07:15\s*Landing milk pie\s*Wed · 3 tins, for the school/);

  await page.getByTestId('new-day').click();
  await page.getByRole('button', { name: 'Add Wednesday’s 2 standing orders' }).click();
  await expect(page.getByTestId('add-standing')).toHaveCount(0);
  await expect(page.locator('[data-testid^="open-wanted-"]')).toHaveText([
    /^07:15\s*Landing milk pie\s*3 tins, for the school$/,
    /^11:30\s*Fig and ricotta baked cheese tart\s*one tin, for Meadow tea room$/,
  ]);
  await page.getByTestId('undo-day').click();
  await expect(page.getByTestId('add-standing')).toBeVisible();
  // On another day of the week there is one of them.
  await open(page, 'day-named');
  await page.getByTestId('day-date').fill('2026-12-17');
  await expect(page.getByTestId('add-standing')).toHaveText('Add Thursday’s standing order');
  // A bake of this day is wanted on its day of every week from now on, besides the days it stood for.
  await page.getByTestId('day-date').fill('2026-12-16');
  await page.getByTestId('add-standing').click();
  const pie = page.locator('[data-testid^="open-wanted-"]').first();
  await pie.click();
  await expect(page.getByText('It stands for every Wednesday.')).toBeVisible();
  await page.getByTestId('day-date').fill('2026-12-17');
  await page.getByRole('button', { name: 'Want it every Thursday' }).click();
  await expect(page.getByText('It stands for every Thursday.')).toBeVisible();

  await page.goto('/plan');
  await open(page, 'orders');
  await expect(row).toContainText(
    /07:15\s*Landing milk pie\s*Wed and Thu · 3 tins, for the school/,
  );
  await row
    .getByRole('button', { name: /Landing milk pie/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Remove Landing milk pie' }).click();
  await expect(page.getByTestId('order-removed')).toContainText('no longer a standing order');
  await page.getByTestId('order-back').click();
  await expect(row).toBeVisible();
  await row.getByRole('button', { name: 'Remove Landing milk pie' }).click();
  await expect(row).toHaveCount(0);
});
