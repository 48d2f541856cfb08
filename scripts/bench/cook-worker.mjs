/** One worker of the benchmark: simulates as many cooks as it is told, and says when it has. */
import { parentPort } from 'node:worker_threads';
import { benchCook } from './cook.mjs';

for (let i = 0; i < 30; i++) benchCook(15);
parentPort.postMessage('warm');
parentPort.on('message', (count) => {
  for (let i = 0; i < count; i++) benchCook(15);
  parentPort.postMessage('done');
});
