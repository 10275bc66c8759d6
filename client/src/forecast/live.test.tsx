/** The picture hears of a forecast at once, the words once it can be seen. */
import { forecast, type Forecast } from '@hollow-moon/core';
import { act, render, screen } from '@testing-library/react';
import { book, tart } from '../testing/book';
import { createLive, useLive, type Live } from './live';
import { planFor } from './planFor';

function forecastAt(setC: number): Forecast {
  const wish = planFor({ ...tart, setC }, book);
  const made =
    'plan' in wish ? forecast(wish.plan, { resolution: 0.5, cooling: false }) : undefined;
  if (!made?.ok) throw new Error('the tart should have a forecast');
  return made.value;
}
const cool = forecastAt(140);
const warm = forecastAt(160);

function Pull({ live }: { readonly live: Live }) {
  return <p>{useLive(live, cool).pullS}</p>;
}

it('draws what is newest, and what it is given until then', () => {
  const live = createLive();
  render(<Pull live={live} />);
  expect(screen.getByText(String(cool.pullS))).toBeTruthy();
  act(() => live.show(warm, () => undefined));
  expect(warm.pullS).toBeLessThan(cool.pullS);
  expect(screen.getByText(String(warm.pullS))).toBeTruthy();
  // A plan that cannot be baked has no picture of its own: the words say why, and take it away.
  act(() => live.show(undefined, () => undefined));
  expect(screen.getByText(String(cool.pullS))).toBeTruthy();
});

it('goes on only after the frame in which it is drawn', async () => {
  const live = createLive();
  const told: string[] = [];
  const { unmount } = render(<Pull live={live} />);
  requestAnimationFrame(() => told.push('frame'));
  await act(
    () =>
      new Promise<void>((resolve) =>
        live.show(warm, () => {
          told.push(`words, picture at ${screen.getByText(/^\d/).textContent}`);
          resolve();
        }),
      ),
  );
  expect(told).toEqual(['frame', `words, picture at ${warm.pullS}`]);
  unmount();
});

it('does not go back to one that has been overtaken', async () => {
  const live = createLive();
  const told: string[] = [];
  const { unmount } = render(<Pull live={live} />);
  act(() => live.show(cool, () => told.push('draft')));
  unmount();
  live.show(warm, () => told.push('full'));
  await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 20)));
  expect(told).toEqual(['full']);
});

it('goes on at once where nobody looks', () => {
  const live = createLive();
  const { unmount } = render(<Pull live={live} />);
  unmount();
  let told = false;
  live.show(warm, () => {
    told = true;
  });
  expect(told).toBe(true);
});
