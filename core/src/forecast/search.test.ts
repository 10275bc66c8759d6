import { learntEnough, momentAt, searchWindow } from '../doneness';
import { POT, TART } from '../testing/bakes';
import { PRACTICE } from '../testing/practice';
import { bakeUntil } from './bakeUntil';
import { topFollower } from './colouring';
import { prepare } from './prepare';

const CUSTARDS = [TART, POT, ...PRACTICE.slice(0, 4).map(({ plan }) => plan)];

describe('the search for a window', () => {
  // Held against the same bakes with eighty pulls spread over them.
  it('finds both ends and the best within half a per cent of where eighty pulls put them', () => {
    for (const plan of CUSTARDS) {
      const prepared = prepare(plan, 1, 0);
      if (!prepared.ok) throw new Error(prepared.problem.code);
      const { model, bakes, oven, out } = prepared.value;
      const top = topFollower(prepared.value);
      const { moments } = bakeUntil(prepared.value, learntEnough(model, bakes, top.goldenBy));
      const followed = { model, moments, oven, out, aim: bakes, colours: top.colours() };
      const { verdict, outcomes } = searchWindow(followed, { first: 4, most: 10 });
      const dense = searchWindow(followed, { first: 80, most: 80 }).verdict;
      expect(outcomes.length).toBeLessThanOrEqual(10);
      expect(verdict.kind).toBe(dense.kind);
      if (verdict.kind !== 'window' || dense.kind !== 'window') continue;
      for (const end of ['earliestS', 'bestS', 'latestS'] as const) {
        expect(Math.abs(verdict[end] / dense[end] - 1)).toBeLessThan(0.005);
      }
    }
  });

  // A pull is in the oven up to its very time, also where that lies a hair before or after the end of a step.
  it('gives a moment the time it was asked for', () => {
    const prepared = prepare(TART, 0.5, 0);
    if (!prepared.ok) throw new Error(prepared.problem.code);
    const { model, bakes, oven } = prepared.value;
    const { moments } = bakeUntil(prepared.value, learntEnough(model, bakes));
    const endS = moments[10]!.timeS;
    for (const timeS of [endS - 0.3, endS, endS + 0.3, endS + 5]) {
      expect(momentAt(model, moments, oven, timeS).timeS).toBeCloseTo(timeS, 9);
    }
  });
});
