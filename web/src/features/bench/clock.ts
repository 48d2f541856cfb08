/** 4.25 min as "4:15". */
export function clock(minutes: number): string {
  const seconds = Math.round(minutes * 60);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
