import type { BakeData, DeedData } from '@hollow-moon/contract';
import type { VesselPull } from '@hollow-moon/core/learning';

/** A vessel of several that is in the oven and was read by itself: when it is best, s since the bake went in. */
export interface OwnPull {
  readonly vesselNo: number;
  readonly lowS: number;
  readonly bestS: number;
  readonly highS: number;
}

/** A vessel that was said to be taken out. */
export interface VesselOut {
  readonly vesselNo: number;
  readonly atS: number;
}

/** Vessels that were taken out by their number, in that order. */
export const vesselsOut = (deeds: readonly DeedData[]): VesselOut[] =>
  deeds
    .flatMap((deed) =>
      deed.kind === 'out' && deed.vesselNo !== undefined
        ? [{ vesselNo: deed.vesselNo, atS: deed.atS }]
        : [],
    )
    .sort((a, b) => a.vesselNo - b.vesselNo);

/** The numbers of the vessels that nobody has said to be out. */
export function vesselsIn(vesselCount: number, deeds: readonly DeedData[]): number[] {
  const out = new Set(vesselsOut(deeds).map(({ vesselNo }) => vesselNo));
  return Array.from({ length: vesselCount }, (_, index) => index + 1).filter((no) => !out.has(no));
}

/** The number of the one that is left of several, where all others were taken out by theirs. */
export function lastIn(vesselCount: number, deeds: readonly DeedData[]): number | undefined {
  const left = vesselsIn(vesselCount, deeds);
  return vesselCount > 1 && left.length === 1 ? left[0] : undefined;
}

/** When each of those that were read by themselves is best, about when the bake as it is foreseen now is; none without a window. */
export function ownPulls(
  { vesselCount, foreseen }: Pick<BakeData, 'vesselCount' | 'foreseen'>,
  pulls: readonly VesselPull[],
  deeds: readonly DeedData[],
): OwnPull[] {
  const bestS = foreseen.window?.best.timeS;
  if (bestS === undefined) return [];
  const inside = new Set(vesselsIn(vesselCount, deeds));
  return pulls
    .filter(({ vesselNo }) => inside.has(vesselNo))
    .map(({ vesselNo, laterS: [low, middle, high] }) => ({
      vesselNo,
      lowS: Math.max(0, bestS + low),
      bestS: Math.max(0, bestS + middle),
      highS: Math.max(0, bestS + high),
    }));
}

/** So long after its best a vessel is still called for, s. */
const STILL_DUE_S = 180;

/** The vessel that has come to its best last, while that is not long ago. */
export const dueVessel = (own: readonly OwnPull[], elapsedS: number): number | undefined =>
  own
    .filter(({ bestS }) => bestS <= elapsedS && elapsedS < bestS + STILL_DUE_S)
    .sort((a, b) => a.bestS - b.bestS)
    .at(-1)?.vesselNo;
