import { render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { type Points } from './CurveFigures';
import { Curves, type CurvesProps } from './Curves';

const history: Points = [
  [0, 20],
  [1800, 60],
  [3600, 80],
];

const show = (props: Partial<CurvesProps> = {}) =>
  render(
    <Provider store={createStore()}>
      <Curves
        rim={history}
        halfRadius={history}
        centre={history}
        setC={79}
        curdleC={86}
        label="curves"
        {...props}
      />
    </Provider>,
  );

const texts = () => [...document.querySelectorAll('svg text')].map((each) => each.textContent);
/** Points of the last path drawn: the centre's curve. */
const lastPath = () => [...document.querySelectorAll('svg path')].at(-1)!.getAttribute('d')!;
const pointsOf = (path: string) =>
  path
    .slice(1)
    .split('L')
    .map((pair) => pair.split(',').map(Number));

it('names both bands and the axes', () => {
  show();
  expect(screen.getByLabelText('curves')).toBeTruthy();
  expect(texts()).toEqual(
    expect.arrayContaining(['sets 79\u00a0°C', 'curdles from 86\u00a0°C', '0 min', '20', '100']),
  );
});

it('draws time and temperature to scale', () => {
  show();
  const [start, middle, end] = pointsOf(lastPath()) as [number[], number[], number[]];
  // Half the time is half the way across; 20 to 60 °C is twice as high as 60 to 80.
  expect(middle[0]! - start[0]!).toBeCloseTo(end[0]! - middle[0]!, 1);
  expect(start[1]! - middle[1]!).toBeCloseTo(2 * (middle[1]! - end[1]!), 1);
});

it('leaves the curdling line out where starch prevents it', () => {
  show({ curdleC: undefined });
  expect(texts().join(' ')).not.toMatch(/curdles/);
});

it('marks what was read and when it was pulled, on the same axes', () => {
  show({ readings: [[1800, 58]], pulledS: 3600 });
  const reading = document.querySelector('svg circle')!;
  const [, middle, end] = pointsOf(lastPath()) as [number[], number[], number[]];
  expect(Number(reading.getAttribute('cx'))).toBeCloseTo(middle[0]!, 1);
  expect(Number(reading.getAttribute('cy'))).toBeGreaterThan(middle[1]!);
  const pulled = [...document.querySelectorAll('svg text')].find(
    (each) => each.textContent === 'pulled',
  );
  expect(Number(pulled!.getAttribute('x'))).toBeCloseTo(end[0]!, 1);
});

it('reaches as far as what was really done', () => {
  show({ pulledS: 7200 });
  const [, , end] = pointsOf(lastPath()) as [number[], number[], number[]];
  const plot = Number(screen.getByLabelText('curves').getAttribute('width'));
  expect(end[0]!).toBeLessThan(0.6 * plot);
});
