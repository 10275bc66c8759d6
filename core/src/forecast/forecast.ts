import { CURDLING, curdledShare, SETTING, type Tries } from '../doneness';
import { leavesAt } from '../browning';
import { coolingOf } from '../cooling';
import { standardPressurePa, waterActivity } from '../properties';
import { succeed, type Result } from '../result';
import { thermometerAt, type Moment } from '../thermal';
import { cautionsFor } from './cautions';
import { drawnOf, fieldShapeOf, inOneBuffer, placeOf, staysOf } from './frames';
import { historyOf, type History } from './history';
import { layerForecasts } from './layers';
import type { Forecast } from './outcome';
import type { ForecastPlan } from './plan';
import { prepare } from './prepare';
import type { Prepared } from './prepared';
import { bathOf, safetyOf, topOf, verdictOf } from './report';
import { riseMm } from './rise';
import { followBake, type FollowedBake } from './window';

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

/** Shares of the work after which a bake has been followed, and its window found. */
const FOLLOWED = 0.4;
const FOUND = 0.8;

/** A rim that is darker than this is past hazelnut. */
const DARK_UNDER = leavesAt('hazelnut');

/**
 * Forecasts a bake: when to pull, what the probe and the wobble will show, and the whole history.
 *
 * Fails, with the path of the field, on a plan that cannot be baked (no room, overheated start, an
 * oven that stays under the setting temperature) or a family that is not judged yet. The history
 * runs in the oven to the pull chosen (or, without a window, to when it sets, or curdles, or the end
 * of the search) and then 40 min on a rack. Models and sources: docs/model.md.
 */
export function forecast(plan: ForecastPlan, options: ForecastOptions = {}): Result<Forecast> {
  const { resolution = 1, setShiftK = 0, onProgress = () => undefined } = options;
  const prepared = prepare(plan, resolution, setShiftK);
  if (!prepared.ok) return prepared;
  const tries = resolution < 1 ? DRAFT_TRIES : TRIES;
  const followed = followBake(prepared.value, tries, {}, (share) => onProgress(FOLLOWED * share));
  onProgress(FOUND);
  const history = historyOf(prepared.value, followed, plan.pull ?? 'best');
  const made = report(plan, prepared.value, followed, history, options);
  onProgress(1);
  return succeed(made);
}

/** What is drawn cell by cell, moment by moment. */
const fieldsOf = (
  moments: readonly Moment[],
): Pick<Forecast, 'temperatureC' | 'setExtent' | 'curdledExtent'> => ({
  temperatureC: inOneBuffer(moments.map((moment) => moment.temperatureC)),
  setExtent: inOneBuffer(moments.map(({ extents }) => extents[SETTING]!)),
  curdledExtent: inOneBuffer(moments.flatMap(({ extents }) => extents[CURDLING] ?? [])),
});

/** All that is said and drawn of a bake whose window and history are known. */
function report(
  plan: ForecastPlan,
  prepared: Prepared,
  followed: FollowedBake,
  history: History,
  { brief = false, cooling = true }: ForecastOptions,
): Forecast {
  const { model, bakes, analysis, level, steps } = prepared;
  const { pullS, pulled, wayOut } = history;
  const { moments, frames } = drawnOf(prepared, followed.poured, history, brief);
  const verdict = verdictOf(prepared, followed, history, plan.fillingStartC);
  const bath = bathOf(prepared, history, plan);
  const safety = safetyOf(model, history.moments);
  const { energy } = history.moments.at(-1)!;
  const rise = riseMm(model, pulled, {
    share: bakes.air,
    activity: waterActivity(analysis.composition),
    airPressurePa: standardPressurePa(plan.altitudeM),
    pouredC: plan.fillingStartC,
  });
  return {
    verdict,
    pullS,
    setC: bakes.setC,
    curdleC: bakes.curdleC,
    spoils: bakes.spoils,
    frames,
    stays: brief || !cooling ? [] : staysOf(prepared, followed.baked, history),
    field: fieldShapeOf(prepared, plan),
    ...fieldsOf(brief ? [] : moments),
    steps,
    riseMm: rise,
    laid: layerForecasts(model, prepared.laid, moments, pulled),
    waterLostG: energy.evaporatedKg * 1000,
    ...(bath ? { bath } : {}),
    ...(brief || !cooling
      ? {}
      : {
          cooling: coolingOf(
            model,
            pulled,
            wayOut,
            thermometerAt(model, placeOf(model, 'centre')),
            { family: plan.family, shell: plan.shell !== 'none', roomC: plan.roomC },
          ),
        }),
    safety,
    top: topOf(prepared, history.moments, pulled),
    energyResidual: (energy.receivedJ - energy.storedJ) / Math.max(1, Math.abs(energy.receivedJ)),
    level,
    cautions: cautionsFor(plan, verdict.kind === 'window' ? verdict.best : undefined, {
      level,
      spoilt: curdledShare(model, pulled),
      bakes,
      riseMm: rise,
      rimDarkS: frames.find(
        ({ rimLightness: l, timeS }) => l !== undefined && l < DARK_UNDER && timeS <= pullS,
      )?.timeS,
      topDarkS: followed.colours.darkS,
      neverShows: prepared.neverShows,
      timesPublished: safety.timesPublished,
    }),
  };
}
