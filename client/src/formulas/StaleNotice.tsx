import type { FormulaData } from '@hollow-moon/contract';
import { findIngredient } from '@hollow-moon/core';
import { View } from 'react-native';
import { Button, Notice, Read, Sheet, Soft } from '../design';
import { unitName } from '../bench/unitName';

/** A formula in short lines, so that two can be laid side by side. */
function inLines(data: FormulaData): string[] {
  return [
    data.name,
    ...data.lines.map(
      ({ ingredientId, amount, unit }) =>
        `${Number(amount.toFixed(3))} ${unitName(unit, ingredientId)} ${findIngredient(ingredientId)?.name ?? ingredientId}`,
    ),
    `${data.vesselCount} × tin, gap ${data.headspaceMm} mm, shell ${data.shellThicknessMm} mm`,
    `oven ${data.setC} °C, poured at ${data.fillingStartC} °C`,
  ];
}

/** Both sides of a formula that was changed here and elsewhere; the cook chooses, nothing is lost before. */
export function StaleNotice({
  mine,
  theirs,
  onMine,
  onTheirs,
}: {
  readonly mine: FormulaData;
  readonly theirs: FormulaData;
  readonly onMine: () => void;
  readonly onTheirs: () => void;
}) {
  const [here, there] = [inLines(mine), inLines(theirs)];
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
    <Sheet title="Changed elsewhere">
      <Notice kind="danger" testID="stale">
        This formula was changed elsewhere since you opened it. Choose which to keep.
      </Notice>
      <View className="flex-row flex-wrap gap-4">
        {side('Yours', here, there)}
        {side('In the book', there, here)}
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Keep mine" weight="main" onPress={onMine} />
        <Button label="Take the book’s" onPress={onTheirs} />
      </View>
    </Sheet>
  );
}
