import {
  bakeThrough,
  centreOf,
  momentAt,
  outcomeAt,
  reactionsOf,
  ringsOf,
  tryPulls,
  windowOf,
  wobbleOf,
  type NoWindow,
  type Rings,
  type Wobble,
} from '../doneness';
import { analyse, PART_NAMES } from '../formula';
import { findAmong } from '../ingredients';
import { boilingPointAtAltitudeC } from '../properties';
import { fail, succeed, type Result } from '../result';
import { judgePart, type Judged } from '../setting';
import { fillToHeadspace, roomInside } from '../shell';
import {
  buildModel,
  firstMoment,
  readerAt,
  run,
  type Cup,
  type Model,
  type Moment,
  type Place,
  type Reaction,
  type Surroundings,
} from '../thermal';
import { checkVessel, insideOf, isTrulyRound, roundLike } from '../vessel';
import { bathSize, SIMMERS_WITHIN_K, type BathForecast, type BathSize } from './bath';
import { fillingMaterial, layersAround } from './materials';
import { inOven, onRack } from './oven';
import { checkConditions, type ForecastPlan } from './plan';

export interface ForecastOptions {
  /** Multiplies the cells of the mesh; 1 is for daily use. */
  readonly resolution?: number;
  /** Called with 0 to 1 as the work goes on. */
  readonly onProgress?: (share: number) => void;
}

/** Places whose histories are reported, all at half depth. */
export const PROBE_PLACES = { rim: 0.9, halfRadius: 0.5, centre: 0 } as const;

export type ProbeName = keyof typeof PROBE_PLACES;

/** One moment of a forecast, ready to be drawn. */
export interface Frame {
  readonly timeS: number;
  readonly inOven: boolean;
  readonly probeC: Readonly<Record<ProbeName, number>>;
  readonly wobble: Wobble;
  readonly rings: Rings;
  /** Of the bath, while it stands in one. */
  readonly waterC?: number;
}

/** Where the cells lie, for drawing a field over the filling and its shell. */
export interface FieldShape {
  readonly columns: number;
  readonly rows: number;
  readonly fillColumns: number;
  readonly baseRows: number;
  /** By cell (column × rows + row), m. */
  readonly radiusM: Float32Array;
  /** By row, m above the bottom of the filling. */
  readonly heightM: Float32Array;
  readonly fill: {
    readonly bottomRadiusM: number;
    readonly topRadiusM: number;
    readonly depthM: number;
  };
  readonly shellThicknessM: number;
}

/** What a cook meets when pulling at a given time. */
export interface Pull {
  readonly timeS: number;
  readonly probeC: number;
  readonly peakC: number;
  readonly peakAfterS: number;
  readonly wobble: Wobble;
}

export type ForecastVerdict =
  | {
      readonly kind: 'window';
      readonly earliest: Pull;
      readonly best: Pull;
      readonly latest: Pull;
      /** False when nothing was found to go wrong within the time looked at. */
      readonly latestIsLimit: boolean;
    }
  | (NoWindow & { readonly advice: string });

export interface Forecast {
  readonly verdict: ForecastVerdict;
  /** Where the drawn history leaves the oven: the pull chosen, or the least bad one. */
  readonly pullS: number;
  readonly setC: number;
  readonly curdleC: number | undefined;
  readonly frames: readonly Frame[];
  readonly field: FieldShape;
  /** By frame, temperatures by cell, °C; all of them views of one buffer, so that it passes between threads at once. */
  readonly temperatureC: readonly Float32Array[];
  readonly waterLostG: number;
  readonly bath?: BathForecast;
  /** (heat received - heat stored) / heat received. */
  readonly energyResidual: number;
  readonly cautions: readonly string[];
}

/** Longest bake looked at, and how long the drawn history goes on after the pull; s. */
export const LONGEST_BAKE_S = 2 * 3600;
export const DRAWN_COOLING_S = 40 * 60;

interface Prepared {
  readonly model: Model;
  readonly judged: Judged;
  readonly bath: BathSize | undefined;
}

/** Turns a plan into a model to compute, or says what stands in the way, at its field. */
function prepare(plan: ForecastPlan, resolution: number): Result<Prepared> {
  const conditions = checkConditions(plan);
  if (!conditions.ok) return conditions;
  const vesselProblem = checkVessel(plan.vessel)[0];
  if (vesselProblem) return { ok: false, problem: { ...vesselProblem, path: 'vessel' } };
  const analysis = analyse(plan.lines, plan.eggGrade, findAmong(plan.own ?? []));
  const judged = judgePart(analysis, plan.family, plan.shell);
  if (judged.kind === 'not-judged') return fail('not-judged', judged.reason, 'family');
  if (judged.kind !== 'judged') {
    return fail(
      'not-forecast',
      `The bake of a ${PART_NAMES[plan.family].toLowerCase()} is not forecast yet: go by its end sign.`,
      'family',
    );
  }
  const reachesC = plan.setC + plan.oven.offsetK;
  if (reachesC <= judged.setC + 2) {
    return fail(
      'oven-too-cool',
      `This oven would reach ${Math.round(reachesC)} °C and the filling sets at ${Math.round(judged.setC)} °C. Set it hotter.`,
      'setC',
    );
  }
  const room = roomInside(plan.vessel, plan.shell === 'none' ? 0 : plan.shellThicknessMm);
  if (!room.ok) return room;
  const fill = fillToHeadspace(room.value, plan.headspaceMm, analysis.densityGMl, plan.takenMl);
  if (!fill.ok) return fill;
  const round = roundLike(room.value, fill.value.depthMm);
  const cup: Cup = {
    material: fillingMaterial(analysis),
    depthM: fill.value.depthMm / 1000,
    bottomRadiusM: round.baseRadiusMm / 1000,
    topRadiusM: round.topRadiusMm / 1000,
    startC: plan.fillingStartC,
    layers: layersAround(plan.shell, room.value.shellThicknessMm, plan.vessel.material, plan.roomC),
  };
  const bath = plan.bath && bathSize(plan.bath, plan.vessel);
  if (bath && !bath.ok) return bath;
  return succeed({
    model: buildModel(cup, reactionsOf(judged), resolution),
    judged,
    bath: bath?.value,
  });
}

/** What the vessel meets in the oven, and then on the rack. */
const surroundingsOf = (plan: ForecastPlan, bath: BathSize | undefined) => ({
  oven: inOven(
    plan.oven.kind,
    plan.setC + plan.oven.offsetK,
    plan.vessel.material,
    plan.altitudeM,
    plan.bath && bath ? { plan: plan.bath, size: bath } : undefined,
  ),
  rack: onRack(plan.roomC, plan.vessel.material, plan.altitudeM),
});

/** A plan as the solver takes it: what is heated, what it meets, what sets and curdles in it. */
export interface BakeModel {
  readonly cup: Cup;
  readonly reactions: readonly Reaction[];
  readonly oven: Surroundings;
  readonly rack: Surroundings;
}

/** The very model a forecast of the plan computes; fails as {@link forecast} does. */
export function bakeModelOf(plan: ForecastPlan): Result<BakeModel> {
  const prepared = prepare(plan, 1);
  if (!prepared.ok) return prepared;
  const { model, bath } = prepared.value;
  return succeed({
    cup: model.cup,
    reactions: model.reactions,
    ...surroundingsOf(plan, bath),
  });
}

/** Fields of equal size, rounded to single precision, laid one behind the other. */
function inOneBuffer(fields: readonly Float64Array[]): Float32Array[] {
  const size = fields[0]?.length ?? 0;
  const all = new Float32Array(fields.length * size);
  fields.forEach((field, index) => all.set(field, index * size));
  return fields.map((_, index) => all.subarray(index * size, (index + 1) * size));
}

/** The place of a named probe in the filling. */
const placeOf = (model: Model, name: ProbeName): Place => ({
  ...centreOf(model),
  radiusShare: PROBE_PLACES[name],
});

function describeField(model: Model, plan: ForecastPlan): FieldShape {
  const { mesh, cup } = model;
  return {
    columns: mesh.columns,
    rows: mesh.rows,
    fillColumns: mesh.fillColumns,
    baseRows: mesh.baseRows,
    radiusM: Float32Array.from(mesh.centreRadiusM),
    heightM: Float32Array.from(mesh.rowCentreM),
    fill: {
      bottomRadiusM: cup.bottomRadiusM,
      topRadiusM: cup.topRadiusM,
      depthM: cup.depthM,
    },
    shellThicknessM: plan.shell === 'none' ? 0 : plan.shellThicknessMm / 1000,
  };
}

function adviceFor(verdict: NoWindow, plan: ForecastPlan): string {
  if (verdict.reason === 'does-not-set-in-time') {
    return `Set the oven hotter: after ${LONGEST_BAKE_S / 3600} hours at this setting the middle has not set.`;
  }
  const remedies = ['Lower the oven by 20 °C'];
  if (plan.shell === 'none' && !plan.bath) remedies.push('stand the dish in a water bath');
  if (plan.fillingStartC < 45) remedies.push('pour the filling warm');
  remedies.push('fill shallower');
  const last = remedies.pop();
  return `${remedies.join(', ')} or ${last}: as planned, the rim curdles before the middle has set.`;
}

function cautionsFor(plan: ForecastPlan, best: Pull | undefined): string[] {
  const cautions: string[] = [];
  if (best && best.peakC < 71) {
    cautions.push(
      'The middle stays under 71 °C. For the young, the old, the pregnant or the ill use pasteurised egg, and follow your local code.',
    );
  }
  if (plan.vessel.material === 'glass' || plan.vessel.material === 'ceramic') {
    cautions.push(
      'Glass and china can crack: no cold dish into a hot oven, no hot dish onto a wet bench.',
    );
  }
  if (plan.vessel.kind === 'capacity') {
    cautions.push('Only what the dish holds is known: it is taken for a pot half as high as wide.');
  } else if (!isTrulyRound(insideOf(plan.vessel))) {
    cautions.push(
      'This vessel is not round: it is computed as a round one with as much wall for its area, and drawn so. Trust the wobble before the minute.',
    );
  }
  const boilsC = boilingPointAtAltitudeC(plan.altitudeM);
  if (plan.bath) {
    cautions.push(
      'A bath is computed quicker than cooks find it, by a third or more: begin to look early, and go by the wobble.',
    );
    cautions.push('Pour the water at the oven, with dry mitts; the pan stays until it has cooled.');
    if (plan.vessel.looseBase || plan.vessel.kind === 'springform') {
      cautions.push('A loose base leaks: wrap it in a bag or foil to above the water.');
    }
    if (plan.vessel.material !== 'bright-tin' && plan.vessel.material !== 'dark-tin') {
      cautions.push('Boiling water round a cold dish can crack it: let it lose its chill first.');
    }
  }
  if (boilsC < 96)
    cautions.push(`Water boils at ${boilsC.toFixed(0)} °C at this altitude: the top dries sooner.`);
  return cautions;
}

/**
 * Forecasts a bake: when to pull, what the probe and the wobble will show, and the whole history.
 *
 * Fails, with the path of the field, on a plan that cannot be baked (no room, overheated start, an
 * oven that stays under the setting temperature) or a family that is not judged yet. The history
 * runs in the oven to the pull chosen (or, without a window, to when it sets, or curdles, or the end
 * of the search) and then 40 min on a rack. Models and sources: docs/model.md.
 */
export function forecast(plan: ForecastPlan, options: ForecastOptions = {}): Result<Forecast> {
  const { resolution = 1, onProgress = () => undefined } = options;
  const prepared = prepare(plan, resolution);
  if (!prepared.ok) return prepared;
  const { model, judged, bath } = prepared.value;
  const { oven, rack } = surroundingsOf(plan, bath);

  const start = firstMoment(model);
  const baked = [
    start,
    ...bakeThrough(model, start, oven, LONGEST_BAKE_S, (share) => onProgress(0.4 * share)),
  ];
  onProgress(0.4);
  const coasts = tryPulls(model, baked, rack);
  onProgress(0.8);
  const verdict = windowOf(coasts);

  const pullAt = (timeS: number): Pull => {
    const { probeC, peakC, peakAfterS } = outcomeAt(coasts, timeS);
    const wobble = wobbleOf(model, momentAt(model, baked, oven, timeS));
    return { timeS, probeC, peakC, peakAfterS, wobble };
  };
  const best = verdict.kind === 'window' ? pullAt(verdict.bestS) : undefined;
  const pullS =
    verdict.kind === 'window'
      ? verdict[`${plan.pull ?? 'best'}S`]
      : (verdict.setsAtS ?? verdict.curdlesAtS ?? baked[baked.length - 1]!.timeS);
  const pulled = momentAt(model, baked, oven, pullS);
  const cooling = run(model, pulled, rack, pullS + DRAWN_COOLING_S);
  const history = [...baked.filter((moment) => moment.timeS < pullS - 1), pulled, ...cooling];
  const last = history[history.length - 1]!;

  const readers = Object.keys(PROBE_PLACES).map(
    (name) => [name, readerAt(model, placeOf(model, name as ProbeName))] as const,
  );
  const frameOf = (moment: Moment): Frame => ({
    timeS: moment.timeS,
    inOven: moment.timeS <= pullS,
    probeC: Object.fromEntries(
      readers.map(([name, read]) => [name, read(moment.temperatureC)]),
    ) as Record<ProbeName, number>,
    wobble: wobbleOf(model, moment),
    rings: ringsOf(model, moment),
    ...(moment.timeS <= pullS && moment.water ? { waterC: moment.water.celsius } : {}),
  });
  onProgress(1);
  const inWater = history.filter((moment) => moment.water && moment.timeS <= pullS);
  const simmersC = boilingPointAtAltitudeC(plan.altitudeM) - SIMMERS_WITHIN_K;
  const bathForecast: BathForecast | undefined =
    bath && pulled.water
      ? {
          waterMl: bath.waterMl,
          atPullC: pulled.water.celsius,
          hottestC: Math.max(...inWater.map((moment) => moment.water!.celsius)),
          simmersAtS: inWater.find((moment) => moment.water!.celsius >= simmersC)?.timeS,
          leftMl: pulled.water.massKg * 1000,
        }
      : undefined;
  return succeed({
    verdict:
      verdict.kind === 'window'
        ? {
            kind: 'window',
            earliest: pullAt(verdict.earliestS),
            best: best!,
            latest: pullAt(verdict.latestS),
            latestIsLimit: verdict.latestIsLimit,
          }
        : { ...verdict, advice: adviceFor(verdict, plan) },
    pullS,
    setC: judged.setC,
    curdleC: judged.curdleC,
    frames: history.map(frameOf),
    field: describeField(model, plan),
    temperatureC: inOneBuffer(history.map((moment) => moment.temperatureC)),
    waterLostG: last.energy.evaporatedKg * 1000,
    ...(bathForecast ? { bath: bathForecast } : {}),
    energyResidual:
      (last.energy.receivedJ - last.energy.storedJ) / Math.max(1, Math.abs(last.energy.receivedJ)),
    cautions: cautionsFor(plan, best),
  });
}
