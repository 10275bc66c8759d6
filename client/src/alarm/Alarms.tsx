import { activateKeepAwakeAsync, deactivateKeepAwake, isAvailableAsync } from 'expo-keep-awake';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { say } from '@hollow-moon/words';
import { dueStepS, nextToDo, secondsInto } from '../bake/progress';
import { useNow } from '../bake/useNow';
import { dueVessel } from '../vessels/pulls';
import { useRunning, type Running } from '../bake/useRunning';
import { useWords } from '../design';
import { useAppSelector } from '../state/state';
import { callOf, dueNow, toRing, type Call, type Called } from './due';
import { notify, speak } from './saying';
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

/** Something that calls: how it sounds, what is said of it, and where it is seen. */
interface Calling {
  readonly call: Call;
  readonly says: string;
  /** The bake or the task: what it calls for next takes the place of this. */
  readonly of: string;
  readonly path: string;
}

/** Calls in every way that this device was asked to. */
function useCalls(): (calling: Calling) => void {
  const { alarms, aloud, notices } = useAppSelector((state) => state.settings);
  return useCallback(
    ({ call, says, of, path }) => {
      if (alarms) ring(call);
      if (alarms && aloud) speak(says);
      // A device that shows nothing is a device that shows nothing: the strip is still there.
      if (notices) notify(says, of, path).catch(() => undefined);
    },
    [alarms, aloud, notices],
  );
}

/** What a bake calls for, in a sentence that is heard once. */
function useCallInWords() {
  const { degrees, unit } = useWords();
  return ({ data }: Running, call: Call, now: number, vesselNo = 0): string => {
    const bake = data.formulaName;
    if (call === 'vessel') return say('vessels.call', { bake, no: vesselNo });
    if (call !== 'step') return say(`bake.call-${call}`, { bake });
    const toDo = nextToDo(data, now, (celsius) => `${degrees(celsius)} ${unit}`) ?? '';
    return say('bake.call-step', { bake, toDo });
  };
}

/** Calls for what of a day is due: each thing once, and not for what was due long before anybody could hear it. */
function useDayCalls(calls: (calling: Calling) => void): boolean {
  const agenda = useAppSelector((state) => state.agenda);
  const due = useMemo(() => Object.values(agenda).flat(), [agenda]);
  const now = useNow(due.length > 0);
  const called = useRef<ReadonlySet<string>>(new Set());
  useEffect(() => {
    const { calls: come, known } = dueNow(due, now, called.current);
    called.current = known;
    const [first] = come;
    if (!first) return;
    const { kind, says, key, path } = first;
    calls({ call: kind === 'look' ? 'look' : 'step', says, of: key, path });
  }, [due, now, calls]);
  return due.some(({ atMs }) => Math.abs(atMs - now) < NEAR_MS);
}

/** A task so near keeps the screen awake, ms. */
const NEAR_MS = 15 * 60_000;

/** Calls the cook, on whatever screen, when a bake in the oven or a task of the day wants something; and keeps the screen awake for it. */
export function Alarms() {
  const calls = useCalls();
  const inWords = useCallInWords();
  const { running, now } = useRunning();
  const called = useRef(new Map<string, Called>());
  useEffect(() => hearTouch(), []);
  const near = useDayCalls(calls);
  useAwake(running.length > 0 || near);
  useEffect(() => {
    for (const each of running) {
      const { id, data, standing, own } = each;
      const vesselNo = dueVessel(own, secondsInto(data, now));
      const stands: Called = { call: callOf(standing), stepS: dueStepS(data, now), vesselNo };
      const call = toRing(called.current.get(id), stands);
      called.current.set(id, stands);
      if (call)
        calls({ call, says: inWords(each, call, now, vesselNo), of: id, path: `/bake/${id}` });
    }
  }, [running, now, calls, inWords]);
  return null;
}
