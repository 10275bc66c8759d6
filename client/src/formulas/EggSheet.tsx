import type { FormulaData } from '@hollow-moon/contract';
import {
  analyse,
  eggMakeUp,
  findIngredient,
  judgePart,
  wantedEgg,
  withMakeUp,
  type Analysis,
  type EggAim,
  type EggGrade,
  type EggMakeUp,
} from '@hollow-moon/core';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, Read, Sheet, Soft } from '../design';
import { FIRMNESS_WORDS } from '../forecast/words';
import { useTemperature } from '../store/useTemperature';

const counted = (count: number, one: string, many: string): string[] =>
  count === 0 ? [] : [`${count} ${count === 1 ? one : many}`];

const inWords = ({ whole, yolks, whites }: EggMakeUp): string =>
  [
    ...counted(whole, 'egg', 'eggs'),
    ...counted(yolks, 'yolk', 'yolks'),
    ...counted(whites, 'white', 'whites'),
  ].join(' and ');

const leftInWords = ({ left }: EggMakeUp): string => {
  const left2 = [
    ...counted(left.whites, 'white', 'whites'),
    ...counted(left.yolks, 'yolk', 'yolks'),
  ];
  return left2.length > 0 ? `${left2.join(', ')} left` : 'nothing left';
};

const AIM_WORDS: Readonly<Record<EggAim, string>> = {
  closest: 'Closest',
  'least left over': 'Least left over',
};

/** One make-up and what it does to the formula. */
function MakeUpRow({
  aim,
  makeUp,
  data,
  analysis,
  grade,
  onUse,
}: {
  readonly aim: EggAim;
  readonly makeUp: EggMakeUp;
  readonly data: FormulaData;
  readonly analysis: Analysis;
  readonly grade: EggGrade;
  readonly onUse: () => void;
}) {
  const { degrees, unit } = useTemperature();
  const after = analyse(
    withMakeUp(data.lines, makeUp, () => 'new'),
    grade,
  );
  const then = judgePart(after, data.family, data.shell);
  const now = judgePart(analysis, data.family, data.shell);
  const ratio = (of: Analysis) => of.eggToLiquid?.toFixed(2);
  const changes = [
    ...(ratio(analysis) === undefined
      ? []
      : [`egg to liquid ${ratio(analysis)} → ${ratio(after)}`]),
    ...(now.kind === 'judged' && then.kind === 'judged'
      ? [`sets at ${degrees(now.setC)} → ${degrees(then.setC)} ${unit}`]
      : []),
    ...('firmness' in now && 'firmness' in then && now.firmness !== then.firmness
      ? [`${FIRMNESS_WORDS[now.firmness]} → ${FIRMNESS_WORDS[then.firmness]}`]
      : []),
  ].join(', ');
  const slug = aim.replaceAll(' ', '-');
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2 border-t border-line pt-2">
      <View className="min-w-40 flex-1">
        <Soft>{AIM_WORDS[aim]}</Soft>
        <Read testID={`make-up-${slug}`}>{`${inWords(makeUp)}, ${leftInWords(makeUp)}`}</Read>
        <Soft>{changes}</Soft>
      </View>
      <Button label={`Use: ${inWords(makeUp)}`} onPress={onUse} testID={`use-${slug}`} />
    </View>
  );
}

/** Whether the egg lines are just this make-up already. */
function isAlready(data: FormulaData, { whole, yolks, whites }: EggMakeUp): boolean {
  const eggs = data.lines.filter((line) => findIngredient(line.ingredientId)?.eggPart);
  const counts = { whole, yolk: yolks, white: whites };
  return (
    eggs.length === Object.values(counts).filter((count) => count > 0).length &&
    eggs.every((line) => {
      const part = findIngredient(line.ingredientId)?.eggPart;
      return line.unit === 'piece' && part !== undefined && counts[part] === line.amount;
    })
  );
}

/** Whole eggs to crack: the closest make-up, the thriftiest, and what each does to the formula. */
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
  const wanted = wantedEgg(analysis, grade);
  const aims: readonly EggAim[] = ['closest', 'least left over'];
  const found = aims.flatMap((aim) => {
    const makeUp = eggMakeUp(wanted, grade, aim);
    return makeUp ? [{ aim, makeUp }] : [];
  });
  const closest = found[0];
  if (!closest) return null;
  const open = found.filter(
    ({ makeUp }, index) =>
      !isAlready(data, makeUp) && (index === 0 || inWords(makeUp) !== inWords(closest.makeUp)),
  );
  return (
    <Sheet title="Whole eggs">
      {isAlready(data, closest.makeUp) ? (
        <Read testID="crack">{`Crack ${inWords(closest.makeUp)}: ${leftInWords(closest.makeUp)}.`}</Read>
      ) : null}
      {open.map(({ aim, makeUp }) => (
        <MakeUpRow
          key={aim}
          aim={aim}
          makeUp={makeUp}
          data={data}
          analysis={analysis}
          grade={grade}
          onUse={() => onEdit('eggs', { ...data, lines: withMakeUp(data.lines, makeUp, uuid) })}
        />
      ))}
      <Soft>{`Of all whole numbers of ${grade} eggs, yolks and whites these are the best.`}</Soft>
    </Sheet>
  );
}
