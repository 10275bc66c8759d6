/** A day planned through the application: the demonstration’s night, one of a cook’s own, and one that cannot be had. */
import { expect } from '@playwright/test';
import { NIGHT, verdict, presence, newDay, want } from './day';
import { open, plannedNight, slideTo, WIDE } from './kitchen';
import { test } from './warm';

test('the demonstration’s night is planned, bettered, and taken back', async ({ page }) => {
  test.slow();
  await page.goto('/');
  await page.getByRole('link', { name: 'Plan' }).click();
  await page.getByRole('link', { name: /Boat and tea rooms/ }).click();
  await expect(verdict(page)).toContainText('All 12 are ready in time');
  await expect(verdict(page)).not.toContainText('Working out');
  const before = await presence(page);
  await page.getByTestId('better').click();
  // The solver goes on where the search ends, and says how far the best is from the best there can be.
  await expect(page.getByTestId('proof')).toContainText(/within \d+ %.*no plan needs less than/, {
    timeout: 90_000,
  });
  await page.getByTestId('better').click();
  await expect(page.getByTestId('search-state')).toHaveText(/This is the best of/);
  const after = await presence(page);
  expect(after).toBeLessThan(before);
  await page.getByTestId('undo-day').click();
  await expect.poll(() => presence(page)).toBe(before);
  // What was found stays after a reload.
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect.poll(() => presence(page)).toBe(after);
  await page.reload();
  await expect(verdict(page)).toContainText('All 12 are ready in time');
  await expect.poll(() => presence(page)).toBe(after);
});

test('what is changed while a better plan is looked for is not lost', async ({ page }) => {
  const pie = '00000000-0000-4000-8000-009100000002';
  await page.goto(NIGHT);
  await expect(verdict(page)).toContainText('All 12 are ready in time');
  await expect(verdict(page)).not.toContainText('Working out');
  await open(page, 'wanted');
  await page.getByTestId(`open-wanted-${pie}`).click();
  // Another order of what counts, so that there is something to be found.
  await page.getByRole('radio', { name: 'Freshness' }).click();
  await page.getByTestId('better').click();
  await expect(page.getByTestId('search-state')).toHaveText(/[1-9]\d+ plans tried/);
  await page.getByTestId(`for-${pie}`).fill('the second boat');
  await expect(page.getByTestId('better')).toHaveText('Look for a better plan');
  await page.reload();
  await expect(page.getByTestId(`open-wanted-${pie}`)).toContainText('the second boat');
});

test('a plan of little is proved to be the best there is', async ({ page }) => {
  await newDay(page);
  await want(page, 'Landing milk pie', '07:00');
  await expect(verdict(page)).toContainText('It is ready in time');
  await page.getByTestId('better').click();
  await expect(page.getByTestId('proof')).toContainText('It is proved that no plan needs less', {
    timeout: 90_000,
  });
  await expect(page.getByTestId('better')).toHaveText('Look for a better plan');
  const [, hours = '0', minutes] = /less than (?:(\d+)\sh )?(\d+)\smin/.exec(
    await page.getByTestId('proof').innerText(),
  )!;
  await expect
    .poll(async () => presence(page).catch(() => NaN))
    .toBeGreaterThanOrEqual(60 * Number(hours) + Number(minutes));
  // Of the two bounds the one that says more is told.
  await expect(verdict(page)).not.toContainText('hands add up to');
  // What was proved is of what was asked: asked otherwise, nothing is.
  await page.getByRole('radio', { name: 'Freshness' }).click();
  await expect(page.getByTestId('proof')).toHaveCount(0);
  await expect(verdict(page)).toContainText('hands add up to');
});

test('a day of one’s own: asked for, moved by hand, put back', async ({ page }) => {
  await newDay(page);
  const id = await want(page, 'Landing milk pie', '07:00');
  await expect(verdict(page)).toContainText('It is ready in time');
  await page.getByTestId(`tins-${id}`).fill('2');
  const bake = page.getByTestId(`task-${id}:bake`);
  await expect(bake).toContainText('Bake: 2 tins');
  const at = async () => (await bake.textContent())!.slice(0, 5);
  const planned = await at();
  await bake.click();
  await slideTo(page.getByTestId('move-task'), -60);
  await expect(page.getByTestId('move-cost')).toHaveText(/being there|no difference/);
  await page.getByTestId('put-task').click();
  await expect(bake).toContainText('Put there by hand');
  const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
  expect((minutes(planned) - minutes(await at()) + 1440) % 1440).toBe(60);
  await page.getByTestId('free-task').click();
  await expect(bake).not.toContainText('Put there by hand');
  await expect.poll(at).toBe(planned);
});

test('a day that cannot be had says why, and each way out is one tap', async ({ page }) => {
  await newDay(page);
  // The night's cook begins at eight in the evening: twenty minutes past is too soon for a pie.
  const id = await want(page, 'Landing milk pie', '20:20');
  await page.getByTestId('hands').click();
  await page.getByRole('radio', { name: 'the evening before' }).click();
  await page.getByTestId(`due-${id}`).fill('00:30');
  await expect(verdict(page)).not.toContainText('ready in time');
  await expect(page.getByText(/Landing milk pie is ready .* late/)).toBeVisible();
  await page.getByTestId('look-for-ways').click();
  const ways = page.getByTestId('ways-out').getByRole('button');
  await expect(ways.first()).toBeVisible();
  await page.getByRole('button', { name: /^Serve Landing milk pie .* later$/ }).click();
  await expect(verdict(page)).toContainText('It is ready in time');
  await page.getByTestId('undo-day').click();
  await expect(verdict(page)).not.toContainText('ready in time');
});

test('a bake whose work is not known is told, and the rest is planned', async ({ page }) => {
  await newDay(page);
  await want(page, 'Black-tea milk pudding', '12:00');
  await page.locator('[data-testid^="open-wanted-"]').first().click();
  await expect(verdict(page)).toContainText('It is ready in time');
  await page.getByTestId('hands').click();
  await page.getByRole('button', { name: 'Remove Cook 1' }).click();
  await expect(page.getByText('Nobody works yet').first()).toBeVisible();
  await page.getByTestId('undo-day').click();
  await expect(verdict(page)).toContainText('It is ready in time');
});

test('what is next by the plan stands over the shelf', async ({ page }) => {
  await page.goto('/');
  const today = page.getByTestId('today');
  await expect(today).toContainText('Next in the plan');
  await today.getByRole('link').first().click();
  await expect(page).toHaveURL(/\/plan\//);
  await expect(verdict(page)).toBeVisible();
});

test('an oven with larger shelves takes in one load what took two', async ({ page }) => {
  await page.goto('/kitchen');
  await open(page, 'ovens');
  await page.getByRole('button', { name: /^Small fan oven/ }).click();
  await page.getByRole('textbox', { name: 'Shelves' }).fill('1');
  await page.getByTestId('keep-equipment').click();
  await newDay(page);
  const id = await want(page, 'Greengage batter custard', '12:00');
  await page.getByTestId(`tins-${id}`).fill('2');
  await expect(page.getByTestId(`task-${id}:bake#2`)).toBeVisible();
  await page.goto('/kitchen');
  await open(page, 'ovens');
  await page.getByRole('button', { name: /^Small fan oven/ }).click();
  await page.getByRole('textbox', { name: 'Shelves' }).fill('3');
  await page.getByTestId('keep-equipment').click();
});

test('on a wide screen picture, verdict and tasks stand side by side', async ({ page }) => {
  await page.setViewportSize(WIDE);
  await page.goto(NIGHT);
  await expect(verdict(page)).toContainText('All 12 are ready in time');
  await expect(verdict(page)).toBeInViewport();
  await expect(page.getByRole('img', { name: /Deck oven/ })).toBeInViewport();
  await expect(page.locator('[data-testid^="task-"]').first()).toBeInViewport();
});

test('a plan kept beside shows what a change costs, and either can be had', async ({ page }) => {
  await plannedNight(page, 'Bay-leaf set custard tart');
  await open(page, 'day-beside');
  await page.getByTestId('keep-beside').click();
  const beside = page.getByTestId('beside');
  const row = (name: string) => beside.getByRole('row').filter({ hasText: name });
  await expect(row('Ovens, about')).toHaveText(/^Ovens, about(\d+\.\d\skWh, €\d+\.\d\d)\1$/);
  await expect(page.getByTestId('beside-back')).toHaveCount(0);
  const due = page.locator('[data-testid^="due-"]');
  await due.fill('07:00');
  // An hour later the last hand is an hour later; what was kept stands as it was.
  const ends = () => row('Last hand').innerText();
  await expect.poll(ends).not.toMatch(/(\d\d:\d\d)[\s\S]*\1/);
  await expect(row('Bay-leaf set custard tart')).toHaveText(/06:00.*07:00$/);
  await page.getByTestId('beside-back').click();
  await expect(due).toHaveValue('06:00');
  // The way back from the way back.
  await expect(row('Bay-leaf set custard tart')).toHaveText(/07:00.*06:00$/);
  await page.getByTestId('beside-back').click();
  await expect(due).toHaveValue('07:00');
});
