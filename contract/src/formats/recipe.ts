import { fail, succeed, type Result } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { z } from 'zod';
import type { FormulaData } from '../formula';
import { parseJson } from './formulaFile';
import { headingOf, lineInWords, listsOf, type ListedRecipe, type Told } from './lines';

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
    ...(data.note ? { description: data.note } : {}),
  };
  // In a page `</script>` would end it.
  return `${JSON.stringify(recipe, null, 2).replaceAll('<', '\\u003c')}\n`;
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

const recipeSchema = z.object({
  name: z.string().max(300).optional().catch(undefined),
  recipeYield: z
    .union([z.string(), z.number(), z.array(z.union([z.string(), z.number()]))])
    .optional()
    .catch(undefined),
  recipeIngredient: texts,
  ingredients: texts,
  recipeInstructions: z.unknown(),
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

function listedOf(recipe: z.infer<typeof recipeSchema>): ListedRecipe {
  const { lists, steps } = instructed(recipe.recipeInstructions);
  const flat = recipe.recipeIngredient ?? recipe.ingredients ?? [];
  return {
    name: plainText(recipe.name ?? ''),
    lines: [
      ...yieldOf(recipe.recipeYield),
      // What stands in lists under their headings is not listed twice.
      ...(lists.length > 0 ? lists : flat.map(plainText)),
      ...(steps.length > 0 ? [`${say('file.method')}:`, ...steps] : []),
    ].filter(Boolean),
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
