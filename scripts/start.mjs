import { endWith, prepare, startServer, say } from './prepare.mjs'

try {
  const { child, line } = await prepare(() => startServer({}, (code) => process.exit(code ?? 0)))
  say(line)
  endWith(child)
} catch (error) {
  say(error.message)
  process.exit(1)
}
