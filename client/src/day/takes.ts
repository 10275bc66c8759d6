import { AS_USUAL, type FormulaData, type Takes } from '@hollow-moon/contract';
import { workAskOf, workListOf } from '@hollow-moon/contract/planning';
import { computedFrom, elapsedMin, type Verb } from '@hollow-moon/core/planning';
import type { KitchenBook } from '../book/book';
import { pool } from '../jobs';
import { workedIn } from './useWorks';

/** Tasks in which something is on the fire or in the oven, whoever stands by. */
const COOKED: ReadonlySet<Verb> = new Set([
  'blind-bake',
  'bake',
  'cook-caramel',
  'warm-dairy',
  'cook-cream',
  'mix-syrup',
]);

const SECONDS = 60;

/** How long a formula takes by its tasks and forecasts, s; nothing where its tasks can't be known. */
export async function takesOf(data: FormulaData, book: KitchenBook): Promise<Takes | undefined> {
  const where = workedIn(book);
  const { bake, blind } = workAskOf(data, where);
  // The bench has asked for the same forecasts: what is known of them is not worked out again.
  const [baked, empty] = await Promise.all([
    bake && pool().ask('forecast', { plan: bake }, { priority: 'now' }).answer,
    blind && pool().ask('blind', { plan: blind }, { priority: 'now' }).answer,
  ]);
  const computed = computedFrom({
    ...(baked?.ok ? { forecast: baked.value } : {}),
    ...(empty?.ok ? { blind: empty.value } : {}),
  });
  const work = workListOf(data, { ...AS_USUAL, vessels: data.vesselCount }, where, computed);
  if (!work.ok) return undefined;
  const { tasks } = work.value;
  const cooked = tasks.filter(({ verb }) => COOKED.has(verb));
  const byHand = tasks.filter(({ verb }) => !COOKED.has(verb)).flatMap(({ hands }) => hands);
  return {
    prepS: byHand.reduce((sum, { minutes }) => sum + minutes, 0) * SECONDS,
    cookS: cooked.reduce((sum, { span }) => sum + span.expectedMin, 0) * SECONDS,
    allS: elapsedMin(work.value) * SECONDS,
  };
}
