import { swapped, type Line } from '@hollow-moon/core';
import { say, unitInWords } from '@hollow-moon/words';
import { View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { Button, Choice, NumberField, Soft, TextField } from '../design';
import { HOW_MUCH, MeasureFields } from './MeasureFields';

/** What else there is to a line: its note, what is kept back of it, what may be used instead. */
export function LineMore({
  line,
  name,
  book,
  onChange,
  testID,
}: {
  readonly line: Line;
  readonly name: string;
  readonly book: KitchenBook;
  readonly onChange: (field: string, next: Partial<Line>) => void;
  readonly testID: string;
}) {
  const { instead } = line;
  return (
    <View className="gap-2 border-l-2 border-line pl-3" testID={`more-${testID}`}>
      <TextField
        label={say('bench.how-it-is-used', { name })}
        value={line.note ?? ''}
        onChange={(note) => onChange('note', { note: note === '' ? undefined : note })}
      />
      <Choice
        label={say('bench.amount-2')}
        options={HOW_MUCH}
        value={line.vague ?? 'measured'}
        onChange={(how) => onChange('vague', { vague: how === 'measured' ? undefined : how })}
      />
      <NumberField
        label={say('bench.kept-back-at-first')}
        unit={unitInWords(line.unit, book.find(line.ingredientId), line.heldBack ?? 0)}
        value={line.heldBack ?? 0}
        onChange={(heldBack) =>
          onChange('held', { heldBack: heldBack === 0 ? undefined : heldBack })
        }
        className="w-48"
        testID={`held-${testID}`}
      />
      {instead ? (
        <View className="gap-2">
          <Soft>{say('bench.or-in-its-place')}</Soft>
          <MeasureFields
            name={say('bench.line-instead', { name })}
            measure={instead}
            book={book}
            onChange={(field, next) =>
              onChange(`instead/${field}`, { instead: { ...instead, ...next } })
            }
            testID={`instead-${testID}`}
          />
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={say('bench.use-it-now')}
              onPress={() => onChange('swap', swapped(line))}
              testID={`swap-${testID}`}
            />
            <Button
              label={say('bench.forget-it')}
              weight="quiet"
              onPress={() => onChange('instead', { instead: undefined })}
            />
          </View>
        </View>
      ) : (
        <Button
          label={say('bench.name-something-to-use-instead')}
          onPress={() => {
            const { ingredientId, amount, unit } = line;
            onChange('instead', { instead: { ingredientId, amount, unit } });
          }}
          testID={`name-instead-${testID}`}
        />
      )}
    </View>
  );
}
