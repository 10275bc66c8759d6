/** A day while it is worked: what taps mean, what they imply, and how the rest is planned anew. */
import fc from 'fast-check';
import { anySession, made } from '../testing/anySession';
import { draws } from '../testing/draws';
import { inOvenAt, KITCHEN, plainTask, workFrom } from '../testing/sessions';
import { checkPlan } from './check';
import { construct } from './construct';
import { firstPlan, randomFrom, wayFor } from './improve';
import { costOf, measure } from './measure';
import { keeping, recreate } from './recreate';
import { relieved, reliefsFor } from './reliefs';
import { goneOnBy, replan, wayOnward, type WorkedDay } from './replan';
import { ranBy, type Mark } from './running';
import type { Session } from './session';
import { standings } from './standings';

/** Dough 20 min, an hour's rest at the least and two at the most, rolling 15, baking 30; due at 05:00. */
const TART: Session = {
  wanted: [
    {
      id: 'tart',
      name: 'Tart',
      dueMin: 300,
      work: workFrom(
        [
          plainTask('dough', 20),
          plainTask('roll', 15, {
            after: [{ task: 'dough', wait: 'rest-cold', leastMin: 60, mostMin: 120 }],
          }),
          plainTask('bake', 30, {
            verb: 'bake',
            hands: [{ at: 'start', offsetMin: 0, minutes: 2 }],
            ...inOvenAt(180),
            after: [{ task: 'roll', wait: 'stand', leastMin: 0 }],
          }),
        ],
        10,
      ),
    },
  ],
  means: KITCHEN,
  fromMin: 0,
};

const asked = (session: Session): WorkedDay['asked'] & { readonly order: readonly string[] } => {
  const model = made(session);
  const { plan, way } = firstPlan(model);
  return { model, plan, order: way.order };
};

const worked = (session: Session, marks: readonly Mark[], nowMin: number): WorkedDay => {
  const { order, ...day } = asked(session);
  return replan(day, { order }, marks, nowMin);
};

const tap = (task: string, kind: Mark['kind'], atMin: number, more: Partial<Mark> = {}): Mark => ({
  task: `tart:${task}`,
  kind,
  atMin,
  ...more,
});

const startOf = ({ plan }: WorkedDay, task: string) =>
  plan.placed.find((each) => each.task === `tart:${task}`)!.startMin;

describe('taps on a task', () => {
  it('begin, pause, go on and end it; a rest does not count as work', () => {
    const taps = [
      tap('dough', 'begun', 100),
      tap('dough', 'paused', 105),
      tap('dough', 'begun', 115),
      tap('dough', 'done', 130.5),
    ];
    expect(ranBy(taps).get('tart:dough')).toEqual({
      state: 'done',
      begunMin: 100,
      sinceMin: 130.5,
      restedMin: 10,
    });
    // In whatever order they arrive.
    expect(ranBy([...taps].reverse())).toEqual(ranBy(taps));
  });

  it.each([
    ['two say done', [tap('dough', 'done', 10), tap('dough', 'done', 12)], 'done', 10],
    ['begun after it was done', [tap('dough', 'done', 10), tap('dough', 'begun', 12)], 'done', 10],
    [
      'skipped while it rests',
      [tap('dough', 'begun', 1), tap('dough', 'paused', 5), tap('dough', 'skipped', 9)],
      'skipped',
      9,
    ],
  ] as const)('%s: the first end holds', (_, marks, state, sinceMin) => {
    expect(ranBy(marks).get('tart:dough')).toMatchObject({ state, sinceMin });
  });

  it('mean nothing where they cannot: more of what was never begun', () => {
    expect(ranBy([tap('dough', 'more', 5, { minutes: 10 })]).size).toBe(0);
  });
});

describe('the rest of a day', () => {
  // By hand: ready 10 min before 300, so baked 260 to 290, rolled 245 to 260, dough 165 to 185.
  it('stays as planned while nothing is late', () => {
    const day = worked(TART, [tap('dough', 'begun', 165), tap('dough', 'done', 185)], 190);
    expect([startOf(day, 'dough'), startOf(day, 'roll'), startOf(day, 'bake')]).toEqual([
      165, 245, 260,
    ]);
    expect(day.plan.late).toEqual([]);
  });

  // By hand: dough done at 230, so rolled from 290, in the oven at 305, out at 335, ready at 345: 45 min late.
  it('moves by what came late, and says how late it will be', () => {
    const day = worked(TART, [tap('dough', 'begun', 210), tap('dough', 'done', 230)], 231);
    expect([startOf(day, 'roll'), startOf(day, 'bake')]).toEqual([290, 305]);
    expect(day.plan.late).toEqual([{ bake: 'tart', minutes: 45 }]);
  });

  // By hand: begun at 165, wants ten minutes more at 185: over at 195, rolled from 255 instead of 245.
  it('waits for what wants some minutes more', () => {
    const day = worked(
      TART,
      [tap('dough', 'begun', 165), tap('dough', 'more', 185, { minutes: 10 })],
      186,
    );
    expect(day.plan.placed[0]).toMatchObject({ startMin: 165, endMin: 195 });
    expect(startOf(day, 'roll')).toBe(255);
  });

  // By hand: at 200 the dough, begun at 165 for 20 min, is still not done: it ends now at the earliest.
  it('counts what should be over as over now, and no sooner', () => {
    const day = worked(TART, [tap('dough', 'begun', 165)], 200);
    expect(day.plan.placed[0]).toMatchObject({ startMin: 165, endMin: 200 });
    expect(startOf(day, 'roll')).toBe(260);
  });

  it('does at once what has waited longer than it keeps', () => {
    const day = worked(TART, [tap('dough', 'done', 20)], 200);
    expect(startOf(day, 'roll')).toBe(200);
    expect(checkPlan(day.model, day.plan)).toEqual([]);
  });

  it('takes as done what must have been, where what follows it was begun', () => {
    const day = worked(TART, [tap('roll', 'begun', 250)], 255);
    expect(day.ran.get('tart:dough')).toMatchObject({
      state: 'done',
      implied: true,
      begunMin: 165,
      sinceMin: 185,
    });
    expect(startOf(day, 'bake')).toBe(265);
  });

  it('takes nothing as done for the sake of what is not done today', () => {
    const day = worked(TART, [tap('bake', 'skipped', 250)], 255);
    expect(day.ran.has('tart:dough')).toBe(false);
  });

  it('plans what has not been begun from now on', () => {
    const day = worked(TART, [tap('dough', 'done', 185)], 275);
    expect(startOf(day, 'roll')).toBe(275);
    expect(day.plan.late).toEqual([{ bake: 'tart', minutes: 30 }]);
  });

  // The cook leaves at 12:00 = 720; begun so late, the last look would be after that.
  it('is helped by staying longer, not by having begun sooner', () => {
    const late: Session = { ...TART, wanted: [{ ...TART.wanted[0]!, dueMin: 730 }] };
    const day = worked(late, [tap('dough', 'done', 690)], 691);
    expect(day.plan.left).toEqual(['tart']);
    const ways = reliefsFor(day.model.session);
    expect(ways.some(({ kind }) => kind === 'begin-sooner')).toBe(false);
    const longer = relieved(day.model.session, { kind: 'stay-longer', minutes: 180 });
    expect(firstPlan(made(longer)).plan.left).toEqual([]);
  });
});

describe('how tasks stand', () => {
  const { model } = asked(TART);
  const at = (marks: readonly Mark[], nowMin: number) =>
    [...standings(model, ranBy(marks), nowMin).values()].map(({ state }) => state);

  it.each([
    ['nothing begun', [], 10, ['ready', 'blocked', 'blocked']],
    ['dough in hand', [tap('dough', 'begun', 10)], 12, ['running', 'blocked', 'blocked']],
    ['dough resting', [tap('dough', 'done', 30)], 40, ['done', 'waiting', 'blocked']],
    ['dough rested', [tap('dough', 'done', 30)], 90, ['done', 'ready', 'blocked']],
    ['dough not made today', [tap('dough', 'skipped', 30)], 90, ['skipped', 'ready', 'blocked']],
  ] as const)('%s', (_, marks, nowMin, states) => expect(at(marks, nowMin)).toEqual(states));

  it('a wait has a clock: since when, from when, until when', () => {
    const roll = standings(model, ranBy([tap('dough', 'done', 30)]), 40).get('tart:roll')!;
    expect(roll).toMatchObject({
      fromMin: 90,
      waits: [{ wait: 'rest-cold', sinceMin: 30, leastMin: 90, mostMin: 150 }],
    });
  });
});

/** Taps of a day worked at its own pace: each task begun about when it was planned, some late, some never tapped. */
function marksOf({ plan }: WorkedDay['asked'], nowMin: number, seed: number): Mark[] {
  const random = randomFrom(seed);
  const upTo = (most: number) => Math.floor(random() * most);
  return plan.placed.flatMap(({ task, startMin, endMin }): Mark[] => {
    const begunMin = startMin + upTo(20);
    const doneMin = begunMin + Math.max(0, endMin - startMin + upTo(9) - 3);
    const how = random();
    if (begunMin > nowMin || how < 0.15) return [];
    if (how < 0.25) return [{ task, kind: 'skipped', atMin: begunMin }];
    return [
      { task, kind: 'begun', atMin: begunMin },
      ...(doneMin <= nowMin && how > 0.4 ? [{ task, kind: 'done' as const, atMin: doneMin }] : []),
    ];
  });
}

/** Drawn sessions with time to spare, so that what is late is so by what was tapped. */
const roomy = anySession.map((session): Session => ({
  ...session,
  wanted: session.wanted.map((each) => ({ ...each, dueMin: each.dueMin + 1200 })),
  means: {
    ...session.means,
    people: session.means.people.map((person) => ({ ...person, hours: [[0, 4000]] })),
  },
}));

/** A session planned, and a minute somewhere in it. */
const halfway = (session: Session, share: number) => {
  const { order, ...day } = asked(session);
  const starts = day.plan.placed.map(({ startMin }) => startMin);
  const ends = day.plan.placed.map(({ endMin }) => endMin);
  const nowMin = Math.round(
    Math.min(...starts) + share * (Math.max(...ends) - Math.min(...starts)),
  );
  return { order, day, nowMin };
};

const anyShare = fc.integer({ min: 1, max: 99 }).map((percent) => percent / 100);

it('whatever was tapped, the rest of a drawn day keeps every rule, and what happened stays where it was', () => {
  let worth = 0;
  fc.assert(
    fc.property(roomy, anyShare, fc.nat(), (session, share, seed) => {
      const { order, day, nowMin } = halfway(session, share);
      const marks = marksOf(day, nowMin, seed);
      const { model, plan, ran } = replan(day, { order }, marks, nowMin);
      expect(checkPlan(model, plan)).toEqual([]);
      for (const { task, startMin } of plan.placed) {
        if (!ran.has(task)) expect(startMin).toBeGreaterThanOrEqual(nowMin);
      }
      for (const { task, kind, atMin } of marks) {
        // What follows it was begun sooner still: then it was over by then.
        if (kind !== 'begun' || ran.get(task)!.implied) continue;
        expect(plan.placed.find((each) => each.task === task)!.startMin).toBe(atMin);
      }
      if (marks.length > 0 && plan.placed.some(({ task }) => !ran.has(task))) worth += 1;
    }),
    { numRuns: draws(40), seed: 3 },
  );
  // Days that are half done are what this is about.
  expect(worth).toBeGreaterThan(0.4 * draws(40));
});

/** Taps of a day that goes as planned. */
const asPlanned = ({ plan }: WorkedDay['asked'], nowMin: number): Mark[] =>
  plan.placed.flatMap(({ task, startMin, endMin }): Mark[] => [
    ...(startMin <= nowMin ? [{ task, kind: 'begun' as const, atMin: startMin }] : []),
    ...(endMin <= nowMin ? [{ task, kind: 'done' as const, atMin: endMin }] : []),
  ]);

it('nothing moves while a drawn day goes as planned', () => {
  fc.assert(
    fc.property(roomy, anyShare, (session, share) => {
      const { order, day, nowMin } = halfway(session, share);
      const marks = asPlanned(day, nowMin);
      // What has no place, or is late, may find a better one once other things are over.
      fc.pre(marks.length > 0 && day.plan.left.length + day.plan.late.length === 0);
      expect(replan(day, { order }, marks, nowMin).plan).toEqual(day.plan);
    }),
    { numRuns: draws(30), seed: 9 },
  );
});

/** The same session with nothing that several bakes share: more of it would take longer, and so move what is before it. */
const apart = (session: Session): Session => ({
  ...session,
  wanted: session.wanted.map((each) => ({
    ...each,
    work: { ...each.work, tasks: each.work.tasks.map(({ shared: _, ...task }) => task) },
  })),
});

describe('one bake more in the middle of a day', () => {
  /** Where tasks stand once the last bake of a session is added to a day of the others that is half done, by a way. */
  const added = (session: Session, share: number, onward: boolean) => {
    const { order, day, nowMin } = halfway({ ...session, wanted: session.wanted.slice(1) }, share);
    fc.pre(day.plan.left.length + day.plan.late.length === 0);
    const marks = asPlanned(day, nowMin);
    const before = replan(day, { order }, marks, nowMin);
    const model = made(session);
    const way = wayFor(model, onward ? wayOnward(before, before.plan, order) : undefined, 0.5);
    const after = replan({ model, plan: construct(model, way) }, way, marks, nowMin);
    expect(checkPlan(after.model, after.plan)).toEqual([]);
    const stands = new Map(after.plan.placed.map(({ task, startMin }) => [task, startMin]));
    return before.plan.placed.filter(({ task, startMin }) => stands.get(task) !== startMin);
  };
  const several = roomy.map(apart).filter(({ wanted }) => wanted.length > 1);

  it('moves nothing of what was planned, where a plan made anew would', () => {
    let moved = 0;
    fc.assert(
      fc.property(several, anyShare, (session, share) => {
        expect(added(session, share, true)).toEqual([]);
        moved += added(session, share, false).length;
      }),
      { numRuns: draws(30), seed: 5 },
    );
    expect(moved).toBeGreaterThan(draws(30));
  });
});

describe('a better plan for the rest of a day', () => {
  it('leaves what has happened, keeps every rule, is never dearer, and goes on like that', () => {
    let better = 0;
    fc.assert(
      fc.property(roomy, anyShare, fc.nat(), (session, share, seed) => {
        const { order, day, nowMin } = halfway(session, share);
        const marks = marksOf(day, nowMin, seed);
        fc.pre(marks.length > 0);
        const worked = replan(day, { order }, marks, nowMin);
        const { plan, model } = worked;
        const stood = { ...model, session: { ...model.session, stood: plan.placed } };
        const found = recreate(stood, { from: keeping(plan, order), tries: 40, seed });
        expect(checkPlan(model, found.plan)).toEqual([]);
        expect(found.cost).toBeLessThanOrEqual(costOf(measure(stood, plan)));
        const ran = plan.placed.filter(({ task }) => worked.ran.has(task));
        expect(found.plan.placed).toEqual(expect.arrayContaining(ran));
        const way = wayOnward(worked, found.plan, found.way.order);
        const on = goneOnBy(worked, way);
        expect(checkPlan(model, on)).toEqual([]);
        const asked = { model: day.model, plan: construct(day.model, way) };
        // What is taken for done as well is so by where the whole plan has it; without any, it is the same day.
        if (![...worked.ran.values()].some(({ implied }) => implied))
          expect(replan(asked, way, marks, nowMin).plan).toEqual(on);
        if (costOf(measure(stood, on)) < costOf(measure(stood, plan)) - 1e-9) better += 1;
      }),
      { numRuns: draws(12), seed: 11 },
    );
    expect(better).toBeGreaterThan(0.2 * draws(12));
  });

  // By hand: nothing begins before 100. The dough, 20 min of work, is begun then and done at 110: rolled from 170 on. Were it
  // to take its 20 min before that it would have begun at 90, so that the whole plan has no room for it there.
  it('goes on as it was found where something took less time than it should have', () => {
    const day = asked({ ...TART, fromMin: 100 });
    const marks = [tap('dough', 'begun', 100), tap('dough', 'done', 110)];
    const before = replan(day, { order: day.order }, marks, 111);
    const starts = { 'tart:dough': 100, 'tart:roll': 170, 'tart:bake': 185 };
    const placed = before.plan.placed.map((each) => {
      const startMin = starts[each.task as keyof typeof starts];
      return { ...each, startMin, endMin: startMin + each.endMin - each.startMin };
    });
    const way = wayOnward(before, { ...before.plan, placed }, day.order);
    expect(goneOnBy(before, way).placed).toEqual(placed);
    const whole = { model: day.model, plan: construct(day.model, way) };
    expect(replan(whole, way, marks, 111).plan.placed).toEqual(placed);
  });

  // By hand: at 190 the dough is done; rolled at 245 and baked at 260 it stands, and each that moves costs three minutes.
  it('has its price for each task that leaves its place, but for what is gone', () => {
    const { model, plan } = worked(TART, [tap('dough', 'done', 185)], 190);
    const stood = [
      { task: 'tart:roll', startMin: 246 },
      { task: 'tart:bake', startMin: 260 },
      { task: 'gone:bake', startMin: 1 },
    ];
    const moved = measure({ ...model, session: { ...model.session, stood } }, plan);
    expect(moved.moved).toBe(1);
    expect(costOf(moved) - costOf(measure(model, plan))).toBe(3);
  });
});
