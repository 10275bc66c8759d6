import { lightnessAfter, SHADES, shadeOf } from '../browning';
import {
  centreOf,
  columnMeans,
  curdledShare,
  DONE,
  learntEnough,
  momentAt,
  outcomeAt,
  seenFromAbove,
  searchWindow,
  SETTING,
  wobbleOf,
  type Tries,
} from '../doneness';
import { boilingPointAtAltitudeC, standardPressurePa, waterActivity } from '../properties';
import { succeed, type Result } from '../result';
import {
  aroundAt,
  coveredBy,
  later,
  thermometerAt,
  runCourse,
  type Model,
  type Moment,
  type Place,
} from '../thermal';
import { SIMMERS_WITHIN_K, type BathForecast } from './bath';
import { cautionsFor, reasonIn } from './cautions';
import { coolingOf } from './cooling';
import { bakeUntil } from './bakeUntil';
import { topFollower, topBrowningAlong, topHalfwayC } from './colouring';
import { laidOutcomes } from './laid';
import { LONGEST_BAKE_S, type Prepared } from './prepare';
import { prepare } from './signs';
import {
  PROBE_PLACES,
  type FieldShape,
  type Forecast,
  type Frame,
  type Knife,
  type ProbeName,
  type Pull,
  type TopForecast,
} from './outcome';
import type { ForecastPlan } from './plan';
import { riseMm } from './rise';
import { pasteurisedTimes, type Safety } from './safety';

export interface ForecastOptions {
  /** Multiplies the cells of the mesh; 1 is for daily use. */
  readonly resolution?: number;
  /** Moves the setting and curdling temperatures, K: one of the things a forecast is unsure of. */
  readonly setShiftK?: number;
  /** Only the window and the curves: neither fields to draw nor the hours of cooling. */
  readonly brief?: boolean;
  /** False leaves out the hours of cooling: for a slider that is still moving. */
  readonly cooling?: boolean;
  /** Called with 0 to 1 as the work goes on. */
  readonly onProgress?: (share: number) => void;
}

/** Pulls tried for a window, and for that of a draft on a coarser mesh. */
const TRIES: Tries = { first: 4, most: 10 };
const DRAFT_TRIES: Tries = { first: 3, most: 7 };

/** How long the drawn history goes on after the pull, s. */
export const DRAWN_COOLING_S = 40 * 60;

/** A rim that is darker than this is past hazelnut. */
const DARK_UNDER = SHADES.find(({ name }) => name === 'hazelnut')!.downTo;

/** Temperatures of the shell's base half-way out, between its filling and the tin. */
function baseAt(
  { mesh }: Model,
  shellLayer: number | undefined,
  { temperatureC }: Moment,
): Pick<Frame, 'baseC'> {
  if (shellLayer === undefined) return {};
  const column = Math.floor(mesh.fillColumns / 2) * mesh.rows;
  const inBase = mesh.layerOf.subarray(column, column + mesh.baseRows);
  const [lowest, highest] = [inBase.indexOf(shellLayer), inBase.lastIndexOf(shellLayer)];
  return { baseC: [temperatureC[column + highest]!, temperatureC[column + lowest]!] };
}

/** Set fractions of the middle from which a knife comes out smeared, and clean. From memory. */
const SMEARED_FROM = 0.5;

function knifeIn(model: Model, moment: Moment): Knife {
  const [middle] = columnMeans(model, moment.extents[SETTING]!);
  return middle! < SMEARED_FROM ? 'wet' : middle! < DONE.clean ? 'smeared' : 'clean';
}

/** What has become of the open surface by the pull, half-way out. */
function topOf(
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
function safetyOf(model: Model, history: readonly Moment[]): Safety {
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

/** Fields of equal size, rounded to single precision, laid one behind the other. */
function inOneBuffer(fields: readonly Float64Array[]): Float32Array[] {
  const size = fields[0]?.length ?? 0;
  const all = new Float32Array(fields.length * size);
  fields.forEach((field, index) => all.set(field, index * size));
  return fields.map((_, index) => all.subarray(index * size, (index + 1) * size));
}

/** The place of a named probe in the filling. */
const placeOf = (model: Model, name: ProbeName): Place => ({
  ...centreOf(model),
  radiusShare: PROBE_PLACES[name],
});

function describeField({ model, laid }: Prepared, plan: ForecastPlan): FieldShape {
  const { mesh, cup } = model;
  const laidIn = (place: 'under' | 'over') =>
    laid
      .filter((each) => each.laid.place === place)
      .map(({ laid: { name }, thicknessMm }) => ({ name, thicknessM: thicknessMm / 1000 }));
  return {
    columns: mesh.columns,
    rows: mesh.rows,
    fillColumns: mesh.fillColumns,
    baseRows: mesh.baseRows,
    radiusM: Float32Array.from(mesh.centreRadiusM),
    heightM: Float32Array.from(mesh.rowCentreM),
    fill: {
      bottomRadiusM: cup.bottomRadiusM,
      topRadiusM: cup.topRadiusM,
      depthM: cup.depthM,
    },
    shellThicknessM: plan.shell === 'none' ? 0 : plan.shellThicknessMm / 1000,
    under: laidIn('under'),
    over: laidIn('over'),
  };
}

/**
 * Forecasts a bake: when to pull, what the probe and the wobble will show, and the whole history.
 *
 * Fails, with the path of the field, on a plan that cannot be baked (no room, overheated start, an
 * oven that stays under the setting temperature) or a family that is not judged yet. The history
 * runs in the oven to the pull chosen (or, without a window, to when it sets, or curdles, or the end
 * of the search) and then 40 min on a rack. Models and sources: docs/model.md.
 */
export function forecast(plan: ForecastPlan, options: ForecastOptions = {}): Result<Forecast> {
  const { resolution = 1, setShiftK = 0, brief = false, onProgress = () => undefined } = options;
  const prepared = prepare(plan, resolution, setShiftK);
  if (!prepared.ok) return prepared;
  const { model, bakes, bath, oven, out, firstPour, shellLayer } = prepared.value;

  const top = topFollower(prepared.value);
  const enough = learntEnough(model, bakes, top.goldenBy);
  const watched = (moment: Moment): boolean => {
    onProgress((0.4 * moment.timeS) / LONGEST_BAKE_S);
    return enough(moment);
  };
  const { poured, moments: baked } = bakeUntil(prepared.value, watched);
  onProgress(0.4);
  const { verdict, outcomes } = searchWindow(
    { model, moments: baked, oven, out, aim: bakes, colours: top.colours() },
    resolution < 1 ? DRAFT_TRIES : TRIES,
  );
  onProgress(0.8);

  const at = (timeS: number): Moment => momentAt(model, baked, oven, timeS);
  const pullAt = (timeS: number, moment: Moment): Pull => {
    const { probeC, peakC, peakAfterS } = outcomeAt(outcomes, timeS);
    const wobble = wobbleOf(model, moment);
    return { timeS, probeC, peakC, peakAfterS, wobble, knife: knifeIn(model, moment) };
  };
  const pullS =
    verdict.kind === 'window'
      ? verdict[`${plan.pull ?? 'best'}S`]
      : (verdict.setsAtS ?? verdict.curdlesAtS ?? baked[baked.length - 1]!.timeS);
  const pulled = at(pullS);
  /** One of the window's pulls; the one that is drawn is known already. */
  const pullOf = (timeS: number): Pull => pullAt(timeS, timeS === pullS ? pulled : at(timeS));
  const best = verdict.kind === 'window' ? pullOf(verdict.bestS) : undefined;
  const wayOut = later(out(pullS), pullS);
  const cooling = runCourse(model, pulled, wayOut, pullS + DRAWN_COOLING_S);
  const history = [...baked.filter((moment) => moment.timeS < pullS - 1), pulled, ...cooling];
  const last = history[history.length - 1]!;

  /** Whether a bath still covers its pan. */
  const covers = ({ water }: Moment): boolean =>
    bath !== undefined && water !== undefined && coveredBy(bath, water.massKg) === 1;
  const framesOf = (of: Model, moments: readonly Moment[]): Frame[] => {
    const readers = Object.keys(PROBE_PLACES).map(
      (name) => [name, thermometerAt(of, placeOf(of, name as ProbeName))] as const,
    );
    return moments.map((moment) => ({
      timeS: moment.timeS,
      inOven: moment.timeS <= pullS,
      probeC: Object.fromEntries(readers.map(([name, read]) => [name, read(moment)])) as Record<
        ProbeName,
        number
      >,
      ...seenFromAbove(of, moment),
      airC: aroundAt(moment.timeS <= pullS ? oven : wayOut, moment.timeS - 1e-6).top.airC,
      ...baseAt(of, shellLayer, moment),
      ...(of === model ? {} : { levelM: of.cup.depthM }),
      ...(moment.timeS <= pullS && covers(moment) ? { waterC: moment.water!.celsius } : {}),
    }));
  };
  const parts = [
    ...(firstPour ? [[firstPour.model, poured] as const] : []),
    [model, history] as const,
  ];
  const rim = brief ? undefined : prepared.value.followRim?.(pullS);
  const rimLightness = rim && parts.flatMap(([of, each]) => each.map((moment) => rim(of, moment)));
  const frames = parts
    .flatMap(([of, moments]) => framesOf(of, moments))
    .map((frame, index) =>
      rimLightness ? { ...frame, rimLightness: rimLightness[index]! } : frame,
    );
  const moments = parts.flatMap(([, each]) => each);
  const temperatureAtCentre = thermometerAt(model, placeOf(model, 'centre'));
  onProgress(1);
  const inPan = history.filter((moment) => moment.water && moment.timeS <= pullS);
  const dry = inPan.findIndex((moment) => !covers(moment));
  const inWater = dry < 0 ? inPan : inPan.slice(0, dry);
  const simmersC = boilingPointAtAltitudeC(plan.altitudeM) - SIMMERS_WITHIN_K;
  const bathForecast: BathForecast | undefined =
    bath && pulled.water
      ? {
          waterMl: bath.waterMl,
          atPullC: pulled.water.celsius,
          hottestC: Math.max(...inWater.map((moment) => moment.water!.celsius)),
          simmersAtS: inWater.find((moment) => moment.water!.celsius >= simmersC)?.timeS,
          driesAtS: inPan[dry]?.timeS,
          leftMl: pulled.water.massKg * 1000,
        }
      : undefined;
  const rise = riseMm(model, pulled, {
    share: bakes.air,
    activity: waterActivity(prepared.value.analysis.composition),
    airPressurePa: standardPressurePa(plan.altitudeM),
    pouredC: plan.fillingStartC,
  });
  return succeed({
    verdict:
      verdict.kind === 'window'
        ? {
            kind: 'window',
            earliest: pullOf(verdict.earliestS),
            best: best!,
            latest: pullOf(verdict.latestS),
            latestIsLimit: verdict.latestIsLimit,
          }
        : { ...verdict, says: reasonIn(verdict, bakes, plan.fillingStartC) },
    pullS,
    setC: bakes.setC,
    curdleC: bakes.curdleC,
    spoils: bakes.spoils,
    frames,
    field: describeField(prepared.value, plan),
    temperatureC: brief ? [] : inOneBuffer(moments.map((moment) => moment.temperatureC)),
    steps: prepared.value.steps,
    riseMm: rise,
    laid: laidOutcomes(model, prepared.value.laid, moments, pulled),
    waterLostG: last.energy.evaporatedKg * 1000,
    ...(bathForecast ? { bath: bathForecast } : {}),
    ...(brief || options.cooling === false
      ? {}
      : {
          cooling: coolingOf(model, pulled, wayOut, temperatureAtCentre, {
            family: plan.family,
            shell: plan.shell !== 'none',
            roomC: plan.roomC,
          }),
        }),
    safety: safetyOf(model, history),
    top: topOf(prepared.value, history, pulled),
    energyResidual:
      (last.energy.receivedJ - last.energy.storedJ) / Math.max(1, Math.abs(last.energy.receivedJ)),
    level: prepared.value.level,
    cautions: cautionsFor(plan, best, {
      level: prepared.value.level,
      spoilt: curdledShare(model, pulled),
      bakes,
      riseMm: rise,
      rimDarkS: frames.find(
        ({ rimLightness: l, timeS }) => l !== undefined && l < DARK_UNDER && timeS <= pullS,
      )?.timeS,
      topDarkS: top.colours().darkS,
      neverShows: prepared.value.neverShows,
    }),
  });
}
