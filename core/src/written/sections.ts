import { PART_PLACES, type PartPlace } from '../build';
import { PART_KINDS, type PartKind } from '../formula';

/** The heading a line is, without its marks, or `undefined` where it is none: "For the dough:", "## Glaze". */
export function headingIn(line: string): string | undefined {
  const match = /^#+\s+(.+)$/.exec(line) ?? /^(\D.{0,100}):$/.exec(line);
  return match?.[1]?.replace(/:$/, '').trim();
}

/** What a heading says of its list in attributes, and its name without them: "Rye dough {.sweet-dough .shell}". */
export function attributesOf(heading: string): {
  readonly name: string;
  readonly kind: PartKind | undefined;
  readonly place: PartPlace | undefined;
  /** It is the main filling. */
  readonly filling: boolean;
} {
  const [, name = heading, inside = ''] = /^(.*?)\s*\{([^{}]{0,80})\}\s*$/.exec(heading) ?? [];
  const classes = inside.split(/\s+/).map((each) => each.replace(/^\./, ''));
  return {
    name,
    kind: PART_KINDS.find((kind) => classes.includes(kind)),
    place: PART_PLACES.find((place) => classes.includes(place)),
    filling: classes.includes('filling'),
  };
}

/** Whether a heading opens the method, or closes the lists for another reason. */
export const isMethod = (heading: string): boolean =>
  /^(?:#+\s*)?(?:the )?(?:method|directions?|instructions?|preparation|steps|procedure|to make|modo de (?:preparo|fazer|preparação)|preparação|preparo|confecção|préparation|réalisation|recette|étapes|preparación|elaboración|modo de preparación|pasos|zubereitung|anleitung|arbeitsschritte|schritte|und so geht[’']?s|so geht[’']?s|hinweise?|tipps?|notes?|notas?|tips?)\s*:?$/iu.test(
    heading.trim(),
  );

/** Words of a heading, in five languages, and the component they name; the first that is found counts. */
const WORDS: readonly (readonly [RegExp, PartKind])[] = [
  [
    /crumb|biscuit base|brösel|keksboden|migalhas|bolacha|miettes|biscuits? |galleta/,
    'crumb-shell',
  ],
  [/shortbread|sablé|areada/, 'pressed-dough'],
  [
    /almond cream|frangipane|nut cream|mandelcreme|nusscreme|mandelmasse|crème d.amande|creme de amêndoa|crema de almendra/,
    'nut-cream',
  ],
  [/shortcrust|pie (dough|crust|pastry)|flaky|brisée|quebrada/, 'pie-dough'],
  [
    /dough|pastry|crust|shell|teig|^(?:the )?base$|^(?:den |der )?boden$|massa|pâte(?! d)|fond|masa|sucrée/,
    'sweet-dough',
  ],
  [/caramel|karamell/, 'caramel'],
  [/praline|brittle|krokant|croquant|crocante/, 'praline'],
  [
    /italian meringue|italienische meringue|meringue italienne|merengue italiano/,
    'meringue-italian',
  ],
  [
    /swiss meringue|schweizer meringue|meringue suisse|merengue suíço|merengue suizo/,
    'meringue-swiss',
  ],
  [/meringue|baiser|merengue|suspiro/, 'meringue-raw'],
  [/whipped cream|chantilly|nata montada|crème fouettée/, 'whipped-cream'],
  [/glaze|tortenguss|glasur|nappage|glaçage|brilho|brillo/, 'glaze'],
  [/syrup|sirop|calda|almíbar/, 'syrup'],
  [/topping|fruit|nuts|obst|früchte|nüsse|cobertura|garniture(?! )|fruta|frutos/, 'fruit-and-nuts'],
];

/** Words that name the main filling, whatever else stands in the heading. */
const FILLING =
  /filling|custard|füllung|guss|belag|masse|appareil|recheio|relleno|creme|crème|crema|cream(?! ch)|crémeux|curd|ganache|mousse|bavarois|flan\b|pudim/;

/**
 * What a heading of a list names: a component by its kind, or `filling` for the main one. A heading
 * that names nothing known is `other-part`.
 */
export function kindOfHeading(heading: string): PartKind | 'filling' {
  const { name, kind: said, filling } = attributesOf(heading);
  if (filling) return 'filling';
  if (said) return said;
  const text = name.toLowerCase();
  if (text === '') return 'filling';
  const kind = WORDS.find(([words]) => words.test(text))?.[1];
  if (kind) return kind;
  return FILLING.test(text) ? 'filling' : 'other-part';
}

/** Crumbs to press, by what a list has in it. */
const CRUMBS = /biscuits$|^sponge-fingers$|^breadcrumbs$|^cornflakes$/;
const BOUGHT = /^(?:filo|puff|shortcrust)-pastry$/;

/**
 * What a heading names, seen with the ingredients of its list: "Crust" over biscuits and butter is a crumb shell, and over
 * bought pastry a bought one. What its attributes say stands.
 */
export function kindOfList(
  heading: string,
  ingredientIds: readonly (string | undefined)[],
): PartKind | 'filling' {
  const kind = kindOfHeading(heading);
  if (attributesOf(heading).kind !== undefined || !/dough$/.test(kind)) return kind;
  const has = (test: RegExp) => ingredientIds.some((id) => id !== undefined && test.test(id));
  if (has(/flour$/)) {
    // Flour and fat without sugar is a pie's dough, whatever it is called.
    const sweet = /sweet|süß|sucrée|doce|dulce/i.test(heading) || has(/sugar|syrup$|^honey$/);
    const fat = has(/^butter|margarine|shortening|^lard|oil$/);
    return kind === 'sweet-dough' && !sweet && fat ? 'pie-dough' : kind;
  }
  if (has(CRUMBS)) return 'crumb-shell';
  return has(BOUGHT) ? 'bought-shell' : kind;
}
