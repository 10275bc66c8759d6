/** Circles of folders, which only show once tests are left out: those reach into other rooms by right. */
const { options } = require('./.dependency-cruiser.cjs');

module.exports = {
  forbidden: [
    {
      name: 'no-circles-of-folders',
      comment: 'Two folders that need each other are one room, or hold something of a third.',
      severity: 'error',
      scope: 'folder',
      from: { path: '^(core|contract|words|server|client)/src/[^/]+$' },
      to: { path: '^(core|contract|words|server|client)/src/[^/]+$', circular: true },
    },
  ],
  options: {
    ...options,
    exclude: { path: [options.exclude?.path ?? [], '\\.test\\.', '/testing/'].flat() },
  },
};
