/** What the board of steps says, in the order of the files that say it. */

// StepsBoard
export const thisKitchenHasNo =
  'This kitchen has no thermometer, and this food has a safe minimum that no eye can see: borrow one. Until then cook to the longer end, cut the thickest piece open, and serve nothing that is pink or glassy inside.';
