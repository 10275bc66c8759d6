import { say, taskInWords } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, focusOn, icons, Notice, Picker, Read, Soft } from '../design';
import { Column, Margin, useWide } from '../layout';
import { handChosen } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/state';
import { MoreTaps, nextTap, OtherwiseSheet, WrongSheet } from './Actions';
import { DayDone } from './DayDone';
import { Behind, Clocks, GoingAndNext } from './Lists';
import type { Row } from './order';
import { gatesOf, TaskCard } from './TaskCard';
import { Troubles } from './Troubles';
import type { AtWork } from './useAtWork';
import { bakeOf, type Taps } from './useTaps';

const CONNECTION = {
  none: 'working.connecting',
  open: 'working.connected',
  lost: 'working.lost',
} as const;

/** Who holds this device, and whether it hears the others. */
function Device({ stored: { data } }: Pick<AtWork, 'stored'>) {
  const dispatch = useAppDispatch();
  const hand = useAppSelector((state) => state.settings.hand);
  const connection = useAppSelector((state) => state.connection);
  const known = data.people.some(({ id }) => id === hand);
  return (
    <View className="gap-2 px-4 pt-3">
      {data.people.length > 1 ? (
        <Picker
          label={say('working.hand')}
          value={known ? hand : ''}
          onChange={(id) => dispatch(handChosen(id))}
          testID="hand"
          options={[
            { value: '', label: say('working.anybody') },
            ...data.people.map(({ id, name }) => ({ value: id, label: name })),
          ]}
        />
      ) : null}
      <View role="status" testID="connection">
        <Soft className={connection === 'lost' ? 'text-scorch' : ''}>
          {say(CONNECTION[connection])}
        </Soft>
      </View>
    </View>
  );
}

/** The task that is shown, and all that may be tapped of it but the one big thing. */
function Shown(of: AtWork & { readonly onOtherwise: () => void; readonly onWrong: () => void }) {
  const { row, pressing, marks, taps } = of;
  if (!row) {
    return (
      <View className="gap-3 border-y border-line bg-sheet p-4" testID="all-done">
        <Read className="font-read-strong text-lead">
          {say(of.rows.over.length > 0 ? 'working.all-done' : 'working.nothing')}
        </Read>
        {of.rows.over.length > 0 ? <DayDone {...of} /> : null}
      </View>
    );
  }
  return (
    <View className="gap-4 border-y border-line bg-sheet p-4" testID="shown-task">
      {pressing?.due && pressing.job.id !== row.job.id ? (
        <View role="status">
          <Button
            label={say('working.presses', { task: taskInWords(pressing.job) })}
            icon={icons.alarm}
            testID="presses"
            onPress={() => of.onChoose(pressing.job.id)}
          />
        </View>
      ) : null}
      <TaskCard {...of} row={row} bakeId={bakeOf(marks, row.job.id)} />
      <MoreTaps row={row} taps={taps} onOtherwise={of.onOtherwise} onWrong={of.onWrong} />
    </View>
  );
}

/** The one big thing to tap. */
function NextTap({ row, taps }: { readonly row: Row; readonly taps: Taps }) {
  const { text, label, does } = nextTap(row, gatesOf(row).length > 0);
  return (
    <Button
      label={label}
      text={text}
      weight={
        row.standing.state === 'waiting' || row.standing.state === 'blocked' ? 'plain' : 'main'
      }
      className="min-h-[72px] flex-1"
      testID="next-tap"
      onPress={() => taps[does](row)}
    />
  );
}

/** The one big thing to tap, and the clock for the whole screen. */
function Foot({
  row,
  taps,
  onStand,
}: {
  readonly row: Row;
  readonly taps: Taps;
  readonly onStand: () => void;
}) {
  return (
    <View className="flex-row gap-2 border-t border-line bg-sheet p-2">
      <Button
        label={say('working.stand')}
        icon={icons.afar}
        iconOnly
        className="min-h-[72px] min-w-14"
        testID="open-stand"
        onPress={onStand}
      />
      <NextTap row={row} taps={taps} />
    </View>
  );
}

/** What is over, of a day that is over. */
export const PastDay = (of: AtWork) => (
  <Column>
    <Margin>
      <Notice kind="hint" testID="day-over">
        {say('working.over')}
      </Notice>
      <DayDone {...of} />
    </Margin>
    <Behind {...of} onTakeBack={of.taps.takeBack} />
  </Column>
);

/** What is asked over the foot of a task's screen. */
type Asking = { readonly of: string } & (
  { readonly what: 'otherwise'; readonly noted: string } | { readonly what: 'wrong' }
);

function AskingSheet({
  row,
  taps,
  sheet,
  onSheet,
}: {
  readonly row: Row;
  readonly taps: Taps;
  readonly sheet: Asking;
  readonly onSheet: (sheet: Asking | undefined) => void;
}) {
  const shut = (focus: string) => {
    onSheet(undefined);
    focusOn(focus);
  };
  return sheet.what === 'otherwise' ? (
    <OtherwiseSheet
      row={row}
      noted={sheet.noted}
      onClose={() => shut('otherwise')}
      onKeep={(said) => {
        taps.finish(row, said);
        shut('next-tap');
      }}
    />
  ) : (
    <WrongSheet
      row={row}
      onClose={() => shut('task-wrong')}
      onNote={(trouble) => {
        onSheet({ of: sheet.of, what: 'otherwise', noted: say(`trouble.${trouble}`) });
        focusOn('otherwise-note');
      }}
    />
  );
}

/** The task that is shown, what may be said of it, and over its foot what was otherwise. */
export function Panes({ onStand, ...of }: AtWork & { readonly onStand: () => void }) {
  const wide = useWide();
  const { row, taps, stored } = of;
  const [sheet, setSheet] = useState<Asking>();
  const shown = (
    <Shown
      {...of}
      onOtherwise={() => setSheet(row && { of: row.job.id, what: 'otherwise', noted: '' })}
      onWrong={() => {
        setSheet(row && { of: row.job.id, what: 'wrong' });
        focusOn('wrong-sheet');
      }}
    />
  );
  const asking =
    row && sheet?.of === row.job.id ? (
      <AskingSheet row={row} taps={taps} sheet={sheet} onSheet={setSheet} />
    ) : null;
  const lists = (
    <>
      <GoingAndNext {...of} shown={row?.job.id} />
      <Clocks {...of} />
      <Behind {...of} onTakeBack={taps.takeBack} />
    </>
  );
  const foot = row ? <Foot row={row} taps={taps} onStand={onStand} /> : null;
  if (wide) {
    return (
      <View className="min-h-0 flex-1 flex-row">
        <View className="min-w-0 flex-1">
          <Column>
            <Device stored={stored} />
            <Troubles {...of} />
            {shown}
          </Column>
          {asking}
          {foot}
        </View>
        <View className="min-w-0 flex-1 border-l border-line">
          <Column>{lists}</Column>
        </View>
      </View>
    );
  }
  return (
    <>
      <View className="min-h-0 flex-1">
        <Column>
          <Troubles {...of} />
          {shown}
          {lists}
          <Device stored={stored} />
        </Column>
      </View>
      {asking}
      {foot}
    </>
  );
}
