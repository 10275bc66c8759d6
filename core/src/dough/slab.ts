import { evaporationHeatJkg, saturationPressurePa } from '../properties';
import { STEFAN_BOLTZMANN } from '../thermal';
import { ZERO_CELSIUS_K } from '../units';
import { browningRatePerS } from '../browning';
import { doughActivity, type DoughMix } from './mix';

/** A granular bed of weights. */
export interface Bed {
  readonly depthM: number;
  readonly conductivityWmK: number;
  readonly heatCapacityJm3K: number;
  /** Its far side meets the oven, or the rest of the bed. */
  readonly farOpen: boolean;
}

/** What lies round a dough at one place of a shell, for a stage. */
export interface SlabFaces {
  readonly bed: Bed | undefined;
  /** Share of the oven's radiation that an open inner face sees: weights beside it hide some. */
  readonly sees: number;
  /** To whatever is open, W/(m² K); the oven's air and walls, °C. */
  readonly convectionWm2K: number;
  readonly airC: number;
  readonly wallsC: number;
  /** The tin outside; none once out of its ring. */
  readonly tin:
    | {
        readonly heatJm2K: number;
        readonly resistanceM2KW: number;
        readonly emissivity: number;
        readonly convectionWm2K: number;
        /** Between dough and metal, W/(m² K). */
        readonly contactWm2K: number;
        /** Along the metal to the next place, W/(m² K) of this one, and how warm that is. */
        readonly alongWm2K: number;
        readonly besideC: number;
      }
    | undefined;
  readonly airPressurePa: number;
}

/** The dough of one place, layer by layer from the inside of the shell to the tin. */
export interface SlabState {
  readonly timeS: number;
  readonly doughC: readonly number[];
  readonly bedC: readonly number[];
  readonly tinC: number;
  /** Water, kg for each m³ of dough. */
  readonly waterKgM3: readonly number[];
  /** 0 to 1. */
  readonly set: readonly number[];
  /** Browning of the inner and the outer face, 0 and up. */
  readonly brown: readonly [inner: number, outer: number];
}

export const LAYERS = 6;
const BED_CELLS = 4;
/** The usual step, s. */
export const STEP_S = 4;

/** Between the dough of a rim and the metal it leans on, W/(m² K). From memory. */
export const RIM_CONTACT_WM2K = 80;

/** How high a rim is counted, m. From memory. */
const RIM_M = 0.01;

/**
 * What joins the rim of a shell to the wall below it, m²: the distance between their middles times the height of each.
 * The metal's conductivity times its thickness over this is what passes along it, W/(m² K) of rim or wall.
 */
export const alongM2 = (wallHeightM: number): Readonly<Record<'wall' | 'rim', number>> => {
  const wallM = Math.max(0.005, wallHeightM - RIM_M);
  const apartM = (wallM + RIM_M) / 2;
  return { wall: apartM * wallM, rim: apartM * RIM_M };
};

/** Raw dough, kg/m³; it does not change its volume. From memory. */
export const DOUGH_KG_M3 = 1200;

const WATER_JKGK = 4180;
const DOUGH_EMISSIVITY = 0.9;
/** Paper and the air under its folds, m² K/W. From memory: half a millimetre of air. */
const PAPER_M2KW = 1 / 60;
/** Vapour in an oven with nothing wet in it but a shell, Pa. From memory. */
const OVEN_VAPOUR_PA = 2000;
/** A fatty dough's surface evaporates at this share of water's. From memory. */
const DOUGH_WETNESS = 0.4;
/** Vapour through a bed of weights: diffusion in its pores, m²/s at 150 °C times porosity over path. From memory. */
const BED_VAPOUR_M2S = 1.2e-5;
/** Molar mass of water over the gas constant, kg K/J. */
const WATER_GAS = 0.018015 / 8.314;
/**
 * Boiling inside: vapour leaves wherever its pressure passes the air's, kg/(m³ s Pa). Only large enough
 * to hold a wet layer within about a degree of boiling; from memory.
 */
const BOILS_KG_M3SPA = 1.5e-4;
/** Layers boil only while there is water left to boil, kg/m³. */
const DRY_KG_M3 = 1;

/** Diffusion of water in dough, m²/s. From memory: 1e-9 to 5e-9 between 60 and 110 °C. */
const diffusivity = (celsius: number): number => 1e-9 * Math.exp((celsius - 60) / 35);

/**
 * Setting of a dough: protein and starch stiffen it around 75 to 85 °C, later with much sugar (K for
 * each unit of sugar in sugar and water). From memory.
 */
const DOUGH_SETS = { ratePerS: 0.01, referenceC: 75, zK: 8, sugarK: 12 } as const;

/** How fast a dough sets at a temperature in °C, 1/s. */
export function setRatePerS(mix: DoughMix): (celsius: number) => number {
  const inWater = mix.sugar / Math.max(0.02, mix.sugar + mix.water);
  const setsC = DOUGH_SETS.referenceC + DOUGH_SETS.sugarK * inWater;
  return (celsius) => DOUGH_SETS.ratePerS * 10 ** ((celsius - setsC) / DOUGH_SETS.zK);
}

/** Solves a tridiagonal system in place: Thomas' algorithm; the answer is left in `right`. */
export function solveTridiagonal(
  below: Float64Array,
  diagonal: Float64Array,
  above: Float64Array,
  right: Float64Array,
): void {
  const n = diagonal.length;
  for (let i = 1; i < n; i += 1) {
    const factor = below[i]! / diagonal[i - 1]!;
    diagonal[i]! -= factor * above[i - 1]!;
    right[i]! -= factor * right[i - 1]!;
  }
  right[n - 1]! /= diagonal[n - 1]!;
  for (let i = n - 2; i >= 0; i -= 1) {
    right[i] = (right[i]! - above[i]! * right[i + 1]!) / diagonal[i]!;
  }
}

/** A dough before it goes in. */
export const slabAt = (mix: DoughMix, startC: number, roomC: number): SlabState => ({
  timeS: 0,
  doughC: new Array<number>(LAYERS).fill(startC),
  bedC: new Array<number>(BED_CELLS).fill(roomC),
  tinC: startC,
  waterKgM3: new Array<number>(LAYERS).fill(DOUGH_KG_M3 * mix.water),
  set: new Array<number>(LAYERS).fill(0),
  brown: [0, 0],
});

const radiationWm2K = (emissivity: number, aC: number, bC: number): number => {
  const [a, b] = [aC + ZERO_CELSIUS_K, bC + ZERO_CELSIUS_K];
  return emissivity * STEFAN_BOLTZMANN * (a * a + b * b) * (a + b);
};

const activityOf = (mix: DoughMix, waterKgM3: number): number =>
  doughActivity(waterKgM3 / (DOUGH_KG_M3 * mix.dryG));

/** Vapour pressure over a layer and its growth with temperature, Pa and Pa/K. */
function vapour(mix: DoughMix, waterKgM3: number, celsius: number): readonly [number, number] {
  const activity = activityOf(mix, waterKgM3);
  const here = saturationPressurePa(Math.max(0, Math.min(230, celsius)));
  const above = saturationPressurePa(Math.max(0, Math.min(230, celsius)) + 0.5);
  return [activity * here, (activity * (above - here)) / 0.5];
}

/** Bed, dough and tin as one row of cells at the start of a step, from the far side of the bed to the tin. */
interface Row {
  readonly bedCells: number;
  readonly startC: Float64Array;
  /** J/(m² K). */
  readonly capacity: Float64Array;
  /** Between a cell and the next, W/(m² K). */
  readonly conductance: (cell: number) => number;
}

function rowOf(mix: DoughMix, dxM: number, { bed, tin }: SlabFaces, from: SlabState): Row {
  const bedCells = bed ? BED_CELLS : 0;
  const n = bedCells + LAYERS + (tin ? 1 : 0);
  const bedDxM = bed ? bed.depthM / BED_CELLS : 0;
  const startC = new Float64Array(n);
  const capacity = new Float64Array(n);
  const solidsKgM3 = DOUGH_KG_M3 * (1 - mix.water);
  for (let cell = 0; cell < bedCells; cell += 1) {
    startC[cell] = from.bedC[cell]!;
    capacity[cell] = bed!.heatCapacityJm3K * bedDxM;
  }
  for (let layer = 0; layer < LAYERS; layer += 1) {
    startC[bedCells + layer] = from.doughC[layer]!;
    capacity[bedCells + layer] =
      (solidsKgM3 * mix.solidsJkgK + from.waterKgM3[layer]! * WATER_JKGK) * dxM;
  }
  if (tin) {
    startC[n - 1] = from.tinC;
    capacity[n - 1] = tin.heatJm2K;
  }
  const conductance = (cell: number): number => {
    if (cell < bedCells - 1) return bed!.conductivityWmK / bedDxM;
    if (cell === bedCells - 1) {
      return 1 / (bedDxM / 2 / bed!.conductivityWmK + dxM / 2 / mix.conductivityWmK + PAPER_M2KW);
    }
    if (cell < bedCells + LAYERS - 1) return mix.conductivityWmK / dxM;
    return 1 / (dxM / 2 / mix.conductivityWmK + 1 / tin!.contactWm2K + tin!.resistanceM2KW / 2);
  };
  return { bedCells, startC, capacity, conductance };
}

/** What leaves a layer: at the step's start, kg/(m² s), and how that grows with its warmth, kg/(m² s K). */
interface Loss {
  readonly rate: number;
  readonly growth: number;
}

/** Evaporation from the faces and boiling inside, each p - p0 with a coefficient in kg/(m² s Pa). */
function lossesOf(mix: DoughMix, dxM: number, faces: SlabFaces, from: SlabState): Loss[] {
  const { bed, tin, airPressurePa, convectionWm2K } = faces;
  const perConvection = (DOUGH_WETNESS * 0.622) / (1010 * 0.9 * airPressurePa);
  const bare = convectionWm2K * perConvection;
  const through = bed
    ? (BED_VAPOUR_M2S * WATER_GAS) / (ZERO_CELSIUS_K + 130) / bed.depthM
    : Infinity;
  const fromFace = 1 / (1 / bare + 1 / through);
  return from.doughC.map((celsius, layer) => {
    const [pa, slope] = vapour(mix, from.waterKgM3[layer]!, celsius);
    const openFace = (layer === 0 ? fromFace : 0) + (layer === LAYERS - 1 && !tin ? bare : 0);
    const boils =
      pa > airPressurePa && from.waterKgM3[layer]! > DRY_KG_M3 ? BOILS_KG_M3SPA * dxM : 0;
    return {
      rate: openFace * (pa - OVEN_VAPOUR_PA) + boils * (pa - airPressurePa),
      growth: (openFace + boils) * slope,
    };
  });
}

/** Temperatures of a row's cells after `seconds`, °C. */
function warmed(
  { bedCells, startC, capacity, conductance }: Row,
  { bed, tin, sees, airC, wallsC, convectionWm2K }: SlabFaces,
  losses: readonly Loss[],
  seconds: number,
): Float64Array {
  const n = startC.length;
  const below = new Float64Array(n);
  const diagonal = new Float64Array(n);
  const above = new Float64Array(n);
  const right = new Float64Array(n);
  for (let cell = 0; cell < n; cell += 1) {
    diagonal[cell]! += capacity[cell]! / seconds;
    right[cell] = (capacity[cell]! / seconds) * startC[cell]!;
    if (cell === n - 1) continue;
    const g = conductance(cell);
    diagonal[cell]! += g;
    diagonal[cell + 1]! += g;
    above[cell] = -g;
    below[cell + 1] = -g;
  }
  const open = (cell: number, h: number, emissivity: number) => {
    const radiation = radiationWm2K(emissivity, startC[cell]!, wallsC);
    diagonal[cell]! += h + radiation;
    right[cell]! += h * airC + radiation * wallsC;
  };
  if (bed?.farOpen) open(0, convectionWm2K, DOUGH_EMISSIVITY);
  if (!bed) open(0, convectionWm2K, DOUGH_EMISSIVITY * sees);
  if (tin) {
    open(n - 1, tin.convectionWm2K, tin.emissivity);
    diagonal[n - 1]! += tin.alongWm2K;
    right[n - 1]! += tin.alongWm2K * tin.besideC;
  } else {
    open(n - 1, convectionWm2K, DOUGH_EMISSIVITY);
  }
  losses.forEach(({ rate, growth }, layer) => {
    const cell = bedCells + layer;
    const latent = evaporationHeatJkg(Math.min(150, Math.max(0, startC[cell]!)));
    diagonal[cell]! += latent * growth;
    right[cell]! -= latent * (rate - growth * startC[cell]!);
  });
  solveTridiagonal(below, diagonal, above, right);
  return right;
}

/** Water of the layers after `seconds`, kg/m³: what left each, then diffusion between them. */
function dried(
  dxM: number,
  from: SlabState,
  doughC: readonly number[],
  losses: readonly Loss[],
  seconds: number,
): Float64Array {
  const lower = new Float64Array(LAYERS);
  const middle = new Float64Array(LAYERS);
  const upper = new Float64Array(LAYERS);
  const water = new Float64Array(LAYERS);
  losses.forEach(({ rate, growth }, layer) => {
    const left = rate + growth * (doughC[layer]! - from.doughC[layer]!);
    middle[layer]! += dxM / seconds;
    water[layer] = (dxM / seconds) * from.waterKgM3[layer]! - left;
    if (layer === LAYERS - 1) return;
    const g = diffusivity((doughC[layer]! + doughC[layer + 1]!) / 2) / dxM;
    middle[layer]! += g;
    middle[layer + 1]! += g;
    upper[layer] = -g;
    lower[layer + 1] = -g;
  });
  solveTridiagonal(lower, middle, upper, water);
  return water;
}

/**
 * One step of `seconds` for heat and water through bed, dough and tin at one place.
 *
 * Implicit in temperature, with radiation, evaporation and boiling made linear about the step's start;
 * then implicit in water, whose losses are those the heat balance paid for. Heat capacity follows the
 * water. One-dimensional: right for a shell far thinner than wide. Source: finite volumes, Patankar
 * (1980); the transport coefficients are marked above.
 */
export function stepSlab(
  mix: DoughMix,
  thicknessM: number,
  faces: SlabFaces,
  from: SlabState,
  seconds = STEP_S,
): SlabState {
  const dxM = thicknessM / LAYERS;
  const row = rowOf(mix, dxM, faces, from);
  const losses = lossesOf(mix, dxM, faces, from);
  const cellC = warmed(row, faces, losses, seconds);
  const { bedCells } = row;
  const doughC = Array.from(cellC.subarray(bedCells, bedCells + LAYERS));
  const water = dried(dxM, from, doughC, losses, seconds);
  const setRate = setRatePerS(mix);
  const [inner, outer] = from.brown;
  return {
    timeS: from.timeS + seconds,
    doughC,
    bedC: faces.bed ? Array.from(cellC.subarray(0, bedCells)) : from.bedC,
    tinC: faces.tin ? cellC[cellC.length - 1]! : from.tinC,
    waterKgM3: Array.from(water, (value) => Math.max(0, value)),
    set: from.set.map((extent, layer) => {
      return 1 - (1 - extent) * Math.exp(-setRate(doughC[layer]!) * seconds);
    }),
    brown: [
      inner + seconds * browningRatePerS(doughC[0]!, activityOf(mix, water[0]!)),
      outer + seconds * browningRatePerS(doughC[LAYERS - 1]!, activityOf(mix, water[LAYERS - 1]!)),
    ],
  };
}
