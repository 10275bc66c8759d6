import type { BakeData, Noted, StoredBake } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Button, focusOn, Fold, Notice, Sheet, Title } from '../design';
import { Curves } from '../curves/Curves';
import { Column, Head, Hollow, Margin, useLow, useTitle, useWide, WhenHere } from '../layout';
import { useBakeQuery } from '../wire/api';
import { useKitchenBook } from '../book/book';
import { useAppDispatch, useAppSelector } from '../state/state';
import { LiveProbe } from '../devices/LiveProbe';
import { BakeAfar } from './BakeAfar';
import { BakeHead } from './BakeHead';
import type { LocalBake } from './bakes';
import { believed as tellBelieved, notedKey } from './believed';
import { PicturesFold } from '../pictures';
import { notedOf } from './noted';
import { NotedList, ResultForm } from './Notes';
import { FORMS, NextStep, Pads, useForms, type Asked, type FormName } from './Pads';
import { standingOf } from './progress';
import { SendState } from './SendState';
import { useLearnt, type Believed } from './useLearnt';
import { useNow } from './useNow';
import { ownPulls } from '../vessels/pulls';
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
function useBelieved(id: string, data: BakeData, noted: Noted): Believed & Pick<Asked, 'asked'> {
  const dispatch = useAppDispatch();
  const before = useAppSelector((state) => state.believed[id]);
  const { shown, followed, asked } = useLearnt(data, noted, before);
  useEffect(() => {
    if (!followed) return;
    const { learnt, heeded, vessels } = followed;
    const { foreseen } = followed.data;
    dispatch(
      tellBelieved({ id, forecast: { of: notedKey(noted), foreseen, heeded, learnt, vessels } }),
    );
  }, [dispatch, id, noted, followed]);
  return { ...shown, asked };
}

/** A running bake, laid out by what its parts say. */
interface Laid {
  readonly whole: Asked;
  readonly head: ReactNode;
  readonly live: ReactNode;
  readonly result: ReactNode;
  readonly history: ReactNode;
  readonly onNote: (change: Partial<BakeData>) => void;
}

function WideBake({ whole, head, live, result, history, onNote }: Laid) {
  const { id, data } = whole;
  const forms = useForms(whole, false, () => focusOn('so-far'));
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
          <Sheet title={FORMS.reading.title}>{forms.reading}</Sheet>
          {forms.wobble ? <Sheet title={FORMS.wobble.title}>{forms.wobble}</Sheet> : null}
          {live}
          {forms.oven ? (
            <Fold id="oven-deeds" title={FORMS.oven.title} summary={say('deeds.in-short')}>
              {() => <Margin>{forms.oven}</Margin>}
            </Fold>
          ) : null}
          {data.result === null ? (
            <Fold
              id="something-wrong"
              title={FORMS.wrong.title}
              summary={say('deeds.wrong-in-short')}
            >
              {() => <Margin>{forms.wrong}</Margin>}
            </Fold>
          ) : null}
          {result}
          <Margin>
            <NextStep id={id} data={data} onNote={onNote} className="min-h-[72px]" />
          </Margin>
          {history}
        </Column>
      </View>
    </View>
  );
}

function PhoneBake({
  whole,
  head,
  live,
  result,
  history,
  onNote,
  open,
  onOpen,
}: Laid & {
  readonly open: FormName | undefined;
  readonly onOpen: (form: FormName | undefined) => void;
}) {
  const low = useLow();
  const name = <Head name={whole.data.formulaName} back={say('bake.to-the-shelf')} />;
  return (
    <View className="h-full">
      {low ? null : name}
      <View className="min-h-0 flex-1">
        <Column>
          {low ? name : null}
          {head}
          {result}
          {live}
          {history}
        </Column>
      </View>
      <Pads asked={whole} open={open} onOpen={onOpen} onNote={onNote} />
    </View>
  );
}

function RunningBake({ id, bake }: { readonly id: string; readonly bake: LocalBake }) {
  const dispatch = useAppDispatch();
  const wide = useWide();
  const { data } = bake;
  useTitle(data.formulaName);
  const now = useNow(data.pulledAt === null || data.result === null);
  const entries = useAppSelector((state) => state.noted);
  const noted = useMemo(() => notedOf(entries, id), [entries, id]);
  const { data: believed, learnt, heeded, vessels, asked } = useBelieved(id, data, noted);
  const [open, setOpen] = useState<FormName>();
  const [afar, setAfar] = useState(false);
  const standing = standingOf(believed, now, heeded);
  const { elapsedS } = standing;
  const note = (change: Partial<BakeData>) => dispatch(changeBake(id, change));
  const whole: Asked = { id, data: believed, noted, atS: elapsedS, asked };
  const counts = data.pulledAt === null && data.parts.length === 0;
  if (afar && counts) {
    const close = () => {
      setAfar(false);
      focusOn('open-afar');
    };
    return <BakeAfar asked={whole} standing={standing} onNote={note} onClose={close} />;
  }
  const head = (
    <BakeHead
      id={id}
      data={believed}
      standing={standing}
      noted={noted}
      learnt={learnt}
      heeded={heeded}
      own={ownPulls(believed, vessels, noted.deeds)}
      now={now}
      onNote={note}
      onAfar={counts ? () => setAfar(true) : undefined}
      onWrong={
        wide
          ? undefined
          : () => {
              setOpen('wrong');
              focusOn('sheet-wrong');
            }
      }
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
  const result =
    data.pulledAt === null ? null : (
      <>
        <ResultForm data={data} onNote={note} />
        <PicturesFold kitchenId={bake.kitchenId} bakeId={id} />
      </>
    );
  const history = <BakeHistory id={id} data={believed} elapsedS={elapsedS} onNote={note} />;
  const of: Laid = { whole, head, live, result, history, onNote: note };
  return wide ? <WideBake {...of} /> : <PhoneBake {...of} open={open} onOpen={setOpen} />;
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
        <Hollow alone kind="trouble" says={say('bake.this-bake-is-not-in-the')}>
          <Button
            label={say('bake.to-the-log')}
            weight="main"
            onPress={() => router.navigate('/log')}
          />
        </Hollow>
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
