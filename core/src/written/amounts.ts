import { finding, type Finding } from '../result';
import { parseIngredient } from 'parse-ingredient';
import type { LineUnit } from '../formula';
import type { Ingredient } from '../ingredients';
import { GRAMS_PER, MILLILITRES_PER } from '../units';
import { PARSER, type Language, type WrittenUnit } from './language';

/** One of the things an ambiguous line may mean. */
export interface Meaning {
  readonly label: Finding;
  readonly amount: number;
  readonly unit: LineUnit;
}

/** What has to be asked before a line can be weighed. */
export interface Question {
  readonly asks: Finding;
  readonly meanings: readonly Meaning[];
}

/** Grams or millilitres behind an amount of a unit, where it has them. */
export const inBase = (
  amount: number,
  unit: WrittenUnit,
): { base: 'g' | 'ml'; value: number } | undefined => {
  if (unit in GRAMS_PER) {
    return { base: 'g', value: amount * GRAMS_PER[unit as keyof typeof GRAMS_PER] };
  }
  if (unit in MILLILITRES_PER) {
    return { base: 'ml', value: amount * MILLILITRES_PER[unit as keyof typeof MILLILITRES_PER] };
  }
  return undefined;
};

/** An amount and unit that stand by themselves, as in brackets. */
export const measureIn = (text: string, language: Language) =>
  // The parser wants something that is measured.
  parseIngredient(`${text.trim()} x`, PARSER[language])[0];

/** Differences that pass in silence, and that are noted; beyond it is asked. Common practice. */
const PAIR = { silent: 0.03, noted: 0.08 } as const;

export const shown = (value: number): string => String(Number(value.toFixed(value < 10 ? 1 : 0)));

interface PairFinding {
  readonly remark?: Finding;
  readonly question?: Question;
}

/** Checks an amount against the same stated again in brackets, as "3 oz (85 g)". */
export function pairFinding(
  amount: number,
  unit: LineUnit,
  bracket: string,
  language: Language,
  ingredient: Ingredient | undefined,
): PairFinding {
  const again = measureIn(bracket, language);
  const second =
    again?.quantity && again.unitOfMeasureID
      ? inBase(again.quantity, again.unitOfMeasureID as WrittenUnit)
      : undefined;
  const first = inBase(amount, unit);
  if (!first || !second) return {};
  if (first.base !== second.base && !ingredient) return {};
  const perMl = first.base === second.base ? 1 : ingredient!.gramsPerMl;
  const expected = first.base === 'ml' ? first.value * perMl : first.value / perMl;
  const off = Math.abs(second.value / expected - 1);
  // A cup and its weight hang on how it was filled: only what no filling explains is asked.
  const looser = first.base === second.base ? 1 : 4;
  if (off <= PAIR.silent * looser) return {};
  const values = {
    stated: `${shown(amount)} ${unit}`,
    right: `${shown(expected)} ${second.base}`,
    wrong: shown(second.value),
  };
  if (off <= PAIR.noted * looser) return { remark: finding('written.rounded', values) };
  return {
    question: {
      asks: finding('written.which-amount', values),
      meanings: [
        {
          label: finding('written.amount-as', { stated: values.stated, right: values.right }),
          amount,
          unit,
        },
        {
          label: finding('written.amount', { stated: `${shown(second.value)} ${second.base}` }),
          amount: second.value,
          unit: second.base,
        },
      ],
    },
  };
}

/** A part of the amount that is put aside, in each language: "20 of it for the figs". */
const SPLITS: Readonly<Record<Language, readonly RegExp[]>> = {
  en: [
    /([\d.,/]+)\s*([a-z]+)?\s+of (?:it|them|which|this|that|the \w+)\b/iu,
    /(?:of which|reserve|reserving|keep(?:ing)?(?: back)?|hold(?:ing)? back|set(?:ting)? aside|less|minus)\s+([\d.,/]+)\s*([a-z]+)?/iu,
  ],
  de: [
    /davon\s+([\d.,/]+)\s*([a-z]+)?/iu,
    /([\d.,/]+)\s*([a-z]+)?\s+(?:davon|beiseite)/iu,
    /(?:abzüglich|minus)\s+([\d.,/]+)\s*([a-z]+)?/iu,
  ],
  pt: [
    /([\d.,/]+)\s*([a-zç]+)?\s+para\s+(?:o|a|os|as)\b/iu,
    /(?:reserv\p{L}+|menos|guarde|guardando)\s+([\d.,/]+)\s*([a-zç]+)?/iu,
  ],
  fr: [
    /dont\s+([\d.,/]+)\s*([a-zà]+)?\s*(?:pour)?/iu,
    /(?:réserve[rz]?|moins)\s+([\d.,/]+)\s*([a-zà]+)?/iu,
  ],
  es: [
    /(?:reserv\p{L}+|menos|guarde|guardando)\s+([\d.,/]+)\s*([a-z]+)?/iu,
    /([\d.,/]+)\s*([a-z]+)?\s+para\s+(?:el|la|los|las)\b/iu,
  ],
};

/** How much of a line is put aside, in its own unit; `undefined` where it does not say, or says too much. */
export function splitOf(
  text: string,
  language: Language,
  amount: number,
  unit: LineUnit | undefined,
  ingredient: Ingredient | undefined,
): number | undefined {
  if (unit === undefined) return undefined;
  const found = SPLITS[language].map((split) => split.exec(text)).find(Boolean);
  if (!found) return undefined;
  const again = measureIn(`${found[1]} ${found[2] ?? ''}`, language);
  const part = again?.quantity;
  if (!part) return undefined;
  const stated = again.unitOfMeasureID as WrittenUnit | null;
  const [whole, aside] = [inBase(1, unit), stated ? inBase(part, stated) : undefined];
  const inUnit =
    !stated || !aside || !whole
      ? part
      : aside.base === whole.base
        ? aside.value / whole.value
        : ingredient
          ? (aside.value *
              (aside.base === 'ml' ? ingredient.gramsPerMl : 1 / ingredient.gramsPerMl)) /
            whole.value
          : undefined;
  return inUnit !== undefined && inUnit < amount ? inUnit : undefined;
}

/** An ounce of what is poured, or of sugar, may be one of the scale or one of the jug: that is asked. */
export function ounceQuestion(
  amount: number,
  unit: LineUnit,
  ingredient: Ingredient | undefined,
): Question | undefined {
  const poured = ingredient && (ingredient.role === 'liquid' || ingredient.role === 'sugar');
  if (unit !== 'oz' || !poured) return undefined;
  const weighed = amount * GRAMS_PER.oz;
  const jugged = amount * MILLILITRES_PER['fl oz'] * ingredient.gramsPerMl;
  return {
    asks: finding('written.scale-or-jug', { amount: shown(amount), ingredient: ingredient.name }),
    meanings: [
      {
        label: finding('written.scale', { weighs: { grams: weighed } }),
        amount,
        unit: 'oz' as const,
      },
      {
        label: finding('written.jug', { weighs: { grams: jugged } }),
        amount,
        unit: 'fl oz' as const,
      },
    ],
  };
}

/** A number that its language writes for two things, "1.250 g", is asked. */
export function eitherQuestion(either: readonly [number, number], unit: LineUnit): Question {
  return {
    asks: finding('written.which-number'),
    meanings: either.map((amount) => ({
      label: finding('written.amount', { stated: `${amount} ${unit}` }),
      amount,
      unit,
    })),
  };
}
