import { spawnSync } from 'node:child_process'
import { chromium } from './chromium.mjs'
import { build, install, root } from './prepare.mjs'

await install()
await build()
const { status } = spawnSync(process.execPath, ['--import', 'tsx', 'e2e/screenshots.ts'], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, CHROMIUM: chromium(), NODE_NO_WARNINGS: '1' },
})
process.exit(status ?? 1)
