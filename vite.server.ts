import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vite'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))

/** The server and its commands as files that Node reads as they are: nothing is translated at a start. */
export default defineConfig({
  resolve: { alias: { '@core': at('core'), '@server': at('server'), '@demo': at('demo') } },
  publicDir: false,
  // One file is read faster than hundreds. Native code, and what asks for parts of itself by name, stays where it is.
  ssr: {
    noExternal: true,
    external: ['better-sqlite3', 'knex', 'pino', '@zxcvbn-ts/core', '@zxcvbn-ts/language-common'],
  },
  build: {
    ssr: true,
    outDir: at('dist/server'),
    emptyOutDir: true,
    target: 'node20',
    sourcemap: true,
    rollupOptions: {
      input: {
        main: at('server/main.ts'),
        backup: at('server/backup.ts'),
        restore: at('server/restore.ts'),
        demo: at('demo/planFile.ts'),
      },
    },
  },
})
