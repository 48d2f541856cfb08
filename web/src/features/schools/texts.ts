/** What the board of schools says, in the order of the files that say it. */

// SchoolsBoard
export const whereCooksDisagreeFor =
  'Where cooks disagree, for this dish: both sides, and what the model says that each would change. Where heat or preparation change, the minutes are searched anew.';
export const simulatingBothSides = 'Simulating both sides…';
