import { fail, succeed, type Result } from '../result';
import {
  depthOfMm,
  insideOf,
  slantMm,
  volumeMl,
  wallAreaMm2,
  type Frustum,
  type Vessel,
} from '../vessel';

/** Density of raw tart dough, g/cm³. Source: from memory. */
export const DOUGH_DENSITY_G_CM3 = 1.2;

/** How far the disc is rolled past rim and wall for trimming, mm over the whole diameter. Common practice. */
export const TRIM_ALLOWANCE_MM = 20;

/** Thickness of a rolled lining, mm. Common practice: 3, from 2.5 to 4.5; past 8 nobody lines a tin. */
export const SHELL_THICKNESS_MM = { usual: 3, least: 1, most: 8 } as const;

/** The room a shell leaves for filling. */
export interface Room extends Frustum {
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
    return fail(
      'shell-thickness',
      `Roll the shell between ${least} and ${most} mm thick.`,
      'shellThicknessMm',
    );
  }
  const inwardMm = (shellThicknessMm * slantMm(inside)) / inside.heightMm;
  const slope = (inside.topRadiusMm - inside.baseRadiusMm) / inside.heightMm;
  const room: Room = {
    baseRadiusMm: inside.baseRadiusMm + slope * shellThicknessMm - inwardMm,
    topRadiusMm: inside.topRadiusMm - inwardMm,
    heightMm: inside.heightMm - shellThicknessMm,
    shellThicknessMm,
  };
  if (room.heightMm <= 2 || room.baseRadiusMm <= 5) {
    return fail(
      'no-room',
      `${vessel.name} is too small for a shell ${shellThicknessMm} mm thick: nothing is left to fill. Roll thinner or take a deeper tin.`,
      'shellThicknessMm',
    );
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

/** Filling that leaves `headspaceMm` to the brim, per vessel. `densityGMl` of the filling. */
export function fillToHeadspace(room: Room, headspaceMm: number, densityGMl: number): Result<Fill> {
  if (!(headspaceMm >= 0)) {
    return fail('headspace-negative', 'The gap to the rim cannot be negative.', 'headspaceMm');
  }
  const depthMm = room.heightMm - headspaceMm;
  if (depthMm < 3) {
    return fail(
      'headspace-too-large',
      `A gap of ${headspaceMm} mm leaves no filling in a room ${room.heightMm.toFixed(0)} mm deep.`,
      'headspaceMm',
    );
  }
  const volume = volumeMl(room, depthMm);
  return succeed({ depthMm, headspaceMm, volumeMl: volume, massG: volume * densityGMl });
}

/** The level that `massG` of filling reaches in one vessel; fails when it overflows. */
export function fillWithMass(room: Room, massG: number, densityGMl: number): Result<Fill> {
  const volume = massG / densityGMl;
  const depthMm = depthOfMm(room, volume);
  if (depthMm === undefined) {
    const tooMuchG = massG - volumeMl(room) * densityGMl;
    return fail(
      'overflow',
      `It overflows by ${Math.ceil(tooMuchG)} g a vessel. Scale to the tin, or take more or larger ones.`,
      'count',
    );
  }
  return succeed({ depthMm, headspaceMm: room.heightMm - depthMm, volumeMl: volume, massG });
}

/** The dough for one vessel. */
export interface DoughDisc {
  readonly diameterMm: number;
  readonly thicknessMm: number;
  /** The whole disc as rolled. */
  readonly massG: number;
  /** What lines the tin once trimmed. */
  readonly liningG: number;
}

/** Mass in g of a dough disc. Source: area × thickness × {@link DOUGH_DENSITY_G_CM3}. */
export const discMassG = (diameterMm: number, thicknessMm: number): number =>
  ((Math.PI / 4) * diameterMm * diameterMm * thicknessMm * DOUGH_DENSITY_G_CM3) / 1000;

/**
 * The disc to roll for a vessel: base + 2 × wall (along its slope) + 2 × lip + trimming allowance.
 * `thicknessMm` over 0. Source: common practice.
 */
export function doughDisc(vessel: Vessel, thicknessMm: number): DoughDisc {
  const inside = insideOf(vessel);
  const diameterMm =
    vessel.baseDiameterMm + 2 * slantMm(inside) + 2 * vessel.lipMm + TRIM_ALLOWANCE_MM;
  const liningMm2 =
    Math.PI * inside.baseRadiusMm ** 2 +
    wallAreaMm2(inside) +
    Math.PI * ((inside.topRadiusMm + vessel.lipMm) ** 2 - inside.topRadiusMm ** 2);
  return {
    diameterMm,
    thicknessMm,
    massG: discMassG(diameterMm, thicknessMm),
    liningG: (liningMm2 * thicknessMm * DOUGH_DENSITY_G_CM3) / 1000,
  };
}
