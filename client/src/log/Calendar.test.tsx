/** The log as a calendar: each day has the moons that were baked on it. */
import type { BakeSummary } from '@hollow-moon/contract';
import { fireEvent, render, screen } from '@testing-library/react';
import { begunBake } from '../testing/bake';
import { Calendar } from './Calendar';

const bakedAt = (day: number, hour: number, id: number): BakeSummary => ({
  id: `00000000-0000-4000-8000-0000000000${id}`,
  version: 1,
  updatedAt: new Date(2026, 9, day, hour).toISOString(),
  data: {
    ...begunBake,
    startedAt: new Date(2026, 9, day, hour).toISOString(),
    pulledAt: new Date(2026, 9, day, hour, 33).toISOString(),
    lastWobbleMm: 120,
  },
});
const BAKES = [bakedAt(14, 3, 11), bakedAt(14, 4, 12), bakedAt(31, 3, 13)];

const show = (over: Partial<Parameters<typeof Calendar>[0]> = {}) => {
  const [onDay, onMonth] = [jest.fn(), jest.fn()];
  render(
    <Calendar
      bakes={BAKES}
      month={new Date(2026, 9, 1)}
      onMonth={onMonth}
      chosen={undefined}
      onDay={onDay}
      {...over}
    />,
  );
  return { onDay, onMonth };
};

it('shows one month, a week a row from Monday, with the days that had bakes to be pressed', () => {
  show();
  expect(screen.getByRole('heading', { name: 'October 2026' })).toBeTruthy();
  const days = screen.getAllByTestId(/^day-/);
  expect(days).toEqual([
    screen.getByRole('button', { name: 'Wednesday 14 October, 2 bakes' }),
    screen.getByRole('button', { name: 'Saturday 31 October, 1 bake' }),
  ]);
  expect(screen.getByText('×2')).toBeTruthy();
  // October 2026 begins on a Thursday: three days of its first week are September's and blank.
  expect(screen.queryByText('30')?.textContent).toBe('30');
  expect(screen.getAllByText('1')).toHaveLength(1);
});

it('chooses a day, and lets go of it', () => {
  const { onDay } = show({ chosen: new Date(2026, 9, 31) });
  fireEvent.click(screen.getByTestId('day-2026-10-14'));
  expect((onDay.mock.calls[0] as [Date])[0].getDate()).toBe(14);
  expect(screen.getByTestId('day-2026-10-31').getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(screen.getByTestId('day-2026-10-31'));
  expect(onDay).toHaveBeenLastCalledWith(undefined);
});

it('goes back a month at a time', () => {
  const { onMonth } = show();
  fireEvent.click(screen.getByRole('button', { name: 'The month before' }));
  expect((onMonth.mock.calls[0] as [Date])[0].getMonth()).toBe(8);
});
