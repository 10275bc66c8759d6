import { LAYER_HOLDS, type LayerForecast } from '@hollow-moon/core';
import type {
  Bakes,
  BySign,
  Firmness,
  Forecast,
  OutPlace,
  OutStep,
  Problem,
  Pull,
  PartVerdict,
} from '@hollow-moon/core';
import {
  minutes,
  withUnit,
  type TemperatureFormat,
  type Words,
  say,
  centimetres,
} from '@hollow-moon/words';

/** "31 to 38", or one figure where both ends round to the same minute. */
export const spanOfMinutes = (fromS: number, toS: number): string =>
  minutes(fromS) === minutes(toS) ? minutes(fromS) : `${minutes(fromS)} to ${minutes(toS)}`;

/** The one line of a list. */
export function shortVerdict({ verdict, spoils }: Forecast): string {
  if (verdict.kind === 'window') {
    const { earliest, best, latest } = verdict;
    return `Pull at ${minutes(best.timeS)} min, ${spanOfMinutes(earliest.timeS, latest.timeS)}`;
  }
  return verdict.reason === 'curdles-before-it-sets'
    ? `No window: the rim ${say(`spoils.${spoils}`)} before the middle sets`
    : 'No window: it does not set in two hours';
}

const OUT_WORDS: Readonly<Record<OutPlace, string>> = {
  rack: 'on the rack',
  'oven-ajar': 'in the open oven',
  'oven-shut': 'in the shut oven',
  'in-the-bath': 'in its bath',
  'ice-bath': 'in ice water',
  fridge: 'in the fridge',
  freezer: 'in the freezer',
};

const RACK: readonly OutStep[] = [{ atMin: 0, place: 'rack' }];

/** Where a bake is so long after its pull, in words. */
export const whereAfter = (seconds: number, out: readonly OutStep[] = RACK): string =>
  OUT_WORDS[out.filter(({ atMin }) => atMin * 60 <= seconds).at(-1)?.place ?? 'rack'];

const wobbleWords = ({ wobble }: Pull): string =>
  wobble.diameterM > 0.005
    ? `${withUnit(centimetres(wobble.diameterM * 1000), 'cm')} in the middle still move ${say(`motion.${wobble.motion}`)}`
    : 'the middle no longer swings, it only quivers';

/** What will happen, in a sentence or two. */
export function sentence(
  { verdict, curdleC }: Forecast,
  { degrees, span, unit, tell }: Words,
  out: readonly OutStep[] = RACK,
): string {
  if (verdict.kind === 'no-window') return tell(verdict.says);
  const { earliest, best, latest } = verdict;
  const coast = Math.max(0, best.peakC - best.probeC);
  const after =
    coast >= 0.5
      ? `It coasts ${span(coast)} ${unit} and sets ${whereAfter(0, out)}.`
      : `It finishes ${whereAfter(0, out)}.`;
  const open = verdict.latestIsLimit
    ? ''
    : curdleC === undefined
      ? ' Nothing in it curdles past that; it only dries.'
      : ' It bears more than that.';
  return `Pull at ${minutes(best.timeS)} min, ${spanOfMinutes(earliest.timeS, latest.timeS)}, at ${degrees(best.probeC)} ${unit}, when ${wobbleWords(best)}. ${after}${open}`;
}

/** The layers of a section from the base up, with how thick each is. */
export function layersInWords({ under, over, fill }: Forecast['field']): string {
  const thick = (metres: number) => `${(metres * 1000).toFixed(0)} mm`;
  return [
    ...[...under].reverse().map(({ name, thicknessM }) => `${name} ${thick(thicknessM)}`),
    `filling ${thick(fill.depthM)}`,
    ...over.map(({ name, thicknessM }) => `${name} ${thick(thicknessM)}`),
  ].join(', ');
}

/** What becomes of something under or over the filling, in a sentence. */
export function layerInWords(
  { name, place, atPullC, set, setC }: LayerForecast,
  { degrees, unit }: TemperatureFormat,
): string {
  const at = `${name} ${place} it: ${withUnit(degrees(atPullC), unit)} at its coldest when it is pulled`;
  if (set === undefined || setC === undefined) return `${at}.`;
  return set >= LAYER_HOLDS
    ? `${at}, and set through.`
    : `${at}, where it sets at ${withUnit(degrees(setC), unit)}. Bake it before the filling goes on, or use less of it.`;
}

/** What a filling will be like when cold. */
export const FIRMNESS_WORDS: Readonly<Record<Firmness, string>> = {
  pourable: 'Does not hold',
  spoonable: 'Spoonable',
  sliceable: 'Sliceable',
  unmouldable: 'Turns out and stands',
};

/** Where a filling is done: the degrees, and their unit with what else has to be said. */
export function endInWords(
  { from, to }: NonNullable<BySign['endC']>,
  { degrees, unit }: TemperatureFormat,
): { readonly figure: string; readonly unit: string } {
  return to === undefined
    ? { figure: degrees(from), unit: `${unit} and over` }
    : { figure: `${degrees(from)} to ${degrees(to)}`, unit };
}

/** A filling judged by its sign, in one line. */
function signInShort({ endC, firmness, warnings }: BySign, temperature: Words): string {
  if (firmness === 'pourable' && warnings[0]) return temperature.tell(warnings[0]);
  const end = endC && endInWords(endC, temperature);
  const done = end ? `, done at ${withUnit(end.figure, end.unit)}` : ', set cold';
  return `${FIRMNESS_WORDS[firmness]}${done}`;
}

/** Whatever can be said of a formula in one line, from its forecast down to what is missing. */
export function outlookInShort(of: {
  readonly judged: PartVerdict;
  readonly bakes: Bakes | undefined;
  readonly missing: string | undefined;
  readonly problem: Problem | undefined;
  readonly forecast: Forecast | undefined;
  readonly temperature: Words;
}): string {
  if (of.judged.kind === 'not-judged') return of.temperature.tell(of.judged.reason);
  if (of.judged.kind === 'made') {
    const [first] = of.judged.warnings;
    return first ? of.temperature.tell(first) : 'Its ratios are as usual';
  }
  if (of.judged.kind === 'by-sign' && (!of.bakes || of.missing || of.problem)) {
    return signInShort(of.judged, of.temperature);
  }
  if (of.missing) return of.missing;
  if (of.problem) return of.temperature.tell(of.problem);
  return of.forecast ? shortVerdict(of.forecast) : 'Working it out';
}

/** The wobble's width for the middle of the moon. */
export const captionOf = (diameterM: number): string | undefined =>
  diameterM > 0.005 ? `${centimetres(diameterM * 1000)} cm` : undefined;

/** What becomes of a filling's water; a cold one in a bath's steam takes some up. */
export const waterInWords = (lostG: number): string =>
  lostG < -0.5
    ? `it takes up about ${Math.round(-lostG)} g of water a tin from the steam`
    : `it loses about ${Math.round(Math.max(0, lostG))} g of water a tin`;

/** How long something is held hot against the published time for egg: a caution, said the same everywhere. */
export const heldInWords = (timesPublished: number): string =>
  `is held for ${timesPublished >= 10 ? 'far more than' : `${timesPublished.toFixed(1)} times`} the published time for sweetened yolk (US 9 CFR 590.570). A prediction, no certificate: your local code comes first.`;
