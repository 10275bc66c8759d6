import { CURDLING, reactionsOf } from '../doneness';
import { pasteurisedTimes } from '../safety';
import type { Analysis } from '../formula';
import {
  boilingPointC,
  evaluate,
  evaporationHeatJkg,
  foodProperties,
  standardPressurePa,
  waterActivity,
} from '../properties';
import { fail, succeed, type Result } from '../result';
import { finalAt, rateAt } from '../thermal';
import { depthM, panLoss, type Panful } from './pan';
import { thickensOver } from './starch';

/** How a pan is heated. */
export const STOVE_HEATS = ['over-water', 'gentle', 'medium', 'strong'] as const;
export type StoveHeat = (typeof STOVE_HEATS)[number];

/**
 * Heat that goes into a pan's base, W/m², the ring being chosen by the pan: a ring of 0.4 to 2 kW under 20 cm, of
 * which half passes it by. Over simmering water steam brings it, the less the warmer the bowl, W/(m² K) to 97 °C.
 * Calibrated: a yolk curd poured together at 70 °C thickens in 5 to 7 min on gentle heat, and takes two to three
 * times as long over water (from memory).
 */
const INTO_PAN_WM2: Readonly<Record<Exclude<StoveHeat, 'over-water'>, number>> = {
  gentle: 5500,
  medium: 16_000,
  strong: 32_000,
};
const STEAM = { celsius: 97, convectionWm2K: 200 } as const;

/** Pan and spoon, J/(m² K) of its base: a kilo of steel at 20 cm. From memory. */
const PAN_JM2K = 16_000;

/**
 * Between the base of a pan that is stirred without a stop and what is in it, W/(m² K), and how thick and how long
 * kept the film is that lies on the base between two strokes. From memory.
 */
const STIRRED_WM2K = 700;
const FILM_M = 0.0005;
const STROKE_S = 1;

/** An egg cream without starch sets and pulls into strands as a custard does. Common practice: coats at 77 to 82, strands past 85. */
const STRANDS = reactionsOf({ setC: 79, curdleC: 85 })[CURDLING]!;
/** How fast egg at a temperature pulls into strands, 1/s: that part of it which this temperature can reach. */
const strandsPerS = (celsius: number): number =>
  rateAt(STRANDS, celsius) * finalAt(STRANDS, celsius);
/** Share of it in strands that the tongue notices. From memory. */
export const STRANDS_NOTICED = 0.05;

/** This near to boiling bubbles plop: they rise from the hotter base, K. From memory. */
const PLOPS_WITHIN_K = 2;

/** What must be reached, and for how long, for the yolk's enzyme to be destroyed. Common practice: bubbles held 1 to 2 min. */
const ENZYME = { celsius: 95, seconds: 60 } as const;

const STEP_S = 1;
const LONGEST_S = 2 * 3600;

/** A cream in its pan, about to be cooked. */
export interface StovePlan {
  readonly analysis: Analysis;
  readonly massG: number;
  readonly panDiameterMm: number;
  /** As it is poured into the pan, °C. */
  readonly startC: number;
  readonly heat: StoveHeat;
  /** Where it is done, °C: off at once, or held there for `holdS`. */
  readonly endC: { readonly from: number; readonly to?: number };
  readonly holdS: number;
  readonly roomC: number;
  readonly altitudeM: number;
}

export interface StoveForecast {
  /** Seconds with the cream, stirred through, and the pan's base under it, °C. */
  readonly points: readonly (readonly [timeS: number, celsius: number, baseC: number])[];
  /** When its starch begins to thicken it and has done so, s; not without starch, or where it is not reached. */
  readonly thickens?: { readonly fromS: number; readonly toS: number };
  /** When it is as hot as it has to be, s. */
  readonly reachedS: number;
  /** When it comes off: held, or at once. */
  readonly offS: number;
  /** From when it is too hot or in strands, s: before it is done, where the heat is too strong; none with starch. */
  readonly latestS?: number;
  /** Share in strands when it comes off, 0 to 1; 0 with starch, which keeps the egg. */
  readonly strands: number;
  /** At the end; boiling, or nearly. */
  readonly offC: number;
  /** Hottest that the pan's base gets under the stirring, °C. */
  readonly hottestBaseC: number;
  readonly waterLostG: number;
  /** Whether the yolk's enzyme has been destroyed; not asked without yolk and starch. */
  readonly enzyme?: 'destroyed' | 'survives';
  /** Times the published hold for sugared yolk. */
  readonly timesPublished: number;
}

const LIMITS = {
  panDiameterMm: { least: 80, most: 600 },
  depthM: { least: 0.004, most: 0.15 },
} as const;

/** Whether a pan can be heated so, or what stands in the way. */
function check(plan: StovePlan, panful: Panful): Result<true> {
  const { panDiameterMm, massG, startC, holdS, endC } = plan;
  if (!(massG > 0)) return fail('stove.mass', 'massG');
  const { least, most } = LIMITS.panDiameterMm;
  if (!(panDiameterMm >= least && panDiameterMm <= most)) {
    return fail('stove.pan', 'panDiameterMm');
  }
  const deep = depthM(panful);
  if (deep > LIMITS.depthM.most) {
    return fail('stove.too-deep', 'panDiameterMm', { depth: { millimetres: 1000 * deep } });
  }
  if (deep < LIMITS.depthM.least) {
    return fail('stove.too-shallow', 'panDiameterMm', { depth: { millimetres: 1000 * deep } });
  }
  if (!(startC >= 0 && startC < endC.from)) {
    return fail('stove.start', 'startC', { end: { celsius: endC.from } });
  }
  if (!(holdS >= 0 && holdS <= 900)) {
    return fail('stove.hold', 'holdS');
  }
  return succeed(true);
}

/** A second of the cooking. */
interface Second {
  readonly timeS: number;
  readonly celsius: number;
  readonly baseC: number;
  /** Share in strands, and water gone, kg, up to here. */
  readonly strands: number;
  readonly lostKg: number;
}

/**
 * Cooks a cream on the stove, stirred without a stop: one temperature throughout, heat into the pan less what it
 * loses to the room, boiling where the air and what is dissolved in it let it. What lies on the base between two
 * strokes is hotter by the flux over the stirring's heat transfer; egg without starch pulls into strands there.
 * Good to a third, as rings and pans are. Fails where the pan is none, or it does not get hot enough in two hours.
 */
export function cookOnStove(plan: StovePlan): Result<StoveForecast> {
  const { analysis, massG, startC, heat, endC, holdS, roomC, altitudeM } = plan;
  const { composition } = analysis;
  const radiusM = plan.panDiameterMm / 2000;
  const panful: Panful = { composition, grams: massG, radiusM, roomC, altitudeM };
  const checked = check(plan, panful);
  if (!checked.ok) return checked;
  const { heatCapacityJkgK } = foodProperties(composition);
  const loss = panLoss(panful);
  const baseM2 = Math.PI * radiusM ** 2;
  const boilsC = boilingPointC(standardPressurePa(altitudeM) / waterActivity(composition));
  // Where it boils sooner, as on a mountain, it gets no hotter.
  const attained = (celsius: number) => Math.min(celsius, boilsC - PLOPS_WITHIN_K);
  const swelling = thickensOver(analysis);
  const film = Math.min(1, FILM_M / depthM(panful));
  const panJK = PAN_JM2K * baseM2;
  const steamM2 = STEAM.convectionWm2K * baseM2;

  const seconds: Second[] = [];
  // The pan is as cool as the kitchen when the cream goes into it.
  const creamJK = (massG / 1000) * evaluate(heatCapacityJkgK, startC);
  let celsius = (creamJK * startC + panJK * roomC) / (creamJK + panJK);
  let lostKg = 0;
  let exposure = 0;
  let reachedS: number | undefined;
  let latestS: number | undefined;
  for (let timeS = 0; timeS <= LONGEST_S; timeS += STEP_S) {
    const gainedW =
      heat === 'over-water'
        ? steamM2 * Math.max(0, STEAM.celsius - celsius)
        : INTO_PAN_WM2[heat] * baseM2;
    const baseC = celsius + gainedW / baseM2 / STIRRED_WM2K;
    seconds.push({ timeS, celsius, baseC, strands: 1 - Math.exp(-exposure), lostKg });
    if (celsius >= attained(endC.from)) reachedS ??= timeS;
    if (
      !swelling &&
      (1 - Math.exp(-exposure) > STRANDS_NOTICED || celsius > (endC.to ?? Infinity))
    ) {
      latestS ??= timeS;
    }
    const done = reachedS !== undefined && timeS >= reachedS + holdS;
    if (done && (swelling || latestS !== undefined)) break;
    // The film is as warm as the base on one side and as the rest on the other.
    const inFilm = strandsPerS((baseC + celsius) / 2);
    exposure +=
      STEP_S * ((film * inFilm) / (1 + inFilm * STROKE_S) + (1 - film) * strandsPerS(celsius));
    const { lossW, evaporationW } = loss(celsius);
    const capacityJK = (massG / 1000) * evaluate(heatCapacityJkgK, celsius) + panJK;
    const warmer = celsius + ((gainedW - lossW) * STEP_S) / capacityJK;
    const boiledJ = Math.max(0, warmer - boilsC) * capacityJK;
    lostKg += (Math.max(0, evaporationW) * STEP_S + boiledJ) / evaporationHeatJkg(celsius);
    celsius = Math.min(boilsC, warmer);
  }
  if (reachedS === undefined) {
    return fail('stove.too-weak', 'heat', { reached: { celsius } });
  }
  const offS = reachedS + holdS;
  const off = seconds.find(({ timeS }) => timeS >= offS) ?? seconds[seconds.length - 1]!;
  const cooked = seconds.filter(({ timeS }) => timeS <= off.timeS);
  const hotS = cooked.filter((each) => each.celsius >= attained(ENZYME.celsius)).length * STEP_S;
  const firstAt = (wantedC: number) => cooked.find((each) => each.celsius >= wantedC)?.timeS;
  const fromS = swelling && firstAt(swelling.fromC);
  const toS = swelling && firstAt(attained(swelling.toC));
  const yolk = analysis.eggG.yolk + analysis.eggG.whole > 0;
  return succeed({
    points: seconds.map((each) => [each.timeS, each.celsius, each.baseC] as const),
    ...(fromS === undefined || toS === undefined ? {} : { thickens: { fromS, toS } }),
    reachedS,
    offS: off.timeS,
    ...(latestS === undefined ? {} : { latestS }),
    strands: swelling ? 0 : off.strands,
    offC: off.celsius,
    hottestBaseC: Math.max(...cooked.map(({ baseC }) => baseC)),
    waterLostG: off.lostKg * 1000,
    ...(swelling && yolk
      ? { enzyme: hotS > ENZYME.seconds ? ('destroyed' as const) : ('survives' as const) }
      : {}),
    timesPublished: pasteurisedTimes(cooked.map((each) => [each.timeS, each.celsius] as const)),
  });
}
