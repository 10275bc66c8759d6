import { lightnessAfter, shadeOf } from '../browning';
import { columnMeans, DONE, outcomeAt, SETTING, wobbleOf, type Outcome } from '../doneness';
import { SIMMERS_WITHIN_K, type BathForecast } from '../oven';
import { boilingPointAtAltitudeC } from '../properties';
import { pasteurisedTimes, type Safety } from '../safety';
import { thermometerAt, type Model, type Moment } from '../thermal';
import { reasonIn } from './cautions';
import { topBrowningAlong, topHalfwayC } from './colouring';
import { bathCovers } from './frames';
import type { History } from './history';
import type { ForecastVerdict, Knife, Pull, TopForecast } from './outcome';
import type { ForecastPlan } from './plan';
import type { Prepared } from './prepared';
import type { FollowedBake } from './window';

/** Set fractions of the middle from which a knife comes out smeared, and clean. From memory. */
const SMEARED_FROM = 0.5;

function knifeIn(model: Model, moment: Moment): Knife {
  const [middle] = columnMeans(model, moment.extents[SETTING]!);
  return middle! < SMEARED_FROM ? 'wet' : middle! < DONE.clean ? 'smeared' : 'clean';
}

/** What a cook meets when pulling at a time, the filling being as in `moment`. */
function pullAt(model: Model, outcomes: readonly Outcome[], timeS: number, moment: Moment): Pull {
  const { probeC, peakC, peakAfterS } = outcomeAt(outcomes, timeS);
  const wobble = wobbleOf(model, moment);
  return { timeS, probeC, peakC, peakAfterS, wobble, knife: knifeIn(model, moment) };
}

/** The window as a cook meets it at its edges and its best, or why there is none. */
export function verdictOf(
  { model, bakes }: Prepared,
  { verdict, outcomes }: FollowedBake,
  { at, pullS, pulled }: History,
  startC: number,
): ForecastVerdict {
  if (verdict.kind === 'no-window') {
    return { ...verdict, says: reasonIn(verdict, bakes, startC) };
  }
  /** The pull that is drawn is known already. */
  const pullOf = (timeS: number): Pull =>
    pullAt(model, outcomes, timeS, timeS === pullS ? pulled : at(timeS));
  return {
    kind: 'window',
    earliest: pullOf(verdict.earliestS),
    best: pullOf(verdict.bestS),
    latest: pullOf(verdict.latestS),
    latestIsLimit: verdict.latestIsLimit,
  };
}

/** What has become of the open surface by the pull, half-way out. */
export function topOf(
  { model: { mesh }, colouring }: Prepared,
  history: readonly Moment[],
  pulled: Moment,
): TopForecast {
  const inOven = history.filter(({ timeS }) => timeS <= pulled.timeS);
  const brown = topBrowningAlong(mesh, colouring, inOven).at(-1)!;
  return {
    shade: shadeOf(lightnessAfter(brown)),
    surfaceC: topHalfwayC(mesh)(pulled),
    driedKgM2: pulled.driedKgM2[Math.floor(mesh.fillColumns / 2)]!,
  };
}

/** The history of the spot that stays coldest in the oven and after: of the axis, at three heights. */
export function safetyOf(model: Model, history: readonly Moment[]): Safety {
  const { depthM } = model.cup;
  const spots = [0.25, 0.5, 0.75].map((share) => {
    const read = thermometerAt(model, { radiusShare: 0, heightM: share * depthM });
    return history.map((moment) => [moment.timeS, read(moment)] as const);
  });
  const peaks = spots.map((spot) => Math.max(...spot.map(([, celsius]) => celsius)));
  return {
    coldestPeakC: Math.min(...peaks),
    timesPublished: Math.min(...spots.map(pasteurisedTimes)),
  };
}

/** What becomes of a bath up to the pull; none without one that has a balance of its own. */
export function bathOf(
  { bath }: Prepared,
  { moments, pulled, pullS }: History,
  { altitudeM }: ForecastPlan,
): BathForecast | undefined {
  if (!bath || !pulled.water) return undefined;
  const inPan = moments.filter(({ water, timeS }) => water && timeS <= pullS);
  const dry = inPan.findIndex((moment) => !bathCovers(bath, moment));
  const inWater = dry < 0 ? inPan : inPan.slice(0, dry);
  const simmersC = boilingPointAtAltitudeC(altitudeM) - SIMMERS_WITHIN_K;
  return {
    waterMl: bath.waterMl,
    atPullC: pulled.water.celsius,
    hottestC: Math.max(...inWater.map(({ water }) => water!.celsius)),
    simmersAtS: inWater.find(({ water }) => water!.celsius >= simmersC)?.timeS,
    driesAtS: inPan[dry]?.timeS,
    leftMl: pulled.water.massKg * 1000,
  };
}
