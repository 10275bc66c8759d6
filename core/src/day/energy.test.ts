/** What ovens take from the mains over a plan, worked by hand. */
import { made } from '../testing/anySession';
import { chain, inOvenAt, KITCHEN, plainTask, workFrom } from '../testing/sessions';
import { energyOf } from './energy';
import type { DayPlan } from './session';

const OVENS = [
  KITCHEN.ovens[0]!,
  { ...KITCHEN.ovens[0]!, id: 'deck', kind: 'deck' as const, offsetK: -4 },
];
const loads = [
  ['a', 'oven', 180],
  ['b', 'oven', 180],
  ['c', 'oven', 150],
  ['d', 'deck', 200],
] as const;
const model = made({
  wanted: loads.map(([id, ovenId, setC]) => ({
    ...{ id, name: id, dueMin: 1400 },
    work: workFrom(
      chain([plainTask('bake', 40, { verb: 'bake', ...inOvenAt(setC, { ovenId }) })]),
      0,
      2000,
    ),
  })),
  means: { ...KITCHEN, ovens: OVENS, people: [{ id: 'cook', name: 'Cook', hours: [[0, 1400]] }] },
  fromMin: 0,
});

/** A plan with the load of each at its minute. */
const planOf = (starts: Readonly<Record<string, number>>): DayPlan => ({
  placed: loads.flatMap(([id, ovenId]) => {
    const startMin = starts[id];
    const task = `${id}:bake`;
    return startMin === undefined
      ? []
      : [{ task, startMin, endMin: startMin + 40, ovenId, people: ['cook'] }];
  }),
  late: [],
  left: [],
});
const kWh = (starts: Readonly<Record<string, number>>) =>
  Object.fromEntries(
    energyOf(model, planOf(starts)).map((each) => [each.ovenId, Math.round(each.kWh * 1000)]),
  );

// By hand, a still oven: 19 min at 2500 W are 2.85 MJ; at 180 °C in a room of 22 °C it loses 4.5 × 158 = 711 W, in 40 min
// 1.7064 MJ; together 4.5564 MJ, 1.2657 kWh.
it('heats once and stands at its heat', () => {
  expect(kWh({ a: 300 })).toEqual({ oven: 1266 });
});

// And 20 min more between the two loads, and 40 with the second: 60 × 60 × 711 = 2.5596 MJ.
it('stays on between two loads that follow soon', () => {
  expect(kWh({ a: 300, b: 360 })).toEqual({ oven: 1977 });
});

it('is switched off where the next is long in coming, and heated anew', () => {
  // Twice 4.5564 MJ.
  expect(kWh({ a: 300, b: 500 })).toEqual({ oven: 2531 });
});

// Cooling with its door ajar it takes nothing: only the load at 150 °C is added, 4.5 × 128 × 2400 s = 1.3824 MJ, and what it
// stands at 180 °C until the door is opened.
it('takes nothing while it cools', () => {
  const both = kWh({ a: 300, c: 360 }).oven!;
  expect(both).toBeGreaterThanOrEqual(1266 + 384);
  // At the most the twenty minutes between them at 180 °C: 0.8532 MJ, 237 Wh.
  expect(both).toBeLessThan(1266 + 384 + 237);
});

// A deck, 4 K under its dial: it stands at 196 °C and loses 12 × 174 = 2088 W, in 40 min 5.0112 MJ, 1.392 kWh; its heating
// is 150 000 / 12 × ln(500 / (500 - 174)) = 5346 s, 90 min at 6000 W: 32.4 MJ, 9 kWh.
it('counts an oven by its own kind and its own dial, and none that is cold', () => {
  expect(kWh({ d: 300 })).toEqual({ deck: 10392 });
  expect(kWh({})).toEqual({});
});
