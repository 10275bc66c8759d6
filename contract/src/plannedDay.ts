import { buildOf, findAmong, type Problem, type Result } from '@hollow-moon/core';
import {
  checkPlan,
  construct,
  measure,
  modelOf,
  ovenTroubleOf,
  wayFor,
  type Breach,
  type Computed,
  type DayModel,
  type DayPlan,
  type Measures,
  type Session,
  type Way,
} from '@hollow-moon/core/planning';
import type { DayData, WantedData } from './day';
import {
  asWanted,
  ovensIn,
  sessionOf,
  wayFromData,
  workListOf,
  type WorkedBake,
  type WorkedIn,
} from './sessionOf';

/** A day as it is planned: what was asked, what was found, and that it holds. */
export interface PlannedDay {
  readonly session: Session;
  readonly model: DayModel;
  readonly way: Way;
  readonly plan: DayPlan;
  readonly measures: Measures;
  /** Empty, or the plan is not one to work by. */
  readonly breaches: readonly Breach[];
}

/** No nuts of any kind in a formula, by its allergens; not said of one the book does not have. */
function isNutFree(formulaId: string, where: WorkedIn): boolean {
  const data = where.formulaOf(formulaId);
  if (!data) return false;
  const { allergens } = buildOf(data, {
    grade: where.kitchen.eggGrade,
    vessel: data.vesselId === null ? undefined : where.vesselOf(data.vesselId),
    formulaOf: where.formulaOf,
    find: findAmong(where.own),
  });
  return !allergens.includes('nuts') && !allergens.includes('peanut');
}

/** What is forecast once of a day: a formula, at the heat and in the oven it has on it. */
export const bakedAs = ({
  formulaId,
  ovenC,
  ovenId,
}: Pick<WantedData, 'formulaId' | 'ovenC' | 'ovenId'>): string =>
  `${formulaId}@${ovenC ?? ''}@${ovenId ?? ''}`;

/** A bake of a day with its tasks, from what was worked out of its formula; undefined of one the book does not have. */
export function workedBakeOf(
  wanted: WantedData,
  computed: Computed,
  where: WorkedIn,
): { readonly bake: WorkedBake } | { readonly name: string; readonly why: Problem } | undefined {
  const { id, formulaId } = wanted;
  const data = where.formulaOf(formulaId);
  if (!data) return undefined;
  const work = workListOf(asWanted(data, wanted), wanted, where, computed);
  if (!work.ok) return { name: data.name, why: work.problem };
  const trouble = ovenTroubleOf(work.value, ovensIn(where));
  if (trouble) return { name: data.name, why: { code: trouble, path: 'ovens' } };
  return {
    bake: { id, name: data.name, work: work.value, nutFree: isNutFree(formulaId, where) },
  };
}

/**
 * Plans a day from the bakes whose work is known, by the way that is kept with it or the first that serves; fails where a
 * bake fits no oven there is. Some milliseconds.
 */
export function plannedDay(
  day: DayData,
  bakes: readonly WorkedBake[],
  where: WorkedIn,
): Result<PlannedDay> {
  const session = sessionOf(day, bakes, where);
  const made = modelOf(session);
  if (!made.ok) return made;
  const model = made.value;
  const way = wayFor(model, day.way ? wayFromData(day.way) : undefined, day.presence);
  const plan = construct(model, way);
  const [measures, breaches] = [measure(model, plan), checkPlan(model, plan)];
  return { ok: true, value: { session, model, way, plan, measures, breaches } };
}
