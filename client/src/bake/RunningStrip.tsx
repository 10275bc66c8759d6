import { say, clock } from '@hollow-moon/words';
import { format } from 'date-fns';
import { usePathname } from 'expo-router';
import { Text, View } from 'react-native';
import { PlaceLink } from '../design';
import { Moon } from '../moon';
import { foreseenMoon } from './progress';
import { useRunning } from './useRunning';

/** Whatever is in the oven, on every screen: its moon, its clock and what to do next. */
export function RunningStrip() {
  const path = usePathname();
  // Its own screen and the pass at the top of the shelf say it already.
  const running = useRunning().running.filter(({ id }) => path !== `/bake/${id}` && path !== '/');
  if (running.length === 0) return null;
  return (
    <View className="no-print">
      {running.map(({ id, data, standing }) => {
        const { moon } = foreseenMoon(data, standing.elapsedS);
        return (
          <PlaceLink
            key={id}
            to={`/bake/${id}`}
            testID="running-strip"
            className="min-h-14 flex-row items-center gap-3 border-t-2 border-yolk bg-sheet px-4 py-2"
          >
            <Moon
              state={moon}
              shell={data.shell !== 'none'}
              size={32}
              label={say('bake.in-the-oven-2')}
            />
            <View className="min-w-0 flex-1">
              <Text numberOfLines={1} className="font-read text-small text-ink-soft">
                {data.formulaName}
              </Text>
              <Text numberOfLines={1} className="font-read-strong text-base text-ink">
                {standing.says}
              </Text>
              {running.length > 1 ? (
                // Two of one formula are told apart by where they stand and when they began.
                <Text numberOfLines={1} className="font-read text-small text-ink-soft">
                  {say('bake.which', {
                    vesselName: data.vesselName,
                    at: format(new Date(data.startedAt), 'HH:mm'),
                  })}
                </Text>
              ) : null}
            </View>
            <Text className="font-figures text-base text-ink-soft">{clock(standing.elapsedS)}</Text>
          </PlaceLink>
        );
      })}
    </View>
  );
}
