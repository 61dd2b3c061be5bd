import { ref, shallowRef } from 'vue'
import type { LocaleInstance } from 'vuetify'
import { en } from 'vuetify/locale'

const PREFIX = '$vuetify.'

/** What a key of the component library says; the key itself where it says nothing, as the library has it. */
function said(key: string): string {
  if (!key.startsWith(PREFIX)) return key
  let found: unknown = en
  for (const part of key.slice(PREFIX.length).split('.')) found = (found as Record<string, unknown> | undefined)?.[part]
  return typeof found === 'string' ? found : key
}

/**
 * The words of the component library, in the one language there is. Its own way to them is made for changing the
 * language while the page stands, and sets that up at every start before anything is drawn.
 */
export const english: LocaleInstance = {
  name: 'english',
  current: ref('en'),
  fallback: ref('en'),
  messages: ref({}),
  decimalSeparator: shallowRef('.'),
  numericGroupSeparator: shallowRef(','),
  t: (key, ...params) => said(key).replace(/\{(\d+)\}/g, (_, at) => String(params[Number(at)])),
  n: (value) => new Intl.NumberFormat('en').format(value),
  provide: () => english,
}
