/** Unit and server tests; each room runs in the world it lives in. */
const { join } = require('node:path');

// A zone whose clocks are changed: what is planned for the night they are must say the hours of the wall. Source: tz database.
process.env.TZ = 'Europe/Lisbon';

const swc = {
  '^.+\\.tsx?$': [
    '@swc/jest',
    { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'commonjs' } },
  ],
};

/** Packages that ship as modules only are made into what Jest loads. */
const MODULES_ONLY = ['intl-messageformat', '@formatjs', 'quick-lru'];
const withModules = {
  transform: { ...swc, [`/node_modules/(${MODULES_ONLY.join('|')})/.+\\.js$`]: swc['^.+\\.tsx?$'] },
  transformIgnorePatterns: [`/node_modules/(?!(${MODULES_ONLY.join('|')})/)`],
};

/** A global is slow to reach from a file under test (Jest runs it in a context of its own); these our loops use. */
const sandboxInjectedGlobals = ['Math'];

const room = (name, extra = {}) => ({
  displayName: name,
  rootDir: `<rootDir>/${name}`,
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  testEnvironment: 'node',
  transform: swc,
  sandboxInjectedGlobals,
  ...extra,
});

/** The client in its web target, with Expo's own preset; its babel settings lie beside it. */
function clientRoom() {
  const { watchPlugins: _ofTheRoot, ...web } = require('jest-expo/web/jest-preset');
  const transform = Object.fromEntries(
    Object.entries(web.transform).map(([pattern, value]) => [
      pattern,
      Array.isArray(value) && value[0] === 'babel-jest'
        ? [
            'babel-jest',
            {
              ...value[1],
              configFile: join(__dirname, 'client/babel.config.js'),
              // What is fetched when it is needed is simply required: Jest runs scripts, not modules.
              plugins: ['dynamic-import-node'],
            },
          ]
        : value,
    ]),
  );
  return {
    ...web,
    displayName: 'client',
    rootDir: '<rootDir>/client',
    testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
    transform: { ...transform, '\\.mjs$': transform['\\.[jt]sx?$'] },
    sandboxInjectedGlobals,
    testEnvironment: '<rootDir>/src/testing/environment.cjs',
    setupFiles: [...(web.setupFiles ?? []), '<rootDir>/src/testing/setup.ts'],
    setupFilesAfterEnv: [...(web.setupFilesAfterEnv ?? []), '<rootDir>/src/testing/queries.ts'],
    // Packages that ship as modules only; the name may go on (react-native-web, d3-scale).
    transformIgnorePatterns: [
      `node_modules/(?!(${MODULES_ONLY.join('|')}|react-native|@react-native|expo|@expo|lucide|nativewind|d3-|internmap|delaunator|robust-predicates|uuid|date-fns|@reduxjs|immer|react-redux|@hookform|standard-navigation|javascript-lp-solver))`,
    ],
  };
}

const projects = [
  room('core'),
  room('contract', withModules),
  room('words', withModules),
  room('server', withModules),
  clientRoom(),
];

/** Tests of some folders of a room as a configuration of its own, for `npm run mutants`, which is told which test runs what. */
function alone({ room: name, folders }) {
  const { rootDir, ...project } = projects.find(({ displayName }) => displayName === name);
  const inRoom = JSON.stringify(project).replaceAll('<rootDir>/client/', '<rootDir>/');
  return {
    ...JSON.parse(inRoom.replaceAll('<rootDir>/', `${rootDir}/`)),
    testMatch: folders.map((folder) => `<rootDir>/${folder}/**/*.test.{ts,tsx}`),
    testEnvironment: project.testEnvironment.replace('<rootDir>', join(__dirname, name)),
  };
}

const mutated = process.env.HOLLOW_MOON_MUTANTS;

module.exports = {
  // A busy machine with two cores may take its time; nothing here is a test of speed.
  testTimeout: 30_000,
  ...(mutated ? alone(JSON.parse(mutated)) : { projects }),
};
