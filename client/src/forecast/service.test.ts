import { forecast, type Forecast, type ForecastPlan, type Result } from '@hollow-moon/core';
import { book, tart } from '../testing/book';
import type { FromWorker, ToWorker } from './messages';
import { planFor } from './plan';
import { createForecastService, type ForecastWorker } from './service';

const planAt = (setC: number): ForecastPlan => {
  const wish = planFor({ ...tart, setC }, book);
  if ('missing' in wish) throw new Error(wish.missing);
  return wish.plan;
};

/** A worker without a thread: it answers when told to. */
function fakeWorkers() {
  const made: (ForecastWorker & { readonly got: ToWorker[]; ended: boolean })[] = [];
  const create = (): ForecastWorker => {
    const worker = {
      onmessage: null,
      onerror: null,
      got: [] as ToWorker[],
      ended: false,
      postMessage(message: ToWorker) {
        worker.got.push(message);
      },
      terminate() {
        worker.ended = true;
      },
    };
    made.push(worker);
    return worker;
  };
  const say = (message: FromWorker) => made.at(-1)!.onmessage?.({ data: message });
  const answer = (result: Result<Forecast>) =>
    say({ kind: 'done', id: made.at(-1)!.got.at(-1)!.id, result });
  return { made, create, say, answer };
}

const no: Result<Forecast> = { ok: false, problem: { code: 'x', message: 'no' } };

describe('the forecast service', () => {
  it('runs one at a time and lets a newer wish replace one that waits', () => {
    const { made, create, answer } = fakeWorkers();
    const service = createForecastService(create);
    const done: number[] = [];
    const ask = (setC: number) =>
      service.request('bench', {
        plan: planAt(setC),
        onProgress: () => undefined,
        onDone: () => done.push(setC),
      });
    [140, 141, 142, 143].forEach(ask);
    expect(made).toHaveLength(1);
    expect(made[0]!.got.map((each) => each.plan.setC)).toEqual([140]);
    answer(no);
    expect(made[0]!.got.map((each) => each.plan.setC)).toEqual([140, 143]);
    answer(no);
    expect(done).toEqual([140, 143]);
  });

  it('serves the newest wish first, and two for the same plan at once', () => {
    const { made, create, answer } = fakeWorkers();
    const service = createForecastService(create);
    const done: string[] = [];
    const ask = (slot: string, setC: number) =>
      service.request(slot, {
        plan: planAt(setC),
        onProgress: () => undefined,
        onDone: () => done.push(slot),
      });
    ask('list/a', 140);
    ask('list/b', 150);
    ask('list/c', 160);
    ask('bench', 150);
    answer(no);
    expect(made[0]!.got.map((each) => each.plan.setC)).toEqual([140, 150]);
    answer(no);
    answer(no);
    expect(done).toEqual(['list/a', 'bench', 'list/c', 'list/b']);
    expect(made[0]!.got).toHaveLength(3);
  });

  it('remembers what it has worked out', () => {
    const { made, create, answer } = fakeWorkers();
    const service = createForecastService(create);
    let answers = 0;
    const wish = {
      plan: planAt(150),
      onProgress: () => undefined,
      onDone: () => void (answers += 1),
    };
    service.request('list', wish);
    answer(no);
    service.request('bench', wish);
    expect(answers).toBe(2);
    expect(made[0]!.got).toHaveLength(1);
  });

  it('drafts on a coarser mesh, and answers a draft with what is known in full', () => {
    const { made, create, answer } = fakeWorkers();
    const service = createForecastService(create);
    const drafts: boolean[] = [];
    const ask = (setC: number, draft: boolean) =>
      service.request('bench', {
        plan: planAt(setC),
        draft,
        onProgress: () => undefined,
        onDone: (_, isDraft) => drafts.push(isDraft),
      });
    ask(150, true);
    answer(no);
    // A draft never stands for the full answer.
    ask(150, false);
    answer(no);
    ask(150, true);
    expect(drafts).toEqual([true, false, false]);
    const [coarse, full] = made[0]!.got.map((each) => each.resolution);
    expect(coarse).toBeLessThan(full!);
    expect(full).toBe(1);
    expect(made[0]!.got).toHaveLength(2);
  });

  it('stops a withdrawn one with its worker and goes on with a new one', () => {
    const { made, create } = fakeWorkers();
    const service = createForecastService(create);
    const quiet = { onProgress: () => undefined, onDone: () => undefined };
    const withdraw = service.request('bench', { plan: planAt(150), ...quiet });
    service.request('list', { plan: planAt(155), ...quiet });
    withdraw();
    expect(made[0]!.ended).toBe(true);
    expect(made[1]!.got.map((each) => each.plan.setC)).toEqual([155]);
  });

  it('says so when a worker breaks, and recovers', () => {
    const { made, create } = fakeWorkers();
    const service = createForecastService(create);
    const results: Result<Forecast>[] = [];
    const ask = (setC: number) =>
      service.request('bench', {
        plan: planAt(setC),
        onProgress: () => undefined,
        onDone: (result) => results.push(result),
      });
    ask(150);
    made[0]!.onerror?.('boom');
    expect(results[0]).toMatchObject({ ok: false, problem: { code: 'our-fault' } });
    ask(151);
    expect(made).toHaveLength(2);
  });

  it('passes on progress', () => {
    const { create, say, made } = fakeWorkers();
    const shares: number[] = [];
    createForecastService(create).request('bench', {
      plan: planAt(150),
      onProgress: (share) => shares.push(share),
      onDone: () => undefined,
    });
    say({ kind: 'progress', id: made[0]!.got[0]!.id, share: 0.4 });
    say({ kind: 'progress', id: 999, share: 0.9 });
    expect(shares).toEqual([0.4]);
  });
});

describe('a plan of the book', () => {
  it('is one the core can forecast', () => {
    expect(forecast(planAt(140)).ok).toBe(true);
  });

  it('names the one thing that is missing', () => {
    const plan = (change: Partial<typeof tart>) => planFor({ ...tart, ...change }, book);
    expect(plan({ vesselId: null })).toEqual({ missing: expect.stringMatching(/tin/) });
    expect(plan({ ovenId: null })).toEqual({ missing: expect.stringMatching(/oven/) });
  });
});
