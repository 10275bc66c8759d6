import type { FormulaData } from '@hollow-moon/contract';
import { Refusal } from '../errors';
import { usesIn } from '../repositories/formulas';
import type { Rule } from './keep';

/** A formula is not made of itself, at any depth: nobody could weigh it. */
export const notMadeOfItself: Rule<FormulaData> = async (on, kitchenId, id, { parts }) => {
  if (parts.every(({ formulaId }) => formulaId === null)) return;
  const uses = await usesIn(on, kitchenId);
  parts.forEach(({ formulaId, name }, index) => {
    const seen = new Set<string>();
    const open = formulaId === null ? [] : [formulaId.toLowerCase()];
    for (let from = open.pop(); from !== undefined; from = open.pop()) {
      if (from === id) {
        throw new Refusal(422, 'made-of-itself', {
          values: { name },
          path: `data.parts.${index}.formulaId`,
        });
      }
      if (seen.has(from)) continue;
      seen.add(from);
      open.push(...(uses.get(from) ?? []));
    }
  });
};
