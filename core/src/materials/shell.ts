import { DOUGH_KG_M3, doughActivity, mixOfShell } from '../dough';
import type { ShellKind } from '../formula';
import { boilingPointC } from '../properties';
import { constantMaterial, type CupLayer, type Material } from '../thermal';
import { WALLS, type VesselMaterial } from '../vessel';

/** A shell baked dry: light, porous and a poor conductor. Source: from memory. */
const BAKED_SHELL = constantMaterial('baked-shell', 0.1, 1.45e6);

/** A raw one: wet, close and fat. Source: from memory. */
const RAW_SHELL = constantMaterial('raw-shell', 0.25, 2.9e6);

/** A raw shell of a kind: its water boils out of it, at first a little later than pure water would. */
function rawShell(kind: ShellKind, airPressurePa: number): Material {
  const { water, dryG } = mixOfShell(kind);
  return {
    ...RAW_SHELL,
    boilsC: boilingPointC(airPressurePa / doughActivity(water / dryG)),
    waterKgM3: DOUGH_KG_M3 * water,
  };
}

/** Layers around the filling: the shell if there is one, then the vessel's wall. */
export function layersAround(
  shell: ShellKind,
  shellThicknessMm: number,
  vessel: VesselMaterial,
  startC: number,
  raw?: { readonly airPressurePa: number },
): CupLayer[] {
  const wall = WALLS[vessel];
  const thin = wall.thicknessM < 0.002;
  const vesselLayer: CupLayer = {
    material: wall.material,
    baseThicknessM: wall.thicknessM,
    wallThicknessM: wall.thicknessM,
    cells: thin ? 1 : 2,
    startC,
  };
  if (shell === 'none' || shellThicknessMm === 0) return [vesselLayer];
  const thicknessM = shellThicknessMm / 1000;
  return [
    {
      material: raw ? rawShell(shell, raw.airPressurePa) : BAKED_SHELL,
      baseThicknessM: thicknessM,
      wallThicknessM: thicknessM,
      cells: 2,
      startC,
    },
    vesselLayer,
  ];
}
