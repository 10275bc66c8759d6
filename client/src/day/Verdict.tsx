import type { DayData } from '@hollow-moon/contract';
import { leastPresence } from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Read, Soft, Title } from '../design';
import { energyInWords, ovensTake, type Energy } from './figures';
import type { Planned } from './usePlan';
import type { Works } from './useWorks';
import { dayAndHour, lasting } from './when';

/** Whether all is ready in time, when it begins and ends, and how long anybody is there. */
export function Verdict({
  day,
  planned,
  works,
  energy,
  proved,
}: {
  readonly day: Pick<DayData, 'date'>;
  readonly planned: Planned;
  readonly works: Pick<Works, 'done' | 'all'>;
  readonly energy: Energy;
  /** The search has proved more than is said here. */
  readonly proved: boolean;
}) {
  const { plan, measures, model } = planned;
  const least = leastPresence(model);
  const taken = ovensTake(planned, energy);
  const inTime = plan.late.length === 0 && plan.left.length === 0;
  const soFar = works.done < works.all;
  const starts = plan.placed.map(({ startMin }) => startMin);
  const ends = plan.placed.map(({ endMin }) => endMin);
  return (
    <View role="status" testID="plan-verdict" className="gap-1">
      {soFar ? <Soft>{say('day.working', { done: works.done, all: works.all })}</Soft> : null}
      {inTime && plan.placed.length > 0 ? (
        <Title level={2}>
          {say(soFar ? 'day.on-time-so-far' : 'day.on-time', {
            count: planned.session.wanted.length,
          })}
        </Title>
      ) : null}
      {plan.placed.length > 0 ? (
        <>
          <Read>
            {say('day.starts', {
              start: dayAndHour(day.date, Math.min(...starts)),
              end: dayAndHour(day.date, Math.max(...ends)),
            })}
          </Read>
          <Read>
            {say('day.presence', {
              there: lasting(measures.presenceMin),
              busy: lasting(measures.busyMin),
            })}
            {taken === undefined
              ? ''
              : `; ${say('day.heats', { count: measures.changes })}, ${energyInWords(taken)}`}
          </Read>
          {/* What the search has proved says more, and stands under it. */}
          {proved || soFar ? null : (
            <Soft>
              {measures.presenceMin <= least
                ? say('day.least-met')
                : say('day.least', { least: lasting(least) })}
            </Soft>
          )}
        </>
      ) : null}
    </View>
  );
}
