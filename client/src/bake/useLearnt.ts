import {
  deedsOf,
  foreseenFrom,
  type BakeData,
  type Noted,
  type Reading as NotedReading,
} from '@hollow-moon/contract';
import { asBaked, type ForecastPlan } from '@hollow-moon/core';
import {
  LEAST_TRACES,
  learn,
  offBy,
  pullsByVessel,
  steadyOvenC,
  type Learnt,
  type Reading,
  type VesselPull,
} from '@hollow-moon/core/learning';
import { useMemo } from 'react';
import { asBegunSince, withoutMade, type AsForecast } from '../deeds';
import { useJob } from '../jobs';
import type { BelievedForecast } from './believed';
import { lastIn } from '../vessels/pulls';
import { useTraces } from './useTraces';

/** The runs go on for so long past the planned pull, as a share of it and s: a slow oven takes half as long again. */
const FURTHER = { share: 1.6, s: 1800 } as const;

/** What readings have taught of a running bake, and the bake as it is foreseen since. */
export interface Believed {
  /** The bake with its forecast as it stands now; as it was begun until something is learnt. */
  readonly data: BakeData;
  readonly learnt: Learnt | undefined;
  /** Readings in the middle that nothing explains, newer than all that is believed: what they say comes before a pull. */
  readonly heeded: readonly NotedReading[];
  /** When single vessels are best that were read by themselves. */
  readonly vessels: readonly VesselPull[];
}

/**
 * Readings of the middle that are further off than anything that is unsure explains, and not because of their unit. They
 * teach nothing, but a cook who reads 50 °C must not be told to pull: they are held against the forecast as they are.
 */
function heededOf(
  { believed, doubted }: Learnt,
  readings: readonly NotedReading[],
): NotedReading[] {
  const lastS = Math.max(
    -Infinity,
    ...readings
      .filter(({ id, place }) => place === 'centre' && believed.includes(id))
      .map(({ atS }) => atS),
  );
  return readings.filter(
    ({ id, place, atS }) =>
      place === 'centre' &&
      atS > lastS &&
      doubted.some((each) => each.id === id && each.why === 'unlikely'),
  );
}

/** What is noted of a bake in the oven, as readings to learn from. */
function readingsOf({ surfaceMm, vesselCount }: BakeData, { readings, wobbles }: Noted): Reading[] {
  // A number of a single vessel, or of one more than there are, says nothing.
  const which = ({ vesselNo }: { readonly vesselNo?: number | undefined }) =>
    vesselNo !== undefined && vesselCount > 1 && vesselNo <= vesselCount ? { vesselNo } : {};
  return [
    ...readings.flatMap((reading): Reading[] => {
      const { id, atS, place, celsius } = reading;
      if (place === 'pan') return [];
      return [{ id, atS, place, celsius, ...(place === 'oven' ? {} : which(reading)) }];
    }),
    ...wobbles.map((wobble): Reading => {
      const { id, atS, diameterMm } = wobble;
      return { id, atS, place: 'wobble', share: diameterMm / surfaceMm, ...which(wobble) };
    }),
  ];
}

/** What readings have taught of a bake, and of single vessels of it. */
export interface Taught {
  readonly learnt: Learnt;
  readonly vessels: readonly VesselPull[];
}

/** What was read of a bake says of the plan it was really baked by; `undefined` until it is worked out, and of nothing read. */
export function useTaught(
  plan: ForecastPlan | undefined,
  data: BakeData,
  noted: Noted,
): Taught | undefined {
  const untilS = Math.round(FURTHER.share * data.foreseen.pullS + FURTHER.s);
  const traces = useTraces(plan, untilS);
  return useMemo(() => {
    if (!plan || !traces || traces.length < LEAST_TRACES) return undefined;
    const readings = readingsOf(data, noted);
    if (readings.length === 0) return undefined;
    const ovenC = steadyOvenC(plan);
    const last = lastIn(data.vesselCount, noted.deeds);
    return {
      learnt: learn(traces, readings, ovenC, last),
      // The last one in the oven is what the forecast is of.
      vessels: last === undefined ? pullsByVessel(traces, readings, ovenC) : [],
    };
  }, [plan, traces, data, noted]);
}

/**
 * A running bake as its readings and what was done to it say it goes: the runs of its plan as it was really baked, weighed
 * by what was read, and the forecast made anew with what is most likely; `before` is what was believed last. Nothing is
 * learnt of a bake that is out of the oven, or that was begun without a plan. `asked` is the forecast it stands on.
 */
export function useLearnt(
  data: BakeData,
  noted: Noted,
  before: BelievedForecast | undefined,
): {
  readonly shown: Believed;
  readonly followed: Believed | undefined;
  readonly asked: AsForecast | undefined;
} {
  const planned = data.pulledAt === null ? data.planned?.plan : undefined;
  const plan = useMemo(
    () => planned && asBaked(planned, deedsOf(noted.deeds, planned)),
    [planned, noted.deeds],
  );
  const taught = useTaught(plan, data, noted);
  const learnt = taught?.learnt;
  const asked = useMemo((): AsForecast | undefined => {
    if (!plan) return undefined;
    return learnt && learnt.believed.length > 0
      ? { plan: offBy(plan, learnt.shift), setShiftK: learnt.shift.setK }
      : { plan, setShiftK: 0 };
  }, [plan, learnt]);
  // As it was begun it is forecast already.
  const ask = asked?.plan === planned ? undefined : asked;
  const { answer, settled } = useJob('forecast', ask, 'now');
  const followed = useMemo((): Believed | undefined => {
    if (!plan || (!learnt && !ask)) return undefined;
    const heeded = learnt ? heededOf(learnt, noted.readings) : noted.readings;
    const vessels = taught?.vessels ?? [];
    if (!ask) return { data, learnt, heeded, vessels };
    if (!settled || !answer?.ok) return undefined;
    const use = { topUp: plan.topUp ?? null, out: [...(plan.out ?? [])] };
    const foreseen = withoutMade(foreseenFrom(answer.value, use), noted.deeds);
    return { data: { ...data, foreseen }, learnt, heeded, vessels };
  }, [data, noted, plan, ask, answer, settled, learnt, taught]);
  const shown = useMemo((): Believed => {
    if (followed) return followed;
    // Until the forecast has followed, what was believed before stands, and what is new is held against it as it is.
    if (!ask || !before) {
      const foreseen = asBegunSince(data.foreseen, noted.deeds);
      return {
        data: { ...data, foreseen },
        learnt: undefined,
        heeded: noted.readings,
        vessels: [],
      };
    }
    const known = before.of.split(' ');
    const fresh = noted.readings.filter(({ id }) => !known.includes(id));
    return {
      data: { ...data, foreseen: before.foreseen },
      learnt: before.learnt,
      heeded: [...before.heeded, ...fresh],
      vessels: before.vessels,
    };
  }, [data, noted, followed, ask, before]);
  return { shown, followed, asked };
}
