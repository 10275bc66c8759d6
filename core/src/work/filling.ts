import type { Family } from '../formula';
import { after, just, task, type Making } from './making';
import { USUAL_WAITS } from './practice';
import { setByChocolate } from './plan';
import { onTheBenchMin } from './shell';
import type { After, Task, Verb } from './task';
import { BUTTER, FRESH_CHEESE } from './waits';

/** The main filling up to where it can be poured, and what pouring it waits for. */
export interface FillingTasks {
  readonly tasks: readonly Task[];
  readonly ready: readonly After[];
}

/** From this up the dairy of a custard is warmed, °C; cooler it is mixed cold. */
const WARMED_FROM_C = 35;

/** A cheese is blended, and butter creamed, from about room temperature, °C. Common practice. */
const BLENDS_C = 16;
const CREAMS_C = 17;

const grams = ({ plan }: Making): number => plan.build.filling.totalG;

const single = (
  making: Making,
  id: string,
  verb: Verb,
  wait: readonly [number, number],
  more: { readonly station?: 'mixer' | 'hob'; readonly after?: readonly After[] } = {},
  kind: After['wait'] = 'stand',
): FillingTasks => {
  const made = task(making, id, verb, { grams: grams(making), ...more });
  return { tasks: [made], ready: [after(made.id, kind, wait)] };
};

/** A custard: its dairy warmed and infused, or all of it mixed cold and kept. */
function custard(making: Making): FillingTasks {
  const { fillingStartC } = making.plan.formula;
  if (fillingStartC < WARMED_FROM_C) {
    return single(making, 'filling/mix', 'mix-custard', USUAL_WAITS.coldMix, {}, 'rest-cold');
  }
  const warm = task(making, 'filling/warm', 'warm-dairy', {
    grams: making.plan.build.filling.liquidG,
    station: 'hob',
  });
  const mix = task(making, 'filling/mix', 'mix-custard', {
    grams: grams(making),
    after: [after(warm.id, 'steep', USUAL_WAITS.steep, 'dairy-rested')],
  });
  return { tasks: [warm, mix], ready: [after(mix.id, 'stand', USUAL_WAITS.warmMix)] };
}

/** What is taken out of the fridge first, and what is made of it. */
function fromTheCold(
  making: Making,
  verb: 'blend-cheese' | 'cream-nuts',
  softenMin: number,
  wait: readonly [number, number],
  kind: After['wait'],
): FillingTasks {
  const out = task(
    making,
    'filling/take-out',
    verb === 'blend-cheese' ? 'take-out-cheese' : 'take-out-butter',
    { grams: grams(making) },
  );
  const soft = [softenMin, softenMin + USUAL_WAITS.softButter[1]] as const;
  const mix = task(making, 'filling/mix', verb, {
    grams: grams(making),
    station: 'mixer',
    after: [after(out.id, 'soften', soft, 'butter-soft')],
  });
  return { tasks: [out, mix], ready: [after(mix.id, kind, wait)] };
}

/** Butter goes into a curd when it has cooled to about 40 °C: it is stirred now and then meanwhile. Common practice, min. */
const CURD_COOLS_MIN = [15, 90] as const;

/** A cream that is cooked on the hob, stirred from beginning to end. */
function stirred(
  making: Making,
  wait: readonly [number, number],
  kind: After['wait'],
): FillingTasks {
  const { stoveMin } = making.plan.computed;
  const weigh = 4;
  const cook = task(making, 'filling/cook', 'cook-cream', {
    grams: grams(making),
    station: 'hob',
    ...(stoveMin === undefined ? {} : { span: just(weigh + stoveMin), from: 'computed' as const }),
  });
  return { tasks: [cook], ready: [after(cook.id, kind, wait)] };
}

const MADE: Readonly<Record<Family, (making: Making) => FillingTasks>> = {
  'baked-custard': custard,
  'batter-custard': (making) =>
    single(making, 'filling/mix', 'mix-batter', USUAL_WAITS.batterRest, {}, 'rest-cold'),
  'puree-custard': (making) =>
    single(making, 'filling/mix', 'mix-puree', USUAL_WAITS.pureeMix, {}, 'rest-cold'),
  'fresh-cheese': (making) =>
    fromTheCold(
      making,
      'blend-cheese',
      onTheBenchMin(FRESH_CHEESE, BLENDS_C, making.plan.roomC),
      USUAL_WAITS.blendedCheese,
      'stand',
    ),
  'syrup-nut': (making) => single(making, 'filling/mix', 'mix-syrup', USUAL_WAITS.syrupMix),
  'nut-cream': (making) =>
    fromTheCold(
      making,
      'cream-nuts',
      onTheBenchMin(BUTTER, CREAMS_C, making.plan.roomC),
      USUAL_WAITS.nutCream,
      'rest-cold',
    ),
  'fruit-filling': (making) => single(making, 'filling/mix', 'mix-fruit', USUAL_WAITS.fruitMix),
  'starch-cream': (making) => stirred(making, USUAL_WAITS.hotCream, 'stand'),
  'starch-pudding': (making) => stirred(making, USUAL_WAITS.hotCream, 'stand'),
  curd: (making) => stirred(making, CURD_COOLS_MIN, 'cool'),
  'cold-set': (making) =>
    single(
      making,
      'filling/mix',
      setByChocolate(making.plan.build) ? 'melt-chocolate' : 'set-with-gelatine',
      USUAL_WAITS.gelatineMix,
      { station: 'hob' },
    ),
};

/** The tasks of a main filling by its family. */
export const fillingTasks = (making: Making, family: Family): FillingTasks => MADE[family](making);
