import type { StoredDay } from '@hollow-moon/contract';
import { bakesInWords, listed, peopleInWords, say, taskInWords } from '@hollow-moon/words';
import { Text, View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { PlaceLink, Soft, Title } from '../design';
import { useDays } from './useDay';
import { useMinute } from './useMinute';
import { usePlan, type Planned } from './usePlan';
import { useWorks } from './useWorks';
import { currentDay } from './current';
import { dayAndHour, minuteOf } from './when';

/** So many of the next tasks are shown. */
const SHOWN = 3;

/** Whether somebody has said that a task is over. */
const isDone = ({ worked }: Planned, task: string): boolean => {
  const state = worked?.ran.get(task)?.state;
  return state === 'done' || state === 'skipped';
};

/** What is at hand by the plan: what is being done, what comes next, and what is due first. */
function Next({
  stored,
  planned,
  now,
}: {
  readonly stored: StoredDay;
  readonly planned: Planned;
  readonly now: number;
}) {
  const { date } = stored.data;
  const ahead = planned.plan.placed
    .filter(({ task, endMin }) => endMin > now && !isDone(planned, task))
    .slice(0, SHOWN);
  const due = planned.session.wanted.filter(({ dueMin }) => dueMin >= now);
  const first = Math.min(...due.map(({ dueMin }) => dueMin));
  if (ahead.length === 0 && due.length === 0) return null;
  return (
    <View className="border-y border-line bg-sheet pb-1 pt-3" testID="today">
      <View className="px-4 pb-1">
        <Title level={2}>{say('day.today')}</Title>
        {due.length > 0 ? (
          <Soft>
            {say('day.due-next', {
              at: dayAndHour(date, first),
              bakes: listed(due.filter(({ dueMin }) => dueMin === first).map(({ name }) => name)),
            })}
          </Soft>
        ) : null}
      </View>
      {ahead.length === 0 ? (
        // What is due has no task ahead that would lead there: it could not be planned, or is all done.
        <PlaceLink
          to={`/plan/${stored.id}`}
          className="min-h-14 justify-center border-t border-line px-4 py-2"
        >
          <Text className="font-read-strong text-base text-ink">{say('day.open-plan')}</Text>
        </PlaceLink>
      ) : null}
      <View role="list">
        {ahead.map(({ task, startMin, people }) => {
          const job = planned.model.byId.get(task)!;
          return (
            <View key={task} role="listitem">
              <PlaceLink
                to={planned.worked ? `/work/${stored.id}` : `/plan/${stored.id}`}
                testID={`next-${task}`}
                className="min-h-14 flex-row items-center gap-4 border-t border-line px-4 py-2"
              >
                <Text className="w-24 font-figures-strong text-base text-ink">
                  {startMin <= now ? say('day.today-now') : dayAndHour(date, startMin)}
                </Text>
                <View className="min-w-0 flex-1">
                  <Text className="font-read-strong text-base text-ink">{taskInWords(job)}</Text>
                  <Soft>
                    {[bakesInWords(job, planned), peopleInWords(people, planned)]
                      .filter(Boolean)
                      .join(' · ')}
                  </Soft>
                </View>
              </PlaceLink>
            </View>
          );
        })}
      </View>
    </View>
  );
}

function TodayOf({
  stored,
  book,
  now,
}: {
  readonly stored: StoredDay;
  readonly book: KitchenBook;
  readonly now: number;
}) {
  const works = useWorks(stored.data.wanted, book, 'fold');
  const found = usePlan(stored, works, book);
  // Half a plan would say the wrong thing next.
  if (!('planned' in found) || works.done < works.all) return null;
  return <Next stored={stored} planned={found.planned} now={now} />;
}

/** What is next by the plan that is being worked by; nothing where there is none. */
export function Today({ book }: { readonly book: KitchenBook }) {
  const days = useDays(book.kitchen.id);
  const moment = useMinute();
  const current = currentDay(days ?? [], moment);
  return current ? (
    <TodayOf stored={current} book={book} now={minuteOf(current.data.date, moment)} />
  ) : null;
}
