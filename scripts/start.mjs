import { endWith, prepare, startServer, say } from './prepare.mjs'

/** With `--house`, phones and tablets in the house reach it too; the same as HOST=0.0.0.0, on every system. */
const env = process.argv.includes('--house') ? { HOST: '0.0.0.0' } : {}

try {
  const { child, line, said } = await prepare(() => startServer(env, (code) => process.exit(code ?? 0)))
  say(line)
  said()
  endWith(child)
} catch (error) {
  say(error.message)
  process.exit(1)
}
