import type { Analysis } from '../formula';

/** Between which temperatures a starch swells and thickens what it is in, °C. */
export interface Swelling {
  readonly fromC: number;
  readonly toC: number;
}

/** Less starch than this, in the whole, does not keep egg from curdling; as in `setting`. From memory. */
const KEEPS_EGG_FROM = 0.01;

/**
 * Where starches paste in water, from the first thickening to the thickest. From memory, amylograms of 5 to 6 %
 * pastes: maize 72 to 92, wheat 75 to 93, potato 61 to 76, tapioca 63 to 78, arrowroot 67 to 82 °C.
 */
const PASTES: Readonly<Record<string, readonly [number, number]>> = {
  'potato-starch': [61, 76],
  'tapioca-starch': [63, 78],
  arrowroot: [67, 82],
  'wheat-flour': [75, 93],
};
const MAIZE = [72, 92] as const;

/** How much later, K, for each unit of sugar in sugar and water. From memory: 4 to 5 K at a fifth. */
const SUGAR_K = 22;

/**
 * Over which temperatures the starch of a list thickens it; `undefined` where there is too little to keep its egg from
 * curdling. Other flours and starches count as maize. Never throws.
 */
export function thickensOver({ lines, mixtureG, share }: Analysis): Swelling | undefined {
  const starchy = lines.filter(({ ingredient, grams }) => ingredient?.role === 'starch' && grams);
  const starchG = starchy.reduce(
    (sum, { ingredient, grams }) => sum + ingredient!.composition.starch * grams!,
    0,
  );
  if (!(mixtureG > 0) || starchG / mixtureG < KEEPS_EGG_FROM) return undefined;
  const later = SUGAR_K * (share.sugar / Math.max(1e-6, share.sugar + share.water));
  const ranges = starchy.map(({ ingredient }) => PASTES[ingredient!.id] ?? MAIZE);
  return {
    fromC: later + Math.min(...ranges.map(([from]) => from)),
    toC: later + Math.max(...ranges.map(([, to]) => to)),
  };
}
