/** The oven step by step: what is chosen is what is edited into the formula. */
import type { FormulaData } from '@hollow-moon/contract';
import type { OvenStep, Problem } from '@hollow-moon/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { tart } from '../testing/book';
import { OvenUseFold } from './OvenUseFold';

let kept: FormulaData = tart;

interface Given {
  readonly foreseen?: OvenStep[];
  readonly problem?: Problem;
  readonly data?: FormulaData;
}

function Place({ foreseen, problem, data: begun = tart }: Given) {
  const [data, setData] = useState(begun);
  return (
    <OvenUseFold
      of={data.ovenUse}
      setC={data.setC}
      inBath={data.bath !== null}
      vesselCount={data.vesselCount}
      problem={problem}
      foreseen={foreseen}
      pullS={1800}
      onUse={(change) => {
        const next = { ...data, ovenUse: { ...data.ovenUse, ...change } };
        kept = next;
        setData(next);
      }}
    />
  );
}

const open = (given: Given = {}) => {
  render(
    <Provider store={createStore()}>
      <Place {...given} />
    </Provider>,
  );
  if (!given.problem) fireEvent.click(screen.getByTestId('oven-steps'));
};
/** What the fold says of itself while it is shut. */
const summary = (): string => {
  const fold = screen.getByTestId('oven-steps');
  fireEvent.click(fold);
  const says = fold.textContent ?? '';
  fireEvent.click(fold);
  return says;
};
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const choose = (name: string) => fireEvent.click(screen.getByRole('radio', { name }));
const type = (testId: string, value: string) =>
  fireEvent.change(screen.getByTestId(testId), { target: { value } });

it('turns the oven down at a minute, and then on a sign instead', () => {
  open({ foreseen: [{ atMin: 23.4, on: 'rim-set', to: 110 }] });
  press('Add a change of temperature');
  expect(kept.ovenUse.steps).toEqual([{ atMin: 15, to: 110 }]);
  type('step-at-0', '12');
  type('step-to-0', '125');
  expect(kept.ovenUse.steps).toEqual([{ atMin: 12, to: 125 }]);
  type('step-when-0', 'rim-set');
  expect(kept.ovenUse.steps).toEqual([{ atMin: 12, on: 'rim-set', to: 125 }]);
  expect(screen.queryByTestId('step-at-0')).toBeNull();
  expect(screen.getByTestId('sign-foreseen-0').textContent).toBe('forecast at 23 min');
  expect(summary()).toContain('when the rim has set');
  type('step-when-0', 'minute');
  expect(kept.ovenUse.steps).toEqual([{ atMin: 12, to: 125 }]);
  press('Remove step 1');
  expect(kept.ovenUse.steps).toEqual([]);
});

it('says so when a sign is foreseen only after the pull', () => {
  open({ foreseen: [{ atMin: 43, on: 'shell-golden', to: 110 }] });
  press('Add a change of temperature');
  type('step-when-0', 'shell-golden');
  expect(screen.getByTestId('sign-foreseen-0').textContent).toBe(
    'forecast at 43 min, after the pull',
  );
});

it('switches it off, door closed or ajar', () => {
  open();
  press('Add switching it off');
  expect(kept.ovenUse.steps).toEqual([{ atMin: 30, to: 'off-shut' }]);
  fireEvent.change(screen.getByLabelText('then'), { target: { value: 'off-ajar' } });
  expect(kept.ovenUse.steps[0]!.to).toBe('off-ajar');
});

it('tops the filling up in the oven, and takes that back', () => {
  open();
  choose('Topped up in the oven');
  expect(kept.ovenUse.topUp).toEqual({ share: 0.65, atMin: 10 });
  type('top-up-share', '70');
  type('top-up-at', '8');
  expect(kept.ovenUse.topUp).toEqual({ share: 0.7, atMin: 8 });
  choose('Poured at once');
  expect(kept.ovenUse.topUp).toBeNull();
});

it('wraps what stands in a bath, and asks of it only there', () => {
  open();
  expect(screen.queryByRole('radio', { name: 'Bag or foil' })).toBeNull();
  document.body.innerHTML = '';
  const bath = { panLengthMm: 380, panBreadthMm: 280, levelMm: 20, waterC: 85 };
  open({ data: { ...tart, bath } });
  choose('Bag or foil');
  expect(kept.ovenUse.wrapped).toBe(true);
  expect(summary()).toContain('wrapped for the bath');
});

it('opens by itself on what is wrong in it, and says so at its place', () => {
  open({ problem: { code: 'forecast.top-up-under-topping', path: 'topUp' } });
  expect(screen.getByRole('alert').textContent).toBe(
    'A topping lies on all of the filling. Pour the filling at once, or put the topping on later.',
  );
});

it('opens the door, lays foil, and goes in before it is hot', () => {
  open();
  press('Add a door opening');
  expect(kept.ovenUse.doors).toEqual([{ atMin: 0, forS: 30 }]);
  choose('Foil, loosely');
  choose('Not yet');
  choose('Hot tray');
  expect(kept.ovenUse).toMatchObject({ foil: true, entersAtC: 20, standing: 'hot-tray' });
  expect(summary()).toContain('hot tray, under foil');
});
