import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import boundaries from 'eslint-plugin-boundaries';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/** @param {string} from @param {string[]} to */
const allow = (from, ...to) => ({ from: { element: { type: from } }, allow: { to: { element: { type: to } } } });

export default ts.config(
  {
    ignores: [
      'build/',
      '.svelte-kit/',
      '.data/',
      'node_modules/',
      'test-results/',
      'playwright-report/',
      '.dependency-cruiser.cjs',
    ],
  },
  js.configs.recommended,
  ...ts.configs.strictTypeChecked,
  ...svelte.configs.recommended,
  prettier,
  ...svelte.configs.prettier,
  {
    languageOptions: {
      globals: { ...globals.browser, ...globals.node },
      parserOptions: {
        projectService: { allowDefaultProject: ['*.js'] },
        tsconfigRootDir: import.meta.dirname,
        extraFileExtensions: ['.svelte'],
      },
    },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      'svelte/no-navigation-without-resolve': 'off',
    },
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser, svelteConfig } },
    // Carbon's untyped slots and events reach templates as any
    rules: {
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-confusing-void-expression': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
      '@typescript-eslint/no-redundant-type-constituents': 'off',
      // maps and dates that live inside one computation need no reactivity; a space that must stay is written as one
      'svelte/prefer-svelte-reactivity': 'off',
      'svelte/no-useless-mustaches': 'off',
    },
  },
  // components are typed by svelte-check; asking the types of each once more takes longer than all other files together
  {
    files: ['**/*.svelte'],
    ...ts.configs.disableTypeChecked,
    rules: { ...ts.configs.disableTypeChecked.rules, 'no-undef': 'off' },
    languageOptions: { parserOptions: { program: null, project: false, projectService: false, parser: ts.parser } },
  },
  { files: ['**/*.js'], ...ts.configs.disableTypeChecked },
  {
    // the core computes and nothing else: no clock, no chance, no locale, no machine
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'Date',
        'performance',
        'crypto',
        'fetch',
        'window',
        'document',
        'process',
        'setTimeout',
        'setInterval',
        'Intl',
        'globalThis',
      ],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
    },
  },
  {
    // routes read a request and answer it: statements live in commands, reads and repositories
    files: ['src/routes/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            'drizzle-orm',
            // a command is run by the door, whose answer no page can drop
            { name: '$lib/server/commands/run-command', importNames: ['runCommand', 'runOne'] },
          ],
          patterns: ['**/server/db/schema*'],
        },
      ],
    },
  },
  {
    // arrows between folders: routes → server → core, ui → core, workers → core, catalog → core
    files: ['src/**/*.{ts,svelte}'],
    plugins: { boundaries },
    settings: {
      'import/resolver': { typescript: { project: './tsconfig.json' } },
      'boundaries/include': ['src/**/*'],
      'boundaries/elements': [
        { type: 'core', pattern: 'src/core/**', partialMatch: false },
        { type: 'catalog', pattern: 'src/catalog/**', partialMatch: false },
        { type: 'messages', pattern: 'src/lib/messages/**', partialMatch: false },
        { type: 'server', pattern: 'src/lib/server/**', partialMatch: false },
        { type: 'workers', pattern: 'src/lib/workers/**', partialMatch: false },
        { type: 'ui', pattern: 'src/lib/ui/**', partialMatch: false },
        { type: 'model', pattern: 'src/lib/model/**', partialMatch: false },
        { type: 'routes', pattern: 'src/routes/**', partialMatch: false },
        { type: 'app', pattern: 'src/*', partialMatch: false },
      ],
    },
    rules: {
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          policies: [
            allow('core', 'core'),
            allow('catalog', 'catalog', 'core'),
            allow('messages', 'messages', 'core'),
            allow('model', 'model', 'core', 'messages'),
            allow('workers', 'workers', 'core', 'catalog', 'model'),
            allow('ui', 'ui', 'core', 'catalog', 'messages', 'workers', 'model'),
            allow('server', 'server', 'core', 'catalog', 'messages', 'model'),
            allow('routes', 'routes', 'server', 'ui', 'core', 'catalog', 'messages', 'workers', 'model'),
            allow('app', 'app', 'server', 'core', 'ui', 'messages', 'model'),
          ],
        },
      ],
    },
  },
  {
    files: ['**/*.test.ts', 'tests/**/*.ts'],
    rules: {
      'boundaries/dependencies': 'off',
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      'no-restricted-globals': 'off',
    },
  },
);
