// A browser that has been here before. A fresh context compiles the application's script anew at each page it opens, which costs
// more than most tests ask of it; a cook's own browser keeps what it has compiled. So the tests share one browser over a profile
// on the disk, of which nothing outlives a test but the caches of scripts and the forecasts that were worked out, which say
// the same whoever asks.
import {
  test as base,
  type BrowserContext,
  type Page,
  type PlaywrightWorkerArgs,
} from '@playwright/test';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BASE_URL } from './place';

/** Whatever a page can leave behind in a browser, but for what it keeps of scripts, and its databases. */
const LEFT_BEHIND = 'cookies,local_storage,service_workers,cache_storage';
/** The database of what was worked out (client/src/jobs/answers.ts); every other goes. */
const ANSWERS = 'hollow-moon-answers';

/** Databases can only be had from within their origin: an empty page there, which asks nothing of the server. */
async function forgetDatabases(page: Page): Promise<void> {
  await page.route('**/*', (route) => route.fulfill({ contentType: 'text/html', body: '' }));
  await page.goto(BASE_URL);
  await page.evaluate(async (answers) => {
    for (const { name } of await indexedDB.databases()) {
      if (name === undefined || name === answers) continue;
      await new Promise((resolve, reject) => {
        Object.assign(indexedDB.deleteDatabase(name), { onsuccess: resolve, onerror: reject });
      });
    }
  }, ANSWERS);
  await page.unrouteAll();
  await page.goto('about:blank');
}

/** Shuts every page but the empty one that a browser begins with, and forgets what they kept. */
async function forget(context: BrowserContext): Promise<void> {
  const [first, ...others] = context.pages();
  await Promise.all(others.map((page) => page.close()));
  await context.unrouteAll({ behavior: 'ignoreErrors' });
  await context.clearPermissions();
  await context.setOffline(false);
  const session = await context.newCDPSession(first!);
  await session.send('Storage.clearDataForOrigin', {
    origin: BASE_URL,
    storageTypes: LEFT_BEHIND,
  });
  await session.detach();
  await forgetDatabases(first!);
}

interface Held {
  readonly profile: string;
  context: BrowserContext | undefined;
  /** A test has set its clock, which holds for every page that is opened in it. */
  clocked: boolean;
}

/** The ways to set a clock; a browser whose clock was set is of no use to the next test. */
const CLOCK_SETTING = ['install', 'setFixedTime', 'setSystemTime'] as const;

function watchClock(held: Held, { clock }: BrowserContext): void {
  for (const way of CLOCK_SETTING) {
    const set = clock[way].bind(clock) as (...given: unknown[]) => Promise<void>;
    clock[way] = (...given: unknown[]) => {
      held.clocked = true;
      return set(...given);
    };
  }
}

/** The browser of a worker: opened anew, over what was compiled, where there is none any more. */
async function opened(held: Held, playwright: PlaywrightWorkerArgs['playwright']) {
  if (held.context) return held.context;
  const context = await playwright.chromium.launchPersistentContext(held.profile);
  Object.assign(held, { context, clocked: false });
  watchClock(held, context);
  return context;
}

export const test = base.extend<{ context: BrowserContext }, { held: Held }>({
  held: [
    // eslint-disable-next-line no-empty-pattern -- Playwright reads what is wanted from this very pattern.
    async ({}, use) => {
      const profile = await mkdtemp(join(tmpdir(), 'hollow-moon-browser-'));
      const held: Held = { profile, context: undefined, clocked: false };
      await use(held);
      await held.context?.close();
      await rm(held.profile, { recursive: true, force: true });
    },
    { scope: 'worker' },
  ],
  // Opened within a test and not for the worker, so that it gets the options of the configuration.
  context: async ({ playwright, held }, use) => {
    const context = await opened(held, playwright);
    await use(context);
    await forget(context);
    if (!held.clocked) return;
    held.context = undefined;
    await context.close();
  },
});
