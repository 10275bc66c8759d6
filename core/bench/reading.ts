// How long a pasted list takes to read: 100 lines of the corpus of each language, as the review does after each letter typed.
import { DE } from '../src/written/corpus/de';
import { EN } from '../src/written/corpus/en';
import { ES } from '../src/written/corpus/es';
import { FR } from '../src/written/corpus/fr';
import { PT } from '../src/written/corpus/pt';
import { readRecipe, type Language } from '../src/written';

/** What a cook does not notice, ms. */
const BUDGET_MS = 50;
const ROUNDS = 25;

const TEXTS: Readonly<Record<Language, string>> = {
  ...{ en: EN, de: DE, pt: PT, fr: FR, es: ES },
};

for (const [language, corpus] of Object.entries(TEXTS)) {
  const lines = corpus
    .trim()
    .split('\n')
    .map((row) => row.split(' | ')[0]!);
  const text = Array.from({ length: 100 }, (_, at) => lines[at % lines.length]).join('\n');
  const took = Array.from({ length: ROUNDS }, () => {
    const from = performance.now();
    readRecipe(text, language as Language);
    return performance.now() - from;
  });
  const first = took[0]!;
  const sorted = [...took].sort((a, b) => a - b);
  const median = sorted[sorted.length >> 1]!;
  console.log(
    `100 lines read, ${language}: median ${median.toFixed(1)} ms, the first time ${first.toFixed(1)} ms${median > BUDGET_MS ? `, over ${BUDGET_MS}` : ''}`,
  );
}
