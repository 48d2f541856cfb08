import type { Fryer } from './types.js';

/** A fryer as its page has it: what was learned of it is left out. */
export const asItsPage = ({ learned, browning: _, ...fryer }: Fryer): Fryer =>
  learned ? { ...fryer, ...learned.page } : fryer;
