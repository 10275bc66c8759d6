/** What of a filling is kept back while it is made. */
import type { Build, WeighedLine } from '@hollow-moon/core';
import { keptBackOf } from './weighed';

/** A line of a card, as so much of it is weighed. */
const weighed = (amount: number, grams: number | null, heldBack?: number) =>
  ({ line: { id: 'line', amount, heldBack }, grams }) as unknown as WeighedLine;

const filling = (...lines: readonly WeighedLine[]) =>
  ({ filling: { lines } }) as unknown as Pick<Build, 'filling'>;

it('is the same share of what is weighed as of the line, over all lines', () => {
  // 100 of 500 ml of cream, of which twice as much is made; and 25 of 50 g of sugar, of which half is.
  expect(keptBackOf(filling(weighed(500, 1000, 100), weighed(50, 25, 25)))).toBe(200 + 12.5);
});

it('is nothing where nothing is held back, where no amount is known, and where none is weighed', () => {
  expect(keptBackOf(filling(weighed(500, 1000)))).toBe(0);
  expect(keptBackOf(filling(weighed(0, 20, 5), weighed(500, null, 100)))).toBe(0);
});
