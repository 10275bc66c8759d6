/** The browser's stand-in for `npm run mutants`: it tells which test runs what. */
const { mixinJestEnvironment } = require('@stryker-mutator/jest-runner');

module.exports = mixinJestEnvironment(require('./environment.cjs'));
