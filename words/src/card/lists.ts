import type { Analysis, BuiltPart, WeighedLine } from '@hollow-moon/core';
import { say } from '../say';
import { lowered, type CardRow, type Tell } from './of';

/** How far from a whole or a half a number may be and still be counted out. */
const COUNTED_WITHIN = 0.03;
const isCount = (value: number): boolean =>
  value > 0.4 && Math.abs(value * 2 - Math.round(value * 2)) < 2 * COUNTED_WITHIN;

/** What is counted by its count, with the weight beside; all else weighed or, for who measures, measured. */
function rowOf({ line, ingredient, grams }: WeighedLine, batches: number, tell: Tell): CardRow {
  const name = ingredient?.name ?? line.ingredientId;
  const note = line.note ?? '';
  if (line.vague) {
    return { amount: tell(line.vague === 'unknown' ? 'card.unknown' : 'card.by-eye'), name, note };
  }
  const counted = line.unit === 'piece' && isCount(line.amount * batches);
  // A part of an egg is spooned; a part of a leaf or a pod is weighed.
  const gramsPerMl =
    line.unit === 'piece' && (counted || !ingredient?.eggPart) ? undefined : ingredient?.gramsPerMl;
  const weight =
    grams === undefined
      ? say('card.unknown')
      : tell('written.amount', {
          stated: { grams: grams * batches, ...(gramsPerMl ? { gramsPerMl } : {}) },
        });
  const held =
    line.heldBack && grams && line.amount > 0
      ? tell('card.hold-back', {
          amount: { grams: (line.heldBack / line.amount) * grams * batches },
        })
      : '';
  return {
    amount: counted ? String(Math.round(line.amount * batches * 2) / 2) : weight,
    name: counted ? tell('card.counted', { name, weight }) : name,
    note: [held, note].filter(Boolean).join('; '),
  };
}

export const rowsOf = (of: Analysis, tell: Tell, batches = 1): CardRow[] =>
  of.lines.map((weighed) => rowOf(weighed, batches, tell));

/** Where a component goes, and how much of it. */
export function asideOf({ part, wantedG, vessels, batches }: BuiltPart, tell: Tell): string {
  const place = lowered(say(`part-place.${part.place}`));
  const along = !part.bakesAlong ? [] : [say(part.place === 'over' ? 'card.with-it' : 'card.raw')];
  const where = [place, ...along].join(', ');
  const each =
    vessels > 0 ? tell('card.each', { place: where, each: { grams: wantedG / vessels } }) : where;
  return part.formulaId === null
    ? each
    : `${each}, ${tell('card.of-a-batch', { batches: batches.toFixed(2) })}`;
}
