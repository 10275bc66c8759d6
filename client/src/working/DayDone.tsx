import type { MarkData, StoredDay } from '@hollow-moon/contract';
import { toDoneCsv, type DoneRow } from '@hollow-moon/contract/planning';
import { bakesInWords, say, taskInWords } from '@hollow-moon/words';
import { format } from 'date-fns';
import { View } from 'react-native';
import { hourOf, lasting, momentOf, type WorkedPlan } from '../day';
import { Button, fileName, keepAsFile, PlaceLink, Read, Soft } from '../design';
import { bakeOf } from './useTaps';

/** When a bake was ready, by the last of its tasks; nothing while one of these is not over. */
export function readyMin({ worked }: WorkedPlan, bake: string): number | undefined {
  const dues = worked.asked.model.dues.filter((due) => due.bake === bake);
  const ready = dues.map(({ job, leastMin }) => {
    const ran = worked.ran.get(job);
    return ran?.state === 'done' ? ran.sinceMin! + leastMin : Infinity;
  });
  const last = Math.max(...ready);
  return Number.isFinite(last) ? last : undefined;
}

/** What was done of each task, beside what was planned. */
export function doneRows(
  { worked }: WorkedPlan,
  { data }: StoredDay,
  marks: readonly MarkData[],
): DoneRow[] {
  const { asked, ran } = worked;
  const at = (minute: number | undefined) =>
    minute === undefined
      ? ''
      : format(momentOf(data.date, Math.floor(minute)), "yyyy-MM-dd'T'HH:mm");
  return asked.plan.placed.map(({ task, startMin, endMin }) => {
    const job = asked.model.byId.get(task)!;
    const each = ran.get(task);
    const over = each?.state === 'done' || each?.state === 'skipped';
    const said = marks.filter((mark) => mark.task === task);
    const last = <K extends 'grams' | 'celsius' | 'note'>(key: K) =>
      said.findLast((mark) => mark[key] !== undefined)?.[key] ?? ('' as const);
    return {
      task: taskInWords(job),
      bake: bakesInWords(job, asked),
      state: each?.implied ? 'implied' : (each?.state ?? ''),
      plannedStart: at(startMin),
      plannedEnd: at(endMin),
      start: at(each?.begunMin),
      end: over ? at(each.sinceMin) : '',
      person: data.people.find(({ id }) => id === each?.by)?.name ?? '',
      usedG: last('grams'),
      heatC: last('celsius'),
      note: last('note'),
    };
  });
}

/** A day when all of it is done: when each bake was ready against its hour, and where it is judged. */
export function DayDone({
  planned,
  stored,
  marks,
}: {
  readonly planned: WorkedPlan;
  readonly stored: StoredDay;
  readonly marks: readonly MarkData[];
}) {
  const { data } = stored;
  const { session, model } = planned.worked.asked;
  return (
    <View className="gap-2">
      <View role="list">
        {session.wanted.map(({ id, name, dueMin }) => {
          const ready = readyMin(planned, id);
          const early = ready === undefined ? 0 : Math.round(dueMin - ready);
          const bakes = [
            ...new Set(
              model.jobs
                .filter(({ bakes: of }) => of.includes(id))
                .flatMap((job) => bakeOf(marks, job.id) ?? []),
            ),
          ];
          return (
            <View key={id} role="listitem" className="gap-1 border-t border-line py-2">
              <Read className="font-read-strong">{name}</Read>
              <Soft>
                {ready === undefined
                  ? say('working.not-finished')
                  : early >= 0
                    ? say('working.ready-early', {
                        at: hourOf(data.date, ready),
                        minutes: lasting(early),
                      })
                    : say('working.ready-behind', {
                        at: hourOf(data.date, ready),
                        minutes: lasting(-early),
                      })}
              </Soft>
              {bakes.map((bakeId) => (
                <PlaceLink
                  key={bakeId}
                  to={`/bake/${bakeId}`}
                  className="min-h-12 justify-center self-start"
                >
                  <Read className="text-water underline">{say('working.judge')}</Read>
                </PlaceLink>
              ))}
            </View>
          );
        })}
      </View>
      <View className="self-start">
        <Button
          label={say('working.done-table')}
          testID="save-done-csv"
          onPress={() =>
            keepAsFile(
              fileName(`${data.name} ${data.date}`, 'csv'),
              'text/csv',
              toDoneCsv(doneRows(planned, stored, marks)),
            )
          }
        />
      </View>
    </View>
  );
}
