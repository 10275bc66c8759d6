import { finding, type Finding } from '../result';
import { eggPartGrams, type EggGrade } from '../ingredients';
import type { EggsToCrack } from './shopping';

/** Something made or left over that is not sold: to be used, dated or thrown. */
export interface ByProduct {
  readonly what: Finding;
  readonly grams: number;
  /** In pieces, where it is counted. */
  readonly count?: number;
  /** What can use it, and for how long it keeps. */
  readonly use: Finding;
}

/** Under this much nothing is worth keeping, g. */
const CRUMB_G = 5;

/** What the halves of cracked eggs come to. Tells nothing of less than half an egg. */
export function eggsLeft({ leftYolks, leftWhites }: EggsToCrack, grade: EggGrade): ByProduct[] {
  const half = (what: 'yolks' | 'whites', count: number, gramsEach: number) =>
    count < 0.5
      ? []
      : [
          {
            what: finding(`build.${what}`, { count: Number(count.toFixed(1)) }),
            count: Number(count.toFixed(1)),
            grams: count * gramsEach,
            use: finding(`build.use-${what}`),
          },
        ];
  return [
    ...half('whites', leftWhites, eggPartGrams(grade, 'white')),
    ...half('yolks', leftYolks, eggPartGrams(grade, 'yolk')),
  ];
}

/** Scraps of a dough, or a part batch that is left over. */
export const remnant = (what: Finding, grams: number, dough: boolean): ByProduct[] =>
  grams < CRUMB_G
    ? []
    : [
        {
          what,
          grams,
          use: finding(dough ? 'build.use-dough' : 'build.use-batch'),
        },
      ];

/** Pods that have been steeped can be rinsed, dried and used again. Common practice. */
export const podsLeft = (pods: number): ByProduct[] =>
  pods < 0.5
    ? []
    : [
        {
          what: finding('build.pods', { count: Math.round(pods) }),
          count: Math.round(pods),
          grams: pods * 3,
          use: finding('build.use-pods'),
        },
      ];
