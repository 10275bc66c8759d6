/** The browser that the tests share: what one test leaves in it is not there for the next. They run in this order. */
import { expect } from '@playwright/test';
import { test } from './warm';

const LONG_AGO = new Date('2020-02-29T03:00:00');

test('a test may set the clock, keep things and be given permissions', async ({
  page,
  context,
}) => {
  await page.clock.install({ time: LONG_AGO });
  await context.grantPermissions(['notifications']);
  await page.goto('/formulas');
  await page.evaluate(() => {
    localStorage.setItem('left-behind', 'yes');
    document.cookie = 'left-behind=yes';
    indexedDB.open('left-behind');
    return caches.open('left-behind');
  });
  expect(await page.evaluate(() => new Date().getFullYear())).toBe(2020);
});

test('the next finds its own time, and nothing that was kept', async ({ page }) => {
  await page.goto('/formulas');
  const found = await page.evaluate(async () => ({
    now: Date.now(),
    local: localStorage.getItem('left-behind'),
    cookie: document.cookie,
    caches: await caches.keys(),
    databases: (await indexedDB.databases()).map(({ name }) => name),
    allowed: Notification.permission,
  }));
  expect(Math.abs(found.now - Date.now())).toBeLessThan(60_000);
  expect(found).toMatchObject({ local: null, cookie: '', caches: [] });
  expect(found.databases).not.toContain('left-behind');
  expect(found.allowed).not.toBe('granted');
});
