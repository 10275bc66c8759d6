import { boilingPointC } from './water';

/**
 * Air pressure in Pa at an altitude of -400 to 11 000 m in the standard atmosphere; throws outside.
 * Source: ISO 2533:1975 / US Standard Atmosphere 1976, troposphere (288.15 K, 6.5 K/km).
 */
export function standardPressurePa(altitudeM: number): number {
  if (!(altitudeM >= -500 && altitudeM <= 11000)) {
    throw new RangeError(
      `the standard atmosphere is used from -500 to 11000 m, not at ${altitudeM}`,
    );
  }
  return 101325 * (1 - (0.0065 * altitudeM) / 288.15) ** 5.25588;
}

/** Boiling point of water in °C at an altitude in m. Sources: those of the two functions it joins. */
export const boilingPointAtAltitudeC = (altitudeM: number): number =>
  boilingPointC(standardPressurePa(altitudeM));

/** Water vapour in a kitchen's air, Pa. From memory: half of what it holds at 20 °C. */
export const ROOM_VAPOUR_PA = 1200;
