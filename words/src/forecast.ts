import { LAYER_HOLDS, whyItStaysLiquid, type LayerForecast } from '@hollow-moon/core';
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
import { minutes, withUnit, type TemperatureFormat } from './quantities';
import { say } from './say';
import type { Words } from './wordsIn';

/** "31 to 38", or one figure where both ends round to the same minute. */
export const spanOfMinutes = (fromS: number, toS: number): string =>
  minutes(fromS) === minutes(toS)
    ? minutes(fromS)
    : say('forecast.to', { fromS: minutes(fromS), toS: minutes(toS) });

/** The one line of a list. */
export function shortVerdict({ verdict, spoils }: Forecast): string {
  if (verdict.kind === 'window') {
    const { earliest, best, latest } = verdict;
    return say('forecast.pull-at-min', {
      timeS: minutes(best.timeS),
      spanOfMinutes: spanOfMinutes(earliest.timeS, latest.timeS),
    });
  }
  return verdict.reason === 'curdles-before-it-sets'
    ? say('forecast.no-window-the-rim-before', { spoils: say(`spoils.${spoils}`) })
    : say('forecast.no-window-it-does-not-set');
}

const OUT_WORDS: Readonly<Record<OutPlace, string>> = {
  rack: say('forecast.on-the-rack'),
  'oven-ajar': say('forecast.in-the-open-oven'),
  'oven-shut': say('forecast.in-the-shut-oven'),
  'in-the-bath': say('forecast.in-its-bath'),
  'ice-bath': say('forecast.in-ice-water'),
  fridge: say('forecast.in-the-fridge'),
  freezer: say('forecast.in-the-freezer'),
};

const RACK: readonly OutStep[] = [{ atMin: 0, place: 'rack' }];

/** Where a bake is so long after its pull, in words. */
export const whereAfter = (seconds: number, out: readonly OutStep[] = RACK): string =>
  OUT_WORDS[out.filter(({ atMin }) => atMin * 60 <= seconds).at(-1)?.place ?? 'rack'];

/** How wide a forecast wobble is, as finely as it can be told: to the centimetre from ten on. */
export const wobbleWidth = (diameterM: number): { readonly widthMm: number } => ({
  widthMm: diameterM < 0.1 ? diameterM * 1000 : Math.round(diameterM * 100) * 10,
});

const wobbleWords = ({ wobble }: Pull, { put }: Words): string =>
  wobble.diameterM > 0.005
    ? put('forecast.in-the-middle-still-move', {
        diameterM: wobbleWidth(wobble.diameterM),
        motion: say(`motion.${wobble.motion}`),
      })
    : say('forecast.the-middle-no-longer-swings-it');

/** What will happen, in a sentence or two. */
export function pullSentence(
  { verdict, curdleC }: Forecast,
  words: Words,
  out: readonly OutStep[] = RACK,
): string {
  const { degrees, span, unit, tell } = words;
  if (verdict.kind === 'no-window') return tell(verdict.says);
  const { earliest, best, latest } = verdict;
  const coast = Math.max(0, best.peakC - best.probeC);
  const after =
    coast >= 0.5
      ? say('forecast.it-coasts-and-sets', {
          coast: span(coast),
          unit,
          whereAfter: whereAfter(0, out),
        })
      : say('forecast.it-finishes', { whereAfter: whereAfter(0, out) });
  const open = verdict.latestIsLimit
    ? ''
    : curdleC === undefined
      ? ` ${say('forecast.nothing-in-it-curdles-past-that')}`
      : ` ${say('forecast.it-bears-more-than-that')}`;
  return say('forecast.pull-at-min-at', {
    timeS: minutes(best.timeS),
    spanOfMinutes: spanOfMinutes(earliest.timeS, latest.timeS),
    probeC: degrees(best.probeC),
    unit,
    wobbleWords: wobbleWords(best, words),
    after,
    open,
  });
}

/** The layers of a section from the base up, with how thick each is. */
export function layersInWords(
  { under, over, fill }: Forecast['field'],
  { quantity }: Words,
): string {
  const thick = (metres: number) => quantity({ millimetres: Math.round(metres * 1000) });
  return [
    ...[...under].reverse().map(({ name, thicknessM }) => `${name} ${thick(thicknessM)}`),
    say('forecast.filling', { thick: thick(fill.depthM) }),
    ...over.map(({ name, thicknessM }) => `${name} ${thick(thicknessM)}`),
  ].join(', ');
}

/** What becomes of something under or over the filling, in a sentence. */
export function layerInWords(
  { name, place, atPullC, set, setC }: LayerForecast,
  { degrees, unit }: TemperatureFormat,
): string {
  const at = say('forecast.it-at-its', { name, place, atPullC: withUnit(degrees(atPullC), unit) });
  if (set === undefined || setC === undefined) return `${at}.`;
  return set >= LAYER_HOLDS
    ? say('forecast.and-set-through', { at })
    : say('forecast.where-it-sets-at', { at, setC: withUnit(degrees(setC), unit) });
}

/** What a filling will be like when cold. */
export const FIRMNESS_WORDS: Readonly<Record<Firmness, string>> = {
  pourable: say('forecast.does-not-hold'),
  spoonable: say('forecast.spoonable'),
  sliceable: say('forecast.sliceable'),
  unmouldable: say('forecast.turns-out-and-stands'),
};

/** Where a filling is done: the degrees, and their unit with what else has to be said. */
export function endInWords(
  { from, to }: NonNullable<BySign['endC']>,
  { degrees, unit }: TemperatureFormat,
): { readonly figure: string; readonly unit: string } {
  return to === undefined
    ? { figure: degrees(from), unit: say('forecast.and-over', { unit }) }
    : { figure: say('forecast.to-2', { from: degrees(from), to: degrees(to) }), unit };
}

/** A filling judged by its sign, in one line. */
function signInShort({ endC, firmness }: BySign, temperature: Words): string {
  const end = endC && endInWords(endC, temperature);
  const done = end
    ? say('forecast.done-at', { figure: withUnit(end.figure, end.unit) })
    : say('forecast.set-cold');
  return `${FIRMNESS_WORDS[firmness]}${done}`;
}

/** Whatever can be said of a formula in one line, from its forecast down to what is missing. */
export function outlookInShort(of: {
  readonly judged: PartVerdict;
  /** Lines of its list whose amount nobody knows. */
  readonly missingAmounts: number;
  readonly bakes: Bakes | undefined;
  readonly missing: string | undefined;
  readonly problem: Problem | undefined;
  readonly forecast: Forecast | undefined;
  readonly temperature: Words;
}): string {
  if (of.judged.kind === 'not-judged') {
    // The bench says which; a line under the thumb says that there are some.
    return of.missingAmounts > 0
      ? say('formula.amounts-missing', { count: of.missingAmounts })
      : of.temperature.tell(of.judged.reason);
  }
  if (of.judged.kind === 'made') {
    const [first] = of.judged.warnings;
    return first ? of.temperature.tell(first) : say('forecast.its-ratios-are-as-usual');
  }
  const liquid = whyItStaysLiquid(of.judged);
  if (liquid) return of.temperature.tell(liquid);
  if (of.judged.kind === 'by-sign' && (!of.bakes || of.missing || of.problem)) {
    return signInShort(of.judged, of.temperature);
  }
  if (of.missing) return of.missing;
  if (of.problem) return of.temperature.tell(of.problem);
  return of.forecast ? shortVerdict(of.forecast) : say('forecast.working-it-out-2');
}

/** The wobble's width for the middle of the moon. */
export const captionOf = (diameterM: number, { quantity }: Words): string | undefined =>
  diameterM > 0.005 ? quantity(wobbleWidth(diameterM)) : undefined;

/** What becomes of a filling's water; a cold one in a bath's steam takes some up. */
export const waterInWords = (lostG: number, { put }: Words): string =>
  lostG < -0.5
    ? put('forecast.it-takes-up-about-g', { lost: { grams: Math.round(-lostG) } })
    : put('forecast.it-loses-about-g-of', { lost: { grams: Math.round(Math.max(0, lostG)) } });

/** How long something is held hot against the published time for egg: a caution, said the same everywhere. */
export const heldInWords = (timesPublished: number): string =>
  say('forecast.is-held-for-the-published', {
    more:
      timesPublished >= 10
        ? say('forecast.far-more-than')
        : say('forecast.times', { timesPublished: timesPublished.toFixed(1) }),
  });
