import { extentOf, forecast, sectionReader, shapeFilledTo } from '@hollow-moon/core';
import { render, screen } from '@testing-library/react';
import { planFor } from '../forecast';
import { book, tart } from '../testing/book';
import { Section, sectionSize } from './Section';

const wish = planFor(tart, book);
const made = 'plan' in wish ? forecast(wish.plan) : undefined;
if (!made?.ok) throw new Error('no forecast');
const { field, temperatureC, frames, setC, curdleC } = made.value;
const gridAt = (index: number) => sectionReader(field)(temperatureC[index]!);

/** Draws a section anew, alone on the page. */
const draw = (shape: typeof field, index = 0, whole = extentOf(shape)) => {
  document.body.innerHTML = '';
  render(
    <Section
      shape={shape}
      whole={whole}
      grid={sectionReader(shape)(temperatureC[index]!)}
      room={324}
      setC={setC}
      curdleC={curdleC}
      label="cut"
      degrees={(celsius) => String(Math.round(celsius))}
    />,
  );
};
const lines = () =>
  [...document.querySelectorAll('path')].filter(
    (path) => path.getAttribute('stroke-width') === '2.4',
  );

it('draws the setting line once something has set, and not before', () => {
  draw(field);
  expect(screen.getByLabelText('cut')).toBeTruthy();
  expect(lines()[0]!.getAttribute('d')).toBe('');
  draw(
    field,
    frames.findIndex((frame) => frame.timeS >= made.value.pullS),
  );
  expect(lines()[0]!.getAttribute('d')).not.toBe('');
});

it('draws a tart lifted and a pot true, and none taller than there is room for', () => {
  const flat = { ...gridAt(0), widthM: 0.12, topM: 0.024, bottomM: -0.003 };
  expect(sectionSize(flat, 324)).toEqual({ width: 324, lift: 2.2 });
  const pot = { ...gridAt(0), widthM: 0.045, topM: 0.045, bottomM: 0 };
  const drawn = sectionSize(pot, 324);
  expect(drawn.lift).toBe(1);
  expect(drawn.width).toBe(220);
});

describe('layers and levels', () => {
  const layered = {
    ...field,
    under: [{ name: 'Plums', thicknessM: 0.01 }],
    over: [
      { name: 'Crumble', thicknessM: 0.008 },
      { name: 'Sugar', thicknessM: 0.0005 },
    ],
  };
  const dotted = () =>
    [...document.querySelectorAll('line')].filter(
      (each) => each.getAttribute('stroke-dasharray') === '1 3',
    );

  it('draws a line where the filling meets each, and names those with room for it', () => {
    draw(layered);
    expect(dotted()).toHaveLength(3);
    expect(screen.getAllByText('Plums')).toHaveLength(2);
    expect(screen.getAllByText('Crumble')).toHaveLength(2);
    expect(screen.queryByText('Sugar')).toBeNull();
    const [plums, crumble] = dotted().map((each) => Number(each.getAttribute('y1')));
    expect(plums!).toBeGreaterThan(crumble!);
    draw(field);
    expect(dotted()).toHaveLength(0);
  });

  it('draws a lower filling lower, on the same scale', () => {
    const heightNow = () => {
      const [outline] = [...document.querySelectorAll('clipPath path')];
      const heights = [...outline!.getAttribute('d')!.matchAll(/[ML][\d.]+ ([\d.]+)/g)].map(
        ([, y]) => Number(y),
      );
      return Math.max(...heights) - Math.min(...heights);
    };
    draw(field);
    const whole = heightNow();
    draw(shapeFilledTo(field, field.fill.depthM / 2), 0, extentOf(field));
    const { bottomM, topM } = extentOf(field);
    const share = (field.fill.depthM / 2 - bottomM) / (topM - bottomM);
    expect(heightNow() / whole).toBeCloseTo(share, 2);
  });
});
