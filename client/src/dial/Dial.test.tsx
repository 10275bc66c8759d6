/** The dial: one ruler on which minutes, ring, window, readings and hand all stand at their place. */
import { fireEvent, render, screen } from '@testing-library/react';
import { Dial, DIAL_MARGIN, dialScale, minuteStep, windowInWords, type DialWindow } from './Dial';
import { RingTrack, type Phase } from './RingTrack';

/** As wide as the dial is before it has been laid out, px. */
const WIDTH = 340;
const END_S = 3600;
const WINDOW: DialWindow = [1800, 2220, 2580];
const x = dialScale(END_S, WIDTH);

const PHASES: readonly Phase[] = [
  [0, { liquid: 1, moving: 1, curdledFrom: 1 }],
  [1200, { liquid: 0.5, moving: 0.9, curdledFrom: 1 }],
  [2400, { liquid: 0, moving: 0.4, curdledFrom: 0.9 }],
  [3600, { liquid: 0, moving: 0, curdledFrom: 0.7 }],
];

const show = (over: Partial<Parameters<typeof Dial>[0]> = {}) =>
  render(
    <Dial
      track={(at, heightPx) => <RingTrack phases={PHASES} x={at} heightPx={heightPx} />}
      endS={END_S}
      window={WINDOW}
      label="the dial"
      {...over}
    />,
  );

it('has its minutes evenly from edge to edge of the plot', () => {
  expect(x(0)).toBe(DIAL_MARGIN.left);
  expect(x(END_S)).toBe(WIDTH - DIAL_MARGIN.right);
  expect(x(END_S / 2)).toBeCloseTo((DIAL_MARGIN.left + WIDTH - DIAL_MARGIN.right) / 2, 10);
  expect([1800, 3600, 7200].map(minuteStep)).toEqual([10, 20, 30]);
});

it('notches the window from its earliest to its latest pull, with a line at the best', () => {
  show();
  const notch = screen.getByTestId('dial-window');
  const bar = notch.querySelector('rect')!;
  expect(Number(bar.getAttribute('x'))).toBeCloseTo(x(1800), 6);
  expect(Number(bar.getAttribute('width'))).toBeCloseTo(x(2580) - x(1800), 6);
  for (const line of notch.querySelectorAll('line')) {
    expect(Number(line.getAttribute('x1'))).toBeCloseTo(x(2220), 6);
  }
});

it('leaves the notch open where nothing goes wrong after the latest', () => {
  const ends = () => screen.getByTestId('dial-window').querySelector('path')!.getAttribute('d')!;
  show();
  expect(ends().match(/M/g)).toHaveLength(3);
  document.body.innerHTML = '';
  show({ closes: false });
  expect(ends().match(/M/g)).toHaveLength(2);
});

it('rolls the moon out: at any minute its edges stand as high as they are wide', () => {
  const { container } = show();
  const moving = container.querySelector('path[fill="#F4E7B4"]');
  // 52 px high: at 40 min 0.4 of the radius still moves, which is 20.8 px above the middle at the foot.
  const points = [...moving!.getAttribute('d')!.matchAll(/([\d.]+),([\d.]+)/g)].map(
    ([, px, py]) => [Number(px), Number(py)] as const,
  );
  const at40 = points.find(([px, py]) => Math.abs(px - x(2400)) < 0.1 && py < 52);
  expect(at40![1]).toBeCloseTo(52 - 0.4 * 52, 2);
});

it('is moved by its hand, and says what it stands on', () => {
  const onTime = jest.fn();
  show({ hand: { atS: 1800, says: '30 min in the oven', onTime, testID: 'hand' } });
  const hand = screen.getByTestId('hand');
  expect(hand.getAttribute('aria-valuetext')).toBe('30 min in the oven');
  expect(hand.getAttribute('aria-label')).toBe('the dial');
  expect(parseFloat(screen.getByTestId('dial-line').style.left)).toBeCloseTo(x(1800), 6);
  fireEvent.change(hand, { target: { value: '2400' } });
  expect(onTime).toHaveBeenCalledWith(2400);
  // The picture says nothing twice.
  expect(screen.queryByRole('img')).toBeNull();
});

it('without a hand is a picture in words, with the clock, the pull and what was read on it', () => {
  const { container } = show({
    nowS: 5000,
    pulledS: 2400,
    late: true,
    marks: [
      { atS: 1500, kind: 'reading' },
      { atS: 2000, kind: 'nudge' },
    ],
  });
  expect(screen.getByLabelText('the dial').tagName).toBe('svg');
  expect(screen.queryByRole('slider')).toBeNull();
  // A clock past the end stands at the end.
  expect(parseFloat(screen.getByTestId('dial-line').style.left)).toBeCloseTo(x(END_S), 6);
  const pulled = screen.getByTestId('dial-pulled').querySelector('line')!;
  expect(Number(pulled.getAttribute('x1'))).toBeCloseTo(x(2400), 6);
  const late = screen.getByTestId('dial-late').querySelector('rect')!;
  expect(Number(late.getAttribute('x'))).toBeCloseTo(x(2580), 6);
  const reading = container.querySelector('circle[r="5"]')!;
  expect(Number(reading.getAttribute('cx'))).toBeCloseTo(x(1500), 6);
});

it('says its window', () => {
  expect(windowInWords(WINDOW)).toBe('Pull from 30 to 43 min, best at 37');
  expect(windowInWords(undefined)).toBe('No window');
});
