import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import { optimizeImports } from 'carbon-preprocess-svelte';

/**
 * The sources' own name. The time of the build, the framework's default, differs between two processes: a check that ran
 * beside the build left pages and their scripts with different names for each other.
 */
function nameOfSources() {
  const hash = createHash('sha256').update(readFileSync('package-lock.json'));
  for (const file of readdirSync('src', { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map(({ parentPath, name }) => join(parentPath, name))
    .sort())
    hash.update(file).update(readFileSync(file));
  return hash.digest('hex').slice(0, 12);
}

/** @type {import('@sveltejs/kit').Config} */
export default {
  // Carbon's components each from their own file: only rules of those that are used stay in the sheet
  preprocess: [vitePreprocess(), optimizeImports()],
  compilerOptions: {
    // runes for our files only: Carbon's components are written without them
    runes: ({ filename }) => (filename.split(/[/\\]/).includes('node_modules') ? undefined : true),
  },
  kit: {
    version: { name: nameOfSources() },
    adapter: adapter({ precompress: true }),
    alias: { $core: 'src/core', $catalog: 'src/catalog' },
    csp: {
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        'style-src': ['self', 'unsafe-inline'],
        'img-src': ['self', 'data:'],
        'font-src': ['self'],
        // a clip chosen from the disk is shown from memory
        'media-src': ['self', 'blob:'],
        'connect-src': ['self'],
        'worker-src': ['self'],
        'object-src': ['none'],
        'base-uri': ['self'],
        'frame-ancestors': ['none'],
        'form-action': ['self'],
      },
    },
  },
};
