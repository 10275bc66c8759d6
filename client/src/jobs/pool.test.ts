import { fakeWorkers } from '../testing/workers';
import { createPool, type Wish } from './pool';

const members = (first: number) =>
  ({ plan: {}, unsure: {}, first, last: first + 1, pullS: 1 }) as never;

function start(size: number) {
  const workers = fakeWorkers();
  const pool = createPool(workers.create, size);
  const ask = (n: number, wish?: Wish) => pool.ask('members', members(n), wish);
  const asked = () =>
    workers.made.map(({ got }) => got.map(({ ask }) => (ask as { first: number }).first));
  return { ...workers, pool, ask, asked };
}

describe('a pool of workers', () => {
  it('works on as many at a time as it has places but one, in order', async () => {
    const { ask, asked, answer } = start(3);
    const done: number[] = [];
    for (const n of [0, 1, 2, 3]) void ask(n).answer.then(() => done.push(n));
    expect(asked()).toEqual([[0], [1]]);
    await answer([], 1);
    expect(done).toEqual([1]);
    await answer([], 0);
    expect(asked()).toEqual([
      [0, 3],
      [1, 2],
    ]);
  });

  it('keeps a place for what is wanted now, and does that first', async () => {
    const { ask, asked, answer } = start(2);
    ask(0, { priority: 'fold' });
    ask(1, { priority: 'fold' });
    ask(2, { priority: 'list' });
    expect(asked()).toEqual([[0]]);
    ask(3, { priority: 'now' });
    ask(4, { priority: 'now' });
    expect(asked()).toEqual([[0], [3]]);
    await answer([], 0);
    expect(asked()).toEqual([[0, 4], [3]]);
    await answer([], 0);
    await answer([], 0);
    expect(asked()[0]).toEqual([0, 4, 2, 1]);
  });

  it('works out once what is asked twice, and remembers it', async () => {
    const { pool, ask, asked, answer } = start(1);
    const both = [ask(0).answer, ask(0).answer];
    await answer(['found']);
    expect(await Promise.all(both)).toEqual([['found'], ['found']]);
    expect(await ask(0).answer).toEqual(['found']);
    expect(pool.known('members', members(0))).toEqual(['found']);
    expect(pool.known('members', members(1))).toBeUndefined();
    expect(asked()).toEqual([[0]]);
  });

  it('brings forward what waits once somebody wants it now', async () => {
    const { ask, asked, answer } = start(1);
    ask(0);
    ask(1);
    ask(2);
    ask(2, { priority: 'now' });
    await answer([]);
    expect(asked()).toEqual([[0, 2]]);
  });

  it('stops the worker of a job that is taken back, and goes on with the next', () => {
    const { ask, asked, made } = start(1);
    const first = ask(0);
    const second = ask(1);
    ask(2);
    second.withdraw();
    first.withdraw();
    expect(made[0]!.ended).toBe(true);
    expect(asked()).toEqual([[0], [2]]);
  });

  it('goes on with a job that somebody else waits for', async () => {
    const { ask, made, answer } = start(1);
    const first = ask(0);
    const second = ask(0);
    first.withdraw();
    expect(made[0]!.ended).toBe(false);
    await answer(['found']);
    expect(await second.answer).toEqual(['found']);
  });

  it('has one wish in a slot, the newest; one under way is let finish', async () => {
    const { ask, asked, answer } = start(1);
    for (const n of [0, 1, 2]) ask(n, { slot: 'bench' });
    ask(7, { slot: 'other' });
    await answer([]);
    await answer([]);
    expect(asked()).toEqual([[0, 2, 7]]);
  });

  it('says so when a worker breaks, and recovers', async () => {
    const { ask, made, breakOff, answer } = start(1);
    const broken = ask(0).answer;
    const told = expect(broken).rejects.toThrow('broke off');
    await breakOff();
    await told;
    expect(made[0]!.ended).toBe(true);
    const again = ask(0).answer;
    await answer(['found'], 1);
    expect(await again).toEqual(['found']);
  });

  it('does not mind that a worker breaks which was stopped meanwhile', async () => {
    const { ask, made, answer } = start(1);
    const first = ask(0);
    first.withdraw();
    const second = ask(1).answer;
    made[0]!.got[0]!.reject(new Error('The computation broke off.'));
    for (let turn = 0; turn < 5; turn += 1) await Promise.resolve();
    expect(made[1]!.ended).toBe(false);
    await answer(['found'], 1);
    expect(await second).toEqual(['found']);
  });

  it('does not mind an answer to what was taken back', async () => {
    const { ask, made, answer } = start(1);
    const first = ask(0);
    first.withdraw();
    const second = ask(1);
    let settled = false;
    void second.answer.then(() => (settled = true));
    made[0]!.got[0]!.resolve([]);
    await Promise.resolve();
    expect(settled).toBe(false);
    await answer([]);
    expect(settled).toBe(true);
  });
});
