/** What a device keeps that is not in the book yet: two tabs, a storage that is full, one that is damaged. */
import { expect, type Download, type Page } from '@playwright/test';
import { find, FORMULA, openFormula, toBench } from './kitchen';
import { test } from './warm';

async function textOf(download: Download): Promise<string> {
  let text = '';
  for await (const chunk of await download.createReadStream()) text += String(chunk);
  return text;
}

test('two tabs at one formula and one bake see what the other does, and lose nothing', async ({
  page,
  context,
}) => {
  const other = await context.newPage();
  await openFormula(page, FORMULA.bergamot);
  await openFormula(other, FORMULA.bergamot);
  await toBench(other);
  await page.bringToFront();
  await toBench(page);
  await (await find(page, 'amount-0')).fill('111');
  await expect(await find(other, 'amount-0')).toHaveValue('111');
  await (await find(other, 'amount-1')).fill('222');
  await expect(await find(page, 'amount-1')).toHaveValue('222');
  await page.reload();
  await toBench(page);
  await expect(await find(page, 'amount-0')).toHaveValue('111');
  await expect(await find(page, 'amount-1')).toHaveValue('222');

  await openFormula(page, FORMULA.milkPie);
  await page.getByTestId('bake-it').click();
  await expect(page.getByTestId('bake-kept')).toHaveText('Saved');
  await other.goto(new URL(page.url()).pathname);
  const read = async (tab: Page, celsius: string) => {
    // A tab behind another is drawn once a second, and waited for as long.
    await tab.bringToFront();
    await (await find(tab, 'reading')).fill(celsius);
    await (await find(tab, 'add-reading')).click();
    await expect(tab.getByText(`Centre ${celsius} °C`)).toBeVisible();
  };
  await read(page, '41');
  await read(other, '42');
  await read(page, '43');
  for (const tab of [page, other]) {
    await tab.reload();
    for (const celsius of ['41', '42', '43']) {
      await expect(tab.getByText(`Centre ${celsius} °C`)).toBeVisible();
    }
    await expect(tab.getByTestId('bake-kept')).toHaveText('Saved');
  }
});

test('a device without room says so, and never that something is kept', async ({ page }) => {
  await page.addInitScript(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await openFormula(page, FORMULA.figs);
  await toBench(page);
  await (await find(page, 'amount-0')).fill('123');
  await expect(page.getByTestId('device-refuses')).toContainText('no room to keep');
  await page.route('**/api/**', (route) => route.abort());
  await page.getByTestId('save').click();
  await expect(page.getByTestId('refused')).toContainText('cannot be reached');
  await expect(page.getByTestId('refused')).not.toContainText('kept on this device');
  await page.unroute('**/api/**');
  await page.getByTestId('save').click();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
});

test('what is damaged is put aside, can be taken along, and the rest goes on', async ({ page }) => {
  const kept = `hollow-moon/drafts/${FORMULA.plum}`;
  await page.addInitScript((key) => {
    if (sessionStorage.getItem('done')) return;
    sessionStorage.setItem('done', 'yes');
    localStorage.setItem(key, '{"a":null}');
    localStorage.setItem('hollow-moon/bakes', '{"a":null}');
  }, kept);
  await openFormula(page, FORMULA.plum);
  await expect(page.getByTestId('device-aside')).toContainText('put aside');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download it' }).click();
  const entries = Object.entries(JSON.parse(await textOf(await download)) as object);
  expect(entries.find(([name]) => name.endsWith(FORMULA.plum))?.[1]).toEqual({ a: null });
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByTestId('device-aside')).toHaveCount(0);
  await page.reload();
  await expect(page.getByTestId('outlook-verdict')).toBeVisible();
  await expect(page.getByTestId('device-aside')).toHaveCount(0);
});

test('a screen that breaks has a way on and a way out that lose nothing', async ({ page }) => {
  // Sound in its shape and damaged deep inside, as no check of a shape can see.
  await page.addInitScript((id) => {
    if (sessionStorage.getItem('done')) return;
    sessionStorage.setItem('done', 'yes');
    const line = (ingredientId: string, amount: number) => ({
      ...{ id: ingredientId, ingredientId, amount },
      unit: 'g',
    });
    const data = {
      ...{ name: 'Broken', family: 'baked-custard', shell: 'none', shellThicknessMm: 0 },
      lines: [line('cream', 500), line('egg-yolk', 120), line('sugar', 80)],
      ...{ parts: [], note: '', vesselId: '00000000-0000-4000-8000-000300000001' },
      ...{ vesselCount: 1, headspaceMm: 3, ovenId: '00000000-0000-4000-8000-000200000001' },
      ...{ setC: 150, fillingStartC: 20, ovenUse: { steps: 7, out: 7 } },
    };
    const draft = { version: 1, data, past: [], future: [], editing: null, writeId: null };
    localStorage.setItem(
      `hollow-moon/drafts/${id}`,
      JSON.stringify({ ...draft, refused: null, stale: null }),
    );
  }, FORMULA.greengage);
  await page.goto(`/formulas/${FORMULA.greengage}`);
  await expect(page.getByTestId('failure')).toBeVisible();
  await page.getByTestId('start-afresh').click();
  await expect(page.getByText('Lantern Row')).toBeVisible();
  await expect(page.getByTestId('device-aside')).toBeVisible();
  await openFormula(page, FORMULA.greengage);
  await expect(page.getByTestId('failure')).toHaveCount(0);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download it' }).click();
  expect(await textOf(await download)).toContain('"Broken"');
});
