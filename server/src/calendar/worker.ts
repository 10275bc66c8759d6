import {
  type FormulaData,
  type KitchenData,
  type OvenData,
  type StoredDay,
  type VesselData,
} from '@hollow-moon/contract';
import {
  asWanted,
  bakedAs,
  plannedDay,
  toCalendar,
  workAskOf,
  workedBakeOf,
  type WorkedIn,
} from '@hollow-moon/contract/planning';
import { forecast, forecastBlind, type Ingredient } from '@hollow-moon/core';
import { computedFrom, type Computed } from '@hollow-moon/core/planning';
import { eventsInWords } from '@hollow-moon/words';

/** What a calendar is made of: a day, and the book it is planned in. */
export interface CalendarAsk {
  readonly day: StoredDay;
  readonly kitchen: KitchenData;
  readonly formulas: Readonly<Record<string, FormulaData>>;
  readonly vessels: Readonly<Record<string, VesselData>>;
  readonly ovens: readonly { readonly id: string; readonly data: OvenData }[];
  readonly own: readonly Ingredient[];
  readonly now: Date;
}

/** What a formula's work takes, forecast here as a device forecasts it. */
function computedOf(data: FormulaData, where: WorkedIn): Computed {
  const { bake, blind } = workAskOf(data, where);
  const baked = bake && forecast(bake);
  const empty = blind && forecastBlind(blind);
  return computedFrom({
    ...(baked?.ok ? { forecast: baked.value } : {}),
    ...(empty?.ok ? { blind: empty.value } : {}),
  });
}

/**
 * A day as a calendar, planned from the book as a device plans it: what a thread does, and a test without one. A bake
 * whose work is not known is left out, as it is there.
 */
export default function calendarOf(ask: CalendarAsk): string {
  const { day, kitchen, formulas, vessels, ovens, own, now } = ask;
  const where: WorkedIn = {
    kitchen,
    ovens,
    own,
    vesselOf: (id) => vessels[id],
    formulaOf: (id) => formulas[id],
  };
  const known = new Map<string, Computed>();
  const bakes = day.data.wanted.flatMap((wanted) => {
    const data = formulas[wanted.formulaId];
    if (!data) return [];
    const key = bakedAs(wanted);
    const computed = known.get(key) ?? computedOf(asWanted(data, wanted), where);
    known.set(key, computed);
    const worked = workedBakeOf(wanted, computed, where);
    return worked && 'bake' in worked ? [worked.bake] : [];
  });
  const planned = plannedDay(day.data, bakes, where);
  const forWhomOf = (bake: string) => day.data.wanted.find(({ id }) => id === bake)?.forWhom;
  return toCalendar(day, planned.ok ? eventsInWords(planned.value, forWhomOf) : [], now);
}
