import { clock, say } from '@hollow-moon/words';
import { format } from 'date-fns';
import { Text, View } from 'react-native';
import { Figure, PlaceLink, Soft, Title } from '../design';
import { Moon, moonInWords } from '../moon';
import { foreseenMoon } from './progress';
import { useRunning } from './useRunning';

/** The pass: what is in the oven now and what each asks for next. Nothing while nothing is. */
export function Pass() {
  const { running } = useRunning();
  if (running.length === 0) return null;
  return (
    <View className="border-y border-line bg-sheet pb-1 pt-3" testID="pass">
      <View className="px-4">
        <Title level={2}>{say('bake.now-in-the-oven')}</Title>
      </View>
      <View role="list">
        {running.map(({ id, data, standing }) => {
          const { moon } = foreseenMoon(data, standing.elapsedS);
          return (
            <View key={id} role="listitem">
              <PlaceLink
                to={`/bake/${id}`}
                testID="running-strip"
                className="min-h-20 flex-row items-center gap-4 border-b border-line px-4 py-2"
              >
                <Moon
                  state={moon}
                  shell={data.shell !== 'none'}
                  size={56}
                  label={moonInWords(moon)}
                />
                <View className="min-w-0 flex-1">
                  <Text className="font-read-strong text-base text-ink">{data.formulaName}</Text>
                  <Text className="font-read text-base text-ink">{standing.says}</Text>
                  <Soft>
                    {say('bake.which', {
                      vesselName: data.vesselName,
                      at: format(new Date(data.startedAt), 'HH:mm'),
                    })}
                  </Soft>
                </View>
                <Figure value={clock(standing.elapsedS)} size="figure" />
              </PlaceLink>
            </View>
          );
        })}
      </View>
    </View>
  );
}
