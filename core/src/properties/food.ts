import type { Composition } from '../ingredients';

/** A quantity as c[0] + c[1] t + c[2] t², t in °C. */
export type Quadratic = readonly [number, number, number];

/** Value of a {@link Quadratic} at `celsius`. */
export const evaluate = (of: Quadratic, celsius: number): number =>
  of[0] + celsius * (of[1] + celsius * of[2]);

/** The constituents for which Choi and Okos give properties. */
type Constituent = 'water' | 'protein' | 'fat' | 'carbohydrate' | 'fibre' | 'ash';

interface ConstituentProperties {
  readonly conductivityWmK: Quadratic;
  readonly heatCapacityKjKgK: Quadratic;
  readonly densityKgM3: Quadratic;
}

/**
 * Thermal properties of pure food constituents, -40 to 150 °C (water 0 to 150 °C).
 * Source: Choi and Okos (1986), as tabulated in the ASHRAE Handbook, Refrigeration (2018),
 * chapter 19, tables 1 and 2; coefficients from memory.
 */
const CHOI_OKOS: Readonly<Record<Constituent, ConstituentProperties>> = {
  water: {
    conductivityWmK: [5.7109e-1, 1.7625e-3, -6.7036e-6],
    heatCapacityKjKgK: [4.1289, -9.0864e-5, 5.4731e-6],
    densityKgM3: [9.9718e2, 3.1439e-3, -3.7574e-3],
  },
  protein: {
    conductivityWmK: [1.7881e-1, 1.1958e-3, -2.7178e-6],
    heatCapacityKjKgK: [2.0082, 1.2089e-3, -1.3129e-6],
    densityKgM3: [1.3299e3, -5.184e-1, 0],
  },
  fat: {
    conductivityWmK: [1.8071e-1, -2.7604e-4, -1.7749e-7],
    heatCapacityKjKgK: [1.9842, 1.4733e-3, -4.8008e-6],
    densityKgM3: [9.2559e2, -4.1757e-1, 0],
  },
  carbohydrate: {
    conductivityWmK: [2.0141e-1, 1.3874e-3, -4.3312e-6],
    heatCapacityKjKgK: [1.5488, 1.9625e-3, -5.9399e-6],
    densityKgM3: [1.5991e3, -3.1046e-1, 0],
  },
  fibre: {
    conductivityWmK: [1.8331e-1, 1.2497e-3, -3.1683e-6],
    heatCapacityKjKgK: [1.8459, 1.8306e-3, -4.6509e-6],
    densityKgM3: [1.3115e3, -3.6589e-1, 0],
  },
  ash: {
    conductivityWmK: [3.2962e-1, 1.4011e-3, -2.9069e-6],
    heatCapacityKjKgK: [1.0926, 1.8896e-3, -3.6817e-6],
    densityKgM3: [2.4238e3, -2.8063e-1, 0],
  },
};

const CONSTITUENTS = Object.keys(CHOI_OKOS) as Constituent[];

/**
 * Mass fractions by Choi-Okos constituent. Sugars, starch, other carbohydrate and acid count as
 * carbohydrate; alcohol, for which the tables have nothing, counts as fat (its heat capacity and
 * density lie nearest to it; a custard holds at most a few per cent).
 */
function constituents(of: Composition): Record<Constituent, number> {
  return {
    water: of.water,
    protein:
      of.eggWhiteProtein + of.eggYolkProtein + of.milkProtein + of.wheatProtein + of.otherProtein,
    fat: of.fat + of.alcohol,
    carbohydrate: of.sucrose + of.otherSugars + of.starch + of.otherCarbohydrate + of.acid,
    fibre: of.fibre,
    ash: of.ash,
  };
}

/** Thermal properties of a food without air, as functions of temperature in °C. */
export interface FoodProperties {
  readonly conductivityWmK: Quadratic;
  readonly heatCapacityJkgK: Quadratic;
  /** At the reference temperature: mass in a cell must not change as it warms. */
  readonly densityKgM3: number;
}

/**
 * Conductivity, heat capacity and density of a food from what it is made of.
 *
 * Density by additive volumes at `referenceC`; heat capacity by mass fractions; conductivity by
 * volume fractions at `referenceC` (the parallel model). `composition` as mass fractions; it is
 * normalised. Range 0 to 150 °C, unfrozen. Throws on a composition that sums to nothing.
 * Source: as {@link CHOI_OKOS}; ASHRAE Refrigeration 2018, 19.2 to 19.9.
 */
export function foodProperties(composition: Composition, referenceC = 20): FoodProperties {
  const masses = constituents(composition);
  const total = CONSTITUENTS.reduce((sum, name) => sum + masses[name], 0);
  if (!(total > 0)) throw new RangeError('a food without mass has no properties');
  let specificVolume = 0;
  for (const name of CONSTITUENTS) {
    specificVolume += masses[name] / total / evaluate(CHOI_OKOS[name].densityKgM3, referenceC);
  }
  const sumOver = (power: 0 | 1 | 2, term: (name: Constituent) => Quadratic, byVolume: boolean) =>
    CONSTITUENTS.reduce((sum, name) => {
      const massFraction = masses[name] / total;
      const share = byVolume
        ? massFraction / evaluate(CHOI_OKOS[name].densityKgM3, referenceC) / specificVolume
        : massFraction;
      return sum + share * term(name)[power];
    }, 0);
  const mixed = (term: (name: Constituent) => Quadratic, byVolume: boolean): Quadratic => [
    sumOver(0, term, byVolume),
    sumOver(1, term, byVolume),
    sumOver(2, term, byVolume),
  ];
  const [c0, c1, c2] = mixed((name) => CHOI_OKOS[name].heatCapacityKjKgK, false);
  return {
    conductivityWmK: mixed((name) => CHOI_OKOS[name].conductivityWmK, true),
    heatCapacityJkgK: [c0 * 1000, c1 * 1000, c2 * 1000],
    densityKgM3: 1 / specificVolume,
  };
}
