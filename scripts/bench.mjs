/** `npm run bench`: how fast the heart is, as medians and ratios within one run. */
import { build, needNode, needPackages, run } from './setup.mjs';

needNode();
await needPackages();
await build();
process.exit(await run('node', ['scripts/bench-simulation.mjs']));
