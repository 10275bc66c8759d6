/** The solver in a browser: where its files lie, and what becomes of its thread; the thread is a stand-in. */
import { solverInBrowser } from './solver';

class Thread {
  static opened: Thread[] = [];
  readonly posted: unknown[] = [];
  onmessage: (event: { readonly data: unknown }) => void = () => undefined;
  onerror: () => void = () => undefined;
  ended = false;
  constructor(readonly script: string) {
    Thread.opened.push(this);
  }
  postMessage(message: unknown) {
    this.posted.push(message);
  }
  terminate() {
    this.ended = true;
  }
}

beforeEach(() => {
  Thread.opened = [];
  globalThis.Worker = Thread as unknown as typeof Worker;
  // What is compiled beforehand only spares time.
  globalThis.fetch = () => Promise.reject(new Error('away'));
});

const run = (answers: unknown[] = []) => {
  const { end, stop } = solverInBrowser({ program: 'solve satisfy;', seconds: 5 }, (answer) =>
    answers.push(answer),
  );
  return { end, stop, thread: Thread.opened.at(-1)! };
};

it('is told where its files lie, and asked once it is ready', async () => {
  const answers: unknown[] = [];
  const { end, thread } = run(answers);
  expect(thread.script).toBe('/solver/minizinc-worker.js');
  expect(thread.posted).toEqual([
    { wasmURL: '/solver/minizinc.wasm', dataURL: '/solver/minizinc.data' },
  ]);
  thread.onmessage({ data: { type: 'ready' } });
  expect(thread.posted[1]).toMatchObject({
    files: { 'asked.fzn': 'solve satisfy;' },
  });
  thread.onmessage({
    data: { type: 'solution', output: { dzn: 'steps = 3;\nstart = array1d(1..2,[7, -8]);\n' } },
  });
  thread.onmessage({ data: { type: 'status', status: 'OPTIMAL_SOLUTION' } });
  thread.onmessage({ data: { type: 'exit', code: 0 } });
  await expect(end).resolves.toBe('best');
  expect([answers, thread.ended]).toEqual([[{ start: [7, -8] }], true]);
});

it('ends its thread where it is stopped, and says so where it cannot be had', async () => {
  const stopped = run();
  stopped.stop();
  await expect(stopped.end).resolves.toBe('stopped');
  expect(stopped.thread.ended).toBe(true);
  const broken = run();
  broken.thread.onerror();
  await expect(broken.end).rejects.toThrow('The solver could not be started.');
  expect(broken.thread.ended).toBe(true);
});
