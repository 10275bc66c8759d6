/** A thread for jobs; the thread itself is a stand-in at the other end of the line, which speaks as a worker does. */
import { expose } from 'comlink';
import { MessageChannel } from 'node:worker_threads';
import type { Tell } from './jobs';
import { createJobWorker } from './worker';

type Port = InstanceType<typeof MessageChannel>['port1'];

const made: ThreadStandIn[] = [];
class ThreadStandIn extends EventTarget {
  onerror: (() => void) | null = null;
  onmessageerror: (() => void) | null = null;
  ended = false;
  readonly there: Port;
  private readonly here: Port;
  constructor(readonly address: URL) {
    super();
    const { port1, port2 } = new MessageChannel();
    [this.here, this.there] = [port1, port2];
    this.here.on('message', (data) => this.dispatchEvent(new MessageEvent('message', { data })));
    made.push(this);
  }
  postMessage(data: unknown, transfer: readonly unknown[] = []) {
    this.here.postMessage(data, transfer as never);
  }
  terminate() {
    this.ended = true;
    this.here.close();
  }
}

/** The other end: doubles what it is asked, tells that it is half done, or says nothing for ever. */
function answering(thread: ThreadStandIn) {
  const { there } = thread;
  const end = {
    postMessage: (data: unknown, transfer: readonly unknown[] = []) =>
      there.postMessage(data, transfer as never),
    addEventListener: (_: string, hear: (event: { data: unknown }) => void) =>
      there.on('message', (data) => hear({ data })),
    removeEventListener: () => undefined,
    start: () => undefined,
  };
  expose(async (kind: string, ask: { readonly n: number }, tell?: Tell) => {
    if (kind === 'never') return new Promise(() => undefined);
    await (tell as unknown as ((share: number) => Promise<void>) | undefined)?.(0.5);
    return { kind, n: 2 * ask.n };
  }, end as never);
}

beforeEach(() => {
  made.length = 0;
  Object.assign(globalThis, { Worker: ThreadStandIn, MessageChannel });
});
afterEach(() => {
  for (const thread of made) thread.terminate();
});

const begin = () => {
  const worker = createJobWorker();
  const thread = made[0]!;
  answering(thread);
  const work = (kind: string, tell?: (share: number) => void) =>
    worker.work(kind as 'forecast', { n: 21 } as never, tell) as Promise<unknown>;
  return { worker, thread, work };
};

it('works on what it is asked, by the script of jobs', async () => {
  const { thread, work } = begin();
  expect(thread.address.pathname).toMatch(/jobs\.worker\.ts$/);
  expect(await work('forecast')).toEqual({ kind: 'forecast', n: 42 });
});

it.each(['onerror', 'onmessageerror'] as const)('that broke off says so (%s)', async (how) => {
  const { thread, work } = begin();
  const answer = work('never');
  thread[how]!();
  await expect(answer).rejects.toThrow('The computation broke off.');
  // And to whoever asks after.
  await expect(work('forecast')).rejects.toThrow('The computation broke off.');
});

it('is ended with what it works on', () => {
  const { worker, thread } = begin();
  worker.terminate();
  expect(thread.ended).toBe(true);
});
