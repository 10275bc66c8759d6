import { activateKeepAwakeAsync, deactivateKeepAwake, isAvailableAsync } from 'expo-keep-awake';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { say } from '@hollow-moon/words';
import { dueStepS, nextToDo, secondsInto } from '../bake/progress';
import { useNow } from '../bake/useNow';
import { dueVessel } from '../vessels/pulls';
import { useRunning, type Running } from '../bake/useRunning';
import { useWords } from '../design';
import { useAppSelector } from '../state/state';
import { callOf, dueNow, mostPressingOf, toRing, type Call, type Called } from './due';
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

const asSentence = (text: string): string => (/[.!?]$/.test(text) ? text : `${text}.`);

/** Calls in every way that this device was asked to; of several at once all are said, and the most pressing sounds. */
function useCalls(): (callings: readonly Calling[]) => void {
  const { alarms, aloud, notices } = useAppSelector((state) => state.settings);
  return useCallback(
    (callings) => {
      const pressing = mostPressingOf(callings.map(({ call }) => call));
      if (!pressing) return;
      if (alarms) ring(pressing);
      if (alarms && aloud) speak(callings.map(({ says }) => asSentence(says)).join(' '));
      // A device that shows nothing is a device that shows nothing: the strip is still there.
      if (notices)
        for (const { says, of, path } of callings) notify(says, of, path).catch(() => undefined);
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
function useDayCalls(calls: (callings: readonly Calling[]) => void): boolean {
  const agenda = useAppSelector((state) => state.agenda);
  const due = useMemo(() => Object.values(agenda).flat(), [agenda]);
  const now = useNow(due.length > 0);
  const called = useRef<ReadonlySet<string>>(new Set());
  useEffect(() => {
    const { calls: come, known } = dueNow(due, now, called.current);
    called.current = known;
    calls(
      come.map(({ kind, says, key, path }) => ({
        ...{ call: kind === 'look' ? 'look' : 'step', says, of: key, path },
      })),
    );
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
    const callings = running.flatMap((each): readonly Calling[] => {
      const { id, data, standing, own } = each;
      const vesselNo = dueVessel(own, secondsInto(data, now));
      const stands: Called = { call: callOf(standing), stepS: dueStepS(data, now), vesselNo };
      const call = toRing(called.current.get(id), stands);
      called.current.set(id, stands);
      const path = `/bake/${id}`;
      return call ? [{ call, says: inWords(each, call, now, vesselNo), of: id, path }] : [];
    });
    calls(callings);
  }, [running, now, calls, inWords]);
  return null;
}
