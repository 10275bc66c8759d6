// `npm run mutants -- core/src/vessel [more folders or files]`: puts small faults into them one by one (StrykerJS) and says
// which of them every test lets pass. A file may be narrowed to lines: core/src/vessel/fit.ts:20-60. A room in which all would
// take a day is sampled: `npm run mutants -- contract/src --lines 150` takes so many lines of code by chance, and the seed that
// is printed (`--seed 7`) takes the same again. What spans several lines is in no sample: such faults are the coarse ones.
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { parseArgs } from 'node:util';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import { main, ROOMS, ROOT, say, Trouble } from './shell.mjs';
import { startTestDatabase } from './test-database.mjs';

/** A path as globs of what is mutated: never tests, nor what only tests use. */
function globsOf(path) {
  const [file] = path.split(':');
  if (!existsSync(join(ROOT, file))) throw new Trouble(`There is no ${file}.`);
  return statSync(join(ROOT, file)).isDirectory()
    ? [`${file}/**/*.ts`, `${file}/**/*.tsx`]
    : [path];
}

/** Numbers from 0 to 1 that are the same for the same seed, as in core. Source: mulberry32, a public-domain generator, from memory. */
function randomBy(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

const isTested = (file) =>
  /\.tsx?$/.test(file) && !/\.test\.tsx?$|\/testing\/|\/bench\//.test(file);
const filesIn = (path) =>
  statSync(join(ROOT, path)).isDirectory()
    ? readdirSync(join(ROOT, path), { recursive: true }).map((file) => join(path, String(file)))
    : [path];

/** So many lines of code under paths, taken by chance, as StrykerJS is told of them. */
function sampleOf(paths, count, seed) {
  const lines = paths
    .flatMap(filesIn)
    .filter(isTested)
    .flatMap((file) =>
      readFileSync(join(ROOT, file), 'utf8')
        .split('\n')
        .flatMap((text, index) =>
          /^\s*($|\/[/*]|\*|import |export \*|[})\]];?,?$)/.test(text)
            ? []
            : [`${file}:${index + 1}-${index + 1}`],
        ),
    );
  const random = randomBy(seed);
  return lines
    .map((line) => ({ line, at: random() }))
    .sort((a, b) => a.at - b.at)
    .slice(0, count)
    .map(({ line }) => line);
}

/** Where the tests of a path lie: in its folder; the server's lie at the top, over all of it. */
const folderOf = (path) => {
  const [file] = path.split(':');
  if (file.startsWith('server/')) return 'server/src';
  return statSync(join(ROOT, file)).isDirectory() ? file : dirname(file);
};

await main(async () => {
  const { values, positionals: paths } = parseArgs({
    allowPositionals: true,
    options: { lines: { type: 'string' }, seed: { type: 'string' } },
  });
  const seed = Number(values.seed ?? Date.now() % 1e6);
  const rooms = [...new Set(paths.map((path) => path.split('/')[0]))];
  const [room] = rooms;
  if (rooms.length !== 1 || !ROOMS.includes(room)) {
    throw new Trouble('Name folders or files of one room: npm run mutants -- core/src/vessel');
  }
  if (values.lines) say(`A sample of ${values.lines} lines, seed ${seed}`);
  await ensureNpmPackages();
  await ensureDebianPackages({ mariadbd: 'mariadb-server' });
  const database = room === 'server' ? await startTestDatabase() : undefined;
  if (database) process.env.HOLLOW_MOON_TEST_DATABASE_URL = database.url;
  // jest.config.cjs gives the tests that lie beside what is mutated alone: a folder answers for itself.
  process.env.HOLLOW_MOON_MUTANTS = JSON.stringify({ room, folders: paths.map(folderOf) });
  const { Stryker } = await import('@stryker-mutator/core');
  try {
    const results = await new Stryker({
      warnings: { slow: false },
      testRunner: 'jest',
      plugins: ['@stryker-mutator/jest-runner'],
      jest: { enableFindRelatedTests: false },
      coverageAnalysis: 'perTest',
      mutate: [
        ...(values.lines ? sampleOf(paths, Number(values.lines), seed) : paths.flatMap(globsOf)),
        '!**/*.test.ts',
        '!**/*.test.tsx',
        '!**/testing/**',
      ],
      ignorePatterns: [
        '.data',
        'client/dist',
        'client/.expo',
        'server/dist',
        // The cases of docs are what some tests run.
        'docs/screenshots',
        'test-results',
      ],
      tempDirName: '.data/mutants',
      reporters: ['progress-append-only'],
      // An emptied word is caught by its type where it is a code, and is a matter of taste where it is a sentence.
      mutator: { excludedMutations: ['StringLiteral'] },
      concurrency: 2,
      timeoutMS: 20_000,
      allowEmpty: false,
    }).runMutationTest();
    const caught = results.filter(({ status }) => status === 'Killed' || status === 'Timeout');
    const passed = results.filter(({ status }) => status === 'Survived' || status === 'NoCoverage');
    for (const { fileName, location, replacement, mutatorName, status } of passed) {
      const shown = (replacement ?? mutatorName).replace(/\s+/g, ' ').slice(0, 100);
      process.stdout.write(
        `${fileName}:${location.start.line}:${location.start.column} ${mutatorName}, ${status === 'NoCoverage' ? 'never run' : 'passed'}: ${shown}\n`,
      );
    }
    const all = caught.length + passed.length;
    say(
      `${caught.length} of ${all} caught: ${((100 * caught.length) / Math.max(1, all)).toFixed(1)} %`,
    );
  } finally {
    await database?.stop();
  }
});
