import { finding, type Finding } from '../result';
import { celsiusToFahrenheit, fahrenheitToCelsius } from '../units';

/** Something stated in a text that does not hold together, and what was probably meant. */
export interface Slip {
  /** The words in question. */
  readonly text: string;
  readonly says: Finding;
  /** What to put in its place, where that is likely. */
  readonly likely: string | undefined;
}

/** Oven temperatures a kitchen sets, °C. Common practice: from keeping warm to a pizza oven's 300. */
const OVEN_C = { least: 50, most: 300 } as const;

/** Pairs that agree this well pass in silence. Common practice: within 5 °C or 3 %. */
const SILENT = { kelvin: 5, share: 0.03 } as const;

/** `text` with the last `old` in it replaced. */
const withLast = (text: string, old: string, next: string): string => {
  const at = text.lastIndexOf(old);
  return text.slice(0, at) + next + text.slice(at + old.length);
};

const shown = (value: number, decimals = 0): string => String(Number(value.toFixed(decimals)));

const TEMPERATURE = String.raw`(\d{2,3})\s*(?:°|º|degrees?\s*|deg\s*)?\s*([CF])\b`;

/** "185 °C (380 °F)": the two must be one temperature. */
function temperaturePairs(text: string): Slip[] {
  const pair = new RegExp(`${TEMPERATURE}\\s*[(/,]\\s*${TEMPERATURE}\\)?`, 'gi');
  return [...text.matchAll(pair)].flatMap(([words, a, scaleA, b, scaleB]): Slip[] => {
    if (scaleA!.toUpperCase() === scaleB!.toUpperCase()) return [];
    const first = scaleA!.toUpperCase() === 'C' ? Number(a) : fahrenheitToCelsius(Number(a));
    const second = scaleB!.toUpperCase() === 'C' ? Number(b) : fahrenheitToCelsius(Number(b));
    if (Math.abs(first - second) <= SILENT.kelvin) return [];
    const right =
      scaleB!.toUpperCase() === 'F'
        ? `${shown(celsiusToFahrenheit(first))} °F`
        : `${shown(first)} °C`;
    return [
      {
        text: words,
        says: finding('written.not-one-temperature', {
          stated: `${a} °${scaleA!.toUpperCase()}`,
          right,
          wrong: `${b} °${scaleB!.toUpperCase()}`,
        }),
        likely: withLast(words, b!, right.split(' ')[0]!),
      },
    ];
  });
}

/** A temperature no oven has is often one of the other scale. */
function absurdTemperatures(text: string): Slip[] {
  return [...text.matchAll(new RegExp(TEMPERATURE, 'gi'))].flatMap(([words, digits, scale]) => {
    const value = Number(digits);
    if (scale!.toUpperCase() === 'C' && value > OVEN_C.most) {
      return [
        {
          text: words,
          says: finding('written.too-hot', {
            stated: `${value} °C`,
            meant: `${value} °F`,
            right: `${shown(fahrenheitToCelsius(value))} °C`,
          }),
          likely: words.replace(/[Cc](?=\W*$)/, 'F'),
        },
      ];
    }
    if (
      scale!.toUpperCase() === 'F' &&
      value >= 100 &&
      fahrenheitToCelsius(value) < 90 &&
      /bake|oven/i.test(text)
    ) {
      return [
        {
          text: words,
          says: finding('written.too-cool', {
            stated: `${value} °F`,
            is: `${shown(fahrenheitToCelsius(value))} °C`,
          }),
          likely: words.replace(/[Ff](?=\W*$)/, 'C'),
        },
      ];
    }
    return [];
  });
}

/** A temperature without a scale: "at 325". */
function bareTemperatures(text: string): Slip[] {
  const bare = /\b(?:at|to|oven)\s+(\d{3})\b(?!\s*(?:°|º|[CFcf]\b|deg|g\b|ml\b|mm\b|min))/g;
  return [...text.matchAll(bare)].map(([words, digits]) => {
    const value = Number(digits);
    const fahrenheit = value > 250;
    return {
      text: words,
      says: fahrenheit
        ? finding('written.no-scale-f', { value, is: `${shown(fahrenheitToCelsius(value))} °C` })
        : finding('written.no-scale-c', { value }),
      likely: `${words} °${fahrenheit ? 'F' : 'C'}`,
    };
  });
}

/** Source: NIST Handbook 44, appendix C: an inch is 25.4 mm exactly. */
const CM_PER_INCH = 2.54;

/** "10 in (22 cm)": the two must be one length. */
function lengthPairs(text: string): Slip[] {
  const pair =
    /(\d+(?:[.,]\d+)?)\s*(?:in\b|inch(?:es)?|")\s*[(/,]?\s*\(?(\d+(?:[.,]\d+)?)\s*cm\b\)?/gi;
  return [...text.matchAll(pair)].flatMap(([words, inches, centimetres]): Slip[] => {
    const [a, b] = [inches!, centimetres!].map((each) => Number(each.replace(',', '.')));
    const expected = a! * CM_PER_INCH;
    if (Math.abs(b! / expected - 1) <= SILENT.share) return [];
    const right = shown(expected, 1);
    return [
      {
        text: words,
        says: finding('written.not-one-length', {
          stated: inches!,
          right,
          wrong: centimetres!,
        }),
        likely: withLast(words, centimetres!, right),
      },
    ];
  });
}

/**
 * What does not hold together in the temperatures and lengths of a text: pairs that disagree, a
 * temperature no oven has, one without its scale. Proposes, never changes. Never throws.
 */
export function slipsIn(text: string): Slip[] {
  const pairs = temperaturePairs(text);
  const inPair = (words: string) => pairs.some((pair) => pair.text.includes(words));
  return [
    ...pairs,
    ...absurdTemperatures(text).filter((slip) => !inPair(slip.text)),
    ...bareTemperatures(text),
    ...lengthPairs(text),
  ];
}
