import {
  buildModel,
  COMPONENTS,
  firstMoment,
  foodProperties,
  readerAt,
  run,
  type Composition,
  type Cup,
  type Face,
  type Material,
  type Moment,
  type Surroundings,
} from '@hollow-moon/core';
import type { BakeCase, FaceData, MaterialData } from './bakeCase';

const quadratic = (value: number | [number, number, number]): readonly [number, number, number] =>
  typeof value === 'number' ? [value, 0, 0] : value;

/** A material of core; a composition is turned into properties by Choi and Okos, at 50 °C. */
function materialOf(name: string, data: MaterialData): Material {
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

const faceOf = ({ convectionWm2K, airC, emissivity, wallC, evaporation }: FaceData): Face => ({
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

/** What a case comes to. Extents are 0 to 1, by reaction, at each probe. */
export interface BakeCaseResult {
  readonly name: string;
  readonly timesS: readonly number[];
  readonly probes: readonly {
    readonly name: string;
    readonly temperatureC: readonly number[];
    readonly extents: Readonly<Record<string, readonly number[]>>;
  }[];
  /** By volume over the filling, at the last time. */
  readonly meanExtents: Readonly<Record<string, number>>;
  readonly bath: {
    /** `undefined` (in JSON: null) where there is no water of its own. */
    readonly temperatureC: readonly (number | undefined)[];
    readonly massKg: readonly (number | undefined)[];
  } | null;
  readonly energy: {
    readonly receivedJ: number;
    readonly storedJ: number;
    readonly evaporationJ: number;
    /** (received - stored) / received. */
    readonly residual: number;
  };
  readonly waterLostKg: number;
  readonly mesh: { readonly columns: number; readonly rows: number; readonly steps: number };
}

/** Cells across a layer: a thin one, as a tin, needs no more than one. */
const cellsAcross = (thicknessM: number): number => (thicknessM < 0.002 ? 1 : 3);

const significant = (value: number): number => Number(value.toPrecision(8));

/**
 * Computes a case: properties and coefficients exactly as given. Properties by composition are those
 * of Choi and Okos; a filling with `liquid` convects until its first reaction has gelled it.
 */
export function runBakeCase(data: BakeCase): BakeCaseResult {
  const material = (name: string) => materialOf(name, data.materials[name]!);
  const { geometry, start, solver } = data;
  const cup: Cup = {
    material: material(geometry.filling),
    depthM: geometry.depthM,
    bottomRadiusM: geometry.bottomRadiusM,
    topRadiusM: geometry.topRadiusM,
    startC: start.fillingC,
    layers: geometry.layers.map((layer, index) => ({
      material: material(layer.material),
      baseThicknessM: layer.baseThicknessM,
      wallThicknessM: layer.wallThicknessM,
      overThicknessM: layer.overThicknessM,
      cells: cellsAcross(
        Math.max(layer.baseThicknessM, layer.wallThicknessM, layer.overThicknessM),
      ),
      startC: start.layersC[index]!,
    })),
  };
  const model = buildModel(cup, data.reactions, solver.resolution);
  const slope = (cup.topRadiusM - cup.bottomRadiusM) / cup.depthM;
  const readers = data.probes.map(({ radiusM, heightM }) =>
    readerAt(model, { radiusShare: radiusM / (cup.bottomRadiusM + slope * heightM), heightM }),
  );
  const { fillColumns, fillRows, rows, baseRows, volumeM3 } = model.mesh;
  /** A field of the filling on the mesh of the whole cup, for the readers. */
  const onMesh = (extent: Float64Array): Float64Array => {
    const field = new Float64Array(model.mesh.layerOf.length);
    for (let column = 0; column < fillColumns; column += 1) {
      for (let row = 0; row < fillRows; row += 1) {
        field[column * rows + baseRows + row] = extent[column * fillRows + row]!;
      }
    }
    return field;
  };
  const wanted = [...new Set(data.outputTimesS)];
  const seen: Moment[] = [];
  let moment = firstMoment(model);
  let steps = 0;
  let from = 0;
  for (const stage of data.stages) {
    const around = surroundingsOf(stage);
    const stops = [...wanted.filter((time) => time > from && time < stage.untilS), stage.untilS];
    if (from === 0 && wanted[0] === 0) seen.push(moment);
    for (const [index, stop] of stops.entries()) {
      const moments = run(model, moment, around, stop, {
        toleranceK: solver.toleranceK,
        longestStepS: solver.longestStepS,
        ...(index > 0 ? { firstStepS: 20 } : {}),
      });
      steps += moments.length;
      moment = moments[moments.length - 1] ?? moment;
      if (wanted.includes(stop)) seen.push(moment);
    }
    from = stage.untilS;
  }
  const { receivedJ, storedJ, evaporationJ, evaporatedKg } = moment.energy;
  const meanOf = (extent: Float64Array): number => {
    let sum = 0;
    let volume = 0;
    for (let column = 0; column < fillColumns; column += 1) {
      for (let row = 0; row < fillRows; row += 1) {
        const here = volumeM3[column * rows + baseRows + row]!;
        sum += here * extent[column * fillRows + row]!;
        volume += here;
      }
    }
    return sum / volume;
  };
  return {
    name: data.name,
    timesS: seen.map(({ timeS }) => significant(timeS)),
    probes: data.probes.map(({ name }, index) => ({
      name,
      temperatureC: seen.map((each) =>
        significant(readers[index]!(each.temperatureC, each.surfaceC)),
      ),
      extents: Object.fromEntries(
        data.reactions.map((reaction, which) => [
          reaction.name,
          seen.map((each) =>
            significant(Math.min(1, Math.max(0, readers[index]!(onMesh(each.extents[which]!))))),
          ),
        ]),
      ),
    })),
    meanExtents: Object.fromEntries(
      data.reactions.map((reaction, which) => [
        reaction.name,
        significant(meanOf(moment.extents[which]!)),
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
    mesh: { columns: model.mesh.columns, rows, steps },
  };
}

/** The histories of a result as CSV: time, probes, bath. */
export function resultToCsv({ timesS, probes, bath }: BakeCaseResult): string {
  const quoted = (text: string) => (/[",\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);
  const columns = [
    ['time_s', timesS],
    ...probes.flatMap(({ name, temperatureC, extents }): [string, readonly number[]][] => [
      [`${name}_C`, temperatureC],
      ...Object.entries(extents).map(([reaction, values]): [string, readonly number[]] => [
        `${name}_${reaction}`,
        values,
      ]),
    ]),
    ...(bath
      ? ([
          ['bath_C', bath.temperatureC],
          ['bath_kg', bath.massKg],
        ] as const)
      : []),
  ] as const;
  const rows = timesS.map((_, row) => columns.map(([, values]) => values[row] ?? '').join(','));
  return `${[columns.map(([name]) => quoted(name)).join(','), ...rows].join('\n')}\n`;
}
