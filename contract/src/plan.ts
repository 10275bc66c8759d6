import {
  buildOf,
  findAmong,
  type ForecastPlan,
  type Ingredient,
  type OvenKind,
  type PullChoice,
} from '@hollow-moon/core';
import type { OvenData, VesselData } from './equipment';
import type { FormulaData } from './formula';
import type { KitchenData } from './kitchen';

/** What may be tried for a forecast without changing formula or kitchen. */
export interface Tried {
  readonly mode?: OvenKind;
  readonly altitudeM?: number;
  /** Which pull the history is drawn for. */
  readonly pull?: PullChoice;
}

/** Where a formula is baked. */
export interface BakedIn {
  readonly kitchen: KitchenData;
  readonly vessel: VesselData;
  readonly oven: OvenData;
  readonly own: readonly Ingredient[];
  readonly formulaOf: (id: string) => FormulaData | undefined;
}

/** The plan of a formula where it is baked: everything a forecast depends on, and nothing else. */
export function planOf(data: FormulaData, where: BakedIn, tried: Tried = {}): ForecastPlan {
  const { kitchen, vessel, oven, formulaOf } = where;
  const used = new Set(data.lines.map((line) => line.ingredientId));
  const own = where.own.filter((each) => used.has(each.id));
  const { takenMl } = data.parts.some((part) => part.place === 'under')
    ? buildOf(data, {
        grade: kitchen.eggGrade,
        vessel,
        formulaOf,
        find: findAmong(where.own),
      })
    : { takenMl: 0 };
  return {
    lines: data.lines.map(({ id, ingredientId, amount, unit }) => ({
      id,
      ingredientId,
      amount,
      unit,
    })),
    ...(own.length > 0 ? { own } : {}),
    ...(takenMl > 0 ? { takenMl } : {}),
    ...(data.bath ? { bath: { ...data.bath, vessels: data.vesselCount } } : {}),
    eggGrade: kitchen.eggGrade,
    family: data.family,
    shell: data.shell,
    vessel,
    shellThicknessMm: data.shell === 'none' ? 0 : data.shellThicknessMm,
    headspaceMm: data.headspaceMm,
    oven: { kind: tried.mode ?? oven.kind, offsetK: oven.offsetK },
    setC: data.setC,
    fillingStartC: data.fillingStartC,
    roomC: kitchen.roomC,
    altitudeM: tried.altitudeM ?? kitchen.altitudeM,
    ...(tried.pull ? { pull: tried.pull } : {}),
  };
}
