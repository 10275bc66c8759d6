/** What went wrong in something a cook can mend, said in the cook's words. */
export interface Problem {
  /** Stable name for programs, e.g. `amount-not-positive`. */
  readonly code: string;
  /** One sentence for the cook: what is wrong and what to do. */
  readonly message: string;
  /** Where it is, as a dotted path into the input (`lines.2.amount`), when it has a place. */
  readonly path?: string;
}

/** A value, or the problem that kept it from being worked out. */
export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

export const succeed = <T>(value: T): Result<T> => ({ ok: true, value });

export const fail = (code: string, message: string, path?: string): Result<never> => ({
  ok: false,
  problem: path === undefined ? { code, message } : { code, message, path },
});
