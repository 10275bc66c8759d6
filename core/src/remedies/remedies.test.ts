/** What a remedy changes on a plan, by pen; that the smallest one which opens a window is found is asked of whole bakes in `forecast`. */
import { levelOf } from '../forecast';
import { TART } from '../testing/bakes';
import { REMEDY_STARCH_ID, withRemedy } from './remedies';

describe('a plan with a remedy', () => {
  it('has its oven lower or hotter, its later settings with it, and what is switched off stays so', () => {
    const steps = [
      { atMin: 10, to: 150 },
      { atMin: 20, to: 'off-ajar' as const },
    ];
    const plan = { ...TART, setC: 160, programme: { steps, swingK: 5 } };
    expect(withRemedy(plan, { kind: 'oven', byK: -15 })).toEqual({
      ...plan,
      setC: 145,
      programme: { swingK: 5, steps: [{ atMin: 10, to: 135 }, steps[1]] },
    });
  });

  it('has no programme where it had none', () => {
    const { programme: _, ...plan } = TART;
    const hotter = withRemedy(plan, { kind: 'oven', byK: 10 });
    expect(hotter).toEqual({ ...plan, setC: plan.setC + 10 });
    expect(hotter).not.toHaveProperty('programme');
  });

  it('is poured warmer', () => {
    expect(withRemedy(TART, { kind: 'start', fillingStartC: 55 })).toEqual({
      ...TART,
      fillingStartC: 55,
    });
  });

  it('is filled to the gap it is told, and no higher', () => {
    const plan = withRemedy(TART, { kind: 'depth', byMm: 4, headspaceMm: 9, share: 0.8 });
    const level = levelOf(plan);
    if (!level.ok) throw new Error(level.problem.code);
    expect(level.value.gapMm).toBeCloseTo(9, 6);
  });

  it('stands in a bath', () => {
    const bath = { panLengthMm: 300, panBreadthMm: 200, levelMm: 20, waterC: 90, vessels: 1 };
    expect(withRemedy(TART, { kind: 'bath', bath })).toEqual({ ...TART, bath });
  });

  it('has starch as one more line of its list', () => {
    const { lines } = withRemedy(TART, { kind: 'starch', grams: 12 });
    expect(lines.slice(0, -1)).toEqual(TART.lines);
    expect(lines.at(-1)).toMatchObject({ ingredientId: REMEDY_STARCH_ID, amount: 12, unit: 'g' });
  });
});
