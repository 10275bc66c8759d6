import { clock, say } from '@hollow-moon/words';
import { usePathname } from 'expo-router';
import { Text, View } from 'react-native';
import { useNow } from '../bake/useNow';
import { icons, PlaceLink } from '../design';
import { useAppSelector } from '../state/state';

/** A task is shown on every screen from so long before it is due, ms, until it is tapped or so long after. */
const BEFORE_MS = 10 * 60_000;
const AFTER_MS = 60 * 60_000;

/** What the day that is worked wants next, on every screen but its own. */
export function DueStrip() {
  const path = usePathname();
  const agenda = useAppSelector((state) => state.agenda);
  const all = Object.values(agenda).flat();
  const now = useNow(all.length > 0);
  const [next] = all
    .filter(
      ({ atMs, untilMs = atMs + AFTER_MS, path: own }) =>
        own !== path && atMs - now < BEFORE_MS && now < untilMs,
    )
    .sort((a, b) => a.atMs - b.atMs);
  if (!next) return null;
  const leftS = (next.atMs - now) / 1000;
  return (
    <View className="no-print">
      <PlaceLink
        to={next.path}
        testID="due-strip"
        className="min-h-14 flex-row items-center gap-3 border-t border-line bg-sheet px-4 py-2"
      >
        <icons.plan size={24} className="text-ink" aria-hidden />
        <Text numberOfLines={2} className="min-w-0 flex-1 font-read-strong text-base text-ink">
          {next.says}
        </Text>
        <Text className="font-figures text-base text-ink-soft">
          {leftS > 0 ? clock(leftS) : say('working.strip-now')}
        </Text>
      </PlaceLink>
    </View>
  );
}
