import { LANGUAGES, likeName } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { useId, useState } from 'react';
import { Pressable, Text, TextInput, View } from 'react-native';
import { Soft } from '../design';
import type { KitchenBook } from './book';

/** As many as a cook reads at a glance, over the keyboard of a phone. */
const MOST_SHOWN = 6;

/**
 * An ingredient, chosen by typing its name in any of the languages a list is read in; what it may be stands under the
 * field. Enter takes the first, Escape leaves all as it was.
 */
export function IngredientField({
  label,
  value,
  book,
  onChange,
  testID,
}: {
  readonly label: string;
  readonly value: string | undefined;
  readonly book: KitchenBook;
  readonly onChange: (ingredientId: string) => void;
  readonly testID?: string;
}) {
  const listId = useId();
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const name = value === undefined ? '' : (book.find(value)?.name ?? '');
  const seeking = typed !== undefined && typed.trim() !== '';
  const found = seeking ? likeName(typed, LANGUAGES, book.own).slice(0, MOST_SHOWN) : [];
  const choose = (id: string) => {
    setTyped(undefined);
    onChange(id);
  };
  return (
    <View className="min-w-0 gap-1">
      <TextInput
        testID={testID}
        role="combobox"
        aria-label={label}
        aria-expanded={found.length > 0}
        aria-controls={listId}
        autoComplete="off"
        autoCorrect={false}
        value={typed ?? name}
        placeholder={say('book.type-an-ingredient')}
        selectTextOnFocus
        onChangeText={setTyped}
        onSubmitEditing={() => {
          if (found[0] !== undefined) choose(found[0]);
        }}
        onKeyPress={(event) => {
          if (event.nativeEvent.key === 'Escape') setTyped(undefined);
        }}
        onBlur={() => {
          // A press on what was found comes after the field has lost the focus.
          setTimeout(() => setTyped((now) => (now === typed ? undefined : now)), 200);
        }}
        className="min-h-12 w-full rounded border border-ink-soft bg-sheet px-3 font-read text-base text-ink"
      />
      {seeking ? (
        <View
          id={listId}
          // A role that React Native does not list and its web target passes on.
          role={'listbox' as 'list'}
          aria-label={label}
          className="rounded border border-line"
        >
          {found.map((id) => (
            <Pressable
              key={id}
              role="option"
              onPress={() => choose(id)}
              className="min-h-12 justify-center border-b border-line bg-sheet px-3"
            >
              <Text className="font-read text-base text-ink">{book.find(id)?.name ?? id}</Text>
            </Pressable>
          ))}
          {found.length === 0 ? (
            <View className="px-3 py-2">
              <Soft>{say('book.no-such-ingredient')}</Soft>
            </View>
          ) : null}
        </View>
      ) : null}
    </View>
  );
}
