import type { Family, PartKind, ShellKind } from '../formula';
import type { Finding } from '../result';
import type { PartVerdict } from './verdict';

/** What the oven does to a filling, as far as a forecast needs to know. */
export interface Bakes {
  /** Temperature at which it reads as set when warmed as an oven does, °C. */
  readonly setC: number;
  /** Standard uncertainty of `setC`, K. */
  readonly setUncertaintyK: number;
  /** From where heat spoils it, °C; `undefined` where it does not. */
  readonly curdleC: number | undefined;
  /** What that is called of it. */
  readonly spoils: 'curdles' | 'weeps' | 'grainy';
  /** Hotter than this its middle may not get, °C, whatever the rest of it; `undefined` where only the share counts. */
  readonly middleAtMostC: number | undefined;
  /** Share of the filling that may be spoilt before it is tasted; 1 where no heat spoils it. */
  readonly spoiltAtMost: number;
  /** Air whisked or creamed into it, as a share of its volume. From memory. */
  readonly air: number;
  /** How many times faster than a dough its top browns. Calibrated; docs/model.md. */
  readonly browns: number;
  /** Done when its top is golden as well: what no heat spoils is baked to colour. Common practice. */
  readonly toGold: boolean;
  /** Done when a knife comes out clean in the oven, without trusting to the coast. Common practice. */
  readonly toKnife: boolean;
  /** Thick from the start: it carries heat by conduction alone. */
  readonly thick: boolean;
}

type Baked = Omit<
  Bakes,
  'setUncertaintyK' | 'spoiltAtMost' | 'toGold' | 'toKnife' | 'middleAtMostC'
>;

/**
 * Where the middle of a purée weeps and cracks as it cools, and of a cheese filling turns grainy, °C: what the cook is
 * told, so the window ends there. From memory.
 */
export const MIDDLE_AT_MOST_C = { 'puree-custard': 90, 'fresh-cheese': 77 } as const;

/** Custards: the outer centimetre of a 23 cm tart. Calibrated; docs/model.md. */
const CUSTARD_SPOILT = 0.27;

/**
 * Purées and cheese fillings: their rim is meant to be firm and puffed, and they weep and crack from
 * the middle, so most of it has to be spoilt. Calibrated on that; docs/model.md.
 */
const FIRM_RIM_SPOILT = 0.6;

/** Milk, egg and syrups brown sooner than a dough (common practice: an egg wash). Calibrated; docs/model.md. */
const MILK_BROWNS = 2.3;
const SUGAR_BROWNS = 1.8;
const NUT_BROWNS = 3.6;

/**
 * Fillings judged by a sign that are baked. `setC` is put so that the middle is pulled within the band of
 * practice (purée 79 to 82, cheese 65 to 70, syrup 93 to 96, nut cream 90, batter 80 °C). Spoilt where they
 * are said to be, by the same shift: a purée weeps past 90 °C, a cheese filling is grainy past 77 (from
 * memory). Flour, much sugar or nuts leave the others nothing to curdle. Calibrated; docs/model.md.
 */
const BY_SIGN: Readonly<Partial<Record<Family, Baked>>> = {
  'puree-custard': {
    setC: 82.7,
    curdleC: 90,
    spoils: 'weeps',
    air: 0.02,
    browns: MILK_BROWNS,
    thick: true,
  },
  'fresh-cheese': {
    setC: 72.5,
    curdleC: 85,
    spoils: 'grainy',
    air: 0.03,
    browns: MILK_BROWNS,
    thick: true,
  },
  'batter-custard': {
    setC: 84.5,
    curdleC: undefined,
    spoils: 'curdles',
    air: 0.05,
    browns: MILK_BROWNS,
    thick: false,
  },
  'syrup-nut': {
    setC: 94,
    curdleC: undefined,
    spoils: 'curdles',
    air: 0.02,
    browns: SUGAR_BROWNS,
    thick: true,
  },
  'fruit-filling': {
    setC: 82,
    curdleC: undefined,
    spoils: 'curdles',
    air: 0.02,
    browns: MILK_BROWNS,
    thick: true,
  },
  'nut-cream': {
    setC: 91,
    curdleC: undefined,
    spoils: 'curdles',
    air: 0.06,
    browns: NUT_BROWNS,
    thick: true,
  },
};

/** Standard uncertainty of an end point that is a band of practice, K. From memory. */
const BY_SIGN_UNCERTAINTY_K = 2;

/** Why a filling of which the list is known can still be poured when it is cold; `undefined` where it cannot. */
export function whyItStaysLiquid(verdict: PartVerdict): Finding | undefined {
  if (verdict.kind !== 'judged' && verdict.kind !== 'by-sign') return undefined;
  if (verdict.firmness !== 'pourable') return undefined;
  const { warnings } = verdict;
  return warnings[0] ?? (verdict.kind === 'judged' ? verdict.why.firmness : verdict.firmnessWhy);
}

/** Where a judged custard sets, °C; `undefined` where it stays liquid, and for what is not judged so. Never throws. */
export const setsAtC = (verdict: PartVerdict): number | undefined =>
  verdict.kind === 'judged' && !whyItStaysLiquid(verdict) ? verdict.setC : undefined;

/** How a filling bakes; `undefined` for what is not set in an oven, or by nothing on its list. Never throws. */
export function bakesOf(verdict: PartVerdict, kind: PartKind, shell: ShellKind): Bakes | undefined {
  // What stays liquid has no minute at which it is done, however long its egg has cooked.
  if (whyItStaysLiquid(verdict)) return undefined;
  if (verdict.kind === 'judged') {
    const { setC, setUncertaintyK, curdleC, firmness } = verdict;
    return {
      setC,
      setUncertaintyK,
      curdleC,
      spoils: 'curdles',
      middleAtMostC: undefined,
      spoiltAtMost: curdleC === undefined ? 1 : CUSTARD_SPOILT,
      air: 0.005,
      browns: MILK_BROWNS,
      toGold: false,
      toKnife: shell === 'none' && firmness === 'unmouldable',
      thick: false,
    };
  }
  if (verdict.kind !== 'by-sign') return undefined;
  const baked = BY_SIGN[kind as Family];
  return (
    baked && {
      ...baked,
      middleAtMostC: (MIDDLE_AT_MOST_C as Partial<Record<PartKind, number>>)[kind],
      spoiltAtMost: baked.curdleC === undefined ? 1 : FIRM_RIM_SPOILT,
      setUncertaintyK: BY_SIGN_UNCERTAINTY_K,
      toGold: baked.curdleC === undefined,
      toKnife: baked.curdleC === undefined,
    }
  );
}
