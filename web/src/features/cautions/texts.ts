/** What the page of cautions says, in the order of the files that say it. */

// CautionsBoard
export const allThatCanHurt = 'All that can hurt somebody at a fryer';
