import type { FormulaData } from '@hollow-moon/contract';
import {
  CATALOGUE,
  findIngredient,
  unitsFor,
  type Line,
  type LineUnit,
  type WeighedLine,
} from '@hollow-moon/core';
import { View } from 'react-native';
import { Button, FieldProblem, icons, NumberField, Picker, Soft } from '../design';
import { grams } from '../design/format';
import { withLine, withoutLine } from './drafts';
import { unitName } from './unitName';

const INGREDIENTS = [...CATALOGUE]
  .sort((a, b) => a.name.localeCompare(b.name))
  .map(({ id, name }) => ({ value: id, label: name }));

/** One line of the list: ingredient, amount, unit, and what it weighs. */
export function LineEditor({
  data,
  weighed,
  position,
  problem,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly weighed: WeighedLine;
  readonly position: number;
  readonly problem: string | undefined;
  readonly onEdit: (field: string, data: FormulaData) => void;
}) {
  const { line } = weighed;
  const change = (field: string, next: Partial<Line>) =>
    onEdit(`${line.id}/${field}`, withLine(data, line.id, next));
  const chooseIngredient = (ingredientId: string) => {
    const units = unitsFor(findIngredient(ingredientId));
    change('ingredient', { ingredientId, unit: units.includes(line.unit) ? line.unit : 'g' });
  };
  const units = unitsFor(findIngredient(line.ingredientId)).map((unit) => ({
    value: unit,
    label: unitName(unit, line.ingredientId),
  }));
  const name = `Line ${position + 1}`;
  const weight = weighed.grams === undefined ? '?' : grams(weighed.grams);
  return (
    <View className="gap-1 border-b border-line pb-3" testID={`line-${position}`}>
      <View className="flex-row items-center gap-2">
        <View className="min-w-0 flex-1">
          <Picker
            label={`${name}, ingredient`}
            hideLabel
            options={INGREDIENTS}
            value={line.ingredientId}
            onChange={chooseIngredient}
          />
        </View>
        <Button
          label={`Take off ${findIngredient(line.ingredientId)?.name ?? name}`}
          icon={icons.remove}
          iconOnly
          weight="quiet"
          onPress={() => onEdit(`${line.id}/remove`, withoutLine(data, line.id))}
        />
      </View>
      <View className="flex-row items-center gap-2">
        <NumberField
          label={`${name}, amount`}
          hideLabel
          value={line.amount}
          onChange={(amount) => change('amount', { amount })}
          className="w-28"
          decimals={3}
          testID={`amount-${position}`}
        />
        <View className="w-32">
          <Picker
            label={`${name}, unit`}
            hideLabel
            options={units}
            value={line.unit}
            onChange={(unit) => change('unit', { unit: unit as LineUnit })}
          />
        </View>
        <Soft className="flex-1 text-right" testID={`grams-${position}`}>
          {line.unit === 'g' ? '' : `= ${weight} g`}
        </Soft>
      </View>
      {problem && Number.isFinite(line.amount) ? <FieldProblem>{problem}</FieldProblem> : null}
      {line.note ? <Soft>{line.note}</Soft> : null}
      {line.written ? <Soft>{`written: ${line.written}`}</Soft> : null}
    </View>
  );
}
