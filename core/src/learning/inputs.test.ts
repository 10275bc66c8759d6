/** A bake whose inputs are off by a draw. */
import { forecast, type ForecastPlan } from '../forecast';
import { AIR, inOven } from '../oven';
import { TART } from '../testing/bakes';
import { BAKE_INPUTS, BEFORE_READING, bakeShifts, offBy, type BakeShift } from './inputs';

const NOTHING_OFF: BakeShift = {
  ovenK: 0,
  startK: 0,
  depthMm: 0,
  setK: 0,
  transferShare: 0,
  dryingShare: 0,
};

const windowOf = (plan: ForecastPlan) => {
  const made = forecast(plan, { cooling: false, resolution: 0.5 });
  if (!made.ok || made.value.verdict.kind !== 'window') throw new Error('no window');
  return made.value.verdict;
};

it('is the same bake where nothing is off', () => {
  expect(windowOf(offBy(TART, NOTHING_OFF))).toEqual(windowOf(TART));
});

it('is off by what is added to what it was off by before', () => {
  const shift = { ...NOTHING_OFF, ovenK: -8, transferShare: 0.1, dryingShare: -0.2 };
  const once = offBy(TART, shift);
  expect(once.oven).toEqual({
    ...TART.oven,
    offsetK: TART.oven.offsetK - 8,
    transferShare: 0.1,
  });
  expect(once.dryingShare).toBe(-0.2);
  const twice = offBy(once, shift);
  expect(twice.oven.transferShare).toBeCloseTo(0.2, 12);
  expect(twice.dryingShare).toBeCloseTo(-0.4, 12);
  expect(twice.oven.offsetK).toBe(TART.oven.offsetK - 16);
});

it('is ready sooner where more heat goes over, and later where more water leaves its top', () => {
  const best = (shift: Partial<BakeShift>) =>
    windowOf(offBy(TART, { ...NOTHING_OFF, ...shift })).best.timeS;
  const usual = best({});
  // Most of the heat comes by radiation and the deck or rack: a fifth more of the air's is worth some minutes, not a fifth.
  expect(best({ transferShare: 0.2 }) / usual).toBeLessThan(0.97);
  expect(best({ transferShare: 0.2 }) / usual).toBeGreaterThan(1 / 1.2);
  expect(best({ transferShare: -0.2 }) / usual).toBeGreaterThan(1.03);
  expect(best({ dryingShare: 0.5 })).toBeGreaterThan(usual);
});

it('meets so much more of the air, and as much of the walls as before', () => {
  const around = (transfer: number) =>
    inOven('still', { airC: 150, wallsC: 150 }, 'bright-tin', 0, { transfer });
  const [plain, more] = [around(1), around(1.2)];
  // By hand: 7 W/(m² K) and a fifth more.
  expect(plain.side.convectionWm2K).toBe(AIR.still.sideWm2K);
  expect(more.side.convectionWm2K).toBeCloseTo(8.4, 12);
  expect(more.top.convectionWm2K).toBeCloseTo(8.4, 12);
  expect(more.base.convectionWm2K).toBeCloseTo(8.4, 12);
  expect(more.side.emissivity).toBe(plain.side.emissivity);
});

it('is drawn with each input’s own uncertainty, the same each time', () => {
  const draws = bakeShifts(0, 1000);
  expect(draws.slice(200, 210)).toEqual(bakeShifts(200, 210));
  for (const input of BAKE_INPUTS) {
    const values = draws.map((draw) => draw[input] / BEFORE_READING[input]);
    const mean = values.reduce((sum, each) => sum + each, 0) / values.length;
    const deviation = Math.sqrt(
      values.reduce((sum, each) => sum + (each - mean) ** 2, 0) / values.length,
    );
    expect(Math.abs(mean)).toBeLessThan(0.02);
    // Nothing is drawn past two and a half of them: 0.97 or so is left.
    expect(deviation).toBeGreaterThan(0.95);
    expect(deviation).toBeLessThan(1);
  }
});
