import type { BakeData, DeedData, Noted } from '@hollow-moon/contract';
import { troublesOf } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { DeedForm, TroubleForm, type AsForecast } from '../deeds';
import { Button, focusOn, HalfSheet, icons } from '../design';
import { useLow } from '../layout';
import { useWaiting } from '../outgoing/useWaiting';
import { useAppDispatch } from '../state/state';
import { putAway } from './bakes';
import { foreseenAt } from './foreseen';
import { ReadingForm } from './ReadingForm';
import { WobbleForm } from './WobbleForm';
import { vesselsIn } from '../vessels/pulls';
import { noteOf } from './writing';

/** What is noted of a running bake, by its form. */
export const FORMS = {
  reading: { title: say('bake.probe'), icon: icons.probe },
  wobble: { title: say('bake.wobble'), icon: icons.nudge },
  oven: { title: say('deeds.title'), icon: icons.bake },
  wrong: { title: say('deeds.what-is-wrong'), icon: icons.alert },
} as const;
export type FormName = keyof typeof FORMS;

/** What stands at the foot of a phone; what is wrong is asked for at its clock. */
const PADS = { reading: say('bake.probe'), wobble: say('bake.wobble'), oven: say('deeds.pad') };

/** A bake and what its forms are asked with. */
export interface Asked {
  readonly id: string;
  /** As it is foreseen now. */
  readonly data: BakeData;
  readonly noted: Noted;
  readonly atS: number;
  /** The forecast it stands on; none where nothing is forecast. */
  readonly asked: AsForecast | undefined;
}

/** The forms that a bake has. */
export function useForms(
  { id, data, noted, atS, asked }: Asked,
  keypad: boolean,
  onDone: () => void,
): Readonly<Partial<Record<FormName, ReactNode>>> {
  const dispatch = useAppDispatch();
  const does = (deeds: readonly DeedData[]) => {
    for (const entry of deeds) dispatch(noteOf(id, { kind: 'deeds', entry }));
    onDone();
  };
  const made = data.parts.length > 0;
  const numbers = made || data.vesselCount < 2 ? [] : vesselsIn(data.vesselCount, []);
  const reading = (
    <ReadingForm
      atS={atS}
      firstPlace={made ? 'pan' : 'centre'}
      foreseenC={foreseenAt(data, atS)?.centreC}
      keypad={keypad}
      numbers={numbers}
      onReading={(entry) => dispatch(noteOf(id, { kind: 'readings', entry }))}
    />
  );
  const wrong = (
    <TroubleForm
      troubles={[
        ...(made ? troublesOf({ at: 'stove' }) : []),
        ...(data.ovenId === null
          ? []
          : troublesOf({
              at: 'oven',
              bath: data.planned?.plan.bath !== undefined,
              shell: data.shell !== 'none',
            })),
      ]}
      asked={asked}
      atS={atS}
      onDeeds={does}
    />
  );
  if (made) return { reading, wrong };
  return {
    reading,
    wobble: (
      <WobbleForm
        atS={atS}
        surfaceMm={data.surfaceMm}
        shell={data.shell !== 'none'}
        numbers={numbers}
        onWobble={(entry) => dispatch(noteOf(id, { kind: 'wobbles', entry }))}
      />
    ),
    ...(data.pulledAt === null
      ? {
          oven: (
            <DeedForm
              deeds={noted.deeds}
              atS={atS}
              vesselCount={data.vesselCount}
              onDeed={(deed) => does([deed])}
            />
          ),
        }
      : {}),
    wrong,
  };
}

/** Takes it out of the oven, or once it is out, into the log. */
export function NextStep({
  id,
  data,
  onNote,
  className,
}: {
  readonly id: string;
  readonly data: BakeData;
  readonly onNote: (change: Partial<BakeData>) => void;
  readonly className: string;
}) {
  const dispatch = useAppDispatch();
  const waits = useWaiting(id).waiting.length > 0;
  return data.pulledAt === null ? (
    <Button
      label={data.parts.length > 0 ? say('bake.finish-it') : say('bake.pull-it')}
      weight="main"
      className={className}
      testID="pull-it"
      onPress={() => {
        onNote({ pulledAt: new Date().toISOString() });
        focusOn('pulled-at');
      }}
    />
  ) : (
    <Button
      label={say('bake.into-the-log')}
      weight="main"
      className={className}
      disabled={waits}
      testID="into-log"
      onPress={() => {
        router.replace(`/log/${id}`);
        dispatch(putAway(id));
        focusOn('record-title');
      }}
    />
  );
}

/** The foot of a bake on a phone: pads for floury thumbs, and over them what one of them asks. */
export function Pads({
  asked,
  open,
  onOpen,
  onNote,
}: {
  readonly asked: Asked;
  readonly open: FormName | undefined;
  readonly onOpen: (form: FormName | undefined) => void;
  readonly onNote: (change: Partial<BakeData>) => void;
}) {
  const low = useLow();
  const height = low ? 'min-h-12' : 'min-h-[72px]';
  const close = () => {
    onOpen(undefined);
    focusOn(open === 'wrong' ? 'something-wrong' : `pad-${open}`);
  };
  const forms = useForms(asked, true, close);
  const pads = (['reading', 'wobble', 'oven'] as const).filter((pad) => forms[pad] !== undefined);
  return (
    <View className="no-print">
      {open && forms[open] ? (
        <HalfSheet title={FORMS[open].title} onClose={close} testID={`sheet-${open}`}>
          {forms[open]}
        </HalfSheet>
      ) : null}
      <View className="flex-row gap-2 border-t border-line bg-sheet p-2">
        {pads.map((pad) => (
          <Button
            key={pad}
            label={PADS[pad]}
            icon={FORMS[pad].icon}
            className={`${height} flex-1 ${low ? '' : 'flex-col gap-0'}`}
            pressed={open === pad}
            testID={`pad-${pad}`}
            onPress={() => {
              onOpen(open === pad ? undefined : pad);
              if (open !== pad) focusOn(pad === 'oven' ? 'sheet-oven' : pad);
            }}
          />
        ))}
        <NextStep id={asked.id} data={asked.data} onNote={onNote} className={`${height} flex-1`} />
      </View>
    </View>
  );
}
