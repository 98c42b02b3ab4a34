/** Arrows point one way: web → imaging → core, desk → core. Inside core, measurement never sees expectation. */
const from = (path, pathNot) => (pathNot ? { path, pathNot } : { path });
/** The folders of the reader: each knows those that it is built on and no other. */
const reading = (folder, builtOn) => [
  {
    name: `reading-${folder}-knows-its-own`,
    severity: 'error',
    from: from(`^packages/core/src/reading/${folder}/`, '\\.test\\.ts$'),
    to: { path: `^packages/core/src/reading/(?!(${[folder, builtOn].filter(Boolean).join('|')})/)` },
  },
];

module.exports = {
  forbidden: [
    {
      name: 'core-imports-no-sibling-package',
      severity: 'error',
      from: from('^packages/core/src', '\\.test\\.ts$'),
      to: { path: '^(packages/imaging|apps)/' },
    },
    {
      name: 'imaging-knows-no-app',
      severity: 'error',
      from: from('^packages/imaging/src'),
      to: { path: '^apps/' },
    },
    {
      name: 'imaging-knows-no-react',
      severity: 'error',
      from: from('^packages/imaging/src'),
      to: { path: 'node_modules/(react|react-dom|@chakra-ui|zustand)/' },
    },
    {
      name: 'web-knows-no-desk',
      severity: 'error',
      from: from('^apps/web/src'),
      to: { path: '^apps/desk/' },
    },
    {
      name: 'desk-knows-no-web-and-no-imaging',
      severity: 'error',
      from: from('^apps/desk/src'),
      to: { path: '^(apps/web|packages/imaging)/' },
    },
    {
      name: 'packages-by-their-door-only',
      severity: 'error',
      from: from('^apps/', '\\.test\\.ts$'),
      to: { path: '^packages/core/src/(?!index\\.ts$)' },
    },
    {
      name: 'imaging-enters-core-by-its-door',
      severity: 'error',
      from: from('^packages/imaging/src', '\\.test\\.ts$'),
      to: { path: '^packages/core/src/(?!index\\.ts$)' },
    },
    {
      name: 'core-external-libraries',
      severity: 'error',
      from: from('^packages/core/src', '\\.test\\.ts$|/testing/'),
      to: { path: 'node_modules/', pathNot: 'node_modules/(zod|fflate)/' },
    },
    {
      name: 'rules-import-no-sibling',
      severity: 'error',
      from: from('^packages/core/src/rules', '\\.test\\.ts$'),
      to: { path: '^packages/core/src/(?!rules/)' },
    },
    {
      name: 'inspect-never-sees-rules',
      severity: 'error',
      from: from('^packages/core/src/inspect', '\\.test\\.ts$'),
      to: { path: '^packages/core/src/(?!inspect/|testing/)' },
    },
    {
      name: 'plan-never-sees-proof',
      severity: 'error',
      // A test may hold the plan against the proof: that is what the two are apart for.
      from: { ...from('^packages/core/src/(plan|naming)'), pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/(proof|package)/' },
    },
    ...reading('common', ''),
    ...reading('standing', 'common'),
    ...reading('plain', 'common|standing'),
    ...['size', 'file', 'marks', 'names', 'sections', 'closing'].flatMap(field =>
      reading(field, 'common|standing'),
    ),
    // What all sections take together bounds the total.
    ...reading('count', 'common|sections'),
    // Two descriptions of a file are told apart by what the readers find in them.
    ...reading('kinds', 'common|size|file'),
    {
      name: 'places-do-not-import-each-other',
      severity: 'error',
      from: { path: '^apps/web/src/places/([^/]+)/' },
      to: { path: '^apps/web/src/places/([^/]+)/', pathNot: '^apps/web/src/places/$1/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'nothing-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '\\?(worker|url)' },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '/dist/' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.tsx', '.mjs', '.js'],
    },
    tsConfig: { fileName: 'tsconfig.json' },
  },
};
