import { expect } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import {
  find,
  chooseIngredient,
  figure,
  FORMULA,
  KITCHEN_API,
  open,
  openFormula,
  slideTo,
  toBench,
  toForecast,
  WIDE,
} from './kitchen';
import { test } from './warm';

test('the list shows each formula with its moon and its one-line verdict', async ({ page }) => {
  await page.goto('/');
  const verdict = (id: string) => page.getByTestId(`verdict-${id}`);
  await expect(verdict(FORMULA.bay)).toHaveText(/^\d+\smin\d+ to \d+$/);
  await expect(verdict(FORMULA.milkPie)).toHaveText(/^\d+\smin/);
  await expect(verdict(FORMULA.buckwheat)).toHaveText(/^No window/);
  await expect(verdict(FORMULA.bergamot)).toHaveText(/done at 77 to 82/);
  await expect(page.getByRole('img', { name: /Set ring, wobbling centre/ }).first()).toBeVisible();
});

test('what is typed changes ratios and verdict at once, and is kept', async ({ page }) => {
  await openFormula(page, FORMULA.milkPie);
  await toBench(page);
  const sets = await figure(page.getByTestId('sets-at'));
  const ratio = await figure(await find(page, 'egg-to-liquid'));
  await (await find(page, 'amount-1')).fill('8');
  // Common practice: more egg to the liquid sets sooner and firmer.
  await expect
    .poll(async () => figure(await find(page, 'egg-to-liquid')))
    .toBeCloseTo((ratio * 8) / 5, 1);
  expect(await figure(page.getByTestId('sets-at'))).toBeLessThan(sets);
  await expect(page.getByTestId('save-state')).toHaveText('Not saved yet');

  // A reload loses nothing; undo still reaches back.
  await page.reload();
  await toBench(page);
  await expect(await find(page, 'amount-1')).toHaveValue('8');
  // From within the field as well, which keeps its other keys to itself.
  await expect(page.getByTestId('amount-1')).toBeFocused();
  await page.keyboard.press('Control+z');
  await expect(await find(page, 'amount-1')).toHaveValue('5');
  await page.keyboard.press('Control+Shift+z');
  await page.keyboard.press('Control+s');
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  const stored = await (
    await page.request.get(`${KITCHEN_API}/formulas/${FORMULA.milkPie}`)
  ).json();
  expect(stored.data.lines[1].amount).toBe(8);
  await (await find(page, 'amount-1')).fill('5');
  await page.getByTestId('save').click();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
});

test('lines are dragged into another order, by thumb and by keyboard, and undone', async ({
  page,
}) => {
  await openFormula(page, FORMULA.milkPie);
  await toBench(page);
  const names = () =>
    page
      .getByTestId(/^sort-\d+$/)
      .evaluateAll((rows) => rows.map((row) => row.textContent?.replace(/\d.*$/, '') ?? ''));
  await page.getByTestId('sort-').click();
  const first = page.getByTestId('handle-sort-0');
  await expect(first).toBeFocused();
  const before = await names();
  expect(before.length).toBeGreaterThan(3);
  const [from, to] = [await first.boundingBox(), await page.getByTestId('sort-2').boundingBox()];
  await page.mouse.move(from!.x + 24, from!.y + 24);
  await page.mouse.down();
  await page.mouse.move(from!.x + 24, to!.y + 20, { steps: 8 });
  await page.mouse.move(from!.x + 24, to!.y + 28, { steps: 4 });
  await page.mouse.up();
  const [a, b, c, ...rest] = before;
  await expect.poll(names).toEqual([b, c, a, ...rest]);
  // By keyboard, and told as it goes.
  await page.getByTestId('handle-sort-2').focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(`${a}, at place 3 of ${before.length}.`)).toBeAttached();
  await page.keyboard.press('ArrowUp');

  await expect(page.getByText(`${a}, at place 2 of ${before.length}.`)).toBeAttached();
  await page.keyboard.press('Space');
  await expect.poll(names).toEqual([b, a, c, ...rest]);
  await page.getByTestId('sorted-').click();
  await expect(page.getByTestId('sort-')).toBeFocused();
  await expect(page.getByTestId('open-line-1')).toContainText(a!);
  for (const _ of [1, 2]) await page.keyboard.press('Control+z');
  await expect(page.getByTestId('open-line-0')).toContainText(a!);
});

test('the tin changes masses, disc and depth, and the batch scales to it', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  const wanted = await figure(page.getByTestId('filling-wanted'));
  const disc = await figure(page.getByTestId('disc'));
  await page.getByTestId('tin-picker').selectOption({ label: 'Deep ring 20 cm' });
  // Worked by hand: 24 cm and 3 cm walls: 24 + 2 × 3 + 2 = 32; 20 cm and 5 cm walls: 20 + 10 + 2 = 32.
  expect(disc).toBe(32);
  expect(await figure(page.getByTestId('disc'))).toBe(32);
  // Less area but deeper: π 9.7² × 4.4 against π 11.7² × 2.4, 1301 to 1032 mL.
  await expect
    .poll(async () => (await figure(page.getByTestId('filling-wanted'))) / wanted)
    .toBeCloseTo(1301 / 1032, 2);
  await page.getByRole('button', { name: 'Scale to the tins' }).click();
  await expect(page.getByText('The batch fills the tins as wanted.')).toBeVisible();
  await open(page, 'eggs');
  await page.getByTestId('use-closest').click();
  await expect(await find(page, 'crack')).toHaveText(/^Crack \d+ eggs?.*left over\.$/);
});

test('a new formula goes from nothing to a forecast', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New formula' }).first().click();
  await expect(page.getByText('What will you make?')).toBeVisible();
  await toBench(page);
  await expect(page.getByText(/Nothing is on the list yet/)).toBeVisible();
  await (await find(page, 'formula-name')).fill('Ferry night custard');
  const lines: [string, string][] = [
    ['Whipping cream, 36 %', '600'],
    ['Egg yolk', '170'],
    ['Caster sugar', '90'],
  ];
  for (const [position, [name, amount]] of lines.entries()) {
    await page.getByRole('button', { name: 'Add a line' }).click();
    await chooseIngredient(page, `Line ${position + 1}, ingredient`, name);
    await (await find(page, `amount-${position}`)).fill(amount);
  }
  await page.getByTestId('tin-picker').selectOption({ label: 'Tart tin 24 cm' });
  await toForecast(page);
  await (await find(page, 'oven-picker')).selectOption({ label: 'Small fan oven' });
  await expect(page.getByTestId('outlook-verdict')).toHaveText(/^Pull at \d+ min/);
  await expect(page.getByTestId('bake-it')).toBeDisabled();
  await page.getByTestId('save').click();
  await expect(page.getByTestId('bake-it')).toBeEnabled();
  await page.goto('/');
  await expect(page.getByText('Ferry night custard')).toBeVisible();
});

test('a recipe is pasted in another language and forecast', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New formula' }).first().click();
  await toBench(page);
  await page.getByRole('button', { name: 'Paste a recipe' }).click();
  await page
    .getByTestId('paste-text')
    .fill('50 cl de crème liquide\n1,5 dl de lait\n7 jaunes\n90 g de sucre\nsel selon le goût');
  await expect(page.getByTestId('paste-language')).toHaveValue('fr');
  await page.getByTestId('paste-done').click();
  await expect(page.getByText('as written: 50 cl de crème liquide')).toBeVisible();
  // Seven EU M yolks are 124.7 g, to 500 mL of cream at 1.005 and 154.5 g of milk: 0.19.
  await expect.poll(async () => figure(await find(page, 'egg-to-liquid'))).toBeCloseTo(0.19, 2);
  await (await find(page, 'formula-name')).fill('Pasted custard');
  await page.getByTestId('save').click();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await page.reload();
  await toBench(page);
  await expect(page.getByText('as written: 1,5 dl de lait')).toBeVisible();
});

test('a formula goes out as a file and comes in again', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  const taken = async (ending: string) => {
    const download = page.waitForEvent('download');
    await (await find(page, `save-${ending}`)).click();
    const file = await download;
    expect(file.suggestedFilename()).toBe(`Bay-leaf-set-custard-tart.${ending}`);
    return file.path();
  };
  const [own, recipe] = [await taken('json'), await taken('jsonld')];
  // How long it takes goes with it: 37 min in the oven, which its forecast says, and its shell and its milk before that.
  const { cookTime, totalTime } = JSON.parse(await readFile(recipe, 'utf8')) as {
    readonly cookTime: string;
    readonly totalTime: string;
  };
  const minutes = (duration: string) => {
    const [, hours = '0', rest = '0'] = /^PT(?:(\d+)H)?(?:(\d+)M)?$/.exec(duration)!;
    return 60 * Number(hours) + Number(rest);
  };
  expect(minutes(cookTime)).toBeGreaterThan(37 + 15);
  expect(minutes(totalTime)).toBeGreaterThan(minutes(cookTime) + 60);

  await page.goto('/');
  await page.getByRole('button', { name: 'New formula' }).first().click();
  await toBench(page);
  await page.getByRole('button', { name: 'Paste a recipe' }).click();
  await page.getByTestId('open-file').setInputFiles({
    name: 'x.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"hollow-moon/formula","version":9}'),
  });
  await expect(page.getByTestId('file-problem')).toBeVisible();
  await page.getByTestId('open-file').setInputFiles(recipe);
  await expect(page.getByTestId('paste-text')).toHaveValue(/^Bay-leaf set custard tart\n/);
  await expect(page.getByTestId('paste-done')).toHaveText('Add 14 to the list');
  await page.getByTestId('paste-done').click();
  // Its shell is a shell again, by the attributes of its heading.
  await expect(await find(page, 'formula-name')).toHaveValue('Bay-leaf set custard tart');
  await expect(page.getByTestId('part-0')).toContainText('The shell · Sweet dough, rolled');
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: 'Paste a recipe' }).click();
  await page.getByTestId('open-file').setInputFiles(own);
  await expect(await find(page, 'formula-name')).toHaveValue('Bay-leaf set custard tart');
  await expect(await find(page, 'amount-0')).toHaveValue('515');
});

test('one scrubber drives moon, section and figures', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  const probe = () => figure(page.getByTestId('scrub-probe'));
  await slideTo(page.getByTestId('scrubber'), 0);
  await expect(page.getByTestId('scrub-minute')).toHaveText('0');
  await expect(page.getByTestId('scrub-place')).toHaveText('min in the oven');
  await expect(page.getByTestId('scrubber')).toHaveAttribute(
    'aria-valuetext',
    /^0 min in the oven: 50\s°C in the middle\. .*liquid/,
  );
  expect(await probe()).toBe(50);
  await expect(
    page.getByRole('img', { name: /From above, 0 min in the oven: .*liquid/ }),
  ).toBeVisible();
  await expect(
    page.getByRole('img', { name: /Cut through the middle, 0 min.*centre 50/ }),
  ).toBeVisible();
  await slideTo(page.getByTestId('scrubber'), 1500);
  expect(await probe()).toBeGreaterThan(65);
  await page.getByTestId('scrubber').focus();
  await page.keyboard.press('End');
  await expect(page.getByTestId('scrub-minute')).toHaveText('40');
  await expect(page.getByTestId('scrub-place')).toHaveText('min on the rack');
  // The history drawn is that of the pull that is chosen.
  await page.getByRole('radio', { name: /^Latest / }).click();
  const latest = await figure(page.getByTestId('pull-latest'));
  await expect(page.getByTestId('scrub-minute')).toHaveText(String(latest));
});

test('a hotter oven is foreseen to be quicker, a fan quicker still', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  const best = () => figure(page.getByTestId('pull-best'));
  const before = await best();
  await slideTo(page.getByTestId('oven-slider'), 150);
  await expect.poll(best).toBeLessThan(before);
  const hotter = await best();
  await open(page, 'conditions');
  await page.getByRole('radio', { name: 'Fan' }).click();
  await expect.poll(best).not.toBe(hotter);
  await slideTo(page.getByTestId('start-slider'), 20);
  // Common practice: a tart filled hot sets far sooner than one filled cold.
  await expect.poll(best).toBeGreaterThan(hotter);
});

test('on a wide screen list, bench and forecast stand side by side', async ({ page }) => {
  await page.setViewportSize(WIDE);
  await openFormula(page, FORMULA.bay);
  const boxes = await Promise.all(
    [
      page.getByTestId(`formula-${FORMULA.bay}`),
      page.getByTestId('bench'),
      page.getByTestId('forecast'),
    ].map((each) => each.boundingBox()),
  );
  const [list, bench, forecast] = boxes.map((box) => box!);
  expect(list!.x + list!.width).toBeLessThanOrEqual(bench!.x);
  expect(bench!.x + bench!.width).toBeLessThanOrEqual(forecast!.x + 1);
  // What is edited in one shows in the other.
  await (await find(page, 'amount-0')).fill('900');
  await expect(page.getByTestId('batch')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
});
