import { existsSync, realpathSync, type ReadStream } from 'node:fs';
import { join, sep } from 'node:path';
import type { RequestHandler } from 'express';
import sirv from 'sirv';

const YEAR_S = 365 * 24 * 60 * 60;

/** Whether an address names something in a folder that really lies elsewhere: a link out of it is not followed. */
function leadsOut(folder: string, path: string): boolean {
  try {
    const real = realpathSync(join(folder, decodeURIComponent(path)));
    return real !== folder && !real.startsWith(`${folder}${sep}`);
  } catch {
    // There is nothing of that name, or the name is none: whoever serves says so.
    return false;
  }
}

/**
 * Serves the built pages, compressed beforehand: what has its hash in its name is kept for ever, the page itself never.
 * Every address that is no file and no API is the application's own.
 */
export function pagesOf(webFolder: string): RequestHandler {
  if (!existsSync(join(webFolder, 'index.html'))) return (_, __, next) => next();
  const folder = realpathSync(webFolder);
  const serve = sirv(folder, {
    brotli: true,
    gzip: true,
    etag: true,
    single: true,
    setHeaders(response, path) {
      const hashed = path.startsWith('/assets/');
      response.setHeader('Cache-Control', hashed ? `public, max-age=${YEAR_S}, immutable` : 'no-cache');
    },
  });
  return (request, response, next) => {
    if (request.path.startsWith('/api')) return next();
    if (leadsOut(folder, request.path)) return void response.status(404).end();
    // Pages that are built anew under a running server: what is gone, or has another length than was promised, breaks this
    // answer off; a browser would wait for the rest.
    response.once('pipe', (file: ReadStream) => {
      file.once('error', () => response.destroy());
      file.once('end', () => {
        if (file.bytesRead !== Number(response.getHeader('Content-Length'))) response.destroy();
      });
    });
    serve(request, response, next);
  };
}
