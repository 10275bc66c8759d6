import type { Balance } from './balance';
import { tabulatedSaturationPa, transferKgM2S } from './surface';
import { settledVapourPa, type Source } from './vapour';

/** Brings the vapour of an oven's air to what evaporates now, for the step that begins. */
export function updateVapour(of: Balance): void {
  const { air, water, faces, model } = of;
  if (!air) return;
  const [first] = air.evaporations;
  if (!first) return;
  const sources: Source[] = [];
  for (let column = 0; column < model.mesh.fillColumns; column += 1) {
    const wetness = of.faceWetness[column]!;
    if (wetness === 0) continue;
    const face = faces[column]!;
    sources.push({
      areaM2: air.change.cups * of.faceAreaM2[column]!,
      kgM2S: wetness * transferKgM2S(face.convectionWm2K),
      skinM2SKg: of.faceSkinM2SKg[column]!,
      pa: (face.evaporation!.activity ?? 1) * tabulatedSaturationPa(of.faceSurfaceC[column]!),
    });
  }
  if (water) {
    const { surfaceM2, surface } = water.own;
    const wetness = water.covered * (surface.evaporation?.wetness ?? 0);
    sources.push({
      areaM2: surfaceM2,
      kgM2S: wetness * transferKgM2S(surface.convectionWm2K),
      skinM2SKg: 0,
      pa: tabulatedSaturationPa(water.celsius),
    });
  }
  air.vapourPa = settledVapourPa(air.change, first.airPressurePa, sources, air.vapourPa);
  for (const each of air.evaporations) each.vapourPressurePa = air.vapourPa;
}
