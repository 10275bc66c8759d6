import { say } from '@hollow-moon/words';
import { memo } from 'react';
import { Pressable, Text, View } from 'react-native';

/** Rows as on a calculator, with the fractions of a recipe beside them. */
const ROWS = [
  ['7', '8', '9', '½'],
  ['4', '5', '6', '¼'],
  ['1', '2', '3', '⅓'],
  ['.', '0', '⌫', '¾'],
] as const;

/** A text after a key has been struck: a fraction follows a whole number and stands in for another fraction. */
export function struck(text: string, key: string): string {
  if (key === '⌫') return text.slice(0, -1);
  if (/[½¼⅓¾]/.test(key)) return text.replace(/[½¼⅓¾]$/, '') + key;
  if (key === '.' && /[.,½¼⅓¾]/.test(text)) return text;
  return text.replace(/[½¼⅓¾]$/, '') + key;
}

/**
 * Keys for a thumb, under a field whose own keyboard would hide half the list. Whoever has a keyboard types into the
 * field and passes these by.
 */
export const Keypad = memo(function Keypad({
  onKey,
  fractions = true,
  testID,
}: {
  readonly onKey: (key: string) => void;
  readonly fractions?: boolean;
  readonly testID?: string;
}) {
  return (
    <View className="gap-1" role="group" aria-label={say('design.keypad')} testID={testID}>
      {ROWS.map((row) => (
        <View key={row[0]} className="flex-row gap-1">
          {row.slice(0, fractions ? 4 : 3).map((key) => (
            <Pressable
              key={key}
              role="button"
              aria-label={key === '⌫' ? say('design.rub-out') : key}
              tabIndex={-1}
              onPress={() => onKey(key)}
              className="min-h-12 flex-1 items-center justify-center rounded border border-line bg-sheet active:bg-ground"
            >
              <Text className="font-figures-strong text-lead text-ink">{key}</Text>
            </Pressable>
          ))}
        </View>
      ))}
    </View>
  );
});
