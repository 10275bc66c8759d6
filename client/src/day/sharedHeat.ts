import type { DayData, WantedData } from '@hollow-moon/contract';
import type { ForecastVerdict } from '@hollow-moon/core';
import {
  asWanted,
  sessionOf,
  wayDataOf,
  workAskOf,
  workListOf,
} from '@hollow-moon/contract/planning';
import {
  computedFrom,
  costOf,
  nearHeats,
  type Measures,
  type NearHeat,
} from '@hollow-moon/core/planning';
import type { KitchenBook } from '../book/book';
import { pool } from '../jobs';
import type { Planned } from './usePlan';
import { workedIn, type Works } from './useWorks';

/** A formula that could share a heat: which of the bakes that are wanted, and beside what. */
export interface Candidate extends Omit<NearHeat, 'bake'> {
  readonly formulaId: string;
  /** All bakes of it that are wanted at the heat it has now. */
  readonly bakes: readonly string[];
}

/** A heat that may be shared: the forecasts of what changes, and what is gained. */
export interface Offer extends Candidate {
  readonly was: ForecastVerdict;
  readonly now: ForecastVerdict;
  readonly lessHeats: number;
  readonly lessThereMin: number;
  /** The day with it. */
  readonly day: DayData;
}

/** Bakes near in their settings, each formula once: two of it go on sharing what they share. */
export function candidatesIn({ wanted }: DayData, session: Planned['session']): Candidate[] {
  const found = new Map<string, Candidate>();
  for (const { bake, beside, fromC, toC } of nearHeats(session)) {
    const { formulaId, ovenC } = wanted.find(({ id }) => id === bake)!;
    const bakes = wanted
      .filter((each) => each.formulaId === formulaId && each.ovenC === ovenC)
      .map(({ id }) => id);
    const key = `${formulaId}@${fromC}>${toC}`;
    if (!found.has(key)) found.set(key, { formulaId, bakes, beside, fromC, toC });
  }
  return [...found.values()];
}

/** What is asked of the day with a candidate's bakes at the other heat, back at their formula's where that is the same. */
function heated(day: DayData, { bakes, toC }: Candidate, usualC: number): DayData {
  const ovenC = toC === usualC ? null : toC;
  const wanted = day.wanted.map((each): WantedData =>
    bakes.includes(each.id) ? { ...each, ovenC } : each,
  );
  return { ...day, wanted };
}

/** What a day is planned from. */
export interface DayAsked {
  readonly day: DayData;
  readonly planned: Planned;
  readonly works: Works;
  readonly book: KitchenBook;
}

const troubled = ({ left, lateMin, pastBestMin, coldOver }: Measures): readonly number[] => [
  left,
  lateMin,
  pastBestMin,
  coldOver,
];

/**
 * The offer of a candidate; `undefined` where the oven would have no right minute for it at that heat, where anything would
 * be later or worse than it is, or where nothing is gained. Forecasts and plans are made beside the screen.
 */
async function offerOf(
  { day, planned, works, book }: DayAsked,
  candidate: Candidate,
): Promise<Offer | undefined> {
  const { formulaId, bakes } = candidate;
  const own = book.formulaOf(formulaId);
  const first = day.wanted.find(({ id }) => id === bakes[0]);
  if (!own || !first) return undefined;
  const where = workedIn(book);
  const next = heated(day, candidate, own.setC);
  const data = asWanted(
    own,
    next.wanted.find(({ id }) => id === first.id)!,
  );
  const [asked, before] = [workAskOf(data, where), workAskOf(asWanted(own, first), where)];
  if (!asked.bake || !before.bake) return undefined;
  const forecast = (plan: NonNullable<typeof asked.bake>) =>
    pool().ask('forecast', { plan }, { priority: 'now' }).answer;
  const [now, was, shell] = await Promise.all([
    forecast(asked.bake),
    forecast(before.bake),
    asked.blind && pool().ask('blind', { plan: asked.blind }, { priority: 'now' }).answer,
  ]);
  if (!now.ok || !was.ok || now.value.verdict.kind !== 'window') return undefined;
  const computed = computedFrom({
    forecast: now.value,
    ...(shell?.ok ? { blind: shell.value } : {}),
  });
  const baked: Works['bakes'][number][] = [];
  for (const each of works.bakes) {
    const wanted = day.wanted.find(({ id }) => id === each.id);
    if (!bakes.includes(each.id) || !wanted) {
      baked.push(each);
      continue;
    }
    const work = workListOf(data, wanted, where, computed);
    if (!work.ok) return undefined;
    baked.push({ ...each, work: work.value });
  }
  const session = sessionOf(next, baked, where);
  const { presence } = day;
  // A plan that is kept minute by minute gains nothing by itself: the day is also looked at anew.
  const plans = await Promise.all(
    [day.way ? planned.way : null, null].map(
      (way) =>
        pool().ask('planned', { session, before: way, presence }, { priority: 'now' }).answer,
    ),
  );
  const costs = (measures: Measures) => costOf(measures, { presence });
  const [best] = plans
    .flatMap((plan) => (plan ? [plan] : []))
    .sort((a, b) => costs(a.measures) - costs(b.measures));
  if (!best) return undefined;
  const { measures } = planned;
  const worse = troubled(best.measures).some((each, index) => each > troubled(measures)[index]!);
  const lessHeats = measures.changes - best.measures.changes;
  const lessThereMin = measures.presenceMin - best.measures.presenceMin;
  if (worse || costs(best.measures) >= costs(measures)) return undefined;
  if (lessHeats <= 0 && lessThereMin <= 0) return undefined;
  return {
    ...candidate,
    was: was.value.verdict,
    now: now.value.verdict,
    lessHeats,
    lessThereMin,
    day: { ...next, way: wayDataOf(best.way) },
  };
}

/** No more than so many are offered. */
const OFFERED = 4;

/** What could share a heat, what saves the cook most first; `onTold` hears how far it has come. */
export async function offersOf(
  asked: DayAsked,
  candidates: readonly Candidate[],
  onTold: (done: number) => void,
): Promise<readonly Offer[]> {
  const offers: Offer[] = [];
  for (const [index, candidate] of candidates.entries()) {
    onTold(index);
    const offer = await offerOf(asked, candidate);
    if (offer) offers.push(offer);
  }
  return offers
    .sort((a, b) => b.lessThereMin - a.lessThereMin || b.lessHeats - a.lessHeats)
    .slice(0, OFFERED);
}
