/** The arrows of the house: who may import whom. Inside core, a folder imports only folders named before it. */
const CORE_ORDER = [
  'units',
  'foods',
  'piece',
  'coat',
  'safety',
  'heat',
  'prep',
  'dish',
  'basket',
  'oil',
  'outcome',
  'plan',
  'search',
  'advice',
  'supper',
];

/** The rooms of the web: a folder imports only folders of storeys below its own. */
const WEB_STOREYS = [
  ['worker'],
  ['state'],
  ['ui'],
  ['draw'],
  ['features/dish'],
  // Rooms of one storey do not know each other.
  [
    'features/basket',
    'features/bowls',
    'features/cautions',
    'features/coat',
    'features/cut',
    'features/cutaways',
    'features/heat',
    'features/home',
    'features/kitchen',
    'features/limits',
    'features/oil',
    'features/pantry',
    'features/reasons',
    'features/schools',
    'features/search',
    'features/steps',
    'features/supper',
    'features/versions',
    'features/water',
  ],
  ['features/bench'],
  ['shell'],
];

const webArrows = WEB_STOREYS.flatMap((rooms, at) =>
  rooms.map((room) => {
    const above = [...rooms.filter((other) => other !== room), ...WEB_STOREYS.slice(at + 1).flat()];
    return {
      name: `web-${room.replace('/', '-')}-imports-only-below`,
      severity: 'error',
      from: { path: `^web/src/${room}/` },
      to: { path: `^web/src/(${above.join('|') || 'nothing-is-above'})/` },
    };
  }),
);

const webRooms = {
  name: 'web-every-folder-has-its-storey',
  severity: 'error',
  from: {},
  to: { path: '^web/src/.+/', pathNot: `^web/src/(${WEB_STOREYS.flat().join('|')})/` },
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
      to: { path: '^(contract|server|web)/|node_modules/', pathNot: 'node_modules/convert/' },
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
    webRooms,
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
