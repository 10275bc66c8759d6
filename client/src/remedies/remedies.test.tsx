/** The window as it is offered, and what would open one where there is none. */
import type { FormulaData } from '@hollow-moon/contract';
import {
  forecast,
  remediesFor,
  type Forecast,
  type ForecastPlan,
  type PullChoice,
} from '@hollow-moon/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { METRIC, wordsIn } from '@hollow-moon/words';
import { createStore } from '../root/store';
import { unitsChosen } from '../state/settings';
import { book, hopelessDish, tart } from '../testing/book';
import { planFor } from '../forecast';
import { remedied, remedyInWords, remedyOpens } from './remedy';
import { Pulls } from '../forecast/Pulls';

const planOf = (data: FormulaData): ForecastPlan => {
  const wish = planFor(data, book);
  if (!('plan' in wish)) throw new Error('no plan');
  return wish.plan;
};
const foreseen = (data: FormulaData): Forecast => {
  const result = forecast(planOf(data));
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};

describe('the window', () => {
  const of = foreseen(tart);
  const show = (chosen: PullChoice, onChoose = jest.fn(), degrees: 'C' | 'F' = 'C') => {
    const store = createStore();
    store.dispatch(unitsChosen({ degrees }));
    render(
      <Provider store={store}>
        <Pulls forecast={of} chosen={chosen} onChoose={onChoose} />
      </Provider>,
    );
    return onChoose;
  };
  const { verdict } = of;
  if (verdict.kind !== 'window') throw new Error(verdict.says.code);

  it('gives the minute of each of its three pulls, and the signs of the one that is chosen', () => {
    for (const choice of ['earliest', 'best', 'latest'] as const) {
      const pull = verdict[choice];
      document.body.innerHTML = '';
      show(choice);
      const chosen = screen.getByRole('radio', { checked: true });
      expect(screen.getByTestId(`pull-${choice}`).textContent).toBe(
        String(Math.round(pull.timeS / 60)),
      );
      expect(chosen.textContent.replaceAll('\u00a0', ' ')).toContain(
        `probe ${Math.round(pull.probeC)} °C`,
      );
      const says = screen.getByTestId('pull-signs').textContent.replaceAll('\u00a0', ' ');
      expect(says).toBe(`knife ${pull.knife} · coasts to ${Math.round(pull.peakC)} °C`);
    }
  });

  it('has one of them chosen, and tells which is', () => {
    const onChoose = show('latest');
    const checked = screen.getAllByRole('radio', { checked: true });
    expect(checked).toHaveLength(1);
    expect(checked[0]!.textContent).toMatch(/^(Latest|Still fine)\d+min, probe/);
    fireEvent.click(screen.getAllByRole('radio')[0]!);
    expect(onChoose).toHaveBeenCalledWith('earliest');
  });

  it('is told in °F to who reads those', () => {
    show('best', jest.fn(), 'F');
    expect(screen.getAllByRole('radio')[1]!.textContent.replaceAll('\u00a0', ' ')).toContain(
      `probe ${Math.round(verdict.best.probeC * 1.8 + 32)} °F`,
    );
  });
});

describe('what opens a window', () => {
  // A cold, brimming dish without a shell in a hot oven: its rim curdles first.
  const hopeless: FormulaData = {
    ...hopelessDish,
    ovenUse: { ...tart.ovenUse, steps: [{ atMin: 20, to: 170 }] },
  };
  const remedies = remediesFor(planOf(hopeless));

  it('is looked for in more than one direction', () => {
    expect(foreseen(hopeless).verdict.kind).toBe('no-window');
    expect(remedies.length).toBeGreaterThan(1);
  });

  // The proof of each: done to the formula, as a tap does it, the forecast has the window that was promised.
  it.each(remedies.map((remedy) => [remedy.change.kind, remedy] as const))(
    'by its %s opens it in the formula too',
    (_, remedy) => {
      const { verdict } = foreseen(remedied(hopeless, remedy.change));
      if (verdict.kind !== 'window') throw new Error(verdict.says.code);
      expect(Math.abs(verdict.earliest.timeS - remedy.earliestS)).toBeLessThan(120);
      expect(remedyOpens(remedy)).toMatch(/^then pull at \d+( to \d+)? min$/);
    },
  );

  it('takes the later settings of the oven along', () => {
    const cooler = remedied(hopeless, { kind: 'oven', byK: -20 });
    expect(cooler.setC).toBe(230);
    expect(cooler.ovenUse.steps).toEqual([{ atMin: 20, to: 150 }]);
    const off = {
      ...hopeless,
      ovenUse: { ...hopeless.ovenUse, steps: [{ atMin: 20, to: 'off-shut' as const }] },
    };
    expect(remedied(off, { kind: 'oven', byK: -20 }).ovenUse.steps).toEqual([
      { atMin: 20, to: 'off-shut' },
    ]);
  });

  it('leaves everything else as it was', () => {
    const { fillingStartC, ...rest } = remedied(hopeless, { kind: 'start', fillingStartC: 50 });
    const { fillingStartC: _before, ...before } = hopeless;
    expect(fillingStartC).toBe(50);
    expect(rest).toEqual(before);
    const starched = remedied(hopeless, { kind: 'starch', grams: 12 });
    expect(starched.lines.slice(0, -1)).toEqual(hopeless.lines);
    expect(starched.lines.at(-1)).toMatchObject({ amount: 12, unit: 'g' });
  });

  it.each([
    [{ kind: 'oven', byK: -10 }, 'Lower the oven by 10\u00a0°C, to 240\u00a0°C'],
    [{ kind: 'oven', byK: 10 }, 'Raise the oven by 10\u00a0°C, to 260\u00a0°C'],
    [{ kind: 'start', fillingStartC: 45 }, 'Pour the filling at 45\u00a0°C'],
    [
      { kind: 'depth', byMm: 6, headspaceMm: 7, share: 0.8 },
      'Fill 6\u00a0mm shallower, with 80 % of the batch',
    ],
    [{ kind: 'starch', grams: 11.6 }, 'Whisk in 12\u00a0g of cornflour'],
  ] as const)('asks for %o in words', (change, says) => {
    const remedy = { change, earliestS: 1800, bestS: 2000, latestS: 2400 };
    expect(remedyInWords(remedy, hopeless, wordsIn(METRIC))).toBe(says);
  });
});
