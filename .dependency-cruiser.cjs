/** apps → contracts → core → knowledge, one way; the web takes everything through contracts. */
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: from, pathNot: '\\.test\\.tsx?$|/test/' },
  to: { path: '^(packages|apps)/', pathNot: [from, ...allowed] },
});

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    only('knowledge-stands-alone', '^packages/knowledge/', []),
    only('core-takes-knowledge-only', '^packages/core/', ['^packages/knowledge/']),
    only('contracts-take-core-and-knowledge', '^packages/contracts/', [
      '^packages/core/',
      '^packages/knowledge/',
    ]),
    only('web-takes-contracts-only', '^apps/web/', ['^packages/contracts/']),
    only('server-never-takes-web', '^apps/server/', ['^packages/']),
    {
      name: 'core-knows-no-library-no-node',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$|/test/' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'], pathNot: '^packages/' },
    },
    {
      name: 'only-repositories-and-database-know-drizzle',
      severity: 'error',
      from: { path: '^apps/server/src', pathNot: 'repository\\.ts$|/database/|/test/|\\.test\\.ts$' },
      to: { path: 'drizzle-orm' },
    },
    {
      name: 'no-drawer',
      severity: 'error',
      from: {},
      to: { path: '/(utils?|helpers?|common|misc|managers?)(/|\\.tsx?$)', pathNot: 'node_modules' },
    },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|dist-types|drizzle)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.test.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['@feverfew/source', 'import', 'require', 'node', 'default', 'types'],
    },
  },
};
