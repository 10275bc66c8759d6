/** What is written while the book is away, what is put away and brought back, and a log longer than a page. */
import { expect } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { find, FORMULA, KITCHEN_API, openFormula, toBench, open } from './kitchen';
import { test } from './warm';

test('a form that is filled in while the book is away is kept through a reload, and goes in by itself', async ({
  page,
}) => {
  await page.goto('/kitchen');
  await page.route('**/api/**', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await open(page, 'ovens');
  await page.getByRole('button', { name: 'Add an oven' }).click();
  await page.getByTestId('name').fill('Cellar oven');
  await page.getByTestId('offsetK').fill('-4');
  await page.getByTestId('keep-equipment').click();
  await expect(page.getByText('Cellar oven', { exact: true })).toBeVisible();
  await expect(page.getByTestId('waiting-for-book')).toContainText(
    'A change is kept on this device',
  );
  await page.reload();
  await expect(page.getByText('Cellar oven', { exact: true })).toBeVisible();
  const ovens = async () =>
    ((await (await page.request.get(`${KITCHEN_API}/ovens`)).json()) as { data: object }[]).map(
      ({ data }) => data,
    );
  const cellar = expect.objectContaining({ name: 'Cellar oven', offsetK: -4 });
  expect(await ovens()).not.toContainEqual(cellar);
  await page.unroute('**/api/**');
  await expect(page.getByTestId('waiting-for-book')).toHaveCount(0, { timeout: 40_000 });
  expect(await ovens()).toContainEqual(cellar);

  // Of no use after all: put away it is not offered, brought back it is.
  const oven = page.getByRole('button', { name: /^Cellar oven/ });
  await oven.click();
  await page.getByTestId('keep-equipment-away').click();
  await expect(oven).toHaveCount(0);
  await openFormula(page, FORMULA.figs);
  const offered = (await find(page, 'oven-picker')).locator('option', { hasText: 'Cellar oven' });
  await expect(offered).toHaveCount(0);
  await page.goto('/kitchen');
  await open(page, 'ovens');
  await page.getByRole('button', { name: 'Show 1 put away' }).click();
  await oven.click();
  await page.getByTestId('keep-equipment-away').click();
  await openFormula(page, FORMULA.figs);
  await expect(offered).toHaveCount(1);
});

test('a bake that was begun by mistake is put away, and can be brought back', async ({ page }) => {
  await openFormula(page, FORMULA.milkPie);
  await page.getByTestId('bake-it').click();
  await expect(page.getByTestId('bake-kept')).toHaveText('Saved');
  await (await find(page, 'reading')).fill('44');
  await (await find(page, 'add-reading')).click();
  await page.getByTestId('put-away').click();
  await expect(page.getByTestId('bake-away')).toBeVisible();
  const bake = new URL(page.url()).pathname;
  await page.getByRole('button', { name: 'To the log' }).click();
  await page.getByRole('link', { name: 'Formulas' }).click();
  await expect(page.getByTestId('formula-' + FORMULA.milkPie)).toBeVisible();
  await expect(page.getByTestId('running-strip')).toHaveCount(0);
  await page.goto('/log');
  await expect(page.getByTestId('log-list')).toBeVisible();
  await expect(page.getByTestId(`bake-${bake.split('/').at(-1)}`)).toHaveCount(0);
  await page.goto(bake);
  await page.getByTestId('bring-back').click();
  await expect(page.getByTestId('bake-clock')).toBeVisible();
  await expect(page.getByText('Centre 44 °C')).toBeVisible();
  // Out of the way of whoever comes next.
  await page.getByTestId('put-away').click();
  await expect(page.getByTestId('bake-kept')).toHaveText('Saved');
});

test('a log longer than a page shows the older bakes when asked', async ({ page, request }) => {
  const { bakes } = await (await request.get(`${KITCHEN_API}/bakes`)).json();
  const pattern = (await (await request.get(`${KITCHEN_API}/bakes/${bakes[0].id}`)).json()).data;
  const at = Date.parse('2026-01-05T03:00:00Z');
  for (let night = 0; night < 41; night += 1) {
    const startedAt = new Date(at + night * 86_400_000).toISOString();
    const data = { ...pattern, startedAt, pulledAt: null, result: null, note: 'Winter trials' };
    await request.put(`${KITCHEN_API}/bakes/${randomUUID()}`, {
      data: { writeId: randomUUID(), version: 0, data },
    });
  }
  await page.goto('/log');
  await (await find(page, 'log-search')).fill('winter trials');
  const rows = page.getByTestId('log-list').getByRole('listitem');
  // The search is asked a moment after the last key: until then the newest of all bakes stand here.
  await expect(rows.first()).toContainText('14 Feb');
  await expect(rows).toHaveCount(40);
  await page.getByTestId('log-older').click();
  await expect(rows).toHaveCount(41);
  await expect(page.getByTestId('log-older')).toHaveCount(0);
  await expect(rows.last()).toContainText('5 Jan');
});

test('a formula saved while the book is away is in it once it is back', async ({ page }) => {
  await openFormula(page, FORMULA.plum);
  await toBench(page);
  await page.route('**/api/**', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await (await find(page, 'amount-0')).fill('321');
  await page.getByTestId('save').click();
  await expect(page.getByTestId('refused')).toContainText('It is kept on this device meanwhile');
  await (await find(page, 'amount-1')).fill('123');
  await page.unroute('**/api/**');
  await expect(page.getByTestId('waiting-for-book')).toHaveCount(0, { timeout: 40_000 });
  // What was saved is in the book, what was typed since is not.
  await expect(page.getByTestId('save-state')).toHaveText('Not saved yet');
  await expect
    .poll(async () => {
      const answer = await page.request.get(`${KITCHEN_API}/formulas/${FORMULA.plum}`);
      return ((await answer.json()) as { data: { lines: { amount: number }[] } }).data.lines[0];
    })
    .toMatchObject({ amount: 321 });
  await page.getByTestId('save').click();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
});
