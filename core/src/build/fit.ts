import { foodProperties } from '../properties';
import { succeed, type Result } from '../result';
import { levelIn, roomInside, type Level } from '../shell';
import type { Vessel } from '../vessel';
import type { Build } from './build';
import type { BuildFormula } from './part';

/** How a build's filling sits in its vessels. */
export interface Fit {
  /** In one vessel as mixed, what stays in the bowl left out, shared out evenly; empty where nothing is mixed. */
  readonly level: Level;
  /** In one vessel as wanted, to the headspace. */
  readonly wanted: Level;
  /** Filling to mix for all the vessels, what stays in the bowl included, g. */
  readonly toMixG: number;
  /** What the vessels want of the one line whose amount is unknown, g; where there is just one such, and room for it. */
  readonly unknownWantsG: number | undefined;
}

/** The room that one unknown amount would have to fill, in its own grams: what is known takes its volume off it. */
function unknownWantsG({ filling }: Build, toMixG: number): number | undefined {
  const [line, ...more] = filling.unknown;
  const { densityGMl, volumeMl } = filling.whole;
  const leftMl = toMixG / densityGMl - volumeMl;
  if (!line?.ingredient || more.length > 0 || leftMl <= 0) return undefined;
  return (leftMl * foodProperties(line.ingredient.composition).densityKgM3) / 1000;
}

/** How the filling fits: over what lies under it, to the headspace, with what is lost on the way. */
export function fitOf(formula: BuildFormula, build: Build, vessel: Vessel): Result<Fit> {
  const room = roomInside(vessel, formula.shell === 'none' ? 0 : formula.shellThicknessMm);
  if (!room.ok) return room;
  const { filling, takenMl } = build;
  const kept = 1 - formula.lossShare;
  const of = {
    headspaceMm: formula.headspaceMm,
    densityGMl: filling.whole.densityGMl,
    underMl: takenMl,
  };
  const wanted = levelIn(room.value, of);
  if (!wanted.ok) return wanted;
  const fillingG = (filling.whole.grams * kept) / formula.vesselCount;
  const level = levelIn(room.value, { ...of, fillingG });
  if (!level.ok) return level;
  const toMixG = (wanted.value.massG * formula.vesselCount) / kept;
  return succeed({
    level: level.value,
    wanted: wanted.value,
    toMixG,
    unknownWantsG: unknownWantsG(build, toMixG),
  });
}
