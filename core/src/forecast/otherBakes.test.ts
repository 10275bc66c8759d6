/**
 * Bakes of the other families against the times and end readings of the trade. All bands: common
 * practice; end points were put so that the readings come out (docs/model.md), the times were not.
 */
import { forecast, type ForecastPlan } from './index';

import { listOf as lines, PIE as pie } from '../testing/bakes';

const shallow = { ...pie.vessel, heightMm: 32 };
const SYRUP = lines({ 'golden-syrup': 300, 'brown-sugar': 150, egg: 200, butter: 80, pecans: 200 });

const best = (change: Partial<ForecastPlan>) => {
  const result = forecast({ ...pie, ...change });
  if (!result.ok) throw new Error(result.problem.message);
  const { verdict } = result.value;
  if (verdict.kind !== 'window') throw new Error(verdict.says);
  return {
    minutes: verdict.best.timeS / 60,
    probeC: verdict.best.probeC,
    peakC: verdict.best.peakC,
  };
};

const within = (value: number, least: number, most: number) => {
  expect(value).toBeGreaterThan(least);
  expect(value).toBeLessThan(most);
};

describe('bakes of other families', () => {
  it('a purée pie takes 45 to 75 min at 175 to 205 °C and is done at 79 to 82', () => {
    const pull = best({});
    within(pull.minutes, 45, 75);
    within(pull.probeC, 75, 83);
    within(best({ setC: 200 }).minutes, 40, 70);
  });

  it('hot at first and then lower, it takes no longer', () => {
    const hot = best({ setC: 218, programme: { steps: [{ atMin: 15, to: 178 }] } });
    expect(hot.minutes).toBeLessThan(best({ setC: 178 }).minutes);
  });

  it('a cheesecake in a bath takes an hour or more at 150 to 165 °C and reads 65 to 70', () => {
    const pull = best({
      family: 'fresh-cheese',
      lines: lines({ 'cream-cheese': 700, egg: 200, 'soured-cream': 200, sugar: 200 }),
      shell: 'none',
      shellThicknessMm: 0,
      vessel: { ...pie.vessel, kind: 'springform', heightMm: 70 },
      headspaceMm: 15,
      setC: 160,
      bath: { panLengthMm: 400, panBreadthMm: 300, levelMm: 35, waterC: 90, vessels: 1 },
    });
    within(pull.minutes, 55, 100);
    within(pull.probeC, 62, 72);
  });

  it('a syrup and nut filling takes 40 to 60 min at 165 to 180 °C and is done near 95', () => {
    const pull = best({ family: 'syrup-nut', vessel: shallow, lines: SYRUP, setC: 175 });
    within(pull.minutes, 40, 60);
    within(pull.probeC, 93, 96);
  });

  it('a large nut cream takes 50 to 60 min at 170 to 180 °C and is done at 90 and over', () => {
    const pull = best({
      family: 'nut-cream',
      vessel: shallow,
      lines: lines({ 'ground-almonds': 150, butter: 150, sugar: 150, egg: 150, 'wheat-flour': 30 }),
      setC: 172,
    });
    within(pull.minutes, 50, 60);
    within(pull.probeC, 89.5, 95);
  });

  it('a fruit batter takes 40 to 50 min at 190 °C', () => {
    const pull = best({
      family: 'batter-custard',
      shell: 'none',
      shellThicknessMm: 0,
      lines: lines({ milk: 300, cream: 200, egg: 250, sugar: 100, 'wheat-flour': 40 }),
      setC: 190,
    });
    within(pull.minutes, 38, 52);
    within(pull.probeC, 79, 88);
  });

  it('what no oven sets is refused with the reason', () => {
    const refused = (change: Partial<ForecastPlan>) => {
      const result = forecast({ ...pie, ...change });
      return result.ok ? undefined : result.problem.code;
    };
    expect(
      refused({
        family: 'curd',
        lines: lines({ 'lemon-juice': 200, 'egg-yolk': 120, sugar: 150 }),
      }),
    ).toBe('not-forecast');
    expect(refused({ lines: lines({ 'pumpkin-purée': 450, sugar: 100 }) })).toBe('not-forecast');
  });
});
