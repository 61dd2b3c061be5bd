import { readdirSync, readFileSync } from 'node:fs'
import ts from 'typescript'
import { expect, it } from 'vitest'

/** Looks at how boxes are made, which is what these two are about: classes are what they measure. */
const MEASURES = ['controls.ts', 'views.test.ts']
/** A selector that asks for a class: a dot before a name, outside of quotes. */
const ASKS_A_CLASS = /(?:^|[\s,>(~+\]a-z*])\.[a-z][\w-]*(?![\w(/])/
/** What is written like a selector: it begins with an element, a class, an attribute or an id, and holds no path. */
const isSelector = (text: string) =>
  /^(?:[.#[:*]|[a-z]+(?:[\s.#[:>~+,]|$))/.test(text) &&
  !/[/$\\]|=>|^\w+\.\w+$|\.(png|svg|json|js|csv|kobby)\b/.test(text)

function stringsOf(path: string): string[] {
  const found: string[] = []
  const file = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest)
  const look = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return
    if (ts.isStringLiteralLike(node)) found.push(node.text)
    else if (ts.isTemplateExpression(node))
      found.push([node.head.text, ...node.templateSpans.map((span) => `x${span.literal.text}`)].join(''))
    ts.forEachChild(node, look)
  }
  look(file)
  return found
}
const byClass = (text: string) => isSelector(text) && ASKS_A_CLASS.test(text.replace(/"[^"]*"/g, '""'))

it('the walks find what they press by role, name or what it is, not by how it looks', () => {
  const files = readdirSync('e2e').filter((name) => name.endsWith('.ts') && !MEASURES.includes(name))
  const found = files.flatMap((name) =>
    stringsOf(`e2e/${name}`)
      .filter(byClass)
      .map((text) => `${name}: ${text}`),
  )
  expect(found).toEqual([])
  expect(files.length).toBeGreaterThan(20)
})
it.each(['.pocket', 'label.step input', '[aria-label="A. b"] .line', 'ul > .card', '.a, .b'])(
  '%s asks a class',
  (text) => expect(byClass(text)).toBe(true),
)
it.each(['aside', '[aria-label="A.b .c"] li', 'input[type=file]', 'main section', 'kite.svg', 'Saved. Then more'])(
  '%s does not',
  (text) => expect(byClass(text)).toBe(false),
)
