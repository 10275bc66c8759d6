/** Shells out of the freezer: how long they thaw, worked by hand, and what is left of the work of a tart. */
import { TART } from '../testing/bakes';
import { madeOf, partOf, planOfWork } from '../testing/made';
import { shellFreezeMin, shellThawMin, THAWED_C } from './waits';
import { COLD_ROOM_OF } from './task';
import { workOf } from './work';

// By hand: 3.5 mm of 1200 kg/m³ are 4.2 kg/m², which take up 18 W/(m² K). In a room of 22 °C: from -18 to -4 °C
// 4.2 × 1800 / 18 × ln(40 / 26) = 180.9 s; 4.2 × 50 100 / (18 × 26) = 449.6 s for the ice; from -4 to 4 °C
// 4.2 × 2600 / 18 × ln(26 / 18) = 223.1 s: together 853.6 s. Common practice: ten minutes to twenty.
it('a lined shell thaws in a quarter of an hour', () => {
  expect(shellThawMin(3.5, 22) * 60).toBeCloseTo(853.6, 0);
  // All of it goes by the thickness.
  expect(shellThawMin(7, 22)).toBeCloseTo(2 * shellThawMin(3.5, 22), 6);
  expect(shellThawMin(3.5, 30)).toBeLessThan(shellThawMin(3.5, 22));
  expect(shellThawMin(3.5, THAWED_C)).toBe(Infinity);
});

// By hand: 4.2 kg/m² give up 20 W/(m² K) at -18 °C. From 16 to -4 °C 4.2 × 2600 / 20 × ln(34 / 14) = 484.5 s;
// 4.2 × 50 100 / (20 × 14) = 751.5 s for the ice; from -4 to -10 °C 4.2 × 1800 / 20 × ln(14 / 8) = 211.5 s: together
// 1447.5 s. Common practice: hard after ten minutes, frozen through after twenty to thirty.
it('a lined shell is frozen through in under half an hour', () => {
  expect(shellFreezeMin(3.5) * 60).toBeCloseTo(1447.5, 0);
  expect(shellFreezeMin(7)).toBeCloseTo(2 * shellFreezeMin(3.5), 6);
});

const DOUGH = { 'wheat-flour': 200, butter: 110, sugar: 60, egg: 50 };
const formula = madeOf(
  'baked-custard',
  { cream: 400, milk: 200, egg: 100, 'egg-yolk': 90, sugar: 80 },
  { shell: 'sweet-dough', parts: [partOf('sweet-dough', 'shell', DOUGH)] },
);
const span = { earliestMin: 30, expectedMin: 35, latestMin: 40 };
const tasksOf = (change: Partial<typeof formula> = {}, frozenShell = true, roomC = 22) => {
  const work = workOf({
    ...planOfWork({ ...formula, ...change }, { bake: span, blind: span }, TART.vessel),
    roomC,
    frozenShell,
  });
  if (!work.ok) throw new Error(work.problem.code);
  return work.value.tasks;
};

it('leaves out the dough and the lining, and bakes once it has thawed and before it sinks', () => {
  const made = tasksOf({}, false).map(({ verb }) => verb);
  expect(made).toEqual(expect.arrayContaining(['take-out-butter', 'mix-dough', 'roll-and-line']));
  const tasks = tasksOf();
  const [takeOut, bake] = tasks;
  expect(tasks.map(({ verb }) => verb)).toEqual([
    'take-out-shell',
    ...made.slice(made.indexOf('blind-bake')),
  ]);
  // By hand: 3 mm take 3 / 3.5 of 853.6 s, 731.7 s: 13 min begun.
  expect(bake!.after).toEqual([
    { task: takeOut!.id, wait: 'thaw', leastMin: 13, mostMin: 58, gate: 'walls-firm' },
  ]);
  expect(takeOut).toMatchObject({ of: 'sweet-dough', span: { expectedMin: 1 } });
});

it('is filled once it has thawed where it is baked with its filling', () => {
  const raw = { ...formula.shellBake, raw: true };
  const fill = tasksOf({ shellBake: raw }).find(({ verb }) => verb === 'fill')!;
  expect(fill.after).toContainEqual(expect.objectContaining({ wait: 'thaw', leastMin: 13 }));
});

it('is not waited for without end in a cold room', () => {
  const [, bake] = tasksOf({}, true, 4);
  expect(bake!.after[0]).toMatchObject({ leastMin: 120, mostMin: 165 });
});

it('asks for no freezer where there is nothing to line', () => {
  const verbs = (shell: typeof formula.shell) =>
    tasksOf({ shell, parts: [] }).map(({ verb }) => verb);
  expect(verbs('none')).not.toContain('take-out-shell');
});

describe('a shell that goes into the oven frozen', () => {
  const shellBake = { ...formula.shellBake, start: 'frozen' } as const;
  const bakeOf = (change: Partial<typeof shellBake>, frozenShell: boolean) =>
    tasksOf({ shellBake: { ...shellBake, ...change } }, frozenShell).find(
      ({ verb }) => verb === 'blind-bake',
    )!;

  // By hand: 3 mm take 3 / 3.5 of 1447.5 s, 1240.7 s: 21 min begun; a longer rest stands.
  it.each([
    [20, 21],
    [40, 40],
  ])(
    'lies in the freezer until it is frozen through, where it rests %s min',
    (restMin, leastMin) => {
      expect(COLD_ROOM_OF.freeze).toBe('freezer');
      expect(bakeOf({ restMin }, false).after).toEqual([
        expect.objectContaining({ wait: 'freeze', leastMin, mostMin: 1440, gate: 'walls-firm' }),
      ]);
    },
  );

  it('is not thawed where it comes out of the freezer, and does not stand about', () => {
    expect(bakeOf({}, true).after).toEqual([
      expect.objectContaining({ wait: 'stand', leastMin: 0, mostMin: 10 }),
    ]);
  });
});
