import { forecast } from '@hollow-moon/core';
import type { FromWorker, ToWorker } from './messages';

const worker = self as unknown as {
  onmessage: ((event: { data: ToWorker }) => void) | null;
  postMessage: (message: FromWorker, transfer: Transferable[]) => void;
};

worker.onmessage = ({ data: { id, plan } }) => {
  const result = forecast(plan, {
    onProgress: (share) => worker.postMessage({ kind: 'progress', id, share }, []),
  });
  const transfer = result.ok
    ? [...result.value.temperatureC, ...result.value.set, ...result.value.curdled].map(
        (field) => field.buffer as ArrayBuffer,
      )
    : [];
  worker.postMessage({ kind: 'done', id, result }, transfer);
};
