/** Invented sessions for the benches of a day: tarts of eight or so tasks over 36 hours, drawn with a fixed seed. */
import {
  betterOn,
  firstPlan,
  foundBy,
  IN_VAIN,
  randomFrom,
  ROUNDS,
  type DayModel,
  type DayWeights,
  type Found,
  type Session,
} from '../src/day';
import { inOvenAt, KITCHEN, plainTask } from '../src/testing/sessions';
import type { Task } from '../src/work';

const SETTINGS = [140, 150, 165, 175, 190, 215];

/** A tart of eight tasks: dough, lining, blind bake, a filling, filled, baked, chilled, finished. */
function tart(random: () => number): Task[] {
  const between = (least: number, most: number) => Math.round(least + random() * (most - least));
  const pick = () => SETTINGS[between(0, SETTINGS.length - 1)]!;
  const oven = (setC: number, minutes: number, id: string, after: Task['after']): Task =>
    plainTask(id, minutes, {
      verb: 'bake',
      hands: [
        { at: 'start', offsetMin: 0, minutes: 2 },
        { at: 'end', offsetMin: 0, minutes: 2 },
      ],
      after,
      ...inOvenAt(setC, { ovenId: random() < 0.6 ? 'oven' : 'second' }),
    });
  const wait = (task: string, leastMin: number, mostMin: number) => ({
    task,
    wait: 'rest-cold' as const,
    leastMin,
    mostMin,
  });
  return [
    plainTask('dough', between(10, 16), {
      station: 'mixer',
      ...(random() < 0.5 ? { shared: 'dough:one' } : {}),
    }),
    plainTask('line', between(6, 18), { after: [wait('dough', 45, 2880)] }),
    oven(190, between(28, 38), 'blind', [wait('line', 15, 1440)]),
    plainTask('mix', between(6, 14)),
    plainTask('fill', between(3, 6), { after: [wait('blind', 5, 1440), wait('mix', 0, 45)] }),
    oven(pick(), between(25, 60), 'bake', [wait('fill', 0, 30)]),
    plainTask('chill', 2, { verb: 'to-the-fridge', after: [wait('bake', 45, 90)] }),
    plainTask('finish', between(4, 15), { after: [wait('chill', between(60, 240), 1440)] }),
  ];
}

/** So many bakes for so many cooks, in two ovens. */
export function session(bakes: number, cooks: number, seed: number): Session {
  const random = randomFrom(seed);
  const hours = [
    [0, 720],
    [1200, 2160],
  ] as const;
  return {
    fromMin: 0,
    wanted: Array.from({ length: bakes }, (_, index) => ({
      id: `b${index}`,
      name: `b${index}`,
      dueMin: 1800 + Math.round(random() * 360),
      work: {
        tasks: tart(random),
        ready: [{ task: 'finish', leastMin: 0, mostMin: 720 }],
        besides: [],
      },
    })),
    means: {
      ...KITCHEN,
      people: Array.from({ length: cooks }, (_, index) => ({ id: `p${index}`, name: '', hours })),
      ovens: [KITCHEN.ovens[0]!, { ...KITCHEN.ovens[0]!, id: 'second', kind: 'fan', shelves: 3 }],
    },
  };
}

/** The search for a better plan as the screen lets it run, from the first plan on, or from what a day at work has. */
export function lookedFor(model: DayModel, weights: DayWeights, from?: Pick<Found, 'way'>): Found {
  let best = from ? foundBy(model, from.way, weights) : firstPlan(model, weights);
  let vain = 0;
  for (let round = 1; round <= ROUNDS && vain < IN_VAIN; round += 1) {
    const found = betterOn(model, best, { round, weights });
    vain = found.cost < best.cost - 1e-9 ? 0 : vain + 1;
    if (vain === 0) best = found;
  }
  return best;
}
