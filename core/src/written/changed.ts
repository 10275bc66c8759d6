import { foldWords } from './fold';
import type { Language } from './language';

/**
 * Words that, next to a name though parted from it by a comma, make another food of it: "flour, gluten-free", "milk (oat)".
 * To take the line for the plain food would hide an allergen or bring one that is not there. Common practice.
 */
const CHANGES: Readonly<Record<Language, string>> = {
  en: `
    almond cashew chestnut coconut hazelnut nut peanut pistachio walnut buckwheat corn oat potato
    quinoa rice rye soy soya spelt free vegan plant raising rising blossom flower rose goat sheep curd
    gluten dairy lactose pea hemp lupin chickpea barley sesame millet cocoa chocolate honey
    dried extract malted powder powdered dehydrated substitute replacer alternative imitation
  `,
  de: `
    mandel cashew kastanie kokos haselnuss nuss erdnuss pistazie walnuss buchweizen mais hafer kartoffel
    quinoa reis roggen soja dinkel gluten laktose vegan ziege schaf erbse hanf lupine kichererbse gerste
    sesam hirse kakao schokolade honig pulver getrocknet ersatz vollkorn pflanzlich
  `,
  pt: `
    amêndoa amendoim avelã castanha caju coco noz pistache pistácio pó seco seca arroz aveia batata
    centeio espelta grão milho soja cabra ovelha glúten lactose vegan vegana vegetal substituto
  `,
  fr: `
    amande cacahuète cajou châtaigne coco noisette pistache poudre avoine épeautre maïs riz sarrasin
    seigle soja gluten lactose végétal végétale végane chèvre brebis substitut
  `,
  es: `
    almendra anacardo avellana cacahuete castaña coco nuez pistacho polvo seco seca arroz avena centeno
    espelta maíz soja gluten lactosa vegetal vegana vegano cabra oveja sustituto
  `,
};

/** What joins a name to what changes it: "leite de amêndoa", "lait d'amande", "cream of rice". */
const JOINS = /^(?:a|au|aux|con|de|do|da|del|des|du|d|em|en|of|sin|sem|sans|mit|ohne|aus|von)$/;

const SETS: Partial<Record<Language, ReadonlySet<string>>> = {};

/** Whether the folded words next to a run make another food of it. */
export function isChanged(
  words: readonly string[],
  first: number,
  length: number,
  language: Language,
): boolean {
  const changes = (SETS[language] ??= new Set(foldWords(CHANGES[language])));
  const besides = (from: number, step: 1 | -1): string | undefined => {
    let at = from;
    while (JOINS.test(words[at] ?? '')) at += step;
    return words[at];
  };
  const [before, after] = [besides(first - 1, -1), besides(first + length, 1)];
  return (
    (before !== undefined && changes.has(before)) || (after !== undefined && changes.has(after))
  );
}
