import { connect, createServer, type AddressInfo, type Socket } from 'node:net'

/**
 * A way to a server that can be shut, as a cellar or a shop shuts it: whoever comes by it has no network then, its
 * service worker too.
 */
export interface Gate {
  base: string
  shut: () => void
  open: () => void
  close: () => Promise<void>
}

/** Opens a gate before a server on this machine. */
export async function openGate(base: string): Promise<Gate> {
  const port = Number(new URL(base).port)
  const sockets = new Set<Socket>()
  let isShut = false
  const server = createServer((from) => {
    if (isShut) {
      from.destroy()
      return
    }
    const to = connect(port, '127.0.0.1')
    for (const [one, other] of [
      [from, to],
      [to, from],
    ]) {
      sockets.add(one)
      one
        .on('error', () => other.destroy())
        .on('close', () => {
          sockets.delete(one)
          other.destroy()
        })
        .pipe(other)
    }
  })
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', () => done()))
  const cut = () => sockets.forEach((one) => one.destroy())
  return {
    base: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    shut: () => {
      isShut = true
      cut()
    },
    open: () => (isShut = false),
    close: async () => {
      cut()
      await new Promise<void>((done) => server.close(() => done()))
    },
  }
}
