import {
  isMassUnit,
  remarksOn,
  type Analysis,
  type Line,
  type Remark,
  type WeighedLine,
} from '@hollow-moon/core';
import { amountInWords, measureInWords, say, unitInWords } from '@hollow-moon/words';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Pressable, Text, View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { Button, focusOn, icons, Soft, useWords } from '../design';
import { newLine } from '../drafts/newFormula';
import { withLine, withLineMoved } from '../drafts/drafts';
import type { Edit } from '../drafts/edits';
import { LineEditor, Remarks } from './LineEditor';
import { QuickLine } from './QuickLine';

/** What is said of a line besides its amount: its note, what is kept back, what may stand in for it. */
function asideOf(
  { note, heldBack, instead, unit, ingredientId, written }: Line,
  book: KitchenBook,
): string[] {
  const other = instead && book.find(instead.ingredientId);
  return [
    note ?? '',
    heldBack
      ? say('bench.keep-back', {
          amount: Number(heldBack.toFixed(2)),
          unit: unitInWords(unit, book.find(ingredientId), heldBack),
        })
      : '',
    other
      ? say('bench.or', {
          measure: measureInWords(Number(instead.amount.toFixed(2)), instead.unit, other),
        })
      : '',
    written ? say('bench.written', { written }) : '',
  ].filter(Boolean);
}

/** An amount as it is written on the list. */
function writtenAmount(line: Line, book: KitchenBook): string {
  if (line.vague) return say(line.vague === 'unknown' ? 'bench.amount-asked' : 'bench.by-eye');
  return Number.isFinite(line.amount)
    ? `${amountInWords(line.amount, line.unit)}\u00a0${unitInWords(line.unit, book.find(line.ingredientId), Math.max(1, line.amount))}`
    : '–';
}

/** An amount as it is written, and what it weighs where that is not the same. */
function useFigures({ line, grams }: WeighedLine, book: KitchenBook) {
  const { quantity, units } = useWords();
  const written = writtenAmount(line, book);
  if (line.vague) return { written, weight: '' };
  const food = book.find(line.ingredientId);
  if (line.unit === 'g' && units.weights === 'g') return { written, weight: '' };
  // What is counted or measured is weighed beside; what is weighed is measured, for who measures.
  const volume = isMassUnit(line.unit) && food?.gramsPerMl ? { gramsPerMl: food.gramsPerMl } : {};
  return { written, weight: grams === undefined ? '?' : quantity({ grams, ...volume }) };
}

/** A line as it is read: name and amount, its share of the list as a bar behind; a tap opens it. */
function LineRow({
  weighed,
  share,
  testID,
  problem,
  book,
  open,
  onOpen,
}: {
  readonly weighed: WeighedLine;
  /** Of what the whole list weighs. */
  readonly share: number;
  readonly testID: string;
  readonly problem: string | undefined;
  readonly book: KitchenBook;
  readonly open: boolean;
  readonly onOpen: () => void;
}) {
  const { line } = weighed;
  const { written, weight } = useFigures(weighed, book);
  const aside = asideOf(line, book).join(' · ');
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      testID={`open-line-${testID}`}
      onPress={onOpen}
      className="min-h-12 flex-row items-center gap-3 px-4 active:opacity-70"
    >
      <View
        className="absolute bottom-1 left-0 top-1 bg-ground"
        style={{ width: `${Math.round(share * 1000) / 10}%` }}
      />
      <View className="min-w-0 flex-1">
        <Text numberOfLines={1} className="font-read text-base leading-5 text-ink">
          {book.find(line.ingredientId)?.name ?? say('bench.no-ingredient-yet')}
        </Text>
        {problem && !open ? (
          <View className="flex-row items-center gap-1">
            <icons.alert size={14} className="shrink-0 text-scorch" aria-hidden />
            <Text numberOfLines={1} className="font-read text-small text-scorch">
              {problem}
            </Text>
          </View>
        ) : aside ? (
          <Soft numberOfLines={1}>{aside}</Soft>
        ) : null}
      </View>
      <View className="items-end">
        <Text className="font-figures-strong text-base leading-5 text-ink">{written}</Text>
        {weight ? <Soft testID={`grams-${testID}`}>{`= ${weight}`}</Soft> : null}
      </View>
    </Pressable>
  );
}

interface ListProps {
  readonly analysis: Analysis;
  readonly book: KitchenBook;
  /** Tells the lists of several components apart. */
  readonly prefix?: string;
  readonly problemAt: (path: string) => string | undefined;
  readonly onEdit: Edit;
  /** Takes lines onto the end of the list. */
  readonly onLines: (how: 'quick' | 'add', lines: readonly Line[]) => void;
  /** Other ways to add to it. */
  readonly children?: ReactNode;
}

/** One line of the list, shut or open. */
function ListedLine({
  weighed,
  position,
  share,
  remarks,
  open,
  onOpen,
  onRemoved,
  book,
  prefix = '',
  problemAt,
  onEdit,
}: Omit<ListProps, 'analysis' | 'onLines' | 'children'> & {
  readonly weighed: WeighedLine;
  readonly position: number;
  readonly share: number;
  readonly remarks: readonly Remark[];
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly onRemoved: () => void;
}) {
  const { line } = weighed;
  const testID = `${prefix}${position}`;
  const problem = problemAt(`lines.${position}.amount`);
  const likely = (next: Partial<Line>) =>
    onEdit(`${line.id}/likely`, (data) => withLine(data, line.id, next));
  return (
    <View role="listitem" className="border-b border-line" testID={`line-${testID}`}>
      <LineRow
        weighed={weighed}
        share={share}
        testID={testID}
        problem={problem}
        book={book}
        open={open}
        onOpen={() => {
          onOpen(!open);
          if (!open) focusOn(`amount-${testID}`);
        }}
      />
      {open ? (
        <LineEditor
          weighed={weighed}
          name={say('bench.line', { position: position + 1 })}
          testID={testID}
          problem={problem}
          remarks={remarks}
          book={book}
          onDone={() => {
            onOpen(false);
            focusOn(`open-line-${testID}`);
          }}
          onRemoved={onRemoved}
          onEdit={onEdit}
        />
      ) : remarks.length > 0 ? (
        <View className="px-4 pb-2">
          <Remarks remarks={remarks} onLikely={likely} />
        </View>
      ) : null}
    </View>
  );
}

/** Dragging takes a package of its own, fetched when somebody wants another order. */
const SortLines = lazy(() => import('./SortLines'));

/** The list while it is put into another order. */
function SortedList({
  analysis,
  book,
  prefix = '',
  onEdit,
  onDone,
}: ListProps & { readonly onDone: () => void }) {
  const lines = analysis.lines.map(({ line }) => ({
    id: line.id,
    name: book.find(line.ingredientId)?.name ?? say('bench.no-ingredient-yet'),
    amount: writtenAmount(line, book),
  }));
  return (
    <>
      <Suspense fallback={<Soft>{say('bench.opening-the-order')}</Soft>}>
        <SortLines
          lines={lines}
          prefix={prefix}
          onMove={(id, by) => onEdit(`${id}/move`, (data) => withLineMoved(data, id, by))}
        />
      </Suspense>
      <Button
        label={say('bench.order-done')}
        weight="main"
        onPress={onDone}
        testID={`sorted-${prefix}`}
      />
    </>
  );
}

/** All the lines of one list as it would be written down; the one that is open is edited in its place. */
export function LineList(props: ListProps) {
  const { analysis, book, prefix = '', onLines } = props;
  const [openId, setOpenId] = useState<string>();
  const [sorting, setSorting] = useState(false);
  const remarks = remarksOn(analysis);
  const heaviest = Math.max(...analysis.lines.map(({ grams }) => grams ?? 0), 1e-9);
  const quick = prefix === '' ? 'quick' : `quick-${prefix.replace('.', '')}`;
  const add = () => {
    const line = newLine();
    setOpenId(line.id);
    onLines('add', [line]);
    focusOn(`ingredient-${prefix}${analysis.lines.length}`);
  };
  const removedAt = (position: number) => () => {
    const left = analysis.lines.length - 1;
    focusOn(left > 0 ? `open-line-${prefix}${Math.min(position, left - 1)}` : quick);
  };
  if (sorting) {
    const onDone = () => {
      setSorting(false);
      focusOn(`sort-${prefix}`);
    };
    return <SortedList {...props} onDone={onDone} />;
  }
  return (
    <>
      <View role="list" className="-mx-4">
        {analysis.lines.map((weighed, position) => (
          <ListedLine
            {...props}
            key={weighed.line.id}
            weighed={weighed}
            position={position}
            share={(weighed.grams ?? 0) / heaviest}
            remarks={remarks.filter(({ lineId }) => lineId === weighed.line.id)}
            open={openId === weighed.line.id}
            onOpen={(open) => setOpenId(open ? weighed.line.id : undefined)}
            onRemoved={removedAt(position)}
          />
        ))}
      </View>
      <QuickLine book={book} onLines={(lines) => onLines('quick', lines)} testID={quick} />
      <View className="flex-row flex-wrap gap-2">
        <Button label={say('bench.add-a-line')} icon={icons.add} onPress={add} />
        {props.children}
        {analysis.lines.length > 1 ? (
          <Button
            label={say('bench.reorder')}
            icon={icons.grip}
            iconOnly
            onPress={() => {
              setSorting(true);
              focusOn(`handle-sort-${prefix}0`);
            }}
            testID={`sort-${prefix}`}
          />
        ) : null}
      </View>
    </>
  );
}
