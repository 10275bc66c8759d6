import { say } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import {
  amountOf,
  finding,
  findIngredient,
  gramsPerUnit,
  kindOfHeading,
  type EggGrade,
  type Finding,
  type FindIngredient,
  type Line,
  type LineUnit,
  type PartKind,
  type PartPlace,
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

/** Where a component of a kind usually goes. */
const placeOf = (kind: PartKind): PartPlace => {
  if (/dough$|shell$/.test(kind)) return 'shell';
  if (kind === 'caramel' || kind === 'seal') return 'under';
  return kind === 'praline' || kind === 'syrup' || kind === 'other-part' ? 'apart' : 'over';
};

/**
 * The formula with the readings that can stand: those under no heading or the filling's on its list,
 * those under another as a component; the others, as written, in its note.
 */
export function withReadings(data: FormulaData, readings: readonly Reading[]): FormulaData {
  const ready = readings.filter(goesOn);
  const kindOf = (reading: Reading) => kindOfHeading(reading.written.section);
  const main = ready.filter((reading) => kindOf(reading) === 'filling').map(lineFrom);
  const sections = new Set(
    ready.filter((each) => kindOf(each) !== 'filling').map((each) => each.written.section),
  );
  const parts = [...sections].map((section): FormulaData['parts'][number] => {
    const kind = kindOfHeading(section) as PartKind;
    return {
      id: uuid(),
      name: section.slice(0, 120),
      kind,
      place: placeOf(kind),
      lines: ready.filter((each) => each.written.section === section).map(lineFrom),
      formulaId: null,
      eachG: null,
      vessels: null,
      bakesAlong: false,
    };
  });
  const left = readings.filter((each) => !goesOn(each)).map((each) => each.written.text);
  const note =
    left.length > 0
      ? [data.note, say('bench.not-weighed', { left: left.join('; ') })]
      : [data.note];
  return {
    ...data,
    lines: [...data.lines, ...main],
    parts: [...data.parts, ...parts],
    note: note.filter(Boolean).join('\n'),
  };
}
