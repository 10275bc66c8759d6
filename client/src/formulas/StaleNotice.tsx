import { measureInWords, say, type Words } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import type { FindIngredient } from '@hollow-moon/core';
import { View } from 'react-native';
import { Button, Notice, Read, Sheet, Soft, useWords } from '../design';

/** A formula in short lines, so that two can be laid side by side. */
function inLines(data: FormulaData, find: FindIngredient, { put }: Words): string[] {
  return [
    data.name,
    ...data.lines.map(({ ingredientId, amount, unit }) => {
      const ingredient = find(ingredientId);
      return ingredient ? measureInWords(amount, unit, ingredient) : ingredientId;
    }),
    put('formulas.tin-gap-mm-shell', {
      vesselCount: data.vesselCount,
      gap: { millimetres: data.headspaceMm },
      shell: { millimetres: data.shellThicknessMm },
    }),
    put('formulas.oven-c-poured-at', {
      setC: { ovenC: data.setC },
      fillingStartC: { celsius: data.fillingStartC },
    }),
  ];
}

/** Both sides of a formula that was changed here and elsewhere; the cook chooses, nothing is lost before. */
export function StaleNotice({
  mine,
  theirs,
  find,
  onMine,
  onTheirs,
}: {
  readonly mine: FormulaData;
  readonly theirs: FormulaData;
  readonly find: FindIngredient;
  readonly onMine: () => void;
  readonly onTheirs: () => void;
}) {
  const words = useWords();
  const [here, there] = [inLines(mine, find, words), inLines(theirs, find, words)];
  const side = (title: string, own: string[], other: string[]) => (
    <View className="min-w-40 flex-1 gap-1">
      <Soft>{title}</Soft>
      {own.map((text, index) => (
        <Read
          key={`${index}/${text}`}
          className={other.includes(text) ? 'text-ink-soft' : 'font-read-strong'}
        >
          {`${other.includes(text) ? '' : '≠ '}${text}`}
        </Read>
      ))}
    </View>
  );
  return (
    <Sheet title={say('formulas.changed-elsewhere')}>
      <Notice kind="danger" testID="stale">
        {say('formulas.this-formula-was-changed-elsewhere-since')}
      </Notice>
      <View className="flex-row flex-wrap gap-4">
        {side(say('formulas.yours'), here, there)}
        {side(say('formulas.in-the-book'), there, here)}
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button label={say('formulas.keep-mine')} weight="main" onPress={onMine} />
        <Button label={say('formulas.take-the-books')} onPress={onTheirs} />
      </View>
    </Sheet>
  );
}
