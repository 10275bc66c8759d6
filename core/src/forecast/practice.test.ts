/**
 * The whole table of bakes as cooks bake them, at once. Source of the minutes: common practice, as each row says. What
 * is calibrated was put with this table in view (docs/model.md): it holds the mechanisms together, and is no proof of
 * bakes that are not in it.
 */
import { scorePractice } from '../../bench/score';

const { rows, close, inside, bias } = scorePractice();

it('foresees nine bakes in ten within a fifth of the cooks’ minutes', () => {
  expect(close).toBeGreaterThanOrEqual(0.9 * rows.length);
});

it('has the cooks’ minutes within its windows', () => {
  expect(rows.filter((each) => !each.inside).map(({ row }) => row.name)).toEqual([]);
  expect(inside).toBe(rows.length);
});

it('is neither too quick nor too slow on the whole, dry or in a bath', () => {
  expect(Math.abs(bias.dry)).toBeLessThan(0.05);
  expect(Math.abs(bias.bath)).toBeLessThan(0.05);
});

it('is pulled at the reading cooks go by, where they say', () => {
  const read = rows.filter(({ row }) => row.probeC);
  expect(read.length).toBeGreaterThan(8);
  for (const { row, probeC } of read) {
    const [least, most] = row.probeC!;
    expect([row.name, probeC! >= least - 0.5 && probeC! <= most + 0.5]).toEqual([row.name, true]);
  }
});
