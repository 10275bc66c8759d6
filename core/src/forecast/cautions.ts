import type { NoWindow } from '../doneness';
import { boilingPointAtAltitudeC } from '../properties';
import type { Bakes } from '../setting';
import { insideOf, isTrulyRound } from '../vessel';
import type { Level } from '../shell';
import type { Pull } from './outcome';
import type { ForecastPlan } from './plan';
import { LONGEST_BAKE_S } from './prepared';
import { SIGN_NAMES, type Sign } from '../oven';

const brittle = ({ vessel }: ForecastPlan): boolean =>
  vessel.material === 'glass' || vessel.material === 'ceramic';

/** Why there is no window, in a sentence; {@link remediesFor} finds what would open one. */
export const reasonIn = (verdict: NoWindow, { spoils, curdleC }: Bakes, startC: number): string =>
  curdleC !== undefined && startC >= curdleC
    ? `Let it cool before you pour it: at ${Math.round(startC)} °C it ${spoils} as it stands.`
    : verdict.reason === 'does-not-set-in-time'
      ? `After ${LONGEST_BAKE_S / 3600} hours at this setting the middle has not set.`
      : `As planned, the rim ${spoils} before the middle has set.`;

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
): string[] {
  const cracks = plan.family === 'fresh-cheese' || plan.family === 'purée-custard';
  const cautions: string[] = [];
  const deep = depthMm > DEEP_MM;
  const first = plan.out?.[0]?.place ?? 'rack';
  if (cracks && spoilt > bakes.spoiltAtMost / 2) {
    cautions.push(
      'Lower the oven or use a bath: baked like this so much of it overheats that it is likely to crack from the middle.',
    );
  } else if (
    cracks &&
    deep &&
    (first === 'fridge' || first === 'freezer' || first === 'ice-bath')
  ) {
    cautions.push('Let it cool slowly first: straight into the cold a deep filling cracks.');
  } else if (plan.family === 'fresh-cheese' && deep && first === 'rack') {
    cautions.push(
      'Free the rim with a knife while it is warm, or let it stand in the shut oven first: cooling fast it tears and cracks.',
    );
  }
  return cautions;
}

/** A puff lower than this is not seen, mm. */
const TOLD_RISE_MM = 2;

/** The usual cautions for a plan and its best pull. */
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
  },
): string[] {
  const cautions = crackingIn(plan, level, spoilt, bakes);
  if (riseMm >= TOLD_RISE_MM) {
    const over = riseMm > level.gapMm ? ' Leave it that much to the rim, or it runs over.' : '';
    cautions.push(`It puffs by about ${Math.round(riseMm)} mm and falls back as it cools.${over}`);
  }
  if (rimDarkS !== undefined) {
    cautions.push(
      `The shell’s rim turns dark from ${Math.round(rimDarkS / 60)} min on: lay a ring of foil over it by then.`,
    );
  }
  if (topDarkS !== undefined && best && topDarkS < best.timeS) {
    cautions.push(
      `The top turns dark from ${Math.round(topDarkS / 60)} min on: lay foil loosely over it by then.`,
    );
  }
  if (neverShows) {
    cautions.push(
      `You wait until ${SIGN_NAMES[neverShows]}, and that is not foreseen to come: what was to follow is left out.`,
    );
  }
  if (plan.laid && plan.laid.length > 0) {
    cautions.push(
      'What lies under or over the filling is computed as a level layer; pieces with filling between them heat sooner.',
    );
  }
  if (best && best.peakC < 71) {
    cautions.push(
      'The middle stays under 71 °C. For the young, the old, the pregnant or the ill use pasteurised egg, and follow your local code.',
    );
  }
  if (brittle(plan)) {
    cautions.push(
      'Glass and china can crack: no cold dish into a hot oven, no hot dish onto a wet bench.',
    );
  }
  if (plan.vessel.kind === 'capacity') {
    cautions.push('Only what the dish holds is known: it is taken for a pot half as high as wide.');
  } else if (!isTrulyRound(insideOf(plan.vessel))) {
    cautions.push(
      'This vessel is not round: it is computed as a round one with as much wall for its area, and drawn so. Trust the wobble before the minute.',
    );
  }
  const boilsC = boilingPointAtAltitudeC(plan.altitudeM);
  if (plan.bath) {
    if (level.depthMm < SHALLOW_MM) {
      cautions.push(
        'Shallow dishes in a bath are foreseen quicker than most cooks find them: expect the late half of the window, and go by the wobble.',
      );
    }
    cautions.push('Pour the water at the oven, with dry mitts; the pan stays until it has cooled.');
    if (!plan.bath.wrapped && (plan.vessel.looseBase || plan.vessel.kind === 'springform')) {
      cautions.push('A loose base leaks: wrap it in a bag or foil to above the water.');
    }
    if (plan.vessel.material !== 'bright-tin' && plan.vessel.material !== 'dark-tin') {
      cautions.push('Boiling water round a cold dish can crack it: let it lose its chill first.');
    }
  }
  if (plan.out?.some(({ place }) => place === 'freezer')) {
    cautions.push(
      'What sets by egg weeps once it has been frozen: out of the freezer before its edge freezes.',
    );
  }
  if (plan.out?.some(({ place }) => place === 'ice-bath') && brittle(plan)) {
    cautions.push('Hot glass or china cracks in ice water: let it stand on a cloth first.');
  }
  if (boilsC < 96)
    cautions.push(`Water boils at ${boilsC.toFixed(0)} °C at this altitude: the top dries sooner.`);
  return cautions;
}
