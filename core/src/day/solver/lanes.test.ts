/** What the solver is asked next, and what becomes of what it finds; the solver is a stand-in that answers as a test lets it. */
import { KITCHEN, plainTask } from '../../testing/sessions';
import { made } from '../../testing/anySession';
import { firstPlan } from '../improve';
import { measure } from '../measure';
import { crowdedIn } from '../reading';
import type { DayPlan } from '../session';
import type { Answered, Question } from './asking';
import { FIRST_HOOD, hoodAfter, nearOf, stepOf } from './hood';
import { knownBy, type Known } from './known';
import { bold, bound, near, type Lane } from './lanes';
import { programOf } from './program';
import { startsOf } from './starts';

/** Bakes of two tins that are filled and stand in the fridge for an hour; one cook from midnight to noon. */
const model = made({
  wanted: ['a', 'b', 'c'].map((id, index) => ({
    id,
    name: id,
    dueMin: 400 + 60 * index,
    work: {
      tasks: [
        plainTask('mix', 10),
        plainTask('fill', 20, {
          verb: 'fill',
          vessels: 2,
          after: [{ task: 'mix', wait: 'stand', leastMin: 0, mostMin: 240 }],
        }),
      ],
      ready: [{ task: 'fill', leastMin: 60, mostMin: 300 }],
      besides: [],
    },
  })),
  means: KITCHEN,
  fromMin: 0,
});
const first = firstPlan(model);
/** As if the plan had a hundred minutes more than hands alone. */
const known: Known = { ...knownBy(model, first), presenceMin: 190, leastMin: 90 };

/** What a lane has learnt from an answer. */
const after = (lane: Lane, answered: Answered, now = known) => {
  const question = lane.question(known);
  return { question, ...lane.after({ ...answered, question, before: known, now }) };
};
const next = (lane: Lane | undefined): Question => lane!.question(known);
const VAIN: Answered = { ended: 'out-of-time', plans: [] };

describe('near', () => {
  it('looks around the leanest plan, begins from it, and counts the cold only where it was crowded', () => {
    const question = next(near(model));
    expect(question.from).toBe(known.leanest);
    expect(question.aim).toMatchObject({ presence: { least: 90, most: 190 }, by: 'clock' });
    expect(question.aim.crowded).toEqual([]);
    // A hundred minutes in a hundred steps.
    expect(question.aim.stepMin).toBe(1);
    expect(question.housed).toBe(true);
  });

  it('stays where it finds something, is told of a crowd, or can count more finely; then it goes elsewhere', () => {
    const wide = { ...known, presenceMin: 590 };
    expect(stepOf(FIRST_HOOD, 500)).toBe(5);
    const coarse = near(model).question(wide);
    expect(coarse.aim.stepMin).toBe(5);
    const came = (now: Known) =>
      near(model)
        .after({ ...VAIN, question: coarse, before: wide, now })
        .lane!.question(wide).aim;
    expect(came({ ...wide, presenceMin: 580 })).toEqual(coarse.aim);
    expect(came({ ...wide, crowded: ['a:fill'] })).toEqual(coarse.aim);
    expect(came(wide)).toMatchObject({ stepMin: 1, near: coarse.aim.near });
    expect(hoodAfter({ nth: 0, steps: 400 }, 1)).toEqual({ nth: 1, steps: 400 });
    const elsewhere = after(near(model), VAIN).lane;
    expect(next(elsewhere).aim.near).not.toEqual(next(near(model)).aim.near);
    // And is more patient there.
    expect(next(elsewhere).patienceS).toBe(1.5 * next(near(model)).patienceS);
  });

  it('lets each task move so far, and some bakes anywhere', () => {
    const begins = new Map(first.plan.placed.map(({ task, startMin }) => [task, startMin]));
    const within = nearOf(model, first.plan, { nth: 0, steps: 100 })!;
    expect([...within.keys()].sort()).toEqual(model.jobs.map(({ id }) => id).sort());
    // 11,000 min shared out among six tasks, both ways.
    expect(within.get('a:mix')!.map((minute) => minute - begins.get('a:mix')!)).toEqual([
      -1834, 1834,
    ]);
    expect(nearOf(model, first.plan, { nth: 2, steps: 100 })!.size).toBe(4);
    expect(nearOf(model, first.plan, { nth: 3, steps: 100 })!.size).toBe(2);
  });
});

it('a task that is told where to begin begins nowhere else, and what comes after it follows', () => {
  const allowed = { lateMin: 0, pastMin: 0 };
  const told = startsOf(model, allowed, new Map([['a:mix', [100, 130]]]));
  expect(told.get('a:mix')).toEqual([[100, 130]]);
  // Ten minutes of mixing before it.
  expect(told.get('a:fill')![0]![0]).toBe(110);
  expect(startsOf(model, allowed).get('b:mix')).toEqual(told.get('b:mix'));
});

describe('bold', () => {
  it('asks for two fifths of the way again and again, until it finds nothing or proves it', () => {
    // 90 and two fifths of the 99 minutes to one less than 190.
    expect(next(bold(model)).aim.presence).toEqual({ least: 90, most: 129 });
    const found = after(bold(model), { ended: 'out-of-time', plans: [first.plan] });
    expect(found.leastMin).toBe(0);
    expect(next(found.lane).aim.presence).toEqual({ least: 90, most: 129 });
    expect(after(bold(model), VAIN)).toMatchObject({ leastMin: 0, lane: undefined });
    expect(after(bold(model), { ended: 'none', plans: [] }).leastMin).toBe(130);
  });
});

describe('bound', () => {
  it('asks a short day as a whole, and half as far after each run that had no answer', () => {
    expect(next(bound(model)).aim).toMatchObject({ by: 'presence', presence: { most: 189 } });
    expect(next(bound(model)).housed).toBe(false);
    const vain = after(bound(model), VAIN);
    expect(vain.leastMin).toBe(0);
    // Half of the 99 minutes.
    expect(next(vain.lane).aim.presence.most).toBe(139);
    expect(next(after(vain.lane!, VAIN).lane).aim.presence.most).toBe(114);
  });

  it('a best plan proves the foot of the step it is on, and none at all what was asked for and a minute', () => {
    expect(after(bound(model), { ended: 'none', plans: [] }).leastMin).toBe(190);
    const { presenceMin } = measure(model, first.plan);
    const best = after(bound(model), { ended: 'best', plans: [first.plan] });
    const { stepMin } = best.question.aim;
    // 99 minutes in forty steps.
    expect(stepMin).toBe(2);
    expect(best.leastMin).toBe(presenceMin - (presenceMin % 2));
  });
});

describe('a crowded fridge', () => {
  /** All three filled and chilled at the end of the morning, so that six vessels stand there at once. */
  const together: DayPlan = {
    ...first.plan,
    placed: first.plan.placed.map((each) => {
      const nth = ['a', 'b', 'c'].indexOf(each.task[0]!);
      const startMin = each.task.endsWith('mix') ? 200 + 10 * nth : 240 + 20 * nth;
      const { minutes } = model.byId.get(each.task)!;
      return { ...each, startMin, endMin: startMin + minutes };
    }),
  };

  it('is told by what was put in when there was no place for it', () => {
    expect(crowdedIn(model, together, { fridge: 6, freezer: 4 })).toEqual([]);
    expect(crowdedIn(model, together, { fridge: 5, freezer: 4 })).toEqual(['c:fill']);
    expect(crowdedIn(model, together, { fridge: 3, freezer: 4 })).toEqual(['b:fill', 'c:fill']);
  });

  it('is stated only for these tasks, and for every one where nothing is told', () => {
    const { aim } = next(near(model));
    const length = (crowded: readonly string[] | undefined): number => {
      const { crowded: _, ...rest } = aim;
      const asked = programOf(model, {
        ...rest,
        places: { fridge: 3, freezer: 4 },
        ...(crowded ? { crowded } : {}),
      });
      if ('impossible' in asked) throw new Error(asked.impossible);
      return asked.program.length;
    };
    const [none, one, all] = [length([]), length(['b:fill']), length(undefined)];
    expect(none).toBeLessThan(one);
    expect(one).toBeLessThan(all);
    expect(length(['a:fill', 'b:fill', 'c:fill'])).toBe(all);
  });
});
