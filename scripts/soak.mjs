import { spawnSync } from 'node:child_process'
import { buildServer, install, root } from './prepare.mjs'

await install()
await buildServer()
const { status } = spawnSync(process.execPath, ['--import', 'tsx', 'bench/soak.ts', ...process.argv.slice(2)], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, NODE_NO_WARNINGS: '1' },
})
process.exit(status ?? 1)
