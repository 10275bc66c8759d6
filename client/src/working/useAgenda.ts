import { say, taskInWords, type Words } from '@hollow-moon/words';
import { useEffect } from 'react';
import { agendaTold, type Due } from '../alarm/agenda';
import { momentOf } from '../day';
import { useWords } from '../design';
import { useAppDispatch } from '../state/state';
import { isAttended, isOf, type Row, type Rows } from './order';
import { STILL_DUE_MIN, stageInWords, stagesOf } from './stages';

/** So many of the next tasks are called for. */
const NEXT = 3;

/** Who is called, of which day, where it is worked, and in whose words. */
interface DueFor {
  readonly person: string;
  readonly date: string;
  readonly path: string;
  readonly words: Words;
}

/** What will want a cook, and when: what goes on by itself when it should be over, what is to be done to it on the way, and what comes next when it should begin. */
export function dueOf(rows: Rows, { person, date, path, words }: DueFor): Due[] {
  const moment = (minute: number) => momentOf(date, minute).getTime();
  // What is overdue is expected any moment: by the minute, so that it is told, and kept, no more often.
  const atMs = ({ atMin, due }: Row) => moment(due ? Math.floor(atMin) : atMin);
  const going = rows.going.filter(
    (row) => row.standing.state === 'running' && !isAttended(row.job) && isOf(row, person),
  );
  const next = rows.ahead
    .filter((row) => row.placed && row.standing.state !== 'blocked' && isOf(row, person))
    .slice(0, NEXT);
  return [
    ...going.flatMap((row) =>
      stagesOf(row).map((stage) => ({
        key: `stage ${row.job.id} ${stage.atMin}`,
        atMs: moment(stage.dueMin),
        untilMs: moment(stage.dueMin + STILL_DUE_MIN),
        kind: 'begin' as const,
        says: say('working.strip-stage', {
          shell: row.job.task.what || taskInWords(row.job),
          what: stageInWords(stage, words),
        }),
        path,
      })),
    ),
    ...going.map((row) => ({
      key: `look ${row.job.id}`,
      atMs: atMs(row),
      kind: 'look' as const,
      says: say('working.strip-look', { task: taskInWords(row.job) }),
      path,
    })),
    ...next.map((row) => ({
      key: `begin ${row.job.id}`,
      atMs: atMs(row),
      kind: 'begin' as const,
      says: say('working.strip-begin', { task: taskInWords(row.job) }),
      path,
    })),
  ];
}

/** Tells the other screens, and whoever sounds and shakes, what of this day is due when. */
export function useAgenda(dayId: string, rows: Rows, person: string, date: string): void {
  const dispatch = useAppDispatch();
  const words = useWords();
  const due = JSON.stringify(dueOf(rows, { person, date, path: `/work/${dayId}`, words }));
  useEffect(() => {
    dispatch(agendaTold({ dayId, due: JSON.parse(due) as Due[] }));
  }, [dispatch, dayId, due]);
}
