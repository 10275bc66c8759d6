import {
  alongM2,
  DOUGH_KG_M3,
  doughActivity,
  RIM_CONTACT_WM2K,
  slabAt,
  STEP_S,
  stepSlab,
  type Bed,
  type SlabFaces,
  type SlabState,
} from '../dough';
import { AIR, exchangeIn, liningAtRestC, radiantIn } from '../oven';
import { WALLS } from '../vessel';
import { standardPressurePa } from '../properties';
import { succeed, type Result } from '../result';
import { lightnessAfter, lightnessOf, shadeOf } from '../browning';
import {
  checkBlind,
  LINED_STARTS,
  type BlindPlan,
  type BlindStage,
  type Weights,
} from './blindPlan';
import type { BlindForecast, BlindFrame, BlindMoments, PlaceNow, ShellPlace } from './outcome';
import { risksOf } from './risks';

/**
 * Beds of weights. Conductivities and volumetric heat capacities of granular beds in air: ceramic 0.3
 * and 1.3e6, pulses 0.14 and 1.2e6, rice 0.12 and 1.3e6, sugar 0.16 and 1.05e6. From memory.
 */
const BEDS: Readonly<Record<Exclude<Weights, 'none'>, readonly [number, number]>> = {
  ceramic: [0.3, 1.3e6],
  beans: [0.14, 1.2e6],
  rice: [0.12, 1.3e6],
  sugar: [0.16, 1.05e6],
};

/** Between dough and metal, W/(m² K): the base lies on it, the wall leans. From memory. */
const CONTACT_WM2K = { base: 200, wall: 120, rim: RIM_CONTACT_WM2K } as const;
/** Weights lean on a wall as deep as this before the next wall's heat is felt, m. From memory. */
const WALL_BED_M = 0.03;

/** A base is dry enough to be crisp from this water activity down. From memory: crispness goes at 0.4 to 0.6. */
export const CRISP_UP_TO = 0.5;

/** Of the oven, what the inside of a rim sees past weights that reach up to it. From memory. */
const RIM_SEES = 0.5;

/** A wall stands by itself when it has set so far, mean over its depth. Calibrated: 20 min at 190 to 200 °C. */
const STANDS_FROM = 0.9;
const SET_FROM = 0.95;
/** Lightness from which a rim is too dark, a little into `dark`. From memory. */
const DARK_AT = 44;

/** A frame every so often, s. */
const FRAME_S = 20;
const LONGEST_S = 2 * 3600;

type Slabs = Readonly<Record<ShellPlace, SlabState>>;

function facesOf(plan: BlindPlan, stage: BlindStage, place: ShellPlace): SlabFaces {
  const { kind, offsetK } = plan.oven;
  const air = AIR[kind];
  const airC = stage.setC + offsetK;
  const wall = WALLS[plan.material];
  const areaM2 = (2 * (plan.baseMm2 + plan.wallMm2)) / 1e6;
  const bedOf = (depthM: number, farOpen: boolean): Bed | undefined => {
    if (!stage.weighted || plan.weights === 'none') return undefined;
    const [conductivityWmK, heatCapacityJm3K] = BEDS[plan.weights];
    return { depthM, conductivityWmK, heatCapacityJm3K, farOpen };
  };
  const bed =
    place === 'base'
      ? bedOf(Math.max(5, plan.weightsMm) / 1000, true)
      : place === 'wall'
        ? bedOf(WALL_BED_M, false)
        : undefined;
  const [conductivity] = wall.material.conductivityWmK;
  const [heat] = wall.material.heatCapacityJm3K;
  return {
    bed,
    sees: place === 'rim' && stage.weighted && plan.weights !== 'none' ? RIM_SEES : 1,
    convectionWm2K: place === 'base' ? air.topWm2K : air.sideWm2K,
    airC,
    wallsC: radiantIn(kind, liningAtRestC(kind, airC, plan.roomC), plan.roomC),
    // A ring has no floor: out of it the base still lies on its tray.
    tin:
      stage.outOfRing && place !== 'base'
        ? undefined
        : {
            heatJm2K: heat * wall.thicknessM,
            resistanceM2KW: wall.thicknessM / conductivity,
            emissivity: exchangeIn(kind, wall.emissivity, areaM2),
            convectionWm2K: place === 'base' ? air.baseWm2K : air.sideWm2K,
            contactWm2K: CONTACT_WM2K[place],
            alongWm2K:
              place === 'base'
                ? 0
                : (conductivity * wall.thicknessM) / alongM2(plan.wallHeightMm / 1000)[place],
            besideC: 0,
          },
    airPressurePa: standardPressurePa(plan.altitudeM),
  };
}

/** The faces of a place with what the metal beside it is at. */
const beside = (faces: SlabFaces, celsius: number): SlabFaces =>
  faces.tin ? { ...faces, tin: { ...faces.tin, besideC: celsius } } : faces;

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

function placeNow(plan: BlindPlan, of: SlabState, place: ShellPlace): PlaceNow {
  const { dough } = plan;
  const waterKgM3 = meanOf(of.waterKgM3);
  const solidsKgM3 = DOUGH_KG_M3 * (1 - dough.water);
  const last = of.doughC.length - 1;
  return {
    insideC: of.doughC[0]!,
    outsideC: of.doughC[last]!,
    water: waterKgM3 / (waterKgM3 + solidsKgM3),
    activity: doughActivity(waterKgM3 / (DOUGH_KG_M3 * dough.dryG)),
    set: Math.min(...of.set),
    setMean: meanOf(of.set),
    // A rim is seen from both sides; a base from above.
    lightness: lightnessAfter(place === 'rim' ? Math.max(...of.brown) : of.brown[0]),
  };
}

const frameOf = (plan: BlindPlan, slabs: Slabs, stage: number): BlindFrame => ({
  timeS: slabs.base.timeS,
  stage,
  places: {
    base: placeNow(plan, slabs.base, 'base'),
    wall: placeNow(plan, slabs.wall, 'wall'),
    rim: placeNow(plan, slabs.rim, 'rim'),
  },
});

const standing = ({ wall }: BlindFrame['places']): boolean => wall.setMean >= STANDS_FROM;

/** The moments reached in a frame that had not been reached before it. */
function reached(plan: BlindPlan, before: BlindMoments, frame: BlindFrame): BlindMoments {
  const { base, rim } = frame.places;
  const aimed = lightnessOf(plan.target);
  const first = (already: number | undefined, now: boolean) =>
    already ?? (now ? frame.timeS : undefined);
  return {
    standsS: first(before.standsS, standing(frame.places)),
    baseSetS: first(before.baseSetS, base.set >= SET_FROM),
    baseDryS: first(before.baseDryS, base.activity <= CRISP_UP_TO),
    baseColourS: first(before.baseColourS, base.lightness <= aimed),
    rimColourS: first(before.rimColourS, rim.lightness <= aimed),
    rimDarkS: first(before.rimDarkS, rim.lightness <= DARK_AT),
  };
}

const NONE_YET: BlindMoments = {
  standsS: undefined,
  baseSetS: undefined,
  baseDryS: undefined,
  baseColourS: undefined,
  rimColourS: undefined,
  rimDarkS: undefined,
};

/** Carries all places through a stage; asks after each frame whether that is enough. */
function through(
  plan: BlindPlan,
  stage: BlindStage,
  from: Slabs,
  seconds: number,
  onFrame: (slabs: Slabs) => boolean,
): Slabs {
  const thicknessM = plan.thicknessMm / 1000;
  const faces = {
    base: facesOf(plan, stage, 'base'),
    wall: facesOf(plan, stage, 'wall'),
    rim: facesOf(plan, stage, 'rim'),
  };
  let slabs = from;
  const endS = from.base.timeS + seconds;
  while (slabs.base.timeS < endS - STEP_S / 2) {
    const on = (place: ShellPlace, besideC: number) =>
      stepSlab(plan.dough, thicknessM, beside(faces[place], besideC), slabs[place]);
    const { wall, rim } = slabs;
    slabs = { base: on('base', 0), wall: on('wall', rim.tinC), rim: on('rim', wall.tinC) };
    const { timeS } = slabs.base;
    if (timeS % FRAME_S < STEP_S || timeS >= endS - STEP_S / 2) {
      if (onFrame(slabs)) break;
    }
  }
  return slabs;
}

/** Ice in a frozen dough: about 0.7 of its water, 334 kJ/kg; added as so much colder a start. */
const ICE_J_KG = 0.7 * 334_000;

function startC({ start, dough }: BlindPlan): number {
  const celsius = LINED_STARTS[start];
  if (celsius >= 0) return celsius;
  const heatJkgK = dough.solidsJkgK * (1 - dough.water) + 4180 * dough.water;
  return celsius - (ICE_J_KG * dough.water) / heatJkgK;
}

const startOf = (plan: BlindPlan): Slabs => {
  const slab = slabAt(plan.dough, startC(plan), plan.roomC);
  return { base: slab, wall: slab, rim: slab };
};

/** Minutes that would do: weights until the walls stand, then bare until the base has its colour. */
function advise(plan: BlindPlan): BlindForecast['advised'] {
  const [first, last] = [plan.stages[0]!, plan.stages[plan.stages.length - 1]!];
  let slabs = startOf(plan);
  let weightedMin = 0;
  if (first.weighted && plan.weights !== 'none') {
    slabs = through(plan, first, slabs, LONGEST_S, (now) => standing(frameOf(plan, now, 0).places));
    if (slabs.base.timeS >= LONGEST_S - STEP_S) return undefined;
    weightedMin = Math.ceil(slabs.base.timeS / 60);
  }
  const aimed = lightnessOf(plan.target);
  const bare = { ...last, weighted: false };
  const end = through(plan, bare, slabs, LONGEST_S, ({ base }) => {
    const { lightness, activity } = placeNow(plan, base, 'base');
    return lightness <= aimed && activity <= CRISP_UP_TO;
  });
  const bareS = end.base.timeS - slabs.base.timeS;
  if (bareS >= LONGEST_S - STEP_S) return undefined;
  return { weightedMin, bareMin: Math.round(bareS / 60) };
}

/**
 * Forecasts the empty shell: drying, setting and colour of base, wall and rim through the stages of its
 * bake, with or without weights.
 *
 * One-dimensional heat and moisture through weights, dough and tin at each place. Fails, with the path
 * of the field, on a plan that cannot be baked. Models, sources and what is calibrated: docs/model.md.
 */
export function forecastBlind(plan: BlindPlan): Result<BlindForecast> {
  const checked = checkBlind(plan);
  if (!checked.ok) return checked;
  const frames: BlindFrame[] = [frameOf(plan, startOf(plan), 0)];
  let moments = NONE_YET;
  let slabs = startOf(plan);
  plan.stages.forEach((stage, index) => {
    slabs = through(plan, stage, slabs, stage.minutes * 60, (now) => {
      const frame = frameOf(plan, now, index);
      frames.push(frame);
      moments = reached(plan, moments, frame);
      return false;
    });
  });
  const last = frames[frames.length - 1]!;
  const lostKgM3 = (of: SlabState) => DOUGH_KG_M3 * plan.dough.water - meanOf(of.waterKgM3);
  const thicknessM = plan.thicknessMm / 1000;
  const waterLostG =
    (thicknessM * (plan.baseMm2 * lostKgM3(slabs.base) + plan.wallMm2 * lostKgM3(slabs.wall))) /
    1000;
  return succeed({
    frames,
    endS: last.timeS,
    moments,
    baseShade: shadeOf(last.places.base.lightness),
    rimShade: shadeOf(last.places.rim.lightness),
    waterLostG,
    risks: risksOf(plan, frames, moments),
    baseWater: last.places.base.water,
    baseActivity: last.places.base.activity,
    advised: advise(plan),
  });
}
