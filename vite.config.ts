import { createHash } from 'node:crypto'
import { appendFileSync, readFileSync, writeFileSync } from 'node:fs'
import { extname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import vuetify from 'vite-plugin-vuetify'
import type { Plugin } from 'vite'
import { defineConfig } from 'vitest/config'
import { chunks } from './scripts/chunks.ts'
import { drawings, outlineOf } from './scripts/drawings.ts'
import LongestFirst from './scripts/longestFirst.ts'
import type { OfflineCopy } from './web/offlineFiles.ts'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = { '@core': at('core'), '@web': at('web'), '@server': at('server'), '@demo': at('demo') }

/** What a file of the build is, for who keeps it; older forms of the fonts no browser asks for that keeps anything. */
const TYPES: Record<string, string> = { '.js': 'text/javascript', '.css': 'text/css', '.woff2': 'font/woff2' }

/**
 * Writes every file of the build into one for the service worker, which keeps it; pictures of the build itself are not
 * among them. A later build changes the worker too: the browser looks for a new one by its bytes.
 */
const offlineCopy = (): Plugin => ({
  name: 'kobby-offline-copy',
  writeBundle: {
    order: 'post',
    handler({ dir }, bundle) {
      const copy: OfflineCopy = {}
      for (const name of Object.keys(bundle).sort()) {
        const type = name === 'index.html' ? 'text/html' : name.startsWith('assets/') ? TYPES[extname(name)] : undefined
        if (!type) continue
        const bytes = readFileSync(join(dir!, name))
        copy[name === 'index.html' ? '/' : `/${name}`] = name.endsWith('.woff2')
          ? { type, text: bytes.toString('base64'), base64: true }
          : { type, text: bytes.toString() }
      }
      const text = JSON.stringify(copy)
      writeFileSync(join(dir!, 'offline.json'), text)
      appendFileSync(join(dir!, 'sw.js'), `\n// ${createHash('sha256').update(text).digest('hex').slice(0, 16)}\n`)
    },
  },
})

/** Says which files each part of the build takes, for the server: it has pages ask for them ahead. */
const chunkFiles = (): Plugin => ({
  name: 'kobby-chunk-files',
  generateBundle: {
    order: 'post',
    handler(_options, bundle) {
      const filesOf = (name: string, found = new Set<string>()): Set<string> => {
        const chunk = bundle[name]
        if (chunk?.type !== 'chunk' || found.has(`/${name}`)) return found
        for (const file of [name, ...(chunk.viteMetadata?.importedCss ?? [])]) found.add(`/${file}`)
        for (const other of chunk.imports) filesOf(other, found)
        return found
      }
      const files = Object.values(bundle).flatMap((one) =>
        one.type === 'chunk' ? [[one.name, [...filesOf(one.fileName)]]] : [],
      )
      this.emitFile({ type: 'asset', fileName: 'chunks.json', source: JSON.stringify(Object.fromEntries(files)) })
    },
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
  plugins: [vue(), vuetify(), offlineCopy(), chunkFiles(), linkPages(), pictures()],
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
      output: {
        entryFileNames: (chunk) => (chunk.name === 'sw' ? 'sw.js' : 'assets/[name]-[hash].js'),
        codeSplitting: chunks,
      },
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
