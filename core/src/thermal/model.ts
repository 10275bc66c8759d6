import { evaluate } from '../properties';
import type { Cup, Material, Reaction } from './case';
import { buildMesh, type Mesh } from './mesh';
import { cellProperties, type CellProperties } from './properties';

/** A cup made ready for computing. The first reaction, if any, is the one that gels the filling. */
export interface Model {
  readonly cup: Cup;
  readonly mesh: Mesh;
  readonly cells: CellProperties;
  readonly reactions: readonly Reaction[];
}

/** A moment of a run: a picture to show, and a state to go on from. */
export interface Moment {
  readonly timeS: number;
  /** By cell of the mesh. */
  readonly temperatureC: Float64Array;
  /** Surface of the open top as the oven meets it, by column. */
  readonly surfaceC: Float64Array;
  /** Water that has boiled off inside, by cell, kg/m³. */
  readonly boiledKgM3: Float64Array;
  /** Water that has left the open top, by column, kg/m². */
  readonly driedKgM2: Float64Array;
  /** By reaction, then by filling cell (column × fillRows + row of the filling), 0 to 1. */
  readonly extents: readonly Float64Array[];
  readonly energy: EnergyLedger;
  /** The water of a bath with its own balance. */
  readonly water?: WaterState;
}

/** The water of a bath in a moment. */
export interface WaterState {
  readonly celsius: number;
  readonly massKg: number;
}

/** Running totals since the start of the run. */
export interface EnergyLedger {
  /** Heat taken in through all faces, J. */
  readonly receivedJ: number;
  /** Heat found in the cells above that at the start, J. */
  readonly storedJ: number;
  /** Heat spent on evaporation at the surface and on boiling inside, J, and the water it took along, kg. */
  readonly evaporationJ: number;
  readonly evaporatedKg: number;
}

/** Makes a cup ready. `resolution` as in {@link buildMesh}. */
export function buildModel(cup: Cup, reactions: readonly Reaction[] = [], resolution = 1): Model {
  const mesh = buildMesh(cup, resolution);
  return { cup, mesh, cells: cellProperties(cup, mesh), reactions };
}

/** The material of a cell. */
export const materialOf = (model: Model, cell: number): Material => {
  const layer = model.mesh.layerOf[cell]!;
  return layer < 0 ? model.cup.material : model.cup.layers[layer]!.material;
};

/** Index of the top cell of a column. */
export const topCell = (mesh: Mesh, column: number): number => column * mesh.rows + mesh.rows - 1;

/** The cup before anything has happened to it. */
export function firstMoment(model: Model): Moment {
  const { mesh, cup } = model;
  const temperatureC = Float64Array.from(mesh.layerOf, (layer) =>
    layer < 0 ? cup.startC : cup.layers[layer]!.startC,
  );
  return {
    timeS: 0,
    temperatureC,
    surfaceC: Float64Array.from(
      { length: mesh.columns },
      (_, column) => temperatureC[topCell(mesh, column)]!,
    ),
    boiledKgM3: new Float64Array(temperatureC.length),
    driedKgM2: new Float64Array(mesh.columns),
    extents: model.reactions.map(() => new Float64Array(mesh.fillColumns * mesh.fillRows)),
    energy: { receivedJ: 0, storedJ: 0, evaporationJ: 0, evaporatedKg: 0 },
  };
}

/** What warms filling, layers and all by 1 K at a temperature, J. */
export function capacityOfModelJK(model: Model, celsius: number): number {
  return model.mesh.volumeM3.reduce(
    (sum, volumeM3, cell) =>
      sum + volumeM3 * evaluate(materialOf(model, cell).heatCapacityJm3K, celsius),
    0,
  );
}

/** The whole outside of a cup, m². */
export function outsideM2({ mesh }: Model): number {
  const { columns, rows } = mesh;
  let sum = 0;
  for (let column = 0; column < columns; column += 1) {
    sum += mesh.baseAreaM2[column]! + mesh.upperAreaM2[column * rows + rows - 1]!;
  }
  for (let row = 0; row < rows; row += 1) sum += mesh.outerAreaM2[(columns - 1) * rows + row]!;
  return sum;
}
