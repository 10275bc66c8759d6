import fc from 'fast-check';
import { modelOf, type DayModel, type Session } from '../day';
import type { Task } from '../work';
import { chain, inOvenAt, KITCHEN, plainTask, workFrom } from './sessions';

/** A session made ready; one that fits no oven is a fault of the test. */
export const made = (session: Session): DayModel => {
  const model = modelOf(session);
  if (!model.ok) throw new Error(model.problem.code);
  return model.value;
};

/** Heats that drawn bakes are set to, °C. */
export const SETTINGS = [140, 160, 180, 215] as const;

/** A bake of up to six tasks one after another, some at the hob, in a mixer or the oven, with waits that may have an end. */
export const anyBake = fc
  .record({
    dueMin: fc.integer({ min: 200, max: 1400 }),
    tasks: fc.array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 60 }),
        station: fc.constantFrom('bench', 'hob', 'mixer', 'oven'),
        setC: fc.constantFrom(...SETTINGS),
        staged: fc.boolean(),
        pieces: fc.integer({ min: 1, max: 5 }),
        leastMin: fc.integer({ min: 0, max: 90 }),
        keepsMin: fc.option(fc.integer({ min: 0, max: 120 }), { nil: undefined }),
        shared: fc.boolean(),
      }),
      { minLength: 1, maxLength: 6 },
    ),
  })
  .map(({ dueMin, tasks }) => {
    const list: Task[] = chain(
      tasks.map(({ minutes, station, setC, staged, pieces, shared }, index) => {
        const id = `t${index}`;
        if (station !== 'oven') {
          const first = index === 0 && shared;
          return plainTask(id, minutes, { station, ...(first ? { shared: 'dough:one' } : {}) });
        }
        const programme = staged ? `${setC}/20:150` : `${setC}`;
        return plainTask(id, minutes, {
          verb: 'bake',
          hands: [
            { at: 'start', offsetMin: 0, minutes: Math.min(2, minutes) },
            { at: 'end', offsetMin: 0, minutes: 1 },
          ],
          ...inOvenAt(setC, { programme, staged, pieces, vessels: pieces }),
        });
      }),
    ).map((task, index) => {
      const { leastMin, keepsMin } = tasks[index]!;
      return {
        ...task,
        after: task.after.map((each) => ({
          ...each,
          leastMin,
          ...(keepsMin === undefined ? {} : { mostMin: leastMin + keepsMin }),
        })),
      };
    });
    return { dueMin, work: workFrom(list) };
  });

/** Up to six such bakes, up to three people, one oven or two. */
export const anySession = fc
  .record({
    bakes: fc.array(anyBake, { minLength: 1, maxLength: 6 }),
    people: fc.integer({ min: 1, max: 3 }),
    ovens: fc.integer({ min: 1, max: 2 }),
    rings: fc.integer({ min: 1, max: 2 }),
  })
  .map(({ bakes, people, ovens, rings }): Session => ({
    wanted: bakes.map(({ dueMin, work }, index) => ({
      id: `b${index}`,
      name: `b${index}`,
      dueMin,
      work,
    })),
    means: {
      ...KITCHEN,
      rings,
      people: Array.from({ length: people }, (_, index) => ({
        id: `p${index}`,
        name: `p${index}`,
        hours: [
          [0, 500],
          [600, 1440],
        ],
      })),
      ovens: Array.from({ length: ovens }, (_, index) => ({
        ...KITCHEN.ovens[0]!,
        id: index === 0 ? 'oven' : `oven${index}`,
      })),
    },
    fromMin: 0,
  }));
