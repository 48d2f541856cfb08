import { fittingPt, PAPERS, TYPE_PT } from './paper';

test('the type is the largest that fits, and never smaller than can be read', () => {
  expect(fittingPt(() => true)).toBe(TYPE_PT.most);
  expect(fittingPt((pt) => pt <= 9)).toBe(9);
  expect(fittingPt(() => false)).toBe(TYPE_PT.least);
});

test('papers are as ISO 216 and the US have them', () => {
  // ISO 216: each is half of the one above, cut across; rounded down to whole mm.
  expect(PAPERS.A5).toEqual({ widthMm: Math.floor(PAPERS.A4.heightMm / 2), heightMm: PAPERS.A4.widthMm });
  // ANSI/ASME Y14.1: 8½ × 11 inches.
  expect(PAPERS.Letter.widthMm).toBeCloseTo(8.5 * 25.4, 6);
  expect(PAPERS.Letter.heightMm).toBeCloseTo(11 * 25.4, 6);
});
