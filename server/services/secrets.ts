import { createHash, randomBytes, randomInt } from 'node:crypto'

/** Secrets of sessions and links are kept as hashes only: a copy of the database opens nothing. */
export const hashToken = (token: string): string => createHash('sha256').update(token).digest('hex')
/** 128 random bits, as text for an address. */
export const newToken = (): string => randomBytes(16).toString('base64url')

/** Letters and digits that are not taken for each other on paper or read aloud. */
const SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789'

/** A code to be written down or typed from a screen: groups of signs with dashes between. */
export const newCode = (groups: number, each: number): string =>
  Array.from({ length: groups }, () =>
    Array.from({ length: each }, () => SIGNS[randomInt(SIGNS.length)]).join(''),
  ).join('-')
/** A code as it is compared: however it was typed. */
export const codeSigns = (typed: string): string => typed.toUpperCase().replace(/[^A-Z0-9]/g, '')
