import type { Answer, Ask, JobKind, Tell } from '../jobs/jobs';
import type { JobWorker } from '../jobs/pool';

interface Got {
  readonly kind: JobKind;
  readonly ask: Ask<JobKind>;
  readonly tell: Tell | undefined;
  readonly resolve: (answer: Answer<JobKind>) => void;
  readonly reject: (cause: Error) => void;
}

/** Workers without threads: each answers when told to. */
export function fakeWorkers() {
  const made: (JobWorker & { readonly got: Got[]; ended: boolean })[] = [];
  const create = (): JobWorker => {
    const got: Got[] = [];
    const worker = {
      got,
      ended: false,
      work: <K extends JobKind>(kind: K, ask: Ask<K>, tell?: Tell<K>) =>
        new Promise<Answer<K>>((resolve, reject) => {
          got.push({ kind, ask, tell, resolve: resolve, reject });
        }),
      terminate() {
        worker.ended = true;
      },
    };
    made.push(worker);
    return worker;
  };
  /** A few turns, for what follows an answer to follow it. */
  const turns = async () => {
    for (let turn = 0; turn < 5; turn += 1) await Promise.resolve();
  };
  return {
    made,
    create,
    /** The last thing a worker was asked is answered. */
    answer: async (answer: unknown, index = made.length - 1) => {
      made[index]!.got.at(-1)!.resolve(answer as Answer<JobKind>);
      await turns();
    },
    breakOff: async (index = made.length - 1) => {
      made[index]!.got.at(-1)!.reject(new Error('The computation broke off.'));
      await turns();
    },
  };
}
