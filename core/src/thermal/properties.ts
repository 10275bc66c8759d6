import type { Freezing } from '../properties';
import type { Cup } from './case';
import type { Mesh } from './mesh';

/** What the cells of a mesh are made of, by cell: the same all through a bake. */
export interface CellProperties {
  /** Conductivity and heat capacity of each cell (times volume) as quadratics of temperature. */
  readonly k: readonly [Float64Array, Float64Array, Float64Array];
  readonly c: readonly [Float64Array, Float64Array, Float64Array];
  /** Where each cell begins to freeze, °C, its heat content there, J, and what of it does; never, without. */
  readonly freezesC: Float64Array;
  readonly freezesJ: Float64Array;
  readonly freezing: readonly (Freezing | undefined)[];
  /** Where the water of each cell boils, °C, and how much it has to boil off, kg/m³; never and without end, infinity. */
  readonly boilsC: Float64Array;
  readonly boilsOffKgM3: Float64Array;
}

/** Looks up the materials of a cup for each cell of its mesh. */
export function cellProperties({ material, layers }: Cup, mesh: Mesh): CellProperties {
  const cells = mesh.layerOf.length;
  const triple = () =>
    [new Float64Array(cells), new Float64Array(cells), new Float64Array(cells)] as const;
  const k = triple();
  const c = triple();
  const freezesC = new Float64Array(cells).fill(-Infinity);
  const freezesJ = new Float64Array(cells).fill(-Infinity);
  const freezing: (Freezing | undefined)[] = [];
  const boilsC = new Float64Array(cells).fill(Infinity);
  const boilsOffKgM3 = new Float64Array(cells).fill(Infinity);
  for (let cell = 0; cell < cells; cell += 1) {
    const layer = mesh.layerOf[cell]!;
    const own = layer < 0 ? material : layers[layer]!.material;
    for (let power = 0; power < 3; power += 1) {
      k[power]![cell] = own.conductivityWmK[power]!;
      c[power]![cell] = own.heatCapacityJm3K[power]! * mesh.volumeM3[cell]!;
    }
    freezing.push(own.freezes);
    if (own.freezes) {
      const { fromC } = own.freezes;
      freezesC[cell] = fromC;
      freezesJ[cell] =
        fromC * (c[0][cell]! + fromC * (c[1][cell]! / 2 + (fromC * c[2][cell]!) / 3));
    }
    if (own.boilsC !== undefined) boilsC[cell] = own.boilsC;
    if (own.waterKgM3 !== undefined) boilsOffKgM3[cell] = own.waterKgM3;
  }
  return { k, c, freezesC, freezesJ, freezing, boilsC, boilsOffKgM3 };
}
