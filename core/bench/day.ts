/**
 * How long a plan of a day takes: the first plan, one that follows a finger, and a search; on invented sessions of 6, 12
 * and 20 bakes of eight or so tasks, over 36 hours, drawn with a fixed seed.
 */
import {
  construct,
  firstPlan,
  improve,
  leastPresence,
  measure,
  modelOf,
  randomFrom,
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

function session(bakes: number, cooks: number, seed: number): Session {
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

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

function timed<T>(work: () => T, times: number): { readonly ms: number; readonly value: T } {
  let value = work();
  const ms = Array.from({ length: times }, () => {
    const from = performance.now();
    value = work();
    return performance.now() - from;
  });
  return { ms: median(ms), value };
}

for (const [bakes, cooks] of [
  [6, 1],
  [12, 1],
  [20, 3],
] as const) {
  const made = modelOf(session(bakes, cooks, bakes));
  if (!made.ok) throw new Error(made.problem.code);
  const model = made.value;
  const first = timed(() => firstPlan(model), 15);
  const again = timed(() => construct(model, first.value.way), 15);
  const search = timed(() => improve(model, { tries: 600 }), 1);
  const [before, after] = [first.value, search.value].map(({ plan }) => measure(model, plan));
  const least = leastPresence(model);
  console.log(
    [
      `${bakes} bakes, ${cooks} cook${cooks > 1 ? 's' : ''}, ${model.jobs.length} tasks:`,
      `first plan ${first.ms.toFixed(1)} ms (median of 15),`,
      `one more ${again.ms.toFixed(1)} ms,`,
      `600 tries ${(search.ms / 1000).toFixed(2)} s;`,
      `left ${before!.left} then ${after!.left}, late ${before!.lateMin} then ${after!.lateMin} min,`,
      `there ${before!.presenceMin} then ${after!.presenceMin} min, hands alone ${least}`,
    ].join(' '),
  );
}
