import type { FromJobWorker, ToJobWorker } from './jobs';
import { createPool, type JobWorker } from './pool';

/** Workers without threads: each answers when told to. */
function fakes() {
  const made: (JobWorker & { got: ToJobWorker[]; ended: boolean })[] = [];
  const create = (): JobWorker => {
    const worker = {
      onmessage: null as ((event: { data: FromJobWorker }) => void) | null,
      onerror: null as ((event: unknown) => void) | null,
      got: [] as ToJobWorker[],
      ended: false,
      postMessage(message: ToJobWorker) {
        worker.got.push(message);
      },
      terminate() {
        worker.ended = true;
      },
    };
    made.push(worker);
    return worker;
  };
  const answer = (index: number) => {
    const worker = made[index]!;
    worker.onmessage?.({ data: { id: worker.got.at(-1)!.id, answer: [] } });
  };
  return { made, create, answer };
}

const members = (first: number) =>
  ({ plan: {}, unsure: {}, first, last: first + 1, pullS: 1 }) as never;

describe('a pool of workers', () => {
  it('works on as many at a time as it has places, in order', async () => {
    const { made, create, answer } = fakes();
    const pool = createPool(create, 2);
    const done: number[] = [];
    const asked = [0, 1, 2, 3].map((n) => pool.ask('members', members(n)));
    asked.forEach(({ answer }, n) => void answer.then(() => done.push(n)));
    expect(made).toHaveLength(2);
    expect(made.map(({ got }) => got.length)).toEqual([1, 1]);
    answer(1);
    await asked[1]!.answer;
    expect(done).toEqual([1]);
    expect(made[1]!.got).toHaveLength(2);
    answer(0);
    answer(1);
    answer(0);
    await Promise.all(asked.map((each) => each.answer));
    expect(done).toHaveLength(4);
  });

  it('stops the worker of a job that is taken back, and goes on with the next', () => {
    const { made, create } = fakes();
    const pool = createPool(create, 1);
    const first = pool.ask('members', members(0));
    const second = pool.ask('members', members(1));
    pool.ask('members', members(2));
    second.withdraw();
    first.withdraw();
    expect(made[0]!.ended).toBe(true);
    expect(made[1]!.got.map(({ ask }) => (ask as { first: number }).first)).toEqual([2]);
  });

  it('says so when a worker breaks, and recovers', async () => {
    const { made, create, answer } = fakes();
    const pool = createPool(create, 1);
    const broken = pool.ask('members', members(0));
    made[0]!.onerror?.('boom');
    await expect(broken.answer).rejects.toThrow('broke off');
    const again = pool.ask('members', members(1));
    answer(1);
    await expect(again.answer).resolves.toEqual([]);
  });

  it('does not mind an answer to what was taken back', async () => {
    const { made, create } = fakes();
    const pool = createPool(create, 1);
    const first = pool.ask('members', members(0));
    const old = made[0]!;
    first.withdraw();
    const second = pool.ask('members', members(1));
    old.onmessage?.({ data: { id: old.got[0]!.id, answer: [] } });
    let settled = false;
    void second.answer.then(() => (settled = true));
    await Promise.resolve();
    expect(settled).toBe(false);
  });
});
