/** The lines of a chart of temperatures: round in the degrees that are read, worked by hand. */
import { heatLevels } from './chart';

const inF = (fahrenheit: number) => expect.closeTo(((fahrenheit - 32) * 5) / 9, 6) as number;

it.each([
  [0, 100, '°C', 5, [0, 20, 40, 60, 80, 100]],
  // 32 to 212 °F.
  [0, 100, '°F', 5, [50, 100, 150, 200].map(inF)],
  [0, 200, '°F', 3, [100, 200, 300].map(inF)],
  [0, 100, '°C', 2, [0, 50, 100]],
])('from %d to %d °C in %s', (fromC, toC, unit, count, levels) => {
  expect(heatLevels(fromC, toC, unit, count)).toEqual(levels);
});
