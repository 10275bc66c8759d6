import { succeed, type Result } from '../result';
import { volumeMl } from '../vessel';
import { fillToHeadspace, fillWithMass, type Room } from './shell';

/** How a filling stands in one vessel, and how it was meant to. */
export interface Level {
  /** Of its top above the base that it, or what lies under it, stands on, mm; and what is left to the rim. */
  readonly depthMm: number;
  readonly gapMm: number;
  /** From that base to the rim, mm. */
  readonly roomMm: number;
  /** What is in the vessel, and what would fill it to the gap that is wanted, g. */
  readonly massG: number;
  readonly wantedG: number;
  /** What of the batch finds no room in it, g. */
  readonly overflowG: number;
}

/** A filling for one vessel: the gap that is wanted, and how much of it there is. */
export interface Filling {
  readonly headspaceMm: number;
  /** In one vessel as mixed, g; as much as leaves the gap when not said. */
  readonly fillingG?: number | undefined;
  readonly densityGMl: number;
  /** What lies under it, mL. */
  readonly underMl: number;
}

/**
 * The level of a filling in a room: that of the batch where it is said how much there is, up to the rim at the most;
 * else the gap that is wanted. Fails, at its field, where the gap leaves nothing to fill.
 */
export function levelIn(
  room: Room,
  { headspaceMm, fillingG, densityGMl, underMl }: Filling,
): Result<Level> {
  const wanted = fillToHeadspace(room, headspaceMm, densityGMl, underMl);
  if (!wanted.ok) return wanted;
  const wantedG = wanted.value.massG;
  const roomMm = room.heightMm;
  if (fillingG === undefined) {
    const { depthMm } = wanted.value;
    return succeed({ depthMm, gapMm: headspaceMm, roomMm, massG: wantedG, wantedG, overflowG: 0 });
  }
  const brimG = Math.max(0, (volumeMl(room) - underMl) * densityGMl);
  const massG = Math.min(fillingG, brimG);
  const overflowG = fillingG - massG;
  if (overflowG > 0) {
    return succeed({ depthMm: roomMm, gapMm: 0, roomMm, massG, wantedG, overflowG });
  }
  const fill = fillWithMass(room, massG, densityGMl, underMl);
  if (!fill.ok) return fill;
  const { depthMm } = fill.value;
  return succeed({ depthMm, gapMm: roomMm - depthMm, roomMm, massG, wantedG, overflowG: 0 });
}

/** A batch this near to what is wanted fills its vessels, as a share. Common practice: nobody scrapes closer. */
const NEAR_ENOUGH = 0.03;

/** How a batch stands to what its vessels want. */
export function batchStands({
  massG,
  wantedG,
  overflowG,
}: Level): 'overflows' | 'over' | 'short' | 'fits' {
  if (overflowG > 0) return 'overflows';
  const off = massG / wantedG - 1;
  return Math.abs(off) <= NEAR_ENOUGH ? 'fits' : off > 0 ? 'over' : 'short';
}
