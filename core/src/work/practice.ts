import type { Family } from '../formula';
import type { Verb } from './task';

/** Minutes of hands: for beginning at all, for each vessel and for each kilogram. */
export interface Pace {
  readonly onceMin: number;
  readonly vesselMin: number;
  readonly kiloMin: number;
}

const pace = (onceMin: number, vesselMin = 0, kiloMin = 0): Pace => ({
  onceMin,
  vesselMin,
  kiloMin,
});

/**
 * How long one pair of practised hands takes, by what is done: common practice, for one cook at a bench. A cook
 * says otherwise task by task.
 */
export const PACES: Readonly<Record<Verb, Pace>> = {
  'take-out-butter': pace(1),
  'take-out-cheese': pace(1),
  'mix-dough': pace(10, 0, 3),
  'roll-and-line': pace(3, 5),
  'press-in': pace(3, 6),
  'take-out-shell': pace(1, 0.2),
  'blind-bake': pace(2, 1.5),
  seal: pace(1, 1),
  'prepare-fruit': pace(4, 0, 10),
  'cook-caramel': pace(10),
  coat: pace(1, 0.5),
  'warm-dairy': pace(5, 0, 2),
  'mix-custard': pace(6, 0, 2),
  'mix-batter': pace(6, 0, 1),
  'mix-puree': pace(8, 0, 2),
  'blend-cheese': pace(8, 0, 2),
  'mix-syrup': pace(8, 0, 2),
  'mix-fruit': pace(6, 0, 4),
  'cream-nuts': pace(10, 0, 3),
  'cook-cream': pace(4, 0, 1),
  'set-with-gelatine': pace(14, 0, 3),
  'melt-chocolate': pace(8, 0, 3),
  'make-part': pace(12, 0, 3),
  'spread-under': pace(1, 1.5),
  fill: pace(1, 1.5),
  'lay-on': pace(1, 3),
  bake: pace(2, 0.3),
  'to-the-fridge': pace(1, 0.2),
  'turn-out': pace(1, 1.5),
  glaze: pace(4, 1.5),
  'whip-and-pipe': pace(5, 2.5),
  meringue: pace(14, 2),
  'put-on': pace(2, 3),
  // A cook says how long a step of their own takes.
  own: pace(5),
};

/** Small vessels go faster, by the piece: under so many mm across each counts for this much of a large one. Common practice. */
const SMALL = { underMm: 130, share: 0.35 } as const;

/** Whole minutes of hands for a task; at least 1. `widthMm` is across one vessel. */
export function paceMin(
  verb: Verb,
  {
    vessels = 0,
    widthMm = 240,
    grams = 0,
  }: {
    readonly vessels?: number;
    readonly widthMm?: number;
    readonly grams?: number;
  },
): number {
  const { onceMin, vesselMin, kiloMin } = PACES[verb];
  const each = widthMm < SMALL.underMm ? SMALL.share : 1;
  return Math.max(1, Math.round(onceMin + vesselMin * each * vessels + (kiloMin * grams) / 1000));
}

/** Waits between tasks, least and most, min. Common practice: the rests and chills of the trade's handbooks. */
export const USUAL_WAITS = {
  doughRest: [45, 3 * 1440],
  linedRest: [15, 1440],
  crumbChill: [20, 1440],
  steep: [15, 60],
  /** Warm custard mix on the bench, and a cold one in the fridge. */
  warmMix: [0, 30],
  coldMix: [0, 2880],
  batterRest: [30, 1440],
  pureeMix: [0, 1440],
  blendedCheese: [0, 30],
  syrupMix: [0, 120],
  fruitMix: [0, 20],
  nutCream: [0, 2880],
  /** A boiled cream is poured hot, before it sets in the pan. */
  hotCream: [0, 20],
  gelatineMix: [0, 15],
  caramelHard: [10, 1440],
  softButter: [0, 180],
  cutFruit: [0, 360],
  bakedShell: [0, 1440],
} as const satisfies Record<string, readonly [number, number]>;

/**
 * From when a filling that no oven sets may be cut, min in the cold. Common practice: starch creams, starch puddings
 * and curds 4 h, gelatine 8 h from cold.
 */
export const CHILL_MIN: Readonly<Partial<Record<Family, number>>> = {
  'starch-cream': 240,
  'starch-pudding': 240,
  curd: 240,
  'cold-set': 480,
};

/** A filling that chocolate sets needs no gelatine's night. Common practice, min. */
export const CHOCOLATE_SETS_MIN = 240;

/** How long a bake is at its best once it may be cut, min. Common practice, from memory. */
export const AT_BEST_MIN: Readonly<Record<Family, number>> = {
  'baked-custard': 18 * 60,
  'batter-custard': 6 * 60,
  'puree-custard': 24 * 60,
  'fresh-cheese': 48 * 60,
  'syrup-nut': 48 * 60,
  'starch-cream': 12 * 60,
  'starch-pudding': 24 * 60,
  curd: 18 * 60,
  'nut-cream': 24 * 60,
  'fruit-filling': 12 * 60,
  'cold-set': 24 * 60,
};

/**
 * Egg and dairy fillings that were never chilled are served within so long of the oven, min. Source: FDA Food Code
 * 2017, 3-501.19 (4 h without heat or cold), from memory.
 */
export const OUT_OF_THE_COLD_MIN = 4 * 60;

/** What carries foam on top is served within, min. Common practice. */
export const FOAM_AT_BEST_MIN = 5 * 60;
