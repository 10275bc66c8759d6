import type { FormulaData, KitchenData, OvenData, VesselData } from '@hollow-moon/contract';
import type { Line } from '@hollow-moon/core';

/** Ids of the demonstration kitchen are fixed, so that loading it twice changes nothing. */
export const demoId = (group: number, item: number): string =>
  `00000000-0000-4000-8000-${String(group).padStart(4, '0')}${String(item).padStart(8, '0')}`;

export const DEMO_KITCHEN_ID = demoId(1, 1);

/** Lantern Row, a made-up night bakery at a river ferry landing. */
export const demoKitchen: KitchenData = {
  name: 'Lantern Row',
  eggGrade: 'EU M',
  altitudeM: 40,
  roomC: 24,
};

export const OVEN = { deck: demoId(2, 1), fan: demoId(2, 2) } as const;

export const demoOvens: Readonly<Record<string, OvenData>> = {
  [OVEN.deck]: { name: 'Deck oven', kind: 'deck', offsetK: -9 },
  [OVEN.fan]: { name: 'Small fan oven', kind: 'fan', offsetK: 3 },
};

export const VESSEL = {
  tart24: demoId(3, 1),
  deepRing20: demoId(3, 2),
  plate23: demoId(3, 3),
  pot85: demoId(3, 4),
  tartlet10: demoId(3, 5),
  darkTart26: demoId(3, 6),
  dish25: demoId(3, 7),
  glassPot7: demoId(3, 8),
} as const;

const round = (
  name: string,
  kind: VesselData['kind'],
  [baseDiameterMm, topDiameterMm, heightMm]: [number, number, number],
  material: VesselData['material'],
  owned: number,
  lipMm = 0,
): VesselData => ({
  name,
  kind,
  baseDiameterMm,
  topDiameterMm,
  heightMm,
  lipMm,
  material,
  owned,
});

export const demoVessels: Readonly<Record<string, VesselData>> = {
  [VESSEL.tart24]: round('Tart tin 24 cm', 'straight-tin', [240, 240, 30], 'bright-tin', 6),
  [VESSEL.deepRing20]: round('Deep ring 20 cm', 'straight-tin', [200, 200, 50], 'bright-tin', 4),
  [VESSEL.plate23]: round('Glass pie plate 23 cm', 'pie-plate', [180, 230, 38], 'glass', 3, 12),
  [VESSEL.pot85]: round('Stoneware pot 8.5 cm', 'ramekin', [80, 86, 45], 'ceramic', 12),
  [VESSEL.tartlet10]: round('Tartlet ring 10 cm', 'straight-tin', [100, 100, 22], 'bright-tin', 16),
  [VESSEL.darkTart26]: round('Dark tart tin 26 cm', 'straight-tin', [260, 260, 28], 'dark-tin', 2),
  [VESSEL.dish25]: round('Stoneware pie dish 25 cm', 'pie-plate', [200, 250, 42], 'ceramic', 2, 10),
  [VESSEL.glassPot7]: round('Glass pot 7 cm', 'ramekin', [66, 70, 42], 'glass', 10),
};

export const FORMULA = {
  bay: demoId(4, 1),
  milkPie: demoId(4, 2),
  buckwheat: demoId(4, 3),
  bergamot: demoId(4, 4),
  malted: demoId(4, 5),
} as const;

type ShortLine = [ingredientId: string, amount: number, unit: Line['unit'], note?: string];

const listed = (formula: number, each: ShortLine[]): FormulaData['lines'] =>
  each.map(([ingredientId, amount, unit, note], index) => ({
    id: demoId(40 + formula, index + 1),
    ingredientId,
    amount,
    unit,
    ...(note === undefined ? {} : { note }),
  }));

export const demoFormulas: Readonly<Record<string, FormulaData>> = {
  [FORMULA.bay]: {
    name: 'Bay-leaf set custard tart',
    family: 'baked-custard',
    shell: 'sweet-dough',
    shellThicknessMm: 3,
    lines: listed(1, [
      ['cream', 500, 'g'],
      ['milk', 190, 'g'],
      ['egg', 3, 'piece'],
      ['egg-yolk', 6, 'piece'],
      ['sugar', 105, 'g'],
      ['bay-leaf', 4, 'piece', 'torn, steeped 15 min, strained'],
      ['salt', 1, 'g'],
    ]),
    note: 'For the first boat. Fill the shell warm, top up at the oven.',
    vesselId: VESSEL.tart24,
    vesselCount: 1,
    headspaceMm: 3,
    ovenId: OVEN.deck,
    setC: 140,
    fillingStartC: 50,
  },
  [FORMULA.milkPie]: {
    name: 'Landing milk pie',
    family: 'baked-custard',
    shell: 'pie-dough',
    shellThicknessMm: 3.5,
    lines: listed(2, [
      ['milk', 2.5, 'cup'],
      ['egg', 5, 'piece'],
      ['sugar', 0.5, 'cup'],
      ['butter', 25, 'g', 'browned'],
      ['nutmeg', 0.5, 'tsp'],
      ['salt', 0.25, 'tsp'],
    ]),
    note: 'Whole eggs, so it cuts clean by noon.',
    vesselId: VESSEL.plate23,
    vesselCount: 1,
    headspaceMm: 6,
    ovenId: OVEN.deck,
    setC: 140,
    fillingStartC: 55,
  },
  [FORMULA.buckwheat]: {
    name: 'Buckwheat custard pots',
    family: 'baked-custard',
    shell: 'none',
    shellThicknessMm: 0,
    lines: listed(3, [
      ['cream', 520, 'g'],
      ['milk', 180, 'g'],
      ['egg-yolk', 8, 'piece'],
      ['sugar', 80, 'g'],
      ['buckwheat', 45, 'g', 'toasted, steeped, strained'],
    ]),
    note: 'Tried dry in the fan oven, as the old card has it.',
    vesselId: VESSEL.pot85,
    vesselCount: 5,
    headspaceMm: 8,
    ovenId: OVEN.fan,
    setC: 150,
    fillingStartC: 55,
  },
  [FORMULA.bergamot]: {
    name: 'Bergamot curd tart',
    family: 'curd',
    shell: 'sweet-dough',
    shellThicknessMm: 3,
    lines: listed(4, [
      ['bergamot-juice', 180, 'g'],
      ['egg-yolk', 6, 'piece'],
      ['egg', 2, 'piece'],
      ['sugar', 160, 'g'],
      ['butter', 140, 'g', 'soft, in at 40 °C'],
      ['lemon-zest', 1, 'piece'],
    ]),
    note: 'Baked shell, curd poured at 45 °C.',
    vesselId: VESSEL.tart24,
    vesselCount: 1,
    headspaceMm: 6,
    ovenId: null,
    setC: 170,
    fillingStartC: 45,
  },
  [FORMULA.malted]: {
    name: 'Malted pastry-cream tart, roast grapes',
    family: 'starch-cream',
    shell: 'sweet-dough',
    shellThicknessMm: 3,
    lines: listed(5, [
      ['milk', 600, 'g'],
      ['egg-yolk', 6, 'piece'],
      ['sugar', 90, 'g'],
      ['malted-milk-powder', 45, 'g'],
      ['cornflour', 42, 'g'],
      ['butter', 40, 'g'],
      ['grapes', 350, 'g', 'roasted with a spoon of the sugar'],
    ]),
    note: 'Hold the boil two minutes.',
    vesselId: VESSEL.darkTart26,
    vesselCount: 1,
    headspaceMm: 4,
    ovenId: null,
    setC: 170,
    fillingStartC: 60,
  },
};
