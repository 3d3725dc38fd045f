/** The house from the ground up: a file imports only from folders that stand before its own in these lists. */
const CORE = [
  'base',
  'rig',
  'figures',
  'rules',
  'log',
  'judge',
  'duty',
  'routine',
  'stock',
  'road',
  'plan',
  'record',
  'exchange',
  'practice',
  'testing',
];
const HOUSE = ['core', 'links', 'text', 'instruments', 'keeper', 'workers', 'store', 'ui', 'features', 'app'];

/** A page, gathered by its place; shared pieces stand beside the places. */
const FEATURE = '(?:road|plan|logbook|rig)/[^/]+|[^/]+';

const above = (list, i) => list.slice(i + 1).join('|');

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-orphan-packages',
      severity: 'error',
      from: {},
      to: { dependencyTypes: ['unknown', 'undetermined'] },
    },
    ...CORE.slice(0, -1).map((folder, i) => ({
      name: `core-${folder}-looks-down`,
      severity: 'error',
      from: { path: `^src/core/${folder}/`, pathNot: '\\.test\\.ts$' },
      to: { path: `^src/core/(${above(CORE, i)})/` },
    })),
    ...HOUSE.slice(0, -1).map((folder, i) => ({
      name: `${folder}-looks-down`,
      severity: 'error',
      from: { path: `^src/${folder}/` },
      to: { path: `^(src/(${above(HOUSE, i)})|demo|e2e|bench|attack)/` },
    })),
    {
      name: 'one-face-a-core-folder',
      comment: 'From outside, a core folder is its index.',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/' },
      to: { path: '^src/core/([^/]+)/', pathNot: ['^src/core/$1/', '/index\\.ts$', '^src/core/testing/'] },
    },
    {
      name: 'core-by-its-face',
      severity: 'error',
      from: { path: '^(src/(text|instruments|keeper|workers|store|ui|features|app)|demo|bench|attack|e2e)/' },
      to: { path: '^src/core/', pathNot: ['^src/core/[^/]+/index\\.ts$', '^src/core/testing/'] },
    },
    {
      name: 'keeper-by-its-faces',
      comment: 'Pages know what the keeper says and what it reads; only a desk knows what does the work.',
      severity: 'error',
      from: { path: '^src/(workers|store|ui|features|app)/' },
      to: { path: '^src/keeper/', pathNot: '^src/keeper/(index|attend|reads/index)\\.ts$' },
    },
    {
      name: 'features-stand-apart',
      comment: 'A page or shared piece uses another through its index only.',
      severity: 'error',
      from: { path: `^src/features/(${FEATURE})/` },
      to: { path: '^src/features/', pathNot: ['^src/features/$1/', '/index\\.tsx?$'] },
    },
    {
      name: 'shared-pieces-know-no-page',
      severity: 'error',
      from: { path: '^src/features/(forms|rigs)/' },
      to: { path: '^src/features/', pathNot: '^src/features/(forms|rigs)/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '(\\.test\\.ts$|/testing/)' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core'],
        pathNot: ['node_modules/(zod|fflate|unzipit|@noble/hashes|ical-generator|papaparse|ts-fsrs)/'],
      },
    },
    {
      name: 'tests-stay-out',
      severity: 'error',
      from: { path: '^(src|demo)/', pathNot: '(\\.test\\.tsx?$|^src/(core/)?testing/)' },
      to: { path: '(\\.test\\.tsx?$|^src/(core/)?testing/)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
