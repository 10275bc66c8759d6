/** A call said aloud, or shown by the device, as far as the browser does either. */

/** Where a call leads that is tapped on the device's own screen. */
export interface NoticeData {
  readonly path: string;
}

export const canSpeak = (): boolean => typeof speechSynthesis !== 'undefined';

/** Says a line; what is still being said gives way to it. */
export function speak(line: string): void {
  if (!canSpeak()) return;
  const says = new SpeechSynthesisUtterance(line);
  says.lang = 'en';
  speechSynthesis.cancel();
  speechSynthesis.speak(says);
}

export const canNotify = (): boolean => typeof Notification !== 'undefined';

/** Asks whether calls may be shown while the page is not. */
export async function mayNotify(): Promise<boolean> {
  if (!canNotify()) return false;
  return (await Notification.requestPermission()) === 'granted';
}

/** Shows a call on a device whose screen is off or shows something else; a later call for the same takes its place. */
export async function notify(line: string, of: string, path: string): Promise<void> {
  if (!canNotify() || Notification.permission !== 'granted') return;
  if (document.visibilityState === 'visible') return;
  const data: NoticeData = { path };
  const worker = await navigator.serviceWorker?.getRegistration();
  // A phone shows only what a service worker asks for.
  if (worker) return worker.showNotification(line, { tag: of, data });
  const notice = new Notification(line, { tag: of });
  notice.onclick = () => globalThis.focus();
}
