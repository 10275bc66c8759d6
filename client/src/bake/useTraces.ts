import type { ForecastPlan } from '@hollow-moon/core';
import { TRACES, type Trace } from '@hollow-moon/core/learning';
import { useEffect, useState } from 'react';
import { pool, THREADS } from '../jobs';

/** So many runs a worker takes at a time. */
const BATCH = TRACES / (2 * THREADS);

/**
 * The runs that readings of a plan's bake are held against, worked out beside the screen, and once; `undefined` until all
 * are there, and where nothing is asked.
 */
export function useTraces(
  plan: ForecastPlan | undefined,
  untilS: number,
): readonly Trace[] | undefined {
  const key = plan && JSON.stringify([plan, untilS]);
  const [made, setMade] = useState<{ key: string; traces: readonly Trace[] }>();
  useEffect(() => {
    if (key === undefined) return;
    const [plan, untilS] = JSON.parse(key) as [ForecastPlan, number];
    const asked = Array.from({ length: TRACES / BATCH }, (_, batch) =>
      pool().ask('traces', { plan, untilS, first: batch * BATCH, last: (batch + 1) * BATCH }),
    );
    void Promise.all(asked.map(({ answer }) => answer)).then(
      (batches) => setMade({ key, traces: batches.flat() }),
      // Without them the forecast stays as it was, and a reading is held against it alone.
      () => undefined,
    );
    return () => asked.forEach(({ withdraw }) => withdraw());
  }, [key]);
  return made && made.key === key ? made.traces : undefined;
}
