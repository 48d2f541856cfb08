/** The arrows of the house: who may import whom. Inside core, a folder imports only folders named before it. */
const CORE_ORDER = [
  'units',
  'foods',
  'piece',
  'cut',
  'coat',
  'safety',
  'heat',
  'prep',
  'dish',
  'entry',
  'beside',
  'recipe',
  'basket',
  'oil',
  'outcome',
  'photo',
  'plan',
  'card',
  'search',
  'advice',
  'supper',
  'evening',
  'evidence',
  'counter',
  'practice',
  'diagnose',
  'logbook',
  'learn',
  'experiment',
  'lessons',
];

/** The storeys of the web: a folder imports only folders of storeys below its own. */
const WEB_STOREYS = [
  'offline',
  'worker',
  'state',
  'ui',
  'draw',
  'features/dish',
  'features/(?!dish/|bench/)[^/]+',
  'features/bench',
  'shell',
];

const webArrows = WEB_STOREYS.map((storey, at) => ({
  name: `web-storey-${at}-imports-only-below`,
  severity: 'error',
  from: { path: `^web/src/${storey}/` },
  to: { path: `^web/src/(${WEB_STOREYS.slice(at + 1).join('|') || 'nothing-is-above'})/` },
}));

/** Boards and pages do not know each other: what they share is in features/dish or below. */
const roomsApart = {
  name: 'web-boards-and-pages-stand-apart',
  severity: 'error',
  from: { path: '^web/src/features/(?!dish/|bench/)([^/]+)/' },
  to: { path: '^web/src/features/', pathNot: '^web/src/features/(dish|$1)/' },
};

const coreArrows = CORE_ORDER.map((folder, at) => ({
  name: `core-${folder}-imports-only-earlier-folders`,
  severity: 'error',
  from: { path: `^core/src/${folder}/` },
  to: { path: `^core/src/(${CORE_ORDER.slice(at + 1).join('|') || 'nothing-follows'})/` },
}));

const throughIndex = CORE_ORDER.map((folder) => ({
  name: `core-${folder}-is-imported-through-its-index`,
  severity: 'error',
  from: { path: '^core/src/', pathNot: `^core/src/${folder}/` },
  to: { path: `^core/src/${folder}/`, pathNot: `^core/src/${folder}/index\\.ts$` },
}));

export default {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-circles-of-folders',
      severity: 'error',
      scope: 'folder',
      from: { path: '^(core|server|web)/src' },
      to: { circular: true },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^core/src/' },
      to: {
        path: '^(contract|server|web)/|node_modules/',
        pathNot:
          'node_modules/(convert|culori|parse-ingredient|numeric-quantity|htmlparser2|entities|domhandler|domutils|domelementtype|schema-dts)/',
      },
    },
    {
      name: 'contract-knows-only-core',
      severity: 'error',
      from: { path: '^contract/src/' },
      to: { path: '^(server|web)/' },
    },
    { name: 'server-does-not-know-web', severity: 'error', from: { path: '^server/' }, to: { path: '^web/' } },
    { name: 'web-does-not-know-server', severity: 'error', from: { path: '^web/' }, to: { path: '^server/' } },
    {
      name: 'drawings-draw-what-they-are-given',
      severity: 'error',
      from: { path: '^web/src/draw/' },
      to: { path: '^web/src/(state|worker)/' },
    },
    roomsApart,
    ...webArrows,
    ...coreArrows,
    ...throughIndex,
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.ts$|/dist/|/dist-types/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
  },
};
