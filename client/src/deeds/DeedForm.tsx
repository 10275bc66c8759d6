import type { DeedData } from '@hollow-moon/contract';
import { OVEN_LIMITS_C } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, Choice, OvenField, Soft } from '../design';
import { doorTime } from './deedWords';
import { vesselsIn } from '../vessels/pulls';
import { WhichVessel } from '../vessels/WhichVessel';
import { stillIn } from './open';

/** Each of a union without what every deed has. */
type Said<D = DeedData> = D extends unknown ? Omit<D, 'id' | 'atS'> : never;
/** A deed, so many seconds after the bake went in. */
export const deedAt = (atS: number, deed: Said): DeedData => ({
  id: uuid(),
  atS: Math.round(atS),
  ...deed,
});

/** What is said a little later than it was done, min. */
const AGO_MIN = [0, 2, 5, 10] as const;
const DOOR_S = [20, 60, 180] as const;

const isDial = (celsius: number) => celsius >= OVEN_LIMITS_C.least && celsius <= OVEN_LIMITS_C.most;

/** A heat of the oven, and the button that notes it. */
function Heat({
  label,
  does,
  testID,
  onHeat,
}: {
  readonly label: string;
  readonly does: string;
  readonly testID: string;
  readonly onHeat: (celsius: number) => void;
}) {
  const [celsius, setCelsius] = useState(Number.NaN);
  const [round, setRound] = useState(0);
  return (
    <View className="flex-row items-end gap-2">
      <OvenField
        key={round}
        label={label}
        value={celsius}
        onChange={setCelsius}
        className="min-w-0 flex-1"
        mayBeEmpty
        testID={testID}
      />
      <Button
        label={does}
        testID={`${testID}-keep`}
        disabled={!isDial(celsius)}
        onPress={() => {
          onHeat(celsius);
          setCelsius(Number.NaN);
          setRound(round + 1);
        }}
      />
    </View>
  );
}

/** How long the door stood open, a tap each. */
const Doors = ({ note }: { readonly note: (deed: Said) => void }) => (
  <View className="gap-1">
    <Soft>{say('deeds.door-was-open')}</Soft>
    <View className="flex-row flex-wrap gap-2">
      {DOOR_S.map((forS) => (
        <Button
          key={forS}
          label={say('deeds.door-button', { time: doorTime(forS) })}
          text={doorTime(forS)}
          testID={`door-${forS}`}
          onPress={() => note({ kind: 'door', forS })}
        />
      ))}
    </View>
  </View>
);

interface OfBake {
  readonly deeds: readonly DeedData[];
  readonly vesselCount: number;
}

/** What is done once and needs no figure. */
function Others({ deeds, vesselCount, note }: OfBake & { readonly note: (deed: Said) => void }) {
  const left = stillIn(vesselCount, deeds);
  const [which, setWhich] = useState<number>();
  const noteOne = (deed: Extract<Said, { readonly kind: 'out' | 'turned' }>) => {
    note(which === undefined ? deed : { ...deed, vesselNo: which });
    setWhich(undefined);
  };
  return (
    <>
      {left > 1 ? (
        <WhichVessel
          numbers={vesselsIn(vesselCount, deeds)}
          value={which}
          onChange={setWhich}
          testID="deed-which"
        />
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button label={say('deeds.turned')} onPress={() => noteOne({ kind: 'turned' })} />
        {deeds.some(({ kind }) => kind === 'foil') ? null : (
          <Button
            label={say('deeds.foil')}
            testID="deed-foil"
            onPress={() => note({ kind: 'foil' })}
          />
        )}
        <Button
          label={say('deeds.off-shut')}
          onPress={() => note({ kind: 'oven-off', door: 'shut' })}
        />
        <Button
          label={say('deeds.off-ajar')}
          onPress={() => note({ kind: 'oven-off', door: 'ajar' })}
        />
        {left > 1 ? (
          <Button
            label={say('deeds.one-out')}
            testID="deed-out"
            onPress={() => noteOne({ kind: 'out', vessels: 1 })}
          />
        ) : null}
      </View>
      {left < vesselCount ? (
        <Soft testID="left-in">{say('deeds.left-in', { left, all: vesselCount })}</Soft>
      ) : null}
    </>
  );
}

/** What was done to the oven or to what is in it, each by one tap. */
export function DeedForm({
  atS,
  onDeed,
  ...of
}: OfBake & {
  readonly atS: number;
  readonly onDeed: (deed: DeedData) => void;
}) {
  const [ago, setAgo] = useState<`${(typeof AGO_MIN)[number]}`>('0');
  const note = (deed: Said) => {
    onDeed(deedAt(Math.max(0, atS - Number(ago) * 60), deed));
    setAgo('0');
  };
  const times = AGO_MIN.filter((minutes) => minutes === 0 || minutes * 60 < atS);
  return (
    <View className="gap-3">
      {times.length > 1 ? (
        <Choice
          label={say('deeds.when')}
          value={ago}
          options={times.map((minutes) => ({
            value: `${minutes}` as const,
            label: minutes === 0 ? say('deeds.just-now') : say('deeds.ago', { minutes }),
          }))}
          onChange={setAgo}
        />
      ) : null}
      <Doors note={note} />
      <Heat
        label={say('deeds.set-to')}
        does={say('deeds.set')}
        testID="deed-oven"
        onHeat={(celsius) => note({ kind: 'oven', celsius })}
      />
      <Others {...of} note={note} />
      {of.deeds.some(({ kind }) => kind === 'stood') ? null : (
        <Heat
          label={say('deeds.stood-at')}
          does={say('deeds.keep')}
          testID="deed-stood"
          onHeat={(celsius) => onDeed(deedAt(0, { kind: 'stood', celsius }))}
        />
      )}
    </View>
  );
}
