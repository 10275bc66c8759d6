import { lazy, Suspense, type ComponentType } from 'react';
import { Opening } from './Hollow';

/** A screen whose code is fetched when it is first opened, so that the shelf and the forecast are there sooner. */
export function later(load: () => Promise<ComponentType>): ComponentType {
  const Screen = lazy(() => load().then((screen) => ({ default: screen })));
  return function Later() {
    return (
      <Suspense fallback={<Opening />}>
        <Screen />
      </Suspense>
    );
  };
}
