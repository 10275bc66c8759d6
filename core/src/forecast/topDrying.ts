import type { Analysis } from '../formula';
import { dryingOfList, type Drying } from '../materials';
import type { LayerInCup } from './layers';

/** From this share of water on, by mass, the whole of a surface is wet. From memory. */
const WHOLLY_WET = 0.5;

/** Of a surface with pieces of fruit on it, what is still the filling's own. From memory. */
const BETWEEN_PIECES = 0.5;

/**
 * How the surface dries that is uppermost: the filling's, or the last layer's over it. Between pieces of fruit the
 * filling shows, and its surface is the mean of both.
 */
export function dryingOf(filling: Analysis, layers: readonly LayerInCup[]): Drying {
  const own = dryingOfList(filling);
  const uppermost = layers.filter(({ laid }) => laid.place === 'over').at(-1);
  if (!uppermost) return own;
  const { analysis, laid } = uppermost;
  const pieces = {
    ...dryingOfList(analysis),
    share: Math.min(1, analysis.whole.composition.water / WHOLLY_WET),
  };
  if (laid.kind !== 'fruit-and-nuts') return pieces;
  const mean = (of: (drying: Required<Drying>) => number) =>
    (1 - BETWEEN_PIECES) * of(pieces) + BETWEEN_PIECES * of({ ...own, share: 1 });
  return {
    activity: mean(({ activity }) => activity),
    waterKgM3: mean(({ waterKgM3 }) => waterKgM3),
    share: mean(({ share }) => share),
  };
}
