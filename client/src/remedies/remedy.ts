import type { FormulaData } from '@hollow-moon/contract';
import { REMEDY_STARCH_ID, scaleLines, type Remedy, type RemedyChange } from '@hollow-moon/core';
import { v4 as uuid } from 'uuid';
import { grams, type TemperatureFormat } from '@hollow-moon/words';
import { spanOfMinutes } from '../forecast/words';

/** The formula with a remedy made its own. */
export function remedied(data: FormulaData, change: RemedyChange): FormulaData {
  switch (change.kind) {
    case 'oven':
      return {
        ...data,
        setC: data.setC + change.byK,
        ovenUse: {
          ...data.ovenUse,
          steps: data.ovenUse.steps.map((step) =>
            typeof step.to === 'number' ? { ...step, to: step.to + change.byK } : step,
          ),
        },
      };
    case 'start':
      return { ...data, fillingStartC: change.fillingStartC };
    case 'depth':
      return {
        ...data,
        headspaceMm: Number(change.headspaceMm.toFixed(1)),
        lines: scaleLines(data.lines, change.share),
      };
    case 'bath': {
      const { panLengthMm, panBreadthMm, levelMm, waterC } = change.bath;
      return { ...data, bath: { panLengthMm, panBreadthMm, levelMm, waterC } };
    }
    case 'starch':
      return {
        ...data,
        lines: [
          ...data.lines,
          { id: uuid(), ingredientId: REMEDY_STARCH_ID, amount: change.grams, unit: 'g' },
        ],
      };
  }
}

/** What a remedy asks of the cook. */
export function remedyInWords(
  { change }: Remedy,
  data: FormulaData,
  { degrees, span, unit }: TemperatureFormat,
): string {
  switch (change.kind) {
    case 'oven':
      return `${change.byK < 0 ? 'Lower' : 'Raise'} the oven by ${span(Math.abs(change.byK))} ${unit}, to ${degrees(data.setC + change.byK)}`;
    case 'start':
      return `Pour the filling at ${degrees(change.fillingStartC)} ${unit}`;
    case 'depth':
      return `Fill ${change.byMm} mm shallower, with ${Math.round(100 * change.share)} % of the batch`;
    case 'bath':
      return 'Stand it in a water bath, half-way up';
    case 'starch':
      return `Whisk in ${grams(change.grams)} g of cornflour`;
  }
}

/** The window a remedy opens. */
export const remedyOpens = ({ earliestS, latestS }: Remedy): string =>
  `then pull at ${spanOfMinutes(earliestS, latestS)} min`;
