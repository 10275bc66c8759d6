import { deedsOf, type OvenData, type StoredBake, type StoredOven } from '@hollow-moon/contract';
import { asBaked, type ForecastPlan } from '@hollow-moon/core';
import { ovenRead } from '@hollow-moon/core/learning';
import { say } from '@hollow-moon/words';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useTaught } from '../bake/useLearnt';
import type { KitchenBook } from '../book/book';
import { Button, Fold, Read, Soft, useWords } from '../design';
import { useWriting } from '../equipment';

const wayOf = (offsetK: number) => (offsetK === 0 ? 'true' : offsetK < 0 ? 'cool' : 'hot');

/** What an oven runs by, in a few words. */
const useRuns = () => {
  const { quantity } = useWords();
  return (offsetK: number): string =>
    say('log.oven-runs', {
      way: wayOf(offsetK),
      offset: quantity({ kelvin: Math.abs(offsetK) }),
    });
};

/** What this bake says of its oven, and one tap that has the kitchen reckon with it. */
function Correction({
  bake,
  plan,
  oven,
  kitchenId,
}: {
  readonly bake: StoredBake;
  readonly plan: ForecastPlan;
  readonly oven: StoredOven;
  readonly kitchenId: string;
}) {
  const { quantity } = useWords();
  const runs = useRuns();
  const write = useWriting('ovens', kitchenId, oven.id);
  const [was, setWas] = useState<OvenData>();
  const baked = useMemo(() => asBaked(plan, deedsOf(bake.deeds, plan)), [plan, bake.deeds]);
  const learnt = useTaught(baked, bake.data, bake)?.learnt;
  if (!learnt) return <Soft>{say('log.oven-working')}</Soft>;
  const read = ovenRead(learnt, plan.oven.offsetK);
  if (!read) return <Read testID="oven-read">{say('log.oven-unsettled')}</Read>;
  const { name, offsetK } = oven.data;
  // Less than what is still unsure of it is no reason to take it for another oven.
  const agrees = Math.abs(offsetK - read.offsetK) < read.unsureK;
  const take = (data: OvenData, before: OvenData | undefined) => {
    write(data, oven.version);
    setWas(before);
  };
  return (
    <>
      <Read testID="oven-read">
        {say('log.oven-read', {
          name,
          runs: runs(read.offsetK),
          unsure: quantity({ kelvin: Math.round(read.unsureK) }),
        })}
      </Read>
      <View role="status">
        <Soft testID="oven-in-the-kitchen">
          {was
            ? say('log.oven-corrected', { name, runs: runs(offsetK) })
            : say(agrees ? 'log.oven-agrees' : 'log.oven-in-the-kitchen', { runs: runs(offsetK) })}
        </Soft>
      </View>
      {was || !agrees ? (
        <View className="flex-row">
          <Button
            label={
              was
                ? say('log.oven-put-back', { runs: runs(was.offsetK) })
                : say('log.oven-correct', { runs: runs(read.offsetK) })
            }
            onPress={() =>
              was ? take(was, undefined) : take({ ...oven.data, offsetK: read.offsetK }, oven.data)
            }
            testID="correct-oven"
          />
        </View>
      ) : null}
    </>
  );
}

/** What was read of a bake against what its oven is taken for; where it says nothing, how it could. */
export function OvenFold({
  bake,
  book,
}: {
  readonly bake: StoredBake;
  readonly book: KitchenBook;
}) {
  const { planned, ovenId } = bake.data;
  const oven = book.ovens.find(({ id }) => id === ovenId);
  const read = bake.readings.length + bake.wobbles.length;
  return (
    <Fold
      id="record-oven"
      title={say('log.correct-the-oven')}
      summary={say('log.oven-in-short', { readings: read })}
    >
      {() => (
        <>
          {!planned || !oven || read === 0 ? (
            <Read testID="oven-read">{say('log.oven-nothing-read')}</Read>
          ) : (
            <Correction bake={bake} plan={planned.plan} oven={oven} kitchenId={book.kitchen.id} />
          )}
          <View className="flex-row">
            <Button
              label={say('log.oven-by-hand')}
              onPress={() => router.navigate('/kitchen')}
              testID="oven-by-hand"
            />
          </View>
        </>
      )}
    </Fold>
  );
}
