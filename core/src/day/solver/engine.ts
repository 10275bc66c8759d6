/** How a run of the solver ended: with the best there is, with nothing to be found, in time that ran out, or stopped. */
export type Ended = 'best' | 'none' | 'out-of-time' | 'stopped';

/** A run of the solver. */
export interface Run {
  readonly end: Promise<Ended>;
  readonly stop: () => void;
}

/** A program in FlatZinc, run for so long at the most; each answer is told as it is found: its lists of numbers by name. */
export type Solver = (
  asked: { readonly program: string; readonly seconds: number },
  onAnswer: (answer: unknown) => void,
) => Run;

/** A thread that the package's own worker script runs in: of a browser, or of Node. */
export interface SolverThread {
  readonly post: (message: unknown) => void;
  readonly onMessage: (hear: (message: SolverMessage) => void) => void;
  readonly onFault: (hear: (cause: Error) => void) => void;
  readonly terminate: () => void;
}

/** What the worker says. Source: machine-readable output of MiniZinc ("JSON stream"), and npm `minizinc`. */
export interface SolverMessage {
  readonly type: string;
  readonly status?: string;
  readonly code?: number | null;
  readonly message?: string;
  readonly output?: { readonly dzn?: string };
}

/** Where the package's files lie: paths in Node, addresses in a browser. */
export interface SolverFiles {
  readonly wasmURL: string;
  readonly dataURL: string;
}

/** Ways of the search: free, with restarts, going on from the best so far. What proved best in trials. */
const FLAGS = ['--solver', 'chuffed', '-i', '-f', '--sbps'];

/** The lists of numbers in an answer, by name. Source: *The MiniZinc Handbook*, data files (`name = array1d(1..3,[4,5,6]);`). */
const listsOf = (answer: string): Readonly<Record<string, readonly number[]>> =>
  Object.fromEntries(
    [...answer.matchAll(/^(\w+) = array1d\([^[]*,(\[[^\]]*\])\);$/gm)].map(([, name, list]) => [
      name!,
      JSON.parse(list!) as number[],
    ]),
  );

/** It is let go on for so long past its time, to say so itself, s. */
const GRACE_S = 1;

/**
 * Runs programs in threads of their own, one for each run: a second run in one fails. Whatever happens, the thread is
 * ended, at the latest a second after its time. A fault of the solver or of the program is an error, never an answer.
 */
export const solverIn =
  (open: () => SolverThread, files: SolverFiles): Solver =>
  ({ program, seconds }, onAnswer) => {
    const thread = open();
    let ended: Ended | undefined;
    let proved: Ended = 'out-of-time';
    let settle: (ended: Ended) => void = () => undefined;
    let fail: (cause: Error) => void = () => undefined;
    const end = new Promise<Ended>((resolve, reject) => {
      settle = resolve;
      fail = reject;
    });
    let watchdog: ReturnType<typeof setTimeout> | undefined;
    const finish = (how: Ended | Error): void => {
      if (ended !== undefined) return;
      ended = how instanceof Error ? 'stopped' : how;
      clearTimeout(watchdog);
      thread.terminate();
      if (how instanceof Error) fail(how);
      else settle(how);
    };
    thread.onFault(finish);
    thread.onMessage((message) => {
      if (ended !== undefined) return;
      switch (message.type) {
        case 'ready':
          watchdog = setTimeout(() => finish('out-of-time'), (seconds + GRACE_S) * 1000);
          thread.post({
            jsonStream: true,
            files: { 'asked.fzn': program },
            args: [...FLAGS, '--time-limit', String(Math.ceil(seconds * 1000)), 'asked.fzn'],
          });
          return;
        case 'solution':
          onAnswer(listsOf(message.output?.dzn ?? ''));
          return;
        case 'status':
          if (message.status === 'OPTIMAL_SOLUTION') proved = 'best';
          if (message.status === 'UNSATISFIABLE') proved = 'none';
          return;
        case 'error':
          finish(new Error(message.message ?? 'the solver failed'));
          return;
        case 'exit':
          finish(message.code === 0 ? proved : new Error('the solver broke off'));
      }
    });
    thread.post(files);
    return { end, stop: () => finish('stopped') };
  };
