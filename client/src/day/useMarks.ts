import type { MarkData } from '@hollow-moon/contract';
import { useMemo } from 'react';
import { useWrites } from '../outgoing/useWrites';
import type { Write } from '../outgoing/writes';
import { useMarksQuery } from '../wire/api';

/** Taps of a day as they will be when what is on its way has come into the book. */
function withUnderWay(
  marks: readonly MarkData[],
  writes: readonly Write[],
  dayId: string,
): readonly MarkData[] {
  const all = new Map(marks.map((mark) => [mark.id, mark]));
  for (const { thing, work, refused } of [...writes].sort((a, b) => a.order - b.order)) {
    if (thing !== dayId || refused || work.op === 'put' || work.kind !== 'marks') continue;
    if (work.op === 'note') all.set(work.entry.id, work.entry);
    else all.delete(work.entryId);
  }
  return [...all.values()].sort((a, b) => a.at.localeCompare(b.at));
}

/** What was tapped on the tasks of a day, by time; nothing until the book has been asked. */
export function useMarks(kitchenId: string, dayId: string): readonly MarkData[] | undefined {
  const { data } = useMarksQuery({ kitchenId, id: dayId });
  const writes = useWrites(({ thing, work }) => thing === dayId && work.kind === 'marks');
  return useMemo(
    () => data && withUnderWay(data, Object.values(writes), dayId),
    [data, writes, dayId],
  );
}
