// `npm run pictures [-- name ...]`: takes the README's pictures anew, or those that are named, from the demonstration kitchen.
import { chromium } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import setUp, { PORT } from '../e2e/global-setup.mjs';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import { main, ROOT, say } from './shell.mjs';

const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };
const formula = (item) => `/formulas/00000000-0000-4000-8000-0004${String(item).padStart(8, '0')}`;
const NIGHT = '/plan/00000000-0000-4000-8000-009000000001';
/** The evening before the demonstration's boat, 22:20 by the clock on the wall. */
const EVENING = new Date(new Date().setHours(22, 20, 0, 0));
const LAST_BAKE = '/log/00000000-0000-4000-8000-000500000012';

const planned = async (page) => {
  await page.getByText('All 12 are ready in time').waitFor();
  await page.getByText(/Working out/).waitFor({ state: 'detached' });
};

/** Bettered, and proved as far as a first run of the solver goes. */
const proved = async (page) => {
  await planned(page);
  await page.getByTestId('better').click();
  await page.getByTestId('proof').waitFor({ timeout: 60_000 });
  await page.getByTestId('better').click();
};

const PICTURES = [
  { name: 'formulas', path: '/', size: PHONE },
  { name: 'forecast', path: formula(1), size: PHONE },
  {
    name: 'day',
    path: NIGHT,
    size: PHONE,
    then: async (page) => {
      await proved(page);
      await page.getByTestId('better').evaluate((each) => each.scrollIntoView());
    },
  },
  {
    name: 'bench',
    path: formula(1),
    size: PHONE,
    then: (page) => page.getByRole('radio', { name: 'Bench' }).click(),
  },
  {
    name: 'build',
    path: formula(13),
    size: PHONE,
    then: async (page) => {
      await page.getByRole('radio', { name: 'Bench' }).click();
      await page.getByTestId('open-part-0').click();
      await page.getByTestId('build').evaluate((each) => each.scrollIntoView());
    },
  },
  {
    name: 'shell',
    path: formula(2),
    size: PHONE,
    then: async (page) => {
      await page.getByRole('radio', { name: 'Shell' }).click();
      await page.getByTestId('blind-sentence').waitFor();
      await page.getByTestId('base-water').waitFor();
      await page.getByTestId('dial').evaluate((each) => each.parentElement.scrollIntoView());
    },
  },
  {
    name: 'layers',
    path: formula(8),
    size: PHONE,
    then: (page) =>
      page.getByTestId('layers-named').evaluate((each) => each.scrollIntoView({ block: 'end' })),
  },
  {
    name: 'cooling',
    path: formula(9),
    size: PHONE,
    then: async (page) => {
      await page.getByTestId('after-the-pull').click();
      await page.getByTestId('after-the-pull').evaluate((each) => each.scrollIntoView());
    },
  },
  {
    name: 'wide-day',
    path: NIGHT,
    size: WIDE,
    then: async (page) => {
      await proved(page);
      await page.getByText('Deck oven').first().scrollIntoViewIfNeeded();
    },
  },
  {
    name: 'no-window',
    path: formula(3),
    size: PHONE,
    dark: true,
    then: (page) => page.getByTestId('remedies').waitFor(),
  },
  {
    name: 'work',
    path: NIGHT.replace('plan', 'work'),
    size: PHONE,
    // The evening before the boat: half of the night is done.
    clock: EVENING,
    then: async (page) => {
      await page.getByTestId('as-planned').click();
      await page.getByTestId('work-ahead').click();
      await page
        .locator('[data-testid^="line-"]', {
          hasText: /Warm the dairy|Mix and strain|Cook, stirring/,
        })
        .first()
        .click();
      await page.getByTestId('to-weigh').waitFor();
      await page.getByTestId('next-tap').click();
      await page.getByTestId('task-clock').waitFor();
      await page.clock.fastForward('03:20');
      await page.getByTestId('task-standing').evaluate((each) => each.scrollIntoView());
    },
  },
  { name: 'wide', path: formula(2), size: WIDE },
  { name: 'wide-dark', path: formula(1), size: WIDE, dark: true },
  {
    name: 'bake',
    path: formula(1),
    size: PHONE,
    clock: true,
    then: async (page) => {
      await page.getByTestId('bake-it').click();
      await page.getByText('Saved').waitFor();
      await page.clock.fastForward('27:30');
      await page.getByTestId('pad-reading').click();
      await page.getByTestId('reading').fill('69');
      await page.getByTestId('add-reading').click();
      await page.getByText('Saved').waitFor();
      await page.getByTestId('pad-reading').click();
      await page.getByTestId('learnt').waitFor();
      await page.clock.fastForward('03:20');
    },
  },
  {
    name: 'making',
    path: formula(4),
    size: PHONE,
    clock: true,
    then: async (page) => {
      await page.getByTestId('make-it').click();
      await page.getByRole('button', { name: 'Start: Shell' }).click();
      await page.clock.fastForward('31:20');
      await page.getByRole('button', { name: 'Done: Shell' }).click();
      await page.getByRole('button', { name: 'Start: Cooking' }).click();
      await page.clock.fastForward('04:10');
      await page.getByTestId('pad-reading').click();
      await page.getByTestId('reading').fill('79');
      await page.getByTestId('add-reading').click();
      await page.getByText('Saved').waitFor();
      await page.getByTestId('pad-reading').click();
    },
  },
  {
    name: 'paste',
    path: '/',
    size: PHONE,
    then: async (page) => {
      await page.getByRole('button', { name: 'New formula' }).first().click();
      await page
        .getByTestId('paste-text')
        .fill(
          [
            'Slipway almond tart, serves 8',
            'Crust',
            '200 g plain flour',
            '100g/3.5oz cold butter',
            '1 egg yolk',
            'Almond cream',
            '125 g soft butter',
            '120 g sugar, less 3 tbsp for the plums',
            '2 eggs',
            '1 cup almond flour',
            '2 lemons',
            'cream',
            'Method',
            'Bake at 350 F for 35 min.',
          ].join('\n'),
        );
      await page.getByTestId('facts').waitFor();
      await page.getByTestId('paste-language').evaluate((each) => each.scrollIntoView());
    },
  },
  {
    name: 'log',
    path: '/log',
    size: PHONE,
    then: (page) => page.getByTestId('calendar').waitFor(),
  },
  {
    name: 'record',
    path: LAST_BAKE,
    size: WIDE,
    then: (page) => page.getByTestId('bake-record').waitFor(),
  },
  {
    name: 'kitchen',
    path: '/kitchen',
    size: PHONE,
    then: async (page) => {
      await page.getByTestId('ovens').click();
    },
  },
];

await main(async () => {
  await ensureNpmPackages();
  await ensureDebianPackages({
    mariadbd: 'mariadb-server',
    'chromium-headless-shell': 'chromium-headless-shell',
  });
  const tearDown = await setUp();
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-background-networking'],
  });
  try {
    mkdirSync(join(ROOT, 'docs/screenshots'), { recursive: true });
    const named = process.argv.slice(2);
    const wanted = PICTURES.filter(({ name }) => named.length === 0 || named.includes(name));
    for (const { name, path, size, dark, clock, then } of wanted) {
      const context = await browser.newContext({
        viewport: size,
        colorScheme: dark ? 'dark' : 'light',
        timezoneId: 'Europe/Lisbon',
        serviceWorkers: 'block',
      });
      const page = await context.newPage();
      if (clock) await page.clock.install(clock instanceof Date ? { time: clock } : {});
      await page.goto(`http://127.0.0.1:${PORT}${path}`);
      await page.waitForFunction(() => !document.body.innerText.includes('Opening the kitchen'));
      if (path.startsWith('/formulas/') || path === '/') {
        await page.waitForFunction(
          () =>
            /Pull at|No window|Sets at|done at/.test(document.body.innerText) &&
            !document.body.innerText.includes('Working it out'),
        );
      }
      await then?.(page);
      if (clock) await page.clock.runFor(1000);
      else await page.waitForTimeout(500);
      await page.screenshot({ path: join(ROOT, `docs/screenshots/${name}.png`) });
      say(`docs/screenshots/${name}.png`);
      await context.close();
    }
  } finally {
    await browser.close();
    await tearDown();
  }
});
