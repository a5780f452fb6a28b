/** Of the folders of the server no two know each other, by whatever way. Tests may: they walk the whole house. */
module.exports = {
  forbidden: [
    {
      name: 'no-two-folders-of-the-server-know-each-other',
      severity: 'error',
      scope: 'folder',
      from: { path: '^src/server/' },
      to: { path: '^src/server/', circular: true },
    },
  ],
  options: {
    ...require('./.dependency-cruiser.cjs').options,
    exclude: { path: '\\.test\\.ts$|^tests' },
  },
};
