import { minutes, outlookInShort, say, spanOfMinutes } from '@hollow-moon/words';
import type { Forecast } from '@hollow-moon/core';
import { memo } from 'react';
import { Text, View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { Figure, icons, PlaceLink, Soft, useWords } from '../design';
import { moonAtPull, useOutlook } from '../forecast';
import { Moon, moonInWords } from '../moon';
import type { ListedFormula } from './shelves';

/** The minute to pull at with its window, or in words why there is none. */
function VerdictLines({
  forecast,
  says,
  small,
}: {
  readonly forecast: Forecast | undefined;
  readonly says: string;
  readonly small: boolean;
}) {
  if (forecast?.verdict.kind === 'window') {
    const { earliest, best, latest } = forecast.verdict;
    return (
      <>
        <Figure value={minutes(best.timeS)} unit="min" size={small ? 'base' : 'title'} />
        {small ? null : <Soft>{spanOfMinutes(earliest.timeS, latest.timeS)}</Soft>}
      </>
    );
  }
  if (forecast) {
    return (
      <View className="items-center">
        {small ? null : <icons.alert size={18} className="text-scorch" aria-hidden />}
        <Text className="text-center font-read-strong text-small text-scorch">
          {small ? say('shelf.no-window') : says}
        </Text>
      </View>
    );
  }
  return small ? null : (
    <Soft className="text-center" numberOfLines={3}>
      {says}
    </Soft>
  );
}

/** One formula on the shelf: its moon at the best pull, the minute, and its name. */
export const FormulaTile = memo(function FormulaTile({
  id,
  data,
  changed,
  here,
  small = false,
  book,
}: ListedFormula & {
  readonly here: boolean;
  /** As on the rail of a wide screen: smaller, and without its window. */
  readonly small?: boolean;
  readonly book: KitchenBook;
}) {
  const outlook = useOutlook(data, book, `list/${id}`, 'list');
  const says = outlookInShort({ ...outlook, temperature: useWords() });
  const moon = moonAtPull(outlook.forecast);
  const lost = outlook.forecast?.verdict.kind === 'no-window';
  return (
    <PlaceLink
      to={`/formulas/${id}`}
      here={here}
      testID={`formula-${id}`}
      className={`h-full items-center gap-1 p-2 ${small ? '' : 'rounded'} ${here ? 'border-2 border-ink bg-ground' : lost ? 'border-2 border-dashed border-scorch' : 'border-2 border-transparent'}`}
    >
      <Moon
        {...moon}
        shell={data.shell !== 'none'}
        size={small ? 44 : 76}
        label={moonInWords(moon.state)}
      />
      <Text
        numberOfLines={3}
        className={`text-center font-read-strong text-ink ${small ? 'text-small' : 'text-base leading-5'}`}
      >
        {data.name || say('formulas.unnamed')}
      </Text>
      <View testID={`verdict-${id}`} className="items-center">
        <VerdictLines forecast={outlook.forecast} says={says} small={small} />
      </View>
      {changed ? <Soft>{say('shelf.not-kept-yet')}</Soft> : null}
    </PlaceLink>
  );
});
