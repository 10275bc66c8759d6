/** The cut through a bake: its extent with layers, and while it is only part filled. Worked by hand. */
import type { FieldShape } from './outcome';
import { extentOf, fillingOf, sectionReader, shapeFilledTo } from './section';

/** Two columns and four rows: a shell, a layer of fruit, and the filling twice; straight and 10 cm wide. */
const shape: FieldShape = {
  columns: 2,
  rows: 4,
  fillColumns: 2,
  fillRows: 2,
  baseRows: 2,
  radiusM: Float32Array.from([0.02, 0.02, 0.02, 0.02, 0.04, 0.04, 0.04, 0.04]),
  heightM: Float32Array.from([-0.012, -0.005, 0.005, 0.015]),
  fill: { bottomRadiusM: 0.05, topRadiusM: 0.05, depthM: 0.02 },
  shellThicknessM: 0.004,
  under: [{ name: 'Plums', thicknessM: 0.01 }],
  over: [{ name: 'Crumble', thicknessM: 0.006 }],
};

describe('the section', () => {
  it('reaches from under the shell to over what lies on top', () => {
    const { widthM, bottomM, topM } = extentOf(shape);
    expect(widthM).toBeCloseTo(0.054, 12);
    expect(bottomM).toBeCloseTo(-0.014, 12);
    expect(topM).toBeCloseTo(0.026, 12);
    // A wall that leans out by 1 in 2 makes a shell wider than it is thick: √(1 + ¼).
    const leaning = { ...shape, fill: { ...shape.fill, topRadiusM: 0.06 } };
    expect(extentOf(leaning).widthM).toBeCloseTo(0.06 + 0.004 * Math.sqrt(1.25), 12);
  });

  it('reads a field where the cells are, and straight between them', () => {
    const read = sectionReader(shape, 2, 41);
    const { values, across, down } = read([10, 20, 30, 40, 10, 20, 30, 40]);
    expect([across, down]).toEqual([2, 41]);
    // Forty steps from +26 down to −14 mm: one a millimetre.
    const at = (millimetres: number) => values[(26 - millimetres) * 2]!;
    expect(at(15)).toBeCloseTo(40, 4);
    expect(at(10)).toBeCloseTo(35, 4);
    expect(at(-5)).toBeCloseTo(20, 4);
    expect(at(26)).toBeCloseTo(40, 4);
    expect(at(-14)).toBeCloseTo(10, 4);
  });

  it('reads a field that only the filling has, from its bottom to its surface', () => {
    const filling = fillingOf(shape);
    expect(extentOf(filling)).toEqual({ widthM: 0.05, bottomM: -0, topM: 0.02 });
    // Two cells high and two wide, as the filling is: 0.1 and 0.3 at the axis, 0.5 and 0.9 outside.
    const { values } = sectionReader(filling, 2, 21)([0.1, 0.3, 0.5, 0.9]);
    const at = (millimetres: number, column: number) => values[(20 - millimetres) * 2 + column]!;
    expect(at(5, 0)).toBeCloseTo(0.1, 6);
    expect(at(10, 0)).toBeCloseTo(0.2, 6);
    expect(at(15, 0)).toBeCloseTo(0.3, 6);
    expect(at(15, 1)).toBeCloseTo(0.9, 6);
  });

  it('is lower while only part of the filling is in, what lies under it unmoved', () => {
    const half = shapeFilledTo(shape, 0.01);
    expect(half.fill.depthM).toBe(0.01);
    [-0.012, -0.005, 0.0025, 0.0075].forEach((height, row) => {
      expect(half.heightM[row]).toBeCloseTo(height, 8);
    });
    expect(half.over).toEqual([]);
    expect(extentOf(half).bottomM).toBe(extentOf(shape).bottomM);
    expect(extentOf(half).topM).toBeCloseTo(0.01, 12);
    const leaning = { ...shape, fill: { ...shape.fill, topRadiusM: 0.06 } };
    expect(shapeFilledTo(leaning, 0.01).fill.topRadiusM).toBeCloseTo(0.055, 12);
  });
});
