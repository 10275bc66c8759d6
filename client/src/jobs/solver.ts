import { solverIn, type SolverMessage } from '@hollow-moon/core/planning';

/** Where the server lays the solver's own files. */
const AT = '/solver';

/** The solver in a thread beside the one that asks, fetched when it is first needed. */
export const solverInBrowser = solverIn(
  () => {
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
  },
  { wasmURL: `${AT}/minizinc.wasm`, dataURL: `${AT}/minizinc.data` },
);
