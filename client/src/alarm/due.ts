import type { Standing } from '../bake/progress';

/** What a bake calls a cook for: to look, to pull, that it is past; or to turn its oven or pour the rest. */
export type Call = 'look' | 'pull' | 'past' | 'step';

/** What a running bake calls for now; nothing while it is only waiting. */
export function callOf({ phase, count }: Pick<Standing, 'phase' | 'count'>): Call | undefined {
  if (phase === 'past') return 'past';
  if (phase !== 'open') return undefined;
  return count.to === 'best' ? 'look' : 'pull';
}

/** Calls of a window come in this order, and each once: a window that a reading has put back calls again. */
export interface Called {
  readonly call: Call | undefined;
  readonly stepS: number | undefined;
}

/** What is to be rung for a bake that stands thus, having been rung for what stood before. */
export function toRing(before: Called | undefined, now: Called): Call | undefined {
  if (now.stepS !== undefined && now.stepS !== before?.stepS) return 'step';
  return now.call !== undefined && now.call !== before?.call ? now.call : undefined;
}
