import { say } from '@hollow-moon/words';
import type { PantryItem } from '@hollow-moon/contract';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, Fold, icons, Read, Soft, TextField } from '../design';
import { money } from '../design/money';
import type { KitchenBook } from '../book/book';
import { ShowAway } from '../equipment/fields';
import { PantryForm } from './PantryForm';

const nameOf = ({ data: { ingredientId, own } }: PantryItem, book: KitchenBook): string =>
  own?.name ?? book.find(ingredientId)?.name ?? ingredientId;

/** One entry: a line while it is shut, its form when it is open. */
function PantryRow({
  item,
  book,
  open,
  onOpen,
}: {
  readonly item: PantryItem;
  readonly book: KitchenBook;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
}) {
  const { price, own } = item.data;
  return (
    <View role="listitem" className="border-t border-line">
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => onOpen(!open)}
        className="min-h-12 flex-row flex-wrap items-center justify-between gap-2 py-1"
        testID={`pantry-${item.data.ingredientId}`}
      >
        <Read className="flex-1">{nameOf(item, book)}</Read>
        <Soft>
          {[
            item.data.archived ? say('kitchen.put-away-2') : '',
            own ? say('kitchen.our-label') : '',
            price
              ? say('kitchen.for', {
                  money: money(price.price, book.kitchen.data.currency),
                  amount: price.amount,
                  unit: price.unit,
                })
              : say('kitchen.no-price'),
          ]
            .filter(Boolean)
            .join(', ')}
        </Soft>
      </Pressable>
      {open ? (
        <PantryForm
          key={item.version}
          id={item.id}
          item={item}
          book={book}
          onClose={() => onOpen(false)}
        />
      ) : null}
    </View>
  );
}

/** What the kitchen pays, and the ingredients it has that the catalogue has not. */
export function PantryFold({
  book,
  begin,
}: {
  readonly book: KitchenBook;
  readonly begin: boolean;
}) {
  const [open, setOpen] = useState<string | undefined>(undefined);
  const [sought, setSought] = useState('');
  const [showAway, setShowAway] = useState(false);
  const away = book.pantry.filter(({ data }) => data.archived).length;
  const rows = book.pantry
    .filter(({ data }) => showAway || !data.archived)
    .filter((item) => nameOf(item, book).toLowerCase().includes(sought.trim().toLowerCase()))
    .sort((a, b) => nameOf(a, book).localeCompare(nameOf(b, book)));
  const isNew = open !== undefined && !book.pantry.some((item) => item.id === open);
  return (
    <Fold
      id="pantry"
      title={say('kitchen.pantry-and-prices')}
      summary={say('kitchen.pantry-in-short', {
        prices: book.pantry.filter(({ data }) => !data.archived && data.price).length,
        own: book.pantry.filter(({ data }) => !data.archived && data.own).length,
      })}
      begin={begin}
    >
      {() => (
        <>
          <View className="self-start">
            <Button
              label={say('kitchen.add-one')}
              icon={icons.add}
              onPress={() => setOpen(uuid())}
              testID="add-pantry"
            />
          </View>
          {isNew ? (
            <PantryForm
              key={open}
              id={open}
              item={undefined}
              book={book}
              onClose={() => setOpen(undefined)}
            />
          ) : null}
          {book.pantry.length === 0 ? (
            <Soft>{say('kitchen.no-prices-yet-with-them-each')}</Soft>
          ) : (
            <TextField
              label={say('kitchen.find')}
              value={sought}
              onChange={setSought}
              testID="find-pantry"
            />
          )}
          <View role="list">
            {rows.map((item) => (
              <PantryRow
                key={item.id}
                item={item}
                book={book}
                open={open === item.id}
                onOpen={(isOpen) => setOpen(isOpen ? item.id : undefined)}
              />
            ))}
          </View>
          <ShowAway away={away} shown={showAway} onShow={setShowAway} />
        </>
      )}
    </Fold>
  );
}
