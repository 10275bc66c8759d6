/**
 * Plans no cook would think of, drawn at random: whatever is asked, the answer holds together or says
 * what is wrong, and what has to come sooner comes sooner. The seed is fixed, so that a run tells of the code and not
 * of luck; `npm run bench` draws more with a new one.
 */
import fc from 'fast-check';
import { anyPlan, faultsOf, FILLINGS, orderFaultsOf } from '../../bench/anyPlan';
import { forecast } from './forecast';

it('forecasts whatever is asked so that it holds together, or says what is wrong', () => {
  const baked: string[] = [];
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const result = forecast(plan, { resolution: 0.6 });
      if (!result.ok) {
        expect(result.problem.code).toMatch(/^[a-z]+\.[a-z-]+$/);
        return;
      }
      baked.push(plan.family);
      expect(faultsOf(result.value)).toEqual([]);
    }),
    { seed: 20, numRuns: 25, endOnFailure: true },
  );
  // Most are baked, of every kind: the rest are refused for want of heat or room.
  expect(baked.length).toBeGreaterThan(12);
  expect(new Set(baked)).toEqual(new Set(FILLINGS.map(([family]) => family)));
});

// Common practice, and the first law: more heat, less to heat, or a start nearer the end never takes longer.
it('never takes longer in a hotter oven, filled warmer or shallower, with a fan, or in dark metal', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => expect(orderFaultsOf(plan)).toEqual([])),
    { seed: 7, numRuns: 12, endOnFailure: true },
  );
});
