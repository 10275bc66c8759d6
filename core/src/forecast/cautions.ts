import { finding, type Finding } from '../result';
import type { NoWindow } from '../doneness';
import { boilingPointAtAltitudeC } from '../properties';
import type { Bakes } from '../setting';
import { insideOf, isTrulyRound } from '../vessel';
import type { Level } from '../shell';
import type { Pull } from './outcome';
import type { ForecastPlan } from './plan';
import { LONGEST_BAKE_S } from './prepared';
import type { Sign } from '../oven';

const brittle = ({ vessel }: ForecastPlan): boolean =>
  vessel.material === 'glass' || vessel.material === 'ceramic';

/** Why there is no window; {@link remediesFor} finds what would open one. */
export function reasonIn(
  { reason }: NoWindow,
  { spoils, curdleC }: Bakes,
  startC: number,
): Finding {
  if (curdleC !== undefined && startC >= curdleC) {
    return finding(`forecast.poured-too-hot.${spoils}`, { at: { celsius: startC } });
  }
  return reason === 'does-not-set-in-time'
    ? finding('forecast.does-not-set', { within: { seconds: LONGEST_BAKE_S } })
    : finding(`forecast.rim-first.${spoils}`);
}

/** Below this the bath's forecast is known to be quick, mm; docs/model.md. */
const SHALLOW_MM = 30;

/** A filling this deep cracks when its rim cools long before its middle, mm. From memory. */
const DEEP_MM = 35;

/** Where a purée or cheese filling is likely to crack. Common practice. */
function crackingIn(
  plan: ForecastPlan,
  { depthMm }: Level,
  spoilt: number,
  bakes: Bakes,
): Finding[] {
  const cracks = plan.family === 'fresh-cheese' || plan.family === 'puree-custard';
  const cautions: Finding[] = [];
  const deep = depthMm > DEEP_MM;
  const first = plan.out?.[0]?.place ?? 'rack';
  if (cracks && spoilt > bakes.spoiltAtMost / 2) {
    cautions.push(finding('forecast.cracks-from-heat'));
  } else if (
    cracks &&
    deep &&
    (first === 'fridge' || first === 'freezer' || first === 'ice-bath')
  ) {
    cautions.push(finding('forecast.cracks-in-the-cold'));
  } else if (plan.family === 'fresh-cheese' && deep && first === 'rack') {
    cautions.push(finding('forecast.free-the-rim'));
  }
  return cautions;
}

/** A puff lower than this is not seen, mm. */
const TOLD_RISE_MM = 2;

/** What hurts someone comes first, then what spoils the bake; what only limits the forecast comes after. */
const WORST_FIRST: readonly string[] = [
  'forecast.under-71',
  'forecast.under-71-held',
  'forecast.china-cracks',
  'forecast.china-in-ice',
  'forecast.cold-dish-in-bath',
  'forecast.puffs-over',
  'forecast.loose-base-leaks',
  'forecast.sign-never',
  'forecast.rim-dark',
  'forecast.top-dark',
  'forecast.cracks-from-heat',
  'forecast.cracks-in-the-cold',
  'forecast.freezer-weeps',
];
const rankOf = ({ code }: Finding): number => {
  const rank = WORST_FIRST.indexOf(code);
  return rank < 0 ? WORST_FIRST.length : rank;
};

/** The usual cautions for a plan and its best pull, the worst first. */
export function cautionsFor(
  plan: ForecastPlan,
  best: Pull | undefined,
  {
    level,
    spoilt,
    bakes,
    riseMm,
    rimDarkS,
    topDarkS,
    neverShows,
    timesPublished,
  }: {
    readonly level: Level;
    readonly spoilt: number;
    readonly bakes: Bakes;
    /** How far it has puffed at the pull. */
    readonly riseMm: number;
    /** When the shell's rim turns dark, before the pull. */
    readonly rimDarkS: number | undefined;
    /** When its open top turns dark, s. */
    readonly topDarkS: number | undefined;
    readonly neverShows: Sign | undefined;
    /** How many times the published hold for egg its coldest spot comes to. */
    readonly timesPublished: number;
  },
): Finding[] {
  const cautions = crackingIn(plan, level, spoilt, bakes);
  if (riseMm >= TOLD_RISE_MM) {
    cautions.push(
      finding(riseMm > level.gapMm ? 'forecast.puffs-over' : 'forecast.puffs', {
        by: { millimetres: Math.round(riseMm) },
      }),
    );
  }
  if (rimDarkS !== undefined) {
    cautions.push(finding('forecast.rim-dark', { from: { seconds: rimDarkS } }));
  }
  if (topDarkS !== undefined && best && topDarkS < best.timeS) {
    cautions.push(finding('forecast.top-dark', { from: { seconds: topDarkS } }));
  }
  if (neverShows) {
    cautions.push(finding('forecast.sign-never', { sign: finding(`sign.${neverShows}`) }));
  }
  if (plan.laid && plan.laid.length > 0) {
    cautions.push(finding('forecast.layers-are-level'));
  }
  if (best && best.peakC < 71) {
    cautions.push(finding(timesPublished >= 1 ? 'forecast.under-71-held' : 'forecast.under-71'));
  }
  if (brittle(plan)) {
    cautions.push(finding('forecast.china-cracks'));
  }
  if (plan.vessel.kind === 'capacity') {
    cautions.push(finding('forecast.capacity-only'));
  } else if (!isTrulyRound(insideOf(plan.vessel))) {
    cautions.push(finding('forecast.not-round'));
  }
  const boilsC = boilingPointAtAltitudeC(plan.altitudeM);
  if (plan.bath) {
    if (level.depthMm < SHALLOW_MM) {
      cautions.push(finding('forecast.shallow-bath'));
    }
    cautions.push(finding('forecast.pour-at-the-oven'));
    if (!plan.bath.wrapped && (plan.vessel.looseBase || plan.vessel.kind === 'springform')) {
      cautions.push(finding('forecast.loose-base-leaks'));
    }
    if (plan.vessel.material !== 'bright-tin' && plan.vessel.material !== 'dark-tin') {
      cautions.push(finding('forecast.cold-dish-in-bath'));
    }
  }
  if (plan.out?.some(({ place }) => place === 'freezer')) {
    cautions.push(finding('forecast.freezer-weeps'));
  }
  if (plan.out?.some(({ place }) => place === 'ice-bath') && brittle(plan)) {
    cautions.push(finding('forecast.china-in-ice'));
  }
  if (boilsC < 96)
    cautions.push(finding('forecast.altitude-dries', { boils: { celsius: boilsC } }));
  return cautions.sort((a, b) => rankOf(a) - rankOf(b));
}
