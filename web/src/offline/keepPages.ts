/** The other pages are fetched after the first one stands; so long after that all of them are there, ms. */
const ALL_THERE_MS = 4000;

const filesHere = (): string[] =>
  performance
    .getEntriesByType('resource')
    .map(({ name }) => name)
    .filter((name) => name.startsWith(`${location.origin}/assets/`) || name === `${location.origin}/mark.svg`);

/** Has the pages kept in the browser, for a time in which the server is away. Does nothing where the browser cannot. */
export async function keepPages(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  try {
    await navigator.serviceWorker.register('/offline.js');
    const { active } = await navigator.serviceWorker.ready;
    setTimeout(() => active?.postMessage({ files: filesHere() }), ALL_THERE_MS);
  } catch {
    // Not over this address, or not in a private window: the page needs its server then.
  }
}
