/** A name that any system takes for a file; `otherwise` where nothing of it is left. */
export const fileName = (name: string, otherwise: string): string =>
  name
    .normalize('NFKD')
    .replace(/[^\w -]/g, '')
    .trim()
    .replace(/\s+/g, '-')
    .toLowerCase() || otherwise;
