import { begunBake } from '../testing/bake';
import { lastMoon } from './outcome';

const ended = (lastWobbleMm: number | null, change: Partial<typeof begunBake> = {}) =>
  lastMoon({ ...begunBake, ...change, lastWobbleMm });

describe('the moon a bake ended with', () => {
  it('is hollow when nobody looked', () => {
    expect(ended(null)).toBeUndefined();
  });

  // Worked by hand: 117 of 234 mm is half the width.
  it('is as wide as the last check, to the scale of the tart', () => {
    expect(ended(117)?.moving).toBeCloseTo(0.5, 10);
    expect(ended(600)?.moving).toBe(1);
  });

  it('shows a curdled rim when that was the fault', () => {
    expect(ended(0)?.curdledFrom).toBe(1);
    expect(ended(0, { faults: ['curdled'] })?.curdledFrom).toBe(0.85);
  });
});
