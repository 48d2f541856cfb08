/** A browser's storage: what is kept are its own enumerable keys. */
export const storage = (): Storage =>
  Object.defineProperties({} as Record<string, string>, {
    getItem: {
      value(this: Record<string, string>, key: string) {
        return this[key] ?? null;
      },
    },
    setItem: {
      value(this: Record<string, string>, key: string, value: string) {
        this[key] = value;
      },
    },
    removeItem: {
      value(this: Record<string, string>, key: string) {
        delete this[key];
      },
    },
  }) as unknown as Storage;
