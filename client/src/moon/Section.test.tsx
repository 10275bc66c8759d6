import { extentOf, fillingOf, forecast, sectionReader, shapeFilledTo } from '@hollow-moon/core';
import { render, screen } from '@testing-library/react';
import { planFor } from '../forecast';
import { book, tart } from '../testing/book';
import { sectionSize } from './cut';
import { Section } from './Section';

const wish = planFor(tart, book);
const made = 'plan' in wish ? forecast(wish.plan) : undefined;
if (!made?.ok) throw new Error('no forecast');
const { field, temperatureC, setExtent, curdledExtent, frames, pullS } = made.value;

interface Drawn {
  readonly shape?: typeof field;
  readonly index?: number;
  readonly whole?: ReturnType<typeof extentOf>;
  readonly isotherms?: boolean;
}

/** Draws a section anew, alone on the page. */
const draw = ({ shape = field, index = 0, whole = extentOf(shape), isotherms = false }: Drawn) => {
  document.body.innerHTML = '';
  const read = sectionReader(fillingOf(shape));
  render(
    <Section
      shape={shape}
      whole={whole}
      set={read(setExtent[index]!)}
      curdled={read(curdledExtent[index]!)}
      temperatures={isotherms ? sectionReader(shape)(temperatureC[index]!) : undefined}
      room={324}
      label="cut"
      degrees={(celsius) => String(Math.round(celsius))}
    />,
  );
};
const atPull = frames.findIndex((frame) => frame.timeS >= pullS);
/** The regions of the filling that have thickened, and that have set. */
const thickened = () => document.querySelector('path[fill="#F4E7B4"]')!.getAttribute('d');
const hasSet = () =>
  document
    .querySelector('[data-testid="filling-in-section"] path[fill="#F5B800"]')!
    .getAttribute('d');

it('draws what has set once something has, and not before', () => {
  draw({});
  expect(screen.getByLabelText('cut')).toBeTruthy();
  expect(thickened()).toBe('');
  expect(hasSet()).toBe('');
  draw({ index: atPull });
  expect(thickened()).not.toBe('');
  expect(hasSet()).not.toBe('');
});

it('has the rim set and the top of the middle not, at the best pull', () => {
  draw({ index: atPull });
  const points = [...hasSet()!.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(
    ([, x, y]) => [Number(x), Number(y)] as const,
  );
  expect(frames[atPull]!.rings.moving).toBeGreaterThan(0.2);
  // The surface is 4 px down: near the axis what has set begins well under it, near the rim at it.
  const highest = (near: (x: number) => boolean) =>
    Math.min(...points.filter(([x]) => near(x)).map(([, y]) => y));
  expect(highest((x) => x < 20)).toBeGreaterThan(20);
  expect(highest((x) => x > 300)).toBeLessThan(8);
});

it('lays isotherms over it only where they are asked for', () => {
  draw({ index: atPull });
  expect(screen.queryByTestId('isotherms')).toBeNull();
  draw({ index: atPull, isotherms: true });
  expect(screen.getByTestId('isotherms').querySelectorAll('path').length).toBeGreaterThan(1);
});

it('draws a tart lifted and a pot true, and none taller than there is room for', () => {
  const flat = { widthM: 0.12, topM: 0.012, bottomM: -0.003 };
  expect(sectionSize(flat, 324)).toEqual({ width: 324, lift: 2.2 });
  const pot = { widthM: 0.045, topM: 0.045, bottomM: 0 };
  const drawn = sectionSize(pot, 324);
  expect(drawn.lift).toBe(1);
  expect(drawn.width).toBe(170);
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
    draw({ shape: layered });
    expect(dotted()).toHaveLength(3);
    expect(screen.getAllByText('Plums')).toHaveLength(2);
    expect(screen.getAllByText('Crumble')).toHaveLength(2);
    expect(screen.queryByText('Sugar')).toBeNull();
    const [plums, crumble] = dotted().map((each) => Number(each.getAttribute('y1')));
    expect(plums!).toBeGreaterThan(crumble!);
    draw({});
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
    draw({});
    const whole = heightNow();
    draw({ shape: shapeFilledTo(field, field.fill.depthM / 2), whole: extentOf(field) });
    const { bottomM, topM } = extentOf(field);
    const share = (field.fill.depthM / 2 - bottomM) / (topM - bottomM);
    expect(heightNow() / whole).toBeCloseTo(share, 2);
  });
});
