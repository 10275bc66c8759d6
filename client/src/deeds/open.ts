import type { BakeData, DeedData } from '@hollow-moon/contract';

/** A planned step of the oven that nobody has made yet. */
export interface OpenStep {
  /** Its place in the plan. */
  readonly step: number;
  /** When it is foreseen, s since the bake went in. */
  readonly atS: number;
  readonly to: number | 'off-shut' | 'off-ajar';
}

type Turned = Extract<DeedData, { readonly kind: 'oven' | 'oven-off' }>;

export const isTurn = (deed: DeedData): deed is Turned =>
  deed.kind === 'oven' || deed.kind === 'oven-off';

/** A forecast without the steps that were made already: those are over. */
export function withoutMade(
  foreseen: BakeData['foreseen'],
  deeds: readonly DeedData[],
): BakeData['foreseen'] {
  if (!foreseen.steps) return foreseen;
  const made = deeds.filter(isTurn).map(({ atS }) => atS);
  const steps = foreseen.steps.filter(({ atS }) => !made.some((at) => Math.abs(at - atS) < 1));
  return { ...foreseen, steps };
}

/** What was foreseen when it was begun, without the steps that were made since: there each stands in its place in the plan. */
export function asBegunSince(
  foreseen: BakeData['foreseen'],
  deeds: readonly DeedData[],
): BakeData['foreseen'] {
  const made = new Set(deeds.filter(isTurn).map(({ step }) => step));
  if (!foreseen.steps?.some((_, index) => made.has(index))) return foreseen;
  return { ...foreseen, steps: foreseen.steps.filter((_, index) => !made.has(index)) };
}

/**
 * The next planned step of the oven: the steps that are left of the forecast are those of the plan that nobody has made,
 * in the same order. `undefined` where all are made, or where nothing is known of the plan.
 */
export function nextOpenStep(
  { foreseen, planned }: Pick<BakeData, 'foreseen' | 'planned'>,
  deeds: readonly DeedData[],
  elapsedS: number,
): OpenStep | undefined {
  const made = new Set(deeds.filter(isTurn).map(({ step }) => step));
  const open = (planned?.plan.programme?.steps ?? []).flatMap((_, step) =>
    made.has(step) ? [] : [step],
  );
  const left = foreseen.steps ?? [];
  if (left.length !== open.length) return undefined;
  // What was to be done long ago and was not said to be is taken as done.
  const next = left.findIndex(({ atS }) => atS > elapsedS - LATE_S);
  return next < 0 ? undefined : { step: open[next]!, atS: left[next]!.atS, to: left[next]!.to };
}

/** So long after its minute a step may still be said to have been made just now, s. */
const LATE_S = 600;

/** Vessels that are still in the oven. */
export const stillIn = (vesselCount: number, deeds: readonly DeedData[]): number =>
  Math.max(
    0,
    vesselCount - deeds.reduce((out, deed) => out + (deed.kind === 'out' ? deed.vessels : 0), 0),
  );
