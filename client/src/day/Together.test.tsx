/** What is said where a shared heat could not be worked out. */
import { AS_USUAL, type DayData } from '@hollow-moon/contract';
import type { Task } from '@hollow-moon/core/planning';
import { fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import type { DayAsked } from './sharedHeat';
import { Together } from './Together';
import { emptyDay } from './useDay';

const wanted = (['tart', 'pie'] as const).map((id) => ({
  ...{ id, formulaId: id, vessels: 1, dueMin: 400, forWhom: '', ...AS_USUAL },
}));
const day: DayData = { ...emptyDay(new Date('2026-11-30T12:00:00')), wanted };
const bakedAt = (setC: number) =>
  ({ verb: 'bake', oven: { ovenId: 'o', setC, programme: `/${setC}`, staged: false } }) as Task;
const asked = {
  day,
  planned: {
    session: {
      wanted: [
        { id: 'tart', name: 'Tart', work: { tasks: [bakedAt(150)] } },
        { id: 'pie', name: 'Pie', work: { tasks: [bakedAt(160)] } },
      ],
    },
  },
  book: {
    formulaOf: () => {
      throw new Error('gone');
    },
  },
} as unknown as DayAsked;

it('is said to have failed, never that there is nothing to gain, and can be tried again', async () => {
  render(
    <Provider store={createStore()}>
      <Together asked={asked} onEdit={() => undefined} />
    </Provider>,
  );
  fireEvent.click(screen.getByTestId('look-for-shared-heat'));
  const broke = await screen.findByTestId('shared-heat-broke');
  expect(broke.textContent).toBe('This could not be worked out. Try again.');
  expect(screen.queryByText(/gain nothing/)).toBeNull();
  expect(screen.getByTestId('look-for-shared-heat').getAttribute('aria-disabled')).not.toBe('true');
});
