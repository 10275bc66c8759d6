/** What a cook at work is shown first, what is called for, and what a tap becomes. */
import type { MarkData } from '@hollow-moon/contract';
import { BEFORE_MIN } from '@hollow-moon/contract/planning';
import type { Job, Placed, TaskStanding } from '@hollow-moon/core/planning';
import { METRIC, wordsIn } from '@hollow-moon/words';
import { pullMarkId } from '../bake/ofDay';
import { beginBake, changeBake } from '../bake/writing';
import type { Planned } from '../day';
import { createStore } from '../root/store';
import { begunBake } from '../testing/bake';
import { accept, away, json, serve } from '../testing/server';
import { isOf, mostPressing, rowsOf } from './order';
import { nextStage, stageInWords, stagesOf } from './stages';
import { takenBack, tapped } from './taps';
import { dueOf } from './useAgenda';

const job = (id: string, minutes: number, attended = true): Job => ({
  id,
  task: {
    id,
    verb: attended ? 'roll-and-line' : 'bake',
    of: 'filling',
    what: id,
    vessels: 1,
    grams: 0,
    station: 'bench',
    span: { earliestMin: minutes, expectedMin: minutes, latestMin: minutes },
    from: 'usual',
    hands: [],
    after: [],
  },
  bakes: ['tart'],
  minutes,
  busy: [{ fromMin: 0, minutes: attended ? minutes : 1 }],
});

interface Drawn {
  readonly id: string;
  readonly startMin: number;
  readonly minutes?: number;
  readonly attended?: boolean;
  readonly people?: readonly string[];
  readonly standing: Partial<TaskStanding> & Pick<TaskStanding, 'state'>;
}

/** A day of such tasks. */
function dayOf(drawn: readonly Drawn[]): Planned {
  const jobs = drawn.map(({ id, minutes = 10, attended = true }) => job(id, minutes, attended));
  const placed: Placed[] = drawn.map(({ id, startMin, minutes = 10, people = ['ida'] }) => ({
    task: id,
    startMin,
    endMin: startMin + minutes,
    people,
  }));
  const model = { jobs, byId: new Map(jobs.map((each) => [each.id, each])) };
  const standings = new Map(
    drawn.map(({ id, standing }) => [id, { task: id, blockedBy: [], waits: [], ...standing }]),
  );
  const plan = { placed, late: [], left: [] };
  return {
    model,
    plan,
    worked: { asked: { model, plan }, standings, ran: new Map() },
  } as unknown as Planned;
}

const running = (begunMin: number, by?: string): Drawn['standing'] => ({
  state: 'running',
  ran: { state: 'running', begunMin, restedMin: 0, ...(by ? { by } : {}) },
});

const pressing = (drawn: readonly Drawn[], nowMin: number, person = '') =>
  mostPressing(rowsOf(dayOf(drawn), nowMin), person)?.job.id;

describe('shown first', () => {
  const oven: Drawn = {
    id: 'oven',
    startMin: 0,
    minutes: 40,
    attended: false,
    standing: running(0),
  };
  const roll: Drawn = { id: 'roll', startMin: 10, standing: running(10) };
  const next: Drawn = { id: 'next', startMin: 15, standing: { state: 'ready' } };

  it.each([
    ['what should be over', [oven, roll, next], 41, 'roll'],
    ['what comes out of the oven, once nothing else is over time', [oven, next], 41, 'oven'],
    ['what should have begun, before what bakes', [oven, next], 16, 'next'],
    ['what hands are on, before what comes later', [oven, roll, next], 12, 'roll'],
    ['what comes next, where nothing is in hand', [oven, next], 5, 'next'],
    ['what bakes, where there is nothing else', [oven], 5, 'oven'],
    [
      'nothing, where all is done',
      [{ ...next, standing: { state: 'done', ran: { state: 'done', sinceMin: 3, restedMin: 0 } } }],
      20,
      undefined,
    ],
  ] as const)('is %s', (_, drawn, nowMin, id) => expect(pressing(drawn, nowMin)).toBe(id));

  it('is of what goes on or is ahead, in the order of time; what is over stands apart, the last first', () => {
    const over = (id: string, sinceMin: number, state: 'done' | 'skipped' = 'done'): Drawn => ({
      ...{ id, startMin: 0 },
      standing: { state, ran: { state, sinceMin, restedMin: 0 } },
    });
    const rows = rowsOf(
      dayOf([over('first', 3), next, over('left-out', 9, 'skipped'), oven, over('then', 6), roll]),
      12,
    );
    const ids = (part: readonly { readonly job: Job }[]) => part.map(({ job }) => job.id);
    expect(ids(rows.going)).toEqual(['roll', 'oven']);
    expect(ids(rows.ahead)).toEqual(['next']);
    expect(ids(rows.over)).toEqual(['left-out', 'then', 'first']);
  });

  it('is one’s own before anybody else’s', () => {
    const theirs: Drawn = { ...next, id: 'theirs', startMin: 5, people: ['bo'] };
    expect(pressing([theirs, next], 20, 'ida')).toBe('next');
    expect(pressing([theirs, next], 20, 'bo')).toBe('theirs');
    // Whoever began it has it, whatever the plan says.
    const taken: Drawn = { ...roll, people: ['bo'], standing: running(10, 'ida') };
    expect(isOf(rowsOf(dayOf([taken]), 12).going[0]!, 'ida')).toBe(true);
    expect(isOf(rowsOf(dayOf([taken]), 12).going[0]!, 'bo')).toBe(false);
  });
});

/** Weights out at 20 min, and the oven down with the ring off at 30; of what is baked for 35. */
const STAGES = [
  { atMin: 20, bare: true, outOfRing: false },
  { atMin: 30, bare: false, outOfRing: true, setC: 160 },
  { atMin: 36, bare: false, outOfRing: false, setC: 150 },
];
const DUE_FOR = { person: '', date: '2026-12-24', path: '/work/d', words: wordsIn(METRIC) };

describe('a shell in the oven', () => {
  const BEGUN_MIN = BEFORE_MIN + 10;
  const [row] = rowsOf(
    dayOf([
      {
        id: 'shell',
        startMin: BEGUN_MIN,
        minutes: 35,
        attended: false,
        standing: running(BEGUN_MIN),
      },
    ]),
    BEGUN_MIN + 12,
  ).going;
  const shell = { ...row!, job: { ...row!.job, task: { ...row!.job.task, stages: STAGES } } };
  const at = (minute: number) => nextStage(shell, BEGUN_MIN + minute)?.atMin;
  const spaced = (text: string) => text.replaceAll('\u00a0', ' ');

  it('says what is next on its way, a little past its minute too, and nothing past its end', () => {
    expect(stagesOf(shell).map(({ dueMin }) => dueMin - BEGUN_MIN)).toEqual([20, 30]);
    expect([0, 19, 22.9, 23, 32.9, 33].map(at)).toEqual([20, 20, 20, 30, 30, undefined]);
    expect(STAGES.map((stage) => spaced(stageInWords(stage, DUE_FOR.words)))).toEqual([
      'take the weights out',
      'take the ring off and turn the oven to 160 °C',
      'turn the oven to 150 °C',
    ]);
  });

  it('is shown first while something is to be done to it, though something else has its hour', () => {
    const next: Drawn = { id: 'next', startMin: BEGUN_MIN + 21, standing: { state: 'ready' } };
    const planned = dayOf([
      {
        id: 'shell',
        startMin: BEGUN_MIN,
        minutes: 35,
        attended: false,
        standing: running(BEGUN_MIN),
      },
      next,
    ]);
    const { jobs } = planned.worked!.asked.model;
    Object.assign(jobs[0]!.task, { stages: STAGES });
    const first = (minute: number) => mostPressing(rowsOf(planned, BEGUN_MIN + minute), '')?.job.id;
    expect([19, 20, 22.9, 23].map(first)).toEqual(['next', 'shell', 'shell', 'next']);
  });

  it('says it of one that was put in later, or rested, by as much, and of one that is out never', () => {
    const { standing } = shell;
    const rested = { ...shell, standing: { ...standing, ran: { ...standing.ran!, restedMin: 4 } } };
    expect(stagesOf(rested)[0]!.dueMin).toBe(BEGUN_MIN + 24);
    expect(stagesOf({ ...shell, standing: { ...standing, state: 'done' } })).toEqual([]);
  });

  it('calls for each of it, for three minutes', () => {
    const midnight = new Date(2026, 11, 24).getTime();
    const of = (minute: number) => midnight + (BEGUN_MIN - BEFORE_MIN + minute) * 60_000;
    const due = dueOf({ going: [shell], ahead: [], over: [] }, DUE_FOR);
    expect(due.map(({ kind, atMs, untilMs }) => [kind, atMs, untilMs])).toEqual([
      ['begin', of(20), of(23)],
      ['begin', of(30), of(33)],
      ['look', of(35), undefined],
    ]);
    expect(due[0]!.says).toMatch(/: take the weights out$/);
  });
});

describe('what is called for', () => {
  const rows = rowsOf(
    dayOf([
      {
        id: 'oven',
        startMin: BEFORE_MIN,
        minutes: 40,
        attended: false,
        standing: running(BEFORE_MIN),
      },
      { id: 'roll', startMin: BEFORE_MIN + 10, standing: running(BEFORE_MIN + 10) },
      { id: 'next', startMin: BEFORE_MIN + 15, standing: { state: 'ready' } },
      {
        id: 'later',
        startMin: BEFORE_MIN + 60,
        standing: { state: 'blocked', blockedBy: ['next'] },
      },
    ]),
    BEFORE_MIN + 12,
  );

  // By hand: midnight and forty minutes, midnight and a quarter.
  it('is what goes on by itself when it should be over, and what comes next when it should begin', () => {
    const midnight = new Date(2026, 11, 24).getTime();
    expect(dueOf(rows, DUE_FOR)).toEqual([
      expect.objectContaining({ key: 'look oven', kind: 'look', atMs: midnight + 40 * 60_000 }),
      expect.objectContaining({ key: 'begin next', kind: 'begin', atMs: midnight + 15 * 60_000 }),
    ]);
  });
});

const kitchenId = '00000000-0000-4000-8000-000000000011';
const dayId = '00000000-0000-4000-8000-000000000071';
const bakeId = '00000000-0000-4000-8000-000000000072';
const of = { kitchenId, dayId };
const AT = '2026-11-24T03:10:00.000Z';

const until = async (done: () => boolean) => {
  for (let round = 0; round < 400 && !done(); round += 1) {
    await jest.advanceTimersByTimeAsync(50);
  }
  expect(done()).toBe(true);
};

describe('a tap', () => {
  beforeEach(() => jest.useFakeTimers({ doNotFake: ['performance'] }));
  afterEach(() => jest.useRealTimers());

  it('is on its way at once, under an id of its own, and what one tap says goes together', async () => {
    const sent = serve<never>([({ path }) => json(200, { path })]);
    const store = createStore();
    store.dispatch(
      tapped(of, [
        { task: 'a', kind: 'done', at: AT },
        { task: 'b', kind: 'done', at: AT },
      ]),
    );
    const marks = Object.values(store.getState().outgoing.writes).map(
      ({ work }) => (work as { entry: MarkData }).entry,
    );
    expect(new Set(marks.map(({ id }) => id)).size).toBe(2);
    expect(new Set(marks.map(({ tap }) => tap)).size).toBe(1);
    await until(() => Object.keys(store.getState().outgoing.writes).length === 0);
    expect(sent.map(({ method, path }) => `${method} ${path}`)).toEqual(
      Array(2).fill(`POST /api/kitchens/${kitchenId}/days/${dayId}/marks`),
    );
  });

  it('that nobody has sent is taken back without a word', () => {
    serve<never>([away]);
    const store = createStore();
    store.dispatch(tapped(of, [{ task: 'a', kind: 'begun', at: AT }]));
    const [first] = Object.values(store.getState().outgoing.writes);
    const second = { task: 'b', kind: 'begun', at: AT } as const;
    store.dispatch(tapped(of, [second]));
    const entryOf = (task: string) =>
      Object.values(store.getState().outgoing.writes).flatMap(({ work }) =>
        work.op === 'note' && work.kind === 'marks' && work.entry.task === task ? [work.entry] : [],
      );
    store.dispatch(takenBack(of, entryOf('b')));
    const left = Object.values(store.getState().outgoing.writes);
    expect(left.map(({ id }) => id)).toEqual([first!.id]);
  });
});

describe('a bake of a day', () => {
  beforeEach(() => jest.useFakeTimers({ doNotFake: ['performance'] }));
  afterEach(() => jest.useRealTimers());

  it('tells the day of its pull, and takes that back with it', async () => {
    const sent = serve<never>([accept]);
    const store = createStore();
    const data = { ...begunBake, ofDay: { dayId, task: 'tart:bake' } };
    store.dispatch(beginBake(bakeId, kitchenId, data));
    store.dispatch(changeBake(bakeId, { pulledAt: AT }));
    store.dispatch(changeBake(bakeId, { note: 'firm' }));
    store.dispatch(changeBake(bakeId, { pulledAt: null }));
    await until(() => Object.keys(store.getState().outgoing.writes).length === 0);
    const marks = sent.filter(({ path }) => path.includes('/marks'));
    expect(marks.map(({ method }) => method)).toEqual(['POST', 'DELETE']);
    expect(marks[0]).toMatchObject({
      id: pullMarkId(bakeId),
      task: 'tart:bake',
      kind: 'done',
      at: AT,
      bakeId,
    });
    expect(marks[1]!.path).toMatch(new RegExp(`${pullMarkId(bakeId)}$`));
  });

  it('pulled by two at once is pulled once: the book’s pull holds, and nothing is asked', async () => {
    const theirs = { ...begunBake, ofDay: { dayId, task: 'tart:bake' }, pulledAt: AT };
    const current = { id: bakeId, version: 2, updatedAt: AT, data: theirs };
    let puts = 0;
    serve<never>([
      (sent) => {
        if (sent.method !== 'PUT') return json(200, {});
        puts += 1;
        return puts === 1
          ? accept(sent)
          : json(409, { error: { code: 'stale', message: 'stale', current } });
      },
    ]);
    const store = createStore();
    store.dispatch(beginBake(bakeId, kitchenId, { ...theirs, pulledAt: null }));
    await until(() => Object.keys(store.getState().outgoing.writes).length === 0);
    store.dispatch(changeBake(bakeId, { pulledAt: '2026-11-24T03:10:02.000Z' }));
    await until(() => Object.keys(store.getState().outgoing.writes).length === 0);
    expect(store.getState().bakes[bakeId]).toMatchObject({ version: 2, data: { pulledAt: AT } });
    // With something else of it changed as well, the cook is asked.
    store.dispatch(changeBake(bakeId, { note: 'firm' }));
    await until(() =>
      Object.values(store.getState().outgoing.writes).some(({ refused }) => refused !== null),
    );
  });

  it('that belongs to none tells nobody', async () => {
    const sent = serve<never>([accept]);
    const store = createStore();
    store.dispatch(beginBake(bakeId, kitchenId, begunBake));
    store.dispatch(changeBake(bakeId, { pulledAt: AT }));
    await until(() => Object.keys(store.getState().outgoing.writes).length === 0);
    expect(sent.some(({ path }) => path.includes('/marks'))).toBe(false);
  });
});
