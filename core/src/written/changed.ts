import type { Language } from './language';

/**
 * Words beside a name that make another food of it: "almond flour" is no flour and "lemon curd" no lemon, and to take them
 * for those would hide an allergen. Common practice; a food that is known by its whole name is not asked about.
 */
const CHANGES: Readonly<Record<Language, string>> = {
  en: `
    almond cashew chestnut coconut hazelnut nut peanut pistachio walnut buckwheat corn oat potato
    quinoa rice rye soy soya spelt free gluten-free dairy-free vegan plant raising rising
    self-raising self-rising blossom flower rose cocoa goat goats goat's sheep sheep's butter cream
    curd flour liqueur milk oil sugar syrup water bean beans bread crackers dried extract malted
    mustard noodles soda vinegar
  `,
  pt: `
    amêndoa amêndoas amendoim avelã avelãs castanha caju coco noz nozes pistache pistácio chocolate
    doce feijão mostarda pão pó seca vinagre arroz aveia batata centeio espelta grão milho soja
    trigo-sarraceno bolacha bolachas biscoito biscoitos flor rosas cacau cabra ovelha glúten vegan
    vegana açúcar água farinha leite licor manteiga nata natas óleo xarope
  `,
  fr: `
    amande amandes cacahuète cacahuètes cajou châtaigne coco noisette noisettes pistache chocolat
    confiture haricots moutarde pain poudre vinaigre avoine épeautre maïs riz sarrasin seigle soja
    gluten végétal végétale biscuit biscuits fleur rose cacao chèvre brebis beurre crème eau farine
    huile lait liqueur sirop sucre
  `,
  es: `
    almendra almendras anacardo avellana avellanas cacahuete cacahuetes castaña coco nuez nueces
    pistacho chocolate dulce judías mostaza pan polvo vinagre arroz avena centeno espelta maíz soja
    gluten vegetal vegana galleta galletas azahar flor rosas cacao cabra oveja aceite agua azúcar
    harina leche licor mantequilla nata sirope
  `,
};

/** What joins a name to what changes it: "leite de amêndoa", "lait d'amande", "cream of rice". */
export const JOINS = /^(?:à|au|aux|con|de|do|da|del|des|du|em|en|of|d'|sin|sem|sans)$/;

/** Whether the words next to a run make another food of it. */
export function isChanged(
  words: readonly string[],
  first: number,
  length: number,
  language: Language,
): boolean {
  const changes = new Set(CHANGES[language].trim().split(/\s+/));
  const besides = (from: number, step: 1 | -1): string | undefined => {
    let at = from;
    while (words[at] !== undefined && JOINS.test(words[at]!)) at += step;
    return words[at]?.replace(/^d'/, '');
  };
  return [besides(first - 1, -1), besides(first + length, 1)].some(
    (word) => word !== undefined && changes.has(word),
  );
}
