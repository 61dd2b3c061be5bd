import { spawnSync } from 'node:child_process'
import { chromium } from './chromium.mjs'
import { build, buildServer, install, root, say } from './prepare.mjs'

await install()
await buildServer()
await build()
say('Measuring. This takes half a minute.')
const { status } = spawnSync(process.execPath, ['--import', 'tsx', 'bench/bench.ts'], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, CHROMIUM: chromium(), NODE_NO_WARNINGS: '1' },
})
process.exit(status ?? 1)
