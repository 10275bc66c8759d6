import { evaporationHeatJkg } from '../properties';
import { createBalance, updateConductances, type Balance } from './balance';
import { coveredBy, waterAt, type WaterNode } from './bath';
import { boiledOver, boilLess, untilDryS } from './boiling';
import type { Surroundings } from './case';
import { temperatureFrom } from './content';
import { dryOver, dryTo } from './drying';
import type { Model, Moment } from './model';
import { createPace, extentsAfter } from './pace';
import { beginStep, createWorkspace, tryStep, type Trial, type Workspace } from './step';

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
const WORKING = { toleranceK: 0.4, longestStepS: 300, firstStepS: 1, shortestStepS: 0.05 } as const;

/** Lands on the end of the stage without leaving a sliver behind. */
const landing = (stepS: number, leftS: number): number =>
  stepS >= leftS ? leftS : stepS > leftS / 2 ? leftS / 2 : stepS;

/** Tries a step, and shorter ones from the same start until one is near enough to what is aimed for. */
function tryUntilNear(
  balance: Balance,
  work: Workspace,
  firstS: number,
  toleranceK: number,
): { readonly stepS: number; readonly trial: Trial } {
  let stepS = firstS;
  let trial = tryStep(balance, work, stepS);
  while (trial.errorK > toleranceK && stepS > WORKING.shortestStepS) {
    stepS *= Math.max(0.2, 0.85 * Math.sqrt(toleranceK / trial.errorK));
    balance.faceSurfaceC.set(work.startSurfaceC);
    balance.faceOutsideC.set(work.startOutsideC);
    if (balance.water) balance.water.celsius = work.startWater.celsius;
    updateConductances(balance, work.temperatureC);
    trial = tryStep(balance, work, stepS);
  }
  return { stepS, trial };
}

/** The step to take after one that missed by so much, s. */
function nextStepS(stepS: number, errorK: number, toleranceK: number, longestS: number): number {
  const growth = errorK > 0 ? 0.85 * Math.sqrt(toleranceK / errorK) : 3;
  return Math.min(longestS, stepS * Math.min(2.5, Math.max(0.3, growth)));
}

/** Takes over what a step's cells hold; returns their temperatures, °C, and what they gained, J. */
function takeContent(
  balance: Balance,
  work: Workspace,
  stepS: number,
): { readonly temperatureC: Float64Array; readonly storedJ: number } {
  const temperatureC = new Float64Array(balance.cells);
  let storedJ = 0;
  for (let cell = 0; cell < balance.cells; cell += 1) {
    const content = work.trialContentJ[cell]!;
    storedJ += content - work.contentJ[cell]!;
    work.contentJ[cell] = content;
    // What both stages say together, were the heat capacity constant.
    const perS = 1.5 * (work.stage1W[cell]! / work.capacity[cell]!) + 0.5 * work.trialC[cell]!;
    const guess = work.temperatureC[cell]! + stepS * perS;
    temperatureC[cell] = temperatureFrom(balance, cell, content, guess);
  }
  work.temperatureC.set(temperatureC);
  return { temperatureC, storedJ };
}

/** What leaves the top and what boils off inside over a step, by the mean of its start and end. */
function takeEvaporation(
  balance: Balance,
  work: Workspace,
  stepS: number,
): { readonly driedKgM2: Float64Array; readonly heatJ: number; readonly massKg: number } {
  const { columns } = balance.model.mesh;
  const spentW = new Float64Array(columns);
  const surfaceC = new Float64Array(columns);
  for (let column = 0; column < columns; column += 1) {
    spentW[column] = 0.5 * (work.startEvaporationW[column]! + balance.faceEvaporationW[column]!);
    surfaceC[column] = 0.5 * (work.startSurfaceC[column]! + balance.faceSurfaceC[column]!);
  }
  const driedKgM2 = new Float64Array(columns);
  const dried = dryOver(balance, stepS, spentW, surfaceC, work.driedKgM2, driedKgM2);
  work.driedKgM2.set(driedKgM2);
  dryTo(balance, driedKgM2);
  const boiledJ = 0.5 * stepS * (work.startBoiling.spentW + balance.boiling.spentW);
  return {
    driedKgM2,
    heatJ: boiledJ + dried.heatJ,
    massKg: boiledJ / evaporationHeatJkg(100) + dried.massKg,
  };
}

/** What a bath is and holds after a step. */
function takeWater({ startWater }: Workspace, water: WaterNode, massKg: number, stepS: number) {
  const spentJ = 0.5 * stepS * (startWater.evaporationW + water.evaporationW);
  const middleC = (startWater.celsius + water.celsius) / 2;
  const leftKg = Math.max(0, massKg - spentJ / evaporationHeatJkg(middleC));
  water.covered = coveredBy(water.own, leftKg);
  return { celsius: water.celsius, massKg: leftKg };
}

/**
 * Carries a cup from one moment to `untilS` in constant surroundings, and returns the moments after
 * each step (not the first). Temperatures in °C, times in s since the start of the bake.
 *
 * Finite volumes in radius and height; in time a linearly implicit Rosenbrock method of order 2
 * (ROS2, L-stable) with steps chosen by its embedded estimate. Reactions are integrated exactly
 * along the straight line between two steps; stirring, skin and what a bath covers are held over a step.
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
  const balance = createBalance(model, around, from);
  const work = createWorkspace(balance, from);
  const { fixedStepS } = options;
  const aimK = options.toleranceK ?? WORKING.toleranceK;
  const longestStepS = options.longestStepS ?? WORKING.longestStepS;
  const pace = createPace(model, from);
  const moments: Moment[] = [];
  let latest = from;
  let water = balance.water && {
    celsius: balance.water.celsius,
    massKg: waterAt(around, from)!.massKg,
  };
  let wantedS = fixedStepS ?? options.firstStepS ?? WORKING.firstStepS;
  beginStep(balance, work, from, landing(wantedS, untilS - from.timeS));
  while (latest.timeS < untilS - 1e-9) {
    const leftS = untilS - latest.timeS;
    const toleranceK = fixedStepS === undefined ? aimK : Infinity;
    const { stepS, trial } = tryUntilNear(balance, work, landing(wantedS, leftS), toleranceK);
    const { temperatureC, storedJ } = takeContent(balance, work, stepS);
    const evaporated = takeEvaporation(balance, work, stepS);
    if (balance.water) water = takeWater(work, balance.water, water!.massKg, stepS);
    const surfaceC = new Float64Array(model.mesh.columns);
    const moment: Moment = {
      timeS: stepS === leftS ? untilS : latest.timeS + stepS,
      temperatureC,
      surfaceC,
      boiledKgM3: boiledOver(balance, work.startBoilingW, model, latest, stepS),
      driedKgM2: evaporated.driedKgM2,
      extents: extentsAfter(model, pace, latest, temperatureC, stepS),
      energy: {
        receivedJ: latest.energy.receivedJ + trial.receivedJ,
        storedJ: latest.energy.storedJ + storedJ,
        evaporationJ: latest.energy.evaporationJ + evaporated.heatJ,
        evaporatedKg: latest.energy.evaporatedKg + evaporated.massKg,
      },
      ...(water ? { water } : {}),
    };
    if (fixedStepS === undefined)
      wantedS = nextStepS(stepS, trial.errorK, toleranceK, longestStepS);
    if (moment.boiledKgM3 !== latest.boiledKgM3) {
      boilLess(balance, model, moment);
      wantedS = Math.min(wantedS, untilDryS(balance, latest, moment));
    }
    // How it stands now is also how the next step begins.
    beginStep(balance, work, moment, landing(wantedS, untilS - moment.timeS));
    surfaceC.set(balance.faceOutsideC.subarray(0, model.mesh.columns));
    moments.push(moment);
    latest = moment;
    if (options.enough?.(moment)) break;
  }
  return moments;
}
