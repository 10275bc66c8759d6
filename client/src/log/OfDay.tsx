import type { BakeData } from '@hollow-moon/contract';
import { listed, say } from '@hollow-moon/words';
import { PlaceLink, Read, Soft } from '../design';
import { useDaysQuery, useMarksQuery } from '../wire/api';

/** The plan a bake was part of, and who put it in and took it out, as far as that was tapped. */
export function OfDay({
  kitchenId,
  bakeId,
  ofDay: { dayId, task },
}: {
  readonly kitchenId: string;
  readonly bakeId: string;
  readonly ofDay: NonNullable<BakeData['ofDay']>;
}) {
  const { data: days } = useDaysQuery(kitchenId);
  const { data: marks = [] } = useMarksQuery({ kitchenId, id: dayId });
  const day = days?.find(({ id }) => id === dayId)?.data;
  if (!day) return null;
  const whoHas = (kind: 'begun' | 'done'): string | undefined => {
    const mark = marks.findLast(
      (each) => each.task === task && each.bakeId === bakeId && each.kind === kind,
    );
    return day.people.find(({ id }) => id === mark?.by)?.name;
  };
  const [putIn, takenOut] = [whoHas('begun'), whoHas('done')];
  const who =
    putIn !== undefined && putIn === takenOut
      ? say('log.both-by', { who: putIn })
      : listed([
          ...(putIn === undefined ? [] : [say('log.put-in-by', { who: putIn })]),
          ...(takenOut === undefined ? [] : [say('log.taken-out-by', { who: takenOut })]),
        ]);
  return (
    <PlaceLink to={`/work/${dayId}`} testID="record-day" className="min-h-12 justify-center">
      <Read className="underline">{say('log.of-day', { day: day.name })}</Read>
      {who === '' ? null : <Soft>{who}</Soft>}
    </PlaceLink>
  );
}
