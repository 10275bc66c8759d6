/** What goes wrong on the way, what is done about it, and the forecast and the record that follow. */
import { expect, type Page } from '@playwright/test';
import { FORMULA, KITCHEN_API, openFormula, WIDE } from './kitchen';
import { test } from './warm';

async function begin(page: Page, formula: string): Promise<void> {
  await page.clock.install();
  await openFormula(page, formula);
  await page.getByTestId('bake-it').click();
  await expect(page.getByTestId('bake-kept')).toHaveText('Saved');
}

/** The minute that is best, as the window tells it. */
const bestOf = async (page: Page): Promise<number> =>
  Number(/Pull at (\d+)/.exec(await page.getByTestId('bake-window').innerText())![1]);

test('a top that browns gets its foil: what that changes is told before, and comes true', async ({
  page,
}) => {
  await begin(page, FORMULA.bay);
  const before = await bestOf(page);
  await page.clock.fastForward('12:00');
  await page.getByTestId('something-wrong').click();
  await page.getByTestId('trouble-browns-early').click();
  await expect(page.getByText(/^Lay a sheet of foil loosely over it/)).toBeVisible();
  const effect = page.getByTestId('effect-foil');
  await expect(effect).toHaveText(/^Then it is best at \d+\smin, \d+\smin later\./);
  const [, best, by] = /best at (\d+)\smin, (\d+)/.exec(await effect.innerText())!;
  expect(Number(best)).toBe(before + Number(by));
  await expect(page.getByTestId('effect-oven')).toContainText('Then it is best at');
  await page.getByTestId('move-foil').click();
  await expect(page.getByTestId('something-wrong')).toBeFocused();
  await expect.poll(() => bestOf(page)).toBe(Number(best));

  // It is noted, survives a reload, and the other move is still there but not the foil.
  await page.reload();
  const notes = page.getByRole('listitem');
  await expect(notes.filter({ hasText: 'The top browns, the middle still swims' })).toBeVisible();
  await expect(notes.filter({ hasText: 'Foil laid over' })).toBeVisible();
  await expect.poll(() => bestOf(page)).toBe(Number(best));
  await page.getByTestId('something-wrong').click();
  await page.getByTestId('trouble-browns-early').click();
  await expect(page.getByTestId('effect-oven')).toContainText('Then it is best at');
  await expect(page.getByTestId('effect-foil')).toHaveCount(0);
  await page.keyboard.press('Escape');

  // Taken back, it is forecast as before.
  await page.getByRole('button', { name: 'Delete: Foil laid over' }).click();
  await expect.poll(() => bestOf(page)).toBe(before);
});

test('an oven that went cold puts the pull back, and the record says when', async ({ page }) => {
  await begin(page, FORMULA.bay);
  const before = await bestOf(page);
  await page.clock.fastForward('20:00');
  await page.getByTestId('something-wrong').click();
  await page.getByTestId('trouble-oven-fell').click();
  await page.getByTestId('fell-to').fill('20');
  await expect(page.getByTestId('fell-keep')).toBeDisabled();
  await page.getByTestId('fell-to').fill('90');
  await page.getByRole('radio', { name: '20 min' }).click();
  await page.getByTestId('fell-keep').click();
  await expect.poll(() => bestOf(page)).toBeGreaterThan(before + 1);
  const address = `${KITCHEN_API}/bakes/${new URL(page.url()).pathname.split('/').at(-1)}`;
  await expect
    .poll(async () =>
      (await (await page.request.get(address)).json()).deeds
        .map(({ kind, celsius = 0 }: { kind: string; celsius?: number }) => `${kind} ${celsius}`)
        .sort(),
    )
    .toEqual(['oven 140', 'oven 90', 'trouble 0']);
  // The record keeps what was foreseen when it was begun, and what was believed at the pull.
  const believed = await bestOf(page);
  await page.clock.fastForward('20:00');
  await page.getByTestId('pull-it').click();
  await expect(page.getByTestId('bake-kept')).toHaveText('Saved');
  await page.getByTestId('into-log').click();
  await expect(page.getByTestId('record-believed')).toContainText(`it was best at ${believed}`);
  await expect(page.getByRole('row', { name: /^Pulled at/ })).toContainText(/30 to 43/);
  await page.getByTestId('record-curves').click();
  await expect(page.getByTestId('believed-key')).toBeVisible();
});

test('doors, turns and what is taken out are a tap each, also a little later', async ({ page }) => {
  await begin(page, FORMULA.buckwheat);
  await page.clock.fastForward('08:00');
  await page.getByTestId('pad-oven').click();
  await page.getByRole('radio', { name: '5 min ago' }).click();
  await page.getByTestId('door-180').click();
  await expect(page.getByTestId('pad-oven')).toBeFocused();
  const row = page.getByRole('listitem').filter({ hasText: 'Door open for 3 min' });
  await expect(row).toContainText(/^3\smin/);
  await page.getByTestId('pad-oven').click();
  await page.getByTestId('deed-out').click();
  await page.getByTestId('pad-oven').click();
  await expect(page.getByTestId('left-in')).toHaveText(/^\d+ of \d+ are still in the oven\.$/);
  const [, left, all] = /(\d+) of (\d+)/.exec(await page.getByTestId('left-in').innerText())!;
  expect(Number(left)).toBe(Number(all) - 1);
  await page.getByTestId('deed-oven').fill('900');
  await expect(page.getByTestId('deed-oven-keep')).toBeDisabled();
  await page.getByTestId('deed-oven').fill('150');
  await page.getByTestId('deed-oven-keep').click();
  await expect(page.getByText('Oven set to 150\u00a0°C')).toBeVisible();
  // Logged, it is in the record, minute by minute.
  await page.getByTestId('pull-it').click();
  await page.getByTestId('into-log').click();
  await page.getByTestId('record-deeds').click();
  await expect(page.getByTestId('bake-record').getByText('Oven set to 150\u00a0°C')).toBeVisible();
});

test('a planned step is said to be made when it is, and the forecast has it then', async ({
  page,
}) => {
  await page.clock.install();
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('oven-steps').click();
  await page.getByTestId('add-step').click();
  await page.getByTestId('bake-it').click();
  const made = page.getByTestId('step-made');
  await expect(made).toHaveText(/^It is set to \d+\s°C$/);
  const before = await bestOf(page);
  await page.clock.fastForward('03:00');
  await made.click();
  await expect(made).toHaveCount(0);
  await expect(page.getByTestId('to-do')).toHaveCount(0);
  await expect.poll(() => bestOf(page)).toBeGreaterThan(before);
});

test('at the stove the troubles are those of the stove', async ({ page }) => {
  await openFormula(page, FORMULA.bergamot);
  await page.getByTestId('make-it').click();
  await page.getByTestId('something-wrong').click();
  await expect(page.getByTestId('trouble-browns-early')).toHaveCount(0);
  await page.getByTestId('trouble-grainy').click();
  await expect(page.getByText(/^Take it off the heat, pour it into a cold bowl/)).toBeVisible();
  await page.getByTestId('note-trouble').click();
  await expect(page.getByRole('listitem').filter({ hasText: 'It has gone grainy' })).toBeVisible();
});

test('on a wide screen help stands beside the clock', async ({ page }) => {
  await page.setViewportSize(WIDE);
  await begin(page, FORMULA.bay);
  await page.getByTestId('something-wrong').click();
  await page.getByTestId('trouble-simmers').click();
  await expect(page.getByTestId('effect-oven')).toContainText('Then it is best at');
  await page.getByTestId('all-troubles').click();
  await expect(page.getByTestId('trouble-simmers')).toBeFocused();
  await expect(page.getByTestId('reading')).toBeVisible();
});
