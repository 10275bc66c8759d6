/** Plans of small days, worked out by hand beside each. */
import { inOvenAt, chain, KITCHEN, plainTask, workFrom } from '../testing/sessions';
import type { Task } from '../work';
import { checkPlan } from './check';
import { construct } from './construct';
import { firstPlan, improve } from './improve';
import { leastPresence, measure } from './measure';
import { jobId, modelOf, ovenTroubleOf, piecesOnShelf, type DayModel } from './model';
import { atFullest, coldCourse, programmeOfOven, readyAt, tooLongOut, worklistOf } from './reading';
import { reliefsFor } from './reliefs';
import type { Placed, Session } from './session';

const sessionWith = (
  bakes: Readonly<Record<string, readonly [dueMin: number, tasks: readonly Task[]]>>,
  change: Partial<Session['means']> = {},
): Session => ({
  wanted: Object.entries(bakes).map(([id, [dueMin, tasks]]) => ({
    id,
    name: id,
    dueMin,
    work: workFrom(tasks),
  })),
  means: { ...KITCHEN, ...change },
  fromMin: 0,
});

const made = (session: Session): DayModel => {
  const model = modelOf(session);
  if (!model.ok) throw new Error(model.problem.code);
  return model.value;
};

const bake = (id: string, setC: number, minutes: number, given = {}): Task =>
  plainTask(id, minutes, {
    verb: 'bake',
    hands: [
      { at: 'start', offsetMin: 0, minutes: 2 },
      { at: 'end', offsetMin: 0, minutes: 2 },
    ],
    ...inOvenAt(setC, given),
  });

const startsOf = (placed: readonly Placed[]) =>
  Object.fromEntries(placed.map(({ task, startMin }) => [task, startMin]));

describe('a plan', () => {
  // By hand: due at 600, the last of 10 min begins at 590; 30 min of waiting before it, so the first of 20 begins at 540.
  it('is built backwards, each task as late as it can be', () => {
    const model = made(
      sessionWith({ tart: [600, chain([plainTask('mix', 20), plainTask('finish', 10)], 30)] }),
    );
    const { plan } = firstPlan(model);
    expect(startsOf(plan.placed)).toEqual({ 'tart:mix': 540, 'tart:finish': 590 });
    expect(checkPlan(model, plan)).toEqual([]);
  });

  // By hand: two of 30 min for one cook, both due at 600: one at 570, the other at 540. With two cooks both at 570.
  it('gives one pair of hands one thing at a time', () => {
    const two = { a: [600, [plainTask('do', 30)]], b: [600, [plainTask('do', 30)]] } as const;
    const alone = made(sessionWith(two));
    expect(Object.values(startsOf(firstPlan(alone).plan.placed)).sort()).toEqual([540, 570]);
    const helped = made(
      sessionWith(two, { people: [...KITCHEN.people, { ...KITCHEN.people[0]!, id: 'other' }] }),
    );
    expect(Object.values(startsOf(firstPlan(helped).plan.placed))).toEqual([570, 570]);
  });

  // By hand: the still oven cools from 200 to 150 with its door ajar by 833 s × ln(178/128) = 275 s, so 5 min, and one for
  // the door; it heats from 150 to 200 in (15 000 / 4.5) × ln((555.6 - 128) / (555.6 - 178)) = 414 s, so 7 and one.
  it('waits for an oven to come to another heat, by the oven’s own model', () => {
    const model = made(
      sessionWith({ hot: [600, [bake('bake', 200, 30)]], cool: [500, [bake('bake', 150, 40)]] }),
    );
    const { plan } = firstPlan(model);
    const { 'hot:bake': hot, 'cool:bake': cool } = startsOf(plan.placed);
    expect([hot, cool]).toEqual([570, 460]);
    const near = made(
      sessionWith({ hot: [600, [bake('bake', 200, 30)]], cool: [600, [bake('bake', 150, 40)]] }),
    );
    const found = startsOf(firstPlan(near).plan.placed);
    const [first, second] = Object.values(found).sort((a, b) => a - b) as [number, number];
    // Whichever goes first: 30 min and 6 of cooling, or 40 and 8 of heating.
    expect([30 + 6, 40 + 8]).toContain(second - first);
  });

  it('puts loads of the same heat on the shelves together, and no more than there is room for', () => {
    const tarts = Object.fromEntries(
      ['a', 'b', 'c'].map((id) => [id, [600, [bake('bake', 180, 30)]]] as const),
    );
    const model = made(sessionWith(tarts));
    const { plan } = firstPlan(model);
    expect(checkPlan(model, plan)).toEqual([]);
    const starts = Object.values(startsOf(plan.placed)).sort((a, b) => a - b);
    // Two shelves for one tin each: two overlap, the third is out before they go in.
    expect(starts[0]! + 30).toBeLessThanOrEqual(starts[1]!);
    expect(starts[2]! - starts[1]!).toBeLessThan(30);
  });

  it('makes several loads of what does not go in at once', () => {
    const model = made(
      sessionWith({ pots: [600, [bake('bake', 150, 30, { pieces: 5, vessels: 5 })]] }),
    );
    expect(model.jobs.map(({ id, oven }) => [id, oven!.need.pieces])).toEqual([
      ['pots:bake#1', 2],
      ['pots:bake#2', 2],
      ['pots:bake#3', 2],
    ]);
    expect(checkPlan(model, firstPlan(model).plan)).toEqual([]);
  });

  it('makes one dough for all that use it, before the first of them', () => {
    const tart = (): Task[] => {
      const dough = plainTask('dough', 20, {
        verb: 'mix-dough',
        station: 'mixer',
        shared: 'dough:rye',
        grams: 300,
      });
      const line = plainTask('line', 10, {
        after: [{ task: 'dough', wait: 'rest-cold', leastMin: 45, mostMin: 2880 }],
      });
      return [dough, line];
    };
    const model = made(sessionWith({ a: [500, tart()], b: [600, tart()] }));
    const shared = model.jobs.filter(({ id }) => id.startsWith('shared:'));
    expect(shared.map(({ task }) => task.grams)).toEqual([600]);
    const { plan } = firstPlan(model);
    expect(checkPlan(model, plan)).toEqual([]);
    const starts = startsOf(plan.placed);
    // A second batch takes less than the first: 20 and 0.3 × 20. Due 500, lined from 490, rested from 445: begun at 419.
    expect(starts['shared:dough:rye']).toBe(419);
  });

  it('begins a dough in somebody’s hours, and is late rather than left out for it', () => {
    // By hand: the cook is there from 300. 20 of dough, 45 of rest, 10 of lining: ready at 375, and due at 360.
    const dough = plainTask('dough', 20, { shared: 'dough:rye' });
    const line = plainTask('line', 10, {
      after: [{ task: 'dough', wait: 'rest-cold', leastMin: 45 }],
    });
    const people = [{ id: 'cook', name: 'Cook', hours: [[300, 720]] as const }];
    const model = made(sessionWith({ tart: [360, [dough, line]] }, { people }));
    const { plan } = firstPlan(model);
    expect([plan.late, plan.left]).toEqual([[{ bake: 'tart', minutes: 15 }], []]);
    expect(startsOf(plan.placed)).toEqual({ 'shared:dough:rye': 300, 'tart:line': 365 });
    expect(checkPlan(model, plan)).toEqual([]);
  });

  it('moves up what would wait too long for what comes before it', () => {
    // The cream keeps 10 min; whoever fills is busy with the pie until 600, so the tart is filled and cooked before it.
    const tart = chain([plainTask('cook', 15), plainTask('fill', 5)]).map((task) =>
      task.id === 'fill' ? { ...task, after: [{ ...task.after[0]!, mostMin: 10 }] } : task,
    );
    const model = made(sessionWith({ pie: [600, [plainTask('decorate', 60)]], tart: [600, tart] }));
    for (const order of [
      ['pie', 'tart'],
      ['tart', 'pie'],
    ]) {
      const plan = construct(model, { order });
      expect([plan.late, plan.left]).toEqual([[], []]);
      expect(checkPlan(model, plan)).toEqual([]);
    }
  });

  it('has what keeps shortest beside what waits for it, whatever else there is to do', () => {
    // One cook: 48 min of mixing that keep 30, and a shell that has to be sealed hot and then waits.
    const tasks = [
      bake('blind', 190, 35),
      plainTask('seal', 2, {
        after: [{ task: 'blind', wait: 'stand', leastMin: 0, mostMin: 5 }],
      }),
      plainTask('mix', 48),
      plainTask('fill', 3, {
        after: [
          { task: 'mix', wait: 'stand', leastMin: 0, mostMin: 30 },
          { task: 'seal', wait: 'stand', leastMin: 0, mostMin: 1440 },
        ],
      }),
    ];
    const model = made(sessionWith({ tart: [600, tasks] }));
    const { plan } = firstPlan(model);
    expect(checkPlan(model, plan)).toEqual([]);
    // By hand: filled from 597, mixed from 549, sealed at 547, out of the oven by then.
    expect(startsOf(plan.placed)).toEqual({
      'tart:fill': 597,
      'tart:mix': 549,
      'tart:seal': 547,
      'tart:blind': 512,
    });
  });

  it('says how late a bake comes, and leaves out what has no place', () => {
    const late = made(sessionWith({ tart: [20, [plainTask('do', 45)]] }));
    const { plan } = firstPlan(late);
    // Begun at 0 it is done at 45: the least that is tried over 25 min late is 30.
    expect(plan.late).toEqual([{ bake: 'tart', minutes: 30 }]);
    expect(checkPlan(late, plan)).toEqual([]);
    const never = made(sessionWith({ tart: [600, [plainTask('do', 900)]] }));
    expect(firstPlan(never).plan).toEqual({ placed: [], late: [], left: ['tart'] });
  });

  it('keeps to what was put by hand', () => {
    const session = sessionWith({ tart: [600, [plainTask('do', 30)]] });
    const model = made({ ...session, locks: [{ task: jobId('tart', 'do'), startMin: 300 }] });
    expect(startsOf(firstPlan(model).plan.placed)).toEqual({ 'tart:do': 300 });
  });

  it('keeps to it for what is shared, and for one load of several', () => {
    const dough = plainTask('dough', 20, { shared: 'dough:rye' });
    const load = bake('bake', 150, 30, { pieces: 4, vessels: 4 });
    const session = sessionWith({ tart: [700, chain([dough, load])] });
    const model = made({
      ...session,
      locks: [
        { task: 'shared:dough:rye', startMin: 100 },
        { task: 'tart:bake#1', startMin: 400 },
      ],
    });
    const { plan } = firstPlan(model);
    expect(startsOf(plan.placed)).toMatchObject({ 'shared:dough:rye': 100, 'tart:bake#1': 400 });
    expect(checkPlan(model, plan)).toEqual([]);
  });

  it('leaves what began before now where it was, and plans the rest from now on', () => {
    const session = sessionWith({
      tart: [600, chain([plainTask('mix', 20), plainTask('fill', 10)], 30)],
    });
    const model = made({
      ...session,
      fromMin: 560,
      locks: [{ task: 'tart:mix', startMin: 100 }],
    });
    const { plan } = firstPlan(model);
    expect(startsOf(plan.placed)).toEqual({ 'tart:mix': 100, 'tart:fill': 590 });
    expect(checkPlan(model, plan)).toEqual([]);
  });

  it('refuses a bake that fits into no oven', () => {
    const wide = bake('bake', 180, 30, { lengthMm: 900, breadthMm: 900 });
    const model = modelOf(sessionWith({ slab: [600, [wide]] }));
    expect(model).toEqual({ ok: false, problem: { code: 'day.no-oven-fits', path: 'ovens' } });
    expect(ovenTroubleOf(workFrom([wide]), KITCHEN)).toBe('day.no-oven-fits');
  });

  it('bakes what was meant for an oven that is put away in one like it, and in no other', () => {
    const [still] = KITCHEN.ovens;
    const gone = { ...still!, id: 'gone' };
    const work = workFrom([bake('bake', 180, 30, { ovenId: 'gone' })]);
    const trouble = (means: Partial<Session['means']>) =>
      ovenTroubleOf(work, { ...KITCHEN, ...means });
    expect(trouble({ away: [gone] })).toBeUndefined();
    // 3 K off, or of another kind, it is another oven; and one that nobody knows is like none.
    expect(trouble({ away: [{ ...gone, offsetK: still!.offsetK + 2.9 }] })).toBeUndefined();
    expect(trouble({ away: [{ ...gone, offsetK: still!.offsetK + 3 }] })).toBe('day.oven-away');
    expect(trouble({ away: [{ ...gone, kind: 'fan' }] })).toBe('day.oven-away');
    expect(trouble({})).toBe('day.oven-away');
    const model = made({
      ...sessionWith({ tart: [600, work.tasks] }),
      means: { ...KITCHEN, away: [gone] },
    });
    expect(firstPlan(model).plan.placed.map(({ ovenId }) => ovenId)).toEqual(['oven']);
  });
});

it.each([
  [{ lengthMm: 900, breadthMm: 600 }, 260, 260, 6],
  // Turned round, three go where two did.
  [{ lengthMm: 450, breadthMm: 350 }, 340, 150, 3],
  [{ lengthMm: 450, breadthMm: 350 }, 500, 100, 0],
])('a shelf of %p takes so many', (shelf, lengthMm, breadthMm, count) => {
  expect(piecesOnShelf(shelf, { lengthMm, breadthMm })).toBe(count);
});

describe('the checker', () => {
  const session = sessionWith({
    tart: [600, chain([plainTask('mix', 20), bake('bake', 180, 30)], 30)],
    pie: [600, [bake('bake', 220, 30)]],
  });
  const model = made(session);
  const { plan } = firstPlan(model);
  const moved = (task: string, change: Partial<Placed>) => ({
    ...plan,
    placed: plan.placed.map((each) => (each.task === task ? { ...each, ...change } : each)),
  });
  const codes = (of: typeof plan) => checkPlan(model, of).map(({ code }) => code);
  const at = startsOf(plan.placed);

  it('passes what was built', () => expect(checkPlan(model, plan)).toEqual([]));

  it.each([
    ['a task that is gone', { ...plan, placed: plan.placed.slice(1) }, 'day-breach.missing'],
    [
      'a task that is there twice',
      { ...plan, placed: [...plan.placed, plan.placed[0]!] },
      'day-breach.twice',
    ],
    [
      'a task nobody asked for',
      { ...plan, placed: [...plan.placed, { task: 'x', startMin: 0, endMin: 1, people: [] }] },
      'day-breach.unknown',
    ],
    [
      'too short a bake',
      moved('tart:bake', { endMin: at['tart:bake']! + 10 }),
      'day-breach.duration',
    ],
    [
      'what has not rested',
      moved('tart:mix', { startMin: at['tart:bake']! - 25, endMin: at['tart:bake']! - 5 }),
      'day-breach.too-soon',
    ],
    ['nobody’s hands', moved('tart:mix', { people: [] }), 'day-breach.nobody'],
    [
      'hands off their hours',
      moved('tart:mix', { startMin: -30, endMin: -10 }),
      'day-breach.off-hours',
    ],
    [
      'an oven at two heats',
      moved('tart:bake', { startMin: at['pie:bake']!, endMin: at['pie:bake']! + 30 }),
      'day-breach.oven-heat',
    ],
    ['another oven', moved('pie:bake', { ovenId: 'other' }), 'day-breach.wrong-oven'],
    ['a late bake', moved('pie:bake', { startMin: 590, endMin: 620 }), 'day-breach.late'],
  ])('finds %s', (_, broken, code) => {
    expect(codes(broken)).toContain(code);
  });

  it('finds two things at once, too many on the shelves, the rings and the mixers, too long a wait and a broken lock', () => {
    const crowd = sessionWith(
      Object.fromEntries(
        ['a', 'b', 'c'].map((id) => [
          id,
          [
            600,
            chain([
              plainTask('cook', 10, { station: 'hob' }),
              plainTask('beat', 10, { station: 'mixer' }),
              bake('bake', 180, 30),
            ]).map((task) =>
              task.id === 'bake' ? { ...task, after: [{ ...task.after[0]!, mostMin: 5 }] } : task,
            ),
          ] as const,
        ]),
      ),
      { rings: 2 },
    );
    const crowded = made({ ...crowd, locks: [{ task: 'a:cook', startMin: 1 }] });
    const heap = crowded.jobs.map(({ id, task, minutes }) => {
      const startMin = { cook: 0, beat: 10, bake: 100 }[task.id]!;
      return {
        task: id,
        startMin,
        endMin: startMin + minutes,
        people: task.hands.map(() => 'cook'),
        ...(task.oven ? { ovenId: 'oven' } : {}),
      };
    });
    const found = new Set(
      checkPlan(crowded, { placed: heap, late: [], left: [] }).map(({ code }) => code),
    );
    expect([...found].sort()).toEqual(
      ['lock', 'mixers', 'rings', 'shelves', 'too-late', 'two-at-once'].map(
        (each) => `day-breach.${each}`,
      ),
    );
  });
});

describe('what a plan comes to', () => {
  const model = made(
    sessionWith({
      early: [200, [plainTask('do', 30)]],
      late: [600, [plainTask('do', 20)]],
    }),
  );
  const { plan } = firstPlan(model);

  // By hand: begun at 170, done at 600: 430 there, 50 busy.
  it('is measured from the first thing to the last', () => {
    expect(measure(model, plan)).toEqual({
      left: 0,
      lateMin: 0,
      pastBestMin: 0,
      coldOver: 0,
      presenceMin: 430,
      busyMin: 50,
      waitedMin: 0,
      changes: 0,
      moved: 0,
    });
    expect(leastPresence(model)).toBe(50);
  });

  // It keeps for a day: made half an hour before the other it costs nothing, and nobody stays for it.
  it('is bettered by a search, which never comes out worse, and the same for the same seed', () => {
    const better = improve(model, { tries: 200, seed: 3 });
    expect(measure(model, better.plan).presenceMin).toBeLessThan(430);
    expect(checkPlan(model, better.plan)).toEqual([]);
    expect(improve(model, { tries: 200, seed: 3 }).plan).toEqual(better.plan);
    expect(improve(model, { tries: 0 }).plan).toEqual(plan);
  });

  it('stops when it is told to', () => {
    let asked = 0;
    improve(model, { tries: 1000, stop: () => (asked += 1) > 5 });
    expect(asked).toBe(6);
  });
});

describe('what follows from a plan', () => {
  const cream = chain([
    plainTask('mix', 10),
    bake('bake', 180, 30),
    plainTask('cold', 2, { verb: 'to-the-fridge', vessels: 3 }),
  ]);
  const model = made(sessionWith({ tart: [600, cream] }));
  const { plan } = firstPlan(model);

  it('the oven is heated before its first load, and turned between two', () => {
    // By hand: 15 000 / 4.5 × ln(555.6 / (555.6 - 158)) = 1115 s: 19 min.
    const [oven] = model.session.means.ovens;
    const [heat, load] = programmeOfOven(model, plan, oven!);
    expect(heat).toMatchObject({ kind: 'heating', setC: 180 });
    expect(heat!.toMin - heat!.fromMin).toBe(19);
    expect(load).toMatchObject({ kind: 'load', tasks: ['tart:bake'], fromMin: heat!.toMin });
  });

  it('the fridge is full of what was put there until it is fetched', () => {
    // By hand: two hours in the cold before 600, so it goes in at 480.
    const session = sessionWith({ tart: [600, cream] });
    const chilled = made({
      ...session,
      wanted: session.wanted.map((each) => ({ ...each, work: workFrom(cream, 120) })),
    });
    const fullest = atFullest(chilled, firstPlan(chilled).plan, 'fridge');
    expect(fullest).toEqual({ vessels: 3, atMin: 480 });
    expect(coldCourse(chilled, firstPlan(chilled).plan, 'fridge')).toEqual([
      { fromMin: 480, vessels: 3 },
      { fromMin: 600, vessels: 0 },
    ]);
    // Nothing waits in the cold where nothing has to.
    expect(coldCourse(chilled, { placed: [], late: [], left: [] }, 'fridge')).toEqual([]);
  });

  it('a bake is ready when its last task is over and what follows that is waited for', () => {
    // By hand: done at the latest for 600; with two hours in the cold it is done at 480.
    expect([...readyAt(model, plan)]).toEqual([['tart', 600]]);
    const session = sessionWith({ tart: [600, cream] });
    const chilled = made({
      ...session,
      wanted: session.wanted.map((each) => ({ ...each, work: workFrom(cream, 120) })),
    });
    const first = firstPlan(chilled).plan;
    expect(first.placed.find(({ task }) => task === 'tart:cold')!.endMin).toBe(480);
    expect([...readyAt(chilled, first)]).toEqual([['tart', 600]]);
    expect([...readyAt(chilled, { ...first, left: ['tart'] })]).toEqual([]);
  });

  it('everybody has a list of their own hands', () => {
    expect(
      worklistOf(model, plan, 'cook').map(({ placed, minutes }) => [placed.task, minutes]),
    ).toEqual([
      ['tart:mix', 10],
      ['tart:bake', 2],
      ['tart:bake', 2],
      ['tart:cold', 2],
    ]);
  });

  // Source: FDA Food Code 2017, 3-501.19: four hours without heat or cold.
  it('what stands out of the cold for too long is told', () => {
    const session = sessionWith({ tart: [600, [bake('bake', 180, 30)]] });
    const warm: Session = {
      ...session,
      wanted: session.wanted.map((each) => ({
        ...each,
        work: { ...each.work, ready: [{ task: 'bake', leastMin: 60, mostMin: 240 }] },
      })),
      locks: [{ task: 'tart:bake', startMin: 100 }],
    };
    const locked = made(warm);
    expect(tooLongOut(locked, firstPlan(locked).plan)).toEqual([{ bake: 'tart', minutes: 470 }]);
    const fresh = made({ ...warm, locks: [] });
    expect(tooLongOut(fresh, firstPlan(fresh).plan)).toEqual([]);
  });
});

describe('the smallest ways out', () => {
  // By hand: 45 min of work from minute 0, due at 20: half an hour later, or begun an hour sooner, or left out.
  it('of too little time', () => {
    const found = reliefsFor(sessionWith({ tart: [20, [plainTask('do', 45)]] }));
    expect(found).toEqual([
      { kind: 'begin-sooner', minutes: 60 },
      { kind: 'serve-later', bake: 'tart', minutes: 30 },
      { kind: 'leave-out', bake: 'tart' },
    ]);
  });

  // By hand: an hour's work for somebody who is there from 100 to 140. An hour sooner there is room from 40 on, but not where
  // all before 90 has gone; half an hour longer there is room until 170.
  it('of hours that have gone is none', () => {
    const people = [{ id: 'cook', name: 'Cook', hours: [[100, 140]] as const }];
    const session = sessionWith({ tart: [300, [plainTask('do', 60)]] }, { people });
    const kinds = (gone: Partial<Session>) =>
      reliefsFor({ ...session, ...gone }).filter(({ kind }) => /sooner|longer/.test(kind));
    expect(kinds({})).toEqual([{ kind: 'begin-sooner', minutes: 60 }]);
    expect(kinds({ fromMin: 30, goneMin: 30 })).toEqual([
      { kind: 'begin-sooner', minutes: 60 },
      { kind: 'stay-longer', minutes: 30 },
    ]);
    expect(kinds({ fromMin: 90, goneMin: 90 })).toEqual([{ kind: 'stay-longer', minutes: 30 }]);
  });

  it('of too few hands', () => {
    const two = sessionWith({ a: [40, [plainTask('do', 40)]], b: [40, [plainTask('do', 40)]] });
    expect(reliefsFor(two)).toContainEqual({ kind: 'one-more-cook', like: 'cook' });
  });

  it('of one oven for two heats', () => {
    const two = sessionWith({ a: [40, [bake('bake', 150, 40)]], b: [40, [bake('bake', 220, 36)]] });
    expect(reliefsFor(two)).toContainEqual({ kind: 'borrow-oven', like: 'oven' });
  });
});
