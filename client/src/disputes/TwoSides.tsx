import { say } from '@hollow-moon/words';
import { findIngredient } from '@hollow-moon/core';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useKitchenBook } from '../book/book';
import { Read, Soft, useWords } from '../design';
import { differences, type Difference } from './differences';
import type { Disputed } from './fields';

const Side = ({ lines }: { readonly lines: readonly string[] }) => (
  <View className="flex-1 gap-1">
    {lines.map((line) => (
      <Read key={line} className="font-read-strong">
        {line}
      </Read>
    ))}
  </View>
);

/** In what mine and the book's differ, side by side. */
export function Sides({ rows }: { readonly rows: readonly Difference[] }) {
  if (rows.length === 0) return <Soft>{say('outgoing.nothing-to-see')}</Soft>;
  return (
    <View role="table" aria-label={say('outgoing.what-differs')} className="w-full gap-1">
      <View role="row" className="flex-row gap-3">
        <Soft className="flex-1">{say('outgoing.yours')}</Soft>
        <Soft className="flex-1">{say('outgoing.in-the-book')}</Soft>
      </View>
      {rows.map((row) => (
        <View key={row.what} role="row" className="border-t border-line pt-1">
          <Soft>{row.what}</Soft>
          <View className="flex-row gap-3">
            <Side lines={row.mine} />
            <Side lines={row.theirs} />
          </View>
        </View>
      ))}
    </View>
  );
}

/** Both sides of a thing of the kitchen, with the names of what they point to. */
export function TwoSides({
  kind,
  mine,
  theirs,
}: {
  readonly kind: Disputed;
  readonly mine: object;
  readonly theirs: object;
}) {
  const words = useWords();
  const loading = useKitchenBook();
  const book = loading.state === 'here' ? loading.value : undefined;
  const rows = useMemo(() => {
    const things = [...(book?.formulas ?? []), ...(book?.vessels ?? []), ...(book?.ovens ?? [])];
    const names = new Map(things.map(({ id, data }) => [id, data.name]));
    const nameOf = (id: string) =>
      names.get(id) ?? (book?.find ?? findIngredient)(id)?.name ?? say('outgoing.no-longer-here');
    const currency = book?.kitchen.data.currency;
    return differences(kind, mine, theirs, { ...words, nameOf, currency });
  }, [kind, mine, theirs, book, words]);
  return (
    // However much differs, the choice under it stays in view.
    <View
      role="region"
      aria-label={say('outgoing.both-sides')}
      tabIndex={0}
      className="max-h-72 w-full overflow-y-auto border-b border-line"
    >
      <Sides rows={rows} />
    </View>
  );
}
