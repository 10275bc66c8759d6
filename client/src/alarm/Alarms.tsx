import { activateKeepAwakeAsync, deactivateKeepAwake, isAvailableAsync } from 'expo-keep-awake';
import { useEffect, useMemo, useRef } from 'react';
import { dueStepS } from '../bake/progress';
import { useNow } from '../bake/useNow';
import { useRunning } from '../bake/useRunning';
import { useAppSelector } from '../state/state';
import { callOf, dueNow, toRing, type Called } from './due';
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

/** Calls for what of a day is due: each thing once, and not for what was due long before anybody could hear it. */
function useDayCalls(on: boolean): boolean {
  const agenda = useAppSelector((state) => state.agenda);
  const due = useMemo(() => Object.values(agenda).flat(), [agenda]);
  const now = useNow(due.length > 0);
  const called = useRef<ReadonlySet<string>>(new Set());
  useEffect(() => {
    const { calls, known } = dueNow(due, now, called.current);
    called.current = known;
    const [first] = calls;
    if (first && on) ring(first.kind === 'look' ? 'look' : 'step');
  }, [due, now, on]);
  return due.some(({ atMs }) => Math.abs(atMs - now) < NEAR_MS);
}

/** A task so near keeps the screen awake, ms. */
const NEAR_MS = 15 * 60_000;

/** Calls the cook, on whatever screen, when a bake in the oven or a task of the day wants something; and keeps the screen awake for it. */
export function Alarms() {
  const on = useAppSelector((state) => state.settings.alarms);
  const { running, now } = useRunning();
  const called = useRef(new Map<string, Called>());
  useEffect(() => hearTouch(), []);
  const near = useDayCalls(on);
  useAwake(running.length > 0 || near);
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
