/**
 * Layers that lie only under or over the filling. Source of the composite slab: two layers in series between
 * plates kept at fixed temperatures settle on a temperature between them by their resistances (Incropera 3.1);
 * a slab cut into layers of one material is the slab itself.
 */
import { buildMesh, insideUnderM } from './mesh';
import { buildModel, firstMoment } from './model';
import { run } from './run';
import { type Cup, type Face } from './case';

const material = (conductivity: number) => ({
  name: 'm',
  conductivityWmK: [conductivity, 0, 0] as const,
  heatCapacityJm3K: [3e6, 0, 0] as const,
});
const insulated: Face = { convectionWm2K: 0, airC: 0, emissivity: 0, radiantC: 0 };
const kept = (airC: number): Face => ({ ...insulated, convectionWm2K: 1e6, airC });

const layer = (under: number, over: number, conductivity: number, cells = 8) => ({
  material: material(conductivity),
  baseThicknessM: under,
  wallThicknessM: 0,
  overThicknessM: over,
  cells,
  startC: 20,
});

const cup = (depthM: number, layers: Cup['layers']): Cup => ({
  material: material(0.5),
  depthM,
  bottomRadiusM: 0.1,
  topRadiusM: 0.1,
  startC: 20,
  layers,
});

describe('layers under and over the filling', () => {
  it('settle on the temperatures of resistances in series', () => {
    const model = buildModel(cup(0.02, [layer(0.01, 0, 0.2), layer(0, 0.005, 0.1)]));
    const around = { top: kept(20), side: insulated, base: kept(100) };
    const end = run(model, firstMoment(model), around, 40_000, { longestStepS: 2000 }).at(-1)!;
    const resistance = [0.01 / 0.2, 0.02 / 0.5, 0.005 / 0.1];
    const all = resistance.reduce((sum, each) => sum + each, 0);
    const at = (passed: number) => 100 - (80 * passed) / all;
    const { mesh } = model;
    const middle = (height: number) => {
      const row = mesh.rowCentreM.findIndex((each) => each >= height);
      const [a, b] = [mesh.rowCentreM[row - 1]!, mesh.rowCentreM[row]!];
      const [low, high] = [end.temperatureC[row - 1]!, end.temperatureC[row]!];
      return low + ((height - a) / (b - a)) * (high - low);
    };
    expect(middle(-0.005)).toBeCloseTo(at(0.025), 1);
    expect(middle(0.01)).toBeCloseTo(at(0.05 + 0.02), 1);
    expect(middle(0.0225)).toBeCloseTo(at(0.05 + 0.04 + 0.025), 1);
  });

  it('of the filling’s own material heat as one filling does', () => {
    const around = { top: kept(150), side: insulated, base: { ...kept(150), convectionWm2K: 20 } };
    const whole = buildModel(cup(0.03, []), [], 3);
    const cut = buildModel(cup(0.015, [layer(0.01, 0, 0.5), layer(0, 0.005, 0.5)]), [], 3);
    const steps = { toleranceK: 0.02, longestStepS: 20 };
    const meanOf = (model: typeof whole) => {
      const end = run(model, firstMoment(model), around, 1200, steps).at(-1)!;
      const { volumeM3 } = model.mesh;
      const heat = end.temperatureC.reduce((sum, each, cell) => sum + each * volumeM3[cell]!, 0);
      return heat / volumeM3.reduce((sum, each) => sum + each, 0);
    };
    expect(meanOf(cut)).toBeCloseTo(meanOf(whole), 1);
  });

  // Source: the volume of a conical frustum, π h (a² + ab + b²) / 3.
  it('go on with the slope of the wall, and lie inside of the shell', () => {
    const shell = { ...layer(0.003, 0, 0.1, 2), wallThicknessM: 0.003, overThicknessM: 0 };
    const sloped: Cup = {
      ...cup(0.02, [layer(0.01, 0, 0.5, 3), layer(0, 0.004, 0.5, 2), shell]),
      bottomRadiusM: 0.09,
      topRadiusM: 0.1,
    };
    expect(insideUnderM(sloped)).toBeCloseTo(0.01, 12);
    const mesh = buildMesh(sloped);
    const volumeOf = (index: number) =>
      mesh.volumeM3.reduce((sum, each, cell) => sum + (mesh.layerOf[cell] === index ? each : 0), 0);
    const frustum = (a: number, b: number, h: number) =>
      (Math.PI * h * (a * a + a * b + b * b)) / 3;
    expect(volumeOf(0) / frustum(0.085, 0.09, 0.01)).toBeCloseTo(1, 9);
    expect(volumeOf(-1) / frustum(0.09, 0.1, 0.02)).toBeCloseTo(1, 9);
    expect(volumeOf(1) / frustum(0.1, 0.102, 0.004)).toBeCloseTo(1, 9);
    // Base and wall both are shell, down the corner and up to the very top.
    expect(mesh.layerOf[0]).toBe(2);
    expect(mesh.layerOf[mesh.columns * mesh.rows - 1]).toBe(2);
  });
});
