/** The colours by their names that a style sheet gives to a look: `--linen: #f5efe3` is `linen`. */
export function coloursOf(css: string, look: 'light' | 'dark'): Record<string, string> {
  const block = look === 'dark' ? /:root\[data-theme='?dark'?\]\s*\{([^}]*)\}/ : /:root\s*\{([^}]*)\}/
  const [, rules] = block.exec(css) ?? []
  if (rules === undefined) throw new Error(`The style sheet has no ${look} look`)
  return Object.fromEntries(
    [...rules.matchAll(/--([\w-]+):\s*([^;}]+)/g)].map(([, name, value]) => [name, value.trim()]),
  )
}
