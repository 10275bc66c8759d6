/** Where the figures of isotherms stand, on a section that was drawn up by hand. */
import type { FieldShape, SectionGrid } from '@hollow-moon/core';
import { levelsIn, marksOn, type Places } from './cut';

/** A grid 28 cm wide from 30 mm over the filling's bottom to 10 mm under it: its five rows stand 10 mm apart. */
const [ACROSS, DOWN, MIDDLE] = [57, 5, 2];
const gridOf = (middle: (column: number) => number): SectionGrid =>
  ({
    ...{ across: ACROSS, down: DOWN, widthM: 0.28, topM: 0.03, bottomM: -0.01 },
    // Nothing is warm but the row half-way up the filling, 10 mm over its bottom.
    values: Array.from({ length: ACROSS * DOWN }, (_, index) =>
      Math.floor(index / ACROSS) === MIDDLE ? middle(index % ACROSS) : 20,
    ),
  }) as unknown as SectionGrid;
const filled = (bottomRadiusM: number, topRadiusM: number) =>
  ({ fill: { depthM: 0.02, bottomRadiusM, topRadiusM } }) as FieldShape;
/** A millimetre is a pixel. */
const places = { x: (radiusM: number) => Math.round(radiusM * 1000) } as Places;

it('are read half-way up the filling, at whole tens', () => {
  // From 40 °C at the axis to 90 °C at the rim. 50 °C is passed at column 11.2: before the 12th, 12 · 5 mm out.
  const grid = gridOf((column) => 40 + (50 * column) / (ACROSS - 1));
  expect(marksOn([45, 50, 55, 60, 65, 70, 80], filled(0.26, 0.28), grid, places)).toEqual([
    { level: 50, at: 60 },
    { level: 60, at: 115 },
    { level: 70, at: 170 },
    { level: 80, at: 225 },
  ]);
  // Half-way up, this filling ends at 190 mm; a figure needs 14 px to each side.
  expect(marksOn([60, 70, 80], filled(0.18, 0.2), grid, places)).toEqual([
    { level: 60, at: 115 },
    { level: 70, at: 170 },
  ]);
  expect(marksOn([70], filled(0.18, 0.186), grid, places)).toEqual([]);
});

it('stand apart, and off the axis', () => {
  // 10 °C in 25 mm: every second has room, which is 28 px wide.
  const steep = gridOf((column) => 40 + 2 * column);
  expect(marksOn([50, 60, 70, 80, 90], filled(0.26, 0.28), steep, places)).toEqual([
    { level: 50, at: 25 },
    { level: 70, at: 75 },
    { level: 90, at: 125 },
  ]);
  // At 10 mm it would stand across the axis.
  expect(
    marksOn(
      [50],
      filled(0.26, 0.28),
      gridOf((column) => 40 + 5 * column),
      places,
    ),
  ).toEqual([]);
});

it('are of levels between the coldest and the hottest, 10 °C apart where 5 are too many', () => {
  const between = (coldest: number, hottest: number) =>
    levelsIn({ values: new Float64Array([coldest, hottest]) } as unknown as SectionGrid);
  expect(between(41, 60)).toEqual([45, 50, 55]);
  expect(between(20, 60)).toEqual([25, 30, 35, 40, 45, 50, 55]);
  expect(between(20, 61)).toEqual([30, 40, 50, 60]);
});
