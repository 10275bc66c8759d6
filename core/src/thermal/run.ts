import { evaporationHeatJkg } from '../properties';
import { createBalance, updateConductances, updateGain } from './balance';
import { coveredBy, waterAt } from './bath';
import { boiledOver, boilingSlopes, boilLess, untilDryS } from './boiling';
import type { Surroundings } from './case';
import { capacityOf, temperatureFrom } from './content';
import type { Model, Moment } from './model';
import { advanceExtent, exposureFrom, finalOver, rateAt } from './reactions';
import { createWorkspace, tryStep } from './step';
import { updateStirring } from './stirring';
import { crustAfter, skinAfter } from './surface';
import { updateVapour } from './followVapour';

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
        const exposed = exposureFrom(from, to, seconds);
        const final = finalOver(reaction, before[cell]!, after[cell]!);
        next[here] = advanceExtent(next[here]!, exposed, final);
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
    updateVapour(balance);
    updateConductances(balance, work.temperatureC);
    const receivedStartW = updateGain(balance, work.temperatureC);
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
    for (let cell = 0; cell < cells; cell += 1) {
      work.capacity[cell] = capacityOf(balance, cell, work.temperatureC[cell]!);
    }

    let trial = tryStep(balance, work, h, receivedStartW);
    const mayRetry = options.fixedStepS === undefined;
    while (mayRetry && trial.errorK > toleranceK && h > WORKING.shortestStepS) {
      h *= Math.max(0.2, 0.85 * Math.sqrt(toleranceK / trial.errorK));
      balance.faceSurfaceC.set(work.startSurfaceC);
      balance.faceOutsideC.set(work.startOutsideC);
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
    let evaporationJ = 0.5 * h * (work.startBoiling.spentW + balance.boiling.spentW);
    let evaporatedKg = evaporationJ === 0 ? 0 : evaporationJ / evaporationHeatJkg(100);
    for (let column = 0; column < columns; column += 1) {
      const heatJ = 0.5 * h * (work.startEvaporationW[column]! + balance.faceEvaporationW[column]!);
      if (heatJ === 0 || !evaporation) continue;
      const middleC = (work.startSurfaceC[column]! + balance.faceSurfaceC[column]!) / 2;
      const massKg = heatJ / evaporationHeatJkg(middleC);
      evaporationJ += heatJ;
      evaporatedKg += massKg;
      driedKgM2[column] = Math.max(0, driedKgM2[column]! + massKg / balance.faceAreaM2[column]!);
      balance.faceSkinM2SKg[column] = skinAfter(evaporation, driedKgM2[column]!);
      balance.faceCrustM2KW[column] = crustAfter(evaporation, driedKgM2[column]!);
    }
    if (water) {
      const spentJ = 0.5 * h * (work.startWater.evaporationW + water.evaporationW);
      const middleC = (work.startWater.celsius + water.celsius) / 2;
      waterKg = Math.max(0, waterKg - spentJ / evaporationHeatJkg(middleC));
      water.covered = coveredBy(water.own, waterKg);
    }
    const moment: Moment = {
      timeS: h === leftS ? untilS : latest.timeS + h,
      temperatureC,
      surfaceC: balance.faceOutsideC.slice(0, columns),
      boiledKgM3: boiledOver(balance, work.startBoilingW, model, latest, h),
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
    if (mayRetry) {
      const growth = trial.errorK > 0 ? 0.85 * Math.sqrt(toleranceK / trial.errorK) : 3;
      stepS = Math.min(longestStepS, h * Math.min(2.5, Math.max(0.3, growth)));
    }
    if (moment.boiledKgM3 !== latest.boiledKgM3) {
      boilLess(balance, model, moment);
      stepS = Math.min(stepS, untilDryS(balance, latest, moment));
    }
    moments.push(moment);
    latest = moment;
    if (options.enough?.(moment)) break;
  }
  return moments;
}
