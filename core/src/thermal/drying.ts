import { evaporationHeatJkg } from '../properties';
import type { Balance } from './balance';
import { crustAfter, skinAfter } from './surface';

/** Gives the open top the skin and the crust of what has left it by column, kg/m². */
export function dryTo(of: Balance, driedKgM2: Float64Array): void {
  const { columns } = of.model.mesh;
  for (let column = 0; column < columns; column += 1) {
    if (of.faceWetness[column]! === 0) continue;
    const evaporation = of.faces[column]!.evaporation!;
    of.faceSkinM2SKg[column] = skinAfter(evaporation, driedKgM2[column]!);
    of.faceCrustM2KW[column] = crustAfter(evaporation, driedKgM2[column]!);
  }
}

/**
 * What has left the top by column after so many seconds in which its faces spend so much on evaporation (`spentW`, by
 * face) at `surfaceC`, kg/m², written into `after`; returns the water of all columns, kg, and the heat it took, J.
 */
export function dryOver(
  of: Balance,
  seconds: number,
  spentW: ArrayLike<number>,
  surfaceC: ArrayLike<number>,
  before: Float64Array,
  after: Float64Array,
): { readonly massKg: number; readonly heatJ: number } {
  const { columns } = of.model.mesh;
  let [massKg, heatJ] = [0, 0];
  for (let column = 0; column < columns; column += 1) {
    const takenJ = seconds * spentW[column]!;
    const leftKg = takenJ === 0 ? 0 : takenJ / evaporationHeatJkg(surfaceC[column]!);
    after[column] = Math.max(0, before[column]! + leftKg / of.faceAreaM2[column]!);
    massKg += leftKg;
    heatJ += takenJ;
  }
  return { massKg, heatJ };
}
