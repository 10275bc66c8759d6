/**
 * What keeps the application open while its server is gone. It runs beside the pages, is bundled by itself
 * (`tools/build.mjs`) and knows nothing of what they show: the files of one version of the application, whole, and what the
 * book last answered.
 */
import { clientsClaim } from 'workbox-core';
import { ExpirationPlugin } from 'workbox-expiration';
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  precacheAndRoute,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import type { NoticeData } from '../alarm/saying';
import { isAnswerToKeep, isPageOfOurs } from './kept';

/** What a service worker's scope has that is used here; the libraries of pages and of workers exclude each other. */
interface Page {
  readonly focus: () => Promise<Page>;
  readonly navigate: (path: string) => Promise<unknown>;
}
interface NoticeTapped {
  readonly notification: { readonly data?: NoticeData; readonly close: () => void };
  readonly waitUntil: (work: Promise<unknown>) => void;
}
declare const self: {
  readonly addEventListener: {
    (type: 'message', hear: (event: { readonly data?: { readonly type?: string } }) => void): void;
    (type: 'notificationclick', hear: (event: NoticeTapped) => void): void;
  };
  readonly clients: {
    readonly matchAll: (of: { readonly type: 'window' }) => Promise<readonly Page[]>;
    readonly openWindow: (path: string) => Promise<unknown>;
  };
  readonly skipWaiting: () => Promise<void>;
};

/** Put in as it is built: every file of this version, with a hash where its name has none. */
declare const PRECACHE: { readonly url: string; readonly revision: string | null }[];

/** So long the book may take to answer before what it answered last is shown, s. */
const PATIENCE_S = 8;
/** So many answers are kept: the lists of a kitchen, its day's taps, and the bakes that were looked at. */
const MOST_ANSWERS = 200;

// The page that has brought it is kept from then on, not only from its next visit.
clientsClaim();
precacheAndRoute(PRECACHE);
cleanupOutdatedCaches();

// Every address of the application is its one page.
registerRoute(
  new NavigationRoute(createHandlerBoundToURL('/index.html'), { allowlist: [isPageOfOurs] }),
);

registerRoute(
  ({ url, request }) => isAnswerToKeep(request.method, url.pathname),
  new NetworkFirst({
    cacheName: 'book',
    networkTimeoutSeconds: PATIENCE_S,
    plugins: [
      new ExpirationPlugin({ maxEntries: MOST_ANSWERS }),
      {
        // A server whose database is gone is as good as none: what it answered before is better.
        fetchDidSucceed: ({ response }) =>
          response.status >= 500
            ? Promise.reject(new Error(`the server answered ${response.status}`))
            : Promise.resolve(response),
      },
    ],
  }),
);

/** A call of the device's own screen leads to what called: in the page that is open, or in a new one. */
async function goTo(path: string): Promise<void> {
  const [page] = await self.clients.matchAll({ type: 'window' });
  if (page) await (await page.focus()).navigate(path);
  else await self.clients.openWindow(path);
}

self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  event.waitUntil(goTo(event.notification.data?.path ?? '/'));
});

// A new version waits until it is asked for: nothing changes under a cook's hands.
self.addEventListener('message', ({ data }) => {
  if (data?.type === 'SKIP_WAITING') void self.skipWaiting();
});
