import { troublesIn, type Trouble } from '@hollow-moon/core';
import { say, taskInWords } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { lasting } from '../day';
import { TroubleForm } from '../deeds';
import {
  Button,
  focusOn,
  HalfSheet,
  icons,
  NumberField,
  OvenField,
  Soft,
  TextField,
} from '../design';
import type { Row } from './order';
import type { Otherwise, Taps } from './useTaps';

/** After so many minutes what is not ready yet is looked at again. */
const LOOK_AGAIN_MIN = [2, 5, 10] as const;

/** The one thing that is done next with a task, and how it is called. */
export function nextTap(
  { job, standing }: Row,
  gated: boolean,
): { readonly text: string; readonly label: string; readonly does: 'begin' | 'finish' | 'goOn' } {
  const task = taskInWords(job);
  const baked = job.task.verb === 'bake' || job.task.verb === 'blind-bake';
  switch (standing.state) {
    case 'running':
      return baked
        ? { text: say('working.pull'), label: say('working.pull-task', { task }), does: 'finish' }
        : {
            text: say('working.finish'),
            label: say('working.finish-task', { task }),
            does: 'finish',
          };
    case 'paused':
      return {
        text: say('working.go-on-with'),
        label: say('working.go-on-with-task', { task }),
        does: 'goOn',
      };
    case 'ready':
      return gated
        ? {
            text: say('working.yes-begin'),
            label: say('working.yes-begin-task', { task }),
            does: 'begin',
          }
        : { text: say('working.begin'), label: say('working.begin-task', { task }), does: 'begin' };
    case 'waiting':
    case 'blocked':
    case 'done':
    case 'skipped':
      return {
        text: say('working.begin-all-the-same'),
        label: say('working.begin-all-the-same'),
        does: 'begin',
      };
  }
}

/** What else may be said of a task, beside the one big thing. */
export function MoreTaps({
  row,
  taps,
  onOtherwise,
  onWrong,
}: {
  readonly row: Row;
  readonly taps: Taps;
  readonly onOtherwise: () => void;
  readonly onWrong: () => void;
}) {
  const { state } = row.standing;
  if (state === 'done' || state === 'skipped') return null;
  return (
    <View className="flex-row flex-wrap gap-2">
      {state === 'running'
        ? LOOK_AGAIN_MIN.map((minutes) => (
            <Button
              key={minutes}
              label={say('working.not-yet', { minutes: lasting(minutes) })}
              testID={`more-${minutes}`}
              onPress={() => taps.more(row, minutes)}
            />
          ))
        : null}
      {state === 'running' && row.job.task.station !== 'oven' ? (
        <Button
          label={say('working.pause')}
          testID="pause-task"
          onPress={() => {
            taps.pause(row);
            focusOn('next-tap');
          }}
        />
      ) : null}
      {state === 'running' || state === 'paused' ? (
        <>
          <Button label={say('working.otherwise')} testID="otherwise" onPress={onOtherwise} />
          {troublesIn(row.job.task.verb).length > 0 ? (
            <Button
              label={say('deeds.wrong')}
              icon={icons.alert}
              testID="task-wrong"
              onPress={onWrong}
            />
          ) : null}
        </>
      ) : (
        <>
          <Button
            label={say('working.done-already')}
            testID="done-already"
            onPress={() => {
              taps.finish(row);
              focusOn('next-tap');
            }}
          />
          <Button
            label={say('working.skip')}
            weight="quiet"
            testID="skip-task"
            onPress={() => {
              taps.skip(row);
              focusOn('next-tap');
            }}
          />
        </>
      )}
    </View>
  );
}

/** What was done otherwise than planned: only what differed is said. */
export function OtherwiseSheet({
  row,
  noted,
  onKeep,
  onClose,
}: {
  readonly row: Row;
  /** What is noted already, as what went wrong. */
  readonly noted: string;
  readonly onKeep: (otherwise: Otherwise) => void;
  readonly onClose: () => void;
}) {
  const [grams, setGrams] = useState(NaN);
  const [celsius, setCelsius] = useState(NaN);
  const [note, setNote] = useState(noted);
  const { station, grams: handled } = row.job.task;
  const said: Otherwise = {
    ...(Number.isFinite(grams) ? { grams } : {}),
    ...(Number.isFinite(celsius) ? { celsius } : {}),
    ...(note.trim() ? { note: note.trim().slice(0, 400) } : {}),
  };
  return (
    <HalfSheet title={say('working.why')} onClose={onClose} testID="otherwise-sheet">
      <Soft>{say('working.otherwise-says')}</Soft>
      <View className="flex-row flex-wrap gap-3">
        {handled > 0 ? (
          <NumberField
            label={say('working.grams')}
            unit="g"
            value={grams}
            mayBeEmpty
            decimals={0}
            className="w-36"
            testID="used-grams"
            onChange={setGrams}
          />
        ) : null}
        {station === 'oven' ? (
          <OvenField
            label={say('working.celsius')}
            value={celsius}
            className="w-36"
            mayBeEmpty
            testID="real-heat"
            onChange={setCelsius}
          />
        ) : null}
      </View>
      <TextField
        label={say('working.why-field')}
        value={note}
        onChange={setNote}
        testID="otherwise-note"
      />
      <Button
        label={say('working.keep')}
        weight="main"
        className="min-h-14"
        testID="keep-otherwise"
        disabled={Object.keys(said).length === 0}
        onPress={() => onKeep(said)}
      />
    </HalfSheet>
  );
}

/** What goes wrong in a task away from the oven, and what helps; kept with how the task was done. */
export function WrongSheet({
  row,
  onNote,
  onClose,
}: {
  readonly row: Row;
  readonly onNote: (trouble: Trouble) => void;
  readonly onClose: () => void;
}) {
  return (
    <HalfSheet title={say('deeds.what-is-wrong')} onClose={onClose} testID="wrong-sheet">
      <TroubleForm
        troubles={troublesIn(row.job.task.verb)}
        asked={undefined}
        atS={0}
        onDeeds={(deeds) => {
          for (const deed of deeds) if (deed.kind === 'trouble') onNote(deed.trouble);
        }}
      />
    </HalfSheet>
  );
}
