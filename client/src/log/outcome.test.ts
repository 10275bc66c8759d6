import { begunBake } from '../testing/bake';
import { lastMoon } from './outcome';

const stored = (change: Partial<typeof begunBake>) => ({
  id: begunBake.formulaId,
  version: 1,
  updatedAt: begunBake.startedAt,
  data: { ...begunBake, ...change },
});
const check = (diameterMm: number) => ({
  id: begunBake.formulaId,
  atS: 1800,
  diameterMm,
  motion: 'as a jelly' as const,
});

describe('the moon a bake ended with', () => {
  it('is hollow when nobody looked', () => {
    expect(lastMoon(stored({}))).toBeUndefined();
  });

  // Worked by hand: 117 of 234 mm is half the width.
  it('is as wide as the last check, to the scale of the tart', () => {
    expect(lastMoon(stored({ wobbles: [check(200), check(117)] }))?.moving).toBeCloseTo(0.5, 10);
    expect(lastMoon(stored({ wobbles: [check(600)] }))?.moving).toBe(1);
  });

  it('shows a curdled rim when that was the fault', () => {
    const wobbles = [check(0)];
    expect(lastMoon(stored({ wobbles }))?.curdledFrom).toBe(1);
    expect(lastMoon(stored({ wobbles, faults: ['curdled'] }))?.curdledFrom).toBeLessThan(1);
  });
});
