/** Two plans, line by line. */
import { besideOf, type Figure } from './figures';

const figure = (id: string, value: string): Figure => ({ id, label: id.toUpperCase(), value });

it('stand by the same line, whatever their order, and each has its own where only one has it', () => {
  const kept = [figure('begins', '22:00'), figure('tart', '05:10'), figure('pie', '05:40')];
  const now = [figure('begins', '23:15'), figure('flan', '06:00'), figure('tart', '05:10')];
  expect(besideOf(kept, now)).toEqual([
    { label: 'BEGINS', kept: '22:00', now: '23:15' },
    { label: 'FLAN', kept: '–', now: '06:00' },
    { label: 'TART', kept: '05:10', now: '05:10' },
    { label: 'PIE', kept: '05:40', now: '–' },
  ]);
});

it('differ in nothing where they are the same', () => {
  const one = [figure('begins', '22:00'), figure('tart', '05:10')];
  expect(besideOf(one, one).filter(({ kept, now }) => kept !== now)).toEqual([]);
});
