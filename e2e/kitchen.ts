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
