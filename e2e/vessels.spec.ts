/** Several vessels in one oven: each can be read, has its own best, is called for, and is taken out by its number. */
import { expect, type Page } from '@playwright/test';
import { figure, FORMULA, KITCHEN_API, open, openFormula, toBench } from './kitchen';
import { test } from './warm';

/** A bake of the demonstration’s tart in two tins. */
async function beginTwo(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(globalThis, { said });
    speechSynthesis.speak = ({ text }) => void said.push(text);
  });
  await page.clock.install();
  await page.goto('/kitchen');
  await open(page, 'this-device');
  await page.getByTestId('aloud').click();
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  await open(page, 'tin');
  await page.getByLabel('How many').fill('2');
  await page.getByRole('button', { name: 'Scale to the tins' }).click();
  await page.getByTestId('side-forecast').click();
  await page.getByTestId('bake-it').click();
  await expect(page.getByTestId('bake-kept')).toHaveText('Saved');
}

/** The probe reads so much in one of them; the sheet of the phone stands over the rest while it is noted. */
async function readIn(page: Page, no: number, celsius: number): Promise<void> {
  await page.getByTestId('pad-reading').click();
  await page.getByTestId('reading-which').selectOption({ label: `No.\u00a0${no}` });
  await page.getByTestId('reading').fill(String(celsius));
  await page.getByTestId('add-reading').click();
  await page.keyboard.press('Escape');
}

const rowOf = (page: Page, no: number) => page.getByTestId(`vessel-${no}`);
const bestOf = async (page: Page, no: number): Promise<number> =>
  Number(/Best at (\d+)/.exec(await rowOf(page, no).innerText())![1]);

test('of two tarts the one at the hot back is best first, is called for, and comes out by itself', async ({
  page,
}) => {
  test.slow();
  await beginTwo(page);
  await page.clock.fastForward('20:00');
  const now = await figure(page.getByTestId('probe-now'));
  await readIn(page, 1, now + 3);
  await readIn(page, 2, now - 3);
  await expect(rowOf(page, 2)).toHaveText(/Best at \d+\sminlikely \d+ to \d+/, {
    timeout: 60_000,
  });
  const learnt = await page.getByTestId('learnt').innerText();
  const [first, second] = [await bestOf(page, 1), await bestOf(page, 2)];
  expect(second - first).toBeGreaterThanOrEqual(2);
  await expect(page.getByText(/^No\.\s1: Centre /)).toBeVisible();

  // It is kept with the bake, and stands there after a reload.
  const id = new URL(page.url()).pathname.split('/').at(-1)!;
  const inBook = async () =>
    (await (await page.request.get(`${KITCHEN_API}/bakes/${id}`)).json()) as {
      readings: { vesselNo?: number }[];
      deeds: { kind: string; vesselNo?: number }[];
    };
  await expect
    .poll(async () => (await inBook()).readings.map(({ vesselNo }) => vesselNo).sort())
    .toEqual([1, 2]);
  await page.reload();
  await expect.poll(() => bestOf(page, 1), { timeout: 60_000 }).toBe(first);

  // Out at its minute; the other one goes on and is what the forecast is of.
  await page.clock.fastForward((first - 20) * 60_000);
  const said = () =>
    page.evaluate(() => (globalThis as unknown as { said: readonly string[] }).said.at(-1));
  await expect.poll(said).toBe('Bay-leaf set custard tart, No.\u00a01: take it out now.');
  await expect(rowOf(page, 1)).toContainText('At its best: take it out');
  await page.getByTestId('out-1').click();
  await expect(rowOf(page, 1)).toHaveText(new RegExp(`Out at ${first}\\smin`));
  // What is left is all that the forecast is of.
  await expect(rowOf(page, 2)).toHaveCount(0);
  const [batch] = /\d+/.exec(learnt)!;
  await expect
    .poll(async () => Math.abs((await figure(page.getByTestId('bake-window'))) - second))
    .toBeLessThanOrEqual(1);
  expect(second).toBeGreaterThan(Number(batch));
  await expect
    .poll(async () => (await inBook()).deeds)
    .toMatchObject([{ kind: 'out', vesselNo: 1 }]);
  await page.getByTestId('pull-it').click();
  await page.getByTestId('into-log').click();
  await page.getByTestId('record-deeds').click();
  await expect(page.getByTestId('bake-record').getByText('No.\u00a01 taken out')).toBeVisible();
});
