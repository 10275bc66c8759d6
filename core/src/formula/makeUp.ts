import solver from 'javascript-lp-solver';
import { eggPartGrams, type EggGrade, type EggPart } from '../ingredients';
import { findIngredient } from '../ingredients/catalogue';
import type { Analysis } from './analysis';
import type { Line } from './line';

/** What a make-up of eggs is to be best at. */
export type EggAim = 'closest' | 'least-left';

/** Whole numbers of eggs, yolks and whites for a formula. */
export interface EggMakeUp {
  readonly whole: number;
  readonly yolks: number;
  readonly whites: number;
  /** What is left in the bowl of shells' other halves. */
  readonly left: { readonly yolks: number; readonly whites: number };
  /** Grams of yolk and of white that this adds (or, negative, takes away). */
  readonly change: { readonly yolkG: number; readonly whiteG: number };
}

/** Grams of yolk and of white a formula wants, those inside its whole eggs counted. */
export interface WantedEgg {
  readonly yolkG: number;
  readonly whiteG: number;
}

/** Most eggs a make-up may take: past this a kitchen buys pasteurised egg by the litre. */
const MOST_EGGS = 500;
/** How far the whole egg mass, and the yolk in it, may move for the sake of fewer halves left over. */
const LEEWAY = { total: 0.06, yolk: 0.2 } as const;
/** A gram off counts this many times a gram left over when the closest make-up is wanted, and back. */
const FIRST = 1000;

/**
 * The best whole-number make-up of eggs, yolks and whites of a weight grade for a wanted mass of yolk
 * and of white: by mixed-integer programming, so it is the best there is and not a rounding.
 *
 * `closest` makes the grams off as few as can be, then what is left over; `least-left` the other
 * way round, the whole mass within 6 % (or half an egg) and the yolk in it within 20 % of the mass.
 * `undefined` when nothing is wanted or there is no such make-up. Solver: npm `javascript-lp-solver`.
 */
export function eggMakeUp(wanted: WantedEgg, grade: EggGrade, aim: EggAim): EggMakeUp | undefined {
  const total = wanted.yolkG + wanted.whiteG;
  const yolkG = eggPartGrams(grade, 'yolk');
  const whiteG = eggPartGrams(grade, 'white');
  if (!(total > 0) || total > MOST_EGGS * (yolkG + whiteG)) return undefined;
  const [off, left] = aim === 'closest' ? [FIRST, 1] : [1, FIRST];
  const massLeeway = Math.max(LEEWAY.total * total, (yolkG + whiteG) / 2);
  const yolkLeeway = Math.max(LEEWAY.yolk * total, yolkG / 2);
  const solved = solver.Solve({
    optimize: 'cost',
    opType: 'min',
    constraints: {
      yolk: { equal: wanted.yolkG },
      white: { equal: wanted.whiteG },
      ...(aim === 'closest'
        ? {}
        : {
            mass: { min: total - massLeeway, max: total + massLeeway },
            richness: { min: wanted.yolkG - yolkLeeway, max: wanted.yolkG + yolkLeeway },
          }),
    },
    variables: {
      whole: { yolk: yolkG, white: whiteG, mass: yolkG + whiteG, richness: yolkG, cost: 0 },
      // Each half taken leaves its other half.
      yolks: { yolk: yolkG, mass: yolkG, richness: yolkG, cost: left * whiteG },
      whites: { white: whiteG, mass: whiteG, cost: left * yolkG },
      yolkShort: { yolk: 1, cost: off },
      yolkOver: { yolk: -1, cost: off },
      whiteShort: { white: 1, cost: off },
      whiteOver: { white: -1, cost: off },
    },
    ints: { whole: 1, yolks: 1, whites: 1 },
  }) as Record<string, number | boolean>;
  if (solved.feasible !== true) return undefined;
  const count = (name: string): number => Math.round(Number(solved[name] ?? 0));
  // A yolk and a white taken apart are a whole egg.
  const pairs = Math.min(count('yolks'), count('whites'));
  const whole = count('whole') + pairs;
  const yolks = count('yolks') - pairs;
  const whites = count('whites') - pairs;
  if (whole + yolks + whites === 0) return undefined;
  return {
    whole,
    yolks,
    whites,
    left: { yolks: whites, whites: yolks },
    change: {
      yolkG: (whole + yolks) * yolkG - wanted.yolkG,
      whiteG: (whole + whites) * whiteG - wanted.whiteG,
    },
  };
}

/** What a formula wants of yolk and white, from its analysis and the natural share in a whole egg. */
export function wantedEgg({ eggG }: Analysis, grade: EggGrade): WantedEgg {
  const share = eggPartGrams(grade, 'yolk') / eggPartGrams(grade, 'whole');
  return {
    yolkG: eggG.yolk + share * eggG.whole,
    whiteG: eggG.white + (1 - share) * eggG.whole,
  };
}

/** What a cook wants of the eggs: as the formula has them, rich, sliced, or turned out. */
export type EggCharacter = 'as-is' | 'rich' | 'sliced' | 'turned-out';

/**
 * Share of yolk in the egg for each character. Common practice: pots and shells may be all yolk, what is
 * turned out wants at least as many whole eggs as extra yolks (5 and 5: about half yolk); between them
 * from memory.
 */
export const YOLK_SHARE_FOR: Readonly<Record<Exclude<EggCharacter, 'as-is'>, number>> = {
  rich: 1,
  sliced: 0.65,
  'turned-out': 0.5,
};

/** Yolk and white for `totalG` of egg (0 and up) of a character; `now` is what the formula has. */
export function wantedFor(totalG: number, character: EggCharacter, now: WantedEgg): WantedEgg {
  const has = now.yolkG + now.whiteG;
  const share = character === 'as-is' ? (has > 0 ? now.yolkG / has : 0) : YOLK_SHARE_FOR[character];
  return { yolkG: totalG * share, whiteG: totalG * (1 - share) };
}

const PART_IDS: Readonly<Record<EggPart, string>> = {
  whole: 'egg',
  yolk: 'egg-yolk',
  white: 'egg-white',
};

/**
 * The lines with their eggs replaced by a make-up, where the first egg stood; other lines stay. Notes
 * and ids of egg lines whose part remains are kept; `newId` gives the others theirs.
 */
export function withMakeUp(lines: readonly Line[], makeUp: EggMakeUp, newId: () => string): Line[] {
  const partOf = (line: Line) => findIngredient(line.ingredientId)?.eggPart;
  const counts: readonly (readonly [EggPart, number])[] = [
    ['whole', makeUp.whole],
    ['yolk', makeUp.yolks],
    ['white', makeUp.whites],
  ];
  const eggs = counts.flatMap(([part, amount]): Line[] => {
    if (amount === 0) return [];
    const before = lines.find((line) => partOf(line) === part);
    const { note, id } = before ?? { note: undefined, id: newId() };
    return [{ id, ingredientId: PART_IDS[part], amount, unit: 'piece', ...(note ? { note } : {}) }];
  });
  const first = lines.findIndex((line) => partOf(line) !== undefined);
  const others = lines.filter((line) => partOf(line) === undefined);
  const place = first < 0 ? others.length : first;
  return [...others.slice(0, place), ...eggs, ...others.slice(place)];
}
