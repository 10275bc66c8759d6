import { finding, type Finding, type Quantity } from '../result';

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
  readonly why: {
    readonly set: Finding;
    readonly curdle: Finding;
    readonly firmness: Finding;
  };
  /** Empty when nothing is amiss. */
  readonly warnings: readonly Finding[];
}

/** Every ratio that the trade keeps within a band. */
export type BandName =
  | 'agar'
  | 'butter'
  | 'butter-or-other-fat'
  | 'chocolate-to-liquid'
  | 'egg'
  | 'egg-to-liquid'
  | 'fat'
  | 'fat-on-crumbs'
  | 'fat-on-flour'
  | 'flour'
  | 'gelatine'
  | 'milk-folded-in'
  | 'nuts'
  | 'nuts-to-sugar'
  | 'starch'
  | 'sugar'
  | 'sugar-added'
  | 'sugar-and-syrup'
  | 'sugar-on-flour'
  | 'sugar-to-water'
  | 'sugar-to-white'
  | 'thickener'
  | 'water-on-flour'
  | 'water-to-jam'
  | 'water-to-sugar'
  | 'yolk-to-juice';

/** A ratio the trade keeps within a band. */
export interface Band {
  readonly name: BandName;
  /** `undefined` when there is nothing to divide by. */
  readonly value: number | undefined;
  readonly shownAs: 'share' | 'ratio';
  readonly least: number;
  readonly most: number;
}

/** What a thing needs, where it is done and how it goes wrong, in a cook's signs. */
export interface Signs {
  readonly setBy: Finding;
  /** Where it is done, °C; `to` is open where hotter does no harm. `undefined` where heat does not set it. */
  readonly endC: { readonly from: number; readonly to?: number } | undefined;
  /** What to do with it. */
  readonly treatment: Finding;
  /** How it goes wrong, and why. */
  readonly fails: Finding;
  readonly bands: readonly Band[];
  readonly warnings: readonly Finding[];
  readonly source: Finding;
}

/** A filling judged by its treatment and its end sign; its bake, if it has one, is not forecast. */
export interface BySign extends Signs {
  readonly kind: 'by-sign';
  readonly firmness: Firmness;
  readonly firmnessWhy: Finding;
}

/** A shell, a sugar work, a foam or a glaze: judged by its signs, with no set of its own. */
export interface Made extends Signs {
  readonly kind: 'made';
}

export interface NotJudged {
  readonly kind: 'not-judged';
  readonly reason: Finding;
}

export type SettingVerdict = Judged | BySign | NotJudged;
export type PartVerdict = SettingVerdict | Made;

/** Where a band's value stands. */
export const standsIn = ({ value, least, most }: Band): 'unknown' | 'under' | 'within' | 'over' =>
  value === undefined ? 'unknown' : value < least ? 'under' : value > most ? 'over' : 'within';

/** A value of a band as a quantity to be said. */
export const bandQuantity = ({ shownAs }: Band, value: number): Quantity =>
  shownAs === 'share' ? { share: value } : { ratio: value };

/** What there is to say of a band that is left: which it is, and where it usually lies. */
export function bandWarning(band: Band): Finding | undefined {
  const stands = standsIn(band);
  if (band.value === undefined || (stands !== 'under' && stands !== 'over')) return undefined;
  return finding('setting.band-left', {
    band: finding(`band.${band.name}`),
    value: bandQuantity(band, band.value),
    least: bandQuantity(band, band.least),
    most: bandQuantity(band, band.most),
  });
}

/** The warnings that apply, in their order, with those of bands that are left at the end. */
export const warningsOf = (
  bands: readonly Band[],
  others: readonly (Finding | undefined)[] = [],
): Finding[] =>
  [...others, ...bands.map(bandWarning)].filter((each): each is Finding => each !== undefined);
