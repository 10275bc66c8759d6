/** The bath as it is asked for and told. */
import type { FormulaData } from '@hollow-moon/contract';
import type { BathForecast, Problem, Vessel } from '@hollow-moon/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { BathChoice } from './BathChoice';

// Common practice: a 35 × 25 cm pan, six dishes 9 cm wide outside and 5 high, half-way: 1.2 l. By hand: (35 × 25 -
// 6 × π/4 × 9.02²) × 2.5 cm = 1.23 l, told to 50 ml.
const dish: Vessel = {
  name: 'Dish',
  kind: 'ramekin',
  baseDiameterMm: 89,
  topDiameterMm: 89,
  heightMm: 50,
  lipMm: 0,
  material: 'bright-tin',
};
const pan = { panLengthMm: 350, panBreadthMm: 250, levelMm: 25, waterC: 90 };

let kept: FormulaData['bath'] = null;
const begin = (
  start: FormulaData['bath'],
  given: {
    foreseen?: BathForecast;
    problem?: Problem;
    vessel?: Vessel | undefined;
    count?: number;
  } = {},
) => {
  function Place() {
    const [bath, setBath] = useState(start);
    kept = bath;
    return (
      <BathChoice
        bath={bath}
        vessel={'vessel' in given ? given.vessel : dish}
        vesselCount={given.count ?? 6}
        foreseen={given.foreseen}
        problem={given.problem}
        onBath={setBath}
      />
    );
  }
  render(
    <Provider store={createStore()}>
      <Place />
    </Provider>,
  );
};
const says = (id: string) => screen.getByTestId(id).textContent.replaceAll('\u00a0', ' ');
const type = (id: string, value: string) =>
  fireEvent.change(screen.getByTestId(id), { target: { value } });

it('begins half-way up the vessel with water from the kettle, and ends dry', () => {
  begin(null);
  fireEvent.click(screen.getByRole('radio', { name: 'Water bath' }));
  expect(kept).toMatchObject({ levelMm: 25, waterC: 90 });
  fireEvent.click(screen.getByRole('radio', { name: 'Dry oven' }));
  expect(kept).toBeNull();
});

it('says how much water, and how many kettles', () => {
  begin(pan);
  expect(says('bath-water')).toBe('It takes 1.25 l of water, 1 kettle.');
  type('pan-length', '60');
  type('pan-breadth', '40');
  // By hand: (60 × 40 - 6 × π/4 × 9.02²) × 2.5 cm = 5.04 l, of kettles of 1.5 l.
  expect(says('bath-water')).toBe('It takes 5.05 l of water, 4 kettles.');
});

it('keeps measures in millimetres as they are typed in centimetres', () => {
  begin(pan);
  type('pan-length', '38,5');
  type('bath-level', '22');
  expect(kept).toEqual({ ...pan, panLengthMm: 385, levelMm: 22 });
  type('water-slider', '65');
  expect(kept!.waterC).toBe(65);
});

it('tells what becomes of the water', () => {
  begin(pan, {
    foreseen: {
      waterMl: 1200,
      atPullC: 83.6,
      hottestC: 84,
      simmersAtS: undefined,
      driesAtS: undefined,
      leftMl: 1046,
    },
  });
  expect(says('bath-water')).toBe(
    'It takes 1.25 l of water, 1 kettle. At the pull it is at 84 °C and 1.05 l are left.',
  );
  expect(screen.queryByTestId('bath-simmers')).toBeNull();
  expect(screen.queryByTestId('bath-dries')).toBeNull();
});

it('warns of a pan that runs dry, from its minute, and what to do', () => {
  begin(pan, {
    foreseen: {
      waterMl: 300,
      atPullC: 140,
      hottestC: 84,
      simmersAtS: undefined,
      driesAtS: 2900,
      leftMl: 0,
    },
  });
  expect(says('bath-water')).toBe('It takes 1.25 l of water, 1 kettle.');
  expect(says('bath-dries')).toMatch(/^Pour more water, or top it up .* runs dry from 48 min/);
});

it('warns of a bath that simmers, from its minute, and what to do', () => {
  begin(pan, {
    foreseen: {
      waterMl: 1200,
      atPullC: 99,
      hottestC: 99,
      simmersAtS: 1530,
      driesAtS: undefined,
      leftMl: 400,
    },
  });
  expect(says('bath-simmers')).toMatch(
    /^Lower the oven, or pour cooler water: the bath simmers from 26 min/,
  );
});

it('says what is wrong at its place, and works out no water for it', () => {
  begin(pan, {
    count: 40,
    problem: { code: 'bath.pan', path: 'bath.panLengthMm' },
  });
  expect(screen.getByRole('alert').textContent).toBe(
    'Enter a pan from 8\u00a0cm across up to a square metre.',
  );
  expect(screen.queryByTestId('bath-water')).toBeNull();
});

it('can be asked for before there is a tin', () => {
  begin(null, { vessel: undefined });
  fireEvent.click(screen.getByRole('radio', { name: 'Water bath' }));
  expect(kept).toMatchObject({ levelMm: 20 });
  expect(screen.queryByTestId('bath-water')).toBeNull();
});
