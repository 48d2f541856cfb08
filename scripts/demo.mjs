/** `npm run demo` and `npm start`: install, build, serve on one port; the demo also fills in its scenario. */
import { build, needNode, needPackages, ROOT, run, step } from './setup.mjs';

needNode();
await needPackages();
await build();
const demo = process.argv.includes('--demo-data');
step(demo ? 'Starting, with the demo kitchen' : 'Starting');
const env = {
  ...process.env,
  YELLOWMIST_DATA: process.env.YELLOWMIST_DATA ?? `${ROOT}/data/${demo ? 'demo' : 'kitchen'}`,
};
process.exit(await run('node', ['server/dist/bundle/main.js', ...process.argv.slice(2)], { env }));
