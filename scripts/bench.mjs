/** `npm run bench`: how fast the heart is, as medians and ratios within one run. */
import { build, needNode, needPackages, run } from './setup.mjs';

needNode();
await needPackages();
await build();
const simulated = await run('node', ['scripts/bench-simulation.mjs']);
process.exit(simulated || (await run('node', ['scripts/bench-load.mjs'])));
