import type { BakeSummary } from '@hollow-moon/contract';
import type { MoonState } from '../moon';

/** Results told apart by shape as well as by word. */
export const RESULT_MARKS = { good: '●', fair: '◐', poor: '○' } as const;

/** The moon a bake ended with: its last wobble check, at the pull. */
export function lastMoon({
  lastWobbleMm,
  surfaceMm,
  faults,
}: Pick<BakeSummary['data'], 'lastWobbleMm' | 'surfaceMm' | 'faults'>): MoonState | undefined {
  if (lastWobbleMm === null) return undefined;
  return {
    liquid: 0,
    moving: Math.min(1, lastWobbleMm / surfaceMm),
    curdledFrom: faults.includes('curdled') ? 0.85 : 1,
  };
}
