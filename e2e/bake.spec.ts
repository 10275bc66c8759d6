import { expect } from '@playwright/test';
import { find, figure, FORMULA, KITCHEN_API, open, openFormula, toShelf } from './kitchen';
import { test } from './warm';

test('a bake from the turn the oven to the log, through a reload and an outage', async ({
  page,
  request,
}) => {
  await page.clock.install();
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('bake-it').click();
  await expect(page).toHaveURL(/\/bake\//);
  await expect(page.getByTestId('bake-says')).toHaveText(/^Look in \d+ min$/);
  await expect(page.getByTestId('bake-kept')).toHaveText('Saved');
  // With all it was forecast from, so that it can be baked again.
  const address = `${KITCHEN_API}/bakes/${new URL(page.url()).pathname.split('/').at(-1)}`;
  const { planned, setC } = (await (await request.get(address)).json()).data;
  expect(planned).toMatchObject({ formulaVersion: 1, plan: { setC, eggGrade: 'EU M' } });
  expect(planned.plan.lines.length).toBeGreaterThan(3);

  await page.clock.fastForward('20:00');
  await expect(page.getByTestId('bake-clock')).toHaveText(/^20:0\d$/);
  // As it was foreseen, or the window would move: half a degree under, which rounds to it.
  const foreseen = await figure(page.getByTestId('probe-now'));
  await (await find(page, 'reading')).fill(`${foreseen - 1},5`);
  await (await find(page, 'add-reading')).click();
  await expect(page.getByText(`Centre ${foreseen}\u00a0°C`)).toBeVisible();

  // The network goes: what is noted stays here and is sent when it is back.
  await page.route('**/api/**', (route) => route.abort());
  await (await find(page, 'wobble')).fill('14');
  await (await find(page, 'add-wobble')).click();
  await expect(page.getByText('Wobble 14 cm, like a jelly')).toBeVisible();
  await expect(page.getByTestId('unsent')).toHaveText(/kept on this device/);
  await page.unroute('**/api/**');
  await page.clock.fastForward('00:06');
  await expect(page.getByTestId('bake-kept')).toHaveText('Saved');

  // A reload in the middle.
  await page.reload();
  await expect(page.getByText('Wobble 14 cm, like a jelly')).toBeVisible();
  await expect(page.getByTestId('bake-clock')).toHaveText(/^20:/);

  // On other screens the strip keeps it in view.
  await toShelf(page);
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await page.getByTestId('running-strip').click();
  await page.clock.fastForward('15:00');
  await expect(page.getByTestId('bake-says')).toHaveText(/Check the wobble|Pull now/);

  await page.getByTestId('pull-it').click();
  await expect(page.getByTestId('pulled-at')).toHaveText(/Pulled at 35 min/);
  await page.getByRole('radio', { name: 'Good' }).click();
  await page.getByRole('checkbox', { name: 'bubbles' }).click();
  await page.getByTestId('bake-note').fill('Quayside test: clean cut.');
  await expect(page.getByTestId('bake-kept')).toHaveText('Saved');
  await page.getByTestId('into-log').click();

  await expect(page.getByTestId('bake-record')).toBeVisible();
  await expect(page.getByTestId('record-result')).toHaveText('● Good');
  await expect(page.getByTestId('record-note')).toHaveText('Quayside test: clean cut.');
  await expect(page.getByRole('cell', { name: '14 cm, like a jelly' })).toBeVisible();

  // Tomorrow, in the log, by a word of the note.
  await page.getByRole('link', { name: 'Log' }).click();
  await (await find(page, 'log-search')).fill('quayside');
  await expect(page.getByTestId('log-list').getByRole('listitem')).toHaveCount(1);
});

test('a tap too early can be taken back', async ({ page }) => {
  await openFormula(page, FORMULA.milkPie);
  await page.getByTestId('bake-it').click();
  await page.getByTestId('pull-it').click();
  await page.getByRole('button', { name: 'Not done: back in the oven' }).click();
  await expect(page.getByTestId('pull-it')).toBeVisible();
  await (await find(page, 'reading')).fill('900');
  await (await find(page, 'add-reading')).click();
  await expect(
    page.getByText(/^The temperature must be between -30.°C and 350.°C\.$/),
  ).toBeVisible();
  await expect(await find(page, 'reading')).toHaveValue('900');
  await (await find(page, 'reading')).fill('31');
  await (await find(page, 'add-reading')).click();
  await page.getByRole('button', { name: 'Delete: Centre 31 °C' }).click();
  await expect(page.getByText('Centre 31 °C')).toBeHidden();
  await page.getByTestId('pull-it').click();
});

test('the log is searched by formula, by tin and by text, and says when nothing fits', async ({
  page,
}) => {
  await page.goto('/log');
  const rows = page.getByTestId('log-list').getByRole('listitem');
  await expect(rows.nth(11)).toBeVisible();
  await (await find(page, 'log-formula')).selectOption({ label: 'Buckwheat custard pots' });
  await expect(rows).toHaveCount(2);
  await (await find(page, 'log-formula')).selectOption({ label: 'All' });
  await (await find(page, 'log-tin')).selectOption({ label: 'Deep ring 20 cm' });
  await expect(rows).toHaveCount(1);
  await (await find(page, 'log-search')).fill('marzipan');
  await expect(page.getByTestId('log-empty')).toHaveText(/No bake matches that/);
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect(rows.nth(11)).toBeVisible();
});

test('a bake calls when it wants something, on whatever screen, and stays silent where it is told to', async ({
  page,
}) => {
  // What a device is asked to do, kept where the test can see it.
  await page.addInitScript(() => {
    const asked = { shakes: [] as number[], tones: 0, awake: 0 };
    Object.assign(window, { asked });
    navigator.vibrate = (pattern) => {
      asked.shakes.push(([] as number[]).concat(pattern as number | number[]).length);
      return true;
    };
    window.OscillatorNode = class extends OscillatorNode {
      override start(when?: number) {
        asked.tones += 1;
        super.start(when);
      }
    };
    Object.defineProperty(navigator, 'wakeLock', {
      value: {
        request: () => {
          asked.awake += 1;
          return Promise.resolve({ released: false, release: () => Promise.resolve() });
        },
      },
    });
  });
  const asked = () =>
    page.evaluate(
      () =>
        (window as unknown as { asked: { shakes: number[]; tones: number; awake: number } }).asked,
    );
  await page.clock.install();
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('bake-it').click();
  await expect(page.getByTestId('bake-says')).toHaveText(/^Look in \d+ min$/);
  await expect.poll(async () => (await asked()).awake).toBeGreaterThan(0);
  expect(await asked()).toMatchObject({ shakes: [], tones: 0 });
  await toShelf(page);
  await page.clock.fastForward('32:00');
  await expect.poll(async () => (await asked()).shakes.length).toBe(1);
  await expect.poll(async () => (await asked()).tones).toBe(1);
  // On the best minute it calls otherwise, and only once.
  await page.clock.fastForward('08:00');
  await expect.poll(async () => (await asked()).shakes.length).toBe(2);
  expect((await asked()).shakes[1]).toBeGreaterThan((await asked()).shakes[0]!);
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await open(page, 'this-device');
  await page.getByRole('radio', { name: 'Stay silent' }).click();
  await page.clock.fastForward('30:00');
  await expect(page.getByTestId('running-strip')).toContainText('Past the window');
  expect((await asked()).shakes).toHaveLength(2);
});

test('a call is said aloud, and shown by the device while the page is not in front, where that is wished', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['notifications']);
  // A browser without a voice or a screen of its own: what it was asked for is kept.
  await page.addInitScript(() => {
    const told: string[] = [];
    Object.assign(globalThis, { told });
    speechSynthesis.speak = ({ text }) => void told.push(`said: ${text}`);
    const Shown = function (this: object, line: string) {
      told.push(`shown: ${line}`);
    };
    Object.assign(Shown, {
      permission: 'granted',
      requestPermission: () => Promise.resolve('granted'),
    });
    Object.assign(globalThis, { Notification: Shown });
  });
  const told = () =>
    page.evaluate(() => (globalThis as unknown as { told: readonly string[] }).told);
  await page.clock.install();
  await page.goto('/kitchen');
  await open(page, 'this-device');
  await expect(page.getByTestId('aloud')).toHaveAttribute('aria-checked', 'false');
  await page.getByTestId('aloud').click();
  await page.getByTestId('notices').click();
  await expect(page.getByTestId('notices')).toHaveAttribute('aria-checked', 'true');
  expect(await told()).toEqual(['said: This is how it sounds.']);
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('bake-it').click();
  await expect(page.getByTestId('bake-kept')).toHaveText('Saved');
  await page.clock.fastForward('31:00');
  await expect.poll(told).toEqual(['said: Bay-leaf set custard tart: have a look now.']);
  await page.evaluate(() =>
    Object.defineProperty(document, 'visibilityState', { value: 'hidden', configurable: true }),
  );
  await page.clock.fastForward('06:30');
  await expect
    .poll(told)
    .toEqual([
      'said: Bay-leaf set custard tart: have a look now.',
      'said: Bay-leaf set custard tart: pull it now.',
      'shown: Bay-leaf set custard tart: pull it now.',
    ]);
});

test('read from afar, a bake fills the screen with its clock, and what is read is noted there', async ({
  page,
}) => {
  await page.clock.install();
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('bake-it').click();
  await expect(page.getByTestId('bake-kept')).toHaveText('Saved');
  await page.clock.fastForward('20:00');
  await page.getByTestId('open-afar').click();
  const afar = page.getByTestId('afar-clock');
  await expect(afar).toHaveText(/^1\d:\d\d$/);
  // The clock takes most of the width, upright and on its side.
  const share = async () =>
    (await afar.boundingBox())!.width / (await page.evaluate(() => innerWidth));
  expect(await share()).toBeGreaterThan(0.7);
  await page.getByTestId('pad-wobble').click();
  const moon = page.getByTestId('nudge-moon');
  const { x, y, width, height } = (await moon.boundingBox())!;
  await page.mouse.move(x + width / 2, y + height / 2);
  await page.mouse.down();
  await page.mouse.move(x + width * 0.75, y + height / 2, { steps: 5 });
  await page.mouse.up();
  const across = Number(await page.getByTestId('wobble').inputValue());
  expect(across).toBeGreaterThan(5);
  await page.getByTestId('add-wobble').click();
  await page.keyboard.press('Escape');
  // A window leaves its full screen at Escape; a browser without one is asked to, and can be turned once it has.
  await page.evaluate(() => (document.fullscreenElement ? document.exitFullscreen() : undefined));
  await expect(() => page.setViewportSize({ width: 844, height: 390 })).toPass();
  await expect(afar).toBeInViewport({ ratio: 1 });
  await page.getByTestId('close-afar').click();
  await expect(page.getByTestId('open-afar')).toBeFocused();
  await expect(page.getByText(new RegExp(`^Wobble ${across}`))).toBeVisible();
});
