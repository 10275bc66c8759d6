import { reactionsOf } from '../doneness';
import { analyse, cannotTell, type Analysis } from '../formula';
import { findAmong } from '../ingredients/catalogue';
import { standardPressurePa } from '../properties';
import { fail, finding, succeed, type Result } from '../result';
import { bakesOf, judgePart, whyItStaysLiquid, type Bakes } from '../setting';
import { levelIn, roomInside, type Level, type Room } from '../shell';
import {
  aroundAt,
  buildModel,
  capacityOfModelJK,
  outsideM2,
  type Course,
  type Cup,
  type Model,
} from '../thermal';
import { checkVessel, depthOfMm, roundLike } from '../vessel';
import type { Colouring } from './colouring';
import {
  bathSize,
  type BathSize,
  inOven,
  courseOut,
  type WayOut,
  ovenStretches,
  type OvenProgramme,
  type OvenStretch,
  type OvenStep,
  type Sign,
} from '../oven';
import { dryingOf } from './topDrying';
import { type Drying, fillingMaterial, layersAround } from '../materials';
import { layersInCup, levelOverMm, type LayerInCup } from './layers';
import { underMlOf } from './level';
import { checkConditions, hottestSetC, type ForecastPlan } from './plan';
import { rimFollower, type RimFollower } from './rim';
import { filledTo, POURING_S } from './topUp';

/** Longest bake looked at, s. */
export const LONGEST_BAKE_S = 2 * 3600;

/** A plan made ready: what is heated, what sets in it, and what it stands in over time. */
export interface Prepared {
  readonly model: Model;
  /** Where the filling is poured in two goes: what is in the oven until the rest follows. */
  readonly firstPour: { readonly model: Model; readonly untilS: number } | undefined;
  /** What lies under and over the filling; the first of the cup's layers, in this order. */
  readonly laid: readonly LayerInCup[];
  /** Which of the cup's layers is the shell; none without one. */
  readonly shellLayer: number | undefined;
  /** Follows the shell's rim from the start of a bake that is pulled at `outS`; none without a shell. */
  readonly followRim: ((outS?: number) => RimFollower) | undefined;
  /** What is done to the oven, by the minute; a sign with the minute it is foreseen at. */
  readonly steps: readonly OvenStep[];
  /** A sign that is waited for and does not come. */
  readonly neverShows?: Sign;
  readonly analysis: Analysis;
  readonly level: Level;
  readonly bakes: Bakes;
  /** How its open top takes colour. */
  readonly colouring: Colouring;
  readonly bath: BathSize | undefined;
  /** From when it goes in, s. */
  readonly oven: Course;
  /** From a pull at the given time, on the clock that starts with the pull. */
  readonly out: (pulledAtS: number) => Course;
}

/**
 * Turns a plan whose steps are by the minute into a model to compute, or says what stands in the way, at its
 * field.
 */
export function prepareTimed(plan: ForecastPlan, resolution = 1, setShiftK = 0): Result<Prepared> {
  const conditions = checkConditions(plan);
  if (!conditions.ok) return conditions;
  const vesselProblem = checkVessel(plan.vessel)[0];
  if (vesselProblem) return { ok: false, problem: { ...vesselProblem, path: 'vessel' } };
  const analysis = analyse(plan.lines, plan.eggGrade, findAmong(plan.own ?? []), plan.family);
  const known = checkLines(analysis);
  if (!known.ok) return known;
  const judged = bakesFor(plan, analysis, setShiftK);
  if (!judged.ok) return judged;
  const bakes = judged.value;
  const filled = filledIn(plan, analysis);
  if (!filled.ok) return filled;
  const { room, level } = filled.value;
  const bath = plan.bath && bathSize(plan.bath, plan.vessel);
  if (bath && !bath.ok) return bath;
  const { cup, laid, shelled } = cupOf(plan, analysis, bakes, filled.value);
  const reactions = reactionsOf(bakes);
  const model = buildModel(cup, reactions, resolution);
  const { topUp } = plan;
  const drying = driesMore(dryingOf(analysis, laid), plan.dryingShare);
  const courses = coursesOf(plan, model, bath?.value, drying);
  const shellM = shelled ? room.shellThicknessMm / 1000 : undefined;
  return succeed({
    model,
    firstPour: topUp && {
      model: buildModel(
        filledTo(cup, firstPourMm(filled.value, topUp.share, analysis) / 1000),
        reactions,
        resolution,
      ),
      untilS: topUp.atMin * 60,
    },
    laid,
    shellLayer: shelled ? laid.length : undefined,
    steps: plan.programme?.steps ?? [],
    analysis,
    level,
    bakes,
    colouring: { browns: bakes.browns, drying },
    bath: bath?.value,
    followRim:
      shellM === undefined ? undefined : (outS) => rimFollower(plan, shellM, courses.oven, outS),
    ...courses,
  });
}

/** A surface from which so much more water leaves, as a share. */
const driesMore = (drying: Drying, byShare = 0): Drying =>
  byShare === 0 ? drying : { ...drying, share: (drying.share ?? 1) * Math.max(0, 1 + byShare) };

/** Whether all that a forecast rests on is known: each ingredient, and how much of it. */
function checkLines(analysis: Analysis): Result<true> {
  const problem = analysis.problems.find(({ code }) => code !== 'formula.empty');
  if (problem) return { ok: false, problem };
  const untold = cannotTell(analysis);
  return untold ? { ok: false, problem: { ...untold, path: 'lines' } } : succeed(true);
}

/** How the filling bakes, where an oven can set it; what it sets at moved by so many K. */
function bakesFor(plan: ForecastPlan, analysis: Analysis, setShiftK: number): Result<Bakes> {
  const judged = judgePart(analysis, plan.family, plan.shell);
  if (judged.kind === 'not-judged')
    return { ok: false, problem: { ...judged.reason, path: 'family' } };
  const liquid = whyItStaysLiquid(judged);
  if (liquid) return { ok: false, problem: { ...liquid, path: 'lines' } };
  const found = bakesOf(judged, plan.family, plan.shell);
  if (!found) {
    return fail('forecast.not-by-oven', 'family', { kind: finding(`part.${plan.family}`) });
  }
  const { curdleC } = found;
  const setC = found.setC + setShiftK;
  const reachesC = hottestSetC(plan) + plan.oven.offsetK;
  if (reachesC <= setC + 2) {
    return fail('forecast.oven-too-cool', 'setC', {
      reaches: { celsius: reachesC },
      sets: { celsius: setC },
    });
  }
  return succeed({
    ...found,
    setC,
    curdleC: curdleC === undefined ? undefined : curdleC + setShiftK,
  });
}

/** Less filling than this is a glaze, and not forecast, mm. */
const LEAST_FILLING_MM = 3;

/** A vessel as it is filled: what lies under the filling, and from where to where the filling stands. */
interface Filled {
  readonly room: Room;
  readonly level: Level;
  readonly underMl: number;
  /** Over the bottom of the room inside, mm. */
  readonly fromMm: number;
}

function filledIn(plan: ForecastPlan, analysis: Analysis): Result<Filled> {
  const room = roomInside(plan.vessel, plan.shell === 'none' ? 0 : plan.shellThicknessMm);
  if (!room.ok) return room;
  const underMl = underMlOf(plan);
  const { headspaceMm, fillingG } = plan;
  const { densityGMl } = analysis.whole;
  const level = levelIn(room.value, { headspaceMm, fillingG, densityGMl, underMl });
  if (!level.ok) return level;
  const fromMm = levelOverMm(room.value, underMl);
  const depthMm = level.value.depthMm - fromMm;
  if (depthMm < LEAST_FILLING_MM) {
    return fail(
      underMl > 0 ? 'forecast.too-thin-over' : 'forecast.too-thin',
      fillingG === undefined ? 'headspaceMm' : 'lines',
      { depth: { millimetres: depthMm } },
    );
  }
  return succeed({ room: room.value, level: level.value, underMl, fromMm });
}

/** How deep the filling stands where only a share of it has been poured, mm. */
function firstPourMm(
  { room, level, underMl, fromMm }: Filled,
  share: number,
  { whole }: Analysis,
): number {
  const ml = underMl + (share * level.massG) / whole.densityGMl;
  return (depthOfMm(room, ml) ?? level.depthMm) - fromMm;
}

/** The round cup that is computed: the filling, what is laid under and over it, shell and vessel. */
function cupOf(
  plan: ForecastPlan,
  analysis: Analysis,
  bakes: Bakes,
  { room, level: { depthMm }, fromMm }: Filled,
): { readonly cup: Cup; readonly laid: readonly LayerInCup[]; readonly shelled: boolean } {
  const airPressurePa = standardPressurePa(plan.altitudeM);
  const round = roundLike(room, depthMm, fromMm);
  const laid = layersInCup(plan.laid ?? [], room, depthMm, plan.roomC, {
    grade: plan.eggGrade,
    find: findAmong(plan.own ?? []),
    shell: plan.shell,
    airPressurePa,
  });
  const around = layersAround(
    plan.shell,
    room.shellThicknessMm,
    plan.vessel.material,
    plan.roomC,
    plan.rawShell ? { airPressurePa } : undefined,
  );
  const cup: Cup = {
    material: fillingMaterial(analysis, bakes.thick, airPressurePa),
    depthM: round.heightMm / 1000,
    bottomRadiusM: round.baseRadiusMm / 1000,
    topRadiusM: round.topRadiusMm / 1000,
    startC: plan.fillingStartC,
    layers: [...laid.map(({ layer }) => layer), ...around],
  };
  return { cup, laid, shelled: around.length > 1 };
}

/** The door opened for the rest of the filling among the others. */
function withPouring({ programme = {}, topUp }: ForecastPlan): OvenProgramme {
  if (!topUp) return programme;
  const pouring = { atMin: topUp.atMin, forS: POURING_S };
  return { ...programme, doors: [...(programme.doors ?? []), pouring] };
}

/** Stretches of an oven, each with or without a foil over the top: the one in which it is laid is cut in two there. */
function covered(
  stretches: readonly OvenStretch[],
  foilAtMin: number | undefined,
): (OvenStretch & { readonly foil: boolean })[] {
  const laidS = foilAtMin === undefined ? Infinity : foilAtMin * 60;
  return stretches.flatMap((stretch, index) => {
    const fromS = index === 0 ? 0 : stretches[index - 1]!.untilS;
    if (laidS <= fromS) return [{ ...stretch, foil: true }];
    if (laidS >= stretch.untilS) return [{ ...stretch, foil: false }];
    return [
      { ...stretch, untilS: laidS, foil: false },
      { ...stretch, foil: true },
    ];
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
  const courseIn = (setC: number, programme: OvenProgramme, untilS: number, ajar = false): Course =>
    covered(
      ovenStretches(plan.oven.kind, setC, plan.oven.offsetK, roomC, programme, load, untilS),
      foil ? 0 : programme.foilAtMin,
    ).map(({ untilS, airC, wallsC, foil }) => ({
      untilS,
      around: inOven(plan.oven.kind, { airC, wallsC }, vessel.material, altitudeM, {
        ...(plan.bath && bath ? { bath: { plan: plan.bath, size: bath } } : {}),
        ...(standing ? { standing } : {}),
        foil,
        drying,
        load,
        roomC,
        ajar,
        transfer: 1 + (plan.oven.transferShare ?? 0),
      }),
    }));
  const oven = courseIn(plan.setC, withPouring(plan), LONGEST_BAKE_S);
  const laidMin = plan.programme?.foilAtMin ?? Infinity;
  const foilFrom = (atS: number) => (laidMin * 60 <= atS ? { foilAtMin: 0 } : {});
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
        { entersAtC: standsAtC, steps: [{ atMin: 0, to: door }], ...foilFrom(pulledAtS) },
        COOLING_OVEN_S,
        door === 'off-ajar',
      );
    },
  });
  const steps = plan.out ?? [{ atMin: 0, place: 'rack' as const }];
  return { oven, out: (pulledAtS) => courseOut(steps, wayFrom(pulledAtS)) };
}

/** How long an oven that is switched off is followed, s. */
const COOLING_OVEN_S = 6 * 3600;
