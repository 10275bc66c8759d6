import type { StoredBake } from '@hollow-moon/contract';
import { RESULT_NAMES } from '@hollow-moon/contract';
import { format } from 'date-fns';
import { router, useLocalSearchParams } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { Text, View } from 'react-native';
import { secondsInto } from '../bake/progress';
import {
  Button,
  Labelled,
  Notice,
  Picker,
  PlaceLink,
  Read,
  Sheet,
  Soft,
  TextField,
  Title,
} from '../design';
import { centimetres, minutes, withUnit } from '../design/format';
import { Curves } from '../forecast';
import { spanOfMinutes } from '../forecast/words';
import { Column, useWide, WhenHere } from '../layout';
import { Moon } from '../moon';
import { useBakeQuery, useBakesQuery } from '../store/api';
import { useKitchenBook, type KitchenBook } from '../store/kitchen';
import { useTemperature } from '../store/useTemperature';

const RESULT_MARKS = { good: '●', fair: '◐', poor: '○' } as const;

/** The moon a bake ended with: its last wobble check, at the pull. */
function lastMoon({ data }: StoredBake) {
  const wobble = data.wobbles[data.wobbles.length - 1];
  if (!wobble) return undefined;
  return {
    liquid: 0,
    moving: Math.min(1, wobble.diameterMm / data.surfaceMm),
    curdledFrom: data.faults.includes('curdled') ? 0.85 : 1,
  };
}

const pulledMin = ({ data }: StoredBake): string =>
  data.pulledAt === null
    ? 'in the oven'
    : withUnit(minutes(secondsInto(data, Date.parse(data.pulledAt))), 'min');

function BakeRow({ bake, here }: { readonly bake: StoredBake; readonly here: boolean }) {
  const { degrees, unit } = useTemperature();
  const { data } = bake;
  const result = data.result
    ? `${RESULT_MARKS[data.result]} ${RESULT_NAMES[data.result]}`
    : 'Not judged';
  const faults = data.faults.length > 0 ? `: ${data.faults.join(', ')}` : '';
  return (
    <PlaceLink
      to={data.pulledAt === null ? `/bake/${bake.id}` : `/log/${bake.id}`}
      here={here}
      testID={`bake-${bake.id}`}
      className={`min-h-16 flex-row items-center gap-3 rounded border bg-sheet p-3 ${here ? 'border-ink' : 'border-line'}`}
    >
      <Moon
        state={lastMoon(bake)}
        shell={data.shell !== 'none'}
        size={40}
        label={lastMoon(bake) ? 'As it was at the last wobble check' : 'No wobble noted'}
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
  const { data, isError, refetch } = useBakesQuery({
    kitchenId: book.kitchen.id,
    ...(wanted ? { text: wanted } : {}),
    ...(formulaId ? { formulaId } : {}),
    ...(vesselId ? { vesselId } : {}),
  });
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
      {data?.length === 0 ? (
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
        {data?.map((bake) => (
          <View key={bake.id} role="listitem">
            <BakeRow bake={bake} here={bake.id === openId} />
          </View>
        ))}
      </View>
    </View>
  );
}

/** One bake: what was foreseen and what was done, on the same axes. */
function BakeRecord({ bake }: { readonly bake: StoredBake }) {
  const { degrees, unit } = useTemperature();
  const { data } = bake;
  const { window, setC, curdleC, pullS, curve } = data.foreseen;
  const pulledS = data.pulledAt === null ? undefined : secondsInto(data, Date.parse(data.pulledAt));
  const column = (index: 1 | 2 | 3) => curve.map((point) => [point[0], point[index]] as const);
  const readings = data.readings.filter((each) => each.place === 'centre');
  const lastReading = readings[readings.length - 1];
  const lastWobble = data.wobbles[data.wobbles.length - 1];
  const table: [string, string, string][] = [
    [
      'Pulled at',
      window ? `${spanOfMinutes(window.earliest.timeS, window.latest.timeS)} min` : 'no window',
      pulledS === undefined ? '–' : `${minutes(pulledS)} min`,
    ],
    [
      'Probe at the pull',
      window ? `${degrees(window.best.probeC)} ${unit}` : '–',
      lastReading ? `${degrees(lastReading.celsius)} ${unit}` : 'not read',
    ],
    [
      'Wobble',
      window ? `${centimetres(window.best.wobbleMm)} cm` : '–',
      lastWobble
        ? `${centimetres(lastWobble.diameterMm)} cm, ${lastWobble.motion}`
        : 'not looked at',
    ],
  ];
  return (
    <View className="gap-4" testID="bake-record">
      <View>
        <Title>{data.formulaName}</Title>
        <Soft>{format(new Date(data.startedAt), 'EEEE d MMMM yyyy, HH:mm')}</Soft>
      </View>
      <Sheet>
        <View className="flex-row items-center gap-4">
          <Moon
            state={lastMoon(bake)}
            shell={data.shell !== 'none'}
            size={84}
            label="As it was at the last wobble check"
          />
          <View className="min-w-0 flex-1 gap-1">
            <Read className="font-read-strong text-title" testID="record-result">
              {data.result
                ? `${RESULT_MARKS[data.result]} ${RESULT_NAMES[data.result]}`
                : 'Not judged'}
            </Read>
            {data.faults.length > 0 ? <Read>{data.faults.join(', ')}</Read> : null}
            {data.note ? <Read testID="record-note">{data.note}</Read> : null}
          </View>
        </View>
        <View className="flex-row flex-wrap gap-x-6 gap-y-2">
          <Labelled label="Tin">
            <Read>{`${data.vesselCount} × ${data.vesselName}`}</Read>
          </Labelled>
          <Labelled label="Oven">
            <Read>{`${data.ovenName}, ${degrees(data.setC)} ${unit}`}</Read>
          </Labelled>
          <Labelled label="Poured at">
            <Read>{`${degrees(data.fillingStartC)} ${unit}`}</Read>
          </Labelled>
        </View>
      </Sheet>
      <Sheet title="Foreseen and done">
        <View role="table" aria-label="Foreseen and done" className="gap-1">
          <View role="row" className="flex-row">
            <Text role="columnheader" className="flex-1 font-read text-small text-ink-soft">
              {' '}
            </Text>
            <Text role="columnheader" className="flex-1 font-read text-small text-ink-soft">
              Foreseen
            </Text>
            <Text role="columnheader" className="flex-1 font-read text-small text-ink-soft">
              Done
            </Text>
          </View>
          {table.map(([label, foreseen, done]) => (
            <View key={label} role="row" className="flex-row border-t border-line py-2">
              <Text role="cell" className="flex-1 font-read text-base text-ink">
                {label}
              </Text>
              <Text role="cell" className="flex-1 font-figures text-base text-ink">
                {foreseen}
              </Text>
              <Text role="cell" className="flex-1 font-figures text-base text-ink">
                {done}
              </Text>
            </View>
          ))}
        </View>
        <Curves
          rim={column(1)}
          halfRadius={column(2)}
          centre={column(3)}
          setC={setC}
          curdleC={curdleC ?? undefined}
          window={
            window ? [window.earliest.timeS, window.best.timeS, window.latest.timeS] : undefined
          }
          pullS={pullS}
          readings={readings.map((each) => [each.atS, each.celsius] as const)}
          pulledS={pulledS}
          label="Foreseen temperatures and the readings taken, on the same axes"
        />
      </Sheet>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Open the formula"
          onPress={() => router.navigate(`/formulas/${data.formulaId}`)}
        />
        <Button label="Add to this record" onPress={() => router.navigate(`/bake/${bake.id}`)} />
      </View>
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
