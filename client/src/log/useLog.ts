import type { BakeSummary } from '@hollow-moon/contract';
import { isSameDay, startOfMonth } from 'date-fns';
import { useDeferredValue, useEffect, useState } from 'react';
import type { KitchenBook } from '../book/book';
import { useLogInfiniteQuery } from '../wire/api';

/** What bakes are looked for by; an empty one is not. */
export interface Sought {
  readonly text: string;
  readonly formulaId: string;
  readonly vesselId: string;
}

const NOTHING_SOUGHT: Sought = { text: '', formulaId: '', vesselId: '' };

/** The log as it is looked for, month by month, on a day. */
export function useLog(book: KitchenBook) {
  const [sought, setSought] = useState(NOTHING_SOUGHT);
  const [month, setMonth] = useState<Date>();
  const [day, setDay] = useState<Date>();
  const { formulaId, vesselId } = sought;
  const wanted = useDeferredValue(sought.text.trim());
  const { data, isError, refetch, hasNextPage, isFetchingNextPage, fetchNextPage } =
    useLogInfiniteQuery({
      kitchenId: book.kitchen.id,
      ...(wanted ? { text: wanted } : {}),
      ...(formulaId ? { formulaId } : {}),
      ...(vesselId ? { vesselId } : {}),
    });
  const all = data?.pages.flatMap((page) => page.bakes);
  const began = (bake: BakeSummary | undefined) => bake && new Date(bake.data.startedAt);
  const oldest = began(all?.at(-1));
  const shown = startOfMonth(month ?? began(all?.[0]) ?? new Date());
  // A month that is not all here yet is asked for while it is looked at.
  const wantsMore = hasNextPage && oldest !== undefined && oldest >= shown;
  useEffect(() => {
    if (wantsMore && !isFetchingNextPage) void fetchNextPage();
  }, [wantsMore, isFetchingNextPage, fetchNextPage]);
  return {
    sought,
    setSought,
    searching: wanted !== '' || formulaId !== '' || vesselId !== '',
    clear: () => {
      setSought(NOTHING_SOUGHT);
      setDay(undefined);
    },
    all,
    bakes: day ? all?.filter((each) => isSameDay(new Date(each.data.startedAt), day)) : all,
    isError,
    again: () => void refetch(),
    older: hasNextPage && !day ? () => void fetchNextPage() : undefined,
    fetching: isFetchingNextPage,
    month: shown,
    setMonth: (next: Date) => {
      setMonth(next);
      setDay(undefined);
    },
    day,
    setDay,
  };
}

export type Log = ReturnType<typeof useLog>;
