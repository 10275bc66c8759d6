import { fahrenheitToCelsius, gasMarkToCelsius, MILLIMETRES_PER } from '../units';

/** What a text says of the bake as a whole, beside its list. */
export interface RecipeFacts {
  readonly title: string | undefined;
  /** "Serves 8": people. */
  readonly serves: number | undefined;
  /** "Makes 6": tartlets, pots. */
  readonly makes: number | undefined;
  /** "For 6 moulds", "makes two 9-inch pies": what stands in the oven. */
  readonly vessels: number | undefined;
  /** Width of the tin, mm, and the words that say which. */
  readonly tin: { readonly widthMm: number; readonly words: string } | undefined;
  readonly oven: { readonly setC: number; readonly fan: boolean } | undefined;
  readonly minutes: number | undefined;
  readonly bath: boolean;
}

const COUNTS: Readonly<Record<string, number>> = {
  ...{ one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10 },
  ...{ twelve: 12, dozen: 12, quatro: 4, cuatro: 4, quatre: 4, seis: 6, oito: 8, ocho: 8, huit: 8 },
  ...{ dois: 2, duas: 2, dos: 2, deux: 2, três: 3, tres: 3, trois: 3, cinco: 5, cinq: 5 },
  ...{ zwei: 2, drei: 3, vier: 4, fünf: 5, sechs: 6, acht: 8, zehn: 10, zwölf: 12 },
  ...{ dez: 10, diez: 10, dix: 10, doze: 12, doce: 12, douze: 12 },
};

const COUNT = String.raw`(\d{1,3}|${Object.keys(COUNTS).join('|')})`;

const SERVES = new RegExp(
  String.raw`(?:\b(?:serves|feeds|servings?|portions?|portionen|für|por[çc][õo]es|pour|para|rende|rinde|serve|raciones|porciones|parts?)\s*:?\s*(?:about\s+|for\s+|cerca de\s+|environ\s+|unas\s+)?${COUNT}\b(?:\s*(?:people|personen|portionen|stücke?|pessoas|personnes|personas|por[çc][õo]es|parts?|porciones|raciones|fatias))?)|(?:\b${COUNT}\s+(?:servings?|portions?|people|slices|personen|portionen|stücke?|pessoas|por[çc][õo]es|fatias|personnes|parts?|personas|porciones|raciones)(?!\p{L}))`,
  'iu',
);
/** "Pour" and "para" open other things too: a number of people or portions has to follow. */
const NEEDS_PEOPLE = /^(?:pour|para|für)(?!\p{L})/iu;
const PEOPLE =
  /(?:people|personen|portionen|stücke?|pessoas|personnes|personas|por[çc][õo]es|parts?|porciones|raciones|fatias)\s*[.)]?/iu;

const MAKES = new RegExp(
  String.raw`\b(?:makes|yields?|ergibt|faz|d[áa]|rende|donne|salen|hace)\s*:?\s*(?:about\s+|cerca de\s+|environ\s+|unas\s+)?${COUNT}(?!\p{L})`,
  'iu',
);

/** What stands in an oven one beside another; a number before it counts them, its size may stand between. */
const IN_VESSELS = new RegExp(
  String.raw`\b(?:for|makes|yields?|fills|für|ergibt|pour|para|faz|rende|rinde|donne|salen|hace)\s*:?\s*(?:about\s+|cerca de\s+|environ\s+|unas\s+)?${COUNT}\s+(?:\d{1,2}(?:[.,]\d)?[\s-]*(?:cm|mm|inch|in|″|”|")[\s-]*)?(?:(?:small|large|mini|individual|round|petits?|petites?|grands?|pequen[oa]s|grandes|individua(?:is|les))\s+){0,2}(?:tins?|pans?|plates?|rings?|dishes|moulds?|molds?|ramekins?|pots?|pies?|tarts?|tartlets?|formas?|forminhas?|aros?|tarteiras?|tortas?|tartes?|tarteletes?|tarteletas?|potinhos?|moules?|cercles?|ramequins?|tartelettes?|petits pots|moldes?|moldecitos?|flaneras?|tartas?|tartaletas?|tarritos?|förmchen|formen|springformen|tarteformen|törtchen|gläser|ringe)(?!\p{L})`,
  'iu',
);

const TIN_WORDS =
  /\b(?:tins?|pans?|plates?|rings?|dish(?:es)?|moulds?|molds?|ramekins?|forma|formas|aro|tarteira|tarteiras|moules?|cercles?|plat|moldes?|pie plate|spring-?form(?:en)?|tarte-?form(?:en)?|quiche-?form|back-?form|kuchen-?form|pie-?form|tortenring|förmchen|(?:eine|der|die|einer|runde|gefettete) form)(?!\p{L})/iu;
const LENGTH =
  /(\d{1,2}(?:[.,]\d{1,2})?)(?:\s*(1\/2|1\/4|3\/4|½|¼|¾))?[\s-]*(cm|mm|inch(?:es)?|in\b|″|”|"|'')/iu;
const FRACTIONS: Readonly<Record<string, number>> = {
  ...{ '1/2': 0.5, '½': 0.5, '1/4': 0.25, '¼': 0.25, '3/4': 0.75, '¾': 0.75 },
};

const OVEN =
  /(\d{3})\s*(?:(?:°|º|degrees?|deg\.?|grad|graus|grados|degr[ée]s)\s*([CF](?!\p{L}))?|([CF])(?!\p{L}))/iu;
const GAS = /\bgas(?:\s*mark)?\s*(\d|½|¼)/iu;
const BAKING =
  /\b(?:bak\p{L}*|oven|cook|(?:vor|blind)?back\p{L}*|gebacken|ofen|backofen|vorheiz\p{L}*|forno|ass\p{L}+|leve|four|cui\p{L}+|enfourn\p{L}+|horn\p{L}+|coc\p{L}+)/iu;
const FAN =
  /\b(?:fan|convection|umluft|heißluft|ventilad[oa]|chaleur tournante|con aire|ventil[ée])/iu;
const BATH = /\b(?:water bath|wasserbad|bain[- ]marie|banho[- ]maria|ba[ñn]o (?:de )?mar[íi]a)/iu;
const MINUTES =
  /(?:(\d{1,3})\s*(?:-|–|to|bis|a|à|ou|or)\s*)?(\d{1,3})\s*(?:min(?:ute|uto|uten)?s?\b|')/iu;

const countOf = (word: string): number => COUNTS[word.toLowerCase()] ?? Number(word);

/** How many people, pieces or vessels a line says it is for. */
export function yieldIn(line: string): Pick<RecipeFacts, 'serves' | 'makes' | 'vessels'> {
  const makes = MAKES.exec(line);
  const serves = SERVES.exec(line);
  const vessels = IN_VESSELS.exec(line);
  const counts =
    serves && (!NEEDS_PEOPLE.test(serves[0]) || PEOPLE.test(serves[0])) ? serves : null;
  return {
    makes: makes ? countOf(makes[1]!) : undefined,
    vessels: vessels ? countOf(vessels[1]!) : undefined,
    serves: counts ? countOf((counts[1] ?? counts[2])!) : undefined,
  };
}

/** The width of a tin that a line speaks of, mm. Source: {@link MILLIMETRES_PER}. */
export function tinIn(line: string): RecipeFacts['tin'] {
  if (!TIN_WORDS.test(line)) return undefined;
  const found = LENGTH.exec(line);
  if (!found) return undefined;
  const amount = Number(found[1]!.replace(',', '.')) + (found[2] ? FRACTIONS[found[2]]! : 0);
  const unit = /^mm$/i.test(found[3]!) ? 'mm' : /^cm$/i.test(found[3]!) ? 'cm' : 'in';
  const widthMm = amount * MILLIMETRES_PER[unit];
  return widthMm >= 30 && widthMm <= 600
    ? { widthMm, words: line.trim().slice(0, 120) }
    : undefined;
}

/** How hot the oven is set and how long, where a line speaks of baking. Between 100 and 300 °C, or it is no oven. */
export function ovenIn(line: string): Pick<RecipeFacts, 'oven' | 'minutes' | 'bath'> {
  const bath = BATH.test(line);
  if (!BAKING.test(line)) return { oven: undefined, minutes: undefined, bath };
  const gas = GAS.exec(line);
  const mark = gas
    ? gasMarkToCelsius(gas[1] === '½' ? 0.5 : gas[1] === '¼' ? 0.25 : Number(gas[1]))
    : undefined;
  const degrees = OVEN.exec(line);
  const value = degrees ? Number(degrees[1]) : undefined;
  // Without its letter a number past 250 is Fahrenheit. Common practice.
  const scale =
    (degrees?.[2] ?? degrees?.[3])?.toUpperCase() ??
    (value !== undefined && value > 250 ? 'F' : 'C');
  const setC =
    value === undefined
      ? mark?.ok
        ? mark.value
        : undefined
      : scale === 'F'
        ? fahrenheitToCelsius(value)
        : value;
  const minutes = MINUTES.exec(line);
  return {
    oven:
      setC !== undefined && setC >= 100 && setC <= 300
        ? // To a tenth, so that 350 °F is 350 °F again where degrees are Fahrenheit.
          { setC: Math.round(10 * setC) / 10, fan: FAN.test(line) }
        : undefined,
    minutes: minutes ? Number(minutes[2]) : undefined,
    bath,
  };
}
