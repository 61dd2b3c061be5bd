/** Zod as the interface uses it: the page allows no code made from text, so schemas are checked without it. */
import { config } from 'zod/v4'

config({ jitless: true })

export * from 'zod/v4'
