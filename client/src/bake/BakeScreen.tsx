import type { BakeData, Noted, StoredBake } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button, focusOn, HalfSheet, icons, Notice, Sheet, Title } from '../design';
import { Curves } from '../curves/Curves';
import { Column, Head, Margin, useLow, useTitle, useWide, WhenHere } from '../layout';
import { useWaiting } from '../outgoing/useWaiting';
import { useBakeQuery } from '../wire/api';
import { useKitchenBook } from '../book/book';
import { useAppDispatch, useAppSelector } from '../state/state';
import { LiveProbe } from '../devices/LiveProbe';
import { BakeHead } from './BakeHead';
import { putAway, type LocalBake } from './bakes';
import { believed as tellBelieved, notedKey } from './believed';
import { foreseenAt } from './foreseen';
import { notedOf } from './noted';
import { NotedList, ReadingForm, ResultForm, WobbleForm } from './Notes';
import { standingOf } from './progress';
import { SendState } from './SendState';
import { useLearnt, type Believed } from './useLearnt';
import { useNow } from './useNow';
import { changeBake, noteOf, takeBack, takeUp } from './writing';

const curve = (data: BakeData, column: 1 | 2 | 3) =>
  data.foreseen.curve.map((point) => [point[0], point[column]] as const);

/** A bake that was put away, and the way back. */
function AwayBake({ id, data }: { readonly id: string; readonly data: BakeData }) {
  const dispatch = useAppDispatch();
  return (
    <Column>
      <Margin>
        <Title>{data.formulaName}</Title>
        <Notice
          kind="hint"
          testID="bake-away"
          actions={
            <>
              <Button
                label={say('bake.bring-it-back')}
                testID="bring-back"
                onPress={() => {
                  dispatch(changeBake(id, { archived: false }));
                  focusOn('bake-says');
                }}
              />
              <Button label={say('bake.to-the-log')} onPress={() => router.navigate('/log')} />
            </>
          }
        >
          {say('bake.this-bake-was-put-away-it')}
        </Notice>
        <SendState id={id} data={data} />
      </Margin>
    </Column>
  );
}

/** The forms of a bake: a reading, a wobble. */
function useForms(id: string, data: BakeData, atS: number, keypad: boolean) {
  const dispatch = useAppDispatch();
  return {
    reading: (
      <ReadingForm
        atS={atS}
        firstPlace={data.parts.length > 0 ? 'pan' : 'centre'}
        foreseenC={foreseenAt(data, atS)?.centreC}
        keypad={keypad}
        onReading={(entry) => dispatch(noteOf(id, { kind: 'readings', entry }))}
      />
    ),
    wobble:
      data.parts.length > 0 ? null : (
        <WobbleForm
          atS={atS}
          surfaceMm={data.surfaceMm}
          shell={data.shell !== 'none'}
          onWobble={(entry) => dispatch(noteOf(id, { kind: 'wobbles', entry }))}
        />
      ),
  };
}

/** Takes it out of the oven, or once it is out, into the log. */
function NextStep({
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

type Pad = 'reading' | 'wobble';

const PADS = {
  reading: { title: say('bake.probe'), icon: icons.probe },
  wobble: { title: say('bake.wobble'), icon: icons.nudge },
} as const;

/** The foot of a bake on a phone: three pads for floury thumbs, and over them what one of them asks. */
function Pads({
  id,
  data,
  atS,
  onNote,
}: {
  readonly id: string;
  readonly data: BakeData;
  readonly atS: number;
  readonly onNote: (change: Partial<BakeData>) => void;
}) {
  const [open, setOpen] = useState<Pad>();
  const height = useLow() ? 'min-h-12' : 'min-h-[72px]';
  const forms = useForms(id, data, atS, true);
  const pads: readonly Pad[] = forms.wobble ? ['reading', 'wobble'] : ['reading'];
  return (
    <View className="no-print">
      {open ? (
        <HalfSheet
          title={PADS[open].title}
          onClose={() => {
            setOpen(undefined);
            focusOn(`pad-${open}`);
          }}
          testID={`sheet-${open}`}
        >
          {forms[open]}
        </HalfSheet>
      ) : null}
      <View className="flex-row gap-2 border-t border-line bg-sheet p-2">
        {pads.map((pad) => (
          <Button
            key={pad}
            label={PADS[pad].title}
            icon={PADS[pad].icon}
            className={`${height} flex-1`}
            pressed={open === pad}
            testID={`pad-${pad}`}
            onPress={() => {
              setOpen(open === pad ? undefined : pad);
              if (open !== pad) focusOn(pad);
            }}
          />
        ))}
        <NextStep id={id} data={data} onNote={onNote} className={`${height} flex-1`} />
      </View>
    </View>
  );
}

/** What was noted so far, beside what was foreseen. */
function BakeHistory({
  id,
  data,
  elapsedS,
  onNote,
}: {
  readonly id: string;
  readonly data: BakeData;
  readonly elapsedS: number;
  readonly onNote: (change: Partial<BakeData>) => void;
}) {
  const dispatch = useAppDispatch();
  const entries = useAppSelector((state) => state.noted);
  const noted = useMemo(() => notedOf(entries, id), [entries, id]);
  const { window, setC, curdleC, pullS } = data.foreseen;
  return (
    <Sheet>
      <View testID="so-far">
        <Title level={2}>{say('bake.so-far')}</Title>
      </View>
      <NotedList
        noted={noted}
        onTakeBack={(kind, entryId) => {
          dispatch(takeBack(id, kind, entryId));
          focusOn('so-far');
        }}
      />
      {data.parts.length > 0 ? null : (
        <Curves
          rim={curve(data, 1)}
          halfRadius={curve(data, 2)}
          centre={curve(data, 3)}
          setC={setC}
          curdleC={curdleC ?? undefined}
          window={
            window ? [window.earliest.timeS, window.best.timeS, window.latest.timeS] : undefined
          }
          pullS={pullS}
          readings={noted.readings
            .filter((each) => each.place === 'centre')
            .map((each) => [each.atS, each.celsius] as const)}
          pulledS={data.pulledAt === null ? undefined : elapsedS}
          {...(data.pulledAt === null ? { nowS: elapsedS } : {})}
          label={say('bake.foreseen-temperatures-with-what-was-read')}
        />
      )}
      <View className="self-start">
        <Button
          label={say('bake.it-was-begun-by-mistake-put')}
          weight="quiet"
          testID="put-away"
          onPress={() => {
            onNote({ archived: true });
            focusOn('bring-back');
          }}
        />
      </View>
    </Sheet>
  );
}

/** A running bake as its readings say it goes, told to the other screens too. */
function useBelieved(id: string, data: BakeData, noted: Noted): Believed {
  const dispatch = useAppDispatch();
  const before = useAppSelector((state) => state.believed[id]);
  const { shown, followed } = useLearnt(data, noted, before);
  useEffect(() => {
    if (!followed) return;
    const { learnt, heeded } = followed;
    const { foreseen } = followed.data;
    dispatch(tellBelieved({ id, forecast: { of: notedKey(noted), foreseen, heeded, learnt } }));
  }, [dispatch, id, noted, followed]);
  return shown;
}

function RunningBake({ id, bake }: { readonly id: string; readonly bake: LocalBake }) {
  const dispatch = useAppDispatch();
  const wide = useWide();
  const low = useLow();
  const { data } = bake;
  useTitle(data.formulaName);
  const now = useNow(data.pulledAt === null || data.result === null);
  const entries = useAppSelector((state) => state.noted);
  const noted = useMemo(() => notedOf(entries, id), [entries, id]);
  const { data: believed, learnt, heeded } = useBelieved(id, data, noted);
  const standing = standingOf(believed, now, heeded);
  const { elapsedS } = standing;
  const note = (change: Partial<BakeData>) => dispatch(changeBake(id, change));
  const forms = useForms(id, believed, elapsedS, false);
  const head = (
    <BakeHead
      id={id}
      data={believed}
      standing={standing}
      noted={noted}
      learnt={learnt}
      heeded={heeded}
      now={now}
      onNote={note}
    />
  );
  const live =
    data.parts.length > 0 ? null : (
      <LiveProbe
        noted={noted}
        atS={elapsedS}
        nowMs={now}
        running={data.pulledAt === null}
        onReading={(entry) => dispatch(noteOf(id, { kind: 'readings', entry }))}
      />
    );
  const result = data.pulledAt === null ? null : <ResultForm data={data} onNote={note} />;
  const history = <BakeHistory id={id} data={believed} elapsedS={elapsedS} onNote={note} />;
  if (wide) {
    return (
      <View className="h-full flex-row">
        <View className="min-w-0 flex-1">
          <Column>
            <Margin>
              <Title>{data.formulaName}</Title>
            </Margin>
            {head}
          </Column>
        </View>
        <View className="min-w-0 flex-1 border-l border-line">
          <Column>
            <Sheet title={PADS.reading.title}>{forms.reading}</Sheet>
            {forms.wobble ? <Sheet title={PADS.wobble.title}>{forms.wobble}</Sheet> : null}
            {live}
            {result}
            <Margin>
              <NextStep id={id} data={data} onNote={note} className="min-h-[72px]" />
            </Margin>
            {history}
          </Column>
        </View>
      </View>
    );
  }
  return (
    <View className="h-full">
      {low ? null : <Head name={data.formulaName} back={say('bake.to-the-shelf')} />}
      <View className="min-h-0 flex-1">
        <Column>
          {low ? <Head name={data.formulaName} back={say('bake.to-the-shelf')} /> : null}
          {head}
          {result}
          {live}
          {history}
        </Column>
      </View>
      <Pads id={id} data={data} atS={elapsedS} onNote={note} />
    </View>
  );
}

/** Takes a bake of the book up on this device. */
function TakeUp({
  kitchenId,
  stored,
}: {
  readonly kitchenId: string;
  readonly stored: StoredBake;
}) {
  const dispatch = useAppDispatch();
  useEffect(() => {
    dispatch(takeUp(kitchenId, stored));
  }, [dispatch, kitchenId, stored]);
  return null;
}

function FromBook({ id, kitchenId }: { readonly id: string; readonly kitchenId: string }) {
  const { data, isError } = useBakeQuery({ kitchenId, id });
  if (isError) {
    return (
      <Column>
        <Margin>
          <Notice
            kind="danger"
            actions={
              <Button label={say('bake.to-the-log')} onPress={() => router.navigate('/log')} />
            }
          >
            {say('bake.this-bake-is-not-in-the')}
          </Notice>
        </Margin>
      </Column>
    );
  }
  return data ? <TakeUp kitchenId={kitchenId} stored={data} /> : null;
}

/** A bake at the stove: clock, window, what to note, pull and result. Survives a reload. */
export function BakeScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const bake = useAppSelector((state) => state.bakes[id]);
  const loading = useKitchenBook();
  if (bake?.data.archived) return <AwayBake id={id} data={bake.data} />;
  if (bake) return <RunningBake id={id} bake={bake} />;
  return (
    <WhenHere loading={loading}>
      {(book) => <FromBook id={id} kitchenId={book.kitchen.id} />}
    </WhenHere>
  );
}
