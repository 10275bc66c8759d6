/** Calls said aloud and shown by the device, with stand-ins for what a browser has for both. */
import { mayNotify, notify, speak } from './saying';

const given: string[] = [];

/** A browser that can notify, where a page may or may not. */
function notifying(permission: NotificationPermission, seen: 'visible' | 'hidden') {
  const made: { line: string; tag: string | undefined; onclick?: () => void }[] = [];
  class Shown {
    static readonly permission = permission;
    static readonly requestPermission = () => Promise.resolve(permission);
    onclick: (() => void) | undefined;
    constructor(line: string, { tag }: NotificationOptions) {
      made.push(Object.assign(this, { line, tag }));
    }
  }
  Object.assign(globalThis, { Notification: Shown });
  jest.spyOn(document, 'visibilityState', 'get').mockReturnValue(seen);
  return made;
}

const registered = (registration: unknown) =>
  Object.defineProperty(navigator, 'serviceWorker', {
    value: { getRegistration: () => Promise.resolve(registration) },
    configurable: true,
  });

afterEach(() => {
  for (const name of ['Notification', 'speechSynthesis', 'SpeechSynthesisUtterance'])
    Reflect.deleteProperty(globalThis, name);
  Reflect.deleteProperty(navigator, 'serviceWorker');
  given.length = 0;
  jest.restoreAllMocks();
});

it('says a line in English; what is still being said gives way to it', () => {
  speak('Nobody hears this.');
  Object.assign(globalThis, {
    SpeechSynthesisUtterance: class {
      lang = '';
      constructor(readonly text: string) {}
    },
    speechSynthesis: {
      cancel: () => given.push('hush'),
      speak: ({ text, lang }: SpeechSynthesisUtterance) => given.push(`${lang}: ${text}`),
    },
  });
  speak('Pull the bay tart.');
  expect(given).toEqual(['hush', 'en: Pull the bay tart.']);
});

it('asks whether calls may be shown, where the device can', async () => {
  expect(await mayNotify()).toBe(false);
  notifying('granted', 'hidden');
  expect(await mayNotify()).toBe(true);
  notifying('denied', 'hidden');
  expect(await mayNotify()).toBe(false);
});

it('is shown by the service worker where there is one, with where its tap leads', async () => {
  notifying('granted', 'hidden');
  registered({
    showNotification: (line: string, options: NotificationOptions) => {
      given.push(`${line} ${JSON.stringify(options)}`);
      return Promise.resolve();
    },
  });
  await notify('Pull the bay tart.', 'bay', '/bakes/bay');
  expect(given).toEqual(['Pull the bay tart. {"tag":"bay","data":{"path":"/bakes/bay"}}']);
});

it('is shown by the page itself where there is none, and a tap leads to it', async () => {
  const made = notifying('granted', 'hidden');
  registered(undefined);
  await notify('Pull the bay tart.', 'bay', '/bakes/bay');
  expect(made).toMatchObject([{ line: 'Pull the bay tart.', tag: 'bay' }]);
  const focus = jest.spyOn(globalThis, 'focus').mockImplementation(() => undefined);
  made[0]!.onclick!();
  expect(focus).toHaveBeenCalledTimes(1);
});

it.each([
  ['it may not', 'denied', 'hidden'],
  ['the page is in front', 'granted', 'visible'],
] as const)('is not shown where %s', async (_, permission, seen) => {
  const made = notifying(permission, seen);
  registered(undefined);
  await notify('Pull the bay tart.', 'bay', '/bakes/bay');
  expect(made).toEqual([]);
});

it('is not shown where the device cannot', async () => {
  registered({ showNotification: () => given.push('shown') });
  await notify('Pull the bay tart.', 'bay', '/bakes/bay');
  expect(given).toEqual([]);
});
