/** FNV-1a with 32 bits: tells the links of one phone apart, and says nothing of them. */
function hashOf(text: string): string {
  let hash = 0x811c9dc5
  for (const sign of text) hash = Math.imul(hash ^ sign.codePointAt(0)!, 0x01000193) >>> 0
  return hash.toString(36)
}

/** The name under which a link's ticks wait on this device. */
export const keptAs = (token: string): string => `kobby-ticks-${hashOf(token)}`
