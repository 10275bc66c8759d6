import type { Due } from './agenda';
import type { Standing } from '../bake/progress';

/** What a bake calls a cook for: to look, to pull, that it is past; or to turn its oven pour the rest, or take one of several out. */
export type Call = 'look' | 'pull' | 'past' | 'step' | 'vessel';

/** What a running bake calls for now; nothing while it is only waiting. */
export function callOf({ phase, count }: Pick<Standing, 'phase' | 'count'>): Call | undefined {
  if (phase === 'past') return 'past';
  if (phase !== 'open') return undefined;
  return count.to === 'best' ? 'look' : 'pull';
}

/** What cannot wait comes before what can. */
const PRESSING: readonly Call[] = ['past', 'pull', 'vessel', 'step', 'look'];

/** Of several calls at one moment the one that is rung: sounds over each other tell nothing. */
export const mostPressingOf = (calls: readonly Call[]): Call | undefined =>
  PRESSING.find((call) => calls.includes(call));

/** Calls of a window come in this order, and each once: a window that a reading has put back calls again. */
export interface Called {
  readonly call: Call | undefined;
  readonly stepS: number | undefined;
  /** One of several that is best now. */
  readonly vesselNo: number | undefined;
}

/** What is to be rung for a bake that stands thus, having been rung for what stood before. */
export function toRing(before: Called | undefined, now: Called): Call | undefined {
  if (now.stepS !== undefined && now.stepS !== before?.stepS) return 'step';
  if (now.vesselNo !== undefined && now.vesselNo !== before?.vesselNo) return 'vessel';
  return now.call !== undefined && now.call !== before?.call ? now.call : undefined;
}

/** What was due longer ago than this when it was first heard of is not called for any more, ms. */
const STALE_MS = 60_000;

/** Which things of a day are called for now, and all that need no call any more. What is put off is called for again. */
export function dueNow(
  due: readonly Due[],
  nowMs: number,
  known: ReadonlySet<string>,
): { readonly calls: readonly Due[]; readonly known: ReadonlySet<string> } {
  const come = due.filter(({ atMs }) => atMs <= nowMs);
  return {
    calls: come.filter(({ key, atMs }) => !known.has(key) && nowMs - atMs < STALE_MS),
    known: new Set(come.map(({ key }) => key)),
  };
}
