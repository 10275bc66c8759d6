/** What the solver proves is held against published optima, against every plan there is of small days, and against the checker. */
import fc from 'fast-check';
import { anySession, made } from '../../testing/anySession';
import { draws } from '../../testing/draws';
import { jobShop, JOB_SHOPS } from '../../testing/jobShops';
import { chain, inOvenAt, KITCHEN, plainTask, workFrom } from '../../testing/sessions';
import { solverInNode } from '../../testing/solverInNode';
import { checkPlan } from '../check';
import { construct } from '../construct';
import { firstPlan, randomFrom } from '../improve';
import { leastPresence, measure } from '../measure';
import type { DayModel } from '../model';
import type { DayPlan } from '../session';
import { planFrom } from './answer';
import type { Aim } from './aim';
import { solverIn, type SolverMessage, type SolverThread } from './engine';
import { programOf } from './program';
import { gapOf, type Known } from './known';
import { prove } from './prove';

jest.setTimeout(240_000);

/** Everything in time, whatever the presence. */
const IN_TIME: Aim = {
  at: 'trouble',
  stepMin: 1,
  presence: { least: 0, most: 10_000 },
  most: { lateMin: 0, pastMin: 0, trouble: 0 },
  places: { fridge: 100, freezer: 100 },
  by: 'clock',
};

/** Whether a day can be had at all, by the solver, with the plan where there is one. */
async function inTime(
  model: DayModel,
  places = IN_TIME.places,
): Promise<{ readonly ended: string; readonly plan?: DayPlan }> {
  const asked = programOf(model, { ...IN_TIME, places });
  if ('impossible' in asked) return { ended: 'none' };
  let answer: unknown;
  const ended = await solverInNode({ program: asked.program, seconds: 60 }, (each) => {
    answer = each;
  }).end;
  return { ended, ...(answer === undefined ? {} : { plan: planFrom(model, answer) }) };
}

describe('published job shops', () => {
  it.each(['ft06', 'la01', 'la05'] as const)(
    '%s can be done in its published optimum and is proved not to be done in a minute less',
    async (name) => {
      const shop = JOB_SHOPS[name];
      const model = jobShop(shop, shop.optimum);
      const { ended, plan } = await inTime(model);
      expect(ended).toBe('best');
      expect(checkPlan(model, plan!)).toEqual([]);
      expect([plan!.late, plan!.left]).toEqual([[], []]);
      expect((await inTime(jobShop(shop, shop.optimum - 1))).ended).toBe('none');
    },
  );
});

/** Two bakes of two tasks each that one cook does, in a morning so short that every plan of it can be tried. */
function smallDay(seed: number): DayModel {
  const random = randomFrom(seed);
  const between = (least: number, most: number) =>
    least + Math.floor(random() * (most - least + 1));
  return made({
    wanted: ['a', 'b'].map((id) => ({
      id,
      name: id,
      dueMin: 24,
      work: workFrom(
        chain(
          [
            plainTask('mix', between(2, 4)),
            plainTask('bake', between(4, 7), {
              verb: 'bake',
              hands: [{ at: 'start', offsetMin: 0, minutes: 1 }],
              ...inOvenAt(160),
            }),
          ],
          between(0, 4),
        ),
        0,
        between(2, 9),
      ),
    })),
    means: { ...KITCHEN, people: [{ id: 'cook', name: 'Cook', hours: [[0, 24]] }] },
    fromMin: 0,
  });
}

/** The least presence of all plans of a day in which nothing is late or past its best, by trying every minute. */
function leastOfAll(model: DayModel): number {
  const starts = Array.from({ length: 24 }, (_, minute) => minute);
  let least = Infinity;
  const place = (placed: DayPlan['placed']): void => {
    const job = model.jobs[placed.length];
    if (job) {
      for (const startMin of starts) {
        const at = {
          task: job.id,
          startMin,
          endMin: startMin + job.minutes,
          people: job.busy.map(() => 'cook'),
          ...(job.oven ? { ovenId: 'oven' } : {}),
        };
        if (at.endMin <= 24) place([...placed, at]);
      }
      return;
    }
    const plan = { placed, late: [], left: [] };
    const of = measure(model, plan);
    if (of.pastBestMin > 0 || of.presenceMin >= least || checkPlan(model, plan).length > 0) return;
    least = of.presenceMin;
  };
  place([]);
  return least;
}

it('the least presence it proves is the least of every plan there is', async () => {
  const found: number[] = [];
  for (const seed of [1, 2, 3]) {
    const model = smallDay(seed);
    const least = leastOfAll(model);
    const first = firstPlan(model);
    const told: Known[] = [];
    const known = await prove(model, first, {
      solver: solverInNode,
      weights: { presence: 1 },
      seconds: 60,
      tell: (each) => told.push(each),
    });
    expect(known.troubleProved).toBe(true);
    expect(told.at(-1)).toEqual(known);
    expect([known.presenceMin, known.leastMin]).toEqual([least, least]);
    expect(gapOf(known)).toBe(0);
    // What is best may turn the oven less often for a minute more.
    expect(measure(model, known.best.plan).presenceMin).toBeGreaterThanOrEqual(least);
    found.push(least - leastPresence(model));
  }
  // Somewhere the least is more than the hands alone, or nothing would have been proved.
  expect(Math.max(...found)).toBeGreaterThan(0);
});

/** All plans for less and less presence that the solver answers with, from one that is known on. */
async function leaner(model: DayModel, by: Aim['by'], from: DayPlan) {
  const asked = programOf(
    model,
    {
      ...IN_TIME,
      at: 'presence',
      by,
      presence: { least: leastPresence(model), most: measure(model, from).presenceMin },
    },
    from,
  );
  if ('impossible' in asked) throw new Error(`nobody can do ${asked.impossible}`);
  const plans: DayPlan[] = [];
  const ended = await solverInNode({ program: asked.program, seconds: 60 }, (answer) =>
    plans.push(planFrom(model, answer)),
  ).end;
  return { ended, plans };
}

it.each(['clock', 'presence'] as const)(
  'with hands stated by %s it begins from the plan that is known, and ends with the least presence of all',
  async (by) => {
    const model = smallDay(2);
    const { plan } = firstPlan(model);
    const { ended, plans } = await leaner(model, by, plan);
    expect(ended).toBe('best');
    const starts = ({ placed }: DayPlan) =>
      new Map(placed.map(({ task, startMin }) => [task, startMin]));
    expect(starts(plans[0]!)).toEqual(starts(plan));
    expect(measure(model, plans.at(-1)!).presenceMin).toBe(leastOfAll(model));
    for (const each of plans) expect(checkPlan(model, each)).toEqual([]);
  },
);

it('where cooks and stretches of work are several, both ways of stating hands prove the same', async () => {
  const model = made({
    wanted: ['a', 'b', 'c'].map((id, index) => ({
      id,
      name: id,
      dueMin: 150,
      work: workFrom(
        chain(
          [
            plainTask('mix', 8 + index),
            plainTask('bake', 30, {
              verb: 'bake',
              hands: [
                { at: 'start', offsetMin: 0, minutes: 2 },
                { at: 'end', offsetMin: 0, minutes: 2 },
              ],
              ...inOvenAt(150 + 20 * index),
            }),
          ],
          5,
        ),
        0,
        600,
      ),
    })),
    means: {
      ...KITCHEN,
      people: [
        {
          id: 'one',
          name: 'One',
          hours: [
            [-120, -60],
            [0, 150],
          ],
        },
        { id: 'other', name: 'Other', hours: [[20, 140]] },
      ],
    },
    fromMin: -120,
  });
  const first = firstPlan(model);
  expect(measure(model, first.plan)).toMatchObject({ left: 0, lateMin: 0, pastBestMin: 0 });
  const [byClock, byPresence] = [
    await leaner(model, 'clock', first.plan),
    await leaner(model, 'presence', first.plan),
  ].map(({ ended, plans }) => {
    expect(ended).toBe('best');
    return measure(model, plans.at(-1)!).presenceMin;
  });
  expect(byClock).toBe(byPresence);
  expect(byClock).toBeGreaterThan(leastPresence(model));
});

it('whatever is drawn, its plan breaks nothing, is no worse than the first, and is not under its bound', async () => {
  const sessions = fc.sample(anySession, { numRuns: draws(3), seed: 20261201 });
  let bettered = 0;
  for (const session of sessions) {
    const model = made(session);
    const first = firstPlan(model);
    const known = await prove(model, first, {
      solver: solverInNode,
      weights: { presence: 0.9 },
      // A busy machine is given the time to better one of them; after that little is enough to break something.
      seconds: bettered > 0 ? 6 : 45,
    });
    expect(checkPlan(model, known.best.plan)).toEqual([]);
    expect(known.best.cost).toBeLessThanOrEqual(first.cost);
    // What a day keeps of a plan is enough to have it again.
    expect(construct(model, known.best.way)).toEqual(known.best.plan);
    expect(known.leastMin).toBeGreaterThanOrEqual(leastPresence(model));
    const { left, presenceMin } = measure(model, known.best.plan);
    if (left === 0) expect(presenceMin).toBeGreaterThanOrEqual(known.leastMin);
    if (known.best.cost < first.cost) bettered += 1;
  }
  expect(bettered).toBeGreaterThan(0);
});

it('a day that nobody could have in time is proved to be none, with the least lateness', async () => {
  const day = (dueMin: number) =>
    made({
      wanted: ['a', 'b'].map((id) => ({
        id,
        name: id,
        dueMin,
        work: workFrom([plainTask('mix', 60)], 0, 600),
      })),
      means: KITCHEN,
      fromMin: 0,
    });
  // Two hours of one cook's hands by the end of the first: one of them is an hour late.
  const model = day(60);
  const known = await prove(model, firstPlan(model), {
    solver: solverInNode,
    weights: { presence: 0.9 },
    seconds: 30,
  });
  expect(known.troubleProved).toBe(true);
  expect(known.best.plan.late.map(({ minutes }) => minutes)).toEqual([60]);
  expect((await inTime(day(119))).ended).toBe('none');
  expect((await inTime(day(120))).ended).toBe('best');
});

it.each([
  // Two bakes of two tins that chill for an hour, both fetched at three by the one cook who is there until then.
  [
    'fridge',
    {
      tasks: [plainTask('fill', 20, { verb: 'fill', vessels: 2 })],
      ready: [{ task: 'fill', leastMin: 60, mostMin: 600 }],
    },
  ],
  // Two of two lined shells that freeze for an hour, until at the last minute one after the other is filled.
  [
    'freezer',
    {
      tasks: [
        plainTask('line', 20, { verb: 'roll-and-line', vessels: 2 }),
        plainTask('fill', 2, {
          verb: 'mix-fruit',
          after: [{ task: 'line', wait: 'freeze', leastMin: 90, mostMin: 600 }],
        }),
      ],
      ready: [{ task: 'fill', leastMin: 0, mostMin: 600 }],
    },
  ],
] as const)('a day that wants more of the %s than there is cannot be had', async (room, work) => {
  const model = made({
    wanted: ['a', 'b'].map((id) => ({
      id,
      name: id,
      dueMin: 180,
      work: { ...work, besides: [] },
    })),
    means: KITCHEN,
    fromMin: 0,
  });
  expect((await inTime(model)).ended).toBe('best');
  const places = (most: number) => ({ ...IN_TIME.places, [room]: most });
  expect((await inTime(model, places(4))).ended).toBe('best');
  expect((await inTime(model, places(3))).ended).toBe('none');
});

it('says so where a task has no hour at all', () => {
  const model = made({
    wanted: [{ id: 'a', name: 'a', dueMin: 30, work: workFrom([plainTask('mix', 60)]) }],
    means: KITCHEN,
    fromMin: 0,
  });
  expect(programOf(model, IN_TIME)).toEqual({ impossible: 'a:mix' });
});

describe('a run', () => {
  /** A thread that says what a test lets it say. */
  function thread() {
    let hear: (message: SolverMessage) => void = () => undefined;
    let fault: (cause: Error) => void = () => undefined;
    const posted: unknown[] = [];
    let ended = 0;
    const opened: SolverThread = {
      post: (message) => posted.push(message),
      onMessage: (listener) => (hear = listener),
      onFault: (listener) => (fault = listener),
      terminate: () => (ended += 1),
    };
    const solver = solverIn(() => opened, { wasmURL: 'w', dataURL: 'd' });
    const answers: unknown[] = [];
    const run = solver({ program: 'p', seconds: 0.01 }, (each) => answers.push(each));
    return {
      run,
      answers,
      posted,
      says: (message: SolverMessage) => hear(message),
      breaks: () => fault(new Error('out of memory')),
      ended: () => ended,
    };
  }

  it('is ended a second after its time though the solver says nothing', async () => {
    const of = thread();
    of.says({ type: 'ready' });
    expect(of.posted).toHaveLength(2);
    expect(await of.run.end).toBe('out-of-time');
    expect(of.ended()).toBe(1);
  });

  it('hears nothing more once it is stopped', async () => {
    const of = thread();
    of.says({ type: 'solution', output: { dzn: 'start = array1d(1..1,[2]);' } });
    of.run.stop();
    of.says({ type: 'solution', output: { dzn: 'start = array1d(1..1,[1]);' } });
    expect(await of.run.end).toBe('stopped');
    expect(of.answers).toEqual([{ start: [2] }]);
  });

  it('is an error where the solver or the thread fails, never an answer', async () => {
    const faulty = thread();
    faulty.says({ type: 'error', message: 'type error' });
    await expect(faulty.run.end).rejects.toThrow('type error');
    const broken = thread();
    broken.breaks();
    await expect(broken.run.end).rejects.toThrow('out of memory');
    const brokenOff = thread();
    brokenOff.says({ type: 'exit', code: -1 });
    await expect(brokenOff.run.end).rejects.toThrow('broke off');
  });

  it('a plan that breaks anything stops everything', async () => {
    const model = smallDay(1);
    // Every task at midnight, in one pair of hands.
    const wrong = {
      start: model.jobs.map(() => 0),
      shift: model.jobs.flatMap(({ busy }) => busy.map(() => 1)),
      oven: model.jobs.flatMap(({ oven }) => (oven ? [1] : [])),
    };
    const lying = prove(model, firstPlan(model), {
      solver: (_, onAnswer) => {
        onAnswer(wrong);
        return { end: Promise.resolve('best'), stop: () => undefined };
      },
      weights: { presence: 1 },
      seconds: 5,
    });
    await expect(lying).rejects.toThrow('day-breach');
  });
});
