import { say } from '@hollow-moon/words';
import { lazy, Suspense, type ComponentType } from 'react';
import { View } from 'react-native';
import { Soft } from '../design';

/** A screen whose code is fetched when it is first opened, so that the shelf and the forecast are there sooner. */
export function later(load: () => Promise<ComponentType>): ComponentType {
  const Screen = lazy(() => load().then((screen) => ({ default: screen })));
  return function Later() {
    return (
      <Suspense
        fallback={
          <View className="items-center p-8">
            <Soft>{say('layout.opening-the-kitchens-book')}</Soft>
          </View>
        }
      >
        <Screen />
      </Suspense>
    );
  };
}
