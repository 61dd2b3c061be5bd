import { isIP } from 'node:net'
import { join, resolve } from 'node:path'
import { levels } from 'pino'
import { z } from 'zod'
import { CalendarDate } from '@core/domain'

/** Why Kobby cannot start, in words for whoever started it. */
export class CannotStart extends Error {}

/** Ports are 16 bits; 0 asks the system for a free one. */
const MOST_PORT = 65_535

const Port = z
  .string()
  .regex(/^\d{1,5}$/, 'is not a number from 0 to 65535')
  .transform(Number)
  .refine((port) => port <= MOST_PORT, 'is not a number from 0 to 65535')
const LOG_LEVELS = [...Object.values(levels.labels), 'silent']

/** An address by which Kobby is opened: its scheme, its name and perhaps a port, nothing behind. */
const Address = z.string().transform((text, ctx) => {
  const url = URL.canParse(text) ? new URL(text) : null
  if (url && /^https?:$/.test(url.protocol) && url.pathname === '/' && !url.search && !url.hash && !url.username)
    return url.origin
  ctx.addIssue({ code: 'custom', message: 'is not an address such as https://kobby.example.org' })
  return z.NEVER
})

const isNetwork = (text: string): boolean => {
  const [ip, bits, ...more] = text.split('/')
  const kind = isIP(ip)
  return (
    kind !== 0 &&
    more.length === 0 &&
    (bits === undefined || (/^\d{1,3}$/.test(bits) && Number(bits) <= (kind === 4 ? 32 : 128)))
  )
}
/** The proxies that Kobby stands behind, by the addresses from which they ask. */
const Proxies = z
  .string()
  .transform((text) =>
    text
      .split(',')
      .map((one) => one.trim())
      .filter(Boolean),
  )
  .refine(
    (all) => all.length > 0 && all.every(isNetwork),
    'is not an IP address, or several with commas between, such as 127.0.0.1',
  )

const Environment = z.object({
  PORT: Port.default(4180),
  HOST: z.string().min(1, 'is empty').default('127.0.0.1'),
  KOBBY_DATA: z.string().default('data'),
  KOBBY_BACKUPS: z.string().optional(),
  KOBBY_TODAY: CalendarDate.optional(),
  KOBBY_LOG: z
    .string()
    .refine((level) => LOG_LEVELS.includes(level), `is none of ${LOG_LEVELS.join(', ')}`)
    .default('warn'),
  KOBBY_ADDRESS: Address.optional(),
  KOBBY_PROXY: Proxies.optional(),
})

export interface Installed {
  port: number
  host: string
  /** Folder of the data. */
  data: string
  /** Folder of the nightly copies. */
  backups: string
  /** Fixed date, for the demo. */
  today?: string
  log: string
  /** How Kobby is opened from elsewhere. */
  address?: string
  /** From where the proxy in front asks. */
  proxies: string[]
}

/**
 * Reads what the environment sets.
 *
 * @param env such as `process.env`; what is set to nothing counts as not set
 * @throws {CannotStart} naming each setting that cannot be used
 */
export function readSettings(env: Record<string, string | undefined>): Installed {
  const result = Environment.safeParse(Object.fromEntries(Object.entries(env).filter(([, value]) => value !== '')))
  if (!result.success) {
    const said = result.error.issues.map((issue) => {
      const name = String(issue.path[0])
      const what = name === 'KOBBY_TODAY' ? 'is not a date such as 2026-03-10' : issue.message
      return `${name}=${env[name]} ${what}.`
    })
    throw new CannotStart([...new Set(said)].join('\n'))
  }
  const { PORT, HOST, KOBBY_DATA, KOBBY_BACKUPS, KOBBY_TODAY, KOBBY_LOG, KOBBY_ADDRESS, KOBBY_PROXY } = result.data
  const data = resolve(KOBBY_DATA)
  return {
    port: PORT,
    host: HOST,
    data,
    backups: KOBBY_BACKUPS ? resolve(KOBBY_BACKUPS) : join(data, 'backups'),
    today: KOBBY_TODAY,
    log: KOBBY_LOG,
    address: KOBBY_ADDRESS,
    proxies: KOBBY_PROXY ?? [],
  }
}
