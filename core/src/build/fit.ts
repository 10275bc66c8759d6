import { succeed, type Result } from '../result';
import { fillToHeadspace, fillWithMass, roomInside, type Fill } from '../shell';
import type { Vessel } from '../vessel';
import type { Build } from './build';
import type { BuildFormula } from './part';

/** How a build's filling sits in its vessels. */
export interface Fit {
  /** As wanted, to the headspace, in one vessel. */
  readonly wanted: Fill;
  /** As mixed, shared out evenly; or by how much it overflows. */
  readonly asMixed: Result<Fill>;
  /** Filling to mix for all the vessels, what stays in the bowl included, g. */
  readonly toMixG: number;
}

/** How the filling fits: over what lies under it, to the headspace, with what is lost on the way. */
export function fitOf(formula: BuildFormula, build: Build, vessel: Vessel): Result<Fit> {
  const room = roomInside(vessel, formula.shell === 'none' ? 0 : formula.shellThicknessMm);
  if (!room.ok) return room;
  const { filling, takenMl } = build;
  const wanted = fillToHeadspace(room.value, formula.headspaceMm, filling.densityGMl, takenMl);
  if (!wanted.ok) return wanted;
  const kept = 1 - formula.lossShare;
  const mixedG = (filling.mixtureG * kept) / formula.vesselCount;
  return succeed({
    wanted: wanted.value,
    asMixed: fillWithMass(room.value, mixedG, filling.densityGMl, takenMl),
    toMixG: (wanted.value.massG * formula.vesselCount) / kept,
  });
}
