/**
 * Lists of work of invented recipes of every family, checked by hand: the order of tasks, what is asked before them, and
 * the time from the first of them to the table against the trade's own (common practice).
 */
import { madeOf, partOf, planOfWork } from '../testing/made';
import { POT, TART } from '../testing/bakes';
import { elapsedMin, soonest } from './elapsed';
import type { Computed, MadeFormula } from './plan';
import type { Gate, WorkList } from './task';
import { workOf } from './work';

const span = (expectedMin: number, spread = 6) => ({
  earliestMin: expectedMin - spread,
  expectedMin,
  latestMin: expectedMin + spread,
});
const BLIND = { blind: span(35) } as const;

const worked = (formula: MadeFormula, computed: Computed, vessel = TART.vessel): WorkList => {
  const work = workOf(planOfWork(formula, computed, vessel));
  if (!work.ok) throw new Error(work.problem.code);
  return work.value;
};

/** Verbs in the order in which they can begin. */
const inOrder = ({ tasks }: WorkList): string[] => {
  const starts = soonest(tasks);
  return [...tasks].sort((a, b) => starts.get(a.id)! - starts.get(b.id)!).map(({ verb }) => verb);
};

/** Each verb comes after those that are named before it. */
const follows = (work: WorkList, ...verbs: string[]): void => {
  const found = inOrder(work);
  const places = verbs.map((verb) => found.lastIndexOf(verb));
  expect(places).not.toContain(-1);
  expect(places).toEqual([...places].sort((a, b) => a - b));
};

const gates = ({ tasks }: WorkList): Gate[] => [
  ...new Set(tasks.flatMap(({ after }) => after.flatMap(({ gate }) => gate ?? []))),
];

const SWEET = partOf('sweet-dough', 'shell', {
  'wheat-flour': 200,
  butter: 110,
  sugar: 60,
  egg: 50,
});
const FLAKY = partOf('pie-dough', 'shell', { 'wheat-flour': 200, butter: 130, water: 60 });
const inSweet = { shell: 'sweet-dough', parts: [SWEET] } as const;
const inFlaky = { shell: 'pie-dough', parts: [FLAKY] } as const;
const CUSTARD = { cream: 400, milk: 200, egg: 100, 'egg-yolk': 90, sugar: 80 };

interface Recipe {
  readonly name: string;
  readonly formula: MadeFormula;
  readonly computed: Computed;
  readonly vessel?: typeof TART.vessel;
  /** In this order, other tasks between them. */
  readonly order: readonly string[];
  readonly asked: readonly Gate[];
  /** From the first task to the table, h. */
  readonly hours: readonly [number, number];
}

const RECIPES: readonly Recipe[] = [
  {
    // Dough 11, rest 45, line 8, rest 20, blind 35, fill 3, bake 40, an hour of room, two of fridge: 5¾ h.
    name: 'a set custard tart, poured warm',
    formula: madeOf('baked-custard', CUSTARD, { ...inSweet, fillingStartC: 55 }),
    computed: { ...BLIND, bake: span(40) },
    order: [
      'take-out-butter',
      'mix-dough',
      'roll-and-line',
      'blind-bake',
      'fill',
      'bake',
      'to-the-fridge',
    ],
    asked: ['butter-soft', 'dough-rested', 'walls-firm', 'dairy-rested'],
    hours: [5, 6.5],
  },
  {
    // Common practice: torched pots four hours and more.
    name: 'six custard pots in a bath',
    formula: madeOf(
      'baked-custard',
      { cream: 700, 'egg-yolk': 110, sugar: 80 },
      { vesselCount: 6, fillingStartC: 55, bath: { panLengthMm: 350, panBreadthMm: 250 } },
    ),
    computed: { bake: span(40), cutMin: 270, turnOutMin: 20 },
    vessel: POT.vessel,
    order: ['warm-dairy', 'mix-custard', 'fill', 'bake'],
    asked: ['dairy-rested', 'bath-ready'],
    hours: [4, 6.5],
  },
  {
    // Common practice: a large turned-out flan about fifteen hours, most of them a night in the cold.
    name: 'a large flan, turned out',
    formula: madeOf(
      'baked-custard',
      { milk: 800, egg: 250, 'egg-yolk': 60, sugar: 130 },
      { fillingStartC: 50, parts: [partOf('caramel', 'under', { sugar: 150, water: 40 })] },
    ),
    computed: { bake: span(70) },
    order: ['cook-caramel', 'coat', 'fill', 'bake', 'to-the-fridge', 'turn-out'],
    asked: ['dairy-rested', 'caramel-hard'],
    hours: [13.5, 16],
  },
  {
    // Common practice: a cheesecake fourteen to sixteen hours, an hour of it in the shut oven and a night in the cold.
    name: 'a baked cheese tart, left in the shut oven',
    formula: madeOf(
      'fresh-cheese',
      { ricotta: 600, 'soured-cream': 100, egg: 150, sugar: 140 },
      {
        ...inSweet,
        ovenUse: {
          steps: [],
          out: [
            { atMin: 0, place: 'oven-shut' },
            { atMin: 60, place: 'rack' },
            { atMin: 120, place: 'fridge' },
          ],
        },
      },
    ),
    computed: { ...BLIND, bake: span(60), cutMin: 700 },
    order: ['take-out-cheese', 'blend-cheese', 'fill', 'bake', 'to-the-fridge'],
    asked: ['butter-soft', 'dough-rested', 'walls-firm', 'shell-cool'],
    hours: [13.5, 16.5],
  },
  {
    // Common practice: a starch-cream pie in a fully baked flaky shell seven to eight hours.
    name: 'a cream pie in a flaky shell, with cream piped on',
    formula: madeOf(
      'starch-cream',
      { milk: 700, 'egg-yolk': 90, sugar: 120, cornflour: 50 },
      {
        ...inFlaky,
        fillingStartC: 60,
        parts: [FLAKY, partOf('whipped-cream', 'over', { cream: 200, 'icing-sugar': 15 })],
      },
    ),
    computed: { ...BLIND, stoveMin: 12 },
    order: ['mix-dough', 'roll-and-line', 'blind-bake', 'fill', 'whip-and-pipe'],
    asked: ['dough-rested', 'walls-firm', 'cold-and-set'],
    hours: [6, 8],
  },
  {
    // Common practice: a syrup-nut pie about four hours, two of them on the rack.
    name: 'a nut pie, filled raw',
    formula: madeOf(
      'syrup-nut',
      { 'golden-syrup': 340, 'brown-sugar': 300, egg: 220, butter: 80 },
      { ...inFlaky, shellBake: { ...madeOf('curd', { sugar: 1 }).shellBake, raw: true } },
    ),
    computed: { bake: span(50), cutMin: 120 },
    order: ['mix-dough', 'roll-and-line', 'fill', 'bake'],
    asked: ['dough-rested', 'walls-firm'],
    hours: [3.7, 4.8],
  },
  {
    // Common practice: a fruit and nut-cream tart three and a half hours.
    name: 'a plum and nut-cream tart, filled raw',
    formula: madeOf(
      'nut-cream',
      { 'ground-almonds': 150, butter: 130, 'icing-sugar': 130, egg: 120, 'wheat-flour': 20 },
      {
        shell: 'sweet-dough',
        parts: [SWEET, partOf('fruit-and-nuts', 'over', { plums: 350 }, { bakesAlong: true })],
        shellBake: { ...madeOf('curd', { sugar: 1 }).shellBake, raw: true },
      },
    ),
    computed: { bake: span(55), cutMin: 45 },
    order: ['roll-and-line', 'fill', 'lay-on', 'bake'],
    asked: ['butter-soft', 'dough-rested', 'walls-firm'],
    hours: [2.9, 4],
  },
  {
    name: 'a purée pie with a hot start',
    formula: madeOf(
      'puree-custard',
      { 'pumpkin-puree': 450, egg: 100, cream: 250, 'brown-sugar': 130 },
      {
        ...inFlaky,
        setC: 215,
        ovenUse: { steps: [{ atMin: 15, to: 175 }], out: [{ atMin: 0, place: 'rack' }] },
      },
    ),
    computed: { ...BLIND, bake: span(45), cutMin: 100 },
    order: ['blind-bake', 'fill', 'bake'],
    asked: ['dough-rested', 'walls-firm', 'shell-cool'],
    hours: [4, 6],
  },
  {
    // A batter rests half an hour; it is eaten warm.
    name: 'a batter custard over fruit',
    formula: madeOf(
      'batter-custard',
      { milk: 300, egg: 150, sugar: 70, 'wheat-flour': 25 },
      { parts: [partOf('fruit-and-nuts', 'under', { cherries: 400 })] },
    ),
    computed: { bake: span(45), cutMin: 60 },
    order: ['prepare-fruit', 'spread-under', 'fill', 'bake'],
    asked: [],
    hours: [2, 3],
  },
  {
    // Filled at once: the fruit draws juice. The mix waits twenty minutes at the most.
    name: 'a fruit and soured-cream pie',
    formula: madeOf(
      'fruit-filling',
      { gooseberries: 600, 'soured-cream': 200, sugar: 140, 'wheat-flour': 30 },
      inFlaky,
    ),
    computed: { ...BLIND, bake: span(50), cutMin: 130 },
    order: ['mix-fruit', 'fill', 'bake'],
    asked: ['dough-rested', 'walls-firm', 'shell-cool'],
    hours: [4, 6],
  },
  {
    // Common practice: eight hours from cold.
    name: 'a gelatine layer on crumbs',
    formula: madeOf(
      'cold-set',
      { 'orange-juice': 300, cream: 400, sugar: 120, 'gelatine-leaf': 12 },
      {
        shell: 'crumb-shell',
        parts: [partOf('crumb-shell', 'shell', { 'ginger-biscuits': 180, butter: 70 })],
      },
    ),
    computed: {},
    order: ['press-in', 'fill'],
    asked: ['walls-firm'],
    hours: [8, 9.5],
  },
  {
    // Common practice: chocolate sets in four hours, without a night.
    name: 'a ganache on crumbs',
    formula: madeOf(
      'cold-set',
      { 'dark-chocolate': 300, cream: 300, butter: 40 },
      {
        shell: 'crumb-shell',
        parts: [partOf('crumb-shell', 'shell', { 'ginger-biscuits': 180, butter: 70 })],
      },
    ),
    computed: {},
    order: ['press-in', 'fill'],
    asked: ['walls-firm'],
    hours: [4, 5.5],
  },
  {
    name: 'an eggless pudding in pots, with brittle',
    formula: madeOf(
      'starch-pudding',
      { milk: 900, sugar: 90, cornflour: 50 },
      { vesselCount: 6, parts: [partOf('praline', 'apart', { sugar: 70, almonds: 70 })] },
    ),
    computed: { stoveMin: 12 },
    vessel: POT.vessel,
    order: ['cook-cream', 'fill'],
    asked: [],
    hours: [4, 5],
  },
  {
    name: 'curd tartlets under a cooked meringue',
    formula: madeOf(
      'curd',
      { 'lemon-juice': 200, 'egg-yolk': 90, egg: 50, sugar: 120, butter: 80 },
      {
        ...inSweet,
        vesselCount: 6,
        fillingStartC: 45,
        parts: [
          SWEET,
          partOf('meringue-italian', 'over', { 'egg-white': 120, sugar: 200, water: 60 }),
        ],
      },
    ),
    computed: { ...BLIND, stoveMin: 9 },
    order: ['cook-cream', 'fill', 'meringue'],
    asked: ['butter-soft', 'dough-rested', 'walls-firm', 'cold-and-set'],
    hours: [6, 7.5],
  },
  {
    // Pressed dough needs no rolling, and no rest to bend.
    name: 'a curd tart in pressed shortbread',
    formula: madeOf(
      'curd',
      { 'lemon-juice': 300, 'egg-yolk': 140, sugar: 180, butter: 150 },
      {
        shell: 'pressed-dough',
        fillingStartC: 45,
        parts: [partOf('pressed-dough', 'shell', { 'wheat-flour': 200, butter: 180, sugar: 60 })],
      },
    ),
    computed: { ...BLIND, stoveMin: 12 },
    order: ['mix-dough', 'press-in', 'blind-bake', 'fill'],
    asked: ['walls-firm'],
    hours: [5, 6.5],
  },
  {
    // A bought shell is neither made nor baked.
    name: 'a pastry-cream tart in a bought shell, with fruit and a glaze',
    formula: madeOf(
      'starch-cream',
      { milk: 500, 'egg-yolk': 80, sugar: 90, cornflour: 40 },
      {
        shell: 'sweet-dough',
        fillingStartC: 60,
        parts: [
          partOf('bought-shell', 'shell', {}),
          partOf('fruit-and-nuts', 'over', { plums: 300 }),
          partOf('glaze', 'over', { 'apricot-jam': 60, water: 20 }),
        ],
      },
    ),
    computed: { stoveMin: 10 },
    order: ['cook-cream', 'fill', 'put-on', 'glaze'],
    asked: ['cold-and-set'],
    hours: [4, 5.5],
  },
  {
    name: 'a custard tart with a layer of nut cream under it, sealed',
    formula: madeOf('baked-custard', CUSTARD, {
      ...inSweet,
      parts: [
        SWEET,
        partOf('nut-cream', 'under', { 'ground-almonds': 60, butter: 50, sugar: 50, egg: 40 }),
      ],
      shellBake: { ...madeOf('curd', { sugar: 1 }).shellBake, seal: 'egg-wash' },
    }),
    computed: { ...BLIND, bake: span(45), cutMin: 150 },
    order: ['blind-bake', 'seal', 'spread-under', 'fill', 'bake'],
    asked: ['butter-soft', 'dough-rested', 'walls-firm', 'shell-cool'],
    hours: [5, 6.5],
  },
];

describe.each(RECIPES)('$name', ({ formula, computed, vessel, order, asked, hours }) => {
  const work = worked(formula, computed, vessel);

  it('is made in the order of the trade', () => follows(work, ...order));
  it('asks what has to be asked', () => expect(gates(work).sort()).toEqual([...asked].sort()));
  it('takes as long as the trade says', () => {
    const found = elapsedMin(work) / 60;
    expect(found).toBeGreaterThanOrEqual(hours[0]);
    expect(found).toBeLessThanOrEqual(hours[1]);
  });
  it('ends in a task, waits for tasks only, and wants somebody for each', () => {
    const ids = new Set(work.tasks.map(({ id }) => id));
    expect(ids.size).toBe(work.tasks.length);
    for (const { after, span: of, hands } of work.tasks) {
      for (const each of after) expect(ids).toContain(each.task);
      expect(of.earliestMin).toBeLessThanOrEqual(of.expectedMin);
      expect(of.expectedMin).toBeLessThanOrEqual(of.latestMin);
      expect(hands.length).toBeGreaterThan(0);
    }
    for (const { task, leastMin, mostMin } of work.ready) {
      expect(ids).toContain(task);
      expect(mostMin).toBeGreaterThanOrEqual(leastMin);
    }
  });
});

describe('the tasks', () => {
  it('of what is made by itself are one', () => {
    const dough = worked(madeOf('sweet-dough', { 'wheat-flour': 300, butter: 170, sugar: 90 }), {});
    expect(inOrder(dough)).toEqual(['mix-dough']);
    expect(inOrder(worked(madeOf('caramel', { sugar: 200, water: 60 }), {}))).toEqual([
      'make-part',
    ]);
  });

  it('are refused where an oven has to set it, or its shell, and nothing says how long', () => {
    const code = (formula: MadeFormula, computed: Computed) => {
      const work = workOf(planOfWork(formula, computed));
      return work.ok ? undefined : work.problem.code;
    };
    expect(code(madeOf('baked-custard', CUSTARD), {})).toBe('work.no-forecast');
    expect(code(madeOf('baked-custard', CUSTARD, inSweet), { bake: span(40) })).toBe(
      'work.no-shell-forecast',
    );
  });

  it('keep the oven for what cools in it, and come out of it before', () => {
    const out = [
      { atMin: 0, place: 'oven-shut' as const },
      { atMin: 60, place: 'rack' as const },
    ];
    const { tasks } = worked(
      madeOf('fresh-cheese', { ricotta: 600, egg: 150 }, { ovenUse: { steps: [], out } }),
      { bake: span(60), cutMin: 700 },
    );
    const bake = tasks.find(({ verb }) => verb === 'bake')!;
    expect(bake.span.expectedMin).toBe(120);
    expect(bake.oven!.staged).toBe(true);
    // The look at its window is an hour before it leaves the oven.
    expect(bake.hands.at(-1)).toMatchObject({ at: 'end', offsetMin: 60 });
  });

  it('have hands on a blind bake wherever something is done to it, and say what', () => {
    const stage = (minutes: number, setC: number, weighted: boolean, outOfRing = false) => ({
      ...{ minutes, setC, weighted, outOfRing },
    });
    const blind = (stages: readonly ReturnType<typeof stage>[]) => {
      const { shellBake } = madeOf('curd', {}, {});
      const formula = madeOf(
        'curd',
        { 'lemon-juice': 300, 'egg-yolk': 140, sugar: 180 },
        { ...inSweet, vesselCount: 4, shellBake: { ...shellBake, stages } },
      );
      return worked(formula, { blind: span(42) }).tasks.find(({ verb }) => verb === 'blind-bake')!;
    };
    // By hand: 20 with weights, 5 more bare, 10 at a lower heat, and 7 of its own out of the ring.
    const bake = blind([
      stage(20, 190, true),
      stage(5, 190, false),
      stage(10, 170, false),
      stage(7, 170, false, true),
    ]);
    expect(bake.stages).toEqual([
      { atMin: 20, bare: true, outOfRing: false },
      { atMin: 25, bare: false, outOfRing: false, setC: 170 },
      { atMin: 35, bare: false, outOfRing: true },
    ]);
    // Four tins: a minute and one for each four; a dial is turned in one.
    expect(bake.hands).toEqual([
      { at: 'start', offsetMin: 0, minutes: 2 },
      { at: 'start', offsetMin: 20, minutes: 2 },
      { at: 'start', offsetMin: 25, minutes: 1 },
      { at: 'start', offsetMin: 35, minutes: 2 },
      { at: 'end', offsetMin: 0, minutes: 1 },
    ]);
    expect(bake.oven).toMatchObject({ setC: 190, endC: 170, staged: true });
    const plain = blind([stage(20, 180, false), stage(22, 180, false)]);
    expect(plain.stages).toBeUndefined();
    expect(plain.hands).toHaveLength(2);
  });

  it('take the pans of a bath onto the shelf, not the pots', () => {
    const formula = madeOf('baked-custard', CUSTARD, {
      vesselCount: 12,
      bath: { panLengthMm: 350, panBreadthMm: 250 },
    });
    const work = workOf({ ...planOfWork(formula, { bake: span(40) }, POT.vessel), perPan: 6 });
    const bake = work.ok && work.value.tasks.find(({ verb }) => verb === 'bake');
    expect(bake && bake.oven).toMatchObject({ pieces: 2, lengthMm: 350, breadthMm: 250 });
  });

  it('take more hands for more vessels, and less for small ones', () => {
    const lined = (vesselCount: number, vessel = TART.vessel) => {
      const formula = madeOf(
        'curd',
        { 'lemon-juice': 300, 'egg-yolk': 140, sugar: 180 },
        { ...inSweet, vesselCount },
      );
      const { tasks } = worked(formula, BLIND, vessel);
      return tasks.find(({ verb }) => verb === 'roll-and-line')!.hands;
    };
    // By hand: 3 and 5 for each; tartlets at 0.35 of that.
    const minutes = [lined(1), lined(4), lined(4, POT.vessel)].map(([hands]) => hands!.minutes);
    expect(minutes).toEqual([8, 23, 10]);
  });
});

describe('steps of a card', () => {
  const work = worked(
    madeOf('baked-custard', CUSTARD, {
      ...inSweet,
      fillingStartC: 55,
      steps: [
        'Roll the dough and line the ring.',
        'Blind-bake under beans until the rim colours.',
        'Chauffer et infuser le lait avec la crème.',
        'Pour into the shell at the oven.',
        'Bake until it quivers.',
        'Dust the edge with the grated zest.',
      ],
    }),
    { ...BLIND, bake: span(40) },
  );

  it('stand with the tasks that say the same, whatever their language', () => {
    const said = Object.fromEntries(
      work.tasks.flatMap(({ verb, steps }) => (steps ? [[verb, steps.length]] : [])),
    );
    expect(said).toEqual({
      'roll-and-line': 1,
      'blind-bake': 1,
      'warm-dairy': 1,
      fill: 1,
      bake: 1,
    });
  });

  it('are kept beside them where none does', () => {
    expect(work.besides).toEqual(['Dust the edge with the grated zest.']);
  });
});
