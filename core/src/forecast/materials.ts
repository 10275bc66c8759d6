import { DOUGH_KG_M3, doughActivity, mixOfShell } from '../dough';
import type { Analysis, ShellKind } from '../formula';
import {
  boilingPointC,
  foodProperties,
  freezableWater,
  freezingPointC,
  waterActivity,
} from '../properties';
import type { CupLayer, Material } from '../thermal';
import type { VesselMaterial } from '../vessel';

interface Wall {
  readonly material: Material;
  readonly thicknessM: number;
  /** Emissivity of the outside. */
  readonly emissivity: number;
}

const constant = (name: string, conductivity: number, heatCapacity: number): Material => ({
  name,
  conductivityWmK: [conductivity, 0, 0],
  heatCapacityJm3K: [heatCapacity, 0, 0],
});

const STEEL = constant('steel', 50, 3.7e6);

/**
 * What vessels are made of. Sources: conductivity and heat capacity of carbon steel, glass and
 * stoneware, and emissivities of tinned, darkened, glass and glazed surfaces, from engineering
 * handbooks, from memory; wall thicknesses are common practice.
 */
export const WALLS: Readonly<Record<VesselMaterial, Wall>> = {
  'bright-tin': { material: STEEL, thicknessM: 0.0006, emissivity: 0.2 },
  'dark-tin': { material: STEEL, thicknessM: 0.0006, emissivity: 0.9 },
  glass: { material: constant('glass', 1.1, 1.9e6), thicknessM: 0.005, emissivity: 0.9 },
  ceramic: { material: constant('ceramic', 1.5, 1.95e6), thicknessM: 0.005, emissivity: 0.9 },
};

/** A shell baked dry: light, porous and a poor conductor. Source: from memory. */
const BAKED_SHELL = constant('baked shell', 0.1, 1.45e6);

/** A raw one: wet, close and fat. Source: from memory. */
const RAW_SHELL = constant('raw shell', 0.25, 2.9e6);

/** A raw shell of a kind: its water boils out of it, at first a little later than pure water would. */
function rawShell(kind: ShellKind, airPressurePa: number): Material {
  const { water, dryG } = mixOfShell(kind);
  return {
    ...RAW_SHELL,
    boilsC: boilingPointC(airPressurePa / doughActivity(water / dryG)),
    waterKgM3: DOUGH_KG_M3 * water,
  };
}

/** Volume expansion of a watery food at 40 to 70 °C, 1/K. Source: water, from memory. */
const EXPANSION_PER_K = 5e-4;

/**
 * Viscosity of a custard mix at 40 to 60 °C, from its solids: about 2 mPa s for milk, 12 for
 * whipping cream. Source: from memory; the stirring depends on its cube root only.
 */
const viscosityPaS = (solids: number): number => 1e-3 * Math.exp(6 * solids);

/** With less water than this, by mass, nothing is held at the boiling point, and nothing freezes. From memory. */
const LEAST_WATER = 0.1;

/** Reference temperature for the density of a warm mixture, °C. */
const WARM_C = 50;

/**
 * The filling as a material of the thermal model, from the formula's composition. A thick one, a
 * purée, paste or cheese, does not stir itself. Its water boils at the air's pressure, the later the more is
 * dissolved in it; without a pressure it does not. What is nearly dry or fat has none to boil or to freeze.
 */
export function fillingMaterial(
  analysis: Analysis,
  thick = false,
  airPressurePa?: number,
): Material {
  const { composition } = analysis.whole;
  const food = foodProperties(composition, WARM_C);
  const [c0, c1, c2] = food.heatCapacityJkgK;
  const density = food.densityKgM3;
  const wet = composition.water > LEAST_WATER;
  return {
    name: 'filling',
    conductivityWmK: food.conductivityWmK,
    heatCapacityJm3K: [density * c0, density * c1, density * c2],
    ...(wet
      ? {
          freezes: {
            fromC: freezingPointC(analysis.composition),
            waterKgM3: density * freezableWater(composition),
          },
        }
      : {}),
    ...(airPressurePa === undefined || !wet
      ? {}
      : {
          boilsC: boilingPointC(airPressurePa / waterActivity(analysis.composition)),
          waterKgM3: density * composition.water,
        }),
    ...(thick
      ? {}
      : {
          liquid: {
            densityKgM3: density,
            viscosityPaS: viscosityPaS(analysis.share.solids),
            expansionPerK: EXPANSION_PER_K,
          },
        }),
  };
}

/** Layers around the filling: the shell if there is one, then the vessel's wall. */
export function layersAround(
  shell: ShellKind,
  shellThicknessMm: number,
  vessel: VesselMaterial,
  startC: number,
  raw?: { readonly airPressurePa: number },
): CupLayer[] {
  const wall = WALLS[vessel];
  const thin = wall.thicknessM < 0.002;
  const vesselLayer: CupLayer = {
    material: wall.material,
    baseThicknessM: wall.thicknessM,
    wallThicknessM: wall.thicknessM,
    cells: thin ? 1 : 2,
    startC,
  };
  if (shell === 'none' || shellThicknessMm === 0) return [vesselLayer];
  const thicknessM = shellThicknessMm / 1000;
  return [
    {
      material: raw ? rawShell(shell, raw.airPressurePa) : BAKED_SHELL,
      baseThicknessM: thicknessM,
      wallThicknessM: thicknessM,
      cells: 2,
      startC,
    },
    vesselLayer,
  ];
}
