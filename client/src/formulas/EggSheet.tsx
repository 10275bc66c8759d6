import type { FormulaData } from '@hollow-moon/contract';
import { analyse, judgeSetting, roundEggs, type Analysis, type EggGrade } from '@hollow-moon/core';
import { View } from 'react-native';
import { Button, Read, Sheet, Soft } from '../design';
import { useTemperature } from '../store/useTemperature';

const NAMES = {
  whole: ['egg', 'eggs'],
  yolk: ['yolk', 'yolks'],
  white: ['white', 'whites'],
} as const;

/** Whole eggs for the shell-cracker, and what that does to the formula. */
export function EggSheet({
  data,
  analysis,
  grade,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly analysis: Analysis;
  readonly grade: EggGrade;
  readonly onEdit: (field: string, data: FormulaData) => void;
}) {
  const { degrees, unit } = useTemperature();
  const { lines, roundings } = roundEggs(data.lines, grade);
  if (roundings.length === 0) return null;
  const after = analyse(lines, grade);
  const [before, then] = [analysis, after].map((each) =>
    judgeSetting(each, data.family, data.shell),
  );
  const already = roundings.every(
    ({ exact, whole, lineId }) =>
      Math.abs(exact - whole) < 0.01 &&
      data.lines.find((line) => line.id === lineId)?.unit === 'piece',
  );
  const ratios =
    analysis.eggToLiquid !== undefined && after.eggToLiquid !== undefined
      ? `Egg to liquid ${analysis.eggToLiquid.toFixed(2)} → ${after.eggToLiquid.toFixed(2)}`
      : '';
  const sets =
    before?.kind === 'judged' && then?.kind === 'judged'
      ? `, sets at ${degrees(before.setC)} → ${degrees(then.setC)} ${unit}`
      : '';
  return (
    <Sheet title="Whole eggs">
      <View className="gap-1">
        {roundings.map(({ lineId, part, exact, whole, changeG }) => (
          <Read key={lineId} testID={`rounding-${part}`}>
            {already
              ? `Crack ${whole} ${NAMES[part][whole === 1 ? 0 : 1]}`
              : `${exact.toFixed(1)} → ${whole} ${NAMES[part][whole === 1 ? 0 : 1]} (${changeG >= 0 ? '+' : '−'}${Math.abs(changeG).toFixed(0)} g)`}
          </Read>
        ))}
      </View>
      {already ? (
        <Soft>{`Whole already, ${grade}.`}</Soft>
      ) : (
        <View className="flex-row flex-wrap items-center justify-between gap-2">
          <Soft className="flex-1">{`${ratios}${sets}, ${grade}.`}</Soft>
          <Button label="Use whole eggs" onPress={() => onEdit('eggs', { ...data, lines })} />
        </View>
      )}
    </Sheet>
  );
}
