import {
  forecast,
  levelOf,
  OVEN_KINDS,
  remediesFor,
  type Forecast,
  type ForecastPlan,
} from '@hollow-moon/core';
import { METRIC, wordsIn } from '@hollow-moon/words';
import { book, hopelessDish, tart } from '../testing/book';
import { alternativesTo, differenceInWords } from './alternatives';
import { planFor } from '../forecast';
import { remedied, remedyInWords, remedyOpens } from '../remedies/remedy';

const celsius = wordsIn(METRIC);
const planAt = (change: Partial<typeof tart> = {}): ForecastPlan => {
  const wish = planFor({ ...tart, ...change }, book);
  if ('missing' in wish) throw new Error(wish.missing);
  return wish.plan;
};
const made = (plan: ForecastPlan): Forecast => {
  const result = forecast(plan, { brief: true });
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};

describe('other ways of baking', () => {
  it('leave out what the plan already is', () => {
    const ids = alternativesTo(planAt(), celsius).map(({ id }) => id);
    expect(ids).toEqual(expect.arrayContaining(['bath', 'hot', 'cold', 'kind/fan', 'oven/-10']));
    const of = (what: string) => ids.filter((id) => id.startsWith(what)).sort();
    expect(of('kind/')).toEqual(
      OVEN_KINDS.filter((kind) => kind !== 'still')
        .map((kind) => `kind/${kind}`)
        .sort(),
    );
    expect(of('material/')).toEqual(['material/ceramic', 'material/dark-tin', 'material/glass']);
    const bath = { panLengthMm: 380, panBreadthMm: 300, levelMm: 12, waterC: 90 };
    const inBath = alternativesTo(planAt({ bath, fillingStartC: 60 }), celsius).map(({ id }) => id);
    expect(inBath).toContain('dry');
    expect(inBath).not.toContain('hot');
  });

  it('leave the rim of a shallower one so much further over the filling', () => {
    const gapOf = (plan: ForecastPlan): number => {
      const level = levelOf(plan);
      if (!level.ok) throw new Error(level.problem.code);
      return level.value.gapMm;
    };
    const plan = planAt();
    const [shallower] = alternativesTo(plan, celsius).filter(({ id }) => id === 'shallower');
    expect(shallower!.name).toContain('5\u00a0mm');
    expect(gapOf(shallower!.plan)).toBeCloseTo(gapOf(plan) + 5, 6);
  });

  it('are each a plan that can be forecast', () => {
    for (const { plan } of alternativesTo(planAt(), celsius)) {
      expect(forecast(plan, { brief: true, resolution: 0.5 }).ok).toBe(true);
    }
  });

  // Common practice: filled hot it is done earlier, in a cooler oven later and with more time to pull.
  it('are told apart in minutes and in room', () => {
    const mine = made(planAt());
    expect(differenceInWords(mine, mine)).toBe('just as quick, just as forgiving');
    expect(differenceInWords(mine, made(planAt({ fillingStartC: 60 })))).toMatch(
      /^\d+ min earlier/,
    );
    const cooler = differenceInWords(mine, made(planAt({ setC: 115 })));
    expect(cooler).toMatch(/^\d+ min later, (\d\.\d times the window|can wait longer)$/);
    const hotter = differenceInWords(mine, made(planAt({ setC: 165 })));
    expect(hotter).toMatch(/^\d+ min earlier, (a window \d+ % as wide|just as forgiving)$/);
    const none = made(planAt(hopelessDish));
    expect(differenceInWords(mine, none)).toBe('no window');
    expect(differenceInWords(none, mine)).toBe('opens a window');
  });
});

describe('a remedy', () => {
  const data = { ...tart, setC: 220, fillingStartC: 5, shell: 'none' as const, headspaceMm: 1 };
  const found = remediesFor(planAt(data));

  it('made the formula’s own, gives the window that was promised', () => {
    expect(found.length).toBeGreaterThan(0);
    for (const remedy of found) {
      const { verdict } = made(planAt(remedied(data, remedy.change)));
      expect(verdict.kind).toBe('window');
      expect(remedyOpens(remedy)).toMatch(/^then pull at \d+/);
    }
  });

  it('is said as something to do', () => {
    const says = (change: Parameters<typeof remedied>[1]) =>
      remedyInWords({ change, earliestS: 0, bestS: 0, latestS: 0 }, data, celsius);
    expect(says({ kind: 'oven', byK: -25 })).toBe('Lower the oven by 25\u00a0°C, to 195\u00a0°C');
    expect(says({ kind: 'start', fillingStartC: 45 })).toBe('Pour the filling at 45\u00a0°C');
    expect(says({ kind: 'depth', byMm: 6, headspaceMm: 7, share: 0.8 })).toBe(
      'Fill 6\u00a0mm shallower, with 80 % of the batch',
    );
    expect(says({ kind: 'starch', grams: 12.4 })).toBe('Whisk in 12\u00a0g of cornflour');
    expect(
      remedyInWords(
        { change: { kind: 'oven', byK: 10 }, earliestS: 0, bestS: 0, latestS: 0 },
        data,
        wordsIn({ ...METRIC, degrees: 'F' }),
      ),
    ).toBe('Raise the oven by 18\u00a0°F, to 446\u00a0°F');
  });

  it('lowers the steps of the oven with it', () => {
    const stepped = {
      ...data,
      ovenUse: {
        ...data.ovenUse,
        steps: [
          { atMin: 10, to: 180 },
          { atMin: 30, to: 'off-shut' as const },
        ],
      },
    };
    expect(remedied(stepped, { kind: 'oven', byK: -20 })).toMatchObject({
      setC: 200,
      ovenUse: { steps: [{ to: 160 }, { to: 'off-shut' }] },
    });
  });
});
