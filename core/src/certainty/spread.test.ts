import { forecast, type ForecastPlan } from '../forecast';
import { memberOf } from './member';
import { normalDeviate, shiftsFrom, USUAL_UNSURE } from './unsure';
import { quantile, spreadOf } from './spread';
import { whatMatters } from './sensitivity';
import { remediesFor, withRemedy } from '../remedies';

import { TART as tart } from '../testing/bakes';

/** A deep cold dish in a hot oven: its rim is grains before its middle sets. */
const hopeless: ForecastPlan = {
  ...tart,
  shell: 'none',
  shellThicknessMm: 0,
  vessel: { ...tart.vessel, material: 'ceramic', heightMm: 50 },
  setC: 200,
};

describe('draws', () => {
  // Source: normal distribution, Abramowitz and Stegun table 26.1.
  it.each([
    [0.5, 0],
    [0.841345, 1],
    [0.975, 1.959964],
    [0.02275, -2],
  ])('the deviate of %p is %p', (probability, expected) => {
    expect(Math.abs(normalDeviate(probability) - expected)).toBeLessThan(5e-4);
  });

  it('have the mean and spread they are said to have, and are the same each time', () => {
    const draws = shiftsFrom(USUAL_UNSURE, 0, 400);
    for (const input of ['ovenK', 'startK', 'depthMm', 'setK'] as const) {
      const values = draws.map((draw) => draw[input]);
      const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
      const sd = Math.sqrt(
        values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length,
      );
      expect(Math.abs(mean)).toBeLessThan(0.05 * USUAL_UNSURE[input]);
      expect(sd / USUAL_UNSURE[input]).toBeGreaterThan(0.93);
      expect(sd / USUAL_UNSURE[input]).toBeLessThan(1.03);
    }
    expect([...shiftsFrom(USUAL_UNSURE, 0, 20), ...shiftsFrom(USUAL_UNSURE, 20, 40)]).toEqual(
      shiftsFrom(USUAL_UNSURE, 0, 40),
    );
  });

  it('quantiles lie straight between ranks', () => {
    expect(quantile([4, 1, 3, 2], 0.5)).toBe(2.5);
    expect(quantile([7], 0.9)).toBe(7);
  });
});

describe('a spread', () => {
  const pullS = 2700;
  const spread = (() => {
    const members = shiftsFrom(USUAL_UNSURE, 0, 40).map((shift) => {
      const member = memberOf(tart, shift, pullS);
      if (!member.ok) throw new Error(member.problem.code);
      return member.value;
    });
    return spreadOf(members, pullS);
  })();

  it('lies round the one forecast, wider than its window', () => {
    const one = forecast(tart);
    if (!one.ok || one.value.verdict.kind !== 'window') throw new Error('window');
    const { best, earliest, latest } = one.value.verdict;
    const [low, middle, high] = spread.bestS!;
    expect(Math.abs(middle - best.timeS)).toBeLessThan(120);
    expect(high - low).toBeGreaterThan(latest.timeS - earliest.timeS);
    expect(spread.safest!.share).toBeGreaterThan(0.25);
    expect(spread.safest!.share).toBeLessThanOrEqual(1);
  });

  it('has a band that holds the middle and is narrow where all start alike', () => {
    const width = spread.band.map(([, low, high]) => high - low);
    expect(width.every((each) => each > 0)).toBe(true);
    expect(width[0]!).toBeLessThan(10);
    expect(Math.max(...width)).toBeLessThan(15);
  });

  it('vanishes when nothing is unsure', () => {
    const sure = { ovenK: 0, startK: 0, depthMm: 0, setK: 0 };
    const members = shiftsFrom(sure, 0, 3).map((shift) => memberOf(tart, shift, pullS));
    const times = members.map((member) => member.ok && member.value.window?.[1]);
    expect(new Set(times).size).toBe(1);
  });

  // Common practice: the oven that nobody checked is what a bake hangs on.
  it('ranks what matters by what it does to the time', () => {
    const ranked = whatMatters(tart, USUAL_UNSURE, pullS);
    expect(ranked).toHaveLength(4);
    expect(ranked[0]!.input).toBe('ovenK');
    const oven = ranked[0]!;
    expect(oven.upS).toBeLessThan(0);
    expect(oven.downS).toBeGreaterThan(0);
    const sizes = ranked.map(({ upS, downS }) => Math.abs(upS) + Math.abs(downS));
    expect(sizes).toEqual([...sizes].sort((a, b) => b - a));
  });
});

describe('remedies', () => {
  const found = remediesFor(hopeless);

  it('are found where there is no window, and each opens one', () => {
    const before = forecast(hopeless);
    expect(before.ok && before.value.verdict.kind).toBe('no-window');
    expect(found.length).toBeGreaterThan(0);
    for (const { change } of found) {
      const after = forecast(withRemedy(hopeless, change));
      expect(after.ok && after.value.verdict.kind).toBe('window');
    }
  });

  // Common practice: starch takes the limit away, a bath keeps the edge from curdling.
  it('name starch and a bath among them', () => {
    expect(found.map(({ change }) => change.kind)).toEqual(
      expect.arrayContaining(['starch', 'bath']),
    );
  });

  it('are the smallest of their kind', () => {
    const starch = found.find(({ change }) => change.kind === 'starch')!.change;
    if (starch.kind !== 'starch') throw new Error('starch');
    const less = forecast(withRemedy(hopeless, { kind: 'starch', grams: starch.grams * 0.75 }), {
      resolution: 0.6,
    });
    if (!less.ok) throw new Error(less.problem.code);
    const { verdict } = less.value;
    // Two minutes are the narrowest that is offered.
    const wideS = verdict.kind === 'window' ? verdict.latest.timeS - verdict.earliest.timeS : 0;
    expect(wideS).toBeLessThan(120);
  });

  it('lower every step of a programme', () => {
    const stepped = withRemedy(
      {
        ...tart,
        programme: {
          steps: [
            { atMin: 10, to: 140 },
            { atMin: 30, to: 'off-shut' },
          ],
        },
      },
      { kind: 'oven', byK: -10 },
    );
    expect(stepped).toMatchObject({
      setC: 140,
      programme: { steps: [{ to: 130 }, { to: 'off-shut' }] },
    });
  });
});
