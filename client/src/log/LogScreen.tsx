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
import { Column, useWide, WhenHere } from '../layout';
import { Moon } from '../moon';
import { useBakeQuery, useLogInfiniteQuery } from '../wire/api';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { BakeRecord } from './BakeRecord';
import { lastMoon, RESULT_MARKS } from './outcome';

const pulledMin = ({ data }: BakeSummary): string =>
  data.pulledAt === null
    ? 'in the oven'
    : withUnit(minutes(secondsInto(data, Date.parse(data.pulledAt))), 'min');

function BakeRow({ bake, here }: { readonly bake: BakeSummary; readonly here: boolean }) {
  const { degrees, unit } = useWords();
  const { data } = bake;
  const result = data.result
    ? `${RESULT_MARKS[data.result]} ${say(`result.${data.result}`)}`
    : 'Not judged';
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
        label={lastMoon(data) ? 'As it was at the last wobble check' : 'No wobble noted'}
      />
      <View className="min-w-0 flex-1">
        <Text className="font-read-strong text-base text-ink">{data.formulaName}</Text>
        <Read>{`${result}${faults}`}</Read>
        <Soft>
          {`${format(new Date(data.startedAt), 'EEE d MMM, HH:mm')} · ${data.vesselName} · ${withUnit(degrees(data.setC), unit)} · ${pulledMin(bake)}`}
        </Soft>
      </View>
    </PlaceLink>
  );
}

function BakeList({ book, openId }: { readonly book: KitchenBook; readonly openId?: string }) {
  const [text, setText] = useState('');
  const [formulaId, setFormulaId] = useState('');
  const [vesselId, setVesselId] = useState('');
  const wanted = useDeferredValue(text.trim());
  const { data, isError, refetch, hasNextPage, isFetchingNextPage, fetchNextPage } =
    useLogInfiniteQuery({
      kitchenId: book.kitchen.id,
      ...(wanted ? { text: wanted } : {}),
      ...(formulaId ? { formulaId } : {}),
      ...(vesselId ? { vesselId } : {}),
    });
  const bakes = data?.pages.flatMap((page) => page.bakes);
  const searching = wanted !== '' || formulaId !== '' || vesselId !== '';
  const clear = () => {
    setText('');
    setFormulaId('');
    setVesselId('');
  };
  return (
    <View className="gap-3">
      <Title>Log</Title>
      <TextField
        label="Find"
        value={text}
        onChange={setText}
        placeholder="A word of the note, a fault, a name"
        testID="log-search"
      />
      <View className="flex-row gap-2">
        <View className="min-w-0 flex-1">
          <Picker
            label="Formula"
            value={formulaId}
            onChange={setFormulaId}
            testID="log-formula"
            options={[
              { value: '', label: 'All' },
              ...book.formulas.map((each) => ({ value: each.id, label: each.data.name })),
            ]}
          />
        </View>
        <View className="min-w-0 flex-1">
          <Picker
            label="Tin"
            value={vesselId}
            onChange={setVesselId}
            testID="log-tin"
            options={[
              { value: '', label: 'All' },
              ...book.vessels.map((each) => ({ value: each.id, label: each.data.name })),
            ]}
          />
        </View>
      </View>
      {isError ? (
        <Notice kind="danger" actions={<Button label="Try again" onPress={() => void refetch()} />}>
          The log cannot be read just now.
        </Notice>
      ) : null}
      {bakes?.length === 0 ? (
        <Notice
          kind="hint"
          testID="log-empty"
          {...(searching ? { actions: <Button label="Show all" onPress={clear} /> } : {})}
        >
          {searching
            ? 'No bake fits that.'
            : 'No bakes yet. Open a formula, look at its forecast and bake it; it will be here tomorrow.'}
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
          label={isFetchingNextPage ? 'Turning the page' : 'Show older bakes'}
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
  if (isError) return <Notice kind="danger">This bake is not in the kitchen’s book.</Notice>;
  return data ? <BakeRecord bake={data} /> : <Soft>Turning the page</Soft>;
}

/** The log: past bakes, found again. */
export function LogScreen() {
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
              <Button label="All bakes" weight="quiet" onPress={() => router.navigate('/log')} />
            </View>
            <OpenRecord id={id} book={book} />
          </Column>
        )
      }
    </WhenHere>
  );
}
