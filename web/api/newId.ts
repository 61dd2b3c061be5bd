/**
 * An id for something new: a random UUID. Made of random bytes, since a browser has its own maker of them only where
 * the page came over a certificate, and a phone in the house often reaches Kobby without one.
 */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  // Version 4, variant 1: RFC 9562.
  bytes[6] = (bytes[6] & 0x0f) | 0x40
  bytes[8] = (bytes[8] & 0x3f) | 0x80
  return [...bytes]
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('')
    .replace(/^(.{8})(.{4})(.{4})(.{4})/, '$1-$2-$3-$4-')
}
