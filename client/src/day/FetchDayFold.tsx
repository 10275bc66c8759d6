import { type DayData } from '@hollow-moon/contract';
import {
  eggsToCrack,
  fetchedTogether,
  toBuy,
  type Build,
  type EggGrade,
  type Need,
} from '@hollow-moon/core';
import { listed, say } from '@hollow-moon/words';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { Button, Fold, Read, Soft } from '../design';
import { buildOfWanted } from './buildOfWanted';
import { Costs, EggsInHand, isCounted, Needed } from './Purchases';
import type { EditDay } from './useDay';
import type { Works } from './useWorks';

/** Rounded to a tenth: half a white is left over too. */
const tenth = (eggs: number): number => Math.round(eggs * 10) / 10;

/** Eggs to crack for all of the day, what is left of them, and where they were counted how many are still to be bought. */
function EggLedger({
  needs,
  grade,
  inHand,
}: {
  readonly needs: readonly Need[];
  readonly grade: EggGrade;
  readonly inHand: number | undefined;
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
      {inHand === undefined ? null : (
        <Soft testID="eggs-to-buy">
          {eggs > inHand
            ? say('day.buy-eggs', { have: inHand, count: eggs - inHand })
            : say('day.enough-eggs', { have: inHand })}
        </Soft>
      )}
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

/** What goes in without an amount. */
function vagueOf(builds: readonly Build[]) {
  // A formula that is wanted twice has its lines once.
  return [
    ...new Map(
      builds.flatMap(({ unknown, byEye }) =>
        [...unknown, ...byEye].map((each) => [each.line.id, each] as const),
      ),
    ).values(),
  ];
}

const Vaguely = ({ of }: { readonly of: ReturnType<typeof vagueOf> }) =>
  of.map(({ line, ingredient }) => (
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
  ));

/** Everything to fetch for a day, eggs over all of it, and what is left of them; and what keeps nuts apart. */
export function FetchDayFold({
  day,
  book,
  works,
  onEdit,
}: {
  readonly day: DayData;
  readonly book: KitchenBook;
  readonly works: Works;
  readonly onEdit: EditDay;
}) {
  const [counting, setCounting] = useState(false);
  const grade = book.kitchen.data.eggGrade;
  const builds = useMemo(
    () => day.wanted.flatMap((wanted) => buildOfWanted(wanted, book) ?? []),
    [day, book],
  );
  const needs = useMemo(() => fetchedTogether(builds.map((build) => build.needs)), [builds]);
  const { eggs } = eggsToCrack(needs, grade);
  const purchases = useMemo(
    () => toBuy(needs, day.inHand.grams, book.packs),
    [needs, day.inHand, book],
  );
  const onInHand = (inHand: DayData['inHand'], field: string) =>
    onEdit((data) => ({ ...data, inHand }), field);
  const vague = vagueOf(builds);
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
          <View className="flex-row flex-wrap items-end gap-3">
            <Button
              label={say(counting ? 'day.counted' : 'day.count-in-hand')}
              pressed={counting}
              onPress={() => setCounting(!counting)}
              testID="count-in-hand"
            />
            {counting ? <EggsInHand inHand={day.inHand} onInHand={onInHand} /> : null}
          </View>
          <View role="list" testID="day-needs">
            <Needed
              purchases={purchases}
              inHand={day.inHand}
              onInHand={counting ? onInHand : undefined}
            />
            <Vaguely of={vague} />
          </View>
          <EggLedger
            needs={needs}
            grade={grade}
            inHand={isCounted(day.inHand) ? day.inHand.eggs : undefined}
          />
          <Costs
            purchases={purchases}
            eggsToBuy={Math.max(0, eggs - day.inHand.eggs)}
            book={book}
          />
          <NutsApart works={works} />
        </>
      )}
    </Fold>
  );
}
