import { analyse, type Line } from '../formula';
import { findAmong } from '../ingredients/catalogue';
import type { Level } from '../shell';
import { insideOf } from '../vessel';
import { forecast, filledToGap, levelOf, type ForecastPlan } from '../forecast';

/** What to change on a plan to open a window. */
export type RemedyChange =
  | { readonly kind: 'oven'; readonly byK: number }
  | { readonly kind: 'start'; readonly fillingStartC: number }
  /** So many mm shallower, which leaves a gap of `headspaceMm` and takes this share of the batch. */
  | {
      readonly kind: 'depth';
      readonly byMm: number;
      readonly headspaceMm: number;
      readonly share: number;
    }
  | { readonly kind: 'bath'; readonly bath: NonNullable<ForecastPlan['bath']> }
  | { readonly kind: 'starch'; readonly grams: number };

/** The smallest change of its kind that opens a window, and the window it opens, s. */
export interface Remedy {
  readonly change: RemedyChange;
  readonly earliestS: number;
  readonly bestS: number;
  readonly latestS: number;
}

/** The ingredient a remedy of starch adds. */
export const REMEDY_STARCH_ID = 'cornflour';

/** A window narrower than this is none to bake by, s. */
const WIDE_ENOUGH_S = 120;

const STARCH_LINE_ID = 'remedy-starch';

/** The plan with a change made. */
export function withRemedy(plan: ForecastPlan, change: RemedyChange): ForecastPlan {
  switch (change.kind) {
    case 'oven':
      return {
        ...plan,
        setC: plan.setC + change.byK,
        ...(plan.programme?.steps
          ? {
              programme: {
                ...plan.programme,
                steps: plan.programme.steps.map((step) =>
                  typeof step.to === 'number' ? { ...step, to: step.to + change.byK } : step,
                ),
              },
            }
          : {}),
      };
    case 'start':
      return { ...plan, fillingStartC: change.fillingStartC };
    case 'depth':
      return filledToGap(plan, change.headspaceMm);
    case 'bath':
      return { ...plan, bath: change.bath };
    case 'starch': {
      const line: Line = {
        id: STARCH_LINE_ID,
        ingredientId: REMEDY_STARCH_ID,
        amount: change.grams,
        unit: 'g',
      };
      return { ...plan, lines: [...plan.lines, line] };
    }
  }
}

/** A bath for a plan that has none: half-way up, boiling from the kettle, room round each vessel. */
function bathFor(plan: ForecastPlan): NonNullable<ForecastPlan['bath']> {
  const inside = insideOf(plan.vessel);
  const vessels = plan.inOven ?? 1;
  // Common practice: two fingers between dishes.
  const pitchMm = Math.max(inside.topLengthMm, inside.topBreadthMm) + 35;
  const across = Math.ceil(Math.sqrt(vessels));
  return {
    panLengthMm: Math.max(200, Math.round(pitchMm * across + 35)),
    panBreadthMm: Math.max(150, Math.round(pitchMm * Math.ceil(vessels / across) + 35)),
    levelMm: Math.round(inside.heightMm / 2),
    waterC: 90,
    vessels,
  };
}

/** The plan filled so many mm shallower; none where nothing would be left to fill. */
function shallowerBy(plan: ForecastPlan, { gapMm, massG }: Level, byMm: number): RemedyChange[] {
  const headspaceMm = gapMm + byMm;
  const level = levelOf(filledToGap(plan, headspaceMm));
  return level.ok ? [{ kind: 'depth', byMm, headspaceMm, share: level.value.massG / massG }] : [];
}

/** Changes of one kind, the smallest first. */
function ladders(plan: ForecastPlan): RemedyChange[][] {
  const steps = (count: number) => Array.from({ length: count }, (_, index) => index + 1);
  const level = levelOf(plan);
  if (!level.ok) return [];
  const { depthMm } = level.value;
  const { mixtureG } = analyse(plan.lines, plan.eggGrade, findAmong(plan.own ?? []), plan.family);
  const shallower = Math.floor((0.6 * depthMm) / 2);
  return [
    steps(12).map((n) => ({ kind: 'oven', byK: -5 * n })),
    steps(12).map((n) => ({ kind: 'oven', byK: 5 * n })),
    plan.bath || plan.shell !== 'none' ? [] : [{ kind: 'bath', bath: bathFor(plan) }],
    steps(shallower).flatMap((n) => shallowerBy(plan, level.value, 2 * n)),
    steps(6)
      .map((n) => plan.fillingStartC + 5 * n)
      .filter((celsius) => celsius <= 60)
      .map((fillingStartC) => ({ kind: 'start', fillingStartC })),
    plan.family === 'baked-custard'
      ? steps(6).map((n) => ({ kind: 'starch', grams: Math.round(mixtureG * 0.005 * n) }))
      : [],
  ];
}

/**
 * Searches for the smallest change of each kind that opens a window of at least two minutes: oven
 * lower or hotter in steps of 5 °C, a bath, a shallower fill, a warmer filling, starch. Kinds that
 * open none are left out; the widest window first. Each ladder is halved until the lowest rung that
 * serves is found, which takes a window once open to stay open further up; a rung that a plan cannot
 * have serves nothing.
 */
export function remediesFor(plan: ForecastPlan): Remedy[] {
  const tried = (change: RemedyChange): Remedy | undefined => {
    const made = forecast(withRemedy(plan, change), { resolution: 0.6, brief: true });
    if (!made.ok || made.value.verdict.kind !== 'window') return undefined;
    const { earliest, best, latest, latestIsLimit } = made.value.verdict;
    if (latestIsLimit && latest.timeS - earliest.timeS < WIDE_ENOUGH_S) return undefined;
    return { change, earliestS: earliest.timeS, bestS: best.timeS, latestS: latest.timeS };
  };
  const found = ladders(plan).flatMap((ladder) => {
    let [low, high] = [0, ladder.length - 1];
    let best: Remedy | undefined;
    // The top rung may be out of reach: find one that serves, from the top down, before halving.
    for (const top of new Set([high, Math.floor(high / 2), Math.floor(high / 4)])) {
      best = top >= 0 ? tried(ladder[top]!) : undefined;
      high = top;
      if (best) break;
    }
    if (!best) return [];
    while (low < high) {
      const middle = Math.floor((low + high) / 2);
      const here = tried(ladder[middle]!);
      if (here) [best, high] = [here, middle];
      else low = middle + 1;
    }
    return [best];
  });
  return found.sort((a, b) => b.latestS - b.earliestS - (a.latestS - a.earliestS));
}
