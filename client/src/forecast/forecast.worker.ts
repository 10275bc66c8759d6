import { forecast } from '@hollow-moon/core';
import type { FromWorker, ToWorker } from './messages';

const worker = self as unknown as {
  onmessage: ((event: { data: ToWorker }) => void) | null;
  postMessage: (message: FromWorker, transfer: Transferable[]) => void;
};

/** A forecast has many steps; the screen has use for few of them, ms. */
const TELL_EVERY_MS = 100;

worker.onmessage = ({ data: { id, plan, resolution } }) => {
  let told = performance.now();
  const result = forecast(plan, {
    resolution,
    // A draft is looked at for a moment: nobody reads the hours after it.
    cooling: resolution >= 1,
    onProgress: (share) => {
      if (performance.now() - told < TELL_EVERY_MS) return;
      told = performance.now();
      worker.postMessage({ kind: 'progress', id, share }, []);
    },
  });
  const field = result.ok ? result.value.temperatureC[0] : undefined;
  worker.postMessage({ kind: 'done', id, result }, field ? [field.buffer as ArrayBuffer] : []);
};
