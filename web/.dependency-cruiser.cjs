/** Which folder may read which: a station knows what it draws with and the project at hand, and what it says of another one it asks there. */
module.exports = {
  forbidden: [
    {
      name: 'no-circle-of-files',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-circle-of-folders',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
    {
      name: 'drawing-knows-no-station',
      comment: 'what draws and what is filled in serve every station',
      severity: 'error',
      from: { path: '^src/(drawing|ui|api)/' },
      to: { path: '^src/', pathNot: '^src/(drawing|ui|api)/' },
    },
    {
      name: 'tests-stay-tests',
      severity: 'error',
      from: { path: '^src/', pathNot: '(\\.test\\.ts$|^src/testing/)' },
      to: { path: '^src/testing/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(\\.test\\.ts$|^src/testing/)' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
  },
}
