/** Unit and server tests; each room runs in the world it lives in. */
const swc = {
  '^.+\\.tsx?$': [
    '@swc/jest',
    { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'commonjs' } },
  ],
};

const room = (name, extra = {}) => ({
  displayName: name,
  rootDir: `<rootDir>/${name}`,
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  testEnvironment: 'node',
  transform: swc,
  ...extra,
});

module.exports = {
  projects: [room('core'), room('contract'), room('server')],
};
