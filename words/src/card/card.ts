import { finding, type Finding, type PartVerdict } from '@hollow-moon/core';
import { listed, say } from '../say';
import type { Words } from '../wordsIn';
import { figuresOf, shellOf } from './figures';
import { asideOf, rowsOf } from './lists';
import { lowered, type Card, type CardOf, type Tell } from './of';
import { signsOf } from './signs';

const warningsIn = (verdict: PartVerdict): readonly Finding[] =>
  verdict.kind === 'not-judged' ? [] : verdict.warnings;

/**
 * The bench card of a build: scaled lists of filling and components, figures of tin and oven, end
 * signs, and every caution that travels with what is in it. Grams rounded as a scale shows them.
 */
export function cardOf(of: CardOf, words: Words): Card {
  const { formula, build, verdict, forecast, stamp } = of;
  const { filling, parts } = build;
  const tell: Tell = (id, values) => words.tell(finding(id, values));
  const allergens = build.allergens.map((each) => say(`allergen.${each}`));
  const cautions = [
    ...warningsIn(verdict),
    ...parts.flatMap((part) => warningsIn(part.verdict)),
    ...(forecast?.cautions ?? []),
  ];
  return {
    title: formula.name,
    subtitle: tell('card.subtitle', {
      kind: finding(`part.${formula.family}`),
      shell: lowered(say(`shell.${formula.shell}`)),
    }),
    lists: [
      {
        title: say('card.filling'),
        aside: words.quantity({ grams: filling.totalG }),
        rows: rowsOf(filling, tell),
      },
      ...parts.map((part) => ({
        title: part.part.name,
        aside: asideOf(part, tell),
        rows: rowsOf(part.analysis, tell, part.batches),
      })),
    ],
    figures: figuresOf(of, words, tell),
    shell: shellOf(of, tell),
    signs: [...signsOf(verdict, forecast, words, tell), ...(formula.note ? [formula.note] : [])],
    cautions: [
      ...(allergens.length > 0 ? [tell('card.contains', { allergens: listed(allergens) })] : []),
      ...build.hazards.map((hazard) => say(`hazard.${hazard}`)),
      ...cautions.map(words.tell),
      tell('card.cooling'),
    ],
    stamp: tell('card.stamp', stamp),
  };
}
