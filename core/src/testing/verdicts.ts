import { analyse, type Analysis } from '../formula';
import type { Band } from '../setting';
import { listOf } from './bakes';

/** What is known of a list of grams. */
export const madeOfGrams = (grams: Readonly<Record<string, number>>): Analysis =>
  analyse(listOf(grams), 'EU M');

/** The same with a line that names nothing the catalogue knows. */
export const withUnknownLine = (grams: Readonly<Record<string, number>>): Analysis =>
  analyse(
    [...listOf(grams), { id: 'x', ingredientId: 'no-such-thing', amount: 100, unit: 'g' }],
    'EU M',
  );

/** An analysis as it is but for some of its shares. */
export const sharing = (analysis: Analysis, share: Partial<Analysis['share']>): Analysis => ({
  ...analysis,
  share: { ...analysis.share, ...share },
});

/** Bands in a row: name, value to four places, how it is shown, and its ends. */
export const bandsOf = ({ bands }: { readonly bands: readonly Band[] }) =>
  bands.map(({ name, value, shownAs, least, most }) => [
    name,
    value === undefined ? undefined : Number(value.toFixed(4)),
    shownAs,
    least,
    most,
  ]);
