/** The layers, held by a tool: the core knows nobody, features meet only through their index. */
module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    { name: 'core-stands-alone', severity: 'error', from: { path: '^core/src', pathNot: '\\.test\\.ts$|/testing/' }, to: { path: '^(server|web|cli|demo|ops)/' } },
    { name: 'core-needs-no-platform', severity: 'error', from: { path: '^core/src', pathNot: '\\.test\\.ts$|/testing/' }, to: { dependencyTypes: ['core'] } },
    { name: 'server-and-web-apart', severity: 'error', from: { path: '^web/' }, to: { path: '^(server|cli|ops)/' } },
    { name: 'web-compiles-no-schema', comment: 'the content policy forbids it', severity: 'error', from: { path: '^web/' }, to: { path: 'core/src/plan/validate|node_modules/ajv' } },
    { name: 'features-by-their-index', severity: 'error', from: { path: '^web/src/features/([^/]+)/' }, to: { path: '^web/src/features/([^/]+)/', pathNot: ['^web/src/features/$1/', '/index\\.ts$'] } },
    { name: 'app-uses-features-by-their-index', severity: 'error', from: { path: '^web/src/(app|parts|sync|worker)/' }, to: { path: '^web/src/features/', pathNot: '/index\\.ts$' } },
    { name: 'modes-through-their-registry', comment: 'one mode knows no other', severity: 'error', from: { path: '^core/src/modes/([^/]+)/' }, to: { path: '^core/src/modes/([^/]+)/', pathNot: '^core/src/modes/$1/' } },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true, pathNot: '^(vitest/node|element-plus/.*\\.css|@fontsource.*|virtual:.*)$' } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsConfig: { fileName: 'tsconfig.base.json' },
    tsPreCompilationDeps: false,
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'node', 'default'], extensions: ['.ts', '.vue', '.mjs', '.js', '.json', '.d.ts'] },
  },
};
