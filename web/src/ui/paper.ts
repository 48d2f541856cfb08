/** Papers that a card is printed on, mm. */
export const PAPERS = {
  A4: { widthMm: 210, heightMm: 297 },
  A5: { widthMm: 148, heightMm: 210 },
  Letter: { widthMm: 215.9, heightMm: 279.4 },
} as const;
export type Paper = keyof typeof PAPERS;
export const PAPER_NAMES = Object.keys(PAPERS) as Paper[];

/** CSS: an inch is 96 px of it, and 25.4 mm. */
export const PX_PER_MM = 96 / 25.4;

/** Edge that printers leave white, mm. */
export const EDGE_MM = 8;

/** Sizes of type that a card may have, pt: the largest that fits its page is taken. */
export const TYPE_PT = { most: 13, least: 5.5, step: 0.25 };

/** The largest size of type at which the page holds all; the least where none does. */
export function fittingPt(fits: (pt: number) => boolean): number {
  let { most: pt } = TYPE_PT;
  while (pt > TYPE_PT.least && !fits(pt)) pt -= TYPE_PT.step;
  return pt;
}
