import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import vuetify from 'vite-plugin-vuetify'
import type { Plugin } from 'vite'
import { defineConfig } from 'vitest/config'
import { drawings, outlineOf } from './scripts/drawings.ts'
import LongestFirst from './scripts/longestFirst.ts'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = { '@core': at('core'), '@web': at('web'), '@server': at('server'), '@demo': at('demo') }

/**
 * Lists every file of the build for the service worker, which keeps them; pictures of the build itself are not among
 * them.
 */
const fileList = (): Plugin => ({
  name: 'kobby-file-list',
  generateBundle(_, bundle) {
    const files = Object.keys(bundle)
      .filter((name) => name.startsWith('assets/'))
      .sort()
      .map((name) => `/${name}`)
    this.emitFile({ type: 'asset', fileName: 'files.json', source: JSON.stringify(['/', '/icon.svg', ...files]) })
  },
})

/** Where the interface is made as it is written: links open their own page there too. */
const linkPages = (): Plugin => ({
  name: 'kobby-link-pages',
  configureServer({ middlewares }) {
    middlewares.use((request, _answer, next) => {
      if (/^\/((day|bring)\/|sign-in\b)/.test(request.url ?? '')) request.url = '/link.html'
      next()
    })
  },
})

/** The small drawings, each a file of its own: they are fetched one by one, when something shows them. */
const pictures = (): Plugin => ({
  name: 'kobby-pictures',
  generateBundle() {
    const all = drawings()
    const put = (name: string, source: string) => this.emitFile({ type: 'asset', fileName: `pictures/${name}`, source })
    for (const [name, source] of all) {
      put(`${name}.svg`, source)
      put(`outline/${name}.svg`, outlineOf(source))
    }
    put('names.json', JSON.stringify([...all.keys()].sort()))
  },
  configureServer({ middlewares }) {
    const all = drawings()
    middlewares.use((request, answer, next) => {
      const [, outline, name] = /^\/pictures\/(outline\/)?([a-z0-9-]+)\.svg$/.exec(request.url ?? '') ?? []
      const source = all.get(name ?? '')
      if (!source) return next()
      answer.setHeader('content-type', 'image/svg+xml').end(outline ? outlineOf(source) : source)
    })
  },
})

export default defineConfig({
  root: at('web'),
  publicDir: at('web/public'),
  plugins: [vue(), vuetify(), fileList(), linkPages(), pictures()],
  resolve: {
    alias: [
      ...Object.entries(alias).map(([find, replacement]) => ({ find, replacement })),
      // Whoever reads a schema in the page reads it by the page's rules.
      ...(process.env.VITEST ? [] : [{ find: /^zod$/, replacement: at('web/zod.ts') }]),
    ],
  },
  // Every component is written by its setup.
  define: { __VUE_OPTIONS_API__: 'false' },
  build: {
    outDir: at('dist/web'),
    emptyOutDir: true,
    target: 'es2022',
    chunkSizeWarningLimit: 600,
    // The service worker stands at the root, under a name that stays: it is asked for by it.
    rollupOptions: {
      // Core only computes: a room that is asked for one thing does not bring the rest.
      treeshake: { moduleSideEffects: (id) => !id.startsWith(`${at('core')}/`) },
      input: { index: at('web/index.html'), link: at('web/link.html'), sw: at('web/sw.ts') },
      output: { entryFileNames: (chunk) => (chunk.name === 'sw' ? 'sw.js' : 'assets/[name]-[hash].js') },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4180' } },
  test: {
    root: at('.'),
    include: [
      'core/**/*.test.ts',
      'server/**/*.test.ts',
      'web/**/*.test.ts',
      'demo/**/*.test.ts',
      'e2e/**/*.test.ts',
      'scripts/**/*.test.ts',
    ],
    testTimeout: 120_000,
    hookTimeout: 120_000,
    pool: 'forks',
    // As many files at a time as there are processors, each in a process that has read the library already.
    maxWorkers: '100%',
    isolate: false,
    maxConcurrency: 2,
    // Its parts bring their style sheets along, which Node does not read.
    server: { deps: { inline: ['vuetify'] } },
    sequence: { sequencer: LongestFirst },
  },
})
