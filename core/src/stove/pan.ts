import type { Composition } from '../ingredients';
import { foodProperties, ROOM_VAPOUR_PA, standardPressurePa } from '../properties';
import { noFlux, surfaceLoss, type Face } from '../thermal';

/** Free convection in a kitchen, W/(m² K). Source: Incropera 9.6, from memory. */
const STILL_AIR_WM2K = 6;
/** Fat from which a liquid's surface counts as fatty, mass fraction. From memory. */
const FATTY = 0.01;
/** Of the fully wet rate, what such a surface gives off while it is stirred. From memory. */
const FATTY_WETNESS = 0.5;

/** A liquid in an open pan. */
export interface Panful {
  readonly composition: Composition;
  readonly grams: number;
  readonly radiusM: number;
  readonly roomC: number;
  readonly altitudeM: number;
}

/** Heat that a panful gives to the room, W, and how much of it by evaporation. */
export interface PanLoss {
  readonly lossW: number;
  readonly evaporationW: number;
}

/** How deep a panful stands, m. */
export const depthM = ({ composition, grams, radiusM }: Panful): number =>
  grams / 1000 / foodProperties(composition).densityKgM3 / (Math.PI * radiusM ** 2);

/**
 * What an uncovered panful at one temperature throughout loses at `celsius`: by convection, radiation and, on top,
 * evaporation of a wet surface, of which fat holds some back as on a custard in the oven. Good to about a third.
 * Source: the surface as in {@link surfaceLoss}.
 */
export function panLoss(of: Panful): (celsius: number) => PanLoss {
  const { composition, radiusM, roomC, altitudeM } = of;
  const topM2 = Math.PI * radiusM ** 2;
  const sideM2 = 2 * Math.PI * radiusM * depthM(of);
  const wetness = composition.fat > FATTY ? FATTY_WETNESS : 1;
  const dry: Face = {
    convectionWm2K: STILL_AIR_WM2K,
    airC: roomC,
    emissivity: 0.9,
    radiantC: roomC,
  };
  const wet: Face = {
    ...dry,
    evaporation: {
      wetness,
      skinKgM2: 1,
      vapourPressurePa: ROOM_VAPOUR_PA,
      airPressurePa: standardPressurePa(altitudeM),
    },
  };
  const flux = noFlux();
  return (celsius) => {
    surfaceLoss(wet, celsius, wetness, flux);
    const [topW, evaporationW] = [flux.lossWm2 * topM2, flux.evaporationWm2 * topM2];
    surfaceLoss(dry, celsius, 0, flux);
    return { lossW: topW + flux.lossWm2 * sideM2, evaporationW };
  };
}
