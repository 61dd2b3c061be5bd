import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

/**
 * Where the arrows of docs/decisions/0001 may not go: `web -> core`, `server -> core`, and nothing else between them.
 */
const apart = (...groups) => ({ 'no-restricted-imports': ['error', { patterns: groups }] })
const NOT_FROM_CORE = {
  group: [
    '@server/*',
    '@web/*',
    '@demo/*',
    '**/server/**',
    '**/web/**',
    '**/demo/**',
    '**/e2e/**',
    'node:*',
    'fs',
    'path',
    'crypto',
    'vue',
    'vue-*',
    'vuetify',
    'vuetify/*',
    'pinia',
    '@vueuse/*',
    '@mdi/*',
    'koa',
    'koa-*',
    '@koa/*',
    'knex',
    'better-sqlite3',
    'pino',
  ],
  message: 'core is plain TypeScript: no browser, no Node, no Vue, no Koa, no Knex.',
}
const BROWSER_AND_NODE = [
  'window',
  'document',
  'navigator',
  'location',
  'localStorage',
  'sessionStorage',
  'fetch',
  'indexedDB',
  'process',
  'Buffer',
  'require',
  '__dirname',
  'setTimeout',
  'setInterval',
  'crypto',
  'performance',
]

export default tseslint.config(
  { ignores: ['dist', 'node_modules', 'data', 'coverage', 'docs'] },
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  // How it looks is the formatter's.
  prettier,
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: tseslint.parser } },
  },
  // What needs types is asked of plain TypeScript: in components it takes minutes instead of seconds.
  {
    files: ['**/*.ts'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': [
        'error',
        { checksVoidReturn: { attributes: false, arguments: false } },
      ],
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    },
  },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      'vue/require-default-prop': 'off',
      'vue/attributes-order': 'off',
      // A component that nobody imported shows nothing, and says nothing.
      'vue/no-undef-components': ['error', { ignorePatterns: ['^v-', '^router-', '^TextButton$', '^VChart$'] }],
      'no-console': 'off',
      eqeqeq: ['error', 'smart'],
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      ...apart(NOT_FROM_CORE),
      'no-restricted-globals': [
        'error',
        ...BROWSER_AND_NODE.map((name) => ({ name, message: 'core has no browser, no Node, no clock and no chance.' })),
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core computes the same every time.' },
        { object: 'Date', property: 'now', message: 'Today is an argument.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Today is an argument.' },
      ],
    },
  },
  {
    files: ['core/**/*.test.ts'],
    rules: apart({ group: ['@server/*', '@web/*', '**/server/**', '**/web/**'], message: 'core is tested by itself.' }),
  },
  {
    files: ['server/**/*.ts'],
    rules: apart({
      group: ['@web/*', '**/web/**', 'vue', 'vue-*', 'vuetify', 'pinia'],
      message: 'The server meets the interface over HTTP only.',
    }),
  },
  {
    files: ['web/**/*.{ts,vue}'],
    rules: apart({
      group: ['@server/*', '**/server/**', 'koa', '@koa/*', 'knex', 'better-sqlite3', 'node:*'],
      message: 'The interface meets the server over HTTP only.',
    }),
  },
  {
    files: ['server/store/**/*.ts'],
    rules: apart({
      group: ['../routes/*', '../services/*', '../http/*', 'koa', '@koa/*'],
      message: 'routes -> services -> store, never back.',
    }),
  },
  {
    files: ['server/services/**/*.ts'],
    rules: apart({
      group: ['../routes/*', 'koa', '@koa/*', '@web/*'],
      message: 'routes -> services -> store, never back.',
    }),
  },
  {
    files: ['web/stores/**/*.ts'],
    rules: apart({
      group: ['../views/*', '../parts/*', '*.vue', '@server/*', 'koa', 'knex', 'node:*'],
      message: 'A store knows no component.',
    }),
  },
  {
    files: ['web/parts/{fields,frame,cards,lines}/**/*.vue'],
    rules: apart({
      group: ['**/stores/*', '@server/*', '**/server/**'],
      message: 'Fields, frames, cards and lines take props: they know no store.',
    }),
  },
  {
    files: ['**/*.test.ts', '**/testing/**/*.ts', 'e2e/**/*.ts'],
    rules: { '@typescript-eslint/no-explicit-any': 'off' },
  },
  {
    files: ['scripts/**/*.mjs', '*.js'],
    languageOptions: { globals: { process: 'readonly', console: 'readonly', fetch: 'readonly' } },
  },
)
