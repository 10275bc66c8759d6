import type { BlindPlan } from '../blind';
import { USUAL_DOUGH } from '../dough';
import type { ForecastPlan } from '../forecast';
import type { Line } from '../formula';
import { findIngredient } from '../ingredients/catalogue';

/** A list by ingredient and grams; throws on what the catalogue does not have. */
export const listOf = (grams: Readonly<Record<string, number>>): Line[] =>
  Object.entries(grams).map(([ingredientId, amount]) => {
    if (!findIngredient(ingredientId)) throw new RangeError(`no ingredient '${ingredientId}'`);
    return { id: ingredientId, ingredientId, amount, unit: 'g' };
  });

/** A 24 cm custard tart, 25 mm deep, in a hot and steady still oven: what tests and the bench bake. */
export const TART: ForecastPlan = {
  lines: listOf({ cream: 400, milk: 150, egg: 100, 'egg-yolk': 110, sugar: 80 }),
  eggGrade: 'EU M',
  family: 'baked-custard',
  shell: 'sweet-dough',
  vessel: {
    name: 'Tart tin',
    kind: 'straight-tin',
    baseDiameterMm: 240,
    topDiameterMm: 240,
    heightMm: 30,
    lipMm: 0,
    material: 'bright-tin',
  },
  shellThicknessMm: 3,
  headspaceMm: 2,
  oven: { kind: 'still', offsetK: 0 },
  setC: 150,
  fillingStartC: 20,
  roomC: 22,
  altitudeM: 0,
};

/** A china pot of about 190 ml, poured warm. */
export const POT: ForecastPlan = {
  ...TART,
  lines: listOf({ cream: 600, milk: 100, 'egg-yolk': 120, sugar: 85 }),
  shell: 'none',
  shellThicknessMm: 0,
  vessel: {
    name: 'Pot',
    kind: 'ramekin',
    baseDiameterMm: 80,
    topDiameterMm: 84,
    heightMm: 45,
    lipMm: 0,
    material: 'ceramic',
  },
  headspaceMm: 8,
  fillingStartC: 50,
};

/** A purée pie of its own list’s mass in a 23 cm plate: 25 mm deep. */
export const PIE: ForecastPlan = {
  ...TART,
  lines: listOf({ 'pumpkin-puree': 450, egg: 150, 'evaporated-milk': 300, sugar: 150 }),
  family: 'puree-custard',
  shell: 'pie-dough',
  vessel: {
    ...TART.vessel,
    name: 'Pie plate',
    baseDiameterMm: 230,
    topDiameterMm: 230,
    heightMm: 45,
  },
  headspaceMm: 4,
  fillingG: 1050,
  setC: 180,
};

/** The shell of the tart, baked under weights and then bare. */
export const SHELL: BlindPlan = {
  dough: USUAL_DOUGH,
  thicknessMm: 3,
  material: 'bright-tin',
  weightsMm: 25,
  weights: 'ceramic',
  docked: false,
  start: 'chilled',
  restMin: 20,
  stages: [
    { minutes: 20, setC: 190, weighted: true, outOfRing: false },
    { minutes: 20, setC: 190, weighted: false, outOfRing: false },
  ],
  target: 'golden',
  oven: { kind: 'still', offsetK: 0 },
  roomC: 22,
  altitudeM: 0,
  wallHeightMm: 28,
  baseMm2: 45_000,
  wallMm2: 22_000,
};
