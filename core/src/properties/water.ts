import { ZERO_CELSIUS_K } from '../units';

/** Coefficients n1 to n10 of the saturation line. Source: IAPWS-IF97 (2007 revision), table 34. */
const N = [
  0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.1202082470247e5,
  -0.32325550322333e7, 0.1491510861353e2, -0.48232657361591e4, 0.40511340542057e6,
  -0.23855557567849, 0.65017534844798e3,
] as const;

/**
 * Saturation pressure of water in Pa at `celsius`, 0 to 373 °C. Throws outside that range.
 * Source: IAPWS-IF97, region 4, equation 30.
 */
export function saturationPressurePa(celsius: number): number {
  const kelvin = celsius + ZERO_CELSIUS_K;
  if (!(kelvin >= 273.15 && kelvin <= 647.096)) {
    throw new RangeError(`saturation pressure is defined from 0 to 373 °C, not at ${celsius}`);
  }
  const theta = kelvin + N[8] / (kelvin - N[9]);
  const a = theta * theta + N[0] * theta + N[1];
  const b = N[2] * theta * theta + N[3] * theta + N[4];
  const c = N[5] * theta * theta + N[6] * theta + N[7];
  return ((2 * c) / (-b + Math.sqrt(b * b - 4 * a * c))) ** 4 * 1e6;
}

/**
 * Boiling point of water in °C at a pressure of 0.62 kPa to 22 MPa; throws outside.
 * Source: IAPWS-IF97, region 4, backward equation 31.
 */
export function boilingPointC(pressurePa: number): number {
  if (!(pressurePa >= 611.213 && pressurePa <= 22.064e6)) {
    throw new RangeError(
      `boiling point is defined from 0.611 kPa to 22 MPa, not at ${pressurePa} Pa`,
    );
  }
  const beta = (pressurePa / 1e6) ** 0.25;
  const e = beta * beta + N[2] * beta + N[5];
  const f = N[0] * beta * beta + N[3] * beta + N[6];
  const g = N[1] * beta * beta + N[4] * beta + N[7];
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  const kelvin = (N[9] + d - Math.sqrt((N[9] + d) ** 2 - 4 * (N[8] + N[9] * d))) / 2;
  return kelvin - ZERO_CELSIUS_K;
}

/**
 * Heat of evaporation of water in J/kg, 0 to 100 °C, within 0.2 %.
 * Source: straight line through the IAPWS-IF97 values at 0.01 and 100 °C (2500.9, 2256.5 kJ/kg).
 */
export const evaporationHeatJkg = (celsius: number): number => 2.5009e6 - 2444 * celsius;
