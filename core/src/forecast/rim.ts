import { browningTo, lightnessAfter, lightnessOf } from '../browning';
import {
  alongM2,
  DOUGH_KG_M3,
  mixOfShell,
  RIM_CONTACT_WM2K,
  slabAt,
  stepSlab,
  waterOnDryAt,
  type DoughMix,
  type SlabFaces,
  type SlabState,
} from '../dough';
import { standardPressurePa } from '../properties';
import { aroundAt, type Course, type Model, type Moment } from '../thermal';
import { WALLS } from '../vessel';
import { FOOD_EMISSIVITY } from '../oven';
import type { ForecastPlan } from './plan';

/** Longest step of a rim, s: with steps of 4 s its lightness comes out the same to a few tenths. */
const STEP_S = 120;

/** Water activity of a shell that was baked dry and has stood a while. From memory. */
const BAKED_ACTIVITY = 0.35;

/** The dough of a rim before the bake: raw, or dry and as brown as it was baked to. */
function rimAtStart(mix: DoughMix, { rawShell, shellShade, roomC }: ForecastPlan): SlabState {
  const raw = slabAt(mix, roomC, roomC);
  if (rawShell) return raw;
  const brown = browningTo(lightnessOf(shellShade ?? 'golden'));
  const water = waterOnDryAt(BAKED_ACTIVITY) * mix.dryG * DOUGH_KG_M3;
  return {
    ...raw,
    waterKgM3: raw.waterKgM3.map(() => Math.min(water, raw.waterKgM3[0]!)),
    set: raw.set.map(() => 1),
    brown: [brown, brown],
  };
}

/** Mean temperature of the vessel's wall beside the filling, °C. */
function wallC({ mesh }: Model, { temperatureC }: Moment): number {
  const { columns, rows, baseRows, fillRows } = mesh;
  let sum = 0;
  for (let row = 0; row < fillRows; row += 1) {
    sum += temperatureC[(columns - 1) * rows + baseRows + row]!;
  }
  return sum / fillRows;
}

/** Asked of each moment of a bake in turn, with its model: the lightness of the shell's rim, L of L*a*b*. */
export type RimFollower = (model: Model, moment: Moment) => number;

/**
 * Follows the rim of a shell, which stands above its filling: dough as in `blind`, open to the oven within and
 * held by a tin without that the filling's wall keeps cool. After `outS` it stays as it is. Nothing of it is
 * given back to the filling.
 */
export function rimFollower(
  plan: ForecastPlan,
  thicknessM: number,
  oven: Course,
  outS = Infinity,
): RimFollower {
  const mix = mixOfShell(plan.shell);
  const vessel = WALLS[plan.vessel.material];
  const [conductivity] = vessel.material.conductivityWmK;
  const [heat] = vessel.material.heatCapacityJm3K;
  const airPressurePa = standardPressurePa(plan.altitudeM);
  let rim = rimAtStart(mix, plan);
  let besideC = plan.roomC;
  const facesAt = (model: Model, timeS: number): SlabFaces => {
    const { top, side } = aroundAt(oven, timeS);
    return {
      bed: undefined,
      sees: top.emissivity / FOOD_EMISSIVITY,
      convectionWm2K: top.convectionWm2K,
      airC: top.airC,
      wallsC: top.radiantC,
      tin: {
        heatJm2K: heat * vessel.thicknessM,
        resistanceM2KW: vessel.thicknessM / conductivity,
        emissivity: side.emissivity,
        convectionWm2K: side.convectionWm2K,
        contactWm2K: RIM_CONTACT_WM2K,
        alongWm2K: (conductivity * vessel.thicknessM) / alongM2(model.cup.depthM).rim,
        besideC,
      },
      airPressurePa,
    };
  };
  return (model, moment) => {
    const toS = Math.min(moment.timeS, outS);
    const fromC = besideC;
    const fromS = rim.timeS;
    const toC = wallC(model, moment);
    while (rim.timeS < toS - 1e-6) {
      const seconds = Math.min(STEP_S, toS - rim.timeS);
      besideC = fromC + ((rim.timeS - fromS) / (toS - fromS)) * (toC - fromC);
      rim = stepSlab(mix, thicknessM, facesAt(model, rim.timeS), rim, seconds);
    }
    besideC = toC;
    return lightnessAfter(Math.max(...rim.brown));
  };
}
