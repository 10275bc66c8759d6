import { useEffect, useState } from 'react';
import type { Answer, Ask, JobKind } from './jobs';
import type { Priority } from './pool';
import { pool } from './shared';

/** What is asked stands this long before it is begun, ms: a slider passes many values. */
export const REST_MS = 120;

export interface JobState<K extends JobKind> {
  /** The last answer; it stays while the next is worked out. */
  readonly answer: Answer<K> | undefined;
  /** Whether that one answers what is asked now. */
  readonly settled: boolean;
  readonly broke: boolean;
}

interface Told<K extends JobKind> {
  readonly key: string | undefined;
  readonly answer: Answer<K> | undefined;
  readonly broke: boolean;
}

/** The answer to a job, worked out beside the screen; `undefined` asks nothing. */
export function useJob<K extends JobKind>(
  kind: K,
  ask: Ask<K> | undefined,
  priority: Priority = 'fold',
  /** None where what is asked has stood for so long before it was put together. */
  restMs = REST_MS,
): JobState<K> {
  const [told, setTold] = useState<Told<K>>({ key: undefined, answer: undefined, broke: false });
  const key = ask && JSON.stringify(ask);
  useEffect(() => {
    if (key === undefined) return;
    let withdraw = () => undefined as void;
    const rest = setTimeout(() => {
      const asked = pool().ask(kind, JSON.parse(key) as Ask<K>, { priority });
      withdraw = asked.withdraw;
      asked.answer.then(
        (answer) => setTold({ key, answer, broke: false }),
        () => setTold((before) => ({ ...before, key, broke: true })),
      );
    }, restMs);
    return () => {
      clearTimeout(rest);
      withdraw();
    };
  }, [key, kind, priority, restMs]);
  return {
    answer: key === undefined ? undefined : told.answer,
    settled: told.key === key,
    broke: told.broke && told.key === key,
  };
}
