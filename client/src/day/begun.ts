import type { FormulaData, WantedData } from '@hollow-moon/contract';
import { shellPartOf, shellWorkOf, type ShellWork } from '@hollow-moon/core';
import type { Ran } from '@hollow-moon/core/planning';

/** What has happened of the tasks of a day; of one that is not worked, nothing. */
export type Happened = ReadonlyMap<string, Ran>;

/** Shells that are lined, and can be put by for another day. */
const LINED: ReadonlySet<ShellWork> = new Set(['rolled', 'pressed']);

export const isLined = (formula: FormulaData): boolean => LINED.has(shellWorkOf(formula));

/** The dough from the book that a bake's tins are lined with, which others may share; none where there is none to be made. */
export function bookDoughOf(
  formula: FormulaData,
  { frozenShell }: Pick<WantedData, 'frozenShell'>,
): string | undefined {
  if (frozenShell || !isLined(formula)) return undefined;
  return shellPartOf(formula.parts)?.formulaId ?? undefined;
}

const isDone = (ran: Ran | undefined): boolean => ran !== undefined && ran.state !== 'skipped';

/** Whether the dough that bakes share has been begun. */
export const isDoughBegun = (dough: string | undefined, happened: Happened): boolean =>
  dough !== undefined && isDone(happened.get(`shared:dough:${dough}`));

/** Whether something of a bake alone has been begun. */
export const isBakeBegun = (bake: string, happened: Happened): boolean =>
  [...happened].some(([task, ran]) => task.startsWith(`${bake}:`) && isDone(ran));

/** A bake that is added to a day: where the dough that it would share has been begun, one of its own is made for it. */
export function addedTo(
  happened: Happened,
  wanted: WantedData,
  formula: FormulaData | undefined,
): WantedData {
  const dough = formula && bookDoughOf(formula, wanted);
  return { ...wanted, doughApart: isDoughBegun(dough, happened) };
}
