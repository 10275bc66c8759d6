import type { FormulaData } from '@hollow-moon/contract';
import { REMEDY_STARCH_ID, scaleLines, type Remedy, type RemedyChange } from '@hollow-moon/core';
import { v4 as uuid } from 'uuid';
import { grams, say, spanOfMinutes, withUnit, type TemperatureFormat } from '@hollow-moon/words';

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
      return say(change.byK < 0 ? 'remedies.lower-the-oven' : 'remedies.raise-the-oven', {
        by: withUnit(span(Math.abs(change.byK)), unit),
        to: withUnit(degrees(data.setC + change.byK), unit),
      });
    case 'start':
      return say('remedies.pour-the-filling-at', {
        fillingStartC: degrees(change.fillingStartC),
        unit,
      });
    case 'depth':
      return say('remedies.fill-mm-shallower-with', {
        byMm: change.byMm,
        round: Math.round(100 * change.share),
      });
    case 'bath':
      return say('remedies.stand-it-in-a-water-bath');
    case 'starch':
      return say('remedies.whisk-in-g-of-cornflour', { grams: grams(change.grams) });
  }
}

/** The window a remedy opens. */
export const remedyOpens = ({ earliestS, latestS }: Remedy): string =>
  say('remedies.then-pull-at-min', { spanOfMinutes: spanOfMinutes(earliestS, latestS) });
