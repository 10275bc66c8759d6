/** A night that is planned, read: by the hour, by person and by oven, as a picture, as files and on paper. */
import { expect } from '@playwright/test';
import ICAL from 'ical.js';
import { NIGHT, saved, verdict, newDay, want } from './day';
import { open } from './kitchen';
import { test } from './warm';

test('the night is read by the hour, by person and by oven, and fetched for as a whole', async ({
  page,
}) => {
  await page.goto(NIGHT);
  await expect(verdict(page)).toContainText('All 12 are ready in time');
  const picture = page.getByRole('img', { name: /Deck oven, .*190\s°C from/ });
  await expect(picture).toBeVisible();
  const all = await page.locator('[data-testid^="task-"]').count();
  expect(all).toBeGreaterThan(60);
  await page.getByTestId('whose').selectOption({ label: 'Early helper' });
  const theirs = page.locator('[data-testid^="task-"]');
  const count = await theirs.count();
  expect(count).toBeGreaterThan(5);
  expect(count).toBeLessThan(all);
  for (const text of await theirs.allTextContents()) expect(text).toContain('Early helper');
  await open(page, 'day-ovens');
  await expect(page.getByText('Heats to 190').first()).toBeVisible();
  await open(page, 'day-fetch');
  // One dough for six tarts and one for three pies are in it, and the eggs of all twelve bakes.
  await expect(page.getByTestId('day-needs')).toContainText('Rye flour');
  await expect(page.getByTestId('day-eggs')).toHaveText(/\d\d/);
  await expect(page.getByTestId('nuts-apart')).toHaveText(/with nuts: .*Oat and barley-syrup pie/);
});

test('two bakes near in their settings are offered one heat, with both forecasts', async ({
  page,
}) => {
  await newDay(page);
  const pie = await want(page, 'Oat and barley-syrup pie', '10:00');
  await page.getByTestId('add-wanted').selectOption({ label: 'Plum and hazelnut-cream tart' });
  await expect(verdict(page)).toContainText('All 2 are ready in time');
  await expect(verdict(page)).not.toContainText('Working out');
  const heats = async () => {
    const [, count] = /(no|one|\d+) changes? of heat/.exec(await verdict(page).innerText())!;
    return Number({ no: 0, one: 1 }[count!] ?? count);
  };
  const before = await heats();
  await open(page, 'day-ovens');
  await page.getByTestId('look-for-shared-heat').click();
  const offer = page.getByTestId('shared-heat').getByRole('listitem').filter({
    hasText: 'Oat and barley-syrup pie: share the heat of Plum and hazelnut-cream tart',
  });
  await expect(offer).toContainText('Plum and hazelnut-cream tart stays as it is.');
  // Hotter is sooner: by its forecast at the one heat and at the other.
  const best = async (setting: number) =>
    Number(
      new RegExp(`At ${setting}.°C it is best after (\\d+).min`).exec(await offer.innerText())![1],
    );
  expect(await best(175)).toBeLessThan(await best(170));
  await offer.getByRole('button', { name: /^Bake it at 175/ }).click();
  await expect(verdict(page)).toContainText('All 2 are ready in time');
  await expect(verdict(page)).not.toContainText('Working out');
  await expect.poll(heats).toBeLessThan(before);
  // Back to its own heat by a tap on the bake.
  await open(page, 'wanted');
  const row = page.getByTestId(`open-wanted-${pie}`);
  await expect(row).toContainText(/at 175\s°C/);
  if ((await row.getAttribute('aria-expanded')) === 'false') await row.click();
  await page.getByRole('button', { name: /^Bake it at 170\s°C, as its formula says/ }).click();
  await expect(row).not.toContainText('at 175');
  await expect(page.locator('[data-testid^="own-heat-"]')).toHaveCount(0);
});

test('a load is taken hold of in the picture, shows its way through the lanes, and is moved', async ({
  page,
}) => {
  await newDay(page);
  const id = await want(page, 'Landing milk pie', '07:00');
  await expect(verdict(page)).toContainText('It is ready in time');
  const row = page.getByTestId(`task-${id}:bake`);
  const at = async () => (await row.textContent())!.slice(0, 5);
  const planned = await at();
  const load = page.getByTestId(`hold-${id}:bake`);
  await expect(load).toHaveAccessibleName(
    /^Landing milk pie, \d\d:\d\d to \d\d:\d\d: show its way$/,
  );
  await load.click();
  await expect(page.getByTestId('thread')).toBeVisible();
  const held = page.getByTestId('held');
  await expect(held).toContainText('Bake: one tin');
  // By the keys: three times five minutes sooner.
  await load.focus();
  for (let times = 0; times < 3; times += 1) await page.keyboard.press('ArrowLeft');
  await expect(held.getByTestId('move-task')).toHaveValue('-15');
  // By the thumb: as far as it is drawn along the hours, in steps of five minutes.
  const box = (await load.boundingBox())!;
  await page.mouse.move(box.x + 10, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x - 30, box.y + 20, { steps: 4 });
  await page.mouse.up();
  const moved = Number(await held.getByTestId('move-task').inputValue());
  expect(moved).toBeLessThan(-15);
  expect(Math.abs(moved % 5)).toBe(0);
  expect((await load.boundingBox())!.x).toBeLessThan(box.x - 20);
  await expect(held.getByTestId('move-cost')).not.toHaveText('');
  await held.getByTestId('put-task').click();
  await expect(row).toContainText('Put there by hand');
  const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
  expect((minutes(planned) - minutes(await at()) + 1440) % 1440).toBe(-moved);
  await page.getByTestId('let-go').click();
  await expect(page.getByTestId('thread')).toHaveCount(0);
  await page.getByTestId('undo-day').click();
  await expect.poll(at).toBe(planned);
});

test('a plan goes along as calendar, table and file, and a file comes back', async ({ page }) => {
  await page.goto(NIGHT);
  await expect(verdict(page)).toContainText('All 12 are ready in time');
  const tasks = await page.locator('[data-testid^="task-"]').count();
  await open(page, 'day-along');
  // Source: RFC 5545, read by another library.
  const calendar = new ICAL.Component(ICAL.parse(await saved(page, 'save-ics')));
  const events = calendar.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));
  expect(events).toHaveLength(tasks + 12);
  expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
  const due = events.find(
    ({ summary }) => summary.includes('Fig and ricotta') && summary.includes('Meadow'),
  )!;
  expect([due.startDate.hour, due.startDate.minute]).toEqual([11, 30]);
  const rows = (await saved(page, 'save-day-csv')).trim().split('\r\n');
  expect(rows[0]!.replace('\uFEFF', '')).toBe(
    'start,end,task,component,bake,tins,oven,setting_c,people',
  );
  expect(rows).toHaveLength(tasks + 1);
  const file = await saved(page, 'save-day-json');
  const renamed = file.replace('Boat and tea rooms', 'Boat again');
  await page.goto('/plan');
  await page.getByTestId('open-day').setInputFiles({
    name: 'day.json',
    mimeType: 'application/json',
    buffer: Buffer.from(renamed),
  });
  await expect(page.getByRole('heading', { name: 'Boat again', exact: true })).toBeVisible();
  await expect(verdict(page)).toContainText('All 12 are ready in time');
  await page.goto('/plan');
  await page
    .getByTestId('open-day')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{}') });
  await expect(page.getByText('That file is not a day of Hollow Moon.')).toBeVisible();
});

test('what is printed is a sheet for the wall and one for each person', async ({ page }) => {
  await page.goto(NIGHT);
  await expect(verdict(page)).toContainText('All 12 are ready in time');
  const printed = () => page.pdf().then((pdf) => pdf.toString('latin1'));
  const pages = (await printed()).match(/\/Type \/Page\b/g) ?? [];
  // The wall's sheet and those of two people begin a page each.
  expect(pages.length).toBeGreaterThanOrEqual(3);
  await expect(page.locator('.wall-sheet')).toHaveCount(0);
  await page.evaluate(() => dispatchEvent(new Event('beforeprint')));
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('.wall-sheet')).toHaveCount(3);
  await expect(page.locator('.wall-sheet').nth(1)).toContainText('Bench cook');
  await expect(page.getByTestId('plan-verdict')).toBeHidden();
});
