import { solverIn, type SolverMessage } from '@hollow-moon/core/planning';

/** Where the server lays the solver's own files. */
const AT = '/solver';

const FILES = { wasmURL: `${AT}/minizinc.wasm`, dataURL: `${AT}/minizinc.data` };

/**
 * What is compiled once serves every thread for as long as somebody holds it: half of a short run is compiling. Where it
 * cannot be had, the thread says what is wrong.
 */
let compiled: Promise<unknown> | undefined;
const hold = (): Promise<unknown> =>
  WebAssembly.compileStreaming(fetch(FILES.wasmURL)).catch(() => undefined);

/** The solver in a thread beside the one that asks, fetched when it is first needed. */
export const solverInBrowser = solverIn(() => {
  compiled ??= hold();
  const worker = new Worker(`${AT}/minizinc-worker.js`);
  return {
    post: (message) => worker.postMessage(message),
    onMessage: (hear) => {
      worker.onmessage = ({ data }: MessageEvent<SolverMessage>) => hear(data);
    },
    onFault: (hear) => {
      worker.onerror = () => hear(new Error('The solver could not be started.'));
    },
    terminate: () => worker.terminate(),
  };
}, FILES);
