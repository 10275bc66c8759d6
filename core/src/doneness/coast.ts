import {
  later,
  runCourse,
  thermometerAt,
  type Course,
  type Model,
  type Moment,
  type Place,
} from '../thermal';
import { columnMeans, curdledShare } from './wobble';
import { SETTING } from './kinetics';

/** What becomes of a filling that leaves the oven at a given time. */
export interface Outcome {
  readonly pullS: number;
  /** Probe at the centre when it is pulled, °C. */
  readonly probeC: number;
  /** Hottest the centre gets, °C, and how long after the pull. */
  readonly peakC: number;
  readonly peakAfterS: number;
  /** Set fraction, over its depth, of the column furthest behind: when it is pulled, and once nothing changes any more. */
  readonly setAtPull: number;
  readonly set: number;
  /** Share of the filling that has curdled by then. */
  readonly curdled: number;
}

/** The middle of the filling, where a cook puts the probe. */
export const centreOf = (model: Model): Place => ({
  radiusShare: 0,
  heightM: model.cup.depthM / 2,
});

/** Set fraction of the column furthest behind, mean over its depth. */
export const slowestColumn = (model: Model, moment: Moment): number =>
  Math.min(...columnMeans(model, moment.extents[SETTING]!));

/** How far below its reference a reaction no longer changes anything in a cooling filling, K. */
const ASLEEP_K = 8;
/** A filling that has not come to rest by then has set in the pan, s. */
const LONGEST_COAST_S = 3600;

/**
 * Carries a pulled filling on until it neither sets nor curdles any more, and says what it became.
 * `out` is on the clock that starts with the pull.
 */
export function coast(model: Model, pulled: Moment, out: Course): Outcome {
  const probe = thermometerAt(model, centreOf(model));
  const asleepC = model.reactions[SETTING]!.referenceC - ASLEEP_K;
  const { fillColumns, fillRows, baseRows, rows } = model.mesh;
  const hottest = (moment: Moment): number => {
    let most = -Infinity;
    for (let column = 0; column < fillColumns; column += 1) {
      for (let row = baseRows; row < baseRows + fillRows; row += 1) {
        most = Math.max(most, moment.temperatureC[column * rows + row]!);
      }
    }
    return most;
  };
  const after = runCourse(model, pulled, later(out, pulled.timeS), pulled.timeS + LONGEST_COAST_S, {
    toleranceK: 4,
    longestStepS: 600,
    firstStepS: 5,
    enough: (moment) => hottest(moment) < asleepC,
  });
  const last = after[after.length - 1]!;
  const probeC = probe(pulled);
  let peakC = probeC;
  let peakAfterS = 0;
  for (const moment of after) {
    const here = probe(moment);
    if (here > peakC) {
      peakC = here;
      peakAfterS = moment.timeS - pulled.timeS;
    }
  }
  return {
    pullS: pulled.timeS,
    probeC,
    peakC,
    peakAfterS,
    setAtPull: slowestColumn(model, pulled),
    set: slowestColumn(model, last),
    curdled: curdledShare(model, last),
  };
}
