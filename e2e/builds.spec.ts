import { expect, type Page } from '@playwright/test';
import {
  find,
  chooseIngredient,
  figure,
  FORMULA,
  openFormula,
  toBench,
  open,
  toShelf,
} from './kitchen';
import { test } from './warm';

/** A formula of its own for a test, so that none disturbs another. */
async function begin(page: Page, name: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New formula' }).first().click();
  await toBench(page);
  await (await find(page, 'formula-name')).fill(name);
}

const keep = async (page: Page) => {
  await page.getByTestId('save').click();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
};

test('a whole recipe is pasted, its headings become components, and it comes back as kept', async ({
  page,
}) => {
  await begin(page, 'Pasted tart');
  await page.getByRole('button', { name: 'Paste a recipe' }).click();
  await page
    .getByTestId('paste-text')
    .fill(
      [
        '400 g whipping cream',
        '5 yolks',
        '80 g sugar',
        '',
        'For the dough:',
        '250 g flour',
        '125 g butter',
        '90 g icing sugar',
        '1 egg',
        '',
        'Swiss meringue:',
        '100 g egg whites',
        '180 g sugar',
      ].join('\n'),
    );
  await expect(page.getByTestId('read-3')).toContainText('250 g flour');
  await page.getByTestId('paste-done').click();
  await page.getByTestId('tin-picker').selectOption({ label: 'Tart tin 24 cm' });
  await expect(page.getByTestId('part-0')).toContainText('The shell · Sweet dough, rolled');
  // Worked by hand: a 32 cm disc at 3 mm is 290 g of a batch of 517 g.
  await expect(page.getByTestId('part-0')).toContainText('290 of 517 g used');
  await expect(page.getByTestId('part-1')).toContainText('Over the filling · Meringue, Swiss');
  await expect(
    page.getByRole('img', {
      name: 'Cut through, from the base up: For the dough, then Baked custard, then Swiss meringue',
    }),
  ).toBeVisible();
  // Five yolks and one egg are six eggs; 100 g of white is 2.96 of the five whites left.
  await page.getByTestId('fetch').click();
  await expect(page.getByTestId('eggs-to-crack')).toHaveText('Eggs to crack: 6.');
  await expect(page.getByTestId('by-products')).toContainText('Left over: 2 whites');
  await expect(page.getByTestId('by-products')).toContainText('trimmings of For the dough');
  await keep(page);
  await page.reload();
  await toBench(page);
  await expect(page.getByTestId('part-0')).toContainText('290 of 517 g used');
  await page.getByTestId('open-part-1').click();
  await expect(await find(page, 'amount-1.0')).toHaveValue('100');
});

test('a line is typed and on the list with Enter; what is unclear is asked and stays', async ({
  page,
}) => {
  await begin(page, 'Typed tart');
  const quick = page.getByTestId('quick');
  for (const line of ['1/2 l milk', '4 eggs', '3 tbsp sugar, sieved']) {
    await quick.fill(line);
    await quick.press('Enter');
    await expect(quick).toHaveValue('');
  }
  await expect(await find(page, 'amount-1')).toHaveValue('4');
  await expect(page.getByTestId('line-2')).toContainText('as written: 3 tbsp sugar, sieved');
  await quick.fill('8 oz maple syrup');
  await quick.press('Enter');
  await expect(page.getByText(/by weight or in a measuring jug\?/)).toBeVisible();
  await expect(quick).toHaveValue('8 oz maple syrup');
  await quick.fill('200 g moonlight');
  await quick.press('Enter');
  await expect(page.getByText('Which ingredient is it?')).toBeVisible();
});

test('part of a line is kept back, and something else is used in its place', async ({ page }) => {
  await begin(page, 'Swapped tart');
  const quick = page.getByTestId('quick');
  await quick.fill('500 g milk');
  await quick.press('Enter');
  await (await find(page, 'open-more-0')).click();
  await page.getByTestId('held-0').fill('60');
  await page.getByTestId('name-instead-0').click();
  await chooseIngredient(page, 'Line 1, instead, ingredient', 'Oat drink');
  await page.getByTestId('amount-instead-0').fill('480');
  await page.getByTestId('swap-0').click();
  await expect(await find(page, 'amount-0')).toHaveValue('480');
  await expect(page.getByLabel('Line 1, ingredient', { exact: true })).toHaveValue('Oat drink');
  await page.keyboard.press('Control+z');
  await expect(await find(page, 'amount-0')).toHaveValue('500');
  await (await find(page, 'open-more-0')).click();
  await expect(page.getByTestId('line-0')).toContainText('hold back 60 g');
});

test('what does not hold together in a pasted text is said, and put right with a tap', async ({
  page,
}) => {
  await begin(page, 'Slips');
  await page.getByRole('button', { name: 'Paste a recipe' }).click();
  await page.getByTestId('paste-text').fill('500 g milk\nbake at 185 °C (380 °F)');
  await expect(page.getByTestId('slip')).toContainText('185 °C is 365 °F, not 380 °F.');
  await page.getByRole('button', { name: /Change it to/ }).click();
  await expect(page.getByTestId('paste-text')).toHaveValue('500 g milk\nbake at 185 °C (365 °F)');
  await expect(page.getByTestId('slip')).toHaveCount(0);
});

test('a build scales to portions and to what is in hand', async ({ page }) => {
  await openFormula(page, FORMULA.passionFruit);
  await toBench(page);
  await (await find(page, 'wanted-portions')).fill('12');
  await (await find(page, 'scale-portions')).click();
  await expect(await find(page, 'amount-1')).toHaveValue('10');
  await page.getByTestId('open-part-1').click();
  await expect(await find(page, 'amount-1.0')).toHaveValue('8');
  await page.getByTestId('in-hand-line').selectOption({ label: 'Egg yolk' });
  await page.getByTestId('in-hand').fill('3');
  await page.getByTestId('scale-in-hand').click();
  // Three of the ten yolks: 123 g of juice of 410.
  await expect(await find(page, 'amount-0')).toHaveValue('123');
  await (await find(page, 'wanted-portions')).fill('0');
  await (await find(page, 'scale-portions')).click();
  await expect(page.getByText(/a whole number from 1 to 5000/)).toBeVisible();
});

test('dough in hand says how many tins it lines, and what cannot be had of it', async ({
  page,
}) => {
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  await page.getByTestId('dough-in-hand').fill('600');
  await expect(page.getByTestId('dough-gives')).toHaveText(/^Lines 2, with 21\sg left over\.$/);
  await page.getByTestId('dough-in-hand').fill('180');
  // Worked by hand: 180 g over 32 cm is 1.9 mm; 3 mm takes 290 g.
  await expect(page.getByTestId('dough-gives')).toContainText(
    '1.9 mm thick. For 3 mm you need 290 g',
  );
});

test('a price changes what a portion costs, and an own ingredient joins the list', async ({
  page,
}) => {
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  const before = await figure(await find(page, 'cost-portion'));
  expect(before).toBeGreaterThan(0.2);
  await toShelf(page);
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await (await find(page, 'find-pantry')).fill('whipping');
  await (await find(page, 'pantry-cream')).click();
  await page.getByTestId('pantry-price').fill('15,2');
  await page.getByTestId('keep-pantry').click();
  await expect(await find(page, 'pantry-cream')).toContainText('15.20');
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  // Ten more a litre for 500 g at 0.99 g/ml, 98 % of it in eight portions: 0.63 more each.
  await expect
    .poll(async () => (await figure(await find(page, 'cost-portion'))) - before)
    .toBeCloseTo(0.63, 1);

  await page.goto('/kitchen');
  await (await find(page, 'add-pantry')).click();
  await page.getByRole('radio', { name: 'Our own' }).click();
  await page.getByTestId('own-name').fill('Ferry cream 50 %');
  await page.getByTestId('own-fat').fill('90');
  await page.getByTestId('keep-pantry').click();
  await expect(page.getByText(/add up to more than 100 g/)).toBeVisible();
  await page.getByTestId('own-fat').fill('50');
  await page.getByTestId('own-water').fill('45');
  await page.getByTestId('keep-pantry').click();
  await expect(page.getByTestId('keep-pantry')).toHaveCount(0);
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  const sets = await figure(page.getByTestId('sets-at'));
  await open(page, 'open-line-0');
  await chooseIngredient(page, 'Line 1, ingredient', 'Ferry cream 50 %');
  await expect(page.getByTestId('line-0')).toBeVisible();
  expect(await figure(page.getByTestId('sets-at'))).toBeGreaterThan(60);
  expect(sets).toBeGreaterThan(60);
});

test('a formula’s past is kept with its reasons, compared, and taken back', async ({ page }) => {
  await begin(page, 'Past tart');
  const quick = page.getByTestId('quick');
  for (const line of ['400 g whipping cream', '100 g egg yolk', '60 g sugar']) {
    await quick.fill(line);
    await quick.press('Enter');
  }
  await keep(page);
  await (await find(page, 'amount-2')).fill('80');
  await page.getByTestId('why').fill('Guests found it bland');
  await keep(page);
  await page.getByTestId('versions').click();
  await expect(page.getByText('Not baked yet.')).toBeVisible();
  await expect(page.getByTestId('compare-left').locator('option')).toContainText([
    'On the bench now',
    /^2: .*Guests found it bland$/,
    /^1: /,
  ]);
  // 60 of 560 g is 11 %, 80 of 580 g 14 %.
  const differences = page.getByTestId('differences');
  await expect(differences).toContainText('≠ Caster sugar');
  await expect(differences).toContainText('60 g, 11 %');
  await expect(differences).toContainText('80 g, 14 %');
  await expect(differences).not.toContainText('Oven');
  await page.getByTestId('take-back').click();
  await expect(await find(page, 'amount-2')).toHaveValue('60');
});

test('last time’s bake is told where the formula is', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await toBench(page);
  await page.getByTestId('versions').click();
  await expect(page.getByTestId('last-time')).toHaveText(/^Last time, .*°C in the deck oven/);
});

test('formulas are copied, put away, brought back and found', async ({ page }) => {
  await openFormula(page, FORMULA.bergamot);
  await toBench(page);
  await (await find(page, 'copy')).click();
  await expect(page.getByRole('heading', { name: 'Bergamot curd tart, copy' })).toBeVisible();
  await toBench(page);
  await (await find(page, 'formula-name')).fill('Put-away curd');
  await (await find(page, 'archive')).click();
  await keep(page);
  await page.goto('/');
  await (await find(page, 'find-formula')).fill('curd');
  await expect(page.getByText('Bergamot curd tart')).toBeVisible();
  await expect(page.getByText('Put-away curd')).toHaveCount(0);
  await (await find(page, 'show-away')).click();
  await expect(page.getByText('Put-away curd')).toBeVisible();
  await (await find(page, 'find-formula')).fill('ginger-biscuits nothing');
  await expect(page.getByText(/^No formula matches /)).toBeVisible();
  await (await find(page, 'find-formula')).fill('passion juice');
  await expect(page.getByTestId(`formula-${FORMULA.passionFruit}`)).toBeVisible();
});

test('a dish of another shape is measured by what it is', async ({ page }) => {
  await page.goto('/kitchen');
  await open(page, 'tins');
  await page.getByRole('button', { name: 'Add a tin' }).click();
  await page.getByTestId('name').fill('Slab tin');
  await page.getByTestId('kind').selectOption('rectangle');
  await page.getByTestId('baseDiameterMm').fill('30');
  await page.getByTestId('topDiameterMm').fill('30');
  await page.getByTestId('breadthMm').fill('20');
  await page.getByTestId('heightMm').fill('4');
  // 30 × 20 × 4 cm.
  await expect(page.getByText('Holds 2400 ml to the brim.')).toBeVisible();
  await page.getByTestId('kind').selectOption('capacity');
  await page.getByTestId('capacityMl').fill('5');
  await expect(page.getByText(/^The capacity must be between 20\sml and /)).toBeVisible();
  await page.getByTestId('capacityMl').fill('150');
  await expect(page.getByText('Holds 150 ml to the brim.')).toBeVisible();
  await page.getByTestId('keep-equipment').click();
  await expect(page.getByText('Bright tin, holds 150 ml')).toBeVisible();
  await openFormula(page, FORMULA.buckwheat);
  await toBench(page);
  await page.getByTestId('tin-picker').selectOption({ label: 'Slab tin' });
  // 150 ml less the gap of 8 mm: a guessed pot 7.3 cm wide and 3.6 high.
  await expect.poll(() => figure(page.getByTestId('each-tin'))).toBeGreaterThan(100);
  await page.keyboard.press('Control+z');
});
