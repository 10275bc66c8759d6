import { expect } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { find, figure, FORMULA, openFormula, slideTo, open } from './kitchen';
import { test } from './warm';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const forecast = (...args: string[]) =>
  spawnSync('npm', ['run', '--silent', 'forecast', '--', ...args], { cwd: ROOT, encoding: 'utf8' });

test('pots that have no window in a dry oven get one in a bath', async ({ page }) => {
  await openFormula(page, FORMULA.buckwheat);
  await expect(page.getByTestId('no-window')).toBeVisible();
  await open(page, 'conditions');
  await page.getByRole('radio', { name: 'Water bath' }).click();
  await expect(page.getByTestId('forecast-sentence')).toHaveText(/^Pull at \d+ min/);
  // The pan that is offered is 38 × 28 cm, the water half-way up six pots of 8.5 cm.
  await expect(await find(page, 'bath-water')).toHaveText(
    /^It takes 1\.\d+ l of water, \d kettles?\. At the pull/,
  );
  const best = await figure(page.getByTestId('pull-best'));
  await slideTo(await find(page, 'water-slider'), 15);
  await expect.poll(() => figure(page.getByTestId('pull-best'))).toBeGreaterThan(best + 4);
  await (await find(page, 'bath-level')).fill('60');
  await expect(page.getByText(/up to just below the rim/).first()).toBeVisible();
  await (await find(page, 'bath-level')).fill('22');
  await (await find(page, 'pan-length')).fill('12');
  await expect(page.getByText(/Take a larger pan, or two/).first()).toBeVisible();
  await page.reload();
  await expect(await find(page, 'pan-length')).toHaveValue('12');
  await page.getByRole('radio', { name: 'Dry oven' }).click();
  await expect(page.getByTestId('no-window')).toBeVisible();
});

test('a forecast is taken along as a bake case, which the command computes alike', async ({
  page,
}, testInfo) => {
  await openFormula(page, FORMULA.bay);
  await expect(page.getByTestId('forecast-sentence')).toBeVisible();
  const probe = await figure(page.getByTestId('scrub-probe'));
  const saving = page.waitForEvent('download');
  await page.getByTestId('cases').click();
  await page.getByTestId('save-case').click();
  const file = testInfo.outputPath('case.json');
  await (await saving).saveAs(file);
  const json = forecast(file);
  expect(json.stderr).toBe('');
  const result = JSON.parse(json.stdout);
  const { stages } = JSON.parse(readFileSync(file, 'utf8'));
  const centre = result.probes.find(({ name }: { name: string }) => name === 'centre');
  const at = result.timesS.findLastIndex((time: number) => time <= stages[0].untilS);
  expect(Math.abs(centre.temperatureC[at] - probe)).toBeLessThan(1.5);
  expect(Math.abs(result.energy.residual)).toBeLessThan(1e-3);
  const csv = forecast(file, '--csv').stdout.trim().split('\n');
  expect(csv[0]).toMatch(/^time_s,/);
  expect(csv).toHaveLength(result.timesS.length + 1);
  writeFileSync(file, '{"format":"other"}');
  const refused = forecast(file);
  expect(refused.status).not.toBe(0);
  expect(refused.stdout + refused.stderr).toContain('format');
});
