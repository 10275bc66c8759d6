import type { FormulaData } from '@hollow-moon/contract';

/** A change of a formula: what it is made into. It is given the formula as it is by then. */
export type Change = (data: FormulaData) => FormulaData;
/** Changes a formula on the bench; edits of one `field` in a row undo together. */
export type Edit = (field: string, change: Change) => void;
