import { join, resolve } from 'node:path'
import { pino } from 'pino'
import { createKobby } from './app'

// The log goes where errors go: the address alone is on the standard output, for whoever started this.
const log = pino({ level: process.env.KOBBY_LOG ?? 'warn' }, pino.destination(2))
const host = process.env.HOST ?? '127.0.0.1'
const port = Number(process.env.PORT ?? 4180)
const data = resolve(process.env.KOBBY_DATA ?? 'data')

const kobby = await createKobby({
  file: join(data, 'kobby.sqlite'),
  web: resolve('dist/web'),
  today: process.env.KOBBY_TODAY || undefined,
  log,
})

kobby.server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE' ? `Port ${port} is in use. Choose another: PORT=${port + 1} npm start` : error.message,
  )
  process.exit(1)
})
kobby.server.listen(port, host, () => {
  const address = kobby.server.address()
  const at = typeof address === 'object' && address ? address.port : port
  console.log(`Kobby is at http://${host}:${at}/ with its data in ${data}`)
})

for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.once(signal, () => void kobby.close().then(() => process.exit(0)))
}
