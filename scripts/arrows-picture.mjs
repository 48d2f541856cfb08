/** `npm run arrows:picture`: the house as a picture, docs/house.svg: folders as boxes, imports as arrows, all one way. */
import { writeFileSync } from 'node:fs';
import { instance } from '@viz-js/viz';
import { cruise } from 'dependency-cruiser';
import extractTSConfig from 'dependency-cruiser/config-utl/extract-ts-config';
import { ROOT } from './setup.mjs';
import rules from '../.dependency-cruiser.mjs';

const PICTURE = `${ROOT}/docs/house.svg`;
/** A room is a folder of the core, of the server or of the web; the web's features are rooms of their own. */
const ROOMS = '^(core/src/[^/.]+|server/src/[^/.]+|web/src/features/[^/.]+|web/src/[^/.]+)/';
const OUTSIDE =
  'node_modules|^@yellowmist|^[^/]+$|^(core|contract|server|web)/src/[^/]+\\.[a-z]+$|\\.css$|\\.test\\.ts$|^contract';

const { output } = await cruise(
  ['core/src', 'server/src', 'web/src'],
  { ...rules.options, baseDir: ROOT, collapse: ROOMS, exclude: { path: OUTSIDE }, outputType: 'json' },
  {},
  { tsConfig: extractTSConfig(`${ROOT}/tsconfig.base.json`) },
);
const { modules } = JSON.parse(output);
const name = (path) =>
  path
    .replace(/\/$/, '')
    .replace(/^(core|server|web)\/src\//, '')
    .replace('features/', '');
const part = (path) => path.split('/')[0];

/** Arrows that follow from others (over a room between) are left out: what remains says the same. */
function withoutDetours(arrows) {
  const reaches = (from, to, seen = new Set()) =>
    [...(arrows.get(from) ?? [])].some((next) => {
      if (next === to) return true;
      if (seen.has(next)) return false;
      seen.add(next);
      return reaches(next, to, seen);
    });
  return new Map(
    [...arrows].map(([from, tos]) => [
      from,
      [...tos].filter((to) => ![...tos].some((between) => between !== to && reaches(between, to))),
    ]),
  );
}

const all = new Map(
  modules.map(({ source, dependencies }) => [
    source,
    new Set(dependencies.map((d) => d.resolved).filter((to) => to !== source && part(to) === part(source))),
  ]),
);
const arrows = withoutDetours(all);
const quoted = (text) => JSON.stringify(text);
const clusters = ['core', 'server', 'web'].map((of) => {
  const rooms = [...arrows.keys()].filter((path) => part(path) === of);
  const boxes = rooms.map((path) => `${quoted(path)} [label=${quoted(name(path))}]`);
  return `subgraph cluster_${of} { label=${quoted(of)}; fontsize=16; style=rounded; color="#23272b"; ${boxes.join('; ')} }`;
});
const lines = [...arrows].flatMap(([from, tos]) => tos.map((to) => `${quoted(from)} -> ${quoted(to)}`));
const dot = `digraph house {
  rankdir=TB; nodesep=0.25; ranksep=0.35; fontname="Helvetica";
  node [shape=box, style="rounded,filled", fillcolor="#f0cb46", color="#23272b", fontname="Helvetica", fontsize=12, height=0.3];
  edge [color="#3a4046", arrowsize=0.7];
  ${clusters.join('\n  ')}
  ${lines.join('\n  ')}
}`;
const viz = await instance();
writeFileSync(PICTURE, viz.renderString(dot, { format: 'svg' }));

const room = [...all.keys()];
const back = room.flatMap((from) =>
  [...all.get(from)].filter((to) => all.get(to)?.has(from)).map((to) => `${from} ⇄ ${to}`),
);
if (back.length > 0) {
  process.stderr.write(`Rooms that import each other:\n${back.join('\n')}\n`);
  process.exit(1);
}
process.stdout.write(`docs/house.svg: ${room.length} rooms, ${lines.length} arrows, none back\n`);
