import type { Reaction } from './case';
import type { Model, Moment } from './model';
import { advanceExtent, exposureFrom, finalOver, rateAt } from './reactions';

/** How fast each reaction goes in each cell of the filling now, 1/s: what one step ends with the next begins with. */
export type Pace = readonly Float64Array[];

/** So many z under its reference a reaction does nothing: a hundred-thousandth of its rate there. */
const ASLEEP_Z = 5;

const asleepUnderC = ({ referenceC, zK }: Reaction): number => referenceC - ASLEEP_Z * zK;

/** A reaction's rate, 1/s; under where it sleeps that at which it falls asleep. */
const rateOrAsleep = (reaction: Reaction, asleepC: number, celsius: number): number =>
  rateAt(reaction, celsius < asleepC ? asleepC : celsius);

/** The pace of a cup in a moment. */
export function createPace({ mesh, reactions }: Model, { temperatureC }: Moment): Pace {
  const { fillColumns, fillRows, baseRows, rows } = mesh;
  return reactions.map((reaction) => {
    const asleepC = asleepUnderC(reaction);
    const rates = new Float64Array(fillColumns * fillRows);
    for (let here = 0; here < rates.length; here += 1) {
      const cell = Math.floor(here / fillRows) * rows + baseRows + (here % fillRows);
      rates[here] = rateOrAsleep(reaction, asleepC, temperatureC[cell]!);
    }
    return rates;
  });
}

/** Extents of all reactions after a step to `afterC` in which each cell went in a straight line; `pace` goes along. */
export function extentsAfter(
  { mesh, reactions }: Model,
  pace: Pace,
  { extents, temperatureC: beforeC }: Moment,
  afterC: Float64Array,
  seconds: number,
): Float64Array[] {
  const { fillColumns, fillRows, baseRows, rows } = mesh;
  return reactions.map((reaction, index) => {
    const next = extents[index]!.slice();
    const rates = pace[index]!;
    const asleepC = asleepUnderC(reaction);
    for (let column = 0; column < fillColumns; column += 1) {
      for (let row = 0; row < fillRows; row += 1) {
        const cell = column * rows + baseRows + row;
        if (beforeC[cell]! < asleepC && afterC[cell]! < asleepC) continue;
        const here = column * fillRows + row;
        const from = rates[here]!;
        const to = rateOrAsleep(reaction, asleepC, afterC[cell]!);
        rates[here] = to;
        const exposed = exposureFrom(from, to, seconds);
        const final = finalOver(reaction, beforeC[cell]!, afterC[cell]!);
        next[here] = advanceExtent(next[here]!, exposed, final);
      }
    }
    return next;
  });
}
