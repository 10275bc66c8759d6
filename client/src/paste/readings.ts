import { say } from '@hollow-moon/words';
import {
  amountOf,
  finding,
  findIngredient,
  gramsPerUnit,
  type EggGrade,
  type Finding,
  type FindIngredient,
  type Line,
  type LineUnit,
  type Vague,
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
  /** It goes on without an amount: by eye, or unknown. */
  readonly vague: Vague | undefined;
  /** The one thing that keeps it off the list; `undefined` when it can stand. */
  readonly missing: Finding | undefined;
}

/** What is still missing of a line, the first thing first. */
function missingOf(
  written: WrittenLine,
  answer: Answer,
  {
    ingredientId,
    amount,
    unit,
    vague,
  }: Pick<Reading, 'ingredientId' | 'amount' | 'unit' | 'vague'>,
  grade: EggGrade,
  find: FindIngredient,
): Finding | undefined {
  const ingredient = ingredientId === undefined ? undefined : find(ingredientId);
  if (!ingredient) return finding('paste.which-ingredient');
  if (written.question && answer.unit === undefined) return written.question.asks;
  if (vague) return undefined;
  if (amount === undefined || !Number.isFinite(amount)) return finding('paste.how-much');
  if (unit === undefined) return finding('paste.what-unit');
  const each = gramsPerUnit(ingredient, unit, grade);
  return each.ok ? undefined : each.problem;
}

/** Lays an answer over a line. */
export function readingOf(
  written: WrittenLine,
  answer: Answer,
  grade: EggGrade,
  find: FindIngredient = findIngredient,
): Reading {
  const amount = answer.amount ?? amountOf(written);
  const said = {
    ingredientId: answer.ingredientId ?? written.ingredientId,
    amount,
    unit: answer.unit ?? written.unit,
    // What is not known stays unknown, on the list: its allergens and its place in the bowl are known all the same.
    vague:
      amount !== undefined
        ? undefined
        : written.amount.kind === 'by-eye'
          ? ('by-eye' as const)
          : ('unknown' as const),
  };
  return {
    written,
    ...said,
    leftOut: answer.leftOut ?? false,
    missing: missingOf(written, answer, said, grade, find),
  };
}

/** Whether a reading goes onto the list. */
export const goesOn = ({ missing, leftOut }: Reading): boolean => missing === undefined && !leftOut;

const rangeNote = ({ amount }: WrittenLine): string =>
  amount.kind === 'range'
    ? say('bench.to-as-written', { least: amount.least, most: amount.most })
    : '';

/** The line a reading that can stand becomes. */
export function lineFrom(reading: Reading): Line {
  const { written } = reading;
  const note = [rangeNote(written), written.about ? 'about' : '', written.note]
    .filter(Boolean)
    .join(', ');
  return {
    id: uuid(),
    ingredientId: reading.ingredientId!,
    ...(reading.vague
      ? { amount: 0, unit: 'g' as const, vague: reading.vague }
      : { amount: reading.amount!, unit: reading.unit! }),
    written: written.text,
    ...(written.heldBack === undefined || reading.unit !== written.unit
      ? {}
      : { heldBack: written.heldBack }),
    ...(note ? { note } : {}),
  };
}
