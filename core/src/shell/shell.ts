import { fail, succeed, type Result } from '../result';
import { depthOfMm, insideOf, slantMm, volumeMl, type Inside, type Vessel } from '../vessel';
import { SHELL_THICKNESS_MM } from './disc';

/** The room a shell leaves for filling. */
export interface Room extends Inside {
  readonly shellThicknessMm: number;
}

/**
 * The inside of a vessel lined with a shell of even thickness (0 for none). The base rises by the
 * thickness, the wall comes in by it, measured square to the wall. Fails when nothing is left
 * ("a tin shallower than its shell") or the thickness is not one that is rolled.
 */
export function roomInside(vessel: Vessel, shellThicknessMm: number): Result<Room> {
  const inside = insideOf(vessel);
  if (shellThicknessMm === 0) return succeed({ ...inside, shellThicknessMm });
  const { least, most } = SHELL_THICKNESS_MM;
  if (!(shellThicknessMm >= least && shellThicknessMm <= most)) {
    return fail('shell.thickness', 'shellThicknessMm', {
      least: { millimetres: least },
      most: { millimetres: most },
    });
  }
  // Both sides come in, square to the wall; the base has risen along it.
  const inwardMm = (2 * shellThicknessMm * slantMm(inside)) / inside.heightMm;
  const risenMm = ((inside.topLengthMm - inside.baseLengthMm) / inside.heightMm) * shellThicknessMm;
  const room: Room = {
    ...inside,
    baseLengthMm: inside.baseLengthMm + risenMm - inwardMm,
    baseBreadthMm: inside.baseBreadthMm + risenMm - inwardMm,
    topLengthMm: inside.topLengthMm - inwardMm,
    topBreadthMm: inside.topBreadthMm - inwardMm,
    tubeMm: inside.tubeMm > 0 ? inside.tubeMm + inwardMm : 0,
    heightMm: inside.heightMm - shellThicknessMm,
    shellThicknessMm,
  };
  if (room.heightMm <= 2 || Math.min(room.baseLengthMm, room.baseBreadthMm) - room.tubeMm <= 10) {
    return fail('shell.no-room', 'shellThicknessMm', {
      vessel: vessel.name,
      thickness: { millimetres: shellThicknessMm },
    });
  }
  return succeed(room);
}

/** A vessel's filling at a given level. */
export interface Fill {
  readonly depthMm: number;
  readonly headspaceMm: number;
  readonly volumeMl: number;
  readonly massG: number;
}

/**
 * Filling that leaves `headspaceMm` to the brim, per vessel. `densityGMl` of the filling; `takenMl` is
 * what already lies in the vessel: a coat of caramel, fruit, nuts.
 */
export function fillToHeadspace(
  room: Room,
  headspaceMm: number,
  densityGMl: number,
  takenMl = 0,
): Result<Fill> {
  if (!(headspaceMm >= 0)) {
    return fail('shell.negative-gap', 'headspaceMm');
  }
  const depthMm = room.heightMm - headspaceMm;
  if (depthMm < 3) {
    return fail('shell.gap-too-large', 'headspaceMm', {
      gap: { millimetres: headspaceMm },
      room: { millimetres: Math.round(room.heightMm) },
    });
  }
  const volume = volumeMl(room, depthMm) - takenMl;
  if (volume <= 0) {
    return fail('shell.nothing-left', 'headspaceMm');
  }
  return succeed({ depthMm, headspaceMm, volumeMl: volume, massG: volume * densityGMl });
}

/** The level that `massG` of filling reaches in one vessel over `takenMl`; fails when it overflows. */
export function fillWithMass(
  room: Room,
  massG: number,
  densityGMl: number,
  takenMl = 0,
): Result<Fill> {
  const volume = massG / densityGMl;
  const depthMm = depthOfMm(room, volume + takenMl);
  if (depthMm === undefined) {
    const tooMuchG = massG - (volumeMl(room) - takenMl) * densityGMl;
    return fail('shell.overflow', 'count', { by: { grams: Math.ceil(tooMuchG) } });
  }
  return succeed({ depthMm, headspaceMm: room.heightMm - depthMm, volumeMl: volume, massG });
}
