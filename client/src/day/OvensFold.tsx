import { programmeOfOven, type OvenStretchOfDay } from '@hollow-moon/core/planning';
import { listed, say } from '@hollow-moon/words';
import { Text, View } from 'react-native';
import { Fold, Read, Soft, Title, useWords } from '../design';
import { Together } from './Together';
import type { DayAsked } from './sharedHeat';
import type { EditDay } from './useDay';
import type { Planned } from './usePlan';
import { dayAndHour, hourOf } from './when';

/** What an oven does in a stretch, in a line. */
function StretchLine({
  stretch,
  planned,
  date,
}: {
  readonly stretch: OvenStretchOfDay;
  readonly planned: Planned;
  readonly date: string;
}) {
  const { quantity } = useWords();
  const { kind, setC, fromMin, toMin, tasks } = stretch;
  const setting = quantity({ ovenC: setC });
  const what = tasks.map((task) => {
    const { bakes, task: of } = planned.model.byId.get(task)!;
    const name = planned.session.wanted.find(({ id }) => id === bakes[0])?.name ?? '';
    return `${say(`work.${of.verb}`)}, ${name}`;
  });
  const says =
    kind === 'heating'
      ? say('day.heats-to', { setting })
      : kind === 'cooling'
        ? say('day.cools-to', { setting })
        : say('day.in-it', { setting, what: listed(what) });
  return (
    <View role="listitem" className="min-h-10 flex-row gap-3 border-t border-line py-2">
      <Text className="w-32 font-figures text-base text-ink">
        {`${dayAndHour(date, fromMin)}–${hourOf(date, toMin)}`}
      </Text>
      <View className="min-w-0 flex-1">
        <Read>{says}</Read>
      </View>
    </View>
  );
}

/** The programme of each oven: when it is switched on, turned and loaded. */
export function OvensFold({
  asked,
  onEdit,
}: {
  readonly asked: DayAsked;
  readonly onEdit: EditDay;
}) {
  const { planned, day } = asked;
  const { model, plan, session, measures } = planned;
  const programmes = session.means.ovens.map(
    (oven) => [oven, programmeOfOven(model, plan, oven)] as const,
  );
  const loads = programmes.flatMap(([, all]) => all).filter(({ kind }) => kind === 'load').length;
  return (
    <Fold
      id="day-ovens"
      title={say('day.ovens')}
      summary={say('day.ovens-in-short', {
        count: loads,
        heats: say('day.heats', { count: measures.changes }),
      })}
    >
      {() => (
        <View className="gap-3">
          {programmes.map(([oven, stretches]) => (
            <View key={oven.id}>
              <Title level={2}>{oven.name}</Title>
              {stretches.length === 0 ? (
                <Soft>{say('day.stands-idle')}</Soft>
              ) : (
                <View role="list">
                  {stretches.map((stretch, index) => (
                    <StretchLine key={index} stretch={stretch} planned={planned} date={day.date} />
                  ))}
                </View>
              )}
            </View>
          ))}
          {planned.worked ? null : <Together asked={asked} onEdit={onEdit} />}
        </View>
      )}
    </Fold>
  );
}
