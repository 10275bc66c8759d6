// How long the imports take over texts made to be slow: 100 kB of the same few signs. Linear ones take milliseconds.
import { fromAnyList, fromCsv, fromMarkdown, fromRecipe } from '../src/formats';

/** A cook waits a moment for a file, not longer, ms. */
const BUDGET_MS = 200;
const LENGTH = 100_000;

const SIGNS = [
  '1/',
  '(',
  '"',
  ',',
  '\n',
  '- ',
  '| ',
  '# ',
  '<!--',
  '{"',
  '[',
  '1 cup (',
  ' ',
  ':\n',
  '\\"',
];
const READERS = { list: fromAnyList, recipe: fromRecipe, markdown: fromMarkdown, table: fromCsv };

let late = 0;
for (const [name, read] of Object.entries(READERS)) {
  const took = SIGNS.map((signs) => {
    const text = signs.repeat(Math.ceil(LENGTH / signs.length));
    const from = performance.now();
    read(text);
    return [performance.now() - from, signs] as const;
  }).sort(([a], [b]) => b - a);
  const [slowestMs, signs] = took[0]!;
  const medianMs = took[took.length >> 1]![0];
  if (slowestMs > BUDGET_MS) late += 1;
  console.log(
    `import of a ${name}, 100 kB: median ${medianMs.toFixed(1)} ms, slowest ${slowestMs.toFixed(1)} ms (${JSON.stringify(signs)})${slowestMs > BUDGET_MS ? `, over ${BUDGET_MS}` : ''}`,
  );
}
if (late > 0) process.exitCode = 1;
