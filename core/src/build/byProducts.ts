import { eggPartGrams, type EggGrade } from '../ingredients';
import type { EggsToCrack } from './shopping';

/** Something made or left over that is not sold: to be used, dated or thrown. */
export interface ByProduct {
  readonly what: string;
  readonly grams: number;
  /** In pieces, where it is counted. */
  readonly count?: number;
  /** What can use it, and for how long it keeps. */
  readonly use: string;
}

/** Days for which what is left keeps cold and covered. Source: from memory; local codes come first. */
const KEEPS = {
  yolks: 'covered, cold, dated: 2 days',
  whites: 'covered, cold, dated: 4 days, or frozen',
  dough: 'pressed flat, cold: 3 days, or frozen',
} as const;

/** Under this much nothing is worth keeping, g. */
const CRUMB_G = 5;

/** What the halves of cracked eggs come to. Tells nothing of less than half an egg. */
export function eggsLeft({ leftYolks, leftWhites }: EggsToCrack, grade: EggGrade): ByProduct[] {
  const half = (what: 'yolks' | 'whites', count: number, gramsEach: number, use: string) =>
    count < 0.5
      ? []
      : [
          {
            what,
            count: Number(count.toFixed(1)),
            grams: count * gramsEach,
            use: `${use}; ${KEEPS[what]}`,
          },
        ];
  return [
    ...half(
      'whites',
      leftWhites,
      eggPartGrams(grade, 'white'),
      'meringue, nut cream, a turned-out custard',
    ),
    ...half('yolks', leftYolks, eggPartGrams(grade, 'yolk'), 'curd, starch cream, pots, egg wash'),
  ];
}

/** Scraps of a dough, or a part batch that is left over. */
export const remnant = (what: string, grams: number, dough: boolean): ByProduct[] =>
  grams < CRUMB_G
    ? []
    : [
        {
          what,
          grams,
          use: dough ? `patches, tartlets, biscuits; ${KEEPS.dough}` : 'the next batch; dated',
        },
      ];

/** Pods that have been steeped can be rinsed, dried and used again. Common practice. */
export const podsLeft = (pods: number): ByProduct[] =>
  pods < 0.5
    ? []
    : [
        {
          what: 'vanilla pods',
          count: Math.round(pods),
          grams: pods * 3,
          use: 'rinse, dry, steep twice more or bury in sugar',
        },
      ];
