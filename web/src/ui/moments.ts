const MOMENT = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
});

/** "Thursday 26 November 2026 at 18:30". */
export const momentOf = (at: string): string => MOMENT.format(new Date(at));

const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long' });

/** "26 November". */
export const dayOf = (at: string): string => DAY.format(new Date(at));
