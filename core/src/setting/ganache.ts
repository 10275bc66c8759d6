import type { Analysis } from '../formula';
import { gramsOf, over } from './amounts';
import { finding } from '../result';
import { warningsOf, type Band, type BySign, type Firmness } from './verdict';

/**
 * How firmly a chocolate sets, held against a dark one of 55 % and more: what has milk fat in it, or less cocoa butter, sets
 * softer, so that more of it is taken. From memory, the proportions of chocolate shops: one of dark chocolate to one of
 * cream is one and a half of milk, or two of white.
 */
const STRENGTH: Readonly<Record<string, number>> = {
  'dark-chocolate': 1,
  'dark-chocolate-85': 1.1,
  'dark-chocolate-60': 1,
  'dark-chocolate-55': 1,
  'chocolate-chips': 0.85,
  'milk-chocolate': 0.67,
  gianduja: 0.55,
  'white-chocolate': 0.5,
  'caramelised-white-chocolate': 0.5,
};

/** Grams of dark chocolate that would set as the chocolates on a list do. */
export const asDarkChocolateG = (analysis: Analysis): number =>
  Object.entries(STRENGTH).reduce(
    (sum, [id, strength]) => sum + strength * gramsOf(analysis, (each) => each.id === id),
    0,
  );

/**
 * Dark chocolate to liquid from which a class is reached, cold. Common practice: one to one is sliced in a tart, half as
 * much chocolate is spooned, and two to one is rolled.
 */
export const GANACHE_FIRMNESS = {
  spoonable: 0.5,
  sliceable: 0.85,
  unmouldable: 1.6,
  hard: 2.4,
} as const;

function classOf(ratio: number): Firmness {
  const { spoonable, sliceable, unmouldable } = GANACHE_FIRMNESS;
  if (ratio >= unmouldable) return 'unmouldable';
  if (ratio >= sliceable) return 'sliceable';
  return ratio >= spoonable ? 'spoonable' : 'pourable';
}

/** Judges a filling set by chocolate as it cools; `undefined` where there is none, or nothing poured on it. Never throws. */
export function judgeGanache(analysis: Analysis): BySign | undefined {
  const liquidG = gramsOf(analysis, ({ role }) => role === 'liquid' || role === 'puree');
  const ratio = over(asDarkChocolateG(analysis), liquidG);
  if (!ratio) return undefined;
  const { spoonable, sliceable, unmouldable, hard } = GANACHE_FIRMNESS;
  const band: Band = {
    name: 'chocolate-to-liquid',
    value: ratio,
    shownAs: 'ratio',
    least: spoonable,
    most: hard,
  };
  return {
    kind: 'by-sign',
    setBy: finding('setting.ganache.set-by'),
    endC: undefined,
    treatment: finding('setting.ganache.treatment'),
    fails: finding('setting.ganache.fails'),
    firmness: classOf(ratio),
    firmnessWhy: finding('setting.ganache.firmness', {
      ratio: { ratio },
      sliceable: { ratio: sliceable },
      unmouldable: { ratio: unmouldable },
    }),
    bands: [band],
    warnings: warningsOf([band]),
    source: finding('source.practice-partly-memory'),
  };
}
