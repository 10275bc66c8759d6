import { refusalInWords } from '../wire/resources';
import type { BakeData, StoredBake } from '@hollow-moon/contract';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useMemo } from 'react';
import { Text, View } from 'react-native';
import { Button, Labelled, Notice, Figure, Read, Sheet, Soft, Title, useWords } from '../design';
import { clock, minutes, say, spanOfMinutes } from '@hollow-moon/words';
import { Curves } from '../curves/Curves';
import { Column, useWide, WhenHere } from '../layout';
import { Moon, moonInWords } from '../moon';
import { TwoSides } from '../outgoing/TwoSides';
import { useWaiting } from '../outgoing/useWaiting';
import { keepMine, staleOf } from '../outgoing/writes';
import { useBakeQuery } from '../wire/api';
import { withKeeping } from '../device/device';
import { useKitchenBook } from '../book/book';
import { useAppDispatch, useAppSelector } from '../state/state';
import { putAway, type LocalBake } from './bakes';
import { notedOf } from './noted';
import { NotedList, ReadingForm, ResultForm, WobbleForm } from './Notes';
import { foreseenCentreC, foreseenMoon, nextToDo, standingOf } from './progress';
import { useNow } from './useNow';
import { changeBake, noteOf, takeBack, takeTheBooks, takeUp } from './writing';

/** How the sending of what was noted stands. */
function SendState({ id, data }: { readonly id: string; readonly data: BakeData }) {
  const words = useWords();
  const dispatch = useAppDispatch();
  const refuses = useAppSelector((state) => state.device.refuses);
  const { waiting, away } = useWaiting(id);
  const refused = waiting.find((write) => write.refused);
  const stale = refused && staleOf(refused);
  if (stale) {
    return (
      <Notice
        kind="danger"
        testID="stale"
        actions={
          <>
            <TwoSides mine={data} theirs={stale.data} />
            <Button
              label={say('bake.keep-mine')}
              weight="main"
              onPress={() => dispatch(keepMine(id))}
            />
            <Button label={say('bake.take-the-books')} onPress={() => dispatch(takeTheBooks(id))} />
          </>
        }
      >
        {say('bake.this-bake-was-changed-elsewhere-meanwhile')}
      </Notice>
    );
  }
  if (refused?.refused) {
    return (
      <Notice
        kind="danger"
        testID="unsent"
        actions={<Button label={say('bake.try-again')} onPress={() => dispatch(keepMine(id))} />}
      >
        {withKeeping(refusalInWords(words, refused.refused), refuses)}
      </Notice>
    );
  }
  if (waiting.length > 0 && away) {
    return (
      <Notice kind="danger" testID="unsent">
        {withKeeping(refusalInWords(words, away), refuses)}
      </Notice>
    );
  }
  return (
    <Soft testID="bake-kept">
      {waiting.length > 0 ? say('bake.writing-it-down') : say('bake.written-in-the-book')}
    </Soft>
  );
}

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

function RunningBake({ id, bake }: { readonly id: string; readonly bake: LocalBake }) {
  const dispatch = useAppDispatch();
  const wide = useWide();
  const temperature = useWords();
  const { degrees, unit } = temperature;
  const { data } = bake;
  const entries = useAppSelector((state) => state.noted);
  const noted = useMemo(() => notedOf(entries, id), [entries, id]);
  const waits = useWaiting(id).waiting.length > 0;
  const inOven = data.pulledAt === null;
  const now = useNow(inOven || data.result === null);
  const standing = standingOf(data, now);
  const { moon, wobbleMm } = foreseenMoon(data, standing.elapsedS);
  const toDo = nextToDo(data, now, (celsius) => `${degrees(celsius)} ${unit}`);
  const note = (change: Partial<BakeData>) => dispatch(changeBake(id, change));
  const { window, setC, curdleC, pullS } = data.foreseen;
  const caption =
    wobbleMm > 5 ? say('bake.cm', { wobbleMm: Math.round(wobbleMm / 5) / 2 }) : undefined;
  const colour =
    standing.phase === 'open'
      ? 'text-yolk-text'
      : standing.phase === 'past'
        ? 'text-scorch'
        : 'text-ink';
  const head = (
    <Sheet>
      <Title>{data.formulaName}</Title>
      <Soft>
        {say('bake.at', {
          vesselCount: data.vesselCount,
          vesselName: data.vesselName,
          ovenName: data.ovenName,
          setC: degrees(data.setC),
          unit,
        })}
      </Soft>
      <View className="flex-row items-center gap-3">
        <Moon
          state={moon}
          shell={data.shell !== 'none'}
          size={118}
          {...(caption ? { caption } : {})}
          label={say('bake.foreseen-now', { moonInWords: moonInWords(moon, caption) })}
        />
        <View className="min-w-0 flex-1">
          <Text role="timer" testID="bake-clock" className="font-figures-strong text-big text-ink">
            {clock(standing.elapsedS)}
          </Text>
          <Text testID="bake-says" className={`font-read-strong text-lead ${colour}`}>
            {standing.says}
          </Text>
        </View>
      </View>
      {toDo ? (
        <Read className="font-read-strong text-lead" testID="to-do">
          {toDo}
        </Read>
      ) : null}
      {window ? (
        <View className="flex-row flex-wrap gap-x-6 gap-y-2">
          <Labelled label={say('bake.pull')}>
            <Figure
              value={spanOfMinutes(window.earliest.timeS, window.latest.timeS)}
              unit="min"
              size="title"
            />
          </Labelled>
          <Labelled label={say('bake.best')}>
            <Figure
              value={minutes(window.best.timeS)}
              unit={say('bake.min-at', { probeC: degrees(window.best.probeC), unit })}
              size="title"
            />
          </Labelled>
          <Labelled label={say('bake.probe-foreseen-now')}>
            <Figure
              value={degrees(foreseenCentreC(data, standing.elapsedS))}
              unit={unit}
              size="title"
            />
          </Labelled>
        </View>
      ) : null}
      {inOven ? (
        <Button
          label={say('bake.pull-it')}
          weight="main"
          className="min-h-16"
          testID="pull-it"
          onPress={() => note({ pulledAt: new Date().toISOString() })}
        />
      ) : (
        <View className="flex-row flex-wrap items-center justify-between gap-2">
          <Read testID="pulled-at">
            {say('bake.pulled-at-min', { elapsedS: minutes(standing.elapsedS) })}
          </Read>
          {data.result === null ? (
            <Button
              label={say('bake.not-yet-back-in-the-oven')}
              onPress={() => note({ pulledAt: null })}
            />
          ) : null}
        </View>
      )}
      <SendState id={id} data={data} />
    </Sheet>
  );
  const stray = (
    <View className="self-start">
      <Button
        label={say('bake.it-was-begun-by-mistake-put')}
        weight="quiet"
        testID="put-away"
        onPress={() => note({ archived: true })}
      />
    </View>
  );
  const forms = (
    <>
      <ReadingForm
        atS={standing.elapsedS}
        onReading={(entry) => dispatch(noteOf(id, { kind: 'readings', entry }))}
      />
      <WobbleForm
        atS={standing.elapsedS}
        onWobble={(entry) => dispatch(noteOf(id, { kind: 'wobbles', entry }))}
      />
      {inOven ? null : <ResultForm data={data} onNote={note} />}
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
  const history = (
    <Sheet title={say('bake.so-far')}>
      <NotedList
        noted={noted}
        onTakeBack={(kind, entryId) => dispatch(takeBack(id, kind, entryId))}
        degrees={degrees}
        unit={unit}
      />
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
        pulledS={data.pulledAt === null ? undefined : standing.elapsedS}
        {...(inOven ? { nowS: standing.elapsedS } : {})}
        label={say('bake.foreseen-temperatures-with-what-was-read')}
      />
      {stray}
    </Sheet>
  );
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
