import { throughMm, withThroughMm } from './through.js';

test.each([
  { kind: 'rod', diameterMm: 20, lengthMm: 60 },
  { kind: 'ball', diameterMm: 20 },
  { kind: 'disc', diameterMm: 60, thicknessMm: 20 },
  { kind: 'slab', lengthMm: 90, widthMm: 50, thicknessMm: 20 },
  { kind: 'ring', outerMm: 80, innerMm: 60, thicknessMm: 20 },
  { kind: 'irregular', longestMm: 60, thicknessMm: 20, massG: 20 },
] as const)('%j is 20 mm through, and can be made 30', (shape) => {
  expect(throughMm(shape)).toBe(20);
  expect(throughMm(withThroughMm(shape, 30))).toBe(30);
  expect(withThroughMm(shape, 30).kind).toBe(shape.kind);
});
