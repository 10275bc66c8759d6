import { expect, type Locator, type Page } from '@playwright/test';

/** Ids of the demonstration kitchen's formulas. */
export const FORMULA = {
  bay: '00000000-0000-4000-8000-000400000001',
  milkPie: '00000000-0000-4000-8000-000400000002',
  buckwheat: '00000000-0000-4000-8000-000400000003',
  malted: '00000000-0000-4000-8000-000400000005',
  parsnip: '00000000-0000-4000-8000-000400000006',
  figs: '00000000-0000-4000-8000-000400000009',
  bergamot: '00000000-0000-4000-8000-000400000004',
  plum: '00000000-0000-4000-8000-000400000008',
  greengage: '00000000-0000-4000-8000-000400000010',
  passionFruit: '00000000-0000-4000-8000-000400000012',
} as const;
export const KITCHEN_API = '/api/kitchens/00000000-0000-4000-8000-000100000001';

export const WIDE = { width: 1280, height: 800 } as const;

/** Opens a formula and waits for its forecast, or whatever stands in its place. */
export async function openFormula(page: Page, id: string): Promise<void> {
  await page.goto(`/formulas/${id}`);
  await expect(page.getByTestId('outlook-verdict')).not.toHaveText('Working it out');
}

export const toBench = (page: Page): Promise<void> =>
  page.getByRole('radio', { name: 'Bench' }).click();
export const toShell = (page: Page): Promise<void> =>
  page.getByRole('radio', { name: 'Shell', exact: true }).click();
export const toForecast = (page: Page): Promise<void> =>
  page.getByRole('radio', { name: 'Forecast' }).click();

/** Back from a formula or a bake, which have a phone's screen to themselves, to the shelf. */
export const toShelf = (page: Page): Promise<void> =>
  page.getByRole('link', { name: /^(All formulas|Back to the shelf)$/ }).click();

/** What is folded away, by the test id that opens it. */
const WITHIN: readonly (readonly [what: RegExp, opener: string])[] = [
  [/^amount-(?!instead)(.+)$/, 'open-line-$1'],
  [/^open-more-(.+)$/, 'open-line-$1'],
  [/^(formula-name|kind-picker)$/, 'name-and-kind'],
  [/^(egg-to-liquid|sugar-share|mixture-mass|ratios-.*)$/, 'ratios'],
  [/^(cost-|energy-portion|wanted-portions|scale-portions|taste|portion-untold)/, 'portion'],
  [/^(egg-total|crack|make-up-.*)$/, 'eggs'],
  [/^(liquid-slider|egg-slider|mix-temperature|joining)$/, 'temper'],
  [/^(copy|archive|save-.+|card-.+)$/, 'share'],
  [/^steps$/, 'method'],
  [/^(oven-picker|oven-exact|altitude|bath-.+|pan-.+|water-slider)$/, 'conditions'],
  [/^(find-formula|show-away)$/, 'open-find'],
  [/^(log-search|log-formula|log-tin)$/, 'open-log-find'],
  [/^(reading|add-reading)$/, 'pad-reading'],
  [/^(wobble|add-wobble)$/, 'pad-wobble'],
  [/^(add-pantry|find-pantry|pantry-.+)$/, 'pantry'],
  [/^(kitchen-altitude|egg-grade|room|keep-kitchen)$/, 'the-kitchen'],
];

/** Opens a fold, a line or a pad that is shut. */
export async function open(page: Page, opener: string): Promise<void> {
  const button = page.getByTestId(opener);
  await expect(button).toBeVisible();
  const isShut = () =>
    button.evaluate(
      (each) =>
        each.getAttribute('aria-expanded') === 'false' ||
        each.getAttribute('aria-pressed') === 'false',
    );
  if (!(await isShut())) return;
  await button.click();
  // What arrives above it meanwhile, as ways out of a bake do, may have moved it from under the click.
  if ((await button.count()) > 0 && (await isShut())) await button.click();
}

/** An element by its test id, once what it is folded away in has been opened. */
export async function find(page: Page, testId: string): Promise<Locator> {
  const within = WITHIN.find(([what]) => what.test(testId));
  if (!within) throw new Error(`${testId} is folded away in nothing`);
  const [what, opener] = within;
  await open(page, opener.includes('$') ? testId.replace(what, opener) : opener);
  return page.getByTestId(testId);
}

/** The figure of an element as a number, its unit left out. */
export async function figure(of: Locator): Promise<number> {
  const found = /-?\d+([.,]\d+)?/.exec(await of.innerText());
  return found ? Number(found[0].replace(',', '.')) : NaN;
}

/** Moves a slider as a thumb would leave it, by its value. */
export const slideTo = (slider: Locator, value: number): Promise<void> =>
  slider.fill(String(value));

/** Chooses an ingredient by typing its name. */
export async function chooseIngredient(page: Page, label: string, name: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).first().fill(name);
  await page.getByRole('option', { name, exact: true }).click();
}

/** An evening before a market day, and the bake that is wanted in the morning. */
export const EVENING = new Date('2027-03-05T19:30:00');

/** Plans a night for one bake, and answers the way to its work. */
export async function plannedNight(page: Page, name: string): Promise<string> {
  await page.clock.install({ time: EVENING });
  await page.goto('/plan');
  await page.getByTestId('new-day').click();
  await page.getByTestId('add-wanted').selectOption({ label: name });
  await page.locator('[data-testid^="due-"]').fill('06:00');
  // What is planned before the forecasts are there is planned anew by them, and may be late by what has begun by then.
  await expect(page.getByTestId('plan-verdict')).not.toContainText('Working out');
  await expect(page.getByTestId('plan-verdict')).toContainText('It is ready in time');
  const work = (await page.getByTestId('go-to-work').getAttribute('href'))!;
  // The other device finds it in the book, with the last of what was entered.
  await expect
    .poll(async () => {
      const found = await page.request.get(dayInBook(page, work));
      return found.ok() ? (await found.json()).data.wanted[0]?.dueMin : found.status();
    })
    .toBe(6 * 60);
  return work;
}

/** The address of a day in the book. */
export const dayInBook = (page: Page, work: string, of = ''): string =>
  `${new URL(page.url()).origin}${KITCHEN_API}/days/${work.split('/').at(-1)}${of}`;
