/** The hours after the pull as they are drawn and told. */
import { COOLING_LIMITS, type CoolingForecast, type OutStep } from '@hollow-moon/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { unitsChosen } from '../state/settings';
import { CoolingResult, OutPlaces } from './CoolingParts';

/** Falls in a straight line from 80 °C by 20 K an hour to `least`, hottest spot and middle alike. */
const falling = (least: number): CoolingForecast['points'] =>
  Array.from({ length: 13 }, (_, hour) => {
    const celsius = Math.max(least, 80 - 20 * hour);
    return [hour * 3600, celsius, celsius] as const;
  });
const kept: CoolingForecast = {
  points: falling(4),
  under: { startS: 4140, firstS: 10_620, coldS: 13_500 },
  keepsFirst: true,
  keepsCold: true,
  ready: [],
};

const show = (
  cooling: CoolingForecast,
  degrees: 'C' | 'F' = 'C',
  out: readonly OutStep[] = [{ atMin: 0, place: 'rack' }],
) => {
  const store = createStore();
  store.dispatch(unitsChosen({ degrees }));
  render(
    <Provider store={store}>
      <CoolingResult cooling={cooling} out={out} />
    </Provider>,
  );
};
const text = (id: string) => screen.getByTestId(id).textContent.replaceAll('\u00a0', ' ');
const number = (element: Element, name: string) => Number(element.getAttribute(name));
const paths = () =>
  [...document.querySelectorAll('svg path')].map((each) =>
    each
      .getAttribute('d')!
      .slice(1)
      .split('L')
      .map((pair) => pair.split(',').map(Number) as [number, number]),
  );
/** Height of a level line by its figure. */
const levelY = (figure: string) => {
  const label = [...document.querySelectorAll('svg text')].find(
    (each) => each.textContent === figure && each.getAttribute('text-anchor') === 'end',
  )!;
  return number(label, 'y') - 4;
};

it('tells how long it took of what the published limits leave', () => {
  show(kept);
  // 10 620 - 4140 s are 108 min; 13 500 - 4140 are 156 min, which is 2 h 35 to five minutes.
  expect(text('cooling-verdict')).toBe(
    'It cools in time: from 57 to 21 °C in 108 min of 2 h, and to 5 °C in 2 h 35 min of 6 h.',
  );
});

it('tells it in °F to who reads those', () => {
  show(kept, 'F');
  // Source: FDA Food Code, 3-501.14: 135, 70 and 41 °F.
  expect(text('cooling-verdict')).toContain('from 135 to 70 °F');
  expect(text('cooling-verdict')).toContain('to 41 °F');
});

it('says what to do where a limit is not kept', () => {
  show({ ...kept, keepsFirst: false });
  expect(text('cooling-verdict')).toMatch(/^Cool it faster, or put it in the fridge sooner/);
  document.body.replaceChildren();
  show({ ...kept, keepsCold: false });
  expect(text('cooling-verdict')).toMatch(
    /^Put it in the fridge: it does not get below 5 °C within 6 h/,
  );
});

it('draws the corridor of the limits where they begin, as long and as high as they are', () => {
  show(kept);
  const [first, second] = [...document.querySelectorAll('svg rect')] as [Element, Element];
  const [middle] = paths() as [[number, number][]];
  const perHour = middle[1]![0] - middle[0]![0];
  expect(number(first, 'width') / perHour).toBeCloseTo(COOLING_LIMITS.firstWithinS / 3600, 3);
  expect((number(first, 'x') - middle[0]![0]) / perHour).toBeCloseTo(4140 / 3600, 3);
  expect(number(first, 'y')).toBeCloseTo(levelY('57'), 3);
  expect(number(second, 'y')).toBeCloseTo(levelY('21'), 3);
  // Cut off where the drawing ends.
  expect(number(second, 'width') / perHour).toBeLessThan(COOLING_LIMITS.coldWithinS / 3600);
});

it('says nothing of ice where nothing is colder than it', () => {
  show(kept);
  expect(screen.queryByTestId('freezing')).toBeNull();
  expect(levelY('0')).toBeGreaterThan(levelY('21'));
});

it('draws below nought in a freezer, and says when ice begins and ends', () => {
  show({
    ...kept,
    points: falling(-12),
    freezing: { fromC: -1.4, beginsS: 3 * 3600, throughS: 9 * 3600 },
  });
  expect(text('freezing')).toBe(
    'Its edge starts to freeze after 3 h, at -1 °C; it is frozen through after 9 h.',
  );
  const [middle] = paths() as [[number, number][]];
  const lowest = Math.max(...middle.map(([, y]) => y));
  expect(lowest).toBeGreaterThan(levelY('0'));
  const height = number(document.querySelector('svg')!, 'height');
  expect(lowest).toBeLessThan(height);
});

it.each([
  [
    { fromC: -1.4, beginsS: undefined, throughS: undefined },
    /^Nothing in it freezes: that starts at -1/,
  ],
  [{ fromC: -6, beginsS: 7200, throughS: undefined }, /it does not freeze through\.$/],
])('says so when it does not come to that', (freezing, says) => {
  show({ ...kept, freezing });
  expect(text('freezing')).toMatch(says);
});

describe('the places it cools in', () => {
  let out: readonly OutStep[] = [];
  function Place() {
    const [steps, setSteps] = useState<readonly OutStep[]>([{ atMin: 0, place: 'rack' }]);
    out = steps;
    return (
      <OutPlaces out={steps} places={['rack', 'ice-bath', 'fridge', 'freezer']} onOut={setSteps} />
    );
  }
  const begin = () =>
    render(
      <Provider store={createStore()}>
        <Place />
      </Provider>,
    );

  it('come one after the other, an hour apart to begin with', () => {
    begin();
    fireEvent.click(screen.getByTestId('add-place'));
    fireEvent.click(screen.getByTestId('add-place'));
    expect(out).toEqual([
      { atMin: 0, place: 'rack' },
      { atMin: 60, place: 'fridge' },
      { atMin: 120, place: 'fridge' },
    ]);
    fireEvent.change(screen.getByTestId('out-place-2'), { target: { value: 'freezer' } });
    fireEvent.change(screen.getByTestId('out-at-1'), { target: { value: '45' } });
    expect(out.slice(1)).toEqual([
      { atMin: 45, place: 'fridge' },
      { atMin: 120, place: 'freezer' },
    ]);
    fireEvent.click(screen.getByRole('button', { name: 'Remove place 2' }));
    expect(out).toEqual([
      { atMin: 0, place: 'rack' },
      { atMin: 120, place: 'freezer' },
    ]);
  });

  it('are six at most, and the first cannot be left out', () => {
    begin();
    for (let more = 0; more < 8; more += 1) fireEvent.click(screen.getByTestId('add-place'));
    expect(out).toHaveLength(6);
    expect(screen.queryByRole('button', { name: 'Remove place 1' })).toBeNull();
  });
});

// What is planned is not advised: in the fridge already, it goes there sooner, or in a shallower dish.
it.each([
  ['put it in the fridge', false, [{ atMin: 0, place: 'rack' }], /^Put it in the fridge: /],
  [
    'put it there sooner',
    false,
    [
      { atMin: 0, place: 'rack' },
      { atMin: 240, place: 'fridge' },
    ],
    /^Put it in the fridge sooner, or in a shallower dish/,
  ],
  [
    'cool it faster',
    true,
    [{ atMin: 0, place: 'fridge' }],
    /^Cool it faster at first: .*shallower/,
  ],
] as const)('advises to %s', (_, first, out, says) => {
  show({ ...kept, keepsFirst: !first, keepsCold: false }, 'C', out);
  expect(text('cooling-verdict')).toMatch(says);
});
