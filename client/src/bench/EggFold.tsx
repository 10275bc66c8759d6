import type { FormulaData } from '@hollow-moon/contract';
import {
  analyse,
  eggMakeUp,
  findIngredient,
  judgePart,
  setsAtC,
  wantedEgg,
  wantedFor,
  withMakeUp,
  type Analysis,
  type EggAim,
  type EggCharacter,
  type EggGrade,
  type EggMakeUp,
  type FindIngredient,
} from '@hollow-moon/core';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Fold, Button, Choice, NumberField, Read, Soft, useWords } from '../design';
import { FIRMNESS_WORDS, listed, percent, say } from '@hollow-moon/words';
import type { Edit } from '../drafts/edits';

const counted = (
  count: number,
  id: 'bench.eggs-whole' | 'bench.yolks' | 'bench.whites',
): string[] => (count === 0 ? [] : [say(id, { count })]);

const inWords = ({ whole, yolks, whites }: EggMakeUp): string =>
  listed([
    ...counted(whole, 'bench.eggs-whole'),
    ...counted(yolks, 'bench.yolks'),
    ...counted(whites, 'bench.whites'),
  ]);

const leftInWords = ({ left }: EggMakeUp): string => {
  const over = [...counted(left.whites, 'bench.whites'), ...counted(left.yolks, 'bench.yolks')];
  return over.length > 0 ? say('bench.left', { over: listed(over) }) : say('bench.nothing-left');
};

const AIM_WORDS: Readonly<Record<EggAim, string>> = {
  closest: say('bench.closest'),
  'least-left': say('bench.least-left-over'),
};

/** One make-up and what it does to the formula. */
function MakeUpRow({
  aim,
  makeUp,
  data,
  analysis,
  grade,
  find,
  onUse,
}: {
  readonly aim: EggAim;
  readonly makeUp: EggMakeUp;
  readonly data: FormulaData;
  readonly analysis: Analysis;
  readonly grade: EggGrade;
  readonly find: FindIngredient;
  readonly onUse: () => void;
}) {
  const { degrees, unit } = useWords();
  const after = analyse(
    withMakeUp(data.lines, makeUp, () => 'new'),
    grade,
    find,
    data.family,
  );
  const then = judgePart(after, data.family, data.shell);
  const now = judgePart(analysis, data.family, data.shell);
  const [setsNowC, setsThenC] = [setsAtC(now), setsAtC(then)];
  const ratio = (of: Analysis) => of.eggToLiquid?.toFixed(2);
  const changes = [
    ...(ratio(analysis) === undefined
      ? []
      : [
          say('bench.egg-to-liquid', {
            ratio: ratio(analysis) ?? '–',
            ratio2: ratio(after) ?? '–',
          }),
        ]),
    ...(setsNowC !== undefined && setsThenC !== undefined
      ? [say('bench.sets-at', { setC: degrees(setsNowC), setC2: degrees(setsThenC), unit })]
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
      <Button
        label={say('bench.use', { inWords: inWords(makeUp) })}
        onPress={onUse}
        testID={`use-${slug}`}
      />
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

const CHARACTERS = [
  { value: 'as-is', label: say('bench.as-it-is') },
  { value: 'rich', label: say('bench.rich-all-yolk') },
  { value: 'sliced', label: say('bench.to-slice') },
  { value: 'turned-out', label: say('bench.to-turn-out') },
] as const;

/** How much egg there is, and how much of it is yolk. */
function EggNow({ hasG, yolkG }: { readonly hasG: number; readonly yolkG: number }) {
  const { put } = useWords();
  return (
    <Soft>
      {put('bench.the-formula-has-g-of', { has: { grams: hasG }, yolkG: percent(yolkG / hasG) })}
    </Soft>
  );
}

/** What is wanted of the eggs: a character, and a mass. */
function Wanted({
  character,
  onCharacter,
  totalG,
  onTotal,
}: {
  readonly character: EggCharacter;
  readonly onCharacter: (character: EggCharacter) => void;
  readonly totalG: number;
  readonly onTotal: (totalG: number) => void;
}) {
  return (
    <>
      <Choice<EggCharacter>
        label={say('bench.wanted')}
        value={character}
        onChange={onCharacter}
        options={CHARACTERS}
      />
      <NumberField
        label={say('bench.egg-in-all')}
        unit="g"
        mayBeEmpty
        value={totalG}
        onChange={onTotal}
        className="w-36"
        testID="egg-total"
      />
    </>
  );
}

/** Whole eggs to crack: the closest make-up, the thriftiest, and what each does to the formula. */
export function EggFold({
  data,
  analysis,
  grade,
  find,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly analysis: Analysis;
  readonly grade: EggGrade;
  readonly find: FindIngredient;
  readonly onEdit: Edit;
}) {
  const now = wantedEgg(analysis, grade);
  const hasG = now.yolkG + now.whiteG;
  const [character, setCharacter] = useState<EggCharacter>('as-is');
  const [totalG, setTotalG] = useState(Number.NaN);
  const asked = character !== 'as-is' || totalG > 0;
  const wanted = wantedFor(totalG > 0 ? totalG : hasG, character, now);
  const aims: readonly EggAim[] = ['closest', 'least-left'];
  const found = aims.flatMap((aim) => {
    const makeUp = eggMakeUp(wanted, grade, aim);
    return makeUp ? [{ aim, makeUp }] : [];
  });
  const closest = found[0];
  if (!(hasG > 0)) return null;
  const open = found.filter(
    ({ makeUp }, index) =>
      !isAlready(data, makeUp) && (index === 0 || inWords(makeUp) !== inWords(found[0]!.makeUp)),
  );
  const crack = closest
    ? say('bench.crack', {
        inWords: inWords(closest.makeUp),
        leftInWords: leftInWords(closest.makeUp),
      })
    : say('bench.no-whole-eggs-come-to-that');
  return (
    <Fold id="eggs" title={say('bench.whole-eggs')} summary={crack}>
      {() => (
        <>
          <Wanted
            character={character}
            onCharacter={setCharacter}
            totalG={totalG}
            onTotal={setTotalG}
          />
          <EggNow hasG={hasG} yolkG={now.yolkG} />
          {!closest ? (
            <Soft>{crack}</Soft>
          ) : !asked && isAlready(data, closest.makeUp) ? (
            <Read testID="crack">{crack}</Read>
          ) : null}
          {open.map(({ aim, makeUp }) => (
            <MakeUpRow
              key={aim}
              aim={aim}
              makeUp={makeUp}
              data={data}
              analysis={analysis}
              grade={grade}
              find={find}
              onUse={() =>
                onEdit('eggs', (data) => ({ ...data, lines: withMakeUp(data.lines, makeUp, uuid) }))
              }
            />
          ))}
          <Soft>{say('bench.of-all-whole-numbers-of', { grade })}</Soft>
        </>
      )}
    </Fold>
  );
}
