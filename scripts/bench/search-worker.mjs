/** One of two workers that search: a family's first coat, or its other coats. */
import { parentPort } from 'node:worker_threads';
import { exampleConversion } from '@yellowmist/contract';
import { evaluateFried, KNOWN, searchFamily, widenFamily } from '@yellowmist/core';

const request = { ...exampleConversion(), pantry: KNOWN };
const fried = evaluateFried(request);
const through = (steps) => {
  for (let next = steps.next(); ; next = steps.next()) if (next.done) return next.value;
};
through(searchFamily(request, 'as-it-is', fried));
parentPort.postMessage('warm');
parentPort.on('message', ({ family, first }) =>
  parentPort.postMessage(through(first ? widenFamily(request, first, fried) : searchFamily(request, family, fried))),
);
