/** Import cycles and stray arrows that lint cannot see. */
module.exports = {
  forbidden: [
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-imports-core',
      severity: 'error',
      from: { path: '^src/core' },
      to: { path: '^src/(lib|routes|catalog)' },
    },
    {
      name: 'server-stays-on-the-server',
      severity: 'error',
      from: { path: '^src/lib/(ui|workers|messages)' },
      to: { path: '^src/lib/server' },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.svelte-kit|\\$types' },
  },
};
