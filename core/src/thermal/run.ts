import { evaporationHeatJkg } from '../properties';
import { createBand, solveBand } from './banded';
import {
  boilingSlopes,
  capacityOf,
  contentOf,
  createBalance,
  factorBalance,
  temperatureFrom,
  updateConductances,
  updateGain,
  type Balance,
} from './balance';
import { waterAt } from './bath';
import type { Surroundings } from './case';
import type { Model, Moment } from './model';
import { advanceExtent, exposureFrom, rateAt } from './reactions';
import { updateStirring } from './stirring';
import { wetnessAfter } from './surface';

export interface RunOptions {
  /** Aim for the estimated error of a step, K. */
  readonly toleranceK?: number;
  readonly longestStepS?: number;
  /** First step to try: longer where a run goes on in the same surroundings. */
  readonly firstStepS?: number;
  /** Take steps of just this length instead, for convergence studies. */
  readonly fixedStepS?: number;
  /** Asked after each step; the run ends early when it says so. */
  readonly enough?: (moment: Moment) => boolean;
}

/**
 * Accuracy for daily use; `npm run bench` shows what it leaves. The estimate that steers the steps
 * is that of the embedded method of order 1, so the error really made is many times smaller.
 */
const WORKING = { toleranceK: 0.8, longestStepS: 300, firstStepS: 1, shortestStepS: 0.05 } as const;

/** L-stable choice for the two-stage Rosenbrock method. */
const GAMMA = 1 - Math.SQRT1_2;

/**
 * How much the error of a layer's cell counts beside that of the filling's: a wall comes to its own within
 * seconds, and what it missed on the way decays with it.
 */
const WALL_WEIGHT = 0.3;

/** What a trial step came to. */
interface Trial {
  readonly errorK: number;
  readonly receivedJ: number;
}

/** Arrays a run writes over and over. */
interface Workspace {
  readonly temperatureC: Float64Array;
  readonly contentJ: Float64Array;
  readonly capacity: Float64Array;
  readonly startGainW: Float64Array;
  readonly startSlopes: Float64Array;
  readonly startSurfaceC: Float64Array;
  readonly startEvaporationW: Float64Array;
  readonly startBoilingSlopes: Float64Array;
  readonly stage1W: Float64Array;
  /** How much the error of each cell counts. */
  readonly weight: Float64Array;
  readonly trialC: Float64Array;
  readonly trialContentJ: Float64Array;
  readonly band: Float64Array;
  /** With a bath: how the cells follow its temperature, and the state of its water at the start. */
  readonly follow: Float64Array;
  readonly startWater: { celsius: number; gainW: number; slopeWK: number; evaporationW: number };
  readonly startCouplings: Float64Array;
}

function createWorkspace(balance: Balance, from: Moment): Workspace {
  const { cells, rows, faces } = balance;
  const temperatureC = Float64Array.from(from.temperatureC);
  const contentJ = new Float64Array(cells);
  for (let cell = 0; cell < cells; cell += 1) {
    contentJ[cell] = contentOf(balance, cell, temperatureC[cell]!);
  }
  return {
    temperatureC,
    contentJ,
    capacity: new Float64Array(cells),
    startGainW: new Float64Array(cells),
    startSlopes: new Float64Array(faces.length),
    startSurfaceC: new Float64Array(faces.length),
    startEvaporationW: new Float64Array(faces.length),
    startBoilingSlopes: new Float64Array(cells),
    stage1W: new Float64Array(cells),
    weight: Float64Array.from(balance.model.mesh.layerOf, (layer) => (layer < 0 ? 1 : WALL_WEIGHT)),
    trialC: new Float64Array(cells),
    trialContentJ: new Float64Array(cells),
    band: createBand(cells, rows),
    follow: new Float64Array(balance.water ? cells : 0),
    startWater: { celsius: 0, gainW: 0, slopeWK: 0, evaporationW: 0 },
    startCouplings: new Float64Array(faces.length),
  };
}

/**
 * How the loss through all faces and by boiling grows with the change of cells and bath, W: the implicit share
 * of the boundary.
 */
function implicitBoundaryW(
  balance: Balance,
  work: Workspace,
  change: Float64Array,
  waterChange: number,
): number {
  const { startSlopes, startCouplings, startBoilingSlopes } = work;
  let sum = 0;
  for (let cell = 0; cell < change.length; cell += 1) {
    sum += startBoilingSlopes[cell]! * change[cell]!;
  }
  for (let face = 0; face < startSlopes.length; face += 1) {
    sum +=
      startSlopes[face]! * change[balance.faceCell[face]!]! - startCouplings[face]! * waterChange;
  }
  return sum;
}

/**
 * Solves for cells and bath together: the bath is one more row and column of the matrix, eliminated
 * by its Schur complement. `vector` goes in as the cells' right side and comes out as their answer;
 * returns the bath's. Source: Golub and Van Loan, Matrix Computations (4th ed.), 3.2.11.
 */
function solveWithBath(
  balance: Balance,
  work: Workspace,
  weightS: number,
  vector: Float64Array,
  waterW: number,
): number {
  const { cells, rows, water, faceCell } = balance;
  solveBand(work.band, cells, rows, vector);
  if (!water) return 0;
  const { follow, startCouplings, startWater } = work;
  let pivot = water.capacityJK + weightS * startWater.slopeWK;
  let right = waterW;
  for (let face = 0; face < faceCell.length; face += 1) {
    const weight = weightS * startCouplings[face]!;
    if (weight === 0) continue;
    pivot -= weight * follow[faceCell[face]!]!;
    right += weight * vector[faceCell[face]!]!;
  }
  const changeW = right / pivot;
  for (let cell = 0; cell < cells; cell += 1) vector[cell]! += changeW * follow[cell]!;
  return changeW;
}

/** How the cells would follow a bath that warms by 1 K/s: the column that its elimination needs. */
function prepareBath(balance: Balance, work: Workspace, weightS: number): void {
  if (!balance.water) return;
  const { follow, startCouplings, band } = work;
  follow.fill(0);
  balance.faceCell.forEach((cell, face) => {
    follow[cell]! += weightS * startCouplings[face]!;
  });
  solveBand(band, balance.cells, balance.rows, follow);
}

/**
 * One step of ROS2 on the cells' heat content H, dH/dt = F(T(H)):
 * (C + γhK) θ₁ = F(H), (C + γhK) θ₂ = F(H + hCθ₁) - 2Cθ₁, H' = H + h (3/2 Cθ₁ + 1/2 Cθ₂).
 * The boundary heat is summed with the very terms of the step, so the ledger closes to rounding.
 */
function tryStep(balance: Balance, work: Workspace, stepS: number, receivedStartW: number): Trial {
  const { cells } = balance;
  const { capacity, band, trialC, trialContentJ, stage1W, contentJ, temperatureC, weight } = work;
  const weightS = GAMMA * stepS;
  const { water } = balance;
  factorBalance(balance, capacity, work.startSlopes, work.startBoilingSlopes, weightS, band);
  prepareBath(balance, work, weightS);
  trialC.set(work.startGainW);
  const water1 = solveWithBath(balance, work, weightS, trialC, work.startWater.gainW);
  const implicit1W = implicitBoundaryW(balance, work, trialC, water1);
  for (let cell = 0; cell < cells; cell += 1) {
    const change = trialC[cell]!;
    stage1W[cell] = capacity[cell]! * change;
    trialContentJ[cell] = contentJ[cell]! + stepS * stage1W[cell]!;
    trialC[cell] = temperatureFrom(
      balance,
      cell,
      trialContentJ[cell]!,
      temperatureC[cell]! + stepS * change,
    );
  }
  if (water) water.celsius = work.startWater.celsius + stepS * water1;
  updateConductances(balance, trialC);
  const receivedEndW = updateGain(balance, trialC);
  for (let cell = 0; cell < cells; cell += 1) {
    trialC[cell] = balance.gainW[cell]! - 2 * stage1W[cell]!;
  }
  const water1W = (water?.capacityJK ?? 0) * water1;
  const water2 = solveWithBath(balance, work, weightS, trialC, (water?.gainW ?? 0) - 2 * water1W);
  const implicit2W = implicitBoundaryW(balance, work, trialC, water2);
  let errorK = 0.5 * stepS * Math.abs(water1 + water2);
  if (water) water.celsius = work.startWater.celsius + stepS * (1.5 * water1 + 0.5 * water2);
  for (let cell = 0; cell < cells; cell += 1) {
    const stage2W = capacity[cell]! * trialC[cell]!;
    const differenceK =
      (0.5 * stepS * weight[cell]! * Math.abs(stage1W[cell]! + stage2W)) / capacity[cell]!;
    if (differenceK > errorK) errorK = differenceK;
    trialContentJ[cell] = contentJ[cell]! + stepS * (1.5 * stage1W[cell]! + 0.5 * stage2W);
  }
  return {
    errorK,
    receivedJ:
      0.5 * stepS * (receivedStartW - weightS * implicit1W + receivedEndW - weightS * implicit2W),
  };
}

/** So many z under its reference a reaction does nothing: a hundred-thousandth of its rate there. */
const ASLEEP_Z = 5;

/** Extents of all reactions after a step in which each cell went in a straight line. */
function advanceExtents(
  model: Model,
  extents: readonly Float64Array[],
  before: Float64Array,
  after: Float64Array,
  seconds: number,
): Float64Array[] {
  const { fillColumns, fillRows, baseRows, rows } = model.mesh;
  return model.reactions.map((reaction, index) => {
    const next = Float64Array.from(extents[index]!);
    const asleepC = reaction.referenceC - ASLEEP_Z * reaction.zK;
    for (let column = 0; column < fillColumns; column += 1) {
      for (let row = 0; row < fillRows; row += 1) {
        const cell = column * rows + baseRows + row;
        if (before[cell]! < asleepC && after[cell]! < asleepC) continue;
        const from = rateAt(reaction, before[cell]!);
        const to = rateAt(reaction, after[cell]!);
        const here = column * fillRows + row;
        next[here] = advanceExtent(next[here]!, exposureFrom(from, to, seconds));
      }
    }
    return next;
  });
}

/**
 * Carries a cup from one moment to `untilS` in constant surroundings, and returns the moments after
 * each step (not the first). Temperatures in °C, times in s since the start of the bake.
 *
 * Finite volumes in radius and height; in time a linearly implicit Rosenbrock method of order 2
 * (ROS2, L-stable) with steps chosen by its embedded estimate. Reactions are integrated exactly
 * along the straight line between two steps; stirring and skin are held over a step.
 * Sources: Patankar, Numerical Heat Transfer and Fluid Flow (1980), for the balance; Verwer, Spee,
 * Blom and Hundsdorfer, SIAM J. Sci. Comput. 20 (1999) 1456, for ROS2.
 */
export function run(
  model: Model,
  from: Moment,
  around: Surroundings,
  untilS: number,
  options: RunOptions = {},
): Moment[] {
  const { columns } = model.mesh;
  const balance = createBalance(model, around, from);
  const work = createWorkspace(balance, from);
  const { cells } = balance;
  const toleranceK = options.toleranceK ?? WORKING.toleranceK;
  const longestStepS = options.longestStepS ?? WORKING.longestStepS;
  const { evaporation } = around.top;
  const { water } = balance;
  let waterKg = waterAt(around, from)?.massKg ?? 0;

  const moments: Moment[] = [];
  let latest = from;
  let stepS = options.fixedStepS ?? options.firstStepS ?? WORKING.firstStepS;
  while (latest.timeS < untilS - 1e-9) {
    // Land on the end of the stage without leaving a sliver behind.
    const leftS = untilS - latest.timeS;
    let h = stepS >= leftS ? leftS : stepS > leftS / 2 ? leftS / 2 : stepS;
    updateStirring(balance, latest, h);
    updateConductances(balance, work.temperatureC);
    const receivedStartW = updateGain(balance, work.temperatureC);
    const boiledStartW = balance.boiling.spentW;
    boilingSlopes(balance, work.temperatureC, work.startBoilingSlopes);
    work.startGainW.set(balance.gainW);
    work.startSlopes.set(balance.faceSlopeWK);
    work.startSurfaceC.set(balance.faceSurfaceC);
    work.startEvaporationW.set(balance.faceEvaporationW);
    if (water) {
      const { celsius, gainW, slopeWK, evaporationW } = water;
      Object.assign(work.startWater, { celsius, gainW, slopeWK, evaporationW });
      work.startCouplings.set(balance.faceCouplingWK);
    }
    for (let cell = 0; cell < cells; cell += 1) {
      work.capacity[cell] = capacityOf(balance, cell, work.temperatureC[cell]!);
    }

    let trial = tryStep(balance, work, h, receivedStartW);
    const mayRetry = options.fixedStepS === undefined;
    while (mayRetry && trial.errorK > toleranceK && h > WORKING.shortestStepS) {
      h *= Math.max(0.2, 0.85 * Math.sqrt(toleranceK / trial.errorK));
      balance.faceSurfaceC.set(work.startSurfaceC);
      if (water) water.celsius = work.startWater.celsius;
      updateConductances(balance, work.temperatureC);
      trial = tryStep(balance, work, h, receivedStartW);
    }

    const temperatureC = new Float64Array(cells);
    let storedJ = 0;
    for (let cell = 0; cell < cells; cell += 1) {
      const content = work.trialContentJ[cell]!;
      storedJ += content - work.contentJ[cell]!;
      work.contentJ[cell] = content;
      // What both stages say together, were the heat capacity constant.
      const perS = 1.5 * (work.stage1W[cell]! / work.capacity[cell]!) + 0.5 * work.trialC[cell]!;
      const guess = latest.temperatureC[cell]! + h * perS;
      temperatureC[cell] = temperatureFrom(balance, cell, content, guess);
    }
    const driedKgM2 = Float64Array.from(latest.driedKgM2);
    let evaporationJ = 0.5 * h * (boiledStartW + balance.boiling.spentW);
    let evaporatedKg = evaporationJ === 0 ? 0 : evaporationJ / evaporationHeatJkg(100);
    for (let column = 0; column < columns; column += 1) {
      const heatJ = 0.5 * h * (work.startEvaporationW[column]! + balance.faceEvaporationW[column]!);
      if (heatJ === 0 || !evaporation) continue;
      const middleC = (work.startSurfaceC[column]! + balance.faceSurfaceC[column]!) / 2;
      const massKg = heatJ / evaporationHeatJkg(middleC);
      evaporationJ += heatJ;
      evaporatedKg += massKg;
      driedKgM2[column] = Math.max(0, driedKgM2[column]! + massKg / balance.faceAreaM2[column]!);
      balance.faceWetness[column] = wetnessAfter(evaporation, driedKgM2[column]!);
    }
    if (water) {
      const spentJ = 0.5 * h * (work.startWater.evaporationW + water.evaporationW);
      const middleC = (work.startWater.celsius + water.celsius) / 2;
      waterKg = Math.max(0, waterKg - spentJ / evaporationHeatJkg(middleC));
    }
    const moment: Moment = {
      timeS: h === leftS ? untilS : latest.timeS + h,
      temperatureC,
      surfaceC: balance.faceSurfaceC.slice(0, columns),
      driedKgM2,
      extents: advanceExtents(model, latest.extents, latest.temperatureC, temperatureC, h),
      energy: {
        receivedJ: latest.energy.receivedJ + trial.receivedJ,
        storedJ: latest.energy.storedJ + storedJ,
        evaporationJ: latest.energy.evaporationJ + evaporationJ,
        evaporatedKg: latest.energy.evaporatedKg + evaporatedKg,
      },
      ...(water ? { water: { celsius: water.celsius, massKg: waterKg } } : {}),
    };
    work.temperatureC.set(temperatureC);
    moments.push(moment);
    latest = moment;
    if (mayRetry) {
      const growth = trial.errorK > 0 ? 0.85 * Math.sqrt(toleranceK / trial.errorK) : 3;
      stepS = Math.min(longestStepS, h * Math.min(2.5, Math.max(0.3, growth)));
    }
    if (options.enough?.(moment)) break;
  }
  return moments;
}
