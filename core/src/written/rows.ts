import type { WrittenLine } from './read';

/** What a row of a pasted text is. */
export type RowKind = 'title' | 'yield' | 'tin' | 'heading' | 'step' | 'line' | 'empty';

/** A row of a text, with the lines of a list that were read out of it. */
export interface RecipeRow {
  readonly text: string;
  readonly kind: RowKind;
  readonly lines: readonly WrittenLine[];
}
