import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = { '@core': at('core'), '@web': at('web'), '@server': at('server'), '@demo': at('demo') }

export default defineConfig({
  root: at('web'),
  publicDir: at('web/public'),
  plugins: [vue(), vuetify({ styles: { configFile: at('web/theme/settings.scss') } })],
  resolve: { alias },
  build: { outDir: at('dist/web'), emptyOutDir: true, target: 'es2022', chunkSizeWarningLimit: 600 },
  server: { proxy: { '/api': 'http://127.0.0.1:4180' } },
  test: {
    root: at('.'),
    include: ['core/**/*.test.ts', 'server/**/*.test.ts', 'web/**/*.test.ts', 'demo/**/*.test.ts', 'e2e/**/*.test.ts', 'scripts/**/*.test.ts'],
    testTimeout: 120_000,
    hookTimeout: 120_000,
    pool: 'forks',
  },
})
