import type { FormulaData } from '@hollow-moon/contract';
import {
  amountOf,
  findIngredient,
  gramsPerUnit,
  type EggGrade,
  type Line,
  type LineUnit,
  type WrittenLine,
} from '@hollow-moon/core';
import { v4 as uuid } from 'uuid';

/** What the cook said to a line that could not stand as it was read. */
export interface Answer {
  readonly ingredientId?: string;
  readonly amount?: number;
  readonly unit?: LineUnit;
  /** Left off the list after all. */
  readonly leftOut?: boolean;
}

/** A line with the cook's answers laid over what was read. */
export interface Reading {
  readonly written: WrittenLine;
  readonly ingredientId: string | undefined;
  readonly amount: number | undefined;
  readonly unit: LineUnit | undefined;
  readonly leftOut: boolean;
  /** The one thing that keeps it off the list; `undefined` when it can stand. */
  readonly missing: string | undefined;
}

/** What is still missing of a line, the first thing first. */
function missingOf(
  written: WrittenLine,
  answer: Answer,
  { ingredientId, amount, unit }: Pick<Reading, 'ingredientId' | 'amount' | 'unit'>,
  grade: EggGrade,
): string | undefined {
  const ingredient = ingredientId === undefined ? undefined : findIngredient(ingredientId);
  if (!ingredient) return 'Which ingredient is it?';
  if (written.question && answer.unit === undefined) return written.question.text;
  if (amount === undefined || !Number.isFinite(amount)) {
    return written.amount.kind === 'by eye'
      ? 'By eye: give it an amount, or leave it to the note.'
      : 'No amount: give one, or leave it to the note.';
  }
  if (unit === undefined) return 'In what unit?';
  const each = gramsPerUnit(ingredient, unit, grade);
  return each.ok ? undefined : each.problem.message;
}

/** Lays an answer over a line. */
export function readingOf(written: WrittenLine, answer: Answer, grade: EggGrade): Reading {
  const said = {
    ingredientId: answer.ingredientId ?? written.ingredientId,
    amount: answer.amount ?? amountOf(written),
    unit: answer.unit ?? written.unit,
  };
  return {
    written,
    ...said,
    leftOut: answer.leftOut ?? false,
    missing: missingOf(written, answer, said, grade),
  };
}

/** Whether a reading goes onto the list. */
export const goesOn = ({ missing, leftOut }: Reading): boolean => missing === undefined && !leftOut;

const rangeNote = ({ amount }: WrittenLine): string =>
  amount.kind === 'range' ? `${amount.least} to ${amount.most} as written` : '';

/** The formula with the readings that can stand on its list, and the others, as written, in its note. */
export function withReadings(data: FormulaData, readings: readonly Reading[]): FormulaData {
  const lines = readings.filter(goesOn).map((reading): Line => {
    const note = [
      rangeNote(reading.written),
      reading.written.about ? 'about' : '',
      reading.written.note,
    ]
      .filter(Boolean)
      .join(', ');
    return {
      id: uuid(),
      ingredientId: reading.ingredientId!,
      amount: reading.amount!,
      unit: reading.unit!,
      written: reading.written.text,
      ...(note ? { note } : {}),
    };
  });
  const left = readings.filter((each) => !goesOn(each)).map((each) => each.written.text);
  const note = left.length > 0 ? [data.note, `Not weighed: ${left.join('; ')}.`] : [data.note];
  return { ...data, lines: [...data.lines, ...lines], note: note.filter(Boolean).join('\n') };
}
