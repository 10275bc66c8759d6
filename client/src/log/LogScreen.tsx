import { type BakeSummary } from '@hollow-moon/contract';
import { format } from 'date-fns';
import { router, useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { secondsInto } from '../bake/progress';
import {
  Button,
  icons,
  Notice,
  Picker,
  PlaceLink,
  Read,
  Sheet,
  Soft,
  TextField,
  Title,
  useWords,
} from '../design';
import { say, minutes, withUnit, listed } from '@hollow-moon/words';
import { Column, Hollow, Margin, useTitle, useWide, WhenHere } from '../layout';
import { Moon } from '../moon';
import { useBakeQuery } from '../wire/api';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { useLog, type Log, type Sought } from './useLog';
import { BakeRecord } from './BakeRecord';
import { Calendar } from './Calendar';
import { lastMoon, RESULT_MARKS } from './outcome';

const pulledMin = ({ data }: BakeSummary): string =>
  data.pulledAt === null
    ? say('log.in-the-oven')
    : withUnit(minutes(secondsInto(data, Date.parse(data.pulledAt))), 'min');

function BakeRow({ bake, here }: { readonly bake: BakeSummary; readonly here: boolean }) {
  const { quantity } = useWords();
  const { data } = bake;
  const result = data.result
    ? `${RESULT_MARKS[data.result]} ${say(`result.${data.result}`)}`
    : say('log.not-judged');
  const faults =
    data.faults.length > 0 ? `: ${listed(data.faults.map((fault) => say(`fault.${fault}`)))}` : '';
  return (
    <PlaceLink
      to={data.pulledAt === null ? `/bake/${bake.id}` : `/log/${bake.id}`}
      here={here}
      testID={`bake-${bake.id}`}
      className={`min-h-16 flex-row items-center gap-3 border-b border-line px-4 py-2 ${here ? 'border-l-4 border-l-ink bg-ground' : 'bg-sheet'}`}
    >
      <Moon
        state={lastMoon(data)}
        shell={data.shell !== 'none'}
        size={40}
        label={lastMoon(data) ? say('log.as-it-was-at-the-last') : say('log.no-wobble-noted')}
      />
      <View className="min-w-0 flex-1">
        <Text className="font-read-strong text-base text-ink">{data.formulaName}</Text>
        <Read>{`${result}${faults}`}</Read>
        <Soft>
          {`${format(new Date(data.startedAt), 'EEE d MMM, HH:mm')} · ${data.vesselName} · ${quantity({ ovenC: data.setC })} · ${pulledMin(bake)}`}
        </Soft>
      </View>
    </PlaceLink>
  );
}

/** A word, a formula, a tin. */
function LogSearch({
  book,
  sought,
  onSought,
}: {
  readonly book: KitchenBook;
  readonly sought: Sought;
  readonly onSought: (sought: Sought) => void;
}) {
  return (
    <>
      <TextField
        label={say('log.find')}
        value={sought.text}
        onChange={(text) => onSought({ ...sought, text })}
        placeholder={say('log.a-word-of-the-note-a')}
        testID="log-search"
      />
      <View className="flex-row gap-2">
        <View className="min-w-0 flex-1">
          <Picker
            label={say('log.formula')}
            value={sought.formulaId}
            onChange={(formulaId) => onSought({ ...sought, formulaId })}
            testID="log-formula"
            options={[
              { value: '', label: say('log.all') },
              ...book.formulas.map((each) => ({ value: each.id, label: each.data.name })),
            ]}
          />
        </View>
        <View className="min-w-0 flex-1">
          <Picker
            label={say('log.tin')}
            value={sought.vesselId}
            onChange={(vesselId) => onSought({ ...sought, vesselId })}
            testID="log-tin"
            options={[
              { value: '', label: say('log.all') },
              ...book.vessels.map((each) => ({ value: each.id, label: each.data.name })),
            ]}
          />
        </View>
      </View>
    </>
  );
}

/** The bakes that fit, a row each, and the way to older ones. */
function Rows({
  bakes,
  openId,
}: {
  readonly bakes: readonly BakeSummary[] | undefined;
  readonly openId: string | undefined;
}) {
  return (
    <View role="list" testID="log-list">
      {bakes?.map((bake) => (
        <View key={bake.id} role="listitem">
          <BakeRow bake={bake} here={bake.id === openId} />
        </View>
      ))}
    </View>
  );
}

/** The search, what went wrong, and the calendar. */
function Finder({ book, log }: { readonly book: KitchenBook; readonly log: Log }) {
  const [finding, setFinding] = useState(false);
  const { all, searching, clear } = log;
  return (
    <>
      <Margin>
        <View className="flex-row items-center justify-between">
          <Title>{say('log.log')}</Title>
          <Button
            label={say('log.find')}
            icon={icons.find}
            iconOnly
            pressed={finding}
            testID="open-log-find"
            onPress={() => {
              // Shut, it hides nothing.
              if (finding) clear();
              setFinding(!finding);
            }}
          />
        </View>
        {finding ? <LogSearch book={book} sought={log.sought} onSought={log.setSought} /> : null}
        {log.isError ? (
          <Notice
            kind="danger"
            actions={<Button label={say('log.try-again')} onPress={log.again} />}
          >
            {say('log.the-log-cannot-be-read-just')}
          </Notice>
        ) : null}
        {all?.length === 0 ? (
          <Hollow
            kind="empty"
            testID="log-empty"
            says={searching ? say('log.no-bake-fits-that') : say('log.no-bakes-yet-open-a-formula')}
          >
            {searching ? (
              <Button label={say('log.show-all')} onPress={clear} />
            ) : (
              <Button
                label={say('log.to-the-formulas')}
                weight="main"
                onPress={() => router.navigate('/')}
              />
            )}
          </Hollow>
        ) : null}
      </Margin>
      {all && all.length > 0 ? (
        <Sheet className="py-2">
          <Calendar
            bakes={all}
            month={log.month}
            onMonth={log.setMonth}
            chosen={log.day}
            onDay={log.setDay}
          />
        </Sheet>
      ) : null}
    </>
  );
}

/** The bakes of the day that is chosen, or all of them. */
function Found({ log, openId }: { readonly log: Log; readonly openId: string | undefined }) {
  const { day, older, fetching } = log;
  return (
    <>
      {day ? (
        <Margin>
          <View className="flex-row items-center justify-between">
            <Title level={2}>{format(day, 'EEEE d MMMM')}</Title>
            <Button
              label={say('log.show-all')}
              weight="quiet"
              onPress={() => log.setDay(undefined)}
            />
          </View>
        </Margin>
      ) : null}
      <Rows bakes={log.bakes} openId={openId} />
      {older ? (
        <Margin>
          <Button
            label={fetching ? say('log.turning-the-page') : say('log.show-older-bakes')}
            disabled={fetching}
            onPress={older}
            testID="log-older"
          />
        </Margin>
      ) : null}
    </>
  );
}

/** Calendar and list: one under the other, or where there is room side by side. */
function BakeList({
  book,
  openId,
  split = false,
}: {
  readonly book: KitchenBook;
  readonly openId?: string;
  readonly split?: boolean;
}) {
  const log = useLog(book);
  const finder = <Finder book={book} log={log} />;
  const found = <Found log={log} openId={openId} />;
  if (split) {
    return (
      <View className="h-full flex-row">
        <View className="w-[28rem] border-r border-line">
          <Column>{finder}</Column>
        </View>
        <View className="min-w-0 flex-1">
          <Column>{found}</Column>
        </View>
      </View>
    );
  }
  return (
    <Column>
      {finder}
      {found}
    </Column>
  );
}

function OpenRecord({ id, book }: { readonly id: string; readonly book: KitchenBook }) {
  const { data, isError } = useBakeQuery({ kitchenId: book.kitchen.id, id });
  if (isError) {
    return (
      <Hollow alone kind="trouble" says={say('log.this-bake-is-not-in-the')}>
        <Button
          label={say('log.all-bakes')}
          weight="main"
          onPress={() => router.navigate('/log')}
        />
      </Hollow>
    );
  }
  if (data) return <BakeRecord bake={data} book={book} />;
  return <Hollow kind="loading" says={say('log.turning-the-page')} />;
}

/** The log: past bakes, found again. */
export function LogScreen() {
  useTitle(say('root.log'));
  const wide = useWide();
  return (
    <WhenHere loading={useKitchenBook()}>
      {(book) => <BakeList book={book} split={wide} />}
    </WhenHere>
  );
}

/** One bake of the log, beside the list where there is room. */
export function LogRecordScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const wide = useWide();
  return (
    <WhenHere loading={useKitchenBook()}>
      {(book) =>
        wide ? (
          <View className="h-full flex-row">
            <View className="w-96 border-r border-line">
              <BakeList book={book} openId={id} />
            </View>
            <View className="min-w-0 flex-1">
              <Column>
                <OpenRecord id={id} book={book} />
              </Column>
            </View>
          </View>
        ) : (
          <Column>
            <View className="flex-row">
              <Button
                label={say('log.all-bakes')}
                icon={icons.back}
                weight="quiet"
                onPress={() => router.navigate('/log')}
              />
            </View>
            <OpenRecord id={id} book={book} />
          </Column>
        )
      }
    </WhenHere>
  );
}
