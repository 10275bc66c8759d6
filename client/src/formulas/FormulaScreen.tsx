import { outlookInShort, say } from '@hollow-moon/words';
import { foreseenFrom, type FormulaData } from '@hollow-moon/contract';
import { MODEL_VERSION, type Forecast } from '@hollow-moon/core';
import { router, useLocalSearchParams } from 'expo-router';
import { memo, useCallback, useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { beginBake } from '../bake/writing';
import { Button, Choice, Notice, Soft, Title, useWords } from '../design';
import { ForecastPanel, OutlookBar, useOutlook, planFor } from '../forecast';
import { Column, useWide, WhenHere } from '../layout';
import { ShellPanel } from '../blind';
import type { Edit } from '../drafts/edits';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { useAppDispatch } from '../state/state';
import { Bench, SaveBar, saveBarOf } from '../bench/Bench';
import { FormulaList } from '../shelf/FormulaList';
import { StaleNotice } from './StaleNotice';
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

function Workplace({
  id,
  data,
  book,
  bench,
}: {
  readonly id: string;
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly bench: FormulaDraft;
}) {
  const wide = useWide();
  const dispatch = useAppDispatch();
  const [wished, setSide] = useState<Side>('forecast');
  const hasShell = data.shell !== 'none';
  // A formula whose shell is taken away has no side for it.
  const side = wished === 'shell' && !hasShell ? 'forecast' : wished;
  const [breadth, setBreadth] = useState<Breadth>('bench');
  const outlook = useOutlook(data, book, 'bench', 'now');
  const temperature = useWords();
  const { edit, draft } = bench;
  // Read when it is pressed, so that the bar below is not drawn again for each letter typed.
  const { settled, plan } = outlook;
  const latest = useRef({ data, settled, plan });
  useEffect(() => {
    latest.current = { data, settled, plan };
  }, [data, settled, plan]);
  // Pressed while the answer is still a draft: begun as soon as the full one is there.
  const wanted = useRef(false);
  const bake = useCallback(
    (forecast: Forecast) => {
      const { data, settled, plan } = latest.current;
      wanted.current = !settled;
      if (!settled) return;
      const vessel = book.vessels.find((each) => each.id === data.vesselId);
      const oven = book.ovens.find((each) => each.id === data.ovenId);
      const stored = book.formulas.find((each) => each.id === id);
      if (!vessel || !oven || !stored || !plan) return;
      const bakeId = uuid();
      dispatch(
        beginBake(bakeId, book.kitchen.id, {
          formulaId: id,
          vesselId: vessel.id,
          ovenId: oven.id,
          formulaName: data.name.trim() || say('formulas.unnamed'),
          vesselName: vessel.data.name,
          ovenName: oven.data.name,
          vesselCount: data.vesselCount,
          shell: data.shell,
          setC: data.setC,
          fillingStartC: data.fillingStartC,
          surfaceMm: Math.round(forecast.field.fill.topRadiusM * 2000),
          foreseen: foreseenFrom(forecast, data.ovenUse),
          planned: { plan, formulaVersion: stored.version, modelVersion: MODEL_VERSION },
          startedAt: new Date().toISOString(),
          pulledAt: null,
          result: null,
          faults: [],
          note: '',
          archived: false,
        }),
      );
      router.navigate(`/bake/${bakeId}`);
    },
    [book, dispatch, id],
  );
  useEffect(() => {
    if (wanted.current && settled && outlook.forecast) bake(outlook.forecast);
  }, [bake, settled, outlook.forecast]);
  const { ahead, tried } = outlook;
  const editAhead = useCallback<Edit>(
    (field, change) =>
      edit(field, (data) => {
        const next = change(data);
        const wish = planFor(next, book, tried);
        if ('plan' in wish) ahead(wish.plan);
        return next;
      }),
    [ahead, book, edit, tried],
  );
  const forecast = (broad = false) => (
    <ForecastPanel data={data} book={book} outlook={outlook} onEdit={editAhead} wide={broad} />
  );
  const shell = (broad = false) => (
    <ShellPanel data={data} book={book} filled={outlook.forecast} onEdit={editAhead} wide={broad} />
  );
  const foot = (
    <OutlookBar
      says={outlookInShort({ ...outlook, temperature })}
      bakes={outlook.bakes}
      forecast={outlook.forecast}
      shell={data.shell !== 'none'}
      mayBake={book.formulas.some((each) => each.id === id)}
      onBake={bake}
    />
  );
  const stale =
    draft && bench.stale ? (
      <StaleNotice
        mine={draft.data}
        theirs={bench.stale.data as FormulaData}
        onMine={bench.keepMine}
        onTheirs={bench.discard}
      />
    ) : null;
  const list = <Bench id={id} data={data} book={book} bench={bench} />;
  const head = (
    <View className="gap-1">
      <Title>{data.name || say('formulas.unnamed')}</Title>
      {draft ? null : <Soft>{book.kitchen.data.name}</Soft>}
    </View>
  );
  if (wide) {
    const turns = (
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        {hasShell ? (
          <Choice<'shell' | 'forecast'>
            label={say('formulas.forecast-of')}
            hideLabel
            value={side === 'shell' ? 'shell' : 'forecast'}
            onChange={setSide}
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
          onPress={() => setBreadth(breadth === 'bench' ? 'bake' : 'bench')}
        />
      </View>
    );
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
            {list}
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
  return (
    <View className="h-full">
      <View className="gap-2 border-b border-line bg-sheet p-3">
        <Heading name={data.name || 'Unnamed'} side={side} shell={hasShell} onSide={setSide} />
        {draft || side === 'bench' ? <SaveBar {...saveBarOf(bench)} /> : null}
      </View>
      <View className="min-h-0 flex-1">
        <Column testID={side}>
          {stale}
          {side === 'bench' ? list : side === 'shell' ? shell() : forecast()}
        </Column>
      </View>
      {foot}
    </View>
  );
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
