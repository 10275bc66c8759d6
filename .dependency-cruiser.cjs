/** Which room may look into which: imports go down only, and core looks into none. */
const room = (name) => `^${name}/`;
const notInto = (from, ...to) => ({
  name: `${from}-into-${to.join('-or-')}`,
  severity: 'error',
  from: { path: room(from) },
  to: { path: to.map(room) },
});

module.exports = {
  forbidden: [
    notInto('core', 'contract', 'words', 'server', 'client', 'e2e', 'tools'),
    notInto('contract', 'server', 'client', 'e2e', 'tools'),
    notInto('words', 'contract', 'server', 'client', 'e2e', 'tools'),
    notInto('server', 'client', 'e2e', 'tools'),
    notInto('client', 'server', 'e2e', 'tools'),
    {
      name: 'core-stays-pure',
      comment:
        'The computation has no interface, no I/O and no clock: it imports no package at all.',
      severity: 'error',
      from: { path: '^core/src/', pathNot: '\\.test\\.ts$|^core/src/testing/' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core', 'npm-no-pkg', 'npm-unknown'],
        pathNot: '/(parse-ingredient|fastest-levenshtein|javascript-lp-solver|ml-matrix)/',
      },
    },
    {
      name: 'routes-stay-thin',
      comment: 'client/app holds routes only; nothing may import from it.',
      severity: 'error',
      from: { path: '^client/src/' },
      to: { path: '^client/app/' },
    },
    {
      name: 'through-the-front-door',
      comment: 'A room of core is entered by its index, so that its inside can change.',
      severity: 'error',
      from: { path: '^(contract|words|server|client)/' },
      to: { path: '^core/src/', pathNot: '^core/src/index\\.ts$' },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: { path: '^(core|contract|words|server|client)/' },
      to: { circular: true },
    },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
    {
      name: 'no-orphans',
      severity: 'error',
      from: {
        orphan: true,
        pathNot: [
          '\\.d\\.ts$',
          '\\.config\\.',
          '^client/app/',
          '^server/src/main\\.ts$',
          '^client/src/testing/(setup|queries)\\.ts$',
        ],
      },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|\\.expo)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.imports.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.json'],
    },
  },
};
