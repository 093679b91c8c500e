import { sveltekit } from '@sveltejs/kit/vite';
import { optimizeCss } from 'carbon-preprocess-svelte';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [sveltekit(), optimizeCss()],
  worker: { format: 'es' },
  optimizeDeps: { exclude: ['carbon-components-svelte', 'carbon-icons-svelte'], include: ['comlink', 'idb'] },
  ssr: { noExternal: ['carbon-components-svelte', 'carbon-icons-svelte'] },
  test: {
    projects: [
      { extends: true, test: { name: 'unit', include: ['src/**/*.test.ts'], environment: 'node' } },
      { extends: true, test: { name: 'db', include: ['tests/db/**/*.test.ts'], environment: 'node', testTimeout: 30_000, hookTimeout: 60_000, fileParallelism: false } },
    ],
  },
});
