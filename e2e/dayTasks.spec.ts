/** The tasks of a day as the kitchen does them, and planned anew while it works. */
import { expect } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { NIGHT, verdict, presence, newDay, want } from './day';
import { dayInBook, EVENING, FORMULA, KITCHEN_API, open } from './kitchen';
import { test } from './warm';

test('tasks are done as the kitchen does them, and taken back', async ({ page }) => {
  await newDay(page);
  await want(page, 'Landing milk pie', '07:00');
  await expect(verdict(page)).toContainText('It is ready in time');
  const before = await presence(page);
  await page.locator('[data-testid$="/seal"]').click();
  await page.getByTestId('drop-task').click();
  await expect(page.locator('[data-testid$="/seal"]')).toHaveCount(0);
  await expect(page.getByTestId('not-done')).toContainText('Brush on the seal, Landing milk pie');
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.locator('[data-testid$="/seal"]')).toHaveCount(1);
  await page.locator('[data-testid$=":filling/mix"]').click();
  await page.getByTestId('task-minutes').fill('48');
  await expect(page.getByText('Takes 48 min, as you say.')).toBeVisible();
  await expect.poll(() => presence(page)).toBeGreaterThan(before);
  await page.getByTestId('as-worked-out').click();
  await expect.poll(() => presence(page)).toBe(before);
});

test('shells out of the freezer are thawed, and nothing is made or fetched for them', async ({
  page,
}) => {
  await newDay(page);
  const id = await want(page, 'Landing milk pie', '07:00');
  await expect(verdict(page)).toContainText('It is ready in time');
  await open(page, 'day-fetch');
  await expect(page.getByTestId('day-needs')).toContainText(/flour/i);
  const before = await presence(page);
  await page.getByTestId(`frozen-${id}`).click();
  await expect(page.getByTestId(`open-wanted-${id}`)).toContainText('shells from the freezer');
  const out = page.locator('[data-testid$="/take-out-shell"][aria-expanded]');
  await expect(out).toContainText('Take the shells out of the freezer: Pie shell, one tin');
  await expect(page.getByText(/^Make the dough/)).toHaveCount(0);
  await expect(page.getByText(/^Roll and line/)).toHaveCount(0);
  await expect(page.getByTestId('day-needs')).not.toContainText(/flour/i);
  expect(await presence(page)).toBeLessThan(before);
  await out.click();
  await expect(page.getByText(/^Then it thaws for \d\d\smin\.$/)).toBeVisible();
  await page.reload();
  await expect(out).toBeVisible();
  await open(page, 'wanted');
  await page.getByTestId(`open-wanted-${id}`).click();
  await page.getByTestId(`frozen-${id}`).click();
  await expect(page.getByText(/^Make the dough/).first()).toBeVisible();
});

test('a task is parted, put in another order, and followed by a step of the kitchen’s own', async ({
  page,
}) => {
  await newDay(page);
  const id = await want(page, 'Landing milk pie', '07:00');
  await expect(verdict(page)).toContainText('It is ready in time');
  const before = await page.locator('[data-testid^="task-"][aria-expanded]').count();
  const row = (task: string) => page.getByTestId(`task-${id}:${task}`);
  // In two parts, which are together as long as it was.
  const line = page.locator('[data-testid$="/line"][aria-expanded]');
  await line.click();
  const minutes = Number(await page.getByTestId('task-minutes').inputValue());
  await page.getByTestId('more-of-task').click();
  await page.getByTestId('split-task').click();
  await expect(line).toContainText('part 1');
  const rest = page.locator('[data-testid$="/line/2"][aria-expanded]');
  await expect(rest).toContainText('part 2');
  const parts = [];
  for (const part of [line, rest]) {
    if ((await part.getAttribute('aria-expanded')) === 'false') await part.click();
    parts.push(Number(await page.getByTestId('task-minutes').inputValue()));
  }
  expect(parts[0]! + parts[1]!).toBe(minutes);
  await page.getByRole('button', { name: 'In one piece again' }).click();
  await expect(rest).toHaveCount(0);
  await expect(line).not.toContainText('part');

  // A step of one's own, between the bake and what follows it.
  await row('bake').click();
  await page.getByTestId('more-of-task').click();
  await page.getByTestId('own-step').click();
  await expect(page.getByTestId('add-own-step')).toBeDisabled();
  await page.getByTestId('own-step-name').fill('Dust the rim with rye flour');
  await page.getByTestId('own-step-minutes').fill('6');
  await page.getByTestId('add-own-step').click();
  const own = page.locator(`[data-testid^="task-${id}:own/"]`);
  await expect(own).toContainText('Dust the rim with rye flour: one tin');
  await expect(own).toContainText(/6\smin/);
  await expect(page.locator('[data-testid^="task-"][aria-expanded]')).toHaveCount(before + 1);
  // It outlives a change of the bake, and a reload.
  await page.getByTestId(`tins-${id}`).fill('2');
  await expect(own).toContainText('2 tins');
  await expect(verdict(page)).toContainText('It is ready in time');

  // The filling waits for the shell to be sealed; the other way round would go in a circle, and is not to be had.
  const mix = row('filling/mix');
  await mix.click();
  await page.getByTestId('more-of-task').click();
  const choices = await page.getByTestId('waits-for').locator('option').allInnerTexts();
  expect(choices.some((text) => text.startsWith('Brush on the seal'))).toBe(true);
  expect(choices.some((text) => text.startsWith('Bake'))).toBe(false);
  const seal = choices.find((text) => text.startsWith('Brush on the seal'))!;
  await page.getByTestId('waits-for').selectOption({ label: seal });
  await page.getByTestId('at-once').click();
  const standsAt = async (what: string) => {
    const row = page.locator(`[data-testid$="${what}"][aria-expanded]`);
    const [at, , minutes] = await row.locator('> *').allTextContents();
    return { at: at!, minutes: Number(/^(\d+)\smin$/.exec(minutes!)![1]) };
  };
  const clock = (text: string) => Number(text.slice(0, 2)) * 60 + Number(text.slice(3));
  await expect
    .poll(async () => {
      const [sealed, mixed] = [await standsAt('/seal'), await standsAt('filling/mix')];
      return clock(mixed.at) - clock(sealed.at) - sealed.minutes;
    })
    .toBe(0);
  await page.reload();
  await expect(own).toBeVisible();
  await own.click();
  await page.getByTestId('remove-own-step').click();
  await expect(own).toHaveCount(0);
  await page.getByTestId('undo-day').click();
  await expect(own).toBeVisible();
});

test('in the middle of the night what has begun stays, and the rest is planned anew', async ({
  page,
}) => {
  const days = (await (
    await page.request.get('/api/kitchens/00000000-0000-4000-8000-000100000001/days')
  ).json()) as { id: string; data: { date: string } }[];
  const { date } = days.find(({ id }) => NIGHT.endsWith(id))!.data;
  await page.clock.setFixedTime(new Date(`${date}T01:00:00`));
  await page.goto(NIGHT);
  await expect(verdict(page)).toContainText('All 12 are ready in time');
  const rows = page.locator('[data-testid^="task-"]');
  const begun = async () => (await rows.allTextContents()).slice(0, 12);
  const before = await begun();
  await page.getByTestId('plan-the-rest').click();
  await expect(page.getByText(/^Planned anew from .* 01:00 on/)).toBeVisible();
  await expect(verdict(page)).toContainText('All 12 are ready in time');
  expect(await begun()).toEqual(before);
  // A pudding more, in the middle of it.
  await open(page, 'wanted');
  await page.getByTestId('add-wanted').selectOption({ label: 'Black-tea milk pudding' });
  await expect(verdict(page)).toContainText('All 13 are ready in time');
  expect(await begun()).toEqual(before);
  await page.getByTestId('undo-day').click();
  await page.getByTestId('plan-whole').click();
  await expect(page.getByTestId('plan-the-rest')).toBeVisible();
  // The night is left to the next test as it was, once the book has it.
  await expect
    .poll(async () => (await (await page.request.get(dayInBook(page, NIGHT))).json()).data.nowMin)
    .toBeNull();
});

test('shells that are baked frozen go through the freezer, and its places are counted', async ({
  page,
}) => {
  // A copy of the milk pie whose shell goes into the oven frozen.
  const { data } = (await (
    await page.request.get(`${KITCHEN_API}/formulas/${FORMULA.milkPie}`)
  ).json()) as { data: { shellBake: object } };
  const frozen = { ...data, name: 'Frozen pie', shellBake: { ...data.shellBake, start: 'frozen' } };
  const put = await page.request.put(`${KITCHEN_API}/formulas/${randomUUID()}`, {
    data: { writeId: randomUUID(), version: 0, data: frozen },
  });
  expect(put.status()).toBe(200);
  await newDay(page);
  const id = await want(page, 'Frozen pie', '07:00');
  await page.getByTestId(`tins-${id}`).fill('3');
  await expect(verdict(page)).toContainText('It is ready in time');
  await page.locator('[data-testid$="/line"][aria-expanded]').first().click();
  await expect(page.getByText(/^Then it freezes through for \d\d\smin\.$/)).toBeVisible();
  await open(page, 'hands');
  await page.getByTestId('freezer-places').fill('2');
  await expect(
    page.getByText(/^The freezer has 2 free places, and 3 are wanted at .*bake some of the shells/),
  ).toBeVisible();
  await page.getByTestId('freezer-places').fill('3');
  await expect(page.getByText(/^The freezer has/)).toHaveCount(0);
});

test('a plan that is begun in the evening begins in what is left of it, and again where nothing was done', async ({
  page,
}) => {
  await page.clock.install({ time: EVENING });
  await page.goto('/plan');
  await page.getByTestId('new-day').click();
  await want(page, 'Landing milk pie', '09:00');
  await want(page, 'Bay-leaf set custard tart', '09:00');
  await expect(verdict(page)).toContainText('All 2 are ready in time');
  await expect(page.getByText(/^Nothing is planned before Fri 19:30: /)).toBeVisible();
  const begins = async () => /Begins (\w+ \d\d:\d\d)/.exec(await verdict(page).innerText())![1]!;
  const atFirst = await begins();
  expect(atFirst >= 'Fri 19:30' || atFirst.startsWith('Sat')).toBe(true);
  // The hours before had a cook in them too.
  await page.getByTestId('plan-whole').click();
  await expect(page.getByText(/^Nothing is planned before/)).toHaveCount(0);
  await page.getByTestId('undo-day').click();
  await expect(page.getByTestId('plan-whole')).toBeVisible();
  await expect(page.getByTestId('plan-all-from-now')).toHaveCount(0);
  // At one in the morning some of it has begun by the plan, and nobody has done anything.
  await page.clock.fastForward('05:30:00');
  await page.getByTestId('plan-all-from-now').click();
  await expect(page.getByText(/^Nothing is planned before Sat 01:0\d: /)).toBeVisible();
  expect((await begins()) >= 'Sat 01:00').toBe(true);
  await expect(page.getByTestId('plan-all-from-now')).toHaveCount(0);
});

test('where an oven is down its bakes say so, the rest stays, and another oven can be chosen for the day', async ({
  page,
}) => {
  await newDay(page);
  const pie = await want(page, 'Landing milk pie', '07:00');
  await want(page, 'Black-tea milk pudding', '08:00');
  await expect(verdict(page)).toContainText('All 2 are ready in time');
  const ovens = `${KITCHEN_API}/ovens`;
  const known = (await (await page.request.get(ovens)).json()) as {
    id: string;
    version: number;
    data: { name: string; archived: boolean };
  }[];
  const { ovenId } = (await (await page.request.get(`${KITCHEN_API}/formulas`)).json()).find(
    ({ data }: { data: { name: string } }) => data.name === 'Landing milk pie',
  ).data;
  const down = known.find(({ id }) => id === ovenId)!;
  const other = known.find(({ id, data }) => id !== ovenId && !data.archived)!;
  const put = async (archived: boolean, version: number) => {
    const data = { writeId: randomUUID(), version, data: { ...down.data, archived } };
    expect((await page.request.put(`${ovens}/${down.id}`, { data })).status()).toBe(200);
  };
  await put(true, down.version);
  try {
    await page.reload();
    await expect(page.getByTestId('oven-away')).toContainText(
      'The oven for Landing milk pie is put away',
    );
    // What needs no oven is planned as before.
    await expect(verdict(page)).toContainText('It is ready in time');
    await open(page, 'wanted');
    await page.getByTestId(`open-wanted-${pie}`).click();
    await page.getByTestId(`baked-in-${pie}`).selectOption({ label: other.data.name });
    await expect(page.getByTestId(`open-wanted-${pie}`)).toContainText(`in ${other.data.name}`);
    await expect(verdict(page)).toContainText('All 2 are ready in time');
    await expect(page.getByTestId('oven-away')).toHaveCount(0);
    const bake = page.locator(`[data-testid^="task-${pie}"]`, { hasText: /Bake: / });
    await expect(bake).toContainText(other.data.name);
    await page.reload();
    await expect(bake).toContainText(other.data.name);
    // Back to its own, and in the other again by one tap.
    await open(page, 'wanted');
    await page.getByTestId(`open-wanted-${pie}`).click();
    await page.getByTestId(`baked-in-${pie}`).selectOption({ value: '' });
    await page.getByRole('button', { name: `Bake it in ${other.data.name}` }).click();
    await expect(bake).toContainText(other.data.name);
  } finally {
    await put(false, down.version + 1);
  }
});
