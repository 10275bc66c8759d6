/** Freezing point, ice and heat content of foods against published solutions and tables. */
import { findIngredient } from '../ingredients/catalogue';
import { per100g } from '../ingredients';
import { evaluate, foodProperties } from './food';
import {
  freezableWater,
  freezingCapacityJm3K,
  freezingPointC,
  frozenOutJm3,
  iceConductivityWmK,
  iceShare,
} from './freezing';

describe('the freezing point', () => {
  // Source: CRC Handbook of Chemistry and Physics, concentrative properties of aqueous solutions, sucrose by mass
  // per cent; from memory.
  it.each([
    [10, -0.63, 0.08],
    [20, -1.47, 0.1],
    [30, -2.64, 0.15],
    [40, -4.45, 0.35],
  ])('of %d % sucrose', (sucrose, published, within) => {
    const found = freezingPointC(per100g({ water: 100 - sucrose, sucrose }));
    expect(Math.abs(found - published)).toBeLessThan(within);
  });

  // Source: dairy standards: milk freezes at -0.51 to -0.55 °C; about half of it by its lactose, the rest by its
  // salts, which are not counted (from memory).
  it('of milk, but for its salts', () => {
    const found = freezingPointC(findIngredient('milk')!.composition);
    expect(found).toBeLessThan(-0.2);
    expect(found).toBeGreaterThan(-0.55);
  });

  it('of water is 0 °C', () => {
    expect(freezingPointC(per100g({ water: 100 }))).toBeCloseTo(0, 9);
  });
});

describe('ice', () => {
  const beef = per100g({ water: 74.5, otherProtein: 21.5, fat: 3, ash: 1 });
  const food = foodProperties(beef, 0);
  const freezes = { fromC: -1, waterKgM3: food.densityKgM3 * freezableWater(beef) };

  // Source: Riedel's calorimetry of lean beef with 74.5 % water, as tabulated in ASHRAE Refrigeration, chapter 19:
  // 304 kJ/kg at 0 °C and about 42 at -20 °C, above -40 °C; from memory.
  it('takes as much heat out of lean beef as was measured', () => {
    const unfrozenJm3 = food.densityKgM3 * 20 * evaluate(food.heatCapacityJkgK, -10);
    const kilojoule = (unfrozenJm3 + frozenOutJm3(freezes, -20)) / food.densityKgM3 / 1000;
    expect(Math.abs(kilojoule / (304 - 42) - 1)).toBeLessThan(0.05);
  });

  it('grows from nothing at the freezing point as the solution grows stronger', () => {
    expect(iceShare(freezes, -0.9)).toBe(0);
    expect(iceShare(freezes, -1)).toBe(0);
    // By hand: what is left has to be twice, ten times as strong.
    expect(iceShare(freezes, -2)).toBeCloseTo(0.5, 9);
    expect(iceShare(freezes, -10)).toBeCloseTo(0.9, 9);
    expect(frozenOutJm3(freezes, -1)).toBeCloseTo(0, 6);
  });

  it('has the heat capacity its content says', () => {
    for (const celsius of [-1.2, -3, -12]) {
      const step = 1e-3;
      const slope =
        -(frozenOutJm3(freezes, celsius + step) - frozenOutJm3(freezes, celsius - step)) /
        (2 * step);
      expect(freezingCapacityJm3K(freezes, celsius) / slope).toBeCloseTo(1, 4);
    }
  });

  // Source: conductivity of ice at 0 °C, 2.2 W/(m K), handbooks; water all frozen is ice.
  it('carries heat as ice does', () => {
    const water = { fromC: -1e-6, waterKgM3: 1000 };
    expect(0.571 + iceConductivityWmK(water, -1)).toBeCloseTo(2.22, 1);
  });
});
