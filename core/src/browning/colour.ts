/** A colour as CIE L*a*b*, D65. */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

/**
 * Browning, first order: lightness falls from raw to burnt as exp(-extent), with
 * d(extent)/dt = RATE × 10^((T - 150) / z) × moistness. z of crust browning 25 to 45 K (from memory); sugars and
 * proteins brown fastest at a water activity of 0.6 to 0.7, several times slower when quite dry or wet (Labuza and
 * Saltmarch 1981, from memory). Calibrated on shells: rims that brown after 20 to 30 min under weights at 190 °C,
 * bases golden 20 to 25 min after the weights are out.
 */
export const BROWNING = { ratePerS: 2.6e-3, referenceC: 150, zK: 42 } as const;

/** How fast anything browns when it is quite dry, beside a water activity of 0.65; and how wide that peak is. */
const MOIST = { dry: 0.17, peakAt: 0.65, width: 0.3 } as const;

/** Of the fastest browning at a temperature, what a water activity (0 to 1) leaves. */
export const moistness = (activity: number): number =>
  MOIST.dry + (1 - MOIST.dry) * Math.exp(-(((activity - MOIST.peakAt) / MOIST.width) ** 2));

/** How fast an edge browns, 1/s: growth of the exponent of the fall in lightness. */
export const browningRatePerS = (celsius: number, activity: number): number =>
  BROWNING.ratePerS * 10 ** ((celsius - BROWNING.referenceC) / BROWNING.zK) * moistness(activity);

/** Raw dough, and what is left when it is quite burnt. From memory, colorimetry of short doughs. */
const RAW_L = 82;
const BURNT_L = 22;

/** Lightness after an extent of browning. */
export const lightnessAfter = (extent: number): number =>
  BURNT_L + (RAW_L - BURNT_L) * Math.exp(-extent);

/** The extent of browning behind a lightness between burnt and raw: {@link lightnessAfter} turned round. */
export const browningTo = (lightness: number): number =>
  Math.log((RAW_L - BURNT_L) / (lightness - BURNT_L));

/** Colours a shell passes through; hue and chroma between them in straight lines. From memory. */
const PASSES: readonly Lab[] = [
  { l: 82, a: 2, b: 22 },
  { l: 74, a: 6, b: 32 },
  { l: 64, a: 13, b: 40 },
  { l: 52, a: 18, b: 36 },
  { l: 38, a: 16, b: 24 },
  { l: 22, a: 8, b: 10 },
];

/** The colour of a shell of that lightness. */
export function shellColour(l: number): Lab {
  const after = PASSES.findIndex((each) => each.l <= l);
  if (after === 0) return PASSES[0]!;
  if (after < 0) return PASSES[PASSES.length - 1]!;
  const [from, to] = [PASSES[after - 1]!, PASSES[after]!];
  const weight = (from.l - l) / (from.l - to.l);
  return {
    l,
    a: from.a + weight * (to.a - from.a),
    b: from.b + weight * (to.b - from.b),
  };
}

/** Names of a shell's colour, each down to its lightness. From memory; the names are ours. */
export const SHADES = [
  { name: 'raw', downTo: 79 },
  { name: 'pale', downTo: 73 },
  { name: 'straw', downTo: 67 },
  { name: 'golden', downTo: 59 },
  { name: 'hazelnut', downTo: 50 },
  { name: 'dark', downTo: 40 },
  { name: 'burnt', downTo: -Infinity },
] as const;
export type Shade = (typeof SHADES)[number]['name'];

export const shadeOf = (l: number): Shade => SHADES.find(({ downTo }) => l >= downTo)!.name;

/** The lightness under which a colour is past a shade. */
export const leavesAt = (shade: Shade): number => SHADES.find(({ name }) => name === shade)!.downTo;

/** What a cook may aim for. */
export const TARGETS = ['straw', 'golden', 'hazelnut'] as const;
export type TargetShade = (typeof TARGETS)[number];

/** Lightness a cook means by a shade: the middle of it. */
export function lightnessOf(shade: TargetShade): number {
  const index = SHADES.findIndex(({ name }) => name === shade);
  return (SHADES[index - 1]!.downTo + SHADES[index]!.downTo) / 2;
}
