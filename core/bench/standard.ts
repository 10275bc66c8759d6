/**
 * Two standard problems and how far off a mesh is in them: a 24 cm tart in its shell and tin, 25 mm deep, and a pot in a
 * bath with a balance of its own; an hour in the oven and forty minutes of cooling after it.
 */
import { reactionsOf } from '../src/doneness';
import { bakeModelOf, inOven, onRack, WATERY, type ForecastPlan } from '../src';
import { fillingMaterial, layersAround } from '../src/materials';
import { analyse } from '../src/formula';
import { judgePart } from '../src/setting';
import { POT, TART } from '../src/testing/bakes';
import {
  buildModel,
  firstMoment,
  later,
  runCourse,
  steady,
  thermometerAt,
  type Course,
  type Cup,
  type Place,
  type Reaction,
  type RunOptions,
} from '../src/thermal';

export const BAKE_S = 3600;
export const COOL_S = 2400;

/** A cup, what happens in it, and where it stands. */
export interface Problem {
  readonly cup: Cup;
  readonly reactions: readonly Reaction[];
  readonly oven: Course;
  /** The way out of a pull, on the clock that starts with it. */
  readonly out: (pulledAtS: number) => Course;
}

/** The filling of the tart and of the dish that the package solves. */
export const filling = analyse(TART.lines, TART.eggGrade);

function tart(): Problem {
  const judged = judgePart(filling, TART.family, TART.shell);
  if (judged.kind !== 'judged') throw new Error(judged.kind);
  const rack = onRack({
    roomC: TART.roomC,
    vessel: 'bright-tin',
    altitudeM: 0,
    drying: WATERY,
  });
  return {
    cup: {
      material: fillingMaterial(filling),
      depthM: 0.025,
      bottomRadiusM: 0.117,
      topRadiusM: 0.117,
      startC: TART.fillingStartC,
      layers: layersAround('sweet-dough', TART.shellThicknessMm, 'bright-tin', TART.roomC),
    },
    reactions: reactionsOf(judged),
    oven: steady(inOven('still', { airC: TART.setC, wallsC: TART.setC }, 'bright-tin', 0)),
    out: () => steady(rack),
  };
}

function pot(): Problem {
  const plan: ForecastPlan = {
    ...POT,
    bath: { panLengthMm: 380, panBreadthMm: 280, levelMm: 22, waterC: 90, vessels: 6 },
  };
  const model = bakeModelOf(plan);
  if (!model.ok) throw new Error(model.problem.code);
  return model.value;
}

export const PROBLEMS = { tart: tart(), 'pot in a bath': pot() } as const;

/** Carries a problem through; the moments after each step. */
export function solve(
  { cup, reactions, oven, out }: Problem,
  resolution: number,
  options: RunOptions = {},
  coolS = COOL_S,
) {
  const model = buildModel(cup, reactions, resolution);
  const baked = runCourse(model, firstMoment(model), oven, BAKE_S, options);
  const pulled = baked.at(-1)!;
  const cooled =
    coolS === 0
      ? []
      : runCourse(model, pulled, later(out(BAKE_S), BAKE_S), BAKE_S + coolS, options);
  return { model, moments: [...baked, ...cooled] };
}

/** Where a problem is read: at mid-depth on the axis, half-way out and 5 mm from the wall, and in the surface. */
function placesIn({ bottomRadiusM, topRadiusM, depthM }: Cup): Readonly<Record<string, Place>> {
  const heightM = depthM / 2;
  const middleRadiusM = (bottomRadiusM + topRadiusM) / 2;
  return {
    axis: { radiusShare: 0, heightM },
    'half-way': { radiusShare: 0.5, heightM },
    '5 mm in': { radiusShare: 1 - 0.005 / middleRadiusM, heightM },
    surface: { radiusShare: 0, heightM: depthM },
  };
}

const readAll = (problem: Problem, resolution: number, options: RunOptions) => {
  const { model, moments } = solve(problem, resolution, options);
  const readers = Object.values(placesIn(problem.cup)).map((place) => thermometerAt(model, place));
  return moments.map((moment) => ({
    timeS: moment.timeS,
    celsius: readers.map((read) => read(moment)),
  }));
};

/** The answer that others are held against: four times the cells in each direction, steps of ten seconds at most. */
const CONVERGED: RunOptions = { toleranceK: 0.02, longestStepS: 10 };

/** Nothing is read before this much of the oven, and of the room: a thermometer shows nothing else either, s. */
const SETTLES_S = { oven: 300, room: 60 } as const;

/** How far a mesh is off from the converged answer, at each of its steps, °C at most by place. */
export function offBy(problem: Problem): (resolution: number) => Readonly<Record<string, number>> {
  const fine = readAll(problem, 4, CONVERGED);
  const names = Object.keys(placesIn(problem.cup));
  return (resolution) => {
    const off = names.map(() => 0);
    for (const { timeS, celsius } of readAll(problem, resolution, {})) {
      const settled = timeS <= BAKE_S ? timeS >= SETTLES_S.oven : timeS >= BAKE_S + SETTLES_S.room;
      if (!settled) continue;
      const after = fine.findIndex((each) => each.timeS >= timeS);
      const [low, high] = [fine[after - 1]!, fine[after]!];
      const share = (timeS - low.timeS) / (high.timeS - low.timeS);
      celsius.forEach((here, place) => {
        const there = low.celsius[place]! + share * (high.celsius[place]! - low.celsius[place]!);
        off[place] = Math.max(off[place]!, Math.abs(here - there));
      });
    }
    return Object.fromEntries(names.map((name, place) => [name, off[place]!]));
  };
}
