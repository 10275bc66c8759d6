import { ZERO_CELSIUS_K } from '../units';
import { doughActivity, solveTridiagonal, waterOnDryAt } from '../dough';
import { CRISP_UP_TO } from './blind';

/** What lies between the filling and the base. */
export const SEALS = ['none', 'jam', 'egg-wash', 'cocoa-butter', 'chocolate'] as const;
export type Seal = (typeof SEALS)[number];

/**
 * How well a seal keeps water off, as mm of baked shell that would do as much. From memory, calibrated
 * on practice: unsealed under a wet filling a base is soft within the day; egg wash doubles that; a
 * brushed coat of chocolate carries it to the next day and over.
 */
const SEAL_MM: Readonly<Record<Seal, number>> = {
  none: 0,
  jam: 0.7,
  'egg-wash': 2,
  'cocoa-butter': 7,
  chocolate: 10,
};

/** Water through a baked short shell, m²/s at 20 °C, and what warms it by (J/mol). Calibrated; from memory. */
const SHELL_M2S = 3e-11;
const ACTIVATION_J = 30_000;
const GAS_J = 8.314;

const CELLS = 10;
const STEP_S = 300;
/** How long the clock is followed, s. */
const LONGEST_S = 5 * 24 * 3600;

/** A base is soft to the tooth from this water activity, mean over its depth. From memory: 0.5 to 0.7. */
export const SOFT_FROM = 0.65;

export interface SoggyPlan {
  readonly thicknessMm: number;
  /** Of the base as it is filled, 0 to 1. */
  readonly baseActivity: number;
  /** Of the filling, 0 to 1. */
  readonly fillingActivity: number;
  readonly seal: Seal;
  /** Where it is kept, °C. */
  readonly keptC: number;
}

export interface SoggyClock {
  /** Since it was filled, s; `undefined` when it outlasts five days, 0 when it is soft from the start. */
  readonly lessCrispS: number | undefined;
  readonly softS: number | undefined;
  /** Mean water activity of the base every hour, from 0. */
  readonly hourly: readonly number[];
}

/**
 * How long a base stays crisp under a filling: water diffuses through the seal and up the base from the
 * face that meets the filling; the face on the tin is closed. `thicknessMm` over 0, activities 0 to 1,
 * `keptC` 0 to 40. Source: Fick's law, with the constants above.
 */
export function soggyClock(plan: SoggyPlan): SoggyClock {
  const { thicknessMm, seal, keptC } = plan;
  const kelvin = keptC + ZERO_CELSIUS_K;
  const diffusivity =
    SHELL_M2S * Math.exp((-ACTIVATION_J / GAS_J) * (1 / kelvin - 1 / (20 + ZERO_CELSIUS_K)));
  const dx = thicknessMm / 1000 / CELLS;
  const outsideX = waterOnDryAt(Math.min(0.98, plan.fillingActivity));
  let x = Float64Array.from({ length: CELLS }, () => waterOnDryAt(plan.baseActivity));
  const between = diffusivity / dx;
  const entry = diffusivity / (dx / 2 + SEAL_MM[seal] / 1000);
  const meanActivity = () => x.reduce((sum, value) => sum + doughActivity(value), 0) / CELLS;
  const hourly = [meanActivity()];
  let [lessCrispS, softS] = [
    hourly[0]! > CRISP_UP_TO ? 0 : undefined,
    hourly[0]! > SOFT_FROM ? 0 : undefined,
  ] as (number | undefined)[];
  for (let timeS = STEP_S; timeS <= LONGEST_S; timeS += STEP_S) {
    const below = new Float64Array(CELLS);
    const above = new Float64Array(CELLS);
    const diagonal = new Float64Array(CELLS).fill(dx / STEP_S);
    const right = Float64Array.from(x, (value) => (dx / STEP_S) * value);
    diagonal[0]! += entry;
    right[0]! += entry * outsideX;
    for (let cell = 0; cell < CELLS - 1; cell += 1) {
      diagonal[cell]! += between;
      diagonal[cell + 1]! += between;
      above[cell] = -between;
      below[cell + 1] = -between;
    }
    solveTridiagonal(below, diagonal, above, right);
    x = right;
    const activity = meanActivity();
    if (lessCrispS === undefined && activity > CRISP_UP_TO) lessCrispS = timeS;
    if (softS === undefined && activity > SOFT_FROM) softS = timeS;
    if (timeS % 3600 === 0) hourly.push(activity);
    if (softS !== undefined && timeS > softS + 6 * 3600) break;
  }
  return { lessCrispS, softS, hourly };
}
