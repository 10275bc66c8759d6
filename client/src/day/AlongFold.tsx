import { type StoredDay } from '@hollow-moon/contract';
import { toCalendar, toDayCsv, toDayFile, type DayRow } from '@hollow-moon/contract/planning';
import { bakesInWords, eventsInWords, peopleInWords, say } from '@hollow-moon/words';
import { format } from 'date-fns';
import { useState } from 'react';
import { Text, View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { Button, fileName, Fold, keepAsFile, Soft } from '../design';
import type { Planned } from './usePlan';
import { momentOf } from './when';

/** A moment as tables have it: in local time, as ISO 8601 writes it. */
const inTable = (date: string, minute: number): string =>
  format(momentOf(date, minute), "yyyy-MM-dd'T'HH:mm");

/** The rows of a plan, in order. */
export const rowsOf = (date: string, planned: Planned): DayRow[] =>
  planned.plan.placed.map(({ task, startMin, endMin, ovenId, people }) => {
    const job = planned.model.byId.get(task)!;
    const oven = planned.session.means.ovens.find(({ id }) => id === ovenId);
    return {
      start: inTable(date, startMin),
      end: inTable(date, endMin),
      task: say(`work.${job.task.verb}`),
      component: job.task.what,
      bake: bakesInWords(job, planned),
      tins: job.task.oven?.vessels ?? job.task.vessels,
      oven: oven?.name ?? '',
      settingC: job.task.oven ? Math.round(job.task.oven.setC) : '',
      people: peopleInWords(people, planned),
    };
  });

/** Where a calendar finds the day whenever it looks; the book has to be there then. */
function CalendarAddress({
  kitchenId,
  dayId,
}: {
  readonly kitchenId: string;
  readonly dayId: string;
}) {
  const address = `${globalThis.location.origin}/api/kitchens/${kitchenId}/days/${dayId}/calendar.ics`;
  const [copied, setCopied] = useState<'day.copied' | 'day.not-copied'>();
  const copy = () =>
    void navigator.clipboard.writeText(address).then(
      () => setCopied('day.copied'),
      () => setCopied('day.not-copied'),
    );
  return (
    <View className="gap-1">
      <Soft>{say('day.calendar-address')}</Soft>
      <Text
        selectable
        className="break-all font-read text-small text-ink"
        testID="calendar-address"
      >
        {address}
      </Text>
      {/* Browsers lend the clipboard only to pages they trust. */}
      {'clipboard' in navigator ? (
        <View className="flex-row items-center gap-2">
          <Button label={say('day.copy-address')} testID="copy-address" onPress={copy} />
          <View role="status">{copied ? <Soft>{say(copied)}</Soft> : null}</View>
        </View>
      ) : null}
    </View>
  );
}

/** The plan on paper, in a calendar, in a table, as a file. */
export function AlongFold({
  stored,
  planned,
  book,
}: {
  readonly stored: StoredDay;
  readonly planned: Planned | undefined;
  readonly book: KitchenBook;
}) {
  const { data } = stored;
  const name = `${data.name} ${data.date}`;
  const nothing = !planned || planned.plan.placed.length === 0;
  return (
    <Fold id="day-along" title={say('day.take-along')} summary={say('day.take-in-short')}>
      {() => (
        <>
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={say('day.print')}
              disabled={nothing}
              testID="print-day"
              onPress={() => globalThis.print()}
            />
            <Button
              label={say('day.calendar')}
              disabled={nothing}
              testID="save-ics"
              onPress={() =>
                keepAsFile(
                  fileName(name, 'ics'),
                  'text/calendar',
                  toCalendar(
                    stored,
                    eventsInWords(
                      planned!,
                      (bake) => data.wanted.find(({ id }) => id === bake)?.forWhom,
                    ),
                    new Date(),
                  ),
                )
              }
            />
            <Button
              label={say('day.table')}
              disabled={nothing}
              testID="save-day-csv"
              onPress={() =>
                keepAsFile(fileName(name, 'csv'), 'text/csv', toDayCsv(rowsOf(data.date, planned!)))
              }
            />
            <Button
              label={say('day.file')}
              testID="save-day-json"
              onPress={() =>
                keepAsFile(
                  fileName(name, 'json'),
                  'application/json',
                  toDayFile(data, (id) => book.formulaOf(id)?.name ?? ''),
                )
              }
            />
          </View>
          <Soft>{say('day.calendar-says')}</Soft>
          <CalendarAddress kitchenId={book.kitchen.id} dayId={stored.id} />
        </>
      )}
    </Fold>
  );
}
