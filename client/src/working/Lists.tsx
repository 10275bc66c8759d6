import type { MarkData, StoredDay } from '@hollow-moon/contract';
import type { Waiting } from '@hollow-moon/core/planning';
import { bakesInWords, clock, peopleInWords, say, taskInWords } from '@hollow-moon/words';
import { Pressable, Text, View } from 'react-native';
import { dayAndHour, hourOf, type Planned } from '../day';
import { Button, Fold, Read, Soft, Title, useWords } from '../design';
import type { Row, Rows } from './order';
import { standingInWords } from './TaskCard';

interface ListOf {
  readonly rows: Rows;
  readonly planned: Planned;
  readonly stored: StoredDay;
  readonly nowMin: number;
  readonly onChoose: (task: string) => void;
}

/** A task in a line: its hour or its clock, what it is, for what, whose. A tap brings it to the top. */
function TaskLine({
  row,
  planned,
  stored: { data },
  nowMin,
  onChoose,
}: Omit<ListOf, 'rows'> & { readonly row: Row }) {
  const { job, standing, placed, atMin, due } = row;
  const going = standing.state === 'running';
  const left = (atMin - nowMin) * 60;
  const figure = going
    ? `${left < 0 ? '+' : ''}${clock(Math.abs(left))}`
    : placed
      ? hourOf(data.date, atMin)
      : '';
  const people = placed ? peopleInWords(placed.people, planned) : '';
  const says =
    standing.state === 'ready' || going ? '' : standingInWords(row, planned, data.date, nowMin);
  return (
    <View role="listitem" className="border-t border-line">
      <Pressable
        role="button"
        testID={`line-${job.id}`}
        onPress={() => onChoose(job.id)}
        className="min-h-14 flex-row items-center gap-3 py-2 active:opacity-70"
      >
        <Text
          className={`w-20 font-figures-strong text-base ${going && due ? 'text-scorch' : 'text-ink'}`}
        >
          {figure}
        </Text>
        <View className="min-w-0 flex-1">
          <Read className="font-read-strong">{taskInWords(job)}</Read>
          <Soft>{[bakesInWords(job, planned), people, says].filter(Boolean).join(' · ')}</Soft>
        </View>
      </Pressable>
    </View>
  );
}

function Lines({ some, ...of }: ListOf & { readonly some: readonly Row[] }) {
  return (
    <View role="list">
      {some.map((row) => (
        <TaskLine key={row.job.id} {...of} row={row} />
      ))}
    </View>
  );
}

/** So many of what is ahead are shown at once. */
const AHEAD = 4;

/** What goes on besides, and what comes next. */
export function GoingAndNext({ shown, ...of }: ListOf & { readonly shown: string | undefined }) {
  const others = (some: readonly Row[]) => some.filter(({ job }) => job.id !== shown);
  const going = others(of.rows.going);
  const ahead = others(of.rows.ahead);
  const more = ahead.slice(AHEAD);
  return (
    <>
      {going.length > 0 ? (
        <View className="border-y border-line bg-sheet px-4 pt-3" testID="in-hand">
          <Title level={2} className="pb-2">
            {say('working.in-hand')}
          </Title>
          <Lines {...of} some={going} />
        </View>
      ) : null}
      {ahead.length > 0 ? (
        <View className="border-y border-line bg-sheet px-4 pt-3" testID="next-up">
          <Title level={2} className="pb-2">
            {say('working.next')}
          </Title>
          <Lines {...of} some={ahead.slice(0, AHEAD)} />
        </View>
      ) : null}
      {more.length > 0 ? (
        <Fold
          id="work-ahead"
          title={say('working.more-ahead')}
          summary={say('working.more-in-short', { count: more.length })}
        >
          {() => <Lines {...of} some={more} />}
        </Fold>
      ) : null}
    </>
  );
}

/** Waits with the same clock are one, however many tasks wait by it. */
const distinct = (waits: readonly Waiting[]): Waiting[] => [
  ...new Map(
    waits.map((each) => [`${each.from} ${each.wait} ${each.leastMin} ${each.mostMin}`, each]),
  ).values(),
];

/** An hour further away than this is told with its day, min. */
const FAR_MIN = 12 * 60;

/** What a wait asks now. */
function waitInWords(
  { leastMin, mostMin }: Waiting,
  nowMin: number,
  at: (minute: number) => string,
): string {
  const ends = mostMin < Infinity;
  if (nowMin > mostMin) return say('working.wait-over', { to: at(mostMin) });
  if (nowMin >= leastMin) {
    return ends ? say('working.wait-now-most', { to: at(mostMin) }) : say('working.wait-now');
  }
  const from = at(leastMin);
  return ends
    ? say('working.wait-most', { from, to: at(mostMin) })
    : say('working.wait-until', { from });
}

/** Every wait that goes on: rests, chills, what cools; since when, from when it may be gone on with, and until when it keeps. */
export function Clocks({ rows, planned, stored: { data }, nowMin }: ListOf) {
  const waits = distinct(rows.ahead.flatMap(({ standing }) => standing.waits))
    .filter(({ leastMin, sinceMin, mostMin }) => leastMin > sinceMin || mostMin < Infinity)
    .sort((a, b) => a.leastMin - b.leastMin);
  if (waits.length === 0) return null;
  const at = (minute: number) =>
    (Math.abs(minute - nowMin) > FAR_MIN ? dayAndHour : hourOf)(data.date, minute);
  return (
    <Fold
      id="work-clocks"
      title={say('working.clocks')}
      summary={say('working.clocks-in-short', { count: waits.length })}
      begin
    >
      {() => (
        <View role="list">
          {waits.map((each) => {
            const { from, wait, sinceMin, leastMin, mostMin } = each;
            const leftS = (leastMin - nowMin) * 60;
            const job = planned.worked!.asked.model.byId.get(from)!;
            return (
              <View
                key={`${from} ${wait} ${leastMin} ${mostMin}`}
                role="listitem"
                className="min-h-12 flex-row items-center gap-3 border-t border-line py-2"
              >
                <Text className="w-20 font-figures-strong text-base text-ink">
                  {leftS > 0 ? clock(leftS) : '✓'}
                </Text>
                <View className="min-w-0 flex-1">
                  <Read>
                    {say('working.wait', {
                      task: taskInWords(job),
                      wait: say(`work-wait.${wait}`),
                      since: at(sinceMin),
                    })}
                  </Read>
                  <Soft className={nowMin > mostMin ? 'text-scorch' : ''}>
                    {[bakesInWords(job, planned), waitInWords(each, nowMin, at)]
                      .filter(Boolean)
                      .join(' · ')}
                  </Soft>
                </View>
              </View>
            );
          })}
        </View>
      )}
    </Fold>
  );
}

/** What was said of a task that is over, but for its hours. */
function Differed({ marks }: { readonly marks: readonly MarkData[] }) {
  const { quantity } = useWords();
  const says = marks.flatMap(({ grams, celsius, note }) => [
    ...(grams === undefined ? [] : [say('working.used', { grams: quantity({ grams }) })]),
    ...(celsius === undefined ? [] : [quantity({ ovenC: celsius })]),
    ...(note === undefined ? [] : [note]),
  ]);
  return says.length > 0 ? <Soft>{says.join(' · ')}</Soft> : null;
}

/** What is over, the last first, each to be taken back. */
export function Behind({
  rows,
  planned,
  stored: { data },
  nowMin,
  marks,
  onTakeBack,
}: ListOf & {
  readonly marks: readonly MarkData[];
  readonly onTakeBack: (marks: readonly MarkData[]) => void;
}) {
  if (rows.over.length === 0) return null;
  return (
    <Fold
      id="work-behind"
      title={say('working.behind')}
      summary={say('working.behind-in-short', { count: rows.over.length })}
    >
      {() => (
        <View role="list">
          {rows.over.map((row) => {
            const task = taskInWords(row.job);
            const mine = marks.filter((mark) => mark.task === row.job.id);
            const last = mine.at(-1);
            return (
              <View
                key={row.job.id}
                role="listitem"
                testID={`over-${row.job.id}`}
                className="min-h-14 flex-row items-center gap-3 border-t border-line py-2"
              >
                <View className="min-w-0 flex-1">
                  <Read className="font-read-strong">{task}</Read>
                  <Soft>
                    {[
                      bakesInWords(row.job, planned),
                      standingInWords(row, planned, data.date, nowMin),
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  </Soft>
                  <Differed marks={mine} />
                </View>
                {last ? (
                  <Button
                    label={say('working.take-back-of', { task })}
                    text={say('working.take-back')}
                    weight="quiet"
                    testID={`take-back-${row.job.id}`}
                    onPress={() => onTakeBack([last])}
                  />
                ) : null}
              </View>
            );
          })}
        </View>
      )}
    </Fold>
  );
}
