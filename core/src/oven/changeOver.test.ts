/** Heating, and turning from one heat to another, against what ovens are known to take. */
import { changeOverMin, preheatMin } from './changeOver';

// Common practice: a domestic oven is at 180 °C after 15 to 20 min, a stone deck after an hour or so.
it('heats up as ovens do', () => {
  expect(preheatMin('still', 180, 22)).toBeGreaterThan(14);
  expect(preheatMin('still', 180, 22)).toBeLessThan(22);
  expect(preheatMin('deck', 200, 22)).toBeGreaterThan(55);
  expect(preheatMin('deck', 200, 22)).toBeLessThan(110);
});

// By hand: 15 kJ/K and 4.5 W/K with the door ajar four times that: a time constant of 833 s. From 215 to 170 °C in a
// kitchen of 22 is ln(193/148) = 0.2655 of it, 221 s.
it('cools with the door ajar by its own time constant', () => {
  expect(changeOverMin('fan', 215, 170, 22)).toBeCloseTo((833.3 * Math.log(193 / 148)) / 60, 2);
});

// By hand: at full power the still oven rises by (2500 - 4.5 × 150) / 15 000 = 0.1217 K/s about 172 °C: 20 K take 164 s.
it('turns up at full power less what the walls lose', () => {
  expect(changeOverMin('still', 162, 182, 22) * 60).toBeCloseTo(164, -1);
});

it('asks nothing for the same heat, and never reaches what its heater cannot', () => {
  expect(changeOverMin('deck', 190, 191, 22)).toBe(0);
  expect(changeOverMin('still', 180, 900, 22)).toBe(Infinity);
  expect(changeOverMin('still', 180, 10, 22)).toBe(Infinity);
});

it('is longer the further it is, both ways', () => {
  const up = [150, 180, 210].map((toC) => changeOverMin('fan', 120, toC, 22));
  expect(up).toEqual([...up].sort((a, b) => a - b));
  const down = [190, 160, 130].map((toC) => changeOverMin('fan', 220, toC, 22));
  expect(down).toEqual([...down].sort((a, b) => a - b));
});
