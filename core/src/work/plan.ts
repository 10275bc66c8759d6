import type { BlindForecast, BlindPlan, LinedStart } from '../blind';
import type { Build, BuildFormula } from '../build';
import type { Rings } from '../doneness';
import { stillAt, type Forecast, type ForecastPlan } from '../forecast';
import type { PartKind } from '../formula';
import type { OutStep, OvenKind, OvenStep } from '../oven';
import { judgePart } from '../setting';
import { cookOnStove, type StoveForecast } from '../stove';
import type { Vessel } from '../vessel';
import type { Span } from './task';

/** A stage of a shell's blind bake as its formula has it. */
export interface StageOfBake {
  readonly minutes: number;
  readonly setC: number;
  readonly weighted: boolean;
  readonly outOfRing: boolean;
}

/** A formula with all that its work depends on. */
export interface MadeFormula extends BuildFormula {
  readonly setC: number;
  readonly fillingStartC: number;
  readonly ovenId: string | null;
  readonly bath: { readonly panLengthMm: number; readonly panBreadthMm: number } | null;
  readonly shellBake: {
    readonly raw: boolean;
    /** What a lined shell is when it goes into the oven. */
    readonly start: LinedStart;
    readonly restMin: number;
    readonly seal: string;
    readonly stages: readonly StageOfBake[];
  };
  readonly ovenUse: {
    readonly steps: readonly OvenStep[];
    readonly out: readonly OutStep[];
    /** How the oven is used where it can be more than one. */
    readonly mode?: OvenKind | null;
  };
  /** What the cook's own card says, in its order. */
  readonly steps: readonly string[];
}

/** What was worked out for a bake, and is needed to say how long its tasks take. */
export interface Computed {
  /** The empty shell in the oven, min. */
  readonly blind?: Span;
  /** The bake from in to out, min: its window. */
  readonly bake?: Span;
  /** From the pull to when it may be cut, and turned out, min. */
  readonly cutMin?: number;
  readonly turnOutMin?: number;
  /** How far it has set at the pull. */
  readonly moon?: Rings;
  /** The main filling on the hob, min. */
  readonly stoveMin?: number;
}

/** What a list of work is made from. */
export interface WorkPlan {
  readonly formula: MadeFormula;
  readonly build: Build;
  readonly vessel: Vessel | undefined;
  /** Where a shell is baked whose filling needs no oven. */
  readonly shellOvenId: string | undefined;
  readonly roomC: number;
  readonly computed: Computed;
  /** Its shell is in the freezer, lined: no dough is made for it. */
  readonly frozenShell?: boolean;
  /** A dough from the book is made for it by itself, and not once for all bakes that take it. */
  readonly doughApart?: boolean;
  /** Vessels that one pan of water holds; all of them when not said. */
  readonly perPan?: number;
}

const minutes = (seconds: number): number => Math.round(seconds / 60);

const ordered = (earliestMin: number, expectedMin: number, latestMin: number): Span => ({
  earliestMin: Math.min(earliestMin, expectedMin),
  expectedMin,
  latestMin: Math.max(latestMin, expectedMin),
});

/** The window of a bake as a span; of one without a window the minute that the forecast draws. */
export function bakeSpan({ verdict, pullS }: Pick<Forecast, 'verdict' | 'pullS'>): Span {
  if (verdict.kind !== 'window') return ordered(minutes(pullS), minutes(pullS), minutes(pullS));
  const { earliest, best, latest } = verdict;
  return ordered(minutes(earliest.timeS), minutes(best.timeS), minutes(latest.timeS));
}

/** A blind bake as it is planned: from when its base is dry and coloured to when its rim turns dark, as far as either comes. */
export function blindSpan({ endS, moments }: Pick<BlindForecast, 'endS' | 'moments'>): Span {
  const { baseDryS, baseColourS, rimDarkS } = moments;
  const doneS =
    baseDryS === undefined || baseColourS === undefined ? endS : Math.max(baseDryS, baseColourS);
  return ordered(minutes(doneS), minutes(endS), minutes(rimDarkS ?? endS));
}

/** What a forecast, a blind bake and a pan say about the minutes of a bake; any of them may be missing. */
export function computedFrom({
  forecast: baked,
  blind,
  stove,
}: {
  readonly forecast?: Forecast;
  readonly blind?: Pick<BlindForecast, 'endS' | 'moments'>;
  readonly stove?: Pick<StoveForecast, 'offS'>;
}): Computed {
  const readyMin = (what: 'cut' | 'turn-out') => {
    const atS = baked?.cooling?.ready.find((each) => each.what === what)?.atS;
    return atS === undefined ? undefined : minutes(atS);
  };
  const [cutMin, turnOutMin] = [readyMin('cut'), readyMin('turn-out')];
  return {
    ...(blind ? { blind: blindSpan(blind) } : {}),
    ...(baked ? { bake: bakeSpan(baked), moon: stillAt(baked, baked.pullS).frame.rings } : {}),
    ...(cutMin === undefined ? {} : { cutMin }),
    ...(turnOutMin === undefined ? {} : { turnOutMin }),
    ...(stove ? { stoveMin: Math.max(1, minutes(stove.offS)) } : {}),
  };
}

/** The depth at which a cream is stirred easily, mm, and pans that kitchens have, mm across. Common practice. */
const STIRRED_DEPTH_MM = 50;
const PANS_MM = [160, 200, 240, 280, 320, 400] as const;

/** What is boiled with its starch is held at the boil so long, s. Common practice: 1 to 2 min. */
const HELD_S = 90;

/** Milk is poured warm on the yolks of a starch cream, juice and sugar hot on those of a curd, °C. Common practice. */
const STARTS_C = { boiled: 50, curd: 70 } as const;

/**
 * The main filling cooked in the smallest pan it is easily stirred in, from `startC`, as its family asks; `undefined`
 * where the stove has no part in it or no pan will do.
 */
export function stoveOf(
  { build, formula, roomC }: Pick<WorkPlan, 'build' | 'formula' | 'roomC'>,
  altitudeM: number,
): StoveForecast | undefined {
  const { filling } = build;
  const verdict = judgePart(filling, formula.family, formula.shell);
  const endC = 'endC' in verdict ? verdict.endC : undefined;
  if (!endC || !STIRRED.has(formula.family) || !(filling.totalG > 0)) return undefined;
  const boiled = endC.from >= 90;
  const volumeMm3 = filling.whole.volumeMl * 1000;
  const panDiameterMm =
    PANS_MM.find((each) => volumeMm3 / ((Math.PI / 4) * each ** 2) <= STIRRED_DEPTH_MM) ??
    PANS_MM[PANS_MM.length - 1]!;
  const cooked = cookOnStove({
    analysis: filling,
    massG: filling.totalG,
    panDiameterMm,
    startC: boiled ? STARTS_C.boiled : STARTS_C.curd,
    heat: boiled ? 'medium' : 'gentle',
    endC,
    holdS: boiled ? HELD_S : 0,
    roomC,
    altitudeM,
  });
  return cooked.ok ? cooked.value : undefined;
}

/** Whether what the cold sets is set by chocolate, and not by a gelling agent. */
export function setByChocolate({ filling }: Pick<Build, 'filling'>): boolean {
  const has = (what: RegExp) =>
    filling.lines.some(({ ingredient }) => what.test(ingredient?.id ?? ''));
  return has(/chocolate/) && !has(/^(gelatine|agar)/);
}

/** Families that are made on the hob. */
export const STIRRED: ReadonlySet<PartKind> = new Set(['starch-cream', 'starch-pudding', 'curd']);

/** What has to be forecast of a bake before its tasks are known; what needs no oven asks nothing. */
export interface WorkAsk {
  readonly bake?: ForecastPlan;
  readonly blind?: BlindPlan;
}
