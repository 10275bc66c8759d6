// `npm run check`: what a change can be held against in a minute: formatting, lint, types, imports, words, and the unit tests
// that lie beside what changed since the last commit (`npm run check -- --since main` compares with another). With `--far` every
// unit test runs that reaches a changed file by whatever way: a change deep in core reaches most of them. `npm test` stays the whole.
// `npm run check -- core` runs every test of one room instead; `--watch` runs them again at each change.
import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import {
  bin,
  CHECKED_PATHS,
  main,
  ROOMS,
  ROOT,
  run,
  runAndCollect,
  say,
  Trouble,
} from './shell.mjs';
import { startTestDatabase } from './test-database.mjs';

const JEST = bin('jest/bin/jest.js');
const DEPCRUISE = bin('dependency-cruiser/bin/dependency-cruise.mjs');

const git = (...args) =>
  execFileSync('git', args, { cwd: ROOT, encoding: 'utf8' }).split('\n').filter(Boolean);

/** Files that differ from a commit, new ones with them, that are still there. */
const changedSince = (commit) =>
  [
    ...git('diff', '--name-only', commit),
    ...git('ls-files', '--others', '--exclude-standard'),
  ].filter((file) => existsSync(join(ROOT, file)));

/** The rooms whose types a change in a room can break: itself and those that import it. */
const REACHED = {
  core: [...ROOMS, 'e2e'],
  contract: ['contract', 'words', 'server', 'client', 'e2e'],
  words: ['words', 'server', 'client', 'e2e'],
  server: ['server'],
  client: ['client'],
  e2e: ['e2e'],
};
/** Settings and packages reach every room. */
const typedRooms = (files) => [
  ...new Set(files.flatMap((file) => REACHED[roomOf(file)] ?? REACHED.core)),
];

const isCode = (file) => /\.(ts|tsx|mjs|cjs|js)$/.test(file);
const roomOf = (file) => file.split('/')[0];

/** The server's tests want a database; the others want nothing. */
async function withDatabaseFor(rooms, work) {
  if (!rooms.includes('server')) return work({});
  await ensureDebianPackages({ mariadbd: 'mariadb-server' });
  const database = await startTestDatabase();
  try {
    return await work({ HOLLOW_MOON_TEST_DATABASE_URL: database.url });
  } finally {
    await database.stop();
  }
}

async function testRooms(rooms, watch) {
  const args = [JEST, '--selectProjects', ...rooms, ...(watch ? ['--watch'] : [])];
  const code = await withDatabaseFor(rooms, (env) => run(process.execPath, args, { env }));
  if (code !== 0) throw new Trouble(`Tests fail in ${rooms.join(', ')}: see above.`);
}

/** Runs one check and shows what it printed only where it fails. */
async function holds(name, script, args) {
  const startedMs = Date.now();
  const { code, output } = await runAndCollect(process.execPath, [script, ...args], {
    quiet: true,
  });
  const tookS = ((Date.now() - startedMs) / 1000).toFixed(0);
  say(`${code === 0 ? 'holds' : 'FAILS'}: ${name} (${tookS} s)`);
  if (code !== 0) process.stdout.write(output);
  return code === 0;
}

/** How the unit tests of changed files are asked for: those in their folders, or all that reach them. */
const testsOf = (files, far) =>
  far
    ? ['--findRelatedTests', ...files]
    : [
        '--testPathPattern',
        ...new Set(files.map((file) => `/${dirname(file).replaceAll('.', '[.]')}/[^/]+$`)),
      ];

/** The unit tests of what changed; those of the server are run whole, and only when it changed itself. */
async function relatedTests(files, far) {
  const unit = files.filter((file) => ROOMS.includes(roomOf(file)) && isCode(file));
  const server = unit.some((file) => roomOf(file) === 'server');
  const others = unit.filter((file) => roomOf(file) !== 'server');
  const rooms = far ? ROOMS.filter((room) => room !== 'server') : [...new Set(others.map(roomOf))];
  const unitHold =
    others.length === 0 ||
    (await holds('unit tests of what changed', JEST, [
      ...['--selectProjects', ...rooms, '--passWithNoTests', ...testsOf(others, far)],
    ]));
  if (!server) return unitHold;
  const serverHolds = await withDatabaseFor(['server'], async (env) => {
    Object.assign(process.env, env);
    return holds('tests of the server', JEST, ['--selectProjects', 'server']);
  });
  return unitHold && serverHolds;
}

async function checkChanges(commit, far) {
  const files = changedSince(commit);
  if (files.length === 0) {
    say(`Nothing differs from ${commit}.`);
    return;
  }
  const code = files.filter(isCode);
  const rules = (name, config) => () =>
    holds(name, DEPCRUISE, ['--config', config, ...CHECKED_PATHS]);
  const waiting = [
    () =>
      holds('formatting (mend with: npm run format)', bin('prettier/bin/prettier.cjs'), [
        ...['--check', '--ignore-unknown', '--log-level=warn', ...files],
      ]),
    () => relatedTests(files, far),
    () => holds('types', join(ROOT, 'tools/types.mjs'), typedRooms(files)),
    async () =>
      code.length === 0 ||
      (await holds('lint', bin('eslint/bin/eslint.js'), ['--max-warnings=0', ...code])),
    rules('imports between rooms', '.dependency-cruiser.cjs'),
    rules('circles of folders', '.dependency-cruiser.folders.cjs'),
    () => holds('words', join(ROOT, 'tools/words.mjs'), []),
  ];
  // Two at a time, the longest first: what everybody's machine has cores for.
  const held = [];
  const worker = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) held.push(await next());
  };
  await Promise.all([worker(), worker()]);
  if (held.includes(false)) throw new Trouble('Something does not hold: see above.');
}

await main(async () => {
  await ensureNpmPackages();
  const args = process.argv.slice(2);
  const since = args.includes('--since') ? args[args.indexOf('--since') + 1] : 'HEAD';
  const rooms = args.filter((arg) => ROOMS.includes(arg));
  const unknown = args.find(
    (arg) =>
      !ROOMS.includes(arg) && arg !== since && !['--since', '--watch', '--far'].includes(arg),
  );
  if (unknown) throw new Trouble(`There is no room '${unknown}'. Rooms: ${ROOMS.join(', ')}.`);
  if (args.includes('--watch') && rooms.length === 0) {
    throw new Trouble('Name the room to watch: npm run check -- core --watch');
  }
  if (rooms.length > 0) await testRooms(rooms, args.includes('--watch'));
  else await checkChanges(since, args.includes('--far'));
});
