import { say } from '@hollow-moon/words';
import type { FormulaData, FormulaVersion } from '@hollow-moon/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, Fold, PlaceLink, Picker, Read, Soft, useWords } from '../design';
import { useLogInfiniteQuery, useVersionsQuery } from '../wire/api';
import type { KitchenBook } from '../book/book';
import { compared, type ComparedRow } from './changes';
import type { Edit } from '../drafts/edits';

const day = (iso: string): string =>
  new Date(iso).toLocaleDateString(undefined, { day: 'numeric', month: 'short', year: 'numeric' });

/** Rows of two formulas side by side. What differs is told by weight and a sign, not by colour alone. */
const Rows = ({ rows }: { readonly rows: readonly ComparedRow[] }) => (
  <View role="list">
    {rows.map(({ what, before, after, differs }) => (
      <View key={what} role="listitem" className="gap-x-3 border-b border-line py-1">
        <Soft>{`${differs ? '≠ ' : ''}${what}`}</Soft>
        <View className="flex-row gap-3">
          <Read className={`flex-1 ${differs ? 'font-read-strong' : ''}`}>{before}</Read>
          <Read className={`flex-1 ${differs ? 'font-read-strong' : ''}`}>{after}</Read>
        </View>
      </View>
    ))}
  </View>
);

/** When it was last baked, at what, in which tin, and how it came out. */
function LastTime({ id, book }: { readonly id: string; readonly book: KitchenBook }) {
  const { data } = useLogInfiniteQuery({ kitchenId: book.kitchen.id, formulaId: id });
  const { put } = useWords();
  const last = data?.pages[0]?.bakes[0];
  if (!last) return <Soft>{say('bench.not-baked-yet')}</Soft>;
  const { setC, vesselName, ovenName, result, startedAt } = last.data;
  return (
    <PlaceLink to={`/log/${last.id}`} className="min-h-12 justify-center" testID="last-time">
      <Read className="text-water">
        {put('bench.last-time-in', {
          day: day(startedAt),
          set: { ovenC: setC },
          ovenName: ovenName.toLowerCase(),
          vesselName: vesselName.toLowerCase(),
          more: result ? `. ${say(`result.${result}`)}` : '',
        })}
      </Read>
    </PlaceLink>
  );
}

const ON_BENCH = 'bench';

/** Which two are compared. */
function ComparedPickers({
  options,
  left,
  right,
  onLeft,
  onRight,
}: {
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly left: string;
  readonly right: string;
  readonly onLeft: (version: string) => void;
  readonly onRight: (version: string) => void;
}) {
  return (
    <View className="flex-row flex-wrap gap-3">
      <View className="min-w-40 flex-1">
        <Picker
          label={say('bench.compare')}
          value={left}
          options={options}
          onChange={onLeft}
          testID="compare-left"
        />
      </View>
      <View className="min-w-40 flex-1">
        <Picker
          label={say('bench.compare-with')}
          value={right}
          options={options}
          onChange={onRight}
          testID="compare-right"
        />
      </View>
    </View>
  );
}

/** Earlier versions, any two of them side by side, and the way back to one. */
function Past({
  id,
  data,
  book,
  versions,
  onEdit,
}: {
  readonly id: string;
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly versions: readonly FormulaVersion[];
  readonly onEdit: Edit;
}) {
  const words = useWords();
  const [left, setLeft] = useState(String(versions[1]?.version ?? versions[0]?.version ?? ''));
  const [right, setRight] = useState(ON_BENCH);
  const [all, setAll] = useState(false);
  const options = [
    { value: ON_BENCH, label: say('bench.on-the-bench-now') },
    ...versions.map(({ version, updatedAt, why }) => ({
      value: String(version),
      label: `${version}: ${day(updatedAt)}${why ? `, ${why}` : ''}`,
    })),
  ];
  const dataOf = (chosen: string): FormulaData =>
    versions.find(({ version }) => String(version) === chosen)?.data ?? data;
  const nameOf = (thing: string | null) =>
    [...book.vessels, ...book.ovens].find((each) => each.id === thing)?.data.name ??
    say('bench.none');
  const found = compared(dataOf(left), dataOf(right), {
    grade: book.kitchen.data.eggGrade,
    find: book.find,
    words,
    nameOf,
  });
  const rows = [...found.amounts, ...found.ratios, ...found.settings];
  const shown = all ? rows : rows.filter((row) => row.differs);
  return (
    <>
      <LastTime id={id} book={book} />
      {versions.length === 0 ? (
        <Soft>{say('bench.no-earlier-version-each-one-you')}</Soft>
      ) : (
        <>
          <ComparedPickers
            options={options}
            left={left}
            right={right}
            onLeft={setLeft}
            onRight={setRight}
          />
          {shown.length === 0 ? (
            <Read testID="no-difference">{say('bench.they-are-the-same')}</Read>
          ) : (
            <View testID="differences">
              <Rows rows={shown} />
            </View>
          )}
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={all ? say('bench.only-what-differs') : say('bench.all-of-it')}
              pressed={all}
              onPress={() => setAll(!all)}
            />
            {left === ON_BENCH ? null : (
              <Button
                label={say('bench.take-version-back', { left })}
                disabled={!rows.some((row) => row.differs)}
                onPress={() => onEdit('version', () => dataOf(left))}
                testID="take-back"
              />
            )}
          </View>
        </>
      )}
    </>
  );
}

/** What this formula was before, why it was changed, and what was used last time. */
export function VersionsFold({
  id,
  data,
  book,
  onEdit,
}: {
  readonly id: string;
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly onEdit: Edit;
}) {
  const { data: versions } = useVersionsQuery({ kitchenId: book.kitchen.id, id });
  const last = versions?.[0];
  return (
    <Fold
      title={say('bench.before')}
      summary={
        last
          ? say('bench.the-last-of', {
              length: versions.length,
              day: day(last.updatedAt),
              more2: last.why ? `: ${last.why}` : '',
            })
          : say('bench.versions-and-the-last-bake')
      }
      id="versions"
    >
      {() => (
        <Past
          key={versions?.length ?? 0}
          id={id}
          data={data}
          book={book}
          versions={versions ?? []}
          onEdit={onEdit}
        />
      )}
    </Fold>
  );
}
