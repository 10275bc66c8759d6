import { COMPONENTS, type Composition } from '../ingredients';
import { foodProperties } from '../properties';
import {
  buildModel,
  firstMoment,
  readerAt,
  run,
  type Cup,
  type Face,
  type Material,
  type Model,
  type Moment,
  type Surroundings,
} from '../thermal';
import type { BakeCase, BakeCaseResult, CaseFace, CaseMaterial, CaseQuadratic } from './bakeCase';

const quadratic = (value: CaseQuadratic): readonly [number, number, number] =>
  typeof value === 'number' ? [value, 0, 0] : value;

/** A material of core; a composition is turned into properties by Choi and Okos, at 50 °C. */
function materialOf(name: string, data: CaseMaterial): Material {
  const food =
    'composition' in data
      ? foodProperties(
          Object.fromEntries(
            COMPONENTS.map((each) => [each, data.composition[each] ?? 0]),
          ) as unknown as Composition,
          50,
        )
      : {
          conductivityWmK: quadratic(data.conductivityWmK),
          heatCapacityJkgK: quadratic(data.heatCapacityJkgK),
          densityKgM3: data.densityKgM3,
        };
  const [a, b, c] = food.heatCapacityJkgK;
  const { densityKgM3 } = food;
  return {
    name,
    conductivityWmK: food.conductivityWmK,
    heatCapacityJm3K: [densityKgM3 * a, densityKgM3 * b, densityKgM3 * c],
    ...(data.boilsC === undefined ? {} : { boilsC: data.boilsC }),
    ...(data.waterKgM3 === undefined ? {} : { waterKgM3: data.waterKgM3 }),
    ...(data.freezes ? { freezes: data.freezes } : {}),
    ...(data.liquid ? { liquid: { densityKgM3, ...data.liquid } } : {}),
  };
}

const NEVER_DRIES_KG_M2 = 1e9;

const faceOf = ({ convectionWm2K, airC, emissivity, wallC, evaporation }: CaseFace): Face => ({
  convectionWm2K,
  airC,
  emissivity,
  radiantC: wallC ?? airC,
  ...(evaporation
    ? {
        evaporation: {
          wetness: evaporation.wetness,
          skinKgM2: evaporation.skinKgM2 ?? NEVER_DRIES_KG_M2,
          vapourPressurePa: evaporation.vapourPressurePa,
          airPressurePa: evaporation.airPressurePa,
          activity: evaporation.activity,
          crustPerLoss: evaporation.crustPerLoss ?? 0,
          crustFromKgM2: evaporation.crustFromKgM2 ?? 0,
          ...(evaporation.transferKgM2SPa === undefined
            ? {}
            : { transferKgM2SPa: evaporation.transferKgM2SPa }),
        },
      }
    : {}),
});

function surroundingsOf({
  top,
  side,
  base,
  bath,
  airChange,
}: BakeCase['stages'][number]): Surroundings {
  return {
    top: faceOf(top),
    side: faceOf(side),
    base: faceOf(base),
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
                    surface: faceOf(bath.water.surface),
                    pan: faceOf(bath.water.pan),
                  },
          },
        }
      : {}),
  };
}

/** Cells across a layer: a thin one, as a tin, needs no more than one. */
const cellsAcross = (thicknessM: number): number => (thicknessM < 0.002 ? 1 : 3);

const significant = (value: number): number => Number(value.toPrecision(8));

function cupOf({ geometry, start, materials }: BakeCase): Cup {
  const material = (name: string) => materialOf(name, materials[name]!);
  return {
    material: material(geometry.filling),
    depthM: geometry.depthM,
    bottomRadiusM: geometry.bottomRadiusM,
    topRadiusM: geometry.topRadiusM,
    startC: start.fillingC,
    layers: geometry.layers.map(
      ({ material: name, baseThicknessM, wallThicknessM, overThicknessM }, index) => ({
        material: material(name),
        baseThicknessM,
        wallThicknessM,
        overThicknessM,
        cells: cellsAcross(Math.max(baseThicknessM, wallThicknessM, overThicknessM)),
        startC: start.layersC[index]!,
      }),
    ),
  };
}

/** The moments a case wants, one stage after another, and how many steps they took. */
function momentsOf(
  { stages, outputTimesS, solver }: BakeCase,
  model: Model,
): { readonly seen: readonly Moment[]; readonly last: Moment; readonly steps: number } {
  const wanted = [...new Set(outputTimesS)];
  let last = firstMoment(model);
  const seen: Moment[] = wanted[0] === 0 ? [last] : [];
  let steps = 0;
  let from = 0;
  for (const stage of stages) {
    const around = surroundingsOf(stage);
    const stops = [...wanted.filter((time) => time > from && time < stage.untilS), stage.untilS];
    for (const [index, stop] of stops.entries()) {
      const moments = run(model, last, around, stop, {
        toleranceK: solver.toleranceK,
        longestStepS: solver.longestStepS,
        ...(index > 0 ? { firstStepS: 20 } : {}),
      });
      steps += moments.length;
      last = moments.at(-1) ?? last;
      if (wanted.includes(stop)) seen.push(last);
    }
    from = stage.untilS;
  }
  return { seen, last, steps };
}

/** An extent of the filling laid out on the mesh of the whole cup, as a probe reads it; 0 elsewhere. */
function onMesh({ mesh }: Model, extent: Float64Array): Float64Array {
  const field = new Float64Array(mesh.layerOf.length);
  for (let column = 0; column < mesh.fillColumns; column += 1) {
    for (let row = 0; row < mesh.fillRows; row += 1) {
      field[column * mesh.rows + mesh.baseRows + row] = extent[column * mesh.fillRows + row]!;
    }
  }
  return field;
}

/** The mean of an extent over the filling, by volume. */
function meanOf({ mesh }: Model, extent: Float64Array): number {
  let sum = 0;
  let volume = 0;
  for (let column = 0; column < mesh.fillColumns; column += 1) {
    for (let row = 0; row < mesh.fillRows; row += 1) {
      const here = mesh.volumeM3[column * mesh.rows + mesh.baseRows + row]!;
      sum += here * extent[column * mesh.fillRows + row]!;
      volume += here;
    }
  }
  return sum / volume;
}

const clamped = (share: number): number => Math.min(1, Math.max(0, share));

/**
 * Computes a case: properties and coefficients exactly as given. Properties by composition are those
 * of Choi and Okos; a filling with `liquid` convects until its first reaction has gelled it. The case
 * has to be sound: the schema that reads one (`contract/formats`) refuses what is not.
 */
export function runBakeCase(bakeCase: BakeCase): BakeCaseResult {
  const { name, reactions, probes, solver } = bakeCase;
  const cup = cupOf(bakeCase);
  const model = buildModel(cup, reactions, solver.resolution);
  const slope = (cup.topRadiusM - cup.bottomRadiusM) / cup.depthM;
  const readers = probes.map(({ radiusM, heightM }) =>
    readerAt(model, { radiusShare: radiusM / (cup.bottomRadiusM + slope * heightM), heightM }),
  );
  const { seen, last, steps } = momentsOf(bakeCase, model);
  const { receivedJ, storedJ, evaporationJ, evaporatedKg } = last.energy;
  return {
    name,
    timesS: seen.map(({ timeS }) => significant(timeS)),
    probes: probes.map((probe, index) => ({
      name: probe.name,
      temperatureC: seen.map((each) =>
        significant(readers[index]!(each.temperatureC, each.surfaceC)),
      ),
      extents: Object.fromEntries(
        reactions.map((reaction, which) => [
          reaction.name,
          seen.map((each) =>
            significant(clamped(readers[index]!(onMesh(model, each.extents[which]!)))),
          ),
        ]),
      ),
    })),
    meanExtents: Object.fromEntries(
      reactions.map((reaction, which) => [
        reaction.name,
        significant(meanOf(model, last.extents[which]!)),
      ]),
    ),
    bath: seen.some((each) => each.water)
      ? {
          temperatureC: seen.map((each) => each.water && significant(each.water.celsius)),
          massKg: seen.map((each) => each.water && significant(each.water.massKg)),
        }
      : null,
    energy: {
      receivedJ: significant(receivedJ),
      storedJ: significant(storedJ),
      evaporationJ: significant(evaporationJ),
      residual: (receivedJ - storedJ) / Math.max(1, Math.abs(receivedJ)),
    },
    waterLostKg: significant(evaporatedKg),
    mesh: { columns: model.mesh.columns, rows: model.mesh.rows, steps },
  };
}
