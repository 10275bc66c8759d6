import {
  buildOf,
  fail,
  finding,
  KJ_PER_KCAL,
  LANGUAGES,
  succeed,
  type Result,
} from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { z } from 'zod';
import type { FormulaData } from '../formula';
import { parseJson } from './formulaFile';
import {
  headingOf,
  lineInWords,
  listsOf,
  takesInWords,
  type ListedRecipe,
  type Takes,
  type Told,
} from './lines';

/**
 * A schema.org Recipe as JSON-LD, safe to be put into a page as it is. Each list is a HowToSection with its supplies, the
 * method its steps. Source: schema.org/Recipe, /HowToSection, /HowToSupply.
 */
export function toRecipe(data: FormulaData, told: Told = {}): string {
  const lists = listsOf(data, told);
  const inWords = (lines: FormulaData['lines']) =>
    lines.map((line) => lineInWords(line, told.find));
  const recipe = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: data.name,
    recipeCategory: say(`part.${data.family}`),
    recipeYield: `${data.vesselCount * data.portionsEach} servings`,
    recipeIngredient: lists.flatMap(({ lines }) => inWords([...lines])),
    recipeInstructions: [
      ...lists.map((list) => ({
        '@type': 'HowToSection',
        name: headingOf(list),
        supply: inWords([...list.lines]).map((name) => ({ '@type': 'HowToSupply', name })),
      })),
      ...data.steps.map((text) => ({ '@type': 'HowToStep', text })),
    ],
    inLanguage: 'en',
    ...timesOf(told.takes),
    ...servedAs(data, told),
    ...(data.note ? { description: data.note } : {}),
  };
  // In a page `</script>` would end it.
  return `${JSON.stringify(recipe, null, 2).replaceAll('<', '\\u003c')}\n`;
}

/** Whole minutes as a duration. Source: ISO 8601, as schema.org/Duration has it. */
const isoOf = (seconds: number): string => {
  const minutes = Math.round(seconds / 60);
  const hours = Math.floor(minutes / 60);
  return `PT${hours > 0 ? `${hours}H` : ''}${minutes % 60 > 0 || hours === 0 ? `${minutes % 60}M` : ''}`;
};

/** How long it takes. Source: schema.org/prepTime, /cookTime, /totalTime. */
const timesOf = ({ prepS, cookS, allS }: Takes = {}): object => ({
  ...(prepS === undefined ? {} : { prepTime: isoOf(prepS) }),
  ...(cookS === undefined ? {} : { cookTime: isoOf(cookS) }),
  ...(allS === undefined ? {} : { totalTime: isoOf(allS) }),
});

/** Whom it suits and what a portion gives, as far as the list can tell. Source: schema.org/RestrictedDiet, /NutritionInformation. */
function servedAs(data: FormulaData, { eggGrade, find, formulaOf }: Told): object {
  if (eggGrade === undefined) return {};
  const build = buildOf(data, {
    grade: eggGrade,
    vessel: undefined,
    formulaOf: formulaOf ?? (() => undefined),
    ...(find ? { find } : {}),
  });
  const { diet, energyKj, portionG, unknown } = build;
  if (unknown.length > 0) return {};
  return {
    ...(diet === 'neither'
      ? {}
      : {
          suitableForDiet: `https://schema.org/${diet === 'vegan' ? 'VeganDiet' : 'VegetarianDiet'}`,
        }),
    ...(energyKj === undefined || portionG === undefined
      ? {}
      : {
          nutrition: {
            '@type': 'NutritionInformation',
            calories: `${Math.round(energyKj / KJ_PER_KCAL)} kcal`,
            servingSize: `${Math.round(portionG)} g`,
          },
        }),
  };
}

/** A property that may be one text or several. */
const texts = z
  .union([
    z
      .string()
      .max(50_000)
      .transform((text) => text.split(/\r?\n|<br\s*\/?>|;\s/i)),
    z.array(z.string().max(2000)).max(500),
  ])
  .optional()
  .catch(undefined);

/** Seconds of an ISO 8601 duration, as "PT1H30M". */
const time = z
  .string()
  .max(40)
  .transform((text) => {
    const found = /^P(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?(?:[\d.]+S)?)?$/i.exec(text.trim());
    const [days, hours, minutes] = (found ?? []).slice(1).map((part) => Number(part ?? 0));
    return ((days ?? 0) * 24 + (hours ?? 0)) * 3600 + (minutes ?? 0) * 60;
  })
  .optional()
  .catch(undefined);

const recipeSchema = z.object({
  name: z.string().max(300).optional().catch(undefined),
  recipeYield: z
    .union([z.string(), z.number(), z.array(z.union([z.string(), z.number()]))])
    .optional()
    .catch(undefined),
  recipeIngredient: texts,
  ingredients: texts,
  recipeInstructions: z.unknown(),
  description: z.string().max(20_000).optional().catch(undefined),
  inLanguage: z.string().max(35).optional().catch(undefined),
  prepTime: time,
  cookTime: time,
  totalTime: time,
  image: z.unknown().optional(),
  video: z.unknown().optional(),
  nutrition: z.unknown().optional(),
});

const isRecipe = (type: unknown): boolean =>
  [type].flat().some((each) => typeof each === 'string' && /(?:^|[/#:])Recipe$/i.test(each));

/** As deep as pages nest what they say of themselves. */
const DEEPEST = 8;

/** Every Recipe in a value, wherever it stands: alone, in lists, in an @graph, as what a page is about. */
function recipesIn(value: unknown, depth = 0): z.infer<typeof recipeSchema>[] {
  if (depth > DEEPEST || typeof value !== 'object' || value === null) return [];
  if (Array.isArray(value))
    return value.slice(0, 500).flatMap((each) => recipesIn(each, depth + 1));
  const thing = value as Record<string, unknown>;
  if (isRecipe(thing['@type'])) {
    const recipe = recipeSchema.safeParse(thing);
    if (recipe.success) return [recipe.data];
  }
  return ['@graph', 'mainEntity', 'mainEntityOfPage', 'itemListElement', 'item', 'hasPart', 'about']
    .map((key) => thing[key])
    .flatMap((each) => recipesIn(each, depth + 1));
}

/** Marks and tags out of a text, on one line. */
export const plainText = (text: string): string =>
  text
    .replaceAll(/<[^<>]{0,300}>/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim();

/** The lists and the steps of instructions as pages write them: a text, texts, steps, sections of steps. */
function instructed(value: unknown, depth = 0): { lists: string[]; steps: string[] } {
  if (depth > DEEPEST) return { lists: [], steps: [] };
  if (typeof value === 'string') {
    const steps = value.split(/\r?\n|<\/(?:p|li)>|<br\s*\/?>/i).map(plainText);
    return { lists: [], steps: steps.filter(Boolean) };
  }
  if (Array.isArray(value)) {
    const all = value.slice(0, 300).map((each) => instructed(each, depth + 1));
    return { lists: all.flatMap(({ lists }) => lists), steps: all.flatMap(({ steps }) => steps) };
  }
  if (typeof value !== 'object' || value === null) return { lists: [], steps: [] };
  const thing = value as Record<string, unknown>;
  const supplies = [thing.supply].flat().flatMap((each) => {
    const name = typeof each === 'string' ? each : (each as { name?: unknown } | undefined)?.name;
    return typeof name === 'string' ? [plainText(name)] : [];
  });
  if (typeof thing.name === 'string' && 'supply' in thing) {
    return { lists: [`${plainText(thing.name)}:`, ...supplies], steps: [] };
  }
  if (thing.itemListElement !== undefined) return instructed(thing.itemListElement, depth + 1);
  const text = thing.text ?? thing.name;
  return { lists: [], steps: typeof text === 'string' ? [plainText(text)].filter(Boolean) : [] };
}

/** How many it is for, as a row that is read as such. */
function yieldOf(given: z.infer<typeof recipeSchema>['recipeYield']): string[] {
  const [first] = [given ?? []].flat();
  if (first === undefined) return [];
  const text = plainText(String(first));
  return /^\d+$/.test(text) ? [`Serves ${text}`] : [text];
}

/** What is said of the whole besides its lists: the description, and how long it takes. */
function noteOf({
  description = '',
  prepTime,
  cookTime,
  totalTime,
}: z.infer<typeof recipeSchema>): string {
  const told = description.split(/\r?\n/).map(plainText).filter(Boolean);
  const takes = takesInWords({ prepS: prepTime, cookS: cookTime, allS: totalTime });
  return [...told.filter((each) => each !== plainText(takes)), takes].filter(Boolean).join('\n');
}

/** What the application has no place for, or works out by itself. */
const LEFT_OUT = [
  ['image', 'file.leaves-image'],
  ['video', 'file.leaves-video'],
  ['nutrition', 'file.leaves-nutrition'],
] as const;

function listedOf(recipe: z.infer<typeof recipeSchema>): ListedRecipe {
  const { lists, steps } = instructed(recipe.recipeInstructions);
  const flat = recipe.recipeIngredient ?? recipe.ingredients ?? [];
  const note = noteOf(recipe);
  const leftOut = LEFT_OUT.flatMap(([field, code]) => (recipe[field] ? [finding(code)] : []));
  const language = LANGUAGES.find((each) => recipe.inLanguage?.toLowerCase().startsWith(each));
  return {
    name: plainText(recipe.name ?? ''),
    lines: [
      ...yieldOf(recipe.recipeYield),
      // What stands in lists under their headings is not listed twice.
      ...(lists.length > 0 ? lists : flat.map(plainText)),
      ...(steps.length > 0 ? [`${say('file.method')}:`, ...steps] : []),
    ].filter(Boolean),
    ...(note ? { note } : {}),
    ...(language ? { language } : {}),
    ...(leftOut.length > 0 ? { leftOut } : {}),
  };
}

/** The recipes of parsed JSON; fails where there is none, or none with a list. */
export function recipesOf(value: unknown): Result<readonly ListedRecipe[]> {
  const found = recipesIn(value)
    .map(listedOf)
    .filter(({ lines }) => lines.length > 0);
  return found.length > 0 ? succeed(found) : fail('file.no-recipe');
}

/** Reads every Recipe of a JSON-LD text. */
export function fromRecipe(text: string): Result<readonly ListedRecipe[]> {
  const parsed = parseJson(text);
  return parsed.ok ? recipesOf(parsed.value) : parsed;
}
