import { constantMaterial, type Material } from '../thermal';
import type { VesselMaterial } from './vessel';

export interface Wall {
  readonly material: Material;
  readonly thicknessM: number;
  /** Emissivity of the outside. */
  readonly emissivity: number;
}

const STEEL = constantMaterial('steel', 50, 3.7e6);

/**
 * What vessels are made of. Sources: conductivity and heat capacity of carbon steel, glass and
 * stoneware, and emissivities of tinned, darkened, glass and glazed surfaces, from engineering
 * handbooks, from memory; wall thicknesses are common practice.
 */
export const WALLS: Readonly<Record<VesselMaterial, Wall>> = {
  'bright-tin': { material: STEEL, thicknessM: 0.0006, emissivity: 0.2 },
  'dark-tin': { material: STEEL, thicknessM: 0.0006, emissivity: 0.9 },
  glass: { material: constantMaterial('glass', 1.1, 1.9e6), thicknessM: 0.005, emissivity: 0.9 },
  ceramic: {
    material: constantMaterial('ceramic', 1.5, 1.95e6),
    thicknessM: 0.005,
    emissivity: 0.9,
  },
};
