import { reactionsOf } from '../doneness';
import { analyse, PART_NAMES, type Analysis } from '../formula';
import { findAmong } from '../ingredients';
import { waterActivity } from '../properties';
import { fail, succeed, type Result } from '../result';
import { bakesOf, judgePart, type Bakes } from '../setting';
import { fillToHeadspace, roomInside } from '../shell';
import {
  aroundAt,
  buildModel,
  capacityOfModelJK,
  outsideM2,
  type Course,
  type Cup,
  type Model,
  type Reaction,
} from '../thermal';
import { checkVessel, roundLike } from '../vessel';
import { bathSize, type BathSize } from './bath';
import { fillingMaterial, layersAround } from './materials';
import { inOven, type Drying } from './oven';
import { courseOut, type WayOut } from './places';
import { checkConditions, hottestSetC, type ForecastPlan } from './plan';
import { ovenStretches, type OvenProgramme } from './programme';

/** Longest bake looked at, s. */
export const LONGEST_BAKE_S = 2 * 3600;

/** A plan made ready: what is heated, what sets in it, and what it stands in over time. */
export interface Prepared {
  readonly model: Model;
  readonly analysis: Analysis;
  readonly bakes: Bakes;
  readonly bath: BathSize | undefined;
  /** From when it goes in, s. */
  readonly oven: Course;
  /** From a pull at the given time, on the clock that starts with the pull. */
  readonly out: (pulledAtS: number) => Course;
}

/** Turns a plan into a model to compute, or says what stands in the way, at its field. */
export function prepare(plan: ForecastPlan, resolution = 1, setShiftK = 0): Result<Prepared> {
  const conditions = checkConditions(plan);
  if (!conditions.ok) return conditions;
  const vesselProblem = checkVessel(plan.vessel)[0];
  if (vesselProblem) return { ok: false, problem: { ...vesselProblem, path: 'vessel' } };
  const analysis = analyse(plan.lines, plan.eggGrade, findAmong(plan.own ?? []));
  const judged = judgePart(analysis, plan.family, plan.shell);
  if (judged.kind === 'not-judged') return fail('not-judged', judged.reason, 'family');
  const found = bakesOf(judged, plan.family);
  if (!found) {
    return fail(
      'not-forecast',
      `The oven does not set a ${PART_NAMES[plan.family].toLowerCase()} as it stands: go by its end sign.`,
      'family',
    );
  }
  const { curdleC } = found;
  const bakes: Bakes = {
    ...found,
    setC: found.setC + setShiftK,
    curdleC: curdleC === undefined ? undefined : curdleC + setShiftK,
  };
  const reachesC = hottestSetC(plan) + plan.oven.offsetK;
  if (reachesC <= bakes.setC + 2) {
    return fail(
      'oven-too-cool',
      `This oven would reach ${Math.round(reachesC)} °C and the filling sets at ${Math.round(bakes.setC)} °C. Set it hotter.`,
      'setC',
    );
  }
  const room = roomInside(plan.vessel, plan.shell === 'none' ? 0 : plan.shellThicknessMm);
  if (!room.ok) return room;
  const fill = fillToHeadspace(room.value, plan.headspaceMm, analysis.densityGMl, plan.takenMl);
  if (!fill.ok) return fill;
  const round = roundLike(room.value, fill.value.depthMm);
  const cup: Cup = {
    material: fillingMaterial(analysis, bakes.thick),
    depthM: fill.value.depthMm / 1000,
    bottomRadiusM: round.baseRadiusMm / 1000,
    topRadiusM: round.topRadiusMm / 1000,
    startC: plan.fillingStartC,
    layers: layersAround(
      plan.shell,
      room.value.shellThicknessMm,
      plan.vessel.material,
      plan.roomC,
      plan.rawShell,
    ),
  };
  const bath = plan.bath && bathSize(plan.bath, plan.vessel);
  if (bath && !bath.ok) return bath;
  const model = buildModel(cup, reactionsOf(bakes), resolution);
  return succeed({
    model,
    analysis,
    bakes,
    bath: bath?.value,
    ...coursesOf(plan, model, bath?.value, {
      activity: waterActivity(analysis.composition),
      skinKgM2: bakes.skinKgM2,
    }),
  });
}

/** What the vessel stands in over the bake, and after a pull. */
function coursesOf(
  plan: ForecastPlan,
  model: Model,
  bath: BathSize | undefined,
  drying: Drying,
): Pick<Prepared, 'oven' | 'out'> {
  const { vessel, altitudeM, roomC, standing, foil } = plan;
  const load = {
    vessels: plan.inOven ?? 1,
    areaM2: outsideM2(model),
    heatJK: capacityOfModelJK(model, plan.fillingStartC),
    startC: plan.fillingStartC,
  };
  const courseIn = (setC: number, programme: OvenProgramme, untilS: number): Course =>
    ovenStretches(plan.oven.kind, setC, plan.oven.offsetK, roomC, programme, load, untilS).map(
      ({ untilS, airC, wallsC }) => ({
        untilS,
        around: inOven(plan.oven.kind, { airC, wallsC }, vessel.material, altitudeM, {
          ...(plan.bath && bath ? { bath: { plan: plan.bath, size: bath } } : {}),
          ...(standing ? { standing } : {}),
          ...(foil ? { foil } : {}),
          drying,
        }),
      }),
    );
  const oven = courseIn(plan.setC, plan.programme ?? {}, LONGEST_BAKE_S);
  const wayFrom = (pulledAtS: number): WayOut => ({
    roomC,
    altitudeM,
    vessel: vessel.material,
    drying,
    bath: aroundAt(oven, pulledAtS).bath,
    iceLevelM: 0.7 * model.cup.depthM,
    coolingOven: (door) => {
      const standsAtC = aroundAt(oven, pulledAtS).top.radiantC;
      return courseIn(
        standsAtC,
        { entersAtC: standsAtC, steps: [{ atMin: 0, to: door }] },
        COOLING_OVEN_S,
      );
    },
  });
  const steps = plan.out ?? [{ atMin: 0, place: 'rack' as const }];
  return { oven, out: (pulledAtS) => courseOut(steps, wayFrom(pulledAtS)) };
}

/** How long an oven that is switched off is followed, s. */
const COOLING_OVEN_S = 6 * 3600;

/** A plan as the solver takes it: what is heated, what it meets, what sets and curdles in it. */
export interface BakeModel {
  readonly cup: Cup;
  readonly reactions: readonly Reaction[];
  readonly oven: Course;
  readonly out: (pulledAtS: number) => Course;
}

/** The very model a forecast of the plan computes; fails as `forecast` does. */
export function bakeModelOf(plan: ForecastPlan): Result<BakeModel> {
  const prepared = prepare(plan);
  if (!prepared.ok) return prepared;
  const { model, oven, out } = prepared.value;
  return succeed({ cup: model.cup, reactions: model.reactions, oven, out });
}
