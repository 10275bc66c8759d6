/** Two plans, line by line. */
import { modelOf, type DayPlan } from '@hollow-moon/core/planning';
import { besideOf, energyInWords, figuresOf, ovensTake, type Figure } from './figures';
import type { Planned } from './usePlan';

const figure = (id: string, value: string): Figure => ({ id, label: id.toUpperCase(), value });

it('stand by the same line, whatever their order, and each has its own where only one has it', () => {
  const kept = [figure('begins', '22:00'), figure('tart', '05:10'), figure('pie', '05:40')];
  const now = [figure('begins', '23:15'), figure('flan', '06:00'), figure('tart', '05:10')];
  expect(besideOf(kept, now)).toEqual([
    { label: 'BEGINS', kept: '22:00', now: '23:15' },
    { label: 'FLAN', kept: '–', now: '06:00' },
    { label: 'TART', kept: '05:10', now: '05:10' },
    { label: 'PIE', kept: '05:40', now: '–' },
  ]);
});

it('differ in nothing where they are the same', () => {
  const one = [figure('begins', '22:00'), figure('tart', '05:10')];
  expect(besideOf(one, one).filter(({ kept, now }) => kept !== now)).toEqual([]);
});

describe('what the ovens take', () => {
  const made = modelOf({
    fromMin: 0,
    wanted: [
      {
        ...{ id: 'tart', name: 'Tart', dueMin: 600 },
        work: {
          tasks: [
            {
              ...{ id: 'bake', verb: 'bake', of: 'filling', what: '', vessels: 1, grams: 0 },
              ...{ station: 'oven', from: 'computed', hands: [], after: [] },
              span: { earliestMin: 40, expectedMin: 40, latestMin: 40 },
              oven: {
                ...{ ovenId: 'oven', setC: 180, endC: 180, programme: '/180', staged: false },
                ...{ vessels: 1, pieces: 1, lengthMm: 260, breadthMm: 260 },
              },
            },
          ],
          ready: [{ task: 'bake', leastMin: 0, mostMin: 600 }],
          besides: [],
        },
      },
    ],
    means: {
      people: [],
      ovens: [
        {
          ...{ id: 'oven', name: 'Oven', kind: 'still', offsetK: 0 },
          ...{ shelves: 2, lengthMm: 400, breadthMm: 300 },
        },
      ],
      ...{ rings: 1, mixers: 1, fridgePlaces: 1, freezerPlaces: 1, roomC: 22 },
    },
  });
  if (!made.ok) throw new Error(made.problem.code);
  const planOf = (placed: DayPlan['placed']) => ({
    model: made.value,
    plan: { placed, late: [], left: [] },
  });
  const baked = planOf([
    { task: 'tart:bake', startMin: 300, endMin: 340, ovenId: 'oven', people: [] },
  ]);
  const said = (kWhPrice: number | null) =>
    energyInWords(ovensTake(baked, { kWhPrice, currency: 'EUR' })!).replaceAll('\u00a0', ' ');

  // By hand: 19 min at 2500 W and 40 min at 711 W are 1.2657 kWh; at 30 cents each that is 0.3797.
  it('costs what the kitchen pays for it', () => {
    expect(said(0.3)).toBe('about 1.3 kWh for the ovens, €0.38');
    expect(said(0)).toBe('about 1.3 kWh for the ovens, €0.00');
  });

  it('has no price where nobody has said one', () => {
    expect(said(null)).toBe('about 1.3 kWh for the ovens');
  });

  it('stands among the figures of a plan, and is left out where no oven is lit', () => {
    const figures = (of: ReturnType<typeof planOf>) =>
      figuresOf(
        {
          ...of,
          measures: { presenceMin: 90, busyMin: 35, changes: 1 },
          session: {
            wanted: [
              { id: 'tart', name: 'Tart' },
              { id: 'pie', name: 'Pie' },
            ],
          },
        } as unknown as Planned,
        '2026-03-05',
        { kWhPrice: null, currency: 'EUR' },
      ).map(({ id, value }) => [id, value.replaceAll('\u00a0', ' ')]);
    const lit = figures(baked);
    expect(lit.map(([id]) => id)).toEqual([
      'begins',
      'ends',
      'there',
      'busy',
      'heats',
      'energy',
      'tart',
      'pie',
    ]);
    expect(Object.fromEntries(lit)).toMatchObject({
      ...{ there: '1 h 30 min', busy: '35 min', heats: '1', energy: '1.3 kWh' },
      // Two days before it is wanted, with what was begun then.
      tart: 'Tue 05:40',
    });
    // What has no place in the plan is said to have none.
    expect(Object.fromEntries(lit)).toMatchObject({ pie: 'left out' });
    const cold = figures(planOf([{ task: 'tart:bake', startMin: 300, endMin: 340, people: [] }]));
    expect(cold.map(([id]) => id)).toEqual(['begins', 'ends', 'there', 'busy', 'tart', 'pie']);
  });

  it('is nothing where none is lit', () => {
    expect(ovensTake(planOf([]), { kWhPrice: 0.3, currency: 'EUR' })).toBeUndefined();
  });
});
