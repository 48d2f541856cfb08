/**
 * Keeps the pages and what was last there of the kitchen in the browser, so that a page that is loaded anew while the
 * server is away shows that. While the server answers, nothing is taken from here but files that never change.
 */

const PAGES = 'yellowmist-pages';
const KITCHEN = 'yellowmist-kitchen';
const SHELL = '/';
const SIGNED_OUT = 401;
/** What is answered from here says so: a page tells its reader that no server is there (`state/away.ts`). */
const KEPT_HEADER = 'x-yellowmist-kept';

/** Documents that a page cannot be shown without. Streams, files and the state of health are never kept. */
const KEPT =
  /^\/api\/(conversions(\/bin|\/[\w-]+(\/answer)?)?|kitchen|pantry(\/kitchen)?|evenings(\/[\w-]+)?|cooks(\/[\w-]+(\/(seen|photos))?)?|experiments(\/[\w-]+)?|learning(\/\w+)?)$/;

const worker = self as unknown as ServiceWorkerGlobalScope;

/** What the page tells once it stands: every file that it was put together from. */
interface Standing {
  files: string[];
}

worker.addEventListener('install', () => void worker.skipWaiting());
worker.addEventListener('activate', (event) => event.waitUntil(worker.clients.claim()));

/** From the server, and kept; what was kept before where it does not answer. */
async function freshOrKept(request: Request, name: string, under: RequestInfo = request): Promise<Response> {
  const cache = await caches.open(name);
  try {
    const fresh = await fetch(request);
    if (fresh.ok) await cache.put(under, fresh.clone());
    // Nobody is signed in any more: what was kept is not for whoever comes next.
    if (fresh.status === SIGNED_OUT) await caches.delete(KITCHEN);
    return fresh;
  } catch (error) {
    const kept = await cache.match(under);
    if (!kept) throw error;
    const headers = new Headers(kept.headers);
    headers.set(KEPT_HEADER, '1');
    return new Response(kept.body, { status: kept.status, statusText: kept.statusText, headers });
  }
}

/** A file with its hash in its name is the same for ever. */
async function keptOrFresh(request: Request): Promise<Response> {
  const cache = await caches.open(PAGES);
  const kept = await cache.match(request);
  if (kept) return kept;
  const fresh = await fetch(request);
  if (fresh.ok) await cache.put(request, fresh.clone());
  return fresh;
}

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== worker.location.origin) return;
  if (request.mode === 'navigate') {
    if (!pathname.startsWith('/api')) event.respondWith(freshOrKept(request, PAGES, SHELL));
  } else if (pathname.startsWith('/assets/') || pathname === '/mark.svg') event.respondWith(keptOrFresh(request));
  else if (KEPT.test(pathname) && !/event-stream/.test(request.headers.get('accept') ?? ''))
    event.respondWith(freshOrKept(request, KITCHEN));
});

/** The script that a built page begins with: another one is another version. */
const BEGINS = /\/assets\/index-[\w-]+\.js$/;

/** Keeps all files of the page that stands; where it is another version than before, what that was put together from goes. */
async function keepFiles(files: readonly string[]): Promise<void> {
  const cache = await caches.open(PAGES);
  const known = await cache.keys();
  const first = files.find((file) => BEGINS.test(file));
  const another = known.some(({ url }) => BEGINS.test(url) && url !== first);
  if (another) for (const request of known) if (request.url.includes('/assets/')) await cache.delete(request);
  const wanted = [...files, new URL(SHELL, worker.location.origin).href];
  const there = new Set(another ? [] : known.map(({ url }) => url));
  await Promise.all(wanted.filter((url) => !there.has(url)).map((url) => cache.add(url).catch(() => undefined)));
}

worker.addEventListener('message', (event) => {
  const { files } = event.data as Standing;
  event.waitUntil(keepFiles(files));
});
