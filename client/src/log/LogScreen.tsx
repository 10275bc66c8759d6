import { type BakeSummary } from '@hollow-moon/contract';
import { format } from 'date-fns';
import { router, useLocalSearchParams } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { Text, View } from 'react-native';
import { secondsInto } from '../bake/progress';
import {
  Button,
  Notice,
  Picker,
  PlaceLink,
  Read,
  Soft,
  TextField,
  Title,
  useWords,
} from '../design';
import { say, minutes, withUnit, listed } from '@hollow-moon/words';
import { Column, useTitle, useWide, WhenHere } from '../layout';
import { Moon } from '../moon';
import { useBakeQuery, useLogInfiniteQuery } from '../wire/api';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { BakeRecord } from './BakeRecord';
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
      className={`min-h-16 flex-row items-center gap-3 rounded border bg-sheet p-3 ${here ? 'border-ink' : 'border-line'}`}
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

/** What bakes are looked for by; an empty one is not. */
interface Sought {
  readonly text: string;
  readonly formulaId: string;
  readonly vesselId: string;
}

const NOTHING_SOUGHT: Sought = { text: '', formulaId: '', vesselId: '' };

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

function BakeList({ book, openId }: { readonly book: KitchenBook; readonly openId?: string }) {
  const [sought, setSought] = useState(NOTHING_SOUGHT);
  const { formulaId, vesselId } = sought;
  const wanted = useDeferredValue(sought.text.trim());
  const { data, isError, refetch, hasNextPage, isFetchingNextPage, fetchNextPage } =
    useLogInfiniteQuery({
      kitchenId: book.kitchen.id,
      ...(wanted ? { text: wanted } : {}),
      ...(formulaId ? { formulaId } : {}),
      ...(vesselId ? { vesselId } : {}),
    });
  const bakes = data?.pages.flatMap((page) => page.bakes);
  const searching = wanted !== '' || formulaId !== '' || vesselId !== '';
  const clear = () => setSought(NOTHING_SOUGHT);
  return (
    <View className="gap-3">
      <Title>{say('log.log')}</Title>
      <LogSearch book={book} sought={sought} onSought={setSought} />
      {isError ? (
        <Notice
          kind="danger"
          actions={<Button label={say('log.try-again')} onPress={() => void refetch()} />}
        >
          {say('log.the-log-cannot-be-read-just')}
        </Notice>
      ) : null}
      {bakes?.length === 0 ? (
        <Notice
          kind="hint"
          testID="log-empty"
          {...(searching
            ? { actions: <Button label={say('log.show-all')} onPress={clear} /> }
            : {})}
        >
          {searching ? say('log.no-bake-fits-that') : say('log.no-bakes-yet-open-a-formula')}
        </Notice>
      ) : null}
      <View role="list" className="gap-2" testID="log-list">
        {bakes?.map((bake) => (
          <View key={bake.id} role="listitem">
            <BakeRow bake={bake} here={bake.id === openId} />
          </View>
        ))}
      </View>
      {hasNextPage ? (
        <Button
          label={isFetchingNextPage ? say('log.turning-the-page') : say('log.show-older-bakes')}
          disabled={isFetchingNextPage}
          onPress={() => void fetchNextPage()}
          testID="log-older"
        />
      ) : null}
    </View>
  );
}

function OpenRecord({ id, book }: { readonly id: string; readonly book: KitchenBook }) {
  const { data, isError } = useBakeQuery({ kitchenId: book.kitchen.id, id });
  if (isError) return <Notice kind="danger">{say('log.this-bake-is-not-in-the')}</Notice>;
  return data ? <BakeRecord bake={data} /> : <Soft>{say('log.turning-the-page')}</Soft>;
}

/** The log: past bakes, found again. */
export function LogScreen() {
  useTitle(say('root.log'));
  const wide = useWide();
  return (
    <WhenHere loading={useKitchenBook()}>
      {(book) => (
        <Column className={wide ? 'max-w-2xl' : ''}>
          <BakeList book={book} />
        </Column>
      )}
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
              <Column>
                <BakeList book={book} openId={id} />
              </Column>
            </View>
            <View className="min-w-0 flex-1">
              <Column>
                <OpenRecord id={id} book={book} />
              </Column>
            </View>
          </View>
        ) : (
          <Column>
            <View className="self-start">
              <Button
                label={say('log.all-bakes')}
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
