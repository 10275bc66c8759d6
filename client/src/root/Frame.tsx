import { say } from '@hollow-moon/words';
import { usePathname } from 'expo-router';
import { lazy, Suspense, type ReactNode } from 'react';
import { Text, View } from 'react-native';
import { RunningStrip } from '../bake/RunningStrip';
import { icons, PlaceLink, SkipLink } from '../design';
import { Shortcuts } from './Shortcuts';
import { Moon } from '../moon';
import { OutgoingNotice } from '../disputes/OutgoingNotice';
import { DeviceNotice } from './DeviceNotice';
import { useWide } from '../layout';

const PLACES = [
  { path: '/', label: say('root.formulas'), icon: icons.formulas, below: ['/', '/formulas'] },
  { path: '/plan', label: say('root.plan'), icon: icons.plan, below: ['/plan', '/work'] },
  { path: '/log', label: say('root.log'), icon: icons.log, below: ['/log', '/bake'] },
  { path: '/kitchen', label: say('root.kitchen'), icon: icons.kitchen, below: ['/kitchen'] },
] as const;

const isIn = (path: string, below: readonly string[]): boolean =>
  below.some((start) => (start === '/' ? path === '/' : path.startsWith(start)));

/** A formula, a bake and a day have the phone to themselves: their own foot, and a way back at the top. */
const HAS_ITS_OWN_FOOT = /^\/(formulas|bake|plan|work)\//;

function Places({ upright }: { readonly upright: boolean }) {
  const path = usePathname();
  return (
    <View
      role="navigation"
      aria-label={say('root.places')}
      className={upright ? 'gap-2' : 'flex-row'}
    >
      {PLACES.map(({ path: to, label, icon: Icon, below }) => {
        const here = isIn(path, below);
        return (
          <PlaceLink
            key={to}
            to={to}
            here={here}
            testID={`place-${to}`}
            className={`min-h-14 items-center justify-center gap-0.5 px-2 py-1 ${upright ? 'rounded' : 'flex-1 border-t-4'} ${here ? (upright ? 'bg-ground' : 'border-yolk') : 'border-transparent'}`}
          >
            <Icon size={22} className={here ? 'text-ink' : 'text-ink-soft'} />
            <Text
              className={`text-small ${here ? 'font-read-strong text-ink' : 'font-read text-ink-soft'}`}
            >
              {label}
            </Text>
          </PlaceLink>
        );
      })}
    </View>
  );
}

/** Calls and keeps awake; nothing to be seen, and not wanted before the first screen is there. */
const Alarms = lazy(() => import('../alarm/Alarms').then((alarm) => ({ default: alarm.Alarms })));

/** Listens to what others do; nothing to be seen either. */
const DueStrip = lazy(() => import('../alarm/DueStrip').then((due) => ({ default: due.DueStrip })));
const Live = lazy(() => import('../live/Live').then((live) => ({ default: live.Live })));

/** Keeps the application on the device, and says when it is not connected; what it says stands at the top. */
const Offline = lazy(() =>
  import('../offline/Offline').then((offline) => ({ default: offline.Offline })),
);

/** The house round every screen: a bar at the foot of a phone, a narrow rail on a wide screen. */
export function Frame({ children }: { readonly children: ReactNode }) {
  const wide = useWide();
  const path = usePathname();
  if (wide) {
    return (
      <View className="h-full flex-1 flex-row bg-ground">
        <View role="navigation" aria-label={say('root.skip')}>
          <SkipLink to="main" label={say('root.skip')} />
        </View>
        <Shortcuts />
        <View className="no-print w-20 items-center gap-6 border-r border-line bg-sheet py-5">
          <Moon state={undefined} shell size={44} label={say('root.hollow-moon')} />
          <Places upright />
        </View>
        <View className="min-w-0 flex-1">
          <DeviceNotice />
          <OutgoingNotice />
          <Suspense fallback={null}>
            <Offline />
          </Suspense>
          <View role="main" testID="main" className="min-h-0 flex-1">
            {children}
          </View>
          <RunningStrip />
          <Suspense fallback={null}>
            <DueStrip />
            <Alarms />
            <Live />
          </Suspense>
        </View>
      </View>
    );
  }
  return (
    <View className="h-full flex-1 bg-ground">
      <Shortcuts />
      <DeviceNotice />
      <OutgoingNotice />
      <Suspense fallback={null}>
        <Offline />
      </Suspense>
      <View role="main" testID="main" className="min-h-0 flex-1">
        {children}
      </View>
      <RunningStrip />
      <Suspense fallback={null}>
        <DueStrip />
        <Alarms />
        <Live />
      </Suspense>
      {HAS_ITS_OWN_FOOT.test(path) ? null : (
        <View className="no-print border-t border-line bg-sheet">
          <Places upright={false} />
        </View>
      )}
    </View>
  );
}
