import type { BakeData, Noted } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { View } from 'react-native';
import { deedAt, nextOpenStep } from '../deeds';
import { Button, focusOn, icons, Read, useWords } from '../design';
import { useAppDispatch } from '../state/state';
import { nextToDo, secondsInto } from './progress';
import { noteOf } from './writing';

/** The next step of the oven, to be said once it is made: the forecast then has it at its real minute. */
function StepMade({
  id,
  data,
  noted,
  elapsedS,
}: {
  readonly id: string;
  readonly data: BakeData;
  readonly noted: Noted;
  readonly elapsedS: number;
}) {
  const dispatch = useAppDispatch();
  const { put } = useWords();
  const open = data.pulledAt === null ? nextOpenStep(data, noted.deeds, elapsedS) : undefined;
  if (!open) return null;
  const { step, to } = open;
  const door = to === 'off-shut' ? 'shut' : 'ajar';
  return (
    <View className="self-start">
      <Button
        label={
          typeof to === 'number'
            ? put('deeds.step-made', { to: { ovenC: to } })
            : say('deeds.step-off', { door })
        }
        testID="step-made"
        onPress={() => {
          const deed =
            typeof to === 'number'
              ? ({ kind: 'oven', celsius: to, step } as const)
              : ({ kind: 'oven-off', door, step } as const);
          dispatch(noteOf(id, { kind: 'deeds', entry: deedAt(elapsedS, deed) }));
          focusOn('bake-says');
        }}
      />
    </View>
  );
}

/** What is to be done next by the plan, that it has been done, what to do where something is wrong, and the clock from afar. */
export function ToDo({
  id,
  data,
  noted,
  now,
  onWrong,
  onAfar,
}: {
  readonly id: string;
  readonly data: BakeData;
  readonly noted: Noted;
  readonly now: number;
  readonly onWrong: (() => void) | undefined;
  readonly onAfar: (() => void) | undefined;
}) {
  const { degrees, unit } = useWords();
  const toDo = nextToDo(data, now, (celsius) => `${degrees(celsius)} ${unit}`);
  return (
    <>
      {toDo ? (
        <Read className="font-read-strong" testID="to-do">
          {toDo}
        </Read>
      ) : null}
      <StepMade id={id} data={data} noted={noted} elapsedS={secondsInto(data, now)} />
      <View className="flex-row flex-wrap gap-2">
        {onWrong && data.result === null ? (
          <Button
            label={say('deeds.wrong')}
            icon={icons.alert}
            testID="something-wrong"
            onPress={onWrong}
          />
        ) : null}
        {onAfar ? (
          <Button
            label={say('working.stand')}
            icon={icons.afar}
            iconOnly
            testID="open-afar"
            onPress={onAfar}
          />
        ) : null}
      </View>
    </>
  );
}
