import { activateKeepAwakeAsync, deactivateKeepAwake, isAvailableAsync } from 'expo-keep-awake';
import { useEffect, useRef } from 'react';
import { dueStepS } from '../bake/progress';
import { useRunning } from '../bake/useRunning';
import { useAppSelector } from '../state/state';
import { callOf, toRing, type Called } from './due';
import { hearTouch, ring } from './voice';

/** The screen is kept from sleeping under this name. */
const AWAKE = 'a-bake-in-the-oven';

/** Keeps the screen awake while `on`, as far as the device lets it; anew each time it comes back to the front. */
function useAwake(on: boolean): void {
  useEffect(() => {
    if (!on) return undefined;
    let over = false;
    const wake = () => {
      if (document.visibilityState !== 'visible') return;
      isAvailableAsync()
        .then((can) => (can && !over ? activateKeepAwakeAsync(AWAKE) : undefined))
        // A device that will not is a device that will not.
        .catch(() => undefined);
    };
    wake();
    document.addEventListener('visibilitychange', wake);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', wake);
      deactivateKeepAwake(AWAKE).catch(() => undefined);
    };
  }, [on]);
}

/** Calls the cook, on whatever screen, when a bake in the oven wants something; and keeps the screen awake for it. */
export function Alarms() {
  const on = useAppSelector((state) => state.settings.alarms);
  const { running, now } = useRunning();
  const called = useRef(new Map<string, Called>());
  useEffect(() => hearTouch(), []);
  useAwake(running.length > 0);
  useEffect(() => {
    for (const { id, data, standing } of running) {
      const stands: Called = { call: callOf(standing), stepS: dueStepS(data, now) };
      const call = toRing(called.current.get(id), stands);
      called.current.set(id, stands);
      if (call && on) ring(call);
    }
  }, [running, now, on]);
  return null;
}
