/** What the service worker answers with and hears; the libraries of caches are stand-ins that say how they were set up. */
import { isAnswerToKeep, isPageOfOurs } from './kept';

const mockSet: { routes: unknown[][]; claimed: number; precached: unknown[] } = {
  ...{ routes: [], claimed: 0, precached: [] },
};
jest.mock('workbox-core', () => ({ clientsClaim: () => (mockSet.claimed += 1) }));
jest.mock('workbox-precaching', () => ({
  cleanupOutdatedCaches: () => undefined,
  createHandlerBoundToURL: (url: string) => ({ url }),
  precacheAndRoute: (files: unknown) => mockSet.precached.push(files),
}));
/** Things of the libraries, as what they were made with. */
const mockMadeOf = (...names: readonly string[]) =>
  class {
    constructor(...given: readonly unknown[]) {
      names.forEach((name, index) => Object.assign(this, { [name]: given[index] }));
    }
  };
jest.mock('workbox-routing', () => ({
  NavigationRoute: mockMadeOf('handler', 'options'),
  registerRoute: (...given: unknown[]) => mockSet.routes.push(given),
}));
jest.mock('workbox-strategies', () => ({ NetworkFirst: mockMadeOf('options') }));
jest.mock('workbox-expiration', () => ({ ExpirationPlugin: mockMadeOf('options') }));

type Heard = (event: unknown) => void;
const heard: Record<string, Heard> = {};
const files = [{ url: '/index.html', revision: 'a' }];
const clients = { matchAll: jest.fn(), openWindow: jest.fn() };
const skipWaiting = jest.fn(() => Promise.resolve());

beforeAll(() => {
  jest
    .spyOn(globalThis, 'addEventListener')
    .mockImplementation((type: string, hear: unknown) => void (heard[type] = hear as Heard));
  Object.assign(globalThis, { clients, skipWaiting, PRECACHE: files });
  jest.requireActual('./serviceWorker');
});
beforeEach(() => jest.clearAllMocks());

it('keeps the files of its version, for the page that has brought it too', () => {
  expect(mockSet.precached).toEqual([files]);
  expect(mockSet.claimed).toBe(1);
});

it('answers every address of the application with its one page, and no other', () => {
  const [[page]] = mockSet.routes as [[{ handler: unknown; options: { allowlist: RegExp[] } }]];
  expect(page.handler).toEqual({ url: '/index.html' });
  expect(page.options.allowlist).toEqual([isPageOfOurs]);
  const ours = ['/', '/plan', '/formulas/1?side=bench', '/no/such/place'];
  const others = ['/api/health', '/solver/x', '/_expo/a.js', '/assets/b', '/icon.png', '/a.html'];
  expect(ours.filter((path) => !isPageOfOurs.test(path))).toEqual([]);
  expect(others.filter((path) => isPageOfOurs.test(path))).toEqual([]);
});

describe('what the book answers', () => {
  type Matches = (of: { url: URL; request: { method: string } }) => boolean;
  interface Plugin {
    readonly options?: { readonly maxEntries: number };
    readonly fetchDidSucceed?: (of: { response: { status: number } }) => Promise<unknown>;
  }
  interface Strategy {
    readonly options: { readonly networkTimeoutSeconds: number; readonly plugins: Plugin[] };
  }
  const routed = () => mockSet.routes[1] as [Matches, Strategy];

  it('is kept where it is read of a kitchen, but for what is told as it happens or drawn', () => {
    const [matches] = routed();
    const asked = (path: string, method = 'GET') =>
      matches({ url: new URL(path, 'http://localhost'), request: { method } });
    expect(['/api/kitchens', '/api/kitchens/1/days'].map((path) => asked(path))).toEqual([
      true,
      true,
    ]);
    const not = [
      '/api/kitchens/1/events',
      '/api/kitchens/1/days/2.pdf',
      '/api/health',
      '/api/kitchensink',
    ];
    expect(not.map((path) => asked(path))).toEqual(not.map(() => false));
    expect(asked('/api/kitchens/1/days', 'PUT')).toBe(false);
    expect(isAnswerToKeep('GET', '/x/api/kitchens')).toBe(false);
  });

  it('is better from before than an error of now, or than waiting longer than eight seconds', async () => {
    const [, strategy] = routed();
    const { networkTimeoutSeconds, plugins } = strategy.options;
    expect(networkTimeoutSeconds).toBe(8);
    expect(plugins[0]!.options).toEqual({ maxEntries: 200 });
    const { fetchDidSucceed } = plugins[1]!;
    await expect(fetchDidSucceed!({ response: { status: 503 } })).rejects.toThrow('503');
    await expect(fetchDidSucceed!({ response: { status: 500 } })).rejects.toThrow('500');
    expect(await fetchDidSucceed!({ response: { status: 499 } })).toEqual({ status: 499 });
  });
});

describe('a call that is tapped', () => {
  const tap = async (data?: { readonly path: string }) => {
    const close = jest.fn();
    let work: Promise<unknown> | undefined;
    heard['notificationclick']!({
      notification: { close, data },
      waitUntil: (until: Promise<unknown>) => (work = until),
    });
    await work;
    expect(close).toHaveBeenCalledTimes(1);
  };

  it('leads to what called in the page that is open', async () => {
    const navigate = jest.fn();
    clients.matchAll.mockResolvedValue([{ focus: () => Promise.resolve({ navigate }) }]);
    await tap({ path: '/bake/1' });
    expect(clients.matchAll).toHaveBeenCalledWith({ type: 'window' });
    expect(navigate).toHaveBeenCalledWith('/bake/1');
    expect(clients.openWindow).not.toHaveBeenCalled();
  });

  it('and in a new one where none is; to the first where it says nothing', async () => {
    clients.matchAll.mockResolvedValue([]);
    await tap({ path: '/bake/1' });
    await tap();
    expect(clients.openWindow.mock.calls).toEqual([['/bake/1'], ['/']]);
  });
});

it('a new version waits until it is asked for', () => {
  heard['message']!({ data: { type: 'OTHER' } });
  heard['message']!({});
  expect(skipWaiting).not.toHaveBeenCalled();
  heard['message']!({ data: { type: 'SKIP_WAITING' } });
  expect(skipWaiting).toHaveBeenCalledTimes(1);
});
