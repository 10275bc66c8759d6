/** How long a bake takes to be learnt of: its runs, once, and what two readings make of them. */
import { bakeShifts, learn, traceOf, TRACES, type Reading } from '../src/learning';
import { TART } from '../src/testing/bakes';

const UNTIL_S = 5400;
const before = performance.now();
const traces = bakeShifts(0, TRACES).flatMap((shift) => {
  const trace = traceOf(TART, shift, UNTIL_S);
  return trace.ok ? [trace.value] : [];
});
const traced = performance.now() - before;
const readings: Reading[] = [
  { id: 'a', atS: 1500, place: 'centre', celsius: 55 },
  { id: 'b', atS: 2400, place: 'centre', celsius: 66 },
];
const times = Array.from({ length: 15 }, () => {
  const from = performance.now();
  learn(traces, readings, () => undefined);
  return performance.now() - from;
}).sort((a, b) => a - b);
console.log(
  `${traces.length} runs ${(traced / 1000).toFixed(1)} s on one thread; what two readings say ${times[7]!.toFixed(0)} ms (median of 15)`,
);
