import type { FormulaData } from '@hollow-moon/contract';
import {
  isFamily,
  PART_KINDS,
  PART_PLACES,
  type BuiltPart,
  type PartKind,
  type PartPlace,
} from '@hollow-moon/core';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import {
  Button,
  icons,
  Notice,
  NumberField,
  PlaceLink,
  Picker,
  Soft,
  TextField,
  Tick,
  useWords,
} from '../design';
import { say, type Words } from '@hollow-moon/words';
import type { KitchenBook } from '../book/book';
import { withPart, withShellOfPart } from '../drafts/drafts';
import { LineList } from './LineList';
import { leavesEnough } from '../drafts/newFormula';
import { asksForHowMany, ForHowMany, LeftOver } from './PartQuestions';
import { JudgedBySign } from './VerdictFold';
import type { Edit } from '../drafts/edits';

type Part = FormulaData['parts'][number];

const KINDS = PART_KINDS.map((value) => ({ value, label: say(`part.${value}`) }));
const PLACES = PART_PLACES.map((value) => ({ value, label: say(`part-place.${value}`) }));

/** How a component stands to what the tins want of it, in a line. */
function balanceOf({ part, wantedG, batchG, batches, leftG }: BuiltPart, { put }: Words): string {
  if (batchG <= 0) return say('bench.nothing-on-its-list-yet');
  const wanted = { grams: wantedG };
  if (part.formulaId !== null) {
    return put('bench.g-of-a-batch', { wanted, batches: batches.toFixed(2) });
  }
  if (Math.abs(leftG) < Math.max(2, 0.02 * wantedG)) return put('bench.g-all-used', { wanted });
  return leftG > 0
    ? put('bench.of-g-used', { wanted, batch: { grams: batchG } })
    : put('bench.g-short-the-tins-want', { short: { grams: -leftG }, wanted });
}

type Change = (field: string, next: Partial<Part>) => void;

/** How much a tin takes of it, and in how many tins it is. */
function HowMuchOfIt({
  part,
  vesselCount,
  change,
}: {
  readonly part: Part;
  readonly vesselCount: number;
  readonly change: Change;
}) {
  return (
    <View className="flex-row flex-wrap gap-3">
      <NumberField
        label={say('bench.a-tin-takes')}
        unit="g"
        mayBeEmpty
        value={part.eachG ?? Number.NaN}
        onChange={(eachG) => change('each', { eachG: Number.isNaN(eachG) ? null : eachG })}
        className="w-32"
        testID="part-each"
      />
      <NumberField
        label={say('bench.in-how-many-of', { vesselCount: vesselCount })}
        mayBeEmpty
        value={part.vessels ?? Number.NaN}
        onChange={(vessels) =>
          change('vessels', {
            vessels: Number.isInteger(vessels) && vessels > 0 ? vessels : null,
          })
        }
        className="w-36"
        testID="part-vessels"
      />
    </View>
  );
}

/** What kind of thing it is, where it goes and from where it comes. */
function PartFields({
  part,
  data,
  book,
  ownId,
  change,
}: {
  readonly part: Part;
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly ownId: string;
  readonly change: Change;
}) {
  const sources = book.formulas.filter(({ id, data }) => id !== ownId && !data.archived);
  return (
    <>
      <TextField
        label={say('bench.called')}
        value={part.name}
        onChange={(name) => change('name', { name })}
        problem={part.name.trim() === '' ? say('bench.give-it-a-name') : undefined}
        testID={`part-name`}
      />
      <View className="flex-row flex-wrap gap-3">
        <View className="min-w-48 flex-1">
          <Picker
            label={say('bench.it-is')}
            value={part.kind}
            options={KINDS}
            onChange={(kind) => change('kind', { kind: kind as PartKind })}
            testID="part-kind"
          />
        </View>
        <View className="min-w-40 flex-1">
          <Picker
            label={say('bench.it-goes')}
            value={part.place}
            options={PLACES}
            onChange={(place) => change('place', { place: place as PartPlace })}
            testID="part-place"
          />
        </View>
      </View>
      {part.place === 'over' || (part.place === 'under' && isFamily(part.kind)) ? (
        <Tick
          label={
            part.place === 'over'
              ? say('bench.in-the-oven-with-the-filling')
              : say('bench.goes-in-raw')
          }
          ticked={part.bakesAlong}
          onChange={(bakesAlong) => change('bakesAlong', { bakesAlong })}
          testID="part-bakes-along"
        />
      ) : null}
      <Picker
        label={say('bench.made-from')}
        value={part.formulaId ?? ''}
        options={[
          { value: '', label: say('bench.its-own-list') },
          ...sources.map(({ id, data }) => ({ value: id, label: data.name })),
        ]}
        onChange={(id) => change('from', { formulaId: id === '' ? null : id })}
        testID="part-from"
      />
      <HowMuchOfIt part={part} vesselCount={data.vesselCount} change={change} />
      <Soft>{say('bench.left-empty-as-much-as-there')}</Soft>
    </>
  );
}

/** What it is in a line, and how it stands. */
function PartHeading({
  built,
  index,
  open,
  onOpen,
}: {
  readonly built: BuiltPart;
  readonly index: number;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
}) {
  const words = useWords();
  const { part, verdict } = built;
  const warnings = verdict.kind === 'not-judged' ? [] : verdict.warnings;
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      onPress={() => onOpen(!open)}
      testID={`open-part-${index}`}
      className="min-h-12 flex-row items-center gap-3 active:opacity-70"
    >
      <View className="min-w-0 flex-1">
        <Text className="font-read-strong text-base text-ink">
          {part.name || say('bench.unnamed')}
        </Text>
        <Soft>{`${say(`part-place.${part.place}`)} · ${say(`part.${part.kind}`)} · ${balanceOf(built, words)}`}</Soft>
      </View>
      {warnings.length > 0 ? (
        <Text className="font-read text-small text-scorch">{`! ${warnings.length}`}</Text>
      ) : null}
      <Text aria-hidden className="font-figures text-lead text-ink-soft">
        {open ? '−' : '+'}
      </Text>
    </Pressable>
  );
}

/** Its own list, or the way to the formula it is made from. */
function PartLines({
  built,
  index,
  book,
  problemAt,
  change,
  onEdit,
}: {
  readonly built: BuiltPart;
  readonly index: number;
  readonly book: KitchenBook;
  readonly problemAt: (path: string) => string | undefined;
  readonly change: Change;
  readonly onEdit: Edit;
}) {
  const { part, analysis } = built;
  return (
    <>
      {part.formulaId === null ? (
        <>
          <LineList
            analysis={analysis}
            book={book}
            prefix={`${index}.`}
            problemAt={problemAt}
            onEdit={onEdit}
            onLines={(how, lines) =>
              change(how, { lines: [...part.lines, ...lines] as Part['lines'] })
            }
          />
        </>
      ) : (
        <PlaceLink
          to={`/formulas/${part.formulaId}`}
          label={say('bench.open', { name: book.formulaOf(part.formulaId)?.name ?? 'it' })}
          className="min-h-12 justify-center self-start"
        >
          <Text className="font-read-strong text-base text-water">
            {say('bench.open', { name: book.formulaOf(part.formulaId)?.name ?? 'it' })}
          </Text>
        </PlaceLink>
      )}
    </>
  );
}

/** Moves it among its like, or takes it off. */
function MovePart({
  partId,
  index,
  data,
  onEdit,
}: {
  readonly partId: string;
  readonly index: number;
  readonly data: FormulaData;
  readonly onEdit: Edit;
}) {
  const move = (by: -1 | 1) => {
    const parts = [...data.parts];
    const [taken] = parts.splice(index, 1);
    parts.splice(index + by, 0, taken!);
    onEdit(`${partId}/move`, (data) => ({ ...data, parts }));
  };
  return (
    <View className="flex-row flex-wrap gap-2">
      <Button label={say('bench.lower')} onPress={() => move(-1)} disabled={index === 0} />
      <Button
        label={say('bench.higher')}
        onPress={() => move(1)}
        disabled={index === data.parts.length - 1}
      />
      <Button
        label={say('bench.take-it-off')}
        icon={icons.remove}
        onPress={() =>
          onEdit(`${partId}/off`, (data) => ({
            ...data,
            parts: data.parts.filter((each) => each.id !== partId),
          }))
        }
        testID={`part-off-${index}`}
      />
    </View>
  );
}

/** One component: a line while it is shut, all of it when it is open. */
export function PartEditor({
  built,
  index,
  data,
  book,
  ownId,
  problemAt,
  onEdit,
}: {
  readonly built: BuiltPart;
  readonly index: number;
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly ownId: string;
  readonly problemAt: (path: string) => string | undefined;
  readonly onEdit: Edit;
}) {
  const { part, verdict } = built;
  const [open, setOpen] = useState(part.lines.length === 0 && part.formulaId === null);
  const change = (field: string, next: Partial<Part>) =>
    onEdit(`${part.id}/${field}`, (data) => withShellOfPart(withPart(data, part.id, next)));
  const at = (path: string) => problemAt(`parts.${index}.${path}`);
  return (
    <View className="gap-2 border-t border-line pt-2" testID={`part-${index}`}>
      <PartHeading built={built} index={index} open={open} onOpen={setOpen} />
      {asksForHowMany(built, data) ? (
        <ForHowMany built={built} vessels={data.vesselCount} change={change} />
      ) : null}
      {at('formulaId') ? <Notice kind="danger">{at('formulaId') ?? ''}</Notice> : null}
      {open ? (
        <View className="gap-3 pb-2">
          <PartFields
            part={data.parts[index]!}
            data={data}
            book={book}
            ownId={ownId}
            change={change}
          />
          <PartLines
            built={built}
            index={index}
            book={book}
            problemAt={at}
            change={change}
            onEdit={onEdit}
          />
          {verdict.kind === 'by-sign' || verdict.kind === 'made' ? (
            <JudgedBySign verdict={verdict} />
          ) : null}
          {leavesEnough(built) ? <LeftOver built={built} /> : null}
          <MovePart partId={part.id} index={index} data={data} onEdit={onEdit} />
        </View>
      ) : null}
    </View>
  );
}
