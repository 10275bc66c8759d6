// `npm test`: sets up whatever is missing, then checks form, lint, types, imports, and runs every test.
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildClient, buildServer } from './build.mjs';
import { startTestDatabase } from './test-database.mjs';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import { bin, CHECKED_PATHS, DATA, main, ROOT, run, runAndCollect, say } from './shell.mjs';

const DEPCRUISE = bin('dependency-cruiser/bin/dependency-cruise.mjs');

/** Checks without a runner of their own: each counts as one. */
const CHECKS = {
  formatting: [
    ...[bin('prettier/bin/prettier.cjs'), '--check', '.', '--log-level=warn'],
    // How a file is formatted depends on nothing but what is in it: one that has not changed is not read again.
    ...['--cache', '--cache-strategy=content', `--cache-location=${join(DATA, 'formatted.json')}`],
  ],
  lint: [bin('eslint/bin/eslint.js'), '.', '--max-warnings=0'],
  types: [join(ROOT, 'tools/types.mjs')],
  'words of the screens': [join(ROOT, 'tools/words.mjs')],
  'imports between rooms': [DEPCRUISE, '--config', '.dependency-cruiser.cjs', ...CHECKED_PATHS],
  'circles of folders': [
    DEPCRUISE,
    '--config',
    '.dependency-cruiser.folders.cjs',
    ...CHECKED_PATHS,
  ],
};

async function runCheck(total, name) {
  const { code, output } = await runAndCollect(process.execPath, CHECKS[name], { quiet: true });
  total[code === 0 ? 'passed' : 'failed'] += 1;
  say(`${code === 0 ? 'passed' : 'FAILED'}: ${name}`);
  if (code !== 0) process.stdout.write(output);
}

/** Adds what a runner counted; a runner that ended without a report, or against it, failed once more. */
function addCounts(total, what, code, counted) {
  if (!counted) {
    total.failed += 1;
    say(`FAILED: ${what} ended without a report`);
    return;
  }
  total.passed += counted.passed;
  total.failed += counted.failed;
  if (code !== 0 && counted.failed === 0) {
    total.failed += 1;
    say(`FAILED: ${what} ended with code ${code}`);
  }
}

const readJson = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined);

async function runJest(total, databaseUrl) {
  say('Unit and server tests');
  const file = join(DATA, 'jest.json');
  rmSync(file, { force: true });
  const code = await run(
    process.execPath,
    // The other lane has the other core.
    [bin('jest/bin/jest.js'), '--json', `--outputFile=${file}`, '--silent=false', '--maxWorkers=1'],
    { env: { HOLLOW_MOON_TEST_DATABASE_URL: databaseUrl }, stdio: ['ignore', 'ignore', 'inherit'] },
  );
  const report = readJson(file);
  addCounts(
    total,
    'jest',
    code,
    report && {
      passed: report.numPassedTests,
      // A file that does not even load has no tests to fail.
      failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
    },
  );
}

/** The browser tests are run in two halves, each over a server and a database of its own. */
const HALVES = 2;
const E2E_PORT = 18080;

async function runBrowser(total, half) {
  say(`Browser tests, half ${half}`);
  const file = join(DATA, `playwright-${half}.json`);
  rmSync(file, { force: true });
  const code = await run(
    process.execPath,
    [
      ...[bin('@playwright/test/cli.js'), 'test', '--config', 'e2e/playwright.config.ts'],
      ...[`--shard=${half}/${HALVES}`, '--output', join(DATA, `test-results-${half}`)],
    ],
    {
      env: {
        PLAYWRIGHT_JSON_OUTPUT_NAME: file,
        // The port between them is that of the test of the start command.
        HOLLOW_MOON_E2E_PORT: String(E2E_PORT + 2 * (half - 1)),
      },
    },
  );
  const report = readJson(file);
  addCounts(
    total,
    `browser tests, half ${half}`,
    code,
    report && {
      passed: report.stats.expected,
      failed: report.stats.unexpected + report.stats.flaky + report.errors.length,
    },
  );
}

/** Lanes that work side by side: two cores are what there is to count on. */
const LANES = 2;

/** Works the jobs off, each lane taking the next as it is free; what breaks off left something untested. */
async function workOff(total, jobs) {
  const waiting = [...jobs];
  const lane = async () => {
    for (let job = waiting.shift(); job; job = waiting.shift()) {
      try {
        await job();
      } catch (error) {
        console.error(error);
        total.failed += 1;
      }
    }
  };
  await Promise.all(Array.from({ length: LANES }, lane));
}

await main(async () => {
  await ensureNpmPackages();
  await ensureDebianPackages({
    mariadbd: 'mariadb-server',
    'chromium-headless-shell': 'chromium-headless-shell',
  });
  const total = { passed: 0, failed: 0 };
  // Started here, so that neither lane stops it under the other.
  const database = await startTestDatabase();
  // The longest first, so that the lanes end together.
  await workOff(total, [
    async () => {
      await buildServer();
      await buildClient();
      await runBrowser(total, 1);
    },
    () => runJest(total, database.url),
    () => runBrowser(total, 2),
    ...Object.keys(CHECKS).map((name) => () => runCheck(total, name)),
  ]);
  await database.stop();
  process.stdout.write(`\n${total.passed} passed, ${total.failed} failed\n`);
  if (total.failed > 0) process.exitCode = 1;
});
