import type { FormulaData, KitchenData, StoredOven, StoredVessel } from '@hollow-moon/contract';
import type { ForecastPlan, OvenKind, PullChoice } from '@hollow-moon/core';

/** What may be tried for a forecast without changing formula or kitchen. */
export interface Tried {
  readonly mode?: OvenKind;
  readonly altitudeM?: number;
  /** Which pull the history is drawn for. */
  readonly pull?: PullChoice;
}

/** The plan of a formula in its kitchen, or the one thing that is missing. */
export function planFor(
  data: FormulaData,
  kitchen: KitchenData,
  vessels: readonly StoredVessel[],
  ovens: readonly StoredOven[],
  tried: Tried = {},
): { readonly plan: ForecastPlan } | { readonly missing: string } {
  const vessel = vessels.find((each) => each.id === data.vesselId);
  if (!vessel) return { missing: 'Choose a tin to see the forecast.' };
  const oven = ovens.find((each) => each.id === data.ovenId);
  if (!oven) return { missing: 'Choose an oven to see the forecast.' };
  return {
    plan: {
      lines: data.lines.map(({ id, ingredientId, amount, unit }) => ({
        id,
        ingredientId,
        amount,
        unit,
      })),
      eggGrade: kitchen.eggGrade,
      family: data.family,
      shell: data.shell,
      vessel: vessel.data,
      shellThicknessMm: data.shell === 'none' ? 0 : data.shellThicknessMm,
      headspaceMm: data.headspaceMm,
      oven: { kind: tried.mode ?? oven.data.kind, offsetK: oven.data.offsetK },
      setC: data.setC,
      fillingStartC: data.fillingStartC,
      roomC: kitchen.roomC,
      altitudeM: tried.altitudeM ?? kitchen.altitudeM,
      ...(tried.pull ? { pull: tried.pull } : {}),
    },
  };
}
