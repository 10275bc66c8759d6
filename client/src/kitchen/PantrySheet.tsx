import { say } from '@hollow-moon/words';
import type { PantryItem } from '@hollow-moon/contract';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, icons, Read, Sheet, Soft, TextField } from '../design';
import { money } from '../design/money';
import type { KitchenBook } from '../book/book';
import { ShowAway } from './fields';
import { PantryForm } from './PantryForm';

/** What the kitchen pays, and the ingredients it has that the catalogue has not. */
export function PantrySheet({ book }: { readonly book: KitchenBook }) {
  const [open, setOpen] = useState<string | undefined>(undefined);
  const [sought, setSought] = useState('');
  const { currency } = book.kitchen.data;
  const nameOf = ({ data: { ingredientId, own } }: PantryItem) =>
    own?.name ?? book.find(ingredientId)?.name ?? ingredientId;
  const [showAway, setShowAway] = useState(false);
  const away = book.pantry.filter(({ data }) => data.archived).length;
  const rows = book.pantry
    .filter(({ data }) => showAway || !data.archived)
    .filter((item) => nameOf(item).toLowerCase().includes(sought.trim().toLowerCase()))
    .sort((a, b) => nameOf(a).localeCompare(nameOf(b)));
  const isNew = open !== undefined && !book.pantry.some((item) => item.id === open);
  return (
    <Sheet
      title={say('kitchen.pantry-and-prices')}
      aside={
        <Button
          label={say('kitchen.add-one')}
          icon={icons.add}
          onPress={() => setOpen(uuid())}
          testID="add-pantry"
        />
      }
    >
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
        {rows.map((item) => {
          const { price, own } = item.data;
          return (
            <View key={item.id} role="listitem" className="border-t border-line">
              <Pressable
                role="button"
                aria-expanded={open === item.id}
                onPress={() => setOpen(open === item.id ? undefined : item.id)}
                className="min-h-12 flex-row flex-wrap items-center justify-between gap-2 py-1"
                testID={`pantry-${item.data.ingredientId}`}
              >
                <Read className="flex-1">{nameOf(item)}</Read>
                <Soft>
                  {[
                    item.data.archived ? say('kitchen.put-away-2') : '',
                    own ? say('kitchen.our-label') : '',
                    price
                      ? say('kitchen.for', {
                          money: money(price.price, currency),
                          amount: price.amount,
                          unit: price.unit,
                        })
                      : say('kitchen.no-price'),
                  ]
                    .filter(Boolean)
                    .join(', ')}
                </Soft>
              </Pressable>
              {open === item.id ? (
                <PantryForm
                  key={item.version}
                  id={item.id}
                  item={item}
                  book={book}
                  onClose={() => setOpen(undefined)}
                />
              ) : null}
            </View>
          );
        })}
      </View>
      <ShowAway away={away} shown={showAway} onShow={setShowAway} />
    </Sheet>
  );
}
