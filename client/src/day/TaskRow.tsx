import { bakesInWords, peopleInWords, say, taskInWords } from '@hollow-moon/words';
import { Pressable, Text, View } from 'react-native';
import { icons, Read, Soft, useWords } from '../design';
import { AsWeDoIt } from './AsWeDoIt';
import { ByHandHere } from './ByHand';
import { isPutByHand } from './moving';
import type { TaskOfDay } from './taskOfDay';
import { hourOf, lasting } from './when';

/** What is known of a task: how long, what it waits for, what to look for and to mind. */
function TaskDetails(of: TaskOfDay) {
  const { placed, planned } = of;
  const { tell } = useWords();
  const { task } = planned.model.byId.get(placed.task)!;
  const { earliestMin, expectedMin, latestMin } = task.span;
  const next = (planned.model.after.get(placed.task) ?? []).flatMap(({ to, wait }) => {
    const after = planned.plan.placed.find((each) => each.task === to);
    const minutes = after ? after.startMin - placed.endMin : 0;
    return minutes > 0 ? [{ wait, minutes }] : [];
  })[0];
  const gates = [...new Set(task.after.flatMap(({ gate }) => gate ?? []))];
  return (
    <View className="gap-2 pb-3 pl-16">
      {gates.map((gate) => (
        <Read key={gate}>{say('day.asks', { gate: say(`work-gate.${gate}`) })}</Read>
      ))}
      <Soft>
        {task.from === 'computed'
          ? say('day.span', {
              expected: lasting(expectedMin),
              earliest: lasting(earliestMin),
              latest: lasting(latestMin),
            })
          : task.usualMin === undefined
            ? say(task.from === 'usual' ? 'day.usual' : 'day.as-you-say', {
                expected: lasting(expectedMin),
              })
            : say('day.as-here', {
                expected: lasting(expectedMin),
                usual: lasting(task.usualMin),
              })}
      </Soft>
      {task.sign ? <Read>{tell(task.sign)}</Read> : null}
      {task.hazard ? <Soft>{tell(task.hazard)}</Soft> : null}
      {next ? (
        <Soft>
          {say('day.then', { wait: say(`work-wait.${next.wait}`), minutes: lasting(next.minutes) })}
        </Soft>
      ) : null}
      {(task.steps ?? []).map((step) => (
        <Soft key={step}>{say('day.card-says', { step })}</Soft>
      ))}
      <AsWeDoIt {...of} />
      {planned.worked ? null : <ByHandHere {...of} />}
    </View>
  );
}

/** One task of the plan in a line; a tap opens what is known of it. */
export function TaskRow({
  open,
  onOpen,
  ...of
}: TaskOfDay & { readonly open: boolean; readonly onOpen: () => void }) {
  const { placed, planned, day } = of;
  const { quantity } = useWords();
  const job = planned.model.byId.get(placed.task)!;
  const at = hourOf(day.date, placed.startMin);
  const people = peopleInWords(placed.people, planned);
  const bake = bakesInWords(job, planned);
  const oven = job.task.oven && planned.session.means.ovens.find(({ id }) => id === placed.ovenId);
  const where = oven ? `${oven.name}, ${quantity({ ovenC: job.task.oven.setC })}` : '';
  const ran = planned.worked?.ran.get(placed.task);
  return (
    <View role="listitem" className="border-t border-line">
      <Pressable
        role="button"
        aria-expanded={open}
        testID={`task-${placed.task}`}
        onPress={onOpen}
        className="min-h-14 flex-row items-start gap-3 py-2 active:opacity-70"
      >
        <Text className="w-14 font-figures-strong text-base text-ink">{at}</Text>
        <View className="min-w-0 flex-1">
          <Read className="font-read-strong">{taskInWords(job)}</Read>
          <Soft>{[bake, where, people].filter(Boolean).join(' · ')}</Soft>
          {isPutByHand(day, placed.task) ? <Soft>{say('day.locked')}</Soft> : null}
          {ran ? <Soft testID={`ran-${placed.task}`}>{say(`day.ran-${ran.state}`)}</Soft> : null}
        </View>
        <Soft>{lasting(placed.endMin - placed.startMin)}</Soft>
        {open ? (
          <icons.shut size={18} className="text-ink-soft" aria-hidden />
        ) : (
          <icons.open size={18} className="text-ink-soft" aria-hidden />
        )}
      </Pressable>
      {open ? <TaskDetails {...of} /> : null}
    </View>
  );
}
