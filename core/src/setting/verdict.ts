/** How firm a filling will be when cold. */
export type Firmness = 'pourable' | 'spoonable' | 'sliceable' | 'unmouldable';

/** A baked egg custard: its setting and curdling can be foreseen, and so can its bake. */
export interface Judged {
  readonly kind: 'judged';
  /** Temperature at which it reads as set when heated at an ordinary rate, °C. */
  readonly setC: number;
  /** Standard uncertainty of `setC`, K. */
  readonly setUncertaintyK: number;
  /** Temperature from which it curdles, °C; `undefined` when starch protects it. */
  readonly curdleC: number | undefined;
  readonly marginK: number | undefined;
  readonly firmness: Firmness;
  /** Two sentences a cook understands, each. */
  readonly why: {
    readonly set: string;
    readonly curdle: string;
    readonly firmness: string;
  };
  /** What to do first, then why; empty when nothing is amiss. */
  readonly warnings: readonly string[];
}

/** A ratio the trade keeps within a band. */
export interface Band {
  readonly name: string;
  /** `undefined` when there is nothing to divide by. */
  readonly value: number | undefined;
  readonly shownAs: 'share' | 'ratio';
  readonly least: number;
  readonly most: number;
}

/** What a thing needs, where it is done and how it goes wrong, in a cook's signs. */
export interface Signs {
  readonly setBy: string;
  /** Where it is done, °C; `to` is open where hotter does no harm. `undefined` where heat does not set it. */
  readonly endC: { readonly from: number; readonly to?: number } | undefined;
  /** What to do with it. */
  readonly treatment: string;
  /** How it goes wrong, and why. */
  readonly fails: string;
  readonly bands: readonly Band[];
  readonly warnings: readonly string[];
  readonly source: string;
}

/** A filling judged by its treatment and its end sign; its bake, if it has one, is not forecast. */
export interface BySign extends Signs {
  readonly kind: 'by-sign';
  readonly firmness: Firmness;
  readonly firmnessWhy: string;
}

/** A shell, a sugar work, a foam or a glaze: judged by its signs, with no set of its own. */
export interface Made extends Signs {
  readonly kind: 'made';
}

export interface NotJudged {
  readonly kind: 'not-judged';
  readonly reason: string;
}

export type SettingVerdict = Judged | BySign | NotJudged;
export type PartVerdict = SettingVerdict | Made;

/** Where a band's value stands. */
export const standsIn = ({ value, least, most }: Band): 'unknown' | 'under' | 'within' | 'over' =>
  value === undefined ? 'unknown' : value < least ? 'under' : value > most ? 'over' : 'within';

const percent = (share: number): string => `${Number((share * 100).toFixed(1))} %`;
const shown = (band: Band, value: number): string =>
  band.shownAs === 'share' ? percent(value) : value.toFixed(2);

/** A sentence for a band that is left: what it is, and where it usually lies. */
export function bandWarning(band: Band): string | undefined {
  const stands = standsIn(band);
  if (band.value === undefined || (stands !== 'under' && stands !== 'over')) return undefined;
  const usual = `usually ${shown(band, band.least)} to ${shown(band, band.most)}`;
  const name = band.name.charAt(0).toLowerCase() + band.name.slice(1);
  return `Check the ${name}: ${shown(band, band.value)}, ${usual}.`;
}
