import { execSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import ts from 'typescript'
import { parse } from '@vue/compiler-sfc'
import { describe, expect, it } from 'vitest'

/** What people read in the application: sentences in the code, and words in the templates. */
const FILES = execSync('git ls-files core web server demo', { encoding: 'utf8' })
  .split('\n')
  .filter((file) => /\.(ts|vue)$/.test(file) && !/\.test\.ts$|testing\/|migrations\//.test(file))

/** Text of the literals of some code that is for people: more than one word, or a word with a large letter. */
function textsOfCode(code: string): string[] {
  const found: string[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return
    if (ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddle(node) || ts.isTemplateTail(node))
      found.push(node.text)
    ts.forEachChild(node, visit)
  }
  visit(ts.createSourceFile('one.ts', code, ts.ScriptTarget.Latest, true))
  return found.filter((text) => /\s/.test(text.trim()) || /^[A-Z]/.test(text))
}
interface Node {
  type: number
  loc: { source: string }
  props?: { type: number; value?: { content: string } }[]
  children?: Node[]
  branches?: Node[]
}
const TEXT = 2
const ATTRIBUTE = 6
function textsOfTemplate(node: Node): string[] {
  return [
    ...(node.type === TEXT ? [node.loc.source] : []),
    ...(node.props ?? []).flatMap((prop) => (prop.type === ATTRIBUTE && prop.value ? [prop.value.content] : [])),
    ...[...(node.children ?? []), ...(node.branches ?? [])].flatMap(textsOfTemplate),
  ].filter((text) => /\s/.test(text.trim()) || /^[A-Z]/.test(text.trim()))
}
function textsOf(file: string): string[] {
  const source = readFileSync(file, 'utf8')
  if (file.endsWith('.ts')) return textsOfCode(source)
  const { descriptor } = parse(source)
  const script = [descriptor.script, descriptor.scriptSetup].flatMap((one) => (one ? textsOfCode(one.content) : []))
  return [...script, ...(descriptor.template?.ast ? textsOfTemplate(descriptor.template.ast as unknown as Node) : [])]
}
const said = FILES.flatMap((file) => textsOf(file).map((text) => [file, text] as const))
const faults = (found: RegExp) =>
  said.flatMap(([file, text]) => {
    const hit = found.exec(text)
    return hit ? [`${file}: ${hit[0]} in ${text.slice(Math.max(0, hit.index - 30), hit.index + 40)}`] : []
  })

const BRITISH = [
  '\\w*colour\\w*',
  'grey\\w*',
  '(centi|milli)?(lit|met)res?',
  'practis\\w+',
  'mould\\w*',
  '(favourit|neighbour|behaviour|flavour|organis|recognis)\\w*',
  'cosy|whilst|learnt|tyres?|pyjamas|programme|licence|catalogue|aeroplane',
  'harbour\\w*|storeys?|pillow case|press studs?',
]
const NOT_HERS = [
  '(torch|heap|jug)(es|s)?|sweets|adviser',
  '(with|three|two) pegs',
  'unwell|to and fro|barrows?|keep the till|(pass|turn|send|go) (it|them|one squeeze|the rest|the tray) round',
  'to mend|mends? (it|a|the|an?other)|tick (it|them|each|off)|shall (we|I)|in own|checks? own',
  'of yours can|of own|own will|who one is|what one (would|wears)|one walks|may one',
]
const anyWord = (parts: readonly string[]) => new RegExp(`\\b(${parts.join('|')})\\b`, 'i')

describe('what people read', () => {
  it('is a good deal of text', () => expect(said.length).toBeGreaterThan(5000))
  it('has no British spelling', () => expect(faults(anyWord(BRITISH))).toEqual([]))
  it('has no word that an American provider would not say', () => expect(faults(anyWord(NOT_HERS))).toEqual([]))
})
