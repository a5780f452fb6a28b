/** Of the folders of the server, and of the components, no two know each other, by whatever way. Tests may: they walk the whole house. */
const apart = (folder) => ({
  name: `no-two-folders-of-${folder}-know-each-other`,
  severity: 'error',
  scope: 'folder',
  from: { path: `^src/${folder}/` },
  to: { path: `^src/${folder}/`, circular: true },
});

module.exports = {
  forbidden: ['server', 'components'].map(apart),
  options: {
    ...require('./.dependency-cruiser.cjs').options,
    exclude: { path: '\\.test\\.ts$|^tests' },
  },
};
