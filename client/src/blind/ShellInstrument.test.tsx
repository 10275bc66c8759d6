/** The empty shell as it is drawn over its bake, and the stages it is told. */
import type { ShellBake } from '@hollow-moon/contract';
import {
  forecastBlind,
  shadeOf,
  USUAL_DOUGH,
  type BlindForecast,
  type BlindPlan,
} from '@hollow-moon/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { swatchOf } from '../design';
import { createStore } from '../root/store';
import { ShellInstrument } from './ShellInstrument';
import { StageEditor } from './StageEditor';

const plan: BlindPlan = {
  dough: USUAL_DOUGH,
  thicknessMm: 3,
  material: 'bright-tin',
  weightsMm: 25,
  weights: 'ceramic',
  docked: false,
  start: 'chilled',
  restMin: 20,
  stages: [
    { minutes: 20, setC: 190, weighted: true, outOfRing: false },
    { minutes: 20, setC: 190, weighted: false, outOfRing: true },
  ],
  target: 'golden',
  oven: { kind: 'still', offsetK: 0 },
  roomC: 22,
  altitudeM: 0,
  wallHeightMm: 28,
  baseMm2: 45_000,
  wallMm2: 22_000,
};
const foreseen = ((): BlindForecast => {
  const result = forecastBlind(plan);
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
})();

const show = (of: BlindPlan = plan) =>
  render(
    <Provider store={createStore()}>
      <ShellInstrument forecast={foreseen} plan={of} />
    </Provider>,
  );
const scrubTo = (seconds: number) =>
  fireEvent.change(screen.getByTestId('shell-scrubber'), { target: { value: String(seconds) } });
const section = () => screen.getByLabelText(/^The shell cut through/);
const strip = () => screen.getByLabelText(/^Colour of rim, wall and base/);
const beads = () => section().querySelectorAll('circle').length;
const frameAt = (seconds: number) => foreseen.frames.find(({ timeS }) => timeS >= seconds)!;
const dial = () => screen.getByTestId('dial');
const number = (of: Element, name: string) => Number(of.getAttribute(name));

it('shows the shell as it comes out, until time is scrubbed', () => {
  show();
  const { base, rim } = foreseen.frames.at(-1)!.places;
  expect(screen.getByTestId('shell-place').textContent).toBe('40 min in the oven');
  expect(section().getAttribute('aria-label')).toBe(
    `The shell cut through, 40 min in the oven: base ${shadeOf(base.lightness)}, rim ${shadeOf(rim.lightness)}`,
  );
});

it('has the weights in while they are in, and the shell in its ring while it is', () => {
  show();
  scrubTo(600);
  expect(beads()).toBeGreaterThan(20);
  // Down one side of the tin, along its floor, and up again.
  const outline = () => section().querySelector('path')!.getAttribute('d')!;
  expect(outline()).toMatch(/V.*H.*V/);
  scrubTo(1800);
  expect(beads()).toBe(0);
  expect(outline()).not.toMatch(/V/);
});

it('draws no weights where there are none', () => {
  show({ ...plan, weights: 'none' });
  scrubTo(600);
  expect(beads()).toBe(0);
  expect(strip().textContent).not.toContain('weights in');
});

it('paints the cut in the colours foreseen, and tells water and heat', () => {
  show();
  for (const seconds of [0, 1200, 2400]) {
    scrubTo(seconds);
    const { base, wall, rim } = frameAt(seconds).places;
    const fills = [...section().querySelectorAll('rect')].map((each) => each.getAttribute('fill'));
    expect(fills).toEqual([
      swatchOf(base.lightness),
      swatchOf(wall.lightness),
      swatchOf(rim.lightness),
      swatchOf(wall.lightness),
      swatchOf(rim.lightness),
    ]);
    expect(screen.getByTestId('base-water').textContent).toMatch(
      base.activity <= 0.5 ? /%, dry enough to be crisp$/ : /%, not crisp yet$/,
    );
  }
});

describe('the strip', () => {
  it('brackets the time under weights', () => {
    show();
    const bracket = strip().querySelector('path')!.getAttribute('d')!;
    const [, from, to] = /^M([\d.]+) .*H([\d.]+)v/.exec(bracket)!.map(Number);
    const [zero, ten] = [...strip().querySelectorAll('text')].filter((each) =>
      ['0 min', '10'].includes(each.textContent),
    );
    const perMin = (number(ten!, 'x') - number(zero!, 'x')) / 10;
    // 20 min, less a pixel at either end.
    expect((to! - from! + 2) / perMin).toBeCloseTo(20, 1);
  });

  it('marks the moments reached, at their minutes, and none that is not', () => {
    show();
    const marks = [...strip().querySelectorAll('text')].map((each) => each.textContent);
    expect(marks).toContain('walls stand up');
    const { standsS, baseColourS } = foreseen.moments;
    expect(marks.includes('base has coloured')).toBe(baseColourS !== undefined);
    const [first] = [...strip().querySelectorAll('line')].filter(
      (each) => each.getAttribute('stroke-dasharray') === '3 3',
    );
    const end = [...dial().querySelectorAll('rect')].at(-1)!;
    const share = (number(first!, 'x1') - number(end, 'x')) / number(end, 'width');
    expect(share).toBeCloseTo(standsS! / foreseen.endS, 3);
  });

  it('fills each band from raw to the colour it ends with, without a gap', () => {
    show();
    const bands = [...dial().querySelectorAll('rect')].filter(
      (each) => each.getAttribute('fill') !== 'none',
    );
    const perBand = bands.length / 3;
    const base = bands.slice(2 * perBand);
    expect(base.at(-1)!.getAttribute('fill')).toBe(
      swatchOf(foreseen.frames.at(-1)!.places.base.lightness),
    );
    base.slice(1).forEach((each, index) => {
      const before = base[index]!;
      expect(number(each, 'x')).toBeLessThanOrEqual(number(before, 'x') + number(before, 'width'));
    });
  });
});

describe('the stages', () => {
  let kept: ShellBake['stages'] = [];
  function Place({ path }: { readonly path?: string }) {
    const [stages, setStages] = useState<ShellBake['stages']>([...plan.stages]);
    kept = stages;
    return (
      <StageEditor
        stages={stages}
        problem={path ? { code: 'blind.minutes', path } : undefined}
        onStages={setStages}
      />
    );
  }

  it('are told minute by minute, with weights, bare or out of the ring', () => {
    render(
      <Provider store={createStore()}>
        <Place />
      </Provider>,
    );
    expect(screen.getByTestId('blind-how-0')).toHaveProperty('value', 'weighted');
    expect(screen.getByTestId('blind-how-1')).toHaveProperty('value', 'out');
    fireEvent.change(screen.getByTestId('blind-minutes-0'), { target: { value: '25' } });
    fireEvent.change(screen.getByTestId('blind-set-0'), { target: { value: '200' } });
    fireEvent.change(screen.getByTestId('blind-how-1'), { target: { value: 'bare' } });
    expect(kept).toEqual([
      { minutes: 25, setC: 200, weighted: true, outOfRing: false },
      { minutes: 20, setC: 190, weighted: false, outOfRing: false },
    ]);
  });

  it('grow to six and shrink to one; a new one goes on bare where the last left off', () => {
    render(
      <Provider store={createStore()}>
        <Place />
      </Provider>,
    );
    for (let more = 0; more < 6; more += 1) fireEvent.click(screen.getByTestId('add-stage'));
    expect(kept).toHaveLength(6);
    expect(kept.at(-1)).toEqual({ minutes: 10, setC: 190, weighted: false, outOfRing: true });
    for (let fewer = 0; fewer < 5; fewer += 1) {
      fireEvent.click(screen.getByRole('button', { name: 'Remove stage 1' }));
    }
    expect(kept).toHaveLength(1);
    expect(screen.queryByRole('button', { name: /Remove stage/ })).toBeNull();
  });

  it('have what is wrong said at its place, and keep what was typed', () => {
    render(
      <Provider store={createStore()}>
        <Place path="blind.stages.1.minutes" />
      </Provider>,
    );
    const field = screen.getByTestId('blind-minutes-1');
    expect(screen.getByRole('alert').textContent).toBe('A stage lasts from 1 min to 2 h.');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByTestId('blind-minutes-0').getAttribute('aria-invalid')).not.toBe('true');
  });
});
