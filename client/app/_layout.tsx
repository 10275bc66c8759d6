import '../src/global.css';
import { AtkinsonHyperlegibleMono_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-mono/400Regular';
import { AtkinsonHyperlegibleMono_600SemiBold } from '@expo-google-fonts/atkinson-hyperlegible-mono/600SemiBold';
import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_600SemiBold } from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold';
import { BricolageGrotesque_600SemiBold } from '@expo-google-fonts/bricolage-grotesque/600SemiBold';
import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { useEffect, useState } from 'react';
import { Provider } from 'react-redux';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { Frame } from '../src/root/Frame';
import { openAppStore } from '../src/root/appStore';
import type { AppStore } from '../src/root/store';
import { ThemeKeeper } from '../src/root/ThemeKeeper';

/** Where a screen breaks, this is shown in its place. */
export { Failure as ErrorBoundary } from '../src/root/Failure';

export default function Layout() {
  // The first picture does not wait for the letters: the browser swaps them in.
  useFonts({
    'AtkinsonNext-Regular': AtkinsonHyperlegibleNext_400Regular,
    'AtkinsonNext-SemiBold': AtkinsonHyperlegibleNext_600SemiBold,
    'AtkinsonMono-Regular': AtkinsonHyperlegibleMono_400Regular,
    'AtkinsonMono-SemiBold': AtkinsonHyperlegibleMono_600SemiBold,
    'Bricolage-SemiBold': BricolageGrotesque_600SemiBold,
  });
  const [store, setStore] = useState<AppStore>();
  useEffect(() => {
    void openAppStore().then(setStore);
  }, []);
  // A few milliseconds, while what this device keeps is read.
  if (!store) return null;
  return (
    <Provider store={store}>
      <SafeAreaProvider>
        <ThemeKeeper />
        <Frame>
          <Slot />
        </Frame>
      </SafeAreaProvider>
    </Provider>
  );
}
