import { proxy, releaseProxy, wrap } from 'comlink';
import type { Answer, Ask, JobKind, Tell, Work } from './jobs';
import type { JobWorker } from './pool';

/** A thread for jobs. Metro turns the address, a literal, into a chunk of its own. */
export function createJobWorker(): JobWorker {
  const worker = new Worker(new URL('./jobs.worker.ts', window.location.href));
  const remote = wrap<Work>(worker);
  const broken = new Promise<never>((_resolve, reject) => {
    worker.onerror = () => reject(new Error('The computation broke off.'));
    worker.onmessageerror = () => reject(new Error('The computation broke off.'));
  });
  broken.catch(() => undefined);
  return {
    work: <K extends JobKind>(kind: K, ask: Ask<K>, tell?: Tell<K>) =>
      Promise.race([
        remote(kind, ask, tell && proxy(tell)) as unknown as Promise<Answer<K>>,
        broken,
      ]),
    terminate: () => {
      remote[releaseProxy]();
      worker.terminate();
    },
  };
}
