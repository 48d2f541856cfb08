/** `npm run dev`: the server on its port, and the web application with its own, reloading as it changes. */
import { build, give, needNode, needPackages, ROOT, run, step } from './setup.mjs';

needNode();
await needPackages();
await build();
step('Starting the server (4610) and the web application (5173)');
const env = { ...process.env, YELLOWMIST_DATA: process.env.YELLOWMIST_DATA ?? `${ROOT}/data/dev` };
const ended = await Promise.race([
  run('npx', ['tsc', '-b', '--watch', '--preserveWatchOutput']),
  run('node', ['--watch', 'server/dist/main.js', '--demo-data'], { env }),
  run('npm', ['run', 'dev', '-w', 'web']),
]);
if (ended !== 0) give('One of the three stopped; its reason is above.');
process.exit(ended);
