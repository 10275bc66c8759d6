import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { find, FORMULA, open, openFormula, plannedNight, toBench, WIDE } from './kitchen';
import { test } from './warm';

/**
 * Source: WCAG 2.2 levels A and AA, of AAA the contrast of text (7 to 1), with the best practices and the experimental
 * rules of axe-core. The browser draws the options of its own lists, four hundred ingredients in each: they are left out.
 */
const TAGS = [
  'wcag2a',
  'wcag2aa',
  'wcag21a',
  'wcag21aa',
  'wcag22aa',
  'best-practice',
  'experimental',
];

/** Dark changes colours alone. */
const OF_COLOURS = ['color-contrast', 'color-contrast-enhanced', 'link-in-text-block'];

type Rules = Parameters<AxeBuilder['options']>[0]['runOnly'];

async function expectAccessible(
  page: Page,
  runOnly: Rules = { type: 'tag', values: TAGS },
): Promise<void> {
  // Every view is one page without frames from elsewhere: asked in one go, axe answers in a sixth of the time.
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({
      resultTypes: ['violations'],
      runOnly,
      rules: { 'color-contrast-enhanced': { enabled: true } },
    })
    .exclude('option')
    .analyze();
  expect(
    violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(' ')).join('; ')}`,
    ),
  ).toEqual([]);
}

const views: Record<string, (page: Page) => Promise<void>> = {
  'the list': async (page) => {
    await page.goto('/');
    await expect(page.getByTestId(`verdict-${FORMULA.bay}`)).toHaveText(/^\d+\smin/);
  },
  forecast: (page) => openFormula(page, FORMULA.bay),
  'no window': (page) => openFormula(page, FORMULA.buckwheat),
  'forecast, unfolded': async (page) => {
    await openFormula(page, FORMULA.bay);
    for (const fold of ['oven-steps', 'after-the-pull', 'how-sure', 'compare', 'cases']) {
      await page.getByTestId(fold).click();
    }
    await page.getByTestId('add-step').click();
    await page.getByTestId('add-door').click();
    await page.getByTestId('add-place').click();
    await page.getByTestId('compare-with').selectOption('hot');
    await expect(page.getByTestId('compared')).toContainText('earlier');
  },
  shell: async (page) => {
    await openFormula(page, FORMULA.bay);
    await page.getByRole('radio', { name: 'Shell' }).click();
    await expect(page.getByTestId('blind-sentence')).toBeVisible();
    await page.getByTestId('soggy').click();
  },
  'not judged': (page) => openFormula(page, FORMULA.bergamot),
  bench: async (page) => {
    await openFormula(page, FORMULA.bay);
    await toBench(page);
    await page.getByRole('button', { name: 'Why: setting temperature' }).click();
    await (await find(page, 'amount-0')).fill('x');
    await page.getByTestId('open-part-1').click();
    await (await find(page, 'open-more-1.0')).click();
    await page.getByTestId('fetch').click();
    await page.getByTestId('versions').click();
    await expect(page.getByTestId('compare-left')).toBeVisible();
  },
  bake: async (page) => {
    await openFormula(page, FORMULA.bay);
    await page.getByTestId('bake-it').click();
    await expect(page.getByTestId('bake-kept')).toHaveText('Saved');
    await page.getByTestId('pull-it').click();
  },
  'something is wrong': async (page) => {
    await openFormula(page, FORMULA.bay);
    await page.getByTestId('bake-it').click();
    await page.getByTestId('something-wrong').click();
    await page.getByTestId('trouble-browns-early').click();
    await expect(page.getByTestId('effect-foil')).toContainText('Then it is best at');
  },
  'what was done': async (page) => {
    await openFormula(page, FORMULA.bay);
    await page.getByTestId('bake-it').click();
    await page.getByTestId('pad-oven').click();
    await expect(page.getByTestId('deed-foil')).toBeVisible();
  },
  log: async (page) => {
    await page.goto('/log');
    await expect(page.getByTestId('log-list').getByRole('listitem').first()).toBeVisible();
  },
  record: async (page) => {
    await page.goto('/log/00000000-0000-4000-8000-000500000002');
    await page.getByTestId('record-deeds').click();
    await expect(page.getByText('It simmers or puffs at the edge').last()).toBeVisible();
  },
  plans: async (page) => {
    await page.goto('/plan');
    await expect(page.getByRole('link', { name: /Boat and tea rooms/ })).toBeVisible();
  },
  day: async (page) => {
    await page.goto('/plan/00000000-0000-4000-8000-009000000001');
    await expect(page.getByTestId('plan-verdict')).toContainText('All 12 are ready in time');
    for (const fold of ['wanted', 'hands', 'day-named', 'day-ovens', 'day-fetch', 'day-along']) {
      await open(page, fold);
    }
    await page.getByTestId('open-wanted-00000000-0000-4000-8000-009100000001').click();
    await page.locator('[data-testid^="task-"]').first().click();
    await expect(page.getByTestId('move-task')).toBeVisible();
  },
  'at work': async (page) => {
    await plannedNight(page, 'Bay-leaf set custard tart');
    await page.getByTestId('go-to-work').click();
    await page.getByTestId('done-already').click();
    await page.getByTestId('next-tap').click();
    await page.getByTestId('otherwise').click();
    await open(page, 'work-behind');
    await open(page, 'work-ahead');
    await expect(page.getByTestId('otherwise-sheet')).toBeVisible();
  },
  'the clock from afar': async (page) => {
    await plannedNight(page, 'Bay-leaf set custard tart');
    await page.getByTestId('go-to-work').click();
    await page.getByTestId('open-stand').click();
    await expect(page.getByTestId('stand-clock')).toBeVisible();
  },
  'a bake from afar': async (page) => {
    await openFormula(page, FORMULA.bay);
    await page.getByTestId('bake-it').click();
    await page.getByTestId('open-afar').click();
    await page.getByTestId('pad-wobble').click();
    await expect(page.getByTestId('afar-clock')).toBeVisible();
  },
  'a probe that reads by itself': async (page) => {
    await openFormula(page, FORMULA.bay);
    await page.getByTestId('bake-it').click();
    await open(page, 'live-probe');
    await page.getByTestId('probe-address').fill('nowhere');
    await expect(page.getByText(/An address looks like/)).toBeVisible();
  },
  'the list of keys': async (page) => {
    await page.goto('/');
    await expect(page.getByTestId(`verdict-${FORMULA.bay}`)).toHaveText(/^\d+\smin/);
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toBeVisible();
  },
  'a pasted recipe that asks': async (page) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New formula' }).first().click();
    await page
      .getByTestId('paste-text')
      .fill('Orchard pots\nServes 6\n500 ml cream\n12 oz sugar\n100 g walnut or pecan halves');
    await expect(page.getByText('Pecans', { exact: true })).toBeVisible();
  },
  'lines put in order': async (page) => {
    await openFormula(page, FORMULA.bay);
    await toBench(page);
    await page.getByTestId('sort-').click();
    await expect(page.getByTestId('handle-sort-0')).toBeFocused();
  },
  'an oven to be corrected': async (page) => {
    await page.goto('/log/00000000-0000-4000-8000-000500000002');
    await open(page, 'record-oven');
    await expect(page.getByTestId('oven-in-the-kitchen')).toBeVisible();
  },
  'help at work': async (page) => {
    await plannedNight(page, 'Toasted-rice caramel moulds');
    await page.getByTestId('go-to-work').click();
    const caramel = page.getByTestId('task-now').filter({ hasText: /caramel/i });
    for (let before = 0; before < 6 && (await caramel.count()) === 0; before += 1) {
      await page.getByTestId('done-already').click();
    }
    await page.getByTestId('next-tap').click();
    await page.getByTestId('task-wrong').click();
    await expect(page.getByTestId('wrong-sheet')).toBeVisible();
  },
  'the book away': async (page) => {
    await page.route('**/api/**', (route) => route.abort());
    await page.goto('/');
    await expect(page.getByTestId('book-away')).toBeVisible();
  },
  'the book on its way': async (page) => {
    await page.route('**/api/**', () => undefined);
    await page.goto('/');
    await expect(page.getByTestId('opening')).toBeVisible();
  },
  'nothing at an address': async (page) => {
    await page.goto('/nowhere');
    await expect(page.getByText('There is nothing at this address.')).toBeVisible();
  },
  'an amount that nobody knows': async (page) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New formula' }).first().click();
    await page.getByTestId('paste-text').fill('Quay pots\n500 ml cream\n6 egg yolks\nsugar');
    await page.getByTestId('paste-done').click();
    await page.getByTestId('side-forecast').click();
    await expect(page.getByTestId('to-the-list')).toBeVisible();
  },
  kitchen: async (page) => {
    await page.goto('/kitchen');
    for (const fold of ['this-device', 'the-kitchen', 'ovens', 'tins']) await open(page, fold);
    await page.getByRole('button', { name: 'Add a tin' }).click();
    await (await find(page, 'add-pantry')).click();
    await page.getByRole('radio', { name: 'Our own' }).click();
  },
};

/** What is tapped and lower than a thumb needs. */
const smallTargets = (page: Page) =>
  page
    .locator('button, a, [role=button], [role=radio], [role=checkbox], select, input')
    .evaluateAll((elements) =>
      elements
        .filter((element) => element.checkVisibility())
        .map((element) => {
          // A field's target is its frame.
          const frame = element.matches('input') ? element.parentElement! : element;
          return {
            text: element.ariaLabel ?? element.textContent,
            height: frame.getBoundingClientRect().height,
          };
        })
        .filter(({ height }) => height < 48),
    );

for (const [name, show] of Object.entries(views)) {
  test(`reads, fits the phone and is large enough to tap, light or dark: ${name}`, async ({
    page,
  }) => {
    await show(page);
    expect(await smallTargets(page)).toEqual([]);
    const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(over).toBeLessThanOrEqual(0);
    await expectAccessible(page);
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect(page.locator('html')).toHaveClass(/dark/);
    await expectAccessible(page, { type: 'rule', values: OF_COLOURS });
  });
}

test('axe finds nothing grave on a wide screen', async ({ page }) => {
  await page.setViewportSize(WIDE);
  await openFormula(page, FORMULA.bay);
  await expectAccessible(page);
});

test('the keyboard reaches the forecast and moves its sliders', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByTestId(`verdict-${FORMULA.bay}`)).toHaveText(/^\d+\smin/);
  await page.getByTestId(`formula-${FORMULA.bay}`).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('forecast-sentence')).toBeVisible();
  const reached: string[] = [];
  for (let press = 0; press < 30 && !reached.includes('oven-slider'); press += 1) {
    await page.keyboard.press('Tab');
    reached.push(
      await page.evaluate(() => (document.activeElement as HTMLElement).dataset.testid ?? ''),
    );
  }
  expect(reached).toContain('scrubber');
  expect(reached).toContain('oven-slider');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('oven-slider')).toHaveValue('141');
});

test('radios and ticks are worked by the keyboard, and the page is named after what is open', async ({
  page,
}) => {
  await openFormula(page, FORMULA.bay);
  await expect(page).toHaveTitle('Bay-leaf set custard tart · Hollow Moon');
  await page.getByRole('radio', { name: 'Forecast' }).focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('radio', { name: 'Shell' })).toBeFocused();
  await expect(page.getByTestId('blind-sentence')).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: 'New formula' }).first().click();
  await page.getByTestId('paste-text').fill('Orchard pots\nServes 6\n500 ml cream\n6 egg yolks');
  const portions = page.getByTestId('fact-portions');
  await expect(portions).toHaveAttribute('aria-checked', 'true');
  await portions.focus();
  await page.keyboard.press('Space');
  await expect(portions).toHaveAttribute('aria-checked', 'false');
  await page.goto('/kitchen');
  await expect(page).toHaveTitle('Kitchen · Hollow Moon');
});

test('what the pull comes to is announced as it changes', async ({ page }) => {
  await openFormula(page, FORMULA.bay);
  await expect(page.getByRole('status').filter({ hasText: /^Pull at 37 min/ })).toBeVisible();
});

// Source: CSS Color Adjustment 1, forced colours: backgrounds go, borders stay.
test('what is chosen is told where the system draws its own colours', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await openFormula(page, FORMULA.bay);
  const styleOf = (name: string) =>
    page
      .getByRole('radio', { name })
      .evaluate((element) => getComputedStyle(element).borderTopStyle);
  expect(await styleOf('Forecast')).toBe('double');
  expect(await styleOf('Bench')).toBe('solid');
});
