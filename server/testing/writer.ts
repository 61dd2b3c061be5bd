import { createKobby } from '../app'

/** A server for the crash test: prints its port and waits to be killed. */
const kobby = await createKobby({ file: process.argv[2], web: 'no-web', today: '2026-03-10' })
kobby.server.listen(0, '127.0.0.1', () =>
  process.stdout.write(`port ${(kobby.server.address() as { port: number }).port}\n`),
)
