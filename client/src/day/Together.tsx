import type { ForecastVerdict } from '@hollow-moon/core';
import { NEAR_K } from '@hollow-moon/core/planning';
import { listed, say } from '@hollow-moon/words';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Button, Read, Soft, Title, useWords } from '../design';
import { candidatesIn, offersOf, type DayAsked, type Offer } from './sharedHeat';
import type { EditDay } from './useDay';
import { lasting } from './when';

/** What is known of the heats that may be shared. */
type Looked = { readonly done: number } | readonly Offer[] | 'broke';

const S_PER_MIN = 60;
const minutesOf = (seconds: number): string => lasting(Math.round(seconds / S_PER_MIN));

/** One heat that may be shared: both forecasts, what it gains, and the tap. */
function OfferOf({
  offer,
  asked: { planned },
  onEdit,
}: {
  readonly offer: Offer;
  readonly asked: DayAsked;
  readonly onEdit: EditDay;
}) {
  const { quantity } = useWords();
  const { bakes, beside, fromC, toC, was, now, lessHeats, lessThereMin } = offer;
  const named = (bake: string) => planned.session.wanted.find(({ id }) => id === bake)?.name ?? '';
  const at = (ovenC: number, verdict: ForecastVerdict) =>
    verdict.kind === 'window'
      ? say('together.forecast', {
          setting: quantity({ ovenC }),
          best: minutesOf(verdict.best.timeS),
          earliest: minutesOf(verdict.earliest.timeS),
          latest: minutesOf(verdict.latest.timeS),
        })
      : say('together.no-window', { setting: quantity({ ovenC }) });
  const others = [...new Set(beside.map(named))];
  const gains = [
    ...(lessHeats > 0 ? [say('together.less-heats', { count: lessHeats })] : []),
    ...(lessThereMin > 0 ? [say('together.less-there', { minutes: lasting(lessThereMin) })] : []),
  ];
  return (
    <View role="listitem" className="gap-1 border-t border-line py-3">
      <Read className="font-read-strong">
        {say('together.beside', {
          bake: named(bakes[0]!),
          others: listed(others),
        })}
      </Read>
      <Read>{at(toC, now)}</Read>
      <Soft>{at(fromC, was)}</Soft>
      <Read>
        {say('together.gains', {
          others: listed(others),
          count: others.length,
          gains: listed(gains),
        })}
      </Read>
      <View className="self-start pt-1">
        <Button
          label={say('together.take', { setting: quantity({ ovenC: toC }) })}
          testID={`share-${bakes[0]!}-${toC}`}
          onPress={() =>
            onEdit((data) => ({
              ...data,
              wanted: offer.day.wanted,
              way: offer.day.way,
            }))
          }
        />
      </View>
    </View>
  );
}

/** Bakes that could go in at one heat though their cards differ, each with what it does to them; looked for when asked. */
export function Together({
  asked,
  onEdit,
}: {
  readonly asked: DayAsked;
  readonly onEdit: EditDay;
}) {
  const { quantity } = useWords();
  const [looked, setLooked] = useState<Looked>();
  const { day, planned } = asked;
  const candidates = candidatesIn(day, planned.session);
  // What was found of another day says nothing of this one.
  const key = JSON.stringify(day);
  const asking = useRef(key);
  useEffect(() => {
    asking.current = key;
    return () => setLooked(undefined);
  }, [key]);
  const look = () => {
    const show = (next: Looked) => {
      if (asking.current === key) setLooked(next);
    };
    show({ done: 0 });
    offersOf(asked, candidates, (done) => show({ done })).then(show, () => show('broke'));
  };
  if (candidates.length === 0) {
    return (
      <Soft testID="shared-heat">
        {say('together.none-near', { most: quantity({ kelvin: NEAR_K }) })}
      </Soft>
    );
  }
  if (!looked || looked === 'broke' || 'done' in looked) {
    const looking = looked !== undefined && looked !== 'broke';
    return (
      <View className="gap-1 self-start">
        <Button
          label={say('together.look')}
          disabled={looking}
          testID="look-for-shared-heat"
          onPress={look}
        />
        <View role="status">
          {looked === 'broke' ? (
            <Soft testID="shared-heat-broke">{say('together.broke')}</Soft>
          ) : null}
          {looking ? (
            <Soft>{say('together.looking', { done: looked.done, all: candidates.length })}</Soft>
          ) : null}
        </View>
      </View>
    );
  }
  return (
    <View testID="shared-heat">
      <Title level={2}>{say('together.found')}</Title>
      {looked.length === 0 ? <Read>{say('together.none-gains')}</Read> : null}
      <View role="list">
        {looked.map((offer) => (
          <OfferOf
            key={`${offer.formulaId}>${offer.toC}`}
            offer={offer}
            asked={asked}
            onEdit={onEdit}
          />
        ))}
      </View>
    </View>
  );
}
