import type { Placed } from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { hourOf, lasting, momentOf } from '../day';
import { Button, focusOn, Notice } from '../design';
import type { AtWork } from './useAtWork';

/** Tasks that should have begun so long ago, and of which nobody has said so, are asked about, min. */
const FORGOTTEN_MIN = 10;

/** Tasks that should have been begun by now, and of which nobody has said so: did they go as planned, or are they still to do? */
function Forgotten({
  forgotten,
  planned,
  nowMin,
  taps,
  stored: { data },
  onStillToDo,
}: Pick<AtWork, 'planned' | 'nowMin' | 'taps' | 'stored'> & {
  readonly forgotten: readonly Placed[];
  readonly onStillToDo: () => void;
}) {
  const jobs = planned.worked.asked.model.byId;
  const iso = (minute: number) => momentOf(data.date, minute).toISOString();
  return (
    <Notice
      kind="hint"
      testID="forgotten"
      actions={
        <>
          <Button
            label={say('working.as-planned')}
            weight="main"
            testID="as-planned"
            onPress={() => {
              taps.asPlanned(
                forgotten.map(({ task, startMin, endMin }) => ({
                  job: jobs.get(task)!,
                  begun: iso(startMin),
                  ...(endMin <= nowMin ? { done: iso(endMin) } : {}),
                })),
              );
              focusOn('next-tap');
            }}
          />
          <Button
            label={say('working.still-to-do')}
            testID="still-to-do"
            onPress={() => {
              onStillToDo();
              focusOn('next-tap');
            }}
          />
        </>
      }
    >
      {say('working.catch-up', { count: forgotten.length })}
    </Notice>
  );
}

/** What comes late or not at all, a line each; said once it is settled what has been done. */
function Late({ planned, rows, stored: { data } }: AtWork) {
  const wantedOf = (bake: string) => planned.session.wanted.find(({ id }) => id === bake)!;
  const unfinished = new Set([...rows.ahead, ...rows.going].flatMap(({ job }) => job.bakes));
  const says = [
    ...planned.plan.left.map((bake) => say('working.left', { bake: wantedOf(bake).name })),
    ...planned.plan.late
      .filter(({ bake }) => unfinished.has(bake))
      .map(({ bake, minutes }) =>
        say('working.late', {
          bake: wantedOf(bake).name,
          minutes: lasting(minutes),
          at: hourOf(data.date, wantedOf(bake).dueMin + minutes),
        }),
      ),
  ];
  if (says.length === 0) return null;
  return (
    <Notice kind="danger" testID="late">
      {says.join(' ')}
    </Notice>
  );
}

/** What has to be settled or known before going on. */
export function Troubles(of: AtWork) {
  const { planned, nowMin } = of;
  const [toDo, setToDo] = useState<ReadonlySet<string>>(new Set());
  const { asked, ran } = planned.worked;
  const forgotten = asked.plan.placed.filter(
    ({ task, startMin }) => !ran.has(task) && startMin <= nowMin - FORGOTTEN_MIN && !toDo.has(task),
  );
  return (
    <View className="gap-2 px-4 pt-3 empty:hidden">
      {forgotten.length > 0 ? (
        <Forgotten
          {...of}
          forgotten={forgotten}
          onStillToDo={() => setToDo(new Set([...toDo, ...forgotten.map(({ task }) => task)]))}
        />
      ) : (
        <Late {...of} />
      )}
    </View>
  );
}
