/** Heat transfer to what lies on a bench, by air and radiation together, W/(m² K). From memory: 3.5 and 5. */
const ON_BENCH_WM2K = 9;

/** A slab that warms or cools through both its faces. */
export interface Slab {
  readonly thicknessMm: number;
  readonly conductivityWmK: number;
  readonly heatCapacityJm3K: number;
}

/** Butter between 4 and 18 °C, cut two centimetres thick: some of its fat melts, which counts as heat capacity. From memory. */
export const BUTTER: Slab = {
  thicknessMm: 20,
  conductivityWmK: 0.21,
  heatCapacityJm3K: 911 * 3700,
};

/** Fresh cheese in its tub, taken for a slab of half its height. From memory. */
export const FRESH_CHEESE: Slab = {
  thicknessMm: 40,
  conductivityWmK: 0.45,
  heatCapacityJm3K: 1050 * 3500,
};

/** A disc of dough as it is put by. From memory. */
export const DOUGH_DISC: Slab = {
  thicknessMm: 25,
  conductivityWmK: 0.3,
  heatCapacityJm3K: 1200 * 2600,
};

/** The first root of ζ tan ζ = Bi, 0 to π/2, by bisection. */
function firstRoot(biot: number): number {
  let [low, high] = [0, Math.PI / 2];
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (middle * Math.tan(middle) < biot) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The first term of a plane wall with convection on both faces: its root and its coefficient. Source: Incropera, table 5.1. */
export function planeWall(biot: number): { readonly root: number; readonly coefficient: number } {
  const root = firstRoot(biot);
  return {
    root,
    coefficient: (4 * Math.sin(root)) / (2 * root + Math.sin(2 * root)),
  };
}

/**
 * Minutes until the middle of a slab on the bench, `fromC` throughout at first, has come to `toC` in a room of `roomC`,
 * all °C: butter to soften, cheese to lose its chill, dough to roll. `Infinity` where the room never lets it.
 *
 * One term of the series for a plane wall with convection on both faces (Incropera, Fundamentals of Heat and Mass
 * Transfer, 5.5), good past a Fourier number of 0.2; sooner than that 0 is answered no less than the term says.
 */
export function slabMin(slab: Slab, fromC: number, toC: number, roomC: number): number {
  const left = (toC - roomC) / (fromC - roomC);
  if (!(left > 0)) return Infinity;
  if (left >= 1) return 0;
  const halfM = slab.thicknessMm / 2000;
  const { root, coefficient } = planeWall((ON_BENCH_WM2K * halfM) / slab.conductivityWmK);
  const fourier = Math.max(0, Math.log(coefficient / left) / root ** 2);
  const diffusivity = slab.conductivityWmK / slab.heatCapacityJm3K;
  return (fourier * halfM ** 2) / diffusivity / 60;
}

/**
 * A lined shell out of the freezer: a dough with a fifth of water, of which three quarters are ice at -18 °C and melt at some
 * -4 °C, kg/m³, J/(kg K) and J/kg. From memory.
 */
const FROZEN_DOUGH = {
  densityKgm3: 1200,
  frozenJkgK: 1800,
  thawedJkgK: 2600,
  iceJkg: 0.2 * 0.75 * 334_000,
  meltsC: -4,
} as const;

/** A freezer, and a shell that is no longer frozen but firm, °C. Common practice. */
export const FREEZER_C = -18;
export const THAWED_C = 4;

/**
 * Minutes until a lined shell of a thickness in mm, out of the freezer, is thawed and still firm in a room of `roomC`;
 * `Infinity` in a room that is no warmer. Lumped, through both its faces (Incropera, 5.1: its Biot number is about 0.1),
 * with its ice melting at one temperature (Plank's equation, ASHRAE Handbook of Refrigeration, without the conduction within).
 */
export function shellThawMin(thicknessMm: number, roomC: number): number {
  if (roomC <= THAWED_C) return Infinity;
  const { densityKgm3, frozenJkgK, thawedJkgK, iceJkg, meltsC } = FROZEN_DOUGH;
  const perLoss = (densityKgm3 * thicknessMm) / 1000 / (2 * ON_BENCH_WM2K);
  const warming = (fromC: number, toC: number): number => Math.log((roomC - fromC) / (roomC - toC));
  return (
    (perLoss *
      (frozenJkgK * warming(FREEZER_C, meltsC) +
        iceJkg / (roomC - meltsC) +
        thawedJkgK * warming(meltsC, THAWED_C))) /
    60
  );
}

/** Heat transfer to what stands in a freezer, by still air and the shelf together, W/(m² K). From memory: 9 and 11. */
const IN_FREEZER_WM2K = 10;

/** Dough as it is lined, and a shell that is frozen through, °C. Common practice. */
const LINED_C = 16;
const FROZEN_THROUGH_C = -10;

/**
 * Minutes until a lined shell of a thickness in mm is frozen through in a freezer at {@link FREEZER_C}: as
 * {@link shellThawMin}, the other way round.
 */
export function shellFreezeMin(thicknessMm: number): number {
  const { densityKgm3, frozenJkgK, thawedJkgK, iceJkg, meltsC } = FROZEN_DOUGH;
  const perLoss = (densityKgm3 * thicknessMm) / 1000 / (2 * IN_FREEZER_WM2K);
  const cooling = (fromC: number, toC: number): number =>
    Math.log((fromC - FREEZER_C) / (toC - FREEZER_C));
  return (
    (perLoss *
      (thawedJkgK * cooling(LINED_C, meltsC) +
        iceJkg / (meltsC - FREEZER_C) +
        frozenJkgK * cooling(meltsC, FROZEN_THROUGH_C))) /
    60
  );
}

/** A baked shell in its tin, J/(m³ K), and the loss of its two faces, W/(m² K) each. From memory. */
const SHELL_JM3K = 700 * 2000;
const SHELL_WM2K = 10;

/** Cool to the hand, °C. Common practice. */
export const COOL_TO_THE_HAND_C = 35;

/**
 * Minutes until an empty shell out of the oven is cool to the hand; `Infinity` in a room that is warmer than that.
 * Lumped capacity (Incropera, 5.1): its Biot number is under 0.1.
 */
export function shellCoolMin(thicknessMm: number, roomC: number, fromC = 150): number {
  if (roomC >= COOL_TO_THE_HAND_C) return Infinity;
  const timeS = (SHELL_JM3K * (thicknessMm / 1000)) / (2 * SHELL_WM2K);
  return (timeS * Math.log((fromC - roomC) / (COOL_TO_THE_HAND_C - roomC))) / 60;
}
