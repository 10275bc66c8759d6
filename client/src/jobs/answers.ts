import { createStore, promisifyRequest, type UseStore } from 'idb-keyval';
import type { JobKind } from './jobs';

/**
 * Answers that outlive a reload, in a database of their own: what was opened before is there at once, where a phone would
 * work on it for a second. What cannot be kept or read here is only worked out again.
 */
const opened = (): UseStore => createStore('hollow-moon-answers', 'answers');

/** What a kitchen opens again, and what takes longer to work out than to read. */
const KEPT: ReadonlySet<JobKind> = new Set(['forecast', 'blind', 'remedies', 'matters', 'members']);

/** When so many are kept, all go and it begins anew: no book is kept of which was wanted last. */
export const KEPT_AT_MOST = 400;

/** A script that names what it is made of; one of a workbench keeps its name while it changes. */
const NAMED_BY_CONTENT = /-[0-9a-f]{16,}\.js$/;

/** A database that has not answered by then is done without from then on, ms: working it out takes about as long. */
const PATIENCE_MS = 500;

export interface KeptAnswers {
  /** An answer that is kept, or `undefined`. */
  readonly read: (kind: JobKind, ask: unknown) => Promise<unknown>;
  readonly keep: (kind: JobKind, ask: unknown, answer: unknown) => Promise<void>;
}

/**
 * The answers of one script.
 *
 * @param script its address, which changes with all that it is made of: another version works all out anew. Where it does
 *   not, nothing is kept
 */
export function keptAnswers(script: string): KeptAnswers {
  let store: UseStore | 'away' | undefined = NAMED_BY_CONTENT.test(script) ? undefined : 'away';
  const keyOf = (kind: JobKind, ask: unknown): string => `${script} ${kind} ${JSON.stringify(ask)}`;

  /** A database that has failed once is not asked again. */
  async function tried<T>(
    kind: JobKind,
    act: (use: UseStore) => Promise<T>,
  ): Promise<T | undefined> {
    if (!KEPT.has(kind) || store === 'away') return undefined;
    let late: ReturnType<typeof setTimeout> | undefined;
    try {
      store ??= opened();
      const tooLate = new Promise<never>((_resolve, reject) => {
        late = setTimeout(() => reject(new Error('The database does not answer.')), PATIENCE_MS);
      });
      return await Promise.race([act(store), tooLate]);
    } catch {
      store = 'away';
      return undefined;
    } finally {
      clearTimeout(late);
    }
  }

  return {
    read: (kind, ask) =>
      tried(kind, (use) =>
        use('readonly', (answers) => promisifyRequest<unknown>(answers.get(keyOf(kind, ask)))),
      ),
    keep: (kind, ask, answer) => {
      // Whoever asked is handed the answer itself before this is written.
      const copy = KEPT.has(kind) ? structuredClone(answer) : undefined;
      return tried(kind, (use) =>
        use('readwrite', async (answers) => {
          if ((await promisifyRequest(answers.count())) >= KEPT_AT_MOST) answers.clear();
          answers.put(copy, keyOf(kind, ask));
          await promisifyRequest(answers.transaction);
        }),
      );
    },
  };
}
