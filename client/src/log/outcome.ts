import type { StoredBake } from '@hollow-moon/contract';
import type { MoonState } from '../moon';

/** Results told apart by shape as well as by word. */
export const RESULT_MARKS = { good: '●', fair: '◐', poor: '○' } as const;

/** The moon a bake ended with: its last wobble check, at the pull. */
export function lastMoon({ data }: StoredBake): MoonState | undefined {
  const wobble = data.wobbles[data.wobbles.length - 1];
  if (!wobble) return undefined;
  return {
    liquid: 0,
    moving: Math.min(1, wobble.diameterMm / data.surfaceMm),
    curdledFrom: data.faults.includes('curdled') ? 0.85 : 1,
  };
}
