import type { Family, PartKind } from '../formula';
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
  readonly spoils: string;
  /** Share of the filling that may be spoilt before it is tasted; 1 where no heat spoils it. */
  readonly spoiltAtMost: number;
  /** How soon its open surface forms a skin: water lost by which it dries half as fast, kg/m². */
  readonly skinKgM2: number;
  /** Air whisked or creamed into it, as a share of its volume. From memory. */
  readonly air: number;
  /** Thick from the start: it carries heat by conduction alone. */
  readonly thick: boolean;
}

type Baked = Omit<Bakes, 'setUncertaintyK' | 'spoiltAtMost'>;

/** Custards: the outer centimetre of a 23 cm tart. Calibrated; docs/model.md. */
const CUSTARD_SPOILT = 0.2;

/**
 * Purées and cheese fillings: their rim is meant to be firm and puffed, and they weep and crack from
 * the middle, so most of it has to be spoilt. Calibrated on that; docs/model.md.
 */
const FIRM_RIM_SPOILT = 0.6;

/** Water lost by which a skin has halved the drying, kg/m²; sugar crusts sooner. Calibrated. */
const CUSTARD_SKIN_KG_M2 = 0.4;
const SUGAR_SKIN_KG_M2 = 0.1;

/**
 * Fillings judged by a sign that are baked. `setC` is put so that the middle is pulled within the band of
 * practice (purée 79 to 82, cheese 65 to 70, syrup 93 to 96, nut cream 90, batter 80 °C). Spoilt where they
 * are said to be, by the same shift: a purée weeps past 85 °C, a cheese filling is grainy past 77 (from
 * memory). Flour, much sugar or nuts leave the others nothing to curdle. Calibrated; docs/model.md.
 */
const BY_SIGN: Readonly<Partial<Record<Family, Baked>>> = {
  'purée-custard': {
    setC: 83.5,
    curdleC: 90,
    spoils: 'weeps',
    skinKgM2: CUSTARD_SKIN_KG_M2,
    air: 0.02,
    thick: true,
  },
  'fresh-cheese': {
    setC: 73.5,
    curdleC: 85,
    spoils: 'turns grainy',
    skinKgM2: CUSTARD_SKIN_KG_M2,
    air: 0.03,
    thick: true,
  },
  'batter-custard': {
    setC: 84.5,
    curdleC: undefined,
    spoils: 'curdles',
    skinKgM2: CUSTARD_SKIN_KG_M2,
    air: 0.05,
    thick: false,
  },
  'syrup-nut': {
    setC: 95.5,
    curdleC: undefined,
    spoils: 'curdles',
    skinKgM2: SUGAR_SKIN_KG_M2,
    air: 0.02,
    thick: true,
  },
  'nut-cream': {
    setC: 91.5,
    curdleC: undefined,
    spoils: 'curdles',
    skinKgM2: CUSTARD_SKIN_KG_M2,
    air: 0.06,
    thick: true,
  },
};

/** Standard uncertainty of an end point that is a band of practice, K. From memory. */
const BY_SIGN_UNCERTAINTY_K = 2;

/** How a filling bakes; `undefined` for what is not set in an oven, or by nothing on its list. Never throws. */
export function bakesOf(verdict: PartVerdict, kind: PartKind): Bakes | undefined {
  if (verdict.kind === 'judged') {
    const { setC, setUncertaintyK, curdleC } = verdict;
    return {
      setC,
      setUncertaintyK,
      curdleC,
      spoils: 'curdles',
      spoiltAtMost: curdleC === undefined ? 1 : CUSTARD_SPOILT,
      skinKgM2: CUSTARD_SKIN_KG_M2,
      air: 0.005,
      thick: false,
    };
  }
  if (verdict.kind !== 'by-sign' || verdict.firmness === 'pourable') return undefined;
  const baked = BY_SIGN[kind as Family];
  return (
    baked && {
      ...baked,
      spoiltAtMost: baked.curdleC === undefined ? 1 : FIRM_RIM_SPOILT,
      setUncertaintyK: BY_SIGN_UNCERTAINTY_K,
    }
  );
}
