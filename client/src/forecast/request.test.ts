import { forecast, type Forecast, type ForecastPlan, type Result } from '@hollow-moon/core';
import { createPool } from '../jobs/pool';
import { fakeWorkers } from '../testing/workers';
import { book, tart } from '../testing/book';
import { planFor } from './planFor';
import { requestForecast } from './request';

const planAt = (setC: number): ForecastPlan => {
  const wish = planFor({ ...tart, setC }, book);
  if ('missing' in wish) throw new Error(wish.missing);
  return wish.plan;
};

const no: Result<Forecast> = { ok: false, problem: { code: 'x' } };

/** A pool of one thread, and a bench and a list that ask it. */
function start() {
  const workers = fakeWorkers();
  const pool = createPool(workers.create, 1);
  const done: (readonly [setC: number, draft: boolean, result: Result<Forecast>])[] = [];
  const shares: number[] = [];
  const ask = (setC: number, draft = false, slot = 'bench') =>
    requestForecast(pool, slot, {
      ...{ plan: planAt(setC), draft },
      priority: slot === 'bench' ? 'now' : 'list',
      onProgress: (share) => shares.push(share),
      onDone: (result, isDraft) => done.push([setC, isDraft, result]),
    });
  const asked = () =>
    workers.made.flatMap(({ got }) =>
      got.map(({ kind, ask }) => [kind, (ask as { plan: ForecastPlan }).plan.setC]),
    );
  return { ...workers, pool, done, shares, ask, asked };
}

describe('a forecast that is asked for', () => {
  it('lets a newer wish take the place of one that waits', async () => {
    const { ask, answer, asked, done } = start();
    for (const setC of [140, 141, 142, 143]) ask(setC);
    expect(asked()).toEqual([['forecast', 140]]);
    await answer(no);
    await answer(no);
    expect(asked()).toEqual([
      ['forecast', 140],
      ['forecast', 143],
    ]);
    expect(done.map(([setC]) => setC)).toEqual([140, 143]);
  });

  it('for the bench goes before those of the list', async () => {
    const { ask, answer, asked } = start();
    ask(140, false, 'list/a');
    ask(150, false, 'list/b');
    ask(160, false, 'bench');
    await answer(no);
    await answer(no);
    expect(asked().map(([, setC]) => setC)).toEqual([140, 160, 150]);
  });

  it('is a draft where it may be, and what is known in full serves for one', async () => {
    const { ask, answer, asked, done } = start();
    ask(150, true);
    await answer(no);
    // A draft never stands for the full answer.
    ask(150);
    await answer(no);
    ask(150, true);
    expect(asked()).toEqual([
      ['draft', 150],
      ['forecast', 150],
    ]);
    expect(done.map(([, draft]) => draft)).toEqual([true, false, false]);
  });

  it('that broke off is said to have', async () => {
    const { ask, breakOff, done } = start();
    ask(150);
    await breakOff();
    expect(done).toMatchObject([
      [150, false, { ok: false, problem: { code: 'forecast.broke-off' } }],
    ]);
  });

  it('tells how far it has come', () => {
    const { ask, made, shares } = start();
    ask(150);
    made[0]!.got[0]!.tell?.(0.4);
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
