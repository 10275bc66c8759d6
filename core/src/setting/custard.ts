import type { Analysis, ShellKind } from '../formula';
import { finding, type Finding } from '../result';
import { warningsOf, type Band, type Firmness, type Judged, type NotJudged } from './verdict';

/**
 * Setting and curdling of a baked egg custard, as functions of what it is made of.
 *
 * One straight-line model with few terms. Anchors: undiluted whole egg sets near 73 °C and yolk near
 * 70; a milk-and-sugar custard sets at about 78 to 83 and curdles from about 85 to 88 when heated at
 * an ordinary rate; sugar and dilution raise, acid lowers the setting temperature, starch removes
 * the curdling limit. Sources of the anchors: Belle Lowe, Experimental Cookery (1955), chapter on
 * eggs; Harold McGee, On Food and Cooking (2004), chapter 2, both from memory. The coefficients
 * were fitted to these anchors by hand and are listed in docs/model.md.
 */
export const CUSTARD_COEFFICIENTS = {
  /** Undiluted yolk and white, °C; whole egg (43 % yolk protein) comes to 72.9. */
  yolkSetC: 70,
  whiteSetC: 75,
  /** K for each e-fold of dilution of the egg in the mixture. */
  dilutionK: 3.8,
  /** K for each unit of sugar / (sugar + water): 10 % sugar raises by 1.2 K. */
  sugarK: 12,
  /** K for each unit of acid mass fraction: 0.5 % of citric acid lowers by 1.5 K. */
  acidK: 300,
  /** K between setting and the onset of curdling at an oven’s half a degree a minute, without starch. */
  marginK: 7.5,
  /** K of margin for each unit of starch mass fraction, up to where starch takes over. */
  starchMarginK: 200,
  /** Mass fraction of starch from which a custard no longer curdles. Common practice, 2 to 3 %. */
  starchProtects: 0.025,
} as const;

/** Standard uncertainties of the above, for the error carried along. From memory. */
const UNCERTAINTY = { baseK: 1.2, dilutionK: 0.6, sugarK: 4, acidK: 150, marginK: 1 } as const;

/** Effective egg protein (mass fraction) from which each class is reached. Common practice. */
const FIRMNESS_FROM = { spoonable: 0.01, sliceable: 0.02, unmouldable: 0.023 } as const;
/** A yolk's protein sets softer than white's: pots of yolks alone are spooned, not cut (common practice). From memory. */
const YOLK_SETS = 0.75;
/** Share of the egg protein that must be white's for a custard to stand alone. Common practice:
 * at least as many whole eggs as extra yolks, which is 0.38; a little less still turns out. */
const WHITE_TO_STAND = 0.33;
/** Starch binds about as firmly as this much egg protein of the same mass. From memory. */
const STARCH_AS_PROTEIN = 0.5;

function firmnessOf(eggProtein: number, starch: number, whiteShare: number): Firmness {
  const ofEgg = eggProtein * (whiteShare + YOLK_SETS * (1 - whiteShare));
  const effective = ofEgg + STARCH_AS_PROTEIN * starch;
  if (effective >= FIRMNESS_FROM.unmouldable && whiteShare >= WHITE_TO_STAND) return 'unmouldable';
  if (effective >= FIRMNESS_FROM.sliceable) return 'sliceable';
  return effective >= FIRMNESS_FROM.spoonable ? 'spoonable' : 'pourable';
}

/** Added sugar in a plain baked custard. Common practice. */
const SUGAR: Pick<Band, 'least' | 'most'> = { least: 0.095, most: 0.14 };

function warningsFor(analysis: Analysis, firmness: Firmness, shell: ShellKind): Finding[] {
  const sugar: Band = {
    name: 'sugar-added',
    value: analysis.share.addedSugar,
    shownAs: 'share',
    ...SUGAR,
  };
  return warningsOf(
    [sugar],
    [
      firmness === 'pourable' ? finding('setting.custard.will-not-set') : undefined,
      firmness === 'spoonable' && shell !== 'none'
        ? finding('setting.custard.too-soft-for-a-shell')
        : undefined,
    ],
  );
}

/**
 * Judges whether and how a baked egg custard will set.
 *
 * Valid for egg shares of 8 to 100 % of the mixture, sugar to 30 %, acid to 1 %; outside it still
 * answers and its uncertainty grows with the distance. Never throws. Sources:
 * {@link CUSTARD_COEFFICIENTS}.
 */
export function judgeCustard(analysis: Analysis, shell: ShellKind): Judged | NotJudged {
  if (analysis.mixtureG <= 0) return { kind: 'not-judged', reason: finding('setting.empty') };
  const { composition, share } = analysis;
  const eggProtein = composition.eggWhiteProtein + composition.eggYolkProtein;
  if (!(eggProtein > 0)) return { kind: 'not-judged', reason: finding('setting.custard.no-egg') };

  const c = CUSTARD_COEFFICIENTS;
  const whiteShare = composition.eggWhiteProtein / eggProtein;
  const dilution = Math.log(1 / Math.min(1, share.egg));
  const sugarInWater = share.sugar / (share.sugar + share.water);
  const setC =
    c.yolkSetC +
    (c.whiteSetC - c.yolkSetC) * whiteShare +
    c.dilutionK * dilution +
    c.sugarK * sugarInWater -
    c.acidK * composition.acid;
  const setUncertaintyK = Math.hypot(
    UNCERTAINTY.baseK,
    UNCERTAINTY.dilutionK * dilution,
    UNCERTAINTY.sugarK * sugarInWater,
    UNCERTAINTY.acidK * composition.acid,
  );
  const protectedByStarch = share.starch >= c.starchProtects;
  const marginK = protectedByStarch ? undefined : c.marginK + c.starchMarginK * share.starch;
  const firmness = firmnessOf(eggProtein, share.starch, whiteShare);

  return {
    kind: 'judged',
    setC,
    setUncertaintyK,
    curdleC: marginK === undefined ? undefined : setC + marginK,
    marginK,
    firmness,
    why: {
      set: finding('setting.custard.why-set', {
        egg: { share: share.egg, digits: 0 },
        sugar: { share: share.sugar, digits: 0 },
        by: { kelvin: c.sugarK * sugarInWater },
      }),
      curdle: protectedByStarch
        ? finding('setting.custard.starch-protects', { starch: { share: share.starch } })
        : finding('setting.custard.why-curdle'),
      firmness: finding(`setting.custard.${firmness}`, { white: { share: whiteShare, digits: 0 } }),
    },
    warnings: warningsFor(analysis, firmness, shell),
  };
}
