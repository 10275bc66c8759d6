import type { FormulaData, StoredFormula } from '@hollow-moon/contract';
import { FAMILY_NAMES, SHELL_NAMES, stillAt } from '@hollow-moon/core';
import { router } from 'expo-router';
import { memo } from 'react';
import { Text, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, icons, PlaceLink, Notice, Soft, Title } from '../design';
import { useOutlook } from '../forecast';
import { outlookInShort } from '../forecast/words';
import { Moon, moonInWords } from '../moon';
import type { KitchenBook } from '../store/kitchen';
import { useAppDispatch, useAppSelector } from '../store/store';
import { useTemperature } from '../store/useTemperature';
import { edited } from './drafts';
import { emptyFormula } from './newFormula';

/** What stands in the list for one formula: its moon at the best pull and its verdict in a line. */
const FormulaRow = memo(function FormulaRow({
  id,
  data,
  changed,
  here,
  book,
}: {
  readonly id: string;
  readonly data: FormulaData;
  readonly changed: boolean;
  readonly here: boolean;
  readonly book: KitchenBook;
}) {
  const outlook = useOutlook(data, book, `list/${id}`);
  const verdict = outlookInShort({ ...outlook, temperature: useTemperature() });
  const { forecast } = outlook;
  const state = forecast && stillAt(forecast, forecast.pullS).frame.rings;
  const vessel = book.vessels.find((each) => each.id === data.vesselId);
  return (
    <PlaceLink
      to={`/formulas/${id}`}
      here={here}
      label={`${data.name}. ${verdict}`}
      testID={`formula-${id}`}
      className={`min-h-16 flex-row items-center gap-3 rounded border bg-sheet p-3 ${here ? 'border-ink' : 'border-line'}`}
    >
      <Moon state={state} shell={data.shell !== 'none'} size={44} label={moonInWords(state)} />
      <View className="min-w-0 flex-1">
        <Text className="font-read-strong text-base text-ink">{data.name}</Text>
        <Text className="font-read text-base text-ink" testID={`verdict-${id}`}>
          {verdict}
        </Text>
        <Soft>
          {[
            FAMILY_NAMES[data.family],
            SHELL_NAMES[data.shell].toLowerCase(),
            vessel?.data.name ?? 'no tin yet',
          ]
            .concat(changed ? ['not kept yet'] : [])
            .join(' · ')}
        </Soft>
      </View>
    </PlaceLink>
  );
});

/** The kitchen's formulas, with those begun here and not yet kept. */
export const FormulaList = memo(function FormulaList({
  book,
  openId,
}: {
  readonly book: KitchenBook;
  readonly openId?: string;
}) {
  const dispatch = useAppDispatch();
  const drafts = useAppSelector((state) => state.drafts);
  const begin = () => {
    const id = uuid();
    dispatch(edited({ id, field: 'new', data: emptyFormula() }));
    router.navigate(`/formulas/${id}`);
  };
  const stored: readonly StoredFormula[] = book.formulas;
  const begun = Object.entries(drafts).filter(([id]) => !stored.some((each) => each.id === id));
  const rows = [
    ...begun.map(([id, draft]) => ({ id, data: draft.data, changed: true })),
    ...stored.map(({ id, data }) => ({
      id,
      data: drafts[id]?.data ?? data,
      changed: id in drafts,
    })),
  ];
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <View>
          <Title>Formulas</Title>
          <Soft>{book.kitchen.data.name}</Soft>
        </View>
        <Button label="New formula" icon={icons.add} onPress={begin} />
      </View>
      {rows.length === 0 ? (
        <Notice kind="hint" actions={<Button label="New formula" weight="main" onPress={begin} />}>
          No formulas yet. Begin with eggs, a liquid and sugar; the ratios and the verdict come as
          you type.
        </Notice>
      ) : (
        <View role="list" className="gap-2">
          {rows.map((row) => (
            <View key={row.id} role="listitem">
              <FormulaRow {...row} here={row.id === openId} book={book} />
            </View>
          ))}
        </View>
      )}
    </View>
  );
});
