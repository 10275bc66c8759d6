import { expect, type Download, type Page } from '@playwright/test';

/** The demonstration's night. */
export const NIGHT = '/plan/00000000-0000-4000-8000-009000000001';

export async function textOf(download: Download): Promise<string> {
  let text = '';
  for await (const chunk of await download.createReadStream()) text += String(chunk);
  return text;
}

export async function saved(page: Page, testId: string): Promise<string> {
  const download = page.waitForEvent('download');
  await page.getByTestId(testId).click();
  return textOf(await download);
}

export const verdict = (page: Page) => page.getByTestId('plan-verdict');

/** Minutes of presence that the verdict tells. */
export async function presence(page: Page): Promise<number> {
  const [, hours, minutes] = /There for (\d+)\sh (?:(\d+)\smin)?/.exec(
    await verdict(page).innerText(),
  )!;
  return Number(hours) * 60 + Number(minutes ?? 0);
}

/** The morning before a market day: a plan that is begun in it has a day and a night before it. */
const MORNING = new Date('2027-03-05T06:30:00');

export async function newDay(page: Page): Promise<void> {
  await page.clock.install({ time: MORNING });
  await page.goto('/plan');
  await page.getByTestId('new-day').click();
  await expect(page.getByText('Add the first bake under')).toBeVisible();
}

export async function want(page: Page, formula: string, hour: string): Promise<string> {
  await page.getByTestId('add-wanted').selectOption({ label: formula });
  const due = page.locator('[data-testid^="due-"]');
  await due.fill(hour);
  return (await due.getAttribute('data-testid'))!.replace('due-', '');
}
