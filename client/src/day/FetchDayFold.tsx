import { type DayData } from '@hollow-moon/contract';
import { eggsToCrack, fetchedTogether, type EggGrade, type Need } from '@hollow-moon/core';
import { listed, say } from '@hollow-moon/words';
import { useMemo } from 'react';
import { View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { Fold, Read, Soft, useWords } from '../design';
import { buildOfWanted } from './buildOfWanted';
import type { Works } from './useWorks';

/** Rounded to a tenth: half a white is left over too. */
const tenth = (eggs: number): number => Math.round(eggs * 10) / 10;

/** Eggs to crack for all of the day, and what is left of them. */
function EggLedger({
  needs,
  grade,
}: {
  readonly needs: readonly Need[];
  readonly grade: EggGrade;
}) {
  const { eggs, leftYolks, leftWhites } = eggsToCrack(needs, grade);
  if (eggs === 0) return null;
  const left = [
    leftYolks > 0.05 ? say('day.yolks', { count: tenth(leftYolks) }) : '',
    leftWhites > 0.05 ? say('day.whites', { count: tenth(leftWhites) }) : '',
  ].filter(Boolean);
  return (
    <View>
      <Read className="font-read-strong" testID="day-eggs">
        {say('bench.eggs-to-crack', { eggs })}
      </Read>
      <Soft>
        {left.length > 0 ? say('day.eggs-left', { left: listed(left) }) : say('day.no-eggs-left')}
      </Soft>
    </View>
  );
}

/** Which bakes have nuts, where only some of them do. */
function NutsApart({ works }: { readonly works: Works }) {
  const named = (nutFree: boolean) => [
    ...new Set(works.bakes.filter((bake) => bake.nutFree === nutFree).map(({ name }) => name)),
  ];
  const [free, nutty] = [named(true), named(false)];
  if (nutty.length === 0 || free.length === 0) return null;
  return (
    <View testID="nuts-apart">
      <Read>{say('day.nut-free-first')}</Read>
      <Soft>{say('day.nut-free', { bakes: listed(free) })}</Soft>
      <Soft>{say('day.with-nuts', { bakes: listed(nutty) })}</Soft>
    </View>
  );
}

/** Everything to fetch for a day, eggs over all of it, and what is left of them; and what keeps nuts apart. */
export function FetchDayFold({
  day,
  book,
  works,
}: {
  readonly day: DayData;
  readonly book: KitchenBook;
  readonly works: Works;
}) {
  const { quantity } = useWords();
  const grade = book.kitchen.data.eggGrade;
  const builds = useMemo(
    () => day.wanted.flatMap((wanted) => buildOfWanted(wanted, book) ?? []),
    [day, book],
  );
  const needs = useMemo(() => fetchedTogether(builds.map((build) => build.needs)), [builds]);
  const { eggs } = eggsToCrack(needs, grade);
  // A formula that is wanted twice has its lines once.
  const vague = [
    ...new Map(
      builds.flatMap(({ unknown, byEye }) =>
        [...unknown, ...byEye].map((each) => [each.line.id, each] as const),
      ),
    ).values(),
  ];
  return (
    <Fold
      id="day-fetch"
      title={say('day.fetch')}
      summary={say('day.fetch-in-short', {
        count: needs.length + vague.length,
        eggs: eggs > 0 ? say('day.fetch-eggs', { count: eggs }) : '',
      })}
    >
      {() => (
        <>
          <View role="list" testID="day-needs">
            {needs.map(({ ingredient, grams }) => (
              <View
                key={ingredient.id}
                role="listitem"
                className="min-h-10 flex-row items-baseline gap-3 border-b border-line py-1"
              >
                <Read className="min-w-24 text-right font-figures">
                  {quantity({
                    grams,
                    ...(ingredient.eggPart || ingredient.gramsPerMl === undefined
                      ? {}
                      : { gramsPerMl: ingredient.gramsPerMl }),
                  })}
                </Read>
                <Read className="flex-1">{ingredient.name}</Read>
              </View>
            ))}
            {vague.map(({ line, ingredient }) => (
              <View
                key={line.id}
                role="listitem"
                className="min-h-10 flex-row items-baseline gap-3 border-b border-line py-1"
              >
                <Read className="min-w-24 text-right font-figures">
                  {line.vague === 'unknown' ? '?' : say('bench.by-eye')}
                </Read>
                <Read className="flex-1">{ingredient?.name ?? ''}</Read>
              </View>
            ))}
          </View>
          <EggLedger needs={needs} grade={grade} />
          <NutsApart works={works} />
        </>
      )}
    </Fold>
  );
}
