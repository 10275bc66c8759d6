import { whyItStaysLiquid } from '@hollow-moon/core';
import { outlookInShort, say } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import { router, useLocalSearchParams } from 'expo-router';
import { useCallback, useState, type ComponentProps, type ReactNode } from 'react';
import { View } from 'react-native';
import { Button, Choice, SkipLink, Title, useWords } from '../design';
import {
  FormulaFoot,
  ForecastPanel,
  OutlookBar,
  planFor,
  useOutlook,
  type Outlook,
  type Side,
} from '../forecast';
import { Column, Head, Hollow, useLow, useTitle, useWide, WhenHere } from '../layout';
import { ShellPanel } from '../blind';
import type { Edit } from '../drafts/edits';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { Bench } from '../bench/Bench';
import { SaveBar, saveBarOf, SaveNotes, saveNotesOf } from '../bench/SaveBar';
import { FormulaList } from '../shelf/FormulaList';
import { FormulaRail } from '../shelf/FormulaRail';
import { isToBegin, StartSheet } from './StartSheet';
import { StaleNotice } from './StaleNotice';
import { useBeginBake, useBeginMaking } from './useBeginBake';
import { useFormulaDraft, type FormulaDraft } from '../drafts/useFormulaDraft';

function OpenFormula({ id, book }: { readonly id: string; readonly book: KitchenBook }) {
  const bench = useFormulaDraft(id, book);
  const { data } = bench;
  if (!data) {
    return (
      <Column>
        <Hollow alone kind="trouble" says={say('formulas.this-formula-is-not-in-the')}>
          <Button
            label={say('formulas.all-formulas')}
            weight="main"
            onPress={() => router.navigate('/')}
          />
        </Hollow>
      </Column>
    );
  }
  return <Workplace key={id} id={id} data={data} book={book} bench={bench} />;
}

/** What every layout of the place is put together from. */
interface Parts {
  readonly id: string;
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly bench: FormulaDraft;
  readonly side: Side;
  readonly onSide: (side: Side) => void;
  /** Forecast and shell, with their parts side by side where there is room. */
  readonly forecast: (wide: boolean) => ReactNode;
  readonly shell: (wide: boolean) => ReactNode;
  readonly stale: ReactNode;
  readonly outlook: ComponentProps<typeof OutlookBar>;
  /** What a new formula begins with, in place of its bench; none once it has begun. */
  readonly start: ReactNode;
}

/** Bake or shell, beside the bench. */
function Turns({ side, onSide }: Pick<Parts, 'side' | 'onSide'>) {
  return (
    <Choice<'shell' | 'forecast'>
      label={say('formulas.forecast-of')}
      hideLabel
      value={side === 'shell' ? 'shell' : 'forecast'}
      onChange={onSide}
      options={[
        { value: 'forecast', label: say('formulas.the-bake') },
        { value: 'shell', label: say('formulas.the-shell') },
      ]}
    />
  );
}

/** A rail of moons, the list with its build, and the instrument with its controls: one table. */
function WideWorkplace(parts: Parts) {
  const { id, book, data, bench, side, stale, outlook, forecast, shell } = parts;
  return (
    <View className="h-full flex-row">
      <SkipLink to="open-line-0" label={say('formulas.skip-to-list')} />
      <SkipLink to="scrubber" label={say('formulas.skip-to-forecast')} />
      <View className="w-28 border-r border-line bg-sheet">
        <FormulaRail book={book} openId={id} />
      </View>
      <View className="w-[26rem] border-r border-line">
        <View className="min-h-14 flex-row items-center justify-between gap-2 border-b border-line bg-sheet pl-4 pr-2">
          <View className="min-w-0 flex-1">
            <Title>{data.name || say('formulas.unnamed')}</Title>
          </View>
          <SaveBar {...saveBarOf(bench)} />
        </View>
        <View className="min-h-0 flex-1">
          <Column testID="bench">
            <SaveNotes {...saveNotesOf(bench)} />
            {stale}
            {parts.start ?? <Bench id={id} data={data} book={book} bench={bench} />}
          </Column>
        </View>
      </View>
      <View className="min-w-0 flex-1">
        <View className="min-h-14 flex-row items-center gap-4 border-b border-line bg-sheet px-4">
          {data.shell !== 'none' ? <Turns {...parts} /> : null}
          <OutlookBar {...outlook} />
        </View>
        <View className="min-h-0 flex-1">
          <Column key={side === 'shell' ? 'shell' : 'bake'} testID="forecast">
            {side === 'shell' ? shell(true) : forecast(true)}
          </Column>
        </View>
      </View>
    </View>
  );
}

/** Which formula it is, the way back, and on its bench undo, redo and save. */
function NarrowHead({ data, bench, side, start }: Parts) {
  return (
    <Head name={data.name || say('formulas.unnamed')} back={say('formulas.all-formulas')}>
      {!start && (bench.draft || side === 'bench') ? <SaveBar {...saveBarOf(bench)} /> : null}
    </Head>
  );
}

/** One side at a time; its sides and the next thing to do at the foot. On a low screen the head scrolls away. */
function NarrowWorkplace(parts: Parts) {
  const { id, data, book, bench, side, onSide, stale, outlook, forecast, shell, start } = parts;
  const low = useLow();
  const shown = {
    bench: () => <Bench id={id} data={data} book={book} bench={bench} />,
    shell: () => shell(false),
    forecast: () => forecast(false),
  };
  const head = <NarrowHead {...parts} />;
  return (
    <View className="h-full">
      {low ? null : head}
      <View className="min-h-0 flex-1">
        <Column key={side} testID={side}>
          {low ? head : null}
          {side === 'bench' || bench.refused ? <SaveNotes {...saveNotesOf(bench)} /> : null}
          {stale}
          {start ?? shown[side]()}
        </Column>
      </View>
      <FormulaFoot {...outlook} side={side} onSide={onSide} />
    </View>
  );
}

/** Works a plan out while the bench that changes it is still being drawn. */
function useEditAhead(edit: Edit, book: KitchenBook, outlook: Outlook): Edit {
  const { ahead, tried } = outlook;
  return useCallback<Edit>(
    (field, change) =>
      edit(field, (data) => {
        const next = change(data);
        const wish = planFor(next, book, tried);
        if ('plan' in wish) ahead(wish.plan);
        return next;
      }),
    [ahead, book, edit, tried],
  );
}

function Workplace({ id, data, book, bench }: Pick<Parts, 'id' | 'data' | 'book' | 'bench'>) {
  const wide = useWide();
  useTitle(data.name || say('formulas.unnamed'));
  const [wished, setSide] = useState<Side>('forecast');
  // A formula whose shell is taken away has no side for it.
  const side = wished === 'shell' && data.shell === 'none' ? 'forecast' : wished;
  const outlook = useOutlook(data, book, 'bench', 'now');
  const temperature = useWords();
  const bake = useBeginBake(id, data, book, outlook);
  const make = useBeginMaking(id, data, book);
  const editAhead = useEditAhead(bench.edit, book, outlook);
  const forecast = (wide: boolean) => (
    <ForecastPanel
      data={data}
      book={book}
      outlook={outlook}
      onEdit={editAhead}
      wide={wide}
      {...(wide ? {} : { onBench: () => setSide('bench') })}
    />
  );
  const shell = (wide: boolean) => (
    <ShellPanel data={data} book={book} filled={outlook.forecast} onEdit={editAhead} wide={wide} />
  );
  const { draft } = bench;
  const stale =
    draft && bench.stale ? (
      <StaleNotice
        mine={draft.data}
        theirs={bench.stale.data as FormulaData}
        book={book}
        onMine={bench.keepMine}
        onTheirs={bench.discard}
      />
    ) : null;
  const bar = {
    says: outlookInShort({ ...outlook, temperature }),
    bakes: outlook.bakes,
    forecast: outlook.forecast,
    toTheList:
      outlook.judged.kind === 'not-judged' || whyItStaysLiquid(outlook.judged) !== undefined,
    shell: data.shell !== 'none',
    mayBake: book.formulas.some((each) => each.id === id),
    onBake: bake,
    onMake: make,
  };
  const [begun, setBegun] = useState(false);
  const onSide = (next: Side) => {
    setBegun(true);
    setSide(next);
  };
  const start =
    !begun && isToBegin(data, draft?.version) ? (
      <StartSheet data={data} book={book} onEdit={editAhead} onDone={onSide} />
    ) : undefined;
  const parts = {
    id,
    data,
    book,
    bench,
    side,
    onSide,
    forecast,
    shell,
    stale,
    outlook: bar,
    start,
  };
  return wide ? <WideWorkplace {...parts} /> : <NarrowWorkplace {...parts} />;
}

/** One formula: bench and forecast, side by side where there is room. */
export function FormulaScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <WhenHere loading={useKitchenBook()}>{(book) => <OpenFormula id={id} book={book} />}</WhenHere>
  );
}

/** The shelf. */
export function FormulasScreen() {
  useTitle(say('root.formulas'));
  return (
    <WhenHere loading={useKitchenBook()}>
      {(book) => (
        <Column>
          <FormulaList book={book} />
        </Column>
      )}
    </WhenHere>
  );
}
