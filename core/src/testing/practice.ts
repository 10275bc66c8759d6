import type { ForecastPlan } from '../forecast';
import type { Line } from '../formula';
import { listOf, PIE, POT, TART } from './bakes';

/** One bake as cooks bake it, with the minutes they find. */
export interface PracticeRow {
  readonly name: string;
  readonly medium: 'dry' | 'bath';
  readonly plan: ForecastPlan;
  /** Least and most minutes. Common practice, unless `from` says otherwise. */
  readonly minutes: readonly [least: number, most: number];
  /** What a probe reads in the middle when it is taken out, °C, where cooks say so. */
  readonly probeC?: readonly [least: number, most: number];
  /** How the minutes follow from what is common practice, where the row is not stated outright. */
  readonly from?: string;
}

const gramsOf = (lines: readonly Line[]): number =>
  lines.reduce((sum, { amount }) => sum + amount, 0);

/** A list that is shared out over so many vessels, all of it. */
const batch = (grams: Readonly<Record<string, number>>, vessels = 1) => {
  const lines = listOf(grams);
  return { lines, fillingG: gramsOf(lines) / vessels, inOven: vessels };
};

const fruitUnder = (fruit: string, grams: number) => ({
  laid: [
    {
      name: fruit,
      kind: 'fruit-and-nuts' as const,
      place: 'under' as const,
      lines: listOf({ [fruit]: grams }),
      ml: grams,
      raw: false,
    },
  ],
});

const plate = {
  name: 'Pie plate',
  kind: 'pie-plate' as const,
  baseDiameterMm: 180,
  topDiameterMm: 230,
  heightMm: 44,
  lipMm: 12,
};

const ring = (diameterMm: number, heightMm: number) => ({
  ...TART.vessel,
  baseDiameterMm: diameterMm,
  topDiameterMm: diameterMm,
  heightMm,
});

const CUSTARD = { cream: 400, milk: 150, egg: 100, 'egg-yolk': 110, sugar: 85 };
const times = (grams: Readonly<Record<string, number>>, factor: number) =>
  Object.fromEntries(Object.entries(grams).map(([id, amount]) => [id, amount * factor]));

/** A whole-egg custard that is turned out: 0.34 of egg to milk, for a litre of milk. Common practice. */
const TURNED_OUT = { milk: 1000, egg: 255, 'egg-yolk': 85, sugar: 180 };

const PUMPKIN = { 'pumpkin-puree': 425, egg: 120, 'evaporated-milk': 300, sugar: 150, salt: 3 };
const NUT_CREAM = {
  'ground-almonds': 125,
  butter: 125,
  sugar: 125,
  egg: 110,
  'wheat-flour': 20,
};
const SYRUP = { 'golden-syrup': 300, 'brown-sugar': 130, egg: 165, butter: 60, pecans: 170 };
const BATTER = { milk: 300, cream: 150, egg: 225, sugar: 100, 'wheat-flour': 25, salt: 1 };
const CHEESECAKE = { 'fresh-cream-cheese': 900, sugar: 230, egg: 220, 'soured-cream': 250 };

const SHALLOW_OVAL = {
  name: 'Shallow oval',
  kind: 'ramekin' as const,
  baseDiameterMm: 108,
  topDiameterMm: 118,
  heightMm: 30,
  lipMm: 0,
  material: 'ceramic' as const,
};

const mould = (diameterMm: number, heightMm: number) => ({
  name: 'Mould',
  kind: 'charlotte' as const,
  baseDiameterMm: diameterMm - 20,
  topDiameterMm: diameterMm,
  heightMm,
  lipMm: 0,
  material: 'bright-tin' as const,
});

const bath = (vessels: number, levelMm: number, waterC = 88, side = 300) => ({
  bath: { panLengthMm: 350, panBreadthMm: side, levelMm, waterC, vessels },
});

/**
 * Bakes as cooks bake them, with sizes stated: the bands are those of common practice for the family, oven and
 * vessel; where practice gives a range of depths, the row's own place in it is said.
 */
export const PRACTICE: readonly PracticeRow[] = [
  {
    name: 'Custard tart, 24 cm, 13 mm deep, filled at 50 °C, 165 °C',
    medium: 'dry',
    plan: { ...TART, ...batch(times(CUSTARD, 0.66)), setC: 165, fillingStartC: 50 },
    minutes: [18, 22],
    from: '20 min when it is shallow, and a tenth to either side',
  },
  {
    name: 'Custard tart, 24 cm, 25 mm deep, filled at 50 °C, 150 °C',
    medium: 'dry',
    plan: { ...TART, vessel: ring(240, 32), ...batch(times(CUSTARD, 1.25)), fillingStartC: 50 },
    minutes: [36, 44],
    from: 'half-way between 20 min shallow and an hour deep, and a tenth to either side',
  },
  {
    name: 'Custard tart, 23 cm, 45 mm deep, filled at 55 °C, 150 °C',
    medium: 'dry',
    plan: { ...TART, vessel: ring(230, 55), ...batch(times(CUSTARD, 2.15)), fillingStartC: 55 },
    minutes: [54, 66],
    from: 'an hour when it is deep, and a tenth to either side',
  },
  {
    name: 'Custard tart, 24 cm, 25 mm deep, filled at 50 °C, fan 130 °C',
    medium: 'dry',
    plan: {
      ...TART,
      vessel: ring(240, 32),
      ...batch(times(CUSTARD, 1.25)),
      oven: { kind: 'fan', offsetK: 0 },
      setC: 130,
      fillingStartC: 50,
    },
    minutes: [36, 44],
    from: 'a fan set 20 °C lower bakes as the still oven does',
  },
  {
    name: 'Pumpkin pie, raw shell, 23 cm plate, 218 then 178 °C',
    medium: 'dry',
    plan: {
      ...PIE,
      vessel: { ...plate, material: 'dark-tin' },
      rawShell: true,
      ...batch(PUMPKIN),
      setC: 218,
      programme: { steps: [{ atMin: 15, to: 178 }] },
    },
    minutes: [40, 50],
    probeC: [77, 83],
    from: '15 min at 215 to 220, then about 30 at 175 to 180, and a tenth to either side',
  },
  {
    name: 'Pumpkin pie, raw shell, 23 cm plate, 190 °C throughout',
    medium: 'dry',
    plan: {
      ...PIE,
      vessel: { ...plate, material: 'glass' },
      rawShell: true,
      ...batch(PUMPKIN),
      setC: 190,
    },
    minutes: [45, 60],
    probeC: [77, 83],
    from: '45 to 75 at 175 to 205; the hotter half',
  },
  {
    name: 'Pumpkin pie, baked shell, 24 cm ring, 24 mm deep, 185 °C',
    medium: 'dry',
    plan: { ...PIE, vessel: ring(240, 38), ...batch(times(PUMPKIN, 1.15)), setC: 185 },
    minutes: [45, 60],
    probeC: [77, 83],
    from: '45 to 75 at 175 to 205; the shell is baked and the pie no deeper than most',
  },
  {
    name: 'Pecan and syrup pie, raw shell, 23 cm plate, 178 °C',
    medium: 'dry',
    plan: {
      ...PIE,
      family: 'syrup-nut',
      vessel: { ...plate, material: 'dark-tin' },
      rawShell: true,
      ...batch(SYRUP),
      setC: 178,
    },
    minutes: [42, 55],
    probeC: [92, 97],
    from: '40 to 60 at 165 to 180; the hotter half',
  },
  {
    name: 'Pecan and syrup pie, baked shell, 24 cm ring, 200 then 165 °C',
    medium: 'dry',
    plan: {
      ...PIE,
      family: 'syrup-nut',
      vessel: ring(240, 32),
      ...batch(times(SYRUP, 1.2)),
      setC: 200,
      programme: { steps: [{ atMin: 10, to: 165 }] },
    },
    minutes: [42, 55],
    probeC: [92, 97],
    from: '40 to 60 in all with a hot start',
  },
  {
    name: 'Plums on almond cream, raw shell, 24 cm ring, 175 °C',
    medium: 'dry',
    plan: {
      ...TART,
      family: 'nut-cream',
      rawShell: true,
      ...batch(NUT_CREAM),
      laid: [
        {
          name: 'plums',
          kind: 'fruit-and-nuts',
          place: 'over',
          lines: listOf({ plums: 400 }),
          ml: 400,
          raw: false,
        },
      ],
      setC: 175,
    },
    minutes: [50, 60],
  },
  {
    name: 'Pears under almond cream, baked shell, 24 cm ring, fan 155 °C',
    medium: 'dry',
    plan: {
      ...TART,
      family: 'nut-cream',
      ...batch(NUT_CREAM),
      ...fruitUnder('pears', 350),
      oven: { kind: 'fan', offsetK: 0 },
      setC: 155,
    },
    minutes: [45, 60],
    from: 'large with fruit 50 to 60 at 170 to 180, a fan 20 °C lower; a baked shell saves a few minutes',
  },
  {
    name: 'Raw almond tartlets, 10 cm, thin, 178 °C',
    medium: 'dry',
    plan: {
      ...TART,
      family: 'nut-cream',
      vessel: ring(100, 18),
      shellThicknessMm: 2.5,
      rawShell: true,
      ...batch(times(NUT_CREAM, 0.75), 8),
      setC: 178,
    },
    minutes: [15, 20],
  },
  {
    name: 'Cherry batter custard, 26 cm dish, 190 °C',
    medium: 'dry',
    plan: {
      ...TART,
      family: 'batter-custard',
      shell: 'none',
      shellThicknessMm: 0,
      vessel: { ...ring(260, 45), material: 'ceramic' },
      ...batch(BATTER),
      ...fruitUnder('cherries', 500),
      setC: 190,
    },
    minutes: [40, 50],
  },
  {
    name: 'Soured-cream apple pie, raw shell, 23 cm plate, 190 °C',
    medium: 'dry',
    plan: {
      ...PIE,
      family: 'fruit-filling',
      vessel: { ...plate, material: 'glass' },
      rawShell: true,
      ...batch({ apples: 650, 'soured-cream': 240, sugar: 130, 'wheat-flour': 35 }),
      setC: 190,
    },
    minutes: [47, 60],
    from: '40 to 60; the raw shell and a deep plate take the slow half',
  },
  {
    name: 'Six china pots, 170 g, filled at 50 °C, bath 150 °C',
    medium: 'bath',
    plan: {
      ...POT,
      ...batch({ cream: 700, milk: 110, 'egg-yolk': 125, sugar: 95 }, 6),
      ...bath(6, 25),
    },
    minutes: [34, 50],
    probeC: [76, 80],
    from: '30 to 55 at 140 to 165; the middle',
  },
  {
    name: 'Six china pots, 170 g, filled at 60 °C, bath 160 °C',
    medium: 'bath',
    plan: {
      ...POT,
      ...batch({ cream: 700, milk: 110, 'egg-yolk': 125, sugar: 95 }, 6),
      ...bath(6, 25),
      fillingStartC: 60,
      setC: 160,
    },
    minutes: [28, 40],
    probeC: [76, 80],
    from: 'the quick end of 30 to 55: hotter oven, hot filling',
  },
  {
    name: 'Shallow ovals, 220 g, 24 mm deep, filled hot, bath 150 °C',
    medium: 'bath',
    plan: {
      ...POT,
      vessel: SHALLOW_OVAL,
      ...batch({ cream: 900, milk: 140, 'egg-yolk': 160, sugar: 120 }, 6),
      ...bath(6, 15, 85, 420),
      fillingStartC: 60,
    },
    minutes: [34, 44],
    from: 'about 40',
  },
  {
    name: 'Four pots of 250 ml, filled warm, bath, fan 150 °C',
    medium: 'bath',
    plan: {
      ...POT,
      vessel: { ...POT.vessel, baseDiameterMm: 86, topDiameterMm: 92, heightMm: 60 },
      ...batch({ cream: 680, milk: 130, 'egg-yolk': 140, sugar: 95 }, 4),
      ...bath(4, 30),
      fillingStartC: 45,
      oven: { kind: 'fan', offsetK: 0 },
    },
    minutes: [42, 53],
    probeC: [76, 80],
    from: '45 to 50',
  },
  {
    name: 'Mould of 1.3 l, filled at 50 °C, bath 170 °C',
    medium: 'bath',
    plan: {
      ...POT,
      vessel: mould(160, 80),
      ...batch(times(TURNED_OUT, 0.85)),
      ...bath(1, 40, 90),
      fillingStartC: 50,
      setC: 170,
    },
    minutes: [40, 60],
    probeC: [77, 82],
  },
  {
    name: 'Mould of 1.6 l, filled cold, bath 150 °C',
    medium: 'bath',
    plan: {
      ...POT,
      vessel: mould(175, 85),
      ...batch(times(TURNED_OUT, 1.02)),
      ...bath(1, 45, 90),
      fillingStartC: 15,
      setC: 150,
    },
    minutes: [70, 105],
    probeC: [77, 82],
    from: 'well over an hour',
  },
  {
    name: 'Mould of 2 l full of fruit, filled warm, bath 165 °C',
    medium: 'bath',
    plan: {
      ...POT,
      vessel: mould(190, 90),
      ...batch({ ...TURNED_OUT, plums: 500 }),
      ...bath(1, 50, 90),
      fillingStartC: 35,
      setC: 165,
    },
    minutes: [75, 105],
    from: 'about an hour and a half',
  },
  {
    name: 'Cheesecake of 1.6 kg, 23 cm springform, bath 160 °C',
    medium: 'bath',
    plan: {
      ...TART,
      family: 'fresh-cheese',
      shell: 'none',
      shellThicknessMm: 0,
      vessel: { ...ring(230, 70), kind: 'springform', looseBase: true },
      ...batch(CHEESECAKE),
      bath: {
        panLengthMm: 350,
        panBreadthMm: 300,
        levelMm: 30,
        waterC: 88,
        vessels: 1,
        wrapped: true,
      },
      setC: 160,
    },
    minutes: [58, 76],
    probeC: [64, 71],
    from: 'an hour or more; a batch that fills half of its tin',
  },
];
