import { find } from './kitchen';
import { test } from './warm';
/**
 * Six invented recipes of this trade, taken from their text to a saved and checked formula on a phone by somebody who has
 * not seen the application before. Measure of success: under two minutes and under fifteen taps each; choosing from a list
 * counts as one.
 */
import { expect, type Locator, type Page } from '@playwright/test';

interface Recipe {
  readonly name: string;
  readonly text: string;
  /** What has to be answered before the list stands, in order. */
  readonly answers?: readonly string[];
  readonly tin?: string;
  readonly oven?: string;
  /** What the bar says once there is a tin and an oven. */
  readonly says: RegExp;
  /** What must be so at the end. */
  readonly holds: (page: Page) => Promise<void>;
}

const listed = (page: Page, text: string) => expect(page.getByText(text)).toBeVisible();

const RECIPES: readonly Recipe[] = [
  {
    name: 'Slipway lemon curd tart',
    text: `Slipway lemon curd tart
Serves 8
Sweet pastry
250 g plain flour
125 g cold butter
90 g icing sugar
1 egg
Lemon curd
zest of 2 lemons
160 ml lemon juice
180 g caster sugar
3 eggs
3 egg yolks
150 g butter, cubed
Method
Whisk the eggs with the sugar and the juice over gentle heat until thick.`,
    tin: 'Tart tin 24 cm',
    oven: 'Deck oven',
    says: /done at/,
    holds: async (page) => {
      await expect(await find(page, 'kind-picker')).toHaveValue('curd');
      await listed(page, 'as written: 160 ml lemon juice');
      await expect(page.getByTestId('part-0')).toContainText('The shell · Sweet dough, rolled');
    },
  },
  {
    name: 'Lamplight pots',
    text: `Lamplight pots
Makes 6
3 1/2 in ramekins
2 cups heavy cream
6 large egg yolks
1/2 cup sugar
1 tsp vanilla
pinch salt
Method
1. Heat the cream.
2. Bake in a water bath at 300 F for 40 minutes.`,
    oven: 'Small fan oven',
    says: /Pull at|min/,
    holds: async (page) => {
      await expect(await find(page, 'kind-picker')).toHaveValue('baked-custard');
      await listed(page, 'as written: 2 cups heavy cream');
      await expect(page.getByTestId('shell-picker')).toHaveCount(0);
    },
  },
  {
    name: 'Orchard almond tart',
    text: `Orchard almond tart
For 8 people
Pie dough
200 g flour
130 g butter, cold
60 ml iced water
Almond cream
125 g butter, softened
125 g sugar
2 eggs
125 g ground almonds
20 g flour
Poached pears: fruit
3 ripe pears, peeled`,
    tin: 'Tart tin 24 cm',
    oven: 'Deck oven',
    says: /Pull at|min/,
    holds: async (page) => {
      await expect(await find(page, 'kind-picker')).toHaveValue('nut-cream');
      await listed(page, 'as written: 125 g ground almonds');
    },
  },
  {
    name: 'Torta fria de maracujá',
    text: `Torta fria de maracujá
Rende 10 fatias
Massa
200 g de bolacha maria moída
100 g de manteiga derretida
Recheio
395 g de leite condensado
200 ml de natas
150 g de polpa de maracujá
6 folhas de gelatina
Modo de preparo
Misture a bolacha com a manteiga e forre a forma.
Leve ao frigorífico por 4 horas.`,
    tin: 'Tart tin 24 cm',
    says: /\S/,
    holds: async (page) => {
      await expect(await find(page, 'kind-picker')).toHaveValue('cold-set');
      await listed(page, 'as written: 6 folhas de gelatina');
    },
  },
  {
    name: 'Two-tin pumpkin pie',
    text: `Two-tin pumpkin pie
Serves 16
For the crust:
400 g flour
260 g butter
130 ml ice water
Filling
850 g pumpkin puree
500 ml cream
6 eggs
240 g brown sugar
2 tsp cinnamon
Caramel, for one tin
150 g sugar
60 ml water`,
    tin: 'Tart tin 24 cm',
    oven: 'Deck oven',
    says: /Pull at|min/,
    holds: async (page) => {
      await expect(await find(page, 'kind-picker')).toHaveValue('puree-custard');
      await expect(page.getByTestId('part-1')).toContainText('Caramel');
    },
  },
  {
    name: 'Eggless orchard pie',
    text: `Eggless orchard pie
Pie dough
300 g flour
200 g shortening
90 ml cold water

1 kg apples, peeled and sliced
120 g sugar
30 g cornflour
juice of 1/2 lemon
1 tsp cinnamon`,
    tin: 'Tart tin 24 cm',
    oven: 'Deck oven',
    says: /Pull at|min/,
    holds: async (page) => {
      await expect(await find(page, 'kind-picker')).toHaveValue('fruit-filling');
      await listed(page, 'as written: juice of 1/2 lemon');
    },
  },
];

/** The most taps from the first screen to a saved formula, and the longest it may take, ms. */
const MOST_TAPS = 15;
const LONGEST_MS = 120_000;

for (const recipe of RECIPES) {
  test(`${recipe.name}: from its text to a saved formula`, async ({ page }) => {
    let taps = 0;
    const tap = async (target: Locator) => {
      taps += 1;
      await target.click();
    };
    const choose = async (target: Locator, label: string) => {
      taps += 1;
      await target.selectOption({ label });
    };
    await page.goto('/');
    const begunMs = Date.now();
    await tap(page.getByRole('button', { name: 'New formula' }).first());
    taps += 1;
    await page.getByTestId('paste-text').fill(recipe.text);
    for (const answer of recipe.answers ?? [])
      await tap(page.getByRole('radio', { name: answer, exact: true }).first());
    await expect(page.getByTestId('paste-open')).toHaveCount(0);
    // A filling without a heading is said to begin where a line is left free.
    const unheaded = recipe.text.includes('\n\n') ? 1 : 0;
    await expect(page.getByTestId('unheaded')).toHaveCount(unheaded);
    await tap(page.getByTestId('paste-done'));
    if (recipe.tin && (await page.getByTestId('start-tin').isVisible()))
      await choose(page.getByTestId('start-tin'), recipe.tin);
    if (recipe.oven && (await page.getByTestId('start-oven').isVisible()))
      await choose(page.getByTestId('start-oven'), recipe.oven);
    if (await page.getByTestId('start-done').isVisible()) await tap(page.getByTestId('start-done'));
    await expect(page.getByTestId('outlook-verdict')).not.toHaveText('Working it out');
    await expect(page.getByTestId('outlook-verdict')).toHaveText(recipe.says);
    await tap(page.getByTestId('save'));
    await expect(page.getByTestId('outlook-verdict')).toBeVisible();
    await tap(page.getByRole('radio', { name: 'Bench' }));
    await expect(page.getByTestId('save-state')).toHaveText('Saved');
    expect(taps).toBeLessThan(MOST_TAPS);
    expect(Date.now() - begunMs).toBeLessThan(LONGEST_MS);
    await expect(await find(page, 'formula-name')).toHaveValue(recipe.name);
    await recipe.holds(page);
  });
}
