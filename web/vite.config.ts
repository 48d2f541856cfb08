import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

const source = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

/** Fingerprint of the model, all of the core's source: what an older model found is searched again. */
function model(): string {
  const hash = createHash('sha256');
  const core = source('../core/src/');
  const files = readdirSync(core, { recursive: true, encoding: 'utf8' }).filter(
    (file) => file.endsWith('.ts') && !file.endsWith('.test.ts'),
  );
  for (const file of files.sort()) hash.update(file).update(readFileSync(core + file));
  return hash.digest('hex').slice(0, 16);
}

/**
 * The messages in the corner bring their looks in themselves, as a style that no policy of a page should have to allow:
 * here they come from a file like all others, and what would put them in does nothing.
 */
const looksFromFiles: Plugin = {
  name: 'looks-from-files',
  enforce: 'pre',
  transform(code, id) {
    if (!/sonner[\\/]dist[\\/]index\.mjs$/.test(id)) return null;
    const body = 'function __insertCSS(code) {';
    if (!code.includes(body)) throw new Error('The messages put their looks in in another way than before.');
    return { code: `import './styles.css';\n${code.replace(body, `${body} return;`)}`, map: null };
  },
};

export default defineConfig({
  define: { __MODEL__: JSON.stringify(model()) },
  plugins: [looksFromFiles, react(), tailwindcss()],
  resolve: {
    alias: {
      '@yellowmist/core': source('../core/src/index.ts'),
      '@yellowmist/contract': source('../contract/src/index.ts'),
    },
  },
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:4610' } },
  build: {
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      input: { index: source('index.html'), offline: source('src/offline/serviceWorker.ts') },
      // What keeps the pages must stand beside them, under a name that stays.
      output: { entryFileNames: ({ name }) => (name === 'offline' ? 'offline.js' : 'assets/[name]-[hash].js') },
    },
  },
});
