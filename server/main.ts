import { join, resolve } from 'node:path'
import { pino } from 'pino'
import { createKobby } from './app'
import { CannotStart, readSettings } from './settings'
import { holdFolder } from './store/lock'
import { makeFolder } from './store/open'

/** Starts the server, or says in words why not. */
async function start(): Promise<void> {
  const { port, host, data, backups, today, log: level, address, proxies } = readSettings(process.env)
  makeFolder(data)
  const letGo = holdFolder(data, `Kobby on port ${port}`)
  // The log goes where errors go: the address alone is on the standard output, for whoever started this.
  const log = pino({ level }, pino.destination(2))
  const kobby = await createKobby({
    file: join(data, 'kobby.sqlite'),
    web: resolve('dist/web'),
    today,
    backups,
    address,
    proxies,
    log,
  })

  kobby.server.on('error', (error: NodeJS.ErrnoException) => {
    const why =
      error.code === 'EADDRINUSE'
        ? `Port ${port} is in use. Choose another: PORT=${port + 1} npm start`
        : error.code === 'EACCES'
          ? `Port ${port} is not for everyone to open. Choose one from 1024 on.`
          : error.code === 'EADDRNOTAVAIL' || error.code === 'ENOTFOUND'
            ? `HOST=${host} is no address of this machine.`
            : error.message
    console.error(why)
    process.exit(1)
  })
  kobby.server.listen(port, host, () => {
    const bound = kobby.server.address()
    const at = typeof bound === 'object' && bound ? bound.port : port
    const everywhere = host === '0.0.0.0' || host === '::'
    console.log(
      `Kobby is at http://${everywhere ? '127.0.0.1' : host.includes(':') ? `[${host}]` : host}:${at}/ with its data in ${data}`,
    )
    const house = kobby.reach.inTheHouse()
    if (address) console.log(`From elsewhere it is opened as ${address}/`)
    else if (house.length)
      console.log(`Phones and tablets in the house open ${house.map((one) => `${one}/`).join(' or ')}`)
    else console.log('Only this machine can open it. For phones and tablets in the house: npm start -- --house')
    if (kobby.startCode && (house.length || address))
      console.log(`Start code, asked for when the account is made on another device: ${kobby.startCode}`)
  })

  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.once(
      signal,
      () =>
        void kobby.close().then(() => {
          letGo()
          process.exit(0)
        }),
    )
  }
}

start().catch((error: unknown) => {
  console.error(error instanceof CannotStart ? error.message : error)
  process.exit(1)
})
