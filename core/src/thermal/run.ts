import { evaporationHeatJkg } from '../properties';
import { createBalance, updateConductances } from './balance';
import { coveredBy, waterAt } from './bath';
import { boiledOver, boilLess, untilDryS } from './boiling';
import type { Surroundings } from './case';
import { temperatureFrom } from './content';
import { dryOver, dryTo } from './drying';
import type { Model, Moment } from './model';
import { createPace, extentsAfter } from './pace';
import { beginStep, createWorkspace, tryStep } from './step';

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
  const { columns } = model.mesh;
  const balance = createBalance(model, around, from);
  const work = createWorkspace(balance, from);
  const { cells } = balance;
  const toleranceK = options.toleranceK ?? WORKING.toleranceK;
  const longestStepS = options.longestStepS ?? WORKING.longestStepS;
  const pace = createPace(model, from);
  const { water } = balance;
  const meanSpentW = new Float64Array(columns);
  const meanSurfaceC = new Float64Array(columns);
  let waterKg = waterAt(around, from)?.massKg ?? 0;

  const moments: Moment[] = [];
  let latest = from;
  /** Lands on the end of the stage without leaving a sliver behind. */
  const landing = (stepS: number, leftS: number): number =>
    stepS >= leftS ? leftS : stepS > leftS / 2 ? leftS / 2 : stepS;
  let stepS = options.fixedStepS ?? options.firstStepS ?? WORKING.firstStepS;
  beginStep(balance, work, from, landing(stepS, untilS - from.timeS));
  while (latest.timeS < untilS - 1e-9) {
    const leftS = untilS - latest.timeS;
    let h = landing(stepS, leftS);
    let trial = tryStep(balance, work, h);
    const mayRetry = options.fixedStepS === undefined;
    while (mayRetry && trial.errorK > toleranceK && h > WORKING.shortestStepS) {
      h *= Math.max(0.2, 0.85 * Math.sqrt(toleranceK / trial.errorK));
      balance.faceSurfaceC.set(work.startSurfaceC);
      balance.faceOutsideC.set(work.startOutsideC);
      if (water) water.celsius = work.startWater.celsius;
      updateConductances(balance, work.temperatureC);
      trial = tryStep(balance, work, h);
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
    for (let column = 0; column < columns; column += 1) {
      meanSpentW[column] =
        0.5 * (work.startEvaporationW[column]! + balance.faceEvaporationW[column]!);
      meanSurfaceC[column] = 0.5 * (work.startSurfaceC[column]! + balance.faceSurfaceC[column]!);
    }
    const driedKgM2 = new Float64Array(columns);
    const dried = dryOver(balance, h, meanSpentW, meanSurfaceC, work.driedKgM2, driedKgM2);
    work.driedKgM2.set(driedKgM2);
    dryTo(balance, driedKgM2);
    const boiledJ = 0.5 * h * (work.startBoiling.spentW + balance.boiling.spentW);
    const evaporationJ = boiledJ + dried.heatJ;
    const evaporatedKg = boiledJ / evaporationHeatJkg(100) + dried.massKg;
    if (water) {
      const spentJ = 0.5 * h * (work.startWater.evaporationW + water.evaporationW);
      const middleC = (work.startWater.celsius + water.celsius) / 2;
      waterKg = Math.max(0, waterKg - spentJ / evaporationHeatJkg(middleC));
      water.covered = coveredBy(water.own, waterKg);
    }
    const surfaceC = new Float64Array(columns);
    const moment: Moment = {
      timeS: h === leftS ? untilS : latest.timeS + h,
      temperatureC,
      surfaceC,
      boiledKgM3: boiledOver(balance, work.startBoilingW, model, latest, h),
      driedKgM2,
      extents: extentsAfter(model, pace, latest, temperatureC, h),
      energy: {
        receivedJ: latest.energy.receivedJ + trial.receivedJ,
        storedJ: latest.energy.storedJ + storedJ,
        evaporationJ: latest.energy.evaporationJ + evaporationJ,
        evaporatedKg: latest.energy.evaporatedKg + evaporatedKg,
      },
      ...(water ? { water: { celsius: water.celsius, massKg: waterKg } } : {}),
    };
    work.temperatureC.set(temperatureC);
    if (mayRetry) {
      const growth = trial.errorK > 0 ? 0.85 * Math.sqrt(toleranceK / trial.errorK) : 3;
      stepS = Math.min(longestStepS, h * Math.min(2.5, Math.max(0.3, growth)));
    }
    if (moment.boiledKgM3 !== latest.boiledKgM3) {
      boilLess(balance, model, moment);
      stepS = Math.min(stepS, untilDryS(balance, latest, moment));
    }
    // How it stands now is also how the next step begins.
    beginStep(balance, work, moment, landing(stepS, untilS - moment.timeS));
    surfaceC.set(balance.faceOutsideC.subarray(0, columns));
    moments.push(moment);
    latest = moment;
    if (options.enough?.(moment)) break;
  }
  return moments;
}
