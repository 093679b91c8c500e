import { resolve } from 'node:path';
import { defineConfig } from 'vite';

/** The server's worker threads, beside the application's own build: a thread is started from a file. */
export default defineConfig({
  resolve: {
    alias: { $core: resolve('src/core'), $catalog: resolve('src/catalog'), $lib: resolve('src/lib') },
  },
  publicDir: false,
  build: {
    ssr: true,
    target: 'node20',
    outDir: 'build/workers',
    emptyOutDir: true,
    rollupOptions: { input: { files: 'src/lib/server/files/worker.ts' } },
  },
});
