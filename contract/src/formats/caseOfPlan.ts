import {
  bakeModelOf,
  later,
  type Course,
  DRAWN_COOLING_S,
  fail,
  PROBE_PLACES,
  succeed,
  type BakeCase,
  type Face,
  type ForecastPlan,
  type Material,
  type Result,
  type Surroundings,
} from '@hollow-moon/core';
import { bakeCaseSchema } from './bakeCase';

/** Output every so often, s. */
const EVERY_S = 60;

/** A skin that never forms has no place in the file. */
const SOLID_SKIN_KG_M2 = 1e6;

const faceData = ({ convectionWm2K, airC, emissivity, radiantC, evaporation }: Face) => ({
  convectionWm2K,
  airC,
  emissivity,
  wallC: radiantC,
  ...(evaporation
    ? {
        evaporation: {
          wetness: evaporation.wetness,
          vapourPressurePa: evaporation.vapourPressurePa,
          airPressurePa: evaporation.airPressurePa,
          ...(evaporation.skinKgM2 < SOLID_SKIN_KG_M2 ? { skinKgM2: evaporation.skinKgM2 } : {}),
          ...(evaporation.activity === undefined ? {} : { activity: evaporation.activity }),
          ...(evaporation.crustPerLoss ? { crustPerLoss: evaporation.crustPerLoss } : {}),
          ...(evaporation.crustFromKgM2 ? { crustFromKgM2: evaporation.crustFromKgM2 } : {}),
        },
      }
    : {}),
});

const stageData = (untilS: number, { top, side, base, bath, airChange }: Surroundings) => ({
  untilS,
  top: faceData(top),
  side: faceData(side),
  base: faceData(base),
  ...(airChange ? { airChange } : {}),
  ...(bath
    ? {
        bath: {
          levelM: bath.levelM,
          convectionWm2K: bath.convectionWm2K,
          water:
            'fixedC' in bath.water
              ? bath.water
              : {
                  ...bath.water,
                  surface: faceData(bath.water.surface),
                  pan: faceData(bath.water.pan),
                },
        },
      }
    : {}),
});

/** The stretches of a course between two times, the last of them up to the end. */
const stagesOf = (course: Course, fromS: number, endS: number) =>
  course
    .filter(
      ({ untilS }, index) => untilS > fromS && (index === 0 || course[index - 1]!.untilS < endS),
    )
    .map(({ around, untilS }, index, kept) =>
      stageData(index === kept.length - 1 ? endS : Math.min(untilS, endS), around),
    );

/** A material by numbers. Only density times heat capacity matters; a solid's density is set to 1000. */
function materialData({
  conductivityWmK,
  heatCapacityJm3K,
  liquid,
  boilsC,
  waterKgM3,
  freezes,
}: Material) {
  const densityKgM3 = liquid?.densityKgM3 ?? 1000;
  const [a, b, c] = heatCapacityJm3K;
  return {
    conductivityWmK: [...conductivityWmK],
    densityKgM3,
    heatCapacityJkgK: [a / densityKgM3, b / densityKgM3, c / densityKgM3],
    ...(boilsC === undefined ? {} : { boilsC }),
    ...(waterKgM3 === undefined ? {} : { waterKgM3 }),
    ...(freezes ? { freezes } : {}),
    ...(liquid
      ? { liquid: { viscosityPaS: liquid.viscosityPaS, expansionPerK: liquid.expansionPerK } }
      : {}),
  };
}

/**
 * The bake case of a plan that is pulled at `pullS`: the model the forecast computes, in plain numbers,
 * with 40 min of cooling. Fails as the forecast does.
 */
export function caseOfPlan(name: string, plan: ForecastPlan, pullS: number): Result<BakeCase> {
  if (plan.topUp) {
    return fail('case.top-up', 'topUp');
  }
  const made = bakeModelOf(plan);
  if (!made.ok) return made;
  const { cup, reactions, oven, out } = made.value;
  const names: readonly string[] = cup.layers.map(
    (layer, index) => `${layer.material.name} ${index + 1}`,
  );
  const pulledS = Math.round(pullS);
  const end = pulledS + DRAWN_COOLING_S;
  const slope = (cup.topRadiusM - cup.bottomRadiusM) / cup.depthM;
  const heightM = cup.depthM / 2;
  return succeed(
    bakeCaseSchema.parse({
      format: 'hollow-moon/bake-case',
      version: 2,
      name: name.slice(0, 200),
      materials: {
        filling: materialData(cup.material),
        ...Object.fromEntries(
          cup.layers.map((layer, index): [string, ReturnType<typeof materialData>] => [
            names[index]!,
            materialData(layer.material),
          ]),
        ),
      },
      geometry: {
        filling: 'filling',
        depthM: cup.depthM,
        bottomRadiusM: cup.bottomRadiusM,
        topRadiusM: cup.topRadiusM,
        layers: cup.layers.map(({ baseThicknessM, wallThicknessM, overThicknessM = 0 }, index) => ({
          material: names[index]!,
          baseThicknessM,
          wallThicknessM,
          overThicknessM,
        })),
      },
      start: { fillingC: cup.startC, layersC: cup.layers.map((layer) => layer.startC) },
      stages: [
        ...stagesOf(oven, 0, pulledS),
        ...stagesOf(later(out(pulledS), pulledS), pulledS, end),
      ],
      reactions: reactions.map((reaction, index) => ({
        name: index === 0 ? 'set' : 'curdled',
        ...reaction,
      })),
      probes: Object.entries(PROBE_PLACES).map(([probe, share]) => ({
        name: probe,
        radiusM: share * (cup.bottomRadiusM + slope * heightM),
        heightM,
      })),
      outputTimesS: Array.from(
        { length: Math.floor(end / EVERY_S) + 1 },
        (_, step) => step * EVERY_S,
      ),
    }),
  );
}
