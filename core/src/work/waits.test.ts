/** Waits on the bench against a handbook's table, and against cooks' own times. */
import { BUTTER, COOL_TO_THE_HAND_C, DOUGH_DISC, planeWall, shellCoolMin, slabMin } from './waits';

// Source: Incropera, Fundamentals of Heat and Mass Transfer, table 5.1 (plane wall), from memory.
it.each([
  [0.01, 0.0998, 1.0017],
  [0.1, 0.3111, 1.0161],
  [0.5, 0.6533, 1.0701],
  [1, 0.8603, 1.1191],
  [2, 1.0769, 1.1785],
  [10, 1.4289, 1.262],
])('a plane wall of Biot number %p', (biot, root, coefficient) => {
  expect(planeWall(biot).root).toBeCloseTo(root, 3);
  expect(planeWall(biot).coefficient).toBeCloseTo(coefficient, 3);
});

// Common practice: butter from the fridge is soft after one to two hours in a kitchen; less where it is warm.
it('butter softens in one to two hours, sooner in a warm kitchen and when cut thin', () => {
  const at = (roomC: number) => slabMin(BUTTER, 4, 17, roomC);
  expect(at(22)).toBeGreaterThan(60);
  expect(at(22)).toBeLessThan(120);
  expect(at(27)).toBeLessThan(at(22));
  expect(slabMin({ ...BUTTER, thicknessMm: 10 }, 4, 17, 22)).toBeLessThan(at(22) / 2);
});

// Common practice: a disc of dough from the fridge stands a quarter of an hour to three quarters before it rolls.
it('a disc of dough can be rolled after a quarter to three quarters of an hour', () => {
  expect(slabMin(DOUGH_DISC, 4, 11, 22)).toBeGreaterThan(15);
  expect(slabMin(DOUGH_DISC, 4, 11, 22)).toBeLessThan(45);
});

it('says never where the room is too cold, and at once where it is warm enough already', () => {
  expect(slabMin(BUTTER, 4, 17, 16)).toBe(Infinity);
  expect(slabMin(BUTTER, 18, 17, 22)).toBe(0);
  expect(shellCoolMin(3, COOL_TO_THE_HAND_C)).toBe(Infinity);
});

// By hand: 3 mm of baked dough, 1.4 MJ/(m³ K), lose 20 W/(m² K): a time constant of 210 s; from 150 to 35 in a kitchen of
// 22 is ln(128/13) = 2.29 of these, 8 min. Common practice: ten minutes to a quarter of an hour.
it('a thin shell is cool to the hand after some ten minutes', () => {
  expect(shellCoolMin(3, 22)).toBeCloseTo((210 * Math.log(128 / 13)) / 60, 1);
});
