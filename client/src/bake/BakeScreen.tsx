import type { BakeData, StoredBake } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useMemo } from 'react';
import { View } from 'react-native';
import { Button, Notice, Sheet, Title } from '../design';
import { Curves } from '../curves/Curves';
import { Column, useTitle, useWide, WhenHere } from '../layout';
import { useWaiting } from '../outgoing/useWaiting';
import { useBakeQuery } from '../wire/api';
import { useKitchenBook } from '../book/book';
import { useAppDispatch, useAppSelector } from '../state/state';
import { BakeHead } from './BakeHead';
import { putAway, type LocalBake } from './bakes';
import { notedOf } from './noted';
import { NotedList, ReadingForm, ResultForm, WobbleForm } from './Notes';
import { standingOf } from './progress';
import { SendState } from './SendState';
import { useNow } from './useNow';
import { changeBake, noteOf, takeBack, takeUp } from './writing';

const curve = (data: BakeData, column: 1 | 2 | 3) =>
  data.foreseen.curve.map((point) => [point[0], point[column]] as const);

/** A bake that was put away, and the way back. */
function AwayBake({ id, data }: { readonly id: string; readonly data: BakeData }) {
  const dispatch = useAppDispatch();
  return (
    <Column>
      <Title>{data.formulaName}</Title>
      <Notice
        kind="hint"
        testID="bake-away"
        actions={
          <>
            <Button
              label={say('bake.bring-it-back')}
              testID="bring-back"
              onPress={() => dispatch(changeBake(id, { archived: false }))}
            />
            <Button label={say('bake.to-the-log')} onPress={() => router.navigate('/log')} />
          </>
        }
      >
        {say('bake.this-bake-was-put-away-it')}
      </Notice>
      <SendState id={id} data={data} />
    </Column>
  );
}

/** What to note: a reading, a wobble, and once it is out how it came out. */
function BakeForms({
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
  const dispatch = useAppDispatch();
  const waits = useWaiting(id).waiting.length > 0;
  const inOven = data.pulledAt === null;
  return (
    <>
      <ReadingForm
        atS={atS}
        firstPlace={data.parts.length > 0 ? 'pan' : 'centre'}
        onReading={(entry) => dispatch(noteOf(id, { kind: 'readings', entry }))}
      />
      {data.parts.length > 0 ? null : (
        <WobbleForm
          atS={atS}
          onWobble={(entry) => dispatch(noteOf(id, { kind: 'wobbles', entry }))}
        />
      )}
      {inOven ? null : <ResultForm data={data} onNote={onNote} />}
      {inOven ? null : (
        <Button
          label={say('bake.into-the-log')}
          weight="main"
          className="min-h-14"
          disabled={waits}
          testID="into-log"
          onPress={() => {
            router.replace(`/log/${id}`);
            dispatch(putAway(id));
          }}
        />
      )}
    </>
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
    <Sheet title={say('bake.so-far')}>
      <NotedList
        noted={noted}
        onTakeBack={(kind, entryId) => dispatch(takeBack(id, kind, entryId))}
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
          onPress={() => onNote({ archived: true })}
        />
      </View>
    </Sheet>
  );
}

function RunningBake({ id, bake }: { readonly id: string; readonly bake: LocalBake }) {
  const dispatch = useAppDispatch();
  const wide = useWide();
  const { data } = bake;
  useTitle(data.formulaName);
  const now = useNow(data.pulledAt === null || data.result === null);
  const entries = useAppSelector((state) => state.noted);
  const { readings } = useMemo(() => notedOf(entries, id), [entries, id]);
  const standing = standingOf(data, now, readings);
  const { elapsedS } = standing;
  const note = (change: Partial<BakeData>) => dispatch(changeBake(id, change));
  const head = (
    <BakeHead id={id} data={data} standing={standing} readings={readings} now={now} onNote={note} />
  );
  const forms = <BakeForms id={id} data={data} atS={elapsedS} onNote={note} />;
  const history = <BakeHistory id={id} data={data} elapsedS={elapsedS} onNote={note} />;
  if (wide) {
    return (
      <View className="h-full flex-row">
        <View className="min-w-0 flex-1">
          <Column>
            {head}
            {history}
          </Column>
        </View>
        <View className="min-w-0 flex-1 border-l border-line">
          <Column>{forms}</Column>
        </View>
      </View>
    );
  }
  return (
    <Column>
      {head}
      {forms}
      {history}
    </Column>
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
        <Notice
          kind="danger"
          actions={
            <Button label={say('bake.to-the-log')} onPress={() => router.navigate('/log')} />
          }
        >
          {say('bake.this-bake-is-not-in-the')}
        </Notice>
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
