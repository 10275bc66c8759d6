import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { solverIn, type Solver, type SolverMessage } from '../day/solver';

/** Found from wherever the program was started, so that a bundle of a bench finds it too. */
const resolve = createRequire(join(process.cwd(), 'package.json')).resolve;

/**
 * The package's worker script is written for a browser: in Node it is given the two words of a browser it uses. Source:
 * npm `minizinc` 4.5.1, whose own entry for Node wants a solver installed on the machine.
 */
const SHIM = `
const { parentPort, workerData: script } = require('node:worker_threads');
const { readFileSync } = require('node:fs');
const { dirname } = require('node:path');
const listeners = [];
globalThis.addEventListener = (_, listener) => listeners.push(listener);
globalThis.postMessage = (message) => parentPort.postMessage(message);
parentPort.on('message', (data) => listeners.forEach((listener) => listener({ data })));
new Function('require', '__filename', '__dirname', readFileSync(script, 'utf8'))(require, script, dirname(script));
`;

const files = {
  wasmURL: resolve('minizinc/minizinc.wasm'),
  dataURL: resolve('minizinc/minizinc.data'),
};

// The core knows no browser, nor what a browser and Node have alike.
declare const WebAssembly: { readonly Module: new (bytes: Uint8Array) => object };

/** What is compiled once serves every thread for as long as somebody holds it: half of a short run was compiling. */
let compiled: object | undefined;

/** The solver in a thread of Node: for tests and benches. */
export const solverInNode: Solver = solverIn(() => {
  compiled ??= new WebAssembly.Module(readFileSync(files.wasmURL));
  const worker = new Worker(SHIM, {
    eval: true,
    workerData: resolve('minizinc/minizinc-worker.js'),
  });
  return {
    post: (message) => worker.postMessage(message),
    onMessage: (hear) => void worker.on('message', (message: SolverMessage) => hear(message)),
    onFault: (hear) => void worker.on('error', hear),
    terminate: () => void worker.terminate(),
  };
}, files);
