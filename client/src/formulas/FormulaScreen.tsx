import { outlookInShort, say } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import { router, useLocalSearchParams } from 'expo-router';
import { memo, useCallback, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Button, Choice, Notice, Soft, Title, useWords } from '../design';
import { ForecastPanel, OutlookBar, planFor, useOutlook, type Outlook } from '../forecast';
import { Column, useTitle, useWide, WhenHere } from '../layout';
import { ShellPanel } from '../blind';
import type { Edit } from '../drafts/edits';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { Bench, SaveBar, saveBarOf } from '../bench/Bench';
import { FormulaList } from '../shelf/FormulaList';
import { isToBegin, StartSheet } from './StartSheet';
import { StaleNotice } from './StaleNotice';
import { useBeginBake, useBeginMaking } from './useBeginBake';
import { useFormulaDraft, type FormulaDraft } from '../drafts/useFormulaDraft';

type Side = 'bench' | 'forecast' | 'shell';

/** What a wide screen shows beside the list: the bench with the bake, or the bake with room. */
type Breadth = 'bench' | 'bake';

function OpenFormula({ id, book }: { readonly id: string; readonly book: KitchenBook }) {
  const bench = useFormulaDraft(id, book);
  const { data } = bench;
  if (!data) {
    return (
      <Column>
        <Notice
          kind="danger"
          actions={
            <Button label={say('formulas.all-formulas')} onPress={() => router.navigate('/')} />
          }
        >
          {say('formulas.this-formula-is-not-in-the')}
        </Notice>
      </Column>
    );
  }
  return <Workplace key={id} id={id} data={data} book={book} bench={bench} />;
}

/** Which formula, and which side of it a narrow screen shows. */
const Heading = memo(function Heading({
  name,
  side,
  shell,
  onSide,
}: {
  readonly name: string;
  readonly side: Side;
  /** Whether there is a shell to speak of. */
  readonly shell: boolean;
  readonly onSide: (side: Side) => void;
}) {
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      <View className="min-w-40 flex-1">
        <Title>{name}</Title>
      </View>
      <Choice<Side>
        label={say('formulas.show')}
        hideLabel
        value={side}
        onChange={onSide}
        options={[
          { value: 'bench', label: say('formulas.bench') },
          ...(shell ? [{ value: 'shell', label: say('formulas.shell') } as const] : []),
          { value: 'forecast', label: say('formulas.forecast') },
        ]}
      />
    </View>
  );
});

/** What every layout of the place is put together from. */
interface Parts {
  readonly id: string;
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly bench: FormulaDraft;
  readonly side: Side;
  readonly onSide: (side: Side) => void;
  /** Forecast or shell, whichever is shown; broad where it has the screen for itself. */
  readonly forecast: (broad?: boolean) => ReactNode;
  readonly shell: (broad?: boolean) => ReactNode;
  readonly stale: ReactNode;
  readonly foot: ReactNode;
  /** What a new formula begins with, in place of its bench; none once it has begun. */
  readonly start: ReactNode;
}

function Name({ data, book, bench }: Pick<Parts, 'data' | 'book' | 'bench'>) {
  return (
    <View className="gap-1">
      <Title>{data.name || say('formulas.unnamed')}</Title>
      {bench.draft ? null : <Soft>{book.kitchen.data.name}</Soft>}
    </View>
  );
}

/** What a wide screen shows beside the list: bake or shell, with the bench or with room. */
function Turns({
  data,
  side,
  onSide,
  breadth,
  onBreadth,
}: Pick<Parts, 'data' | 'side' | 'onSide'> & {
  readonly breadth: Breadth;
  readonly onBreadth: (breadth: Breadth) => void;
}) {
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      {data.shell !== 'none' ? (
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
      ) : (
        <View />
      )}
      <Button
        label={
          breadth === 'bench' ? say('formulas.give-it-room') : say('formulas.back-to-the-bench')
        }
        weight="quiet"
        testID="breadth"
        onPress={() => onBreadth(breadth === 'bench' ? 'bake' : 'bench')}
      />
    </View>
  );
}

/** List, bench and bake side by side, or the bake with room. */
function WideWorkplace(parts: Parts) {
  const { id, book, data, bench, side, stale, foot, forecast, shell } = parts;
  const [breadth, setBreadth] = useState<Breadth>('bench');
  const turns = <Turns {...parts} breadth={breadth} onBreadth={setBreadth} />;
  const head = <Name data={data} book={book} bench={bench} />;
  if (breadth === 'bake') {
    return (
      <View className="h-full">
        <View className="min-h-0 flex-1">
          <Column testID="forecast">
            {head}
            <SaveBar {...saveBarOf(bench)} />
            {stale}
            {turns}
            {side === 'shell' ? shell(true) : forecast(true)}
          </Column>
        </View>
        {foot}
      </View>
    );
  }
  return (
    <View className="h-full flex-row">
      <View className="w-72 border-r border-line">
        <Column>
          <FormulaList book={book} openId={id} />
        </Column>
      </View>
      <View className="min-w-0 flex-1">
        <Column testID="bench">
          {head}
          <SaveBar {...saveBarOf(bench)} />
          {stale}
          {parts.start ?? <Bench id={id} data={data} book={book} bench={bench} />}
        </Column>
      </View>
      <View className="min-w-0 flex-1 border-l border-line">
        <View className="min-h-0 flex-1">
          <Column testID="forecast">
            {turns}
            {side === 'shell' ? shell() : forecast()}
          </Column>
        </View>
        {foot}
      </View>
    </View>
  );
}

/** One side at a time. */
function NarrowWorkplace({
  id,
  data,
  book,
  bench,
  side,
  onSide,
  stale,
  foot,
  forecast,
  shell,
  start,
}: Parts) {
  const shown = {
    bench: () => <Bench id={id} data={data} book={book} bench={bench} />,
    shell,
    forecast,
  };
  return (
    <View className="h-full">
      <View className="gap-2 border-b border-line bg-sheet p-3">
        <Heading
          name={data.name || say('formulas.unnamed')}
          side={side}
          shell={data.shell !== 'none'}
          onSide={onSide}
        />
        {!start && (bench.draft || side === 'bench') ? <SaveBar {...saveBarOf(bench)} /> : null}
      </View>
      <View className="min-h-0 flex-1">
        <Column key={side} testID={side}>
          {stale}
          {start ?? shown[side]()}
        </Column>
      </View>
      {start ? null : foot}
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
  const forecast = (broad = false) => (
    <ForecastPanel data={data} book={book} outlook={outlook} onEdit={editAhead} wide={broad} />
  );
  const shell = (broad = false) => (
    <ShellPanel data={data} book={book} filled={outlook.forecast} onEdit={editAhead} wide={broad} />
  );
  const { draft } = bench;
  const stale =
    draft && bench.stale ? (
      <StaleNotice
        mine={draft.data}
        theirs={bench.stale.data as FormulaData}
        find={book.find}
        onMine={bench.keepMine}
        onTheirs={bench.discard}
      />
    ) : null;
  const foot = (
    <OutlookBar
      says={outlookInShort({ ...outlook, temperature })}
      bakes={outlook.bakes}
      forecast={outlook.forecast}
      shell={data.shell !== 'none'}
      mayBake={book.formulas.some((each) => each.id === id)}
      onBake={bake}
      onMake={make}
    />
  );
  const [begun, setBegun] = useState(false);
  const onSide = (next: Side) => {
    setBegun(true);
    setSide(next);
  };
  const start =
    !begun && isToBegin(data, draft?.version) ? (
      <StartSheet data={data} book={book} onEdit={editAhead} onDone={onSide} />
    ) : undefined;
  const parts = { id, data, book, bench, side, onSide, forecast, shell, stale, foot, start };
  return wide ? <WideWorkplace {...parts} /> : <NarrowWorkplace {...parts} />;
}

/** One formula: bench and forecast, side by side where there is room. */
export function FormulaScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <WhenHere loading={useKitchenBook()}>{(book) => <OpenFormula id={id} book={book} />}</WhenHere>
  );
}

/** The list alone; on a wide screen it leaves the bench to be chosen for. */
export function FormulasScreen() {
  useTitle(say('root.formulas'));
  const wide = useWide();
  return (
    <WhenHere loading={useKitchenBook()}>
      {(book) => (
        <Column className={wide ? 'max-w-2xl' : ''}>
          <FormulaList book={book} />
        </Column>
      )}
    </WhenHere>
  );
}
