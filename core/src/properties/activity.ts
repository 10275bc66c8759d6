import type { Composition } from '../ingredients';

/** Molar masses, g/mol. Sources: sucrose C₁₂H₂₂O₁₁, simple sugars C₆H₁₂O₆, ethanol, citric acid. */
const MOLAR = { water: 18.015, sucrose: 342.3, simple: 180.16, alcohol: 46.07, acid: 192.12 };

/**
 * Norrish constants, ln γ of water = -K x². Source: Norrish, J. Food Technol. 1 (1966) 25: sucrose
 * 6.47, glucose 2.25; from memory.
 */
const NORRISH = { sucrose: 6.47, simple: 2.25 };

/**
 * Water activity of a mixture from what is dissolved in its water, 0 to 1, by Norrish's equation with
 * the mole-weighted constant of its sugars; alcohol and acid by their moles alone. Range: to about 85 %
 * of sugar in sugar and water. 0 for what holds no water.
 */
export function waterActivity(of: Composition): number {
  const water = of.water / MOLAR.water;
  if (!(water > 0)) return 0;
  const sucrose = of.sucrose / MOLAR.sucrose;
  const simple = of.otherSugars / MOLAR.simple;
  const sugars = sucrose + simple;
  const all = water + sugars + of.alcohol / MOLAR.alcohol + of.acid / MOLAR.acid;
  const k = sugars > 0 ? (NORRISH.sucrose * sucrose + NORRISH.simple * simple) / sugars : 0;
  return (water / all) * Math.exp(-k * (sugars / all) ** 2);
}
