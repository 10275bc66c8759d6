import { bandLength, solveBand } from './banded';
import { factorBalance, updateConductances, updateGain, type Balance } from './balance';
import { boilingSlopes } from './boiling';
import { capacityOf, contentOf, temperatureFrom } from './content';
import { dryOver, dryTo } from './drying';
import { updateVapour } from './followVapour';
import type { Moment } from './model';
import { updateStirring } from './stirring';

/** L-stable choice for the two-stage Rosenbrock method. */
const GAMMA = 1 - Math.SQRT1_2;

/**
 * How much the error of a layer's cell counts beside that of the filling's: a wall comes to its own within
 * seconds, and what it missed on the way decays with it.
 */
const WALL_WEIGHT = 0.3;

/** What a trial step came to. */
export interface Trial {
  readonly errorK: number;
  readonly receivedJ: number;
}

/** Arrays a run writes over and over. */
export interface Workspace {
  readonly temperatureC: Float64Array;
  readonly contentJ: Float64Array;
  readonly capacity: Float64Array;
  readonly startGainW: Float64Array;
  readonly startSlopes: Float64Array;
  readonly startSurfaceC: Float64Array;
  readonly startOutsideC: Float64Array;
  readonly startBoilingW: Float64Array;
  readonly startBoiling: { spentW: number };
  readonly startEvaporationW: Float64Array;
  /** What all faces let in less what boils off, W, at the start. */
  startReceivedW: number;
  /** Water that has left the top by column, at the start and at the end of a step, kg/m². */
  readonly driedKgM2: Float64Array;
  readonly trialDriedKgM2: Float64Array;
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

export function createWorkspace(balance: Balance, from: Moment): Workspace {
  const { cells, rows, faces } = balance;
  const temperatureC = from.temperatureC.slice();
  const contentJ = new Float64Array(cells);
  for (let cell = 0; cell < cells; cell += 1) {
    contentJ[cell] = contentOf(balance, cell, temperatureC[cell]!);
  }
  const weight = new Float64Array(cells);
  for (let cell = 0; cell < cells; cell += 1) {
    weight[cell] = balance.model.mesh.layerOf[cell]! < 0 ? 1 : WALL_WEIGHT;
  }
  return {
    temperatureC,
    contentJ,
    capacity: new Float64Array(cells),
    startGainW: new Float64Array(cells),
    startSlopes: new Float64Array(faces.length),
    startSurfaceC: new Float64Array(faces.length),
    startOutsideC: new Float64Array(faces.length),
    startBoilingW: new Float64Array(cells),
    startBoiling: { spentW: 0 },
    startEvaporationW: new Float64Array(faces.length),
    startReceivedW: 0,
    driedKgM2: from.driedKgM2.slice(),
    trialDriedKgM2: from.driedKgM2.slice(),
    startBoilingSlopes: new Float64Array(cells),
    stage1W: new Float64Array(cells),
    weight,
    trialC: new Float64Array(cells),
    trialContentJ: new Float64Array(cells),
    band: new Float64Array(bandLength(cells, rows)),
    follow: new Float64Array(balance.water ? cells : 0),
    startWater: { celsius: 0, gainW: 0, slopeWK: 0, evaporationW: 0 },
    startCouplings: new Float64Array(faces.length),
  };
}

/**
 * Works out how the cup stands as a step of `stepS` begins at a moment, and keeps it: what each cell gains, how its
 * surfaces stand, and how that grows with the temperatures.
 */
export function beginStep(balance: Balance, work: Workspace, at: Moment, stepS: number): void {
  const { water } = balance;
  updateStirring(balance, at, stepS);
  updateVapour(balance);
  updateConductances(balance, work.temperatureC);
  work.startReceivedW = updateGain(balance, work.temperatureC);
  boilingSlopes(balance, work.temperatureC, work.startBoilingSlopes);
  work.startGainW.set(balance.gainW);
  work.startSlopes.set(balance.faceSlopeWK);
  work.startSurfaceC.set(balance.faceSurfaceC);
  work.startOutsideC.set(balance.faceOutsideC);
  work.startBoiling.spentW = balance.boiling.spentW;
  work.startBoilingW.set(balance.boilingW);
  work.startEvaporationW.set(balance.faceEvaporationW);
  if (water) {
    const { celsius, gainW, slopeWK, evaporationW } = water;
    Object.assign(work.startWater, { celsius, gainW, slopeWK, evaporationW });
    work.startCouplings.set(balance.faceCouplingWK);
  }
  for (let cell = 0; cell < balance.cells; cell += 1) {
    work.capacity[cell] = capacityOf(balance, cell, work.temperatureC[cell]!);
  }
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
export function tryStep(balance: Balance, work: Workspace, stepS: number): Trial {
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
  // The skin grows as explicitly as it does slowly: by the start's rate here, by the mean of both once it is known.
  const { driedKgM2, trialDriedKgM2 } = work;
  dryOver(balance, stepS, work.startEvaporationW, work.startSurfaceC, driedKgM2, trialDriedKgM2);
  dryTo(balance, trialDriedKgM2);
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
    // What is freezing takes up much heat for little warmth, and not so once it has thawed.
    const freezes = temperatureC[cell]! < balance.freezesC[cell]!;
    const scaleJK = freezes ? balance.c[0][cell]! : capacity[cell]!;
    const differenceK =
      (0.5 * stepS * weight[cell]! * Math.abs(stage1W[cell]! + stage2W)) / scaleJK;
    if (differenceK > errorK) errorK = differenceK;
    trialContentJ[cell] = contentJ[cell]! + stepS * (1.5 * stage1W[cell]! + 0.5 * stage2W);
  }
  return {
    errorK,
    receivedJ:
      0.5 *
      stepS *
      (work.startReceivedW - weightS * implicit1W + receivedEndW - weightS * implicit2W),
  };
}
