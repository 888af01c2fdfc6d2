/**
 * The layers, held by a tool: the core knows nobody, features meet only through their index. Imports of types count.
 */

/** The folders of the core from the bottom up; those of one floor do not know each other. */
const FLOORS = [
  ['units', 'tables'],
  ['plan'],
  ['path'],
  ['codeplug', 'settings', 'radios'],
  ['checks'],
  ['builder', 'zones', 'scanning', 'keying', 'rehearse'],
  ['naming', 'bring'],
  ['formats', 'compare', 'card', 'layouts'],
  ['lists', 'run-sheet'],
  ['kits'],
  ['borrow'],
  ['modes'],
  ['registries'],
  ['agreement'],
];

const TESTS = '\\.test\\.ts$|^core/src/testing/';

/** No arrow goes up a floor, nor across one. */
const coreFloors = FLOORS.flatMap((floor, at) =>
  floor.map((folder) => ({
    name: `core-${folder}-looks-down-only`,
    severity: 'error',
    from: { path: `^core/src/${folder}/`, pathNot: TESTS },
    to: {
      path: `^core/src/(${[...floor.filter((other) => other !== folder), ...FLOORS.slice(at + 1).flat(), 'testing'].join('|')})/`,
    },
  })),
);

module.exports = {
  forbidden: [
    ...coreFloors,
    {
      name: 'core-folder-on-a-floor',
      comment: 'a new folder of the core takes its place in FLOORS',
      severity: 'error',
      from: { path: '^core/src/', pathNot: [`^core/src/(${FLOORS.flat().join('|')})/`, TESTS, 'globals'] },
      to: {},
    },
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$|/testing/' },
      to: { path: '^(server|web|cli|demo|ops)/' },
    },
    {
      name: 'core-needs-no-platform',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$|/testing/' },
      to: { dependencyTypes: ['core'] },
    },
    { name: 'server-and-web-apart', severity: 'error', from: { path: '^web/' }, to: { path: '^(server|cli|ops)/' } },
    {
      name: 'web-compiles-no-schema',
      comment: 'the content policy forbids it',
      severity: 'error',
      from: { path: '^web/', pathNot: '\\.test\\.ts$' },
      to: { path: 'core/src/plan/validate|node_modules/ajv', reachable: true },
    },
    {
      name: 'features-by-their-index',
      severity: 'error',
      from: { path: '^web/src/features/([^/]+)/' },
      to: {
        path: '^web/src/features/([^/]+)/',
        pathNot: ['^web/src/features/$1/', '/index\\.ts$', '^web/src/features/modes/parts\\.ts$'],
      },
    },
    {
      name: 'app-uses-features-by-their-index',
      severity: 'error',
      from: { path: '^web/src/(app|fields|panels|sync|worker)/' },
      to: { path: '^web/src/features/', pathNot: '/index\\.ts$' },
    },
    {
      name: 'fields-are-pure',
      comment: 'props in, events out: the store is for panels',
      severity: 'error',
      from: { path: '^web/src/fields/' },
      to: { path: '^web/src/(sync|worker|panels|app|features)/' },
    },
    {
      name: 'modes-through-their-registry',
      comment: 'one mode knows no other',
      severity: 'error',
      from: { path: '^core/src/modes/([^/]+)/' },
      to: { path: '^core/src/modes/([^/]+)/', pathNot: '^core/src/modes/$1/' },
    },
    {
      name: 'resolvable',
      severity: 'error',
      from: {},
      to: {
        couldNotResolve: true,
        pathNot: '^(vitest/node|highs/runtime.url|element-plus/.*\\.css|@fontsource.*|virtual:.*)$',
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsConfig: { fileName: 'tsconfig.base.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'node', 'default'],
      extensions: ['.ts', '.vue', '.mjs', '.js', '.json', '.d.ts'],
    },
  },
};

/** For the test of the page on the architecture; not enumerable, since the tool knows no such option. */
Object.defineProperty(module.exports, 'FLOORS', { value: FLOORS });
