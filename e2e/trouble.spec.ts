import { expect } from '@playwright/test';
import type { StoredDay } from '@hollow-moon/contract';
import { randomUUID } from 'node:crypto';
import { newDay } from './day';
import {
  find,
  FORMULA,
  KITCHEN_API,
  open,
  openFormula,
  slideTo,
  toBench,
  toForecast,
} from './kitchen';
import { test } from './warm';

test('bad input is named at its place and stays as typed', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  const amount = await find(page, 'amount-0');
  await amount.fill('-5');
  await expect(page.getByTestId('line-0')).toContainText('An amount can’t be negative.');
  await amount.fill('lots');
  await expect(page.getByTestId('line-0')).toContainText('“lots” cannot be read here');
  await expect(amount).toHaveValue('lots');
  await amount.fill('999999');
  await expect(page.getByTestId('line-0')).toContainText('more than 100 kg');
  await amount.fill('512,5');
  await expect(page.getByTestId('line-0').getByRole('alert')).toHaveCount(0);
  await page.getByTestId('shell-thickness').fill('25');
  await expect(
    page.getByTestId('bench').getByText(/Roll the shell between 1\smm and 8\smm/),
  ).toBeVisible();
  await page.getByTestId('shell-thickness').fill('3');
  await page.getByTestId('headspace').fill('40');
  await expect(page.getByTestId('bench').getByText(/leaves no filling/)).toBeVisible();
  await page.getByTestId('headspace').fill('3');
  await toForecast(page);
  await (await find(page, 'oven-exact')).fill('70');
  await expect(page.getByTestId('forecast-problem')).toHaveText(/This oven would reach 61\s°C/);
  await (await find(page, 'oven-exact')).fill('140');
  await expect(page.getByTestId('forecast-sentence')).toBeVisible();
});

test('a formula changed elsewhere shows both sides, and the cook chooses', async ({
  page,
  request,
}) => {
  const address = `${KITCHEN_API}/formulas/${FORMULA.buckwheat}`;
  await openFormula(page, FORMULA.buckwheat);
  await toBench(page);
  await (await find(page, 'amount-3')).fill('95');
  const { version, data } = await (await request.get(address)).json();
  const elsewhere = { ...data, note: 'Changed on the other phone.', headspaceMm: 9 };
  await request.put(address, { data: { writeId: randomUUID(), version, data: elsewhere } });
  await page.getByTestId('save').click();
  await expect(page.getByTestId('stale')).toBeVisible();
  // The gap to the rim is 8 mm here and 9 there; what is the same on both sides is not shown.
  await expect(page.getByRole('row')).toHaveText([
    /^YoursSaved$/,
    /^Caster sugar95.g, \d+(\.\d)? %104.g, \d+(\.\d)? %$/,
    /^Gap to the rim8.mm9.mm$/,
    /^Note.*Changed on the other phone\.$/,
  ]);
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  const now = await (await request.get(address)).json();
  expect(now).toMatchObject({ version: version + 2, data: { headspaceMm: 8 } });
  expect(now.data.lines[3].amount).toBe(95);
});

test('a day changed on two devices has what both have changed; where that is the same, both sides are shown on its plan until the cook chooses', async ({
  page,
  request,
}) => {
  await newDay(page);
  const address = `${KITCHEN_API}/days/${new URL(page.url()).pathname.split('/').at(-1)!}`;
  const kept = async () => (await (await request.get(address)).json()) as StoredDay;
  await expect.poll(async () => (await request.get(address)).ok()).toBe(true);
  /** Something is changed here while the line is down, and something else meanwhile on another device. */
  const atOnce = async (here: readonly [string, string], there: Partial<StoredDay['data']>) => {
    const { version, data } = await kept();
    await page.route('**/api/**', (route) =>
      route.request().method() === 'PUT' ? route.abort() : route.continue(),
    );
    await page.getByTestId(here[0]).fill(here[1]);
    await expect(page.getByTestId('waiting-for-book')).toBeVisible();
    const elsewhere = { writeId: randomUUID(), version, data: { ...data, ...there } };
    expect((await request.put(address, { data: elsewhere })).ok()).toBe(true);
    await page.unroute('**/api/**');
  };
  await page.getByTestId('hands').click();
  await atOnce(['rings', '5'], { fridgePlaces: 7 });
  await expect.poll(async () => (await kept()).data).toMatchObject({ rings: 5, fridgePlaces: 7 });
  await expect(page.getByTestId('fridge-places')).toHaveValue('7');
  await expect(page.getByTestId('refused-days')).toHaveCount(0);
  await atOnce(['rings', '6'], { rings: 2 });
  await expect(page.getByTestId('refused-days')).toContainText('changed on another device');
  await expect(page.getByTestId('rings')).toHaveValue('6');
  await page.getByTestId('mixers').fill('3');
  await expect(page.getByRole('row')).toHaveText(['YoursSaved', 'Rings62', 'Mixers31']);
  expect((await kept()).data).toMatchObject({ rings: 2, mixers: 1 });
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await expect.poll(async () => (await kept()).data).toMatchObject({ rings: 6, mixers: 3 });
  await expect(page.getByTestId('refused-days')).toHaveCount(0);
});

test('a book that cannot be reached is said so, nothing is lost, and it comes back', async ({
  page,
}) => {
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  await page.route('**/api/**', (route) =>
    route.fulfill({
      status: 503,
      json: { error: { code: 'database-away', message: 'The book is away just now.' } },
    }),
  );
  const before = await (await find(page, 'amount-0')).inputValue();
  await (await find(page, 'amount-0')).fill('505');
  await page.getByTestId('save').click();
  await expect(page.getByTestId('refused')).toHaveText(/cannot be reached just now/);
  await expect(await find(page, 'amount-0')).toHaveValue('505');
  await page.reload();
  await expect(page.getByText(/Is Hollow Moon running/)).toBeVisible();
  await expect(page.getByTestId('waiting-for-book')).toContainText(
    'A change is kept on this device',
  );
  await page.unroute('**/api/**');
  // The page asks by itself whether the book is back.
  await expect(page.getByRole('radio', { name: 'Bench' })).toBeVisible({ timeout: 20_000 });
  await toBench(page);
  // What waited goes into the book by itself.
  await expect(page.getByTestId('waiting-for-book')).toHaveCount(0, { timeout: 40_000 });
  await expect(await find(page, 'amount-0')).toHaveValue('505');
  await (await find(page, 'amount-0')).fill(before);
  await page.getByTestId('save').click();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
});

test('what is not there is said to be not there', async ({ page }) => {
  await page.goto('/formulas/00000000-0000-4000-8000-00000000dead');
  await expect(page.getByText('There is no such formula in this kitchen.')).toBeVisible();
  await page.goto('/log/00000000-0000-4000-8000-00000000dead');
  await expect(page.getByText('There is no such bake in this kitchen.')).toBeVisible();
  await page.goto('/no/such/place');
  await expect(page.getByText('There is nothing at this address.')).toBeVisible();
});

test('the kitchen keeps tins, ovens and its own facts, and refuses impossible ones', async ({
  page,
}) => {
  await page.goto('/kitchen');
  await open(page, 'tins');
  await page.getByRole('button', { name: 'Add a tin' }).click();
  await page.getByTestId('name').fill('Test ring 16 cm');
  await page.getByTestId('baseDiameterMm').fill('16');
  await page.getByTestId('topDiameterMm').fill('12');
  await page.getByTestId('keep-equipment').click();
  await expect(page.getByText('The top cannot be narrower than the base.')).toBeVisible();
  await page.getByTestId('topDiameterMm').fill('16');
  await page.getByTestId('heightMm').fill('4,5');
  // π × 8² × 4.5 = 904.8 mL.
  await expect(page.getByText('Holds 905 ml to the brim.')).toBeVisible();
  await page.getByTestId('keep-equipment').click();
  await expect(page.getByText('1 × Test ring 16 cm')).toBeVisible();

  await (await find(page, 'kitchen-altitude')).fill('1500');
  // Source: US Standard Atmosphere 1976 and IAPWS-IF97: 84.56 kPa, 95.0 °C.
  await expect(page.getByText(/^Water boils at 95\s°C here\.$/)).toBeVisible();
  await (await find(page, 'kitchen-altitude')).fill('40');
  // What energy costs is put into the book, and taken out of it again.
  for (const price of ['0.45', '', '0.3']) {
    await page.getByTestId('kwh-price').fill(price);
    await page.getByTestId('keep-kitchen').click();
    await expect(page.getByTestId('keep-kitchen')).toBeDisabled();
    await expect
      .poll(async () => (await (await page.request.get('/api/kitchens')).json())[0].data.kWhPrice)
      .toBe(price === '' ? null : Number(price));
  }
  await page.getByTestId('kwh-price').fill('-1');
  await expect(page.getByText('The price of energy must be between 0 and 100.')).toBeVisible();
  await page.getByTestId('kwh-price').fill('0.3');
  await open(page, 'this-device');
  await page.getByRole('radio', { name: '°F' }).click();
  await openFormula(page, FORMULA.bay);
  await expect(page.getByTestId('forecast-sentence')).toHaveText(/°F/);
  await page.reload();
  await expect(page.getByTestId('forecast-sentence')).toHaveText(/°F/);
  // By definition of the scales: 320 °F are 160 °C, and an oven 9 K cool really reaches 151 °C, which is 304 °F.
  await expect(await find(page, 'oven-exact')).toHaveValue('284');
  await (await find(page, 'oven-exact')).fill('320');
  await expect(page.getByText(/It runs 16\s°F cool, so it really reaches 304\s°F/)).toBeVisible();
  await expect(page.getByTestId('oven-slider')).toHaveValue('160');
  await (await find(page, 'oven-exact')).fill('900');
  await expect(page.getByText(/between \d+\s°F and \d+\s°F/).first()).toBeVisible();
  await expect(await find(page, 'oven-exact')).toHaveValue('900');
});

test('a slider that runs ends on the last value asked for', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  const slider = page.getByTestId('oven-slider');
  for (let setC = 141; setC <= 160; setC += 1) await slideTo(slider, setC);
  await expect(page.getByText(/it really reaches 151\s°C/)).toBeVisible();
  const settled = await page.getByTestId('forecast-sentence').innerText();
  await page.waitForTimeout(1500);
  const ran = await page.getByTestId('forecast-sentence').innerText();
  await page.reload();
  await expect(page.getByTestId('forecast-sentence')).toHaveText(ran);
  expect(settled).not.toBe('');
});
