// Starts again what has ended without being told to; what does not even start is tried later each time.
import { setTimeout as sleep } from 'node:timers/promises';
import { say } from './shell.mjs';

/** Waits before the attempts to start something again, ms: the last of them over and over. */
const BACK_OFF_MS = [100, 250, 500, 1000, 2000, 5000, 10_000];

/**
 * Keeps `what` running: `start` resolves with `{ ended, stop }` once it is ready, where `ended` resolves when it has
 * ended, by itself or killed. Fails when the very first start does. Resolves with a `stop` that ends it for good.
 */
export async function supervise(what, start) {
  let wanted = true;
  let current = await start();
  const startAgain = async () => {
    for (let attempt = 0; wanted; attempt += 1) {
      await sleep(BACK_OFF_MS[Math.min(attempt, BACK_OFF_MS.length - 1)]);
      if (!wanted) return;
      try {
        current = await start();
        say(`${what} is running again`);
        return;
      } catch (cause) {
        say(`${what} did not start: ${cause.message}`);
      }
    }
  };
  const watch = async () => {
    while (wanted) {
      await current.ended;
      if (!wanted) return;
      say(`${what} has ended; starting it again`);
      await startAgain();
    }
    // Told to stop while it was starting.
    await current.stop();
  };
  const watching = watch();
  return {
    stop: async () => {
      wanted = false;
      await current.stop();
      await watching;
    },
  };
}
