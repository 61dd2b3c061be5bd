import { networkInterfaces, hostname } from 'node:os'
import { isIP, type AddressInfo, type Server } from 'node:net'
import type { Context, Next } from 'koa'
import proxyAddress from 'proxy-addr'
import { Problem } from './problem'

/** How Kobby is reached, and by whom. */
export interface ReachSettings {
  /** How it is opened from elsewhere, such as `https://kobby.example.org`. */
  address?: string
  /** From where the proxy in front asks. */
  proxies?: readonly string[]
}

/** Who asks, as far as the network tells. */
export interface Asker {
  /** The address that asks; of one behind the named proxy, as the proxy says. */
  ip: string
  /** Whether it came over TLS, to here or to the named proxy. */
  secure: boolean
  /** Whether it comes from the machine itself. */
  fromHere: boolean
}

declare module 'koa' {
  interface DefaultContext {
    asker: Asker
  }
}

const plain = (ip: string): string => ip.replace(/^::ffff:(?=\d+\.)/, '')
const isLoopback = (ip: string): boolean => /^127\./.test(plain(ip)) || ip === '::1'

/** An address as one visitor is counted by: of IPv6, whose visitors are given whole networks, the first 64 bits. */
export function visitor(ip: string): string {
  if (isIP(plain(ip)) !== 6) return plain(ip)
  const [before, after = ''] = ip.replace(/%.*$/, '').split('::')
  const [head, tail] = [before, after].map((part) => part.split(':').filter(Boolean))
  const whole = ip.includes('::')
    ? [...head, ...Array<string>(Math.max(0, 8 - head.length - tail.length)).fill('0'), ...tail]
    : head
  return whole
    .slice(0, 4)
    .map((group) => group.replace(/^0+(?=.)/, '').toLowerCase())
    .join(':')
}

/**
 * Names that no other site can point at this machine: addresses as such, the machine's own name, names without a dot,
 * and those of a house's own network.
 */
const isOwnName = (name: string): boolean =>
  isIP(name.replace(/^\[|\]$/g, '')) !== 0 ||
  name === 'localhost' ||
  name === hostname().toLowerCase() ||
  !name.includes('.') ||
  /\.(localhost|local|lan|home|internal|home\.arpa)$/.test(name)

const nameOf = (host: string): string => host.replace(/:\d+$/, '').replace(/\.$/, '').toLowerCase()

/** Who asks, by what name, and where a link that is made here opens. */
export class Reach {
  private readonly trusts: (ip: string, hop: number) => boolean
  private readonly host: string | undefined
  private server: Server | undefined

  constructor(private readonly settings: ReachSettings = {}) {
    this.trusts = proxyAddress.compile([...(settings.proxies ?? [])])
    this.host = settings.address && new URL(settings.address).host
  }

  /** Told once which server listens. */
  listensAs(server: Server): void {
    this.server = server
  }

  askerOf(ctx: Context): Asker {
    const { req } = ctx
    const next = req.socket.remoteAddress ?? ''
    const proxied = this.trusts(next, 0)
    const forwarded = ctx.get('x-forwarded-for') !== '' || ctx.get('forwarded') !== ''
    const tls = 'encrypted' in req.socket
    return {
      ip: plain(proxied ? proxyAddress(req, this.trusts) : next),
      secure: tls || (proxied && ctx.get('x-forwarded-proto').split(',')[0].trim() === 'https'),
      // Whoever asks for someone else, named or not, is a proxy: its visitors are not on this machine.
      fromHere: isLoopback(next) && !proxied && !forwarded,
    }
  }

  /** Writes down who asks, and refuses a name by which another site could have led a browser here. */
  middleware = async (ctx: Context, next: Next): Promise<void> => {
    ctx.asker = this.askerOf(ctx)
    if (ctx.path !== '/health' && !this.knows(ctx.get('host').toLowerCase())) {
      throw new Problem(421, 'Kobby does not go by this name here. Whoever runs it sets the name with KOBBY_ADDRESS.')
    }
    if (ctx.asker.secure) ctx.set('Strict-Transport-Security', 'max-age=15552000')
    await next()
  }

  /** The machine's own names are always known: no other site can have them. */
  private knows(host: string): boolean {
    const name = nameOf(host)
    if (this.host === undefined) return isOwnName(name)
    return host === this.host || name === 'localhost' || isLoopback(name.replace(/^\[|\]$/g, ''))
  }

  /** Addresses of the house's network at which it listens, such as `http://192.168.1.20:4180`. */
  inTheHouse(): string[] {
    const bound = this.server?.address() as AddressInfo | null | undefined
    if (!bound || typeof bound !== 'object') return []
    const all = bound.address === '0.0.0.0' || bound.address === '::'
    const addresses = Object.values(networkInterfaces())
      .flatMap((one) => one ?? [])
      .filter((one) => !one.internal && one.family === 'IPv4')
      .map((one) => one.address)
    return addresses.filter((ip) => all || ip === plain(bound.address)).map((ip) => `http://${ip}:${bound.port}`)
  }

  /** What a link that is made now begins with, and whether only this machine can open it. */
  links(ctx: Context): { base: string; onlyHere: boolean } {
    if (this.settings.address) return { base: this.settings.address, onlyHere: false }
    const seen = `${ctx.asker.secure ? 'https' : 'http'}://${ctx.get('host')}`
    const name = nameOf(ctx.get('host')).replace(/^\[|\]$/g, '')
    if (name !== 'localhost' && !isLoopback(name)) return { base: seen, onlyHere: false }
    const [inHouse] = this.inTheHouse()
    return inHouse ? { base: inHouse, onlyHere: false } : { base: seen, onlyHere: true }
  }
}
