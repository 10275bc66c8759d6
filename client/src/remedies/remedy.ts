import type { FormulaData } from '@hollow-moon/contract';
import {
  REMEDY_STARCH_ID,
  scaleAsWeighed,
  type Remedy,
  type RemedyChange,
} from '@hollow-moon/core';
import { v4 as uuid } from 'uuid';
import { say, spanOfMinutes, type Words } from '@hollow-moon/words';

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
        lines: scaleAsWeighed(data.lines, change.share),
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
export function remedyInWords({ change }: Remedy, data: FormulaData, { put }: Words): string {
  switch (change.kind) {
    case 'oven':
      return put(change.byK < 0 ? 'remedies.lower-the-oven' : 'remedies.raise-the-oven', {
        by: { kelvin: Math.abs(change.byK) },
        to: { ovenC: data.setC + change.byK },
      });
    case 'start':
      return put('remedies.pour-the-filling-at', { at: { celsius: change.fillingStartC } });
    case 'depth':
      return put('remedies.fill-mm-shallower-with', {
        by: { millimetres: change.byMm },
        round: Math.round(100 * change.share),
      });
    case 'bath':
      return say('remedies.stand-it-in-a-water-bath');
    case 'starch':
      return put('remedies.whisk-in-g-of-cornflour', { starch: { grams: change.grams } });
  }
}

/** The window a remedy opens. */
export const remedyOpens = ({ earliestS, latestS }: Remedy): string =>
  say('remedies.then-pull-at-min', { spanOfMinutes: spanOfMinutes(earliestS, latestS) });
