import { analyse } from '../formula';
import { findAmong } from '../ingredients/catalogue';
import type { Result } from '../result';
import { levelIn, roomInside, type Level } from '../shell';
import type { ForecastPlan } from './plan';

/** What lies under a plan's filling, mL. */
export const underMlOf = ({ laid = [] }: Pick<ForecastPlan, 'laid'>): number =>
  laid.reduce((sum, { place, ml }) => sum + (place === 'under' ? ml : 0), 0);

/** How a plan's filling stands in its vessel; fails, at its field, where nothing would be left to fill. */
export function levelOf(plan: ForecastPlan): Result<Level> {
  const room = roomInside(plan.vessel, plan.shell === 'none' ? 0 : plan.shellThicknessMm);
  if (!room.ok) return room;
  const { whole } = analyse(plan.lines, plan.eggGrade, findAmong(plan.own ?? []), plan.family);
  const { headspaceMm, fillingG } = plan;
  const { densityGMl } = whole;
  return levelIn(room.value, { headspaceMm, fillingG, densityGMl, underMl: underMlOf(plan) });
}

/** The plan filled to a gap, mm, whatever its batch comes to. */
export function filledToGap(plan: ForecastPlan, gapMm: number): ForecastPlan {
  const { fillingG: _batch, ...rest } = plan;
  return { ...rest, headspaceMm: gapMm };
}
