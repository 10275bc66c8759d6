import { forecast, sectionReader } from '@hollow-moon/core';
import { render, screen } from '@testing-library/react';
import { planFor } from '../forecast/plan';
import { book, tart } from '../testing/book';
import { Section, sectionSize } from './Section';

const wish = planFor(tart, book);
const made = 'plan' in wish ? forecast(wish.plan) : undefined;
if (!made?.ok) throw new Error('no forecast');
const { field, temperatureC, frames, setC, curdleC } = made.value;
const gridAt = (index: number) => sectionReader(field)(temperatureC[index]!);

const show = (index: number) =>
  render(
    <Section
      shape={field}
      grid={gridAt(index)}
      room={324}
      setC={setC}
      curdleC={curdleC}
      label="cut"
      degrees={(celsius) => String(Math.round(celsius))}
    />,
  );
const lines = () =>
  [...document.querySelectorAll('path')].filter(
    (path) => path.getAttribute('stroke-width') === '2.4',
  );

it('draws the setting line once something has set, and not before', () => {
  show(0);
  expect(screen.getByLabelText('cut')).toBeTruthy();
  expect(lines()[0]!.getAttribute('d')).toBe('');
  document.body.innerHTML = '';
  show(frames.findIndex((frame) => frame.timeS >= made.value.pullS));
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
