import { sveltekit } from '@sveltejs/kit/vite';
import { optimizeCss } from 'carbon-preprocess-svelte';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/** Carbon's sheet names fonts on an outside host, and has four themes of its own; ours ship with the application. */
const ownFontsAndThemes = (): Plugin => ({
  name: 'own-fonts-and-themes',
  enforce: 'pre',
  transform: (code, id) =>
    id.includes('carbon-components-svelte/css/')
      ? { code: code.replace(/@font-face\s*\{[^}]*\}|:root\[theme=[^\]]*\]\s*\{[^}]*\}/g, ''), map: null }
      : null,
});

export default defineConfig({
  plugins: [ownFontsAndThemes(), sveltekit(), optimizeCss()],
  worker: { format: 'es' },
  optimizeDeps: { exclude: ['carbon-components-svelte', 'carbon-icons-svelte'], include: ['comlink', 'idb'] },
  ssr: { noExternal: ['carbon-components-svelte', 'carbon-icons-svelte'] },
  test: {
    projects: [
      // the core keeps nothing between tests, so files share what they import: the catalogue is read once, not 70 times
      {
        extends: true,
        // a busy machine is no fault of the code
        test: {
          name: 'unit',
          include: ['src/**/*.test.ts'],
          environment: 'node',
          isolate: false,
          testTimeout: 60_000,
        },
      },
      {
        extends: true,
        test: {
          name: 'db',
          include: ['tests/db/**/*.test.ts'],
          environment: 'node',
          testTimeout: 30_000,
          hookTimeout: 60_000,
          fileParallelism: false,
          isolate: false,
        },
      },
    ],
  },
});
