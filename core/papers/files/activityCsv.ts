import {
  Activity,
  ATTENTIONS,
  CENTER_KINDS,
  DOMAINS,
  GroupForm,
  PREP_KINDS,
  STAGES,
  stepIdsFor,
  type BaseUnit,
  type Material,
  type PrepStep,
  type Requirement,
  type Stage,
  type Variant,
} from '../../domain'
import { topicsIn, variantsFrom, type StageText } from '../../ideas'
import { plainNumber } from './csv'
import { bracketsOf, inBrackets, NAME, quoted, splitOutside, unquoted } from './quoted'
import { codeOf, columnsAt, normal, RowCells, type RowFault } from './rowCells'
import {
  ATTENTION_NAMES,
  CENTER_NAMES,
  DOMAIN_NAMES,
  ENERGY_NAMES,
  FORM_NAMES,
  MESS_NAMES,
  STAGE_NAMES,
} from '../../base'

/** Columns of the activity table, in the order in which it is written. Read by name, in any order and case. */
export const ACTIVITY_COLUMNS = [
  'id',
  'title',
  'aim',
  'about',
  'centers',
  'domains',
  'form',
  'set up minutes',
  'do minutes',
  'clear minutes',
  'energy',
  'mess',
  'attention',
  'stays out',
  'dries minutes',
  'for the folder',
  'infant',
  'young toddler',
  'older toddler',
  'preschool',
  'school-age',
  'materials',
  'preparation',
  'steps',
  'ask',
  'look for',
  'easier',
  'harder',
  'tidy up',
  'archived',
] as const
export type ActivityColumn = (typeof ACTIVITY_COLUMNS)[number]
const NEEDED: ActivityColumn[] = ['title', 'aim', 'centers', 'domains', 'do minutes', 'steps']
const STAGE_COLUMN: Record<Stage, ActivityColumn> = {
  infant: 'infant',
  'young-toddler': 'young toddler',
  'older-toddler': 'older toddler',
  preschool: 'preschool',
  'school-age': 'school-age',
}
/** The most activities in one file. */
export const MOST_ROWS = 10_000

/** Lines of a cell as they stand; spreadsheets that allow one line only are written with " | " between. */
const rawLines = (cell: string): string[] => splitOutside(cell, /\r?\n|[ \t]\|[ \t]/y)
const lines = (cell: string): string[] => rawLines(cell).map(unquoted)
/** What would not come back as one line. */
const PARTS = /[ \t]\|[ \t]|[\r\n]/
const line = (text: string): string => quoted(text, PARTS)
/**
 * What a variant begins with that is done beside the others; where its own words begin so, they stand in marks of their
 * own.
 */
const BESIDE = /^beside:\s*/i
/** A text without the marks that it stands in, and without those that stand in them. */
function bare(text: string): string {
  const inner = unquoted(text)
  return inner === text ? text : bare(inner)
}
const ANY = /^/
/** What a line of materials or of preparation is made of. */
const SIGNS = /[()[\];"]|\+\d|\bper (child|group of)\b|\bfor the set-up\b/i
/** A share as a percentage, exactly: the point of its decimals is moved, nothing is multiplied. */
function percent(share: number): string {
  const [whole, decimals = ''] = plainNumber(share).split('.')
  const [moved, rest] = [decimals.slice(0, 2).padEnd(2, '0'), decimals.slice(2)]
  return `${(whole + moved).replace(/^0+(?=\d)/, '')}${rest && `.${rest}`}`
}
const BY = { child: 'per child', 'set-up': 'for the set-up' } as const

/** One line for a requirement: "2 each craft sticks per child +10% (only preschool) (adult) (or buttons) [its-id]". */
function requirementLine(
  requirement: Requirement,
  activity: Activity,
  materials: ReadonlyMap<string, Material>,
  nameOf: (id: string) => string,
): string {
  const material = materials.get(requirement.materialId)
  const basis = requirement.basis.by === 'group' ? `per group of ${requirement.basis.of}` : BY[requirement.basis.by]
  const only = requirement.variants?.map((id) => {
    const variant = activity.variants.find((one) => one.id === id)!
    return `${variant.kind === 'beside' ? 'beside ' : ''}${variant.stages[0]}`
  })
  return [
    `${plainNumber(requirement.quantity)} ${material?.unit ?? 'each'} ${nameOf(requirement.materialId)} ${basis}`,
    requirement.spare ? `+${percent(requirement.spare)}%` : '',
    only ? `(only ${only.join('; ')})` : '',
    requirement.reach === 'adult' ? '(adult)' : '',
    requirement.alternatives.length ? `(or ${requirement.alternatives.map(nameOf).join('; ')})` : '',
    requirement.id === requirement.materialId ? '' : `[${requirement.id}]`,
  ]
    .filter(Boolean)
    .join(' ')
}
/**
 * One line for a preparation step: "10 min, then 60 min: Cut strips (in pieces) (for 6
 * children) (kind cut) (uses ribbon-strip) [its-id]".
 */
const prepLine = (step: PrepStep): string =>
  [
    `${step.minutes} min${step.wait === 'overnight' ? ', then overnight' : step.wait ? `, then ${step.wait} min` : ''}: ` +
      `${quoted(step.text, SIGNS)}`,
    step.splits ? '(in pieces)' : '',
    step.per ? `(for ${step.per} children)` : '',
    step.kind ? `(kind ${step.kind})` : '',
    step.uses.length ? `(uses ${step.uses.join('; ')})` : '',
    `[${step.id}]`,
  ]
    .filter(Boolean)
    .join(' ')

/** What materials are called in lines: by their name, or by their id where that would name another one too. */
function namesIn(materials: ReadonlyMap<string, Material>): (id: string) => string {
  const count = new Map<string, number>()
  for (const one of materials.values())
    for (const key of new Set([normal(one.name), one.id])) count.set(key, (count.get(key) ?? 0) + 1)
  return (id) => {
    const name = materials.get(id)?.name
    return name !== undefined && count.get(normal(name)) === 1 ? quoted(name, SIGNS) : id
  }
}

/** Activities as rows of cells, the header first. */
export function activityRows(activities: readonly Activity[], materials: ReadonlyMap<string, Material>): string[][] {
  const nameOf = namesIn(materials)
  return [
    [...ACTIVITY_COLUMNS],
    ...activities.map((one) => {
      const cells: Record<ActivityColumn, string> = {
        id: one.id,
        title: one.title,
        aim: one.aim,
        about: one.topics.join('; '),
        centers: one.centers.map((kind) => CENTER_NAMES[kind]).join('; '),
        domains: one.domains.map((domain) => DOMAIN_NAMES[domain]).join('; '),
        form: FORM_NAMES[one.form],
        'set up minutes': String(one.minutes.setUp),
        'do minutes': String(one.minutes.do),
        'clear minutes': String(one.minutes.clear),
        energy: ENERGY_NAMES[one.energy],
        mess: MESS_NAMES[one.mess],
        attention: ATTENTION_NAMES[one.attention],
        'stays out': one.standing ? 'yes' : 'no',
        'dries minutes': String(one.dries),
        'for the folder': one.folder ? 'yes' : 'no',
        ...(Object.fromEntries(
          STAGES.map((stage) => [
            STAGE_COLUMN[stage],
            one.variants
              .filter((variant) => variant.stages.includes(stage))
              .map((variant) =>
                variant.kind === 'beside'
                  ? line(`beside: ${variant.how}`)
                  : line(BESIDE.test(bare(variant.how)) ? quoted(variant.how, ANY) : variant.how),
              )
              .join('\n'),
          ]),
        ) as Record<'infant', string>),
        materials: one.requirements
          .map((requirement) => line(requirementLine(requirement, one, materials, nameOf)))
          .join('\n'),
        preparation: one.prep.map((step) => line(prepLine(step))).join('\n'),
        steps: one.steps.map(line).join('\n'),
        ask: one.say.map(line).join('\n'),
        'look for': one.lookFor.map(line).join('\n'),
        easier: one.easier,
        harder: one.harder,
        'tidy up': one.tidy,
        archived: one.archived ? 'yes' : 'no',
      } as Record<ActivityColumn, string>
      return ACTIVITY_COLUMNS.map((column) => cells[column])
    }),
  ]
}

/** What a reader of rows must know of the home. */
export interface CsvContext {
  materials: readonly Material[]
  activities: readonly Activity[]
  /** A new id, one each time. */
  newId: () => string
}

export type CsvResult = { activities: Activity[]; faults?: undefined } | { activities?: undefined; faults: RowFault[] }

const pairs = <T extends string>(codes: readonly T[], names: Record<T, string>) =>
  codes.map((code) => [code, names[code]] as const)
const CENTERS = pairs(CENTER_KINDS, CENTER_NAMES)
const DOMAIN_PAIRS = pairs(DOMAINS, DOMAIN_NAMES)
const FORMS = pairs(GroupForm.options, FORM_NAMES)
const ATTENTION_PAIRS = pairs(ATTENTIONS, ATTENTION_NAMES)
const ENERGIES = [-1, 0, 1, 2].map((code) => [code, ENERGY_NAMES[code]] as const)
const MESSES = [0, 1, 2, 3].map((code) => [code, MESS_NAMES[code as 0]] as const)
const STAGE_PAIRS = pairs(STAGES, STAGE_NAMES)

const REQUIREMENT = new RegExp(
  `^(\\d+(?:\\.\\d+)?)\\s+(?:(each|g|ml|cm|sheets?)\\s+)?(${NAME})\\s+(per child|per group of (\\d+)|for the set-up)(?=\\s|$)(.*)$`,
  'is',
)
const PREP = new RegExp(
  `^(\\d+)\\s*min(?:,\\s*then\\s+(overnight|(\\d+)\\s*min))?\\s*:\\s*(${NAME})` +
    '((?:\\s*\\((?:in pieces|for \\d+ (?:children|child|kids|kid)|kind [a-z]+|uses [^)]*)\\))*)$',
  'is',
)
const idIn = (text: string): string | undefined => /\[([a-z0-9-]+)\]\s*$/.exec(text)?.[1]

/** Reads the rows after the header, one activity each, collecting every fault by its line and column. */
class RowReader {
  readonly faults: RowFault[] = []
  private readonly byName: Map<string, Material>

  constructor(
    private readonly at: Map<ActivityColumn, number>,
    private readonly context: CsvContext,
  ) {
    // An id names one thing; a name may be another's id.
    this.byName = new Map([
      ...context.materials.map((one) => [normal(one.name), one] as const),
      ...context.materials.map((one) => [one.id, one] as const),
    ])
  }

  read(row: readonly string[], line: number): Activity | null {
    const cells = new RowCells(row, this.at, line, this.faults)
    const cell = (column: ActivityColumn) => cells.text(column)
    const fail = (column: string, message: string) => cells.fail(column, message)
    const known =
      this.context.activities.find((one) => one.id === cell('id')) ??
      this.context.activities.find((one) => normal(one.title) === normal(cell('title')))
    if (known && !cell('id') && known.source === 'shipped')
      fail('title', 'An activity of the library has this title. Give yours another, or write its id to change it')
    const variants = this.variants(row, known)
    const requirements = lines(cell('materials')).map((text) =>
      this.requirement(text, variants, (message) => fail('materials', message)),
    )
    const kept = requirements.filter((one): one is Requirement => one !== null)
    const activity = {
      id: known?.id ?? (cell('id') || this.context.newId()),
      title: cell('title'),
      aim: cell('aim'),
      // A table from before there was such a column takes nothing away.
      topics: this.at.has('about') ? topicsIn(cell('about')) : (known?.topics ?? []),
      centers: cells.codes('centers', CENTERS),
      domains: cells.codes('domains', DOMAIN_PAIRS),
      form: cells.code('form', FORMS, 'small-group'),
      minutes: {
        setUp: cells.minutes('set up minutes'),
        do: cells.minutes('do minutes'),
        clear: cells.minutes('clear minutes'),
      },
      energy: cells.code('energy', ENERGIES, 0),
      mess: cells.code('mess', MESSES, 0),
      attention: cells.code('attention', ATTENTION_PAIRS, 'nearby'),
      standing: cells.yes('stays out'),
      dries: cells.minutes('dries minutes'),
      folder: cells.yes('for the folder'),
      variants,
      requirements: kept,
      prep: lines(cell('preparation')).flatMap((text, i) =>
        this.prep(text, i, kept, (message) => fail('preparation', message)),
      ),
      steps: lines(cell('steps')),
      stepIds: stepIdsFor(lines(cell('steps')), known),
      say: lines(cell('ask')),
      lookFor: lines(cell('look for')),
      easier: cell('easier'),
      harder: cell('harder'),
      tidy: cell('tidy up'),
      source: known?.source ?? 'own',
      pattern: known?.pattern ?? null,
      origin: known?.origin ?? null,
      archived: cells.yes('archived'),
    }
    const checked = Activity.safeParse(activity)
    if (checked.success) return cells.sound ? checked.data : null
    cells.failAll(checked.error.issues, columnOf)
    return null
  }

  private variants(row: readonly string[], known: Activity | undefined): Variant[] {
    const texts = STAGES.flatMap((stage) =>
      rawLines(row[this.at.get(STAGE_COLUMN[stage]) ?? -1] ?? '').map((text): StageText => {
        const whole = unquoted(text)
        if (BESIDE.test(whole)) return { stage, kind: 'beside', how: whole.replace(BESIDE, '') }
        return { stage, kind: 'does', how: BESIDE.test(bare(whole)) ? unquoted(whole) : whole }
      }),
    )
    return variantsFrom(texts, known?.variants)
  }

  private requirement(text: string, variants: readonly Variant[], fail: (message: string) => void): Requirement | null {
    const parts = REQUIREMENT.exec(text.replace(/\s*\[[a-z0-9-]+\]\s*$/, ''))
    if (!parts) {
      fail(`“${text.slice(0, 60)}” is not understood: write such as “2 craft sticks per child +10%”`)
      return null
    }
    const [, quantity, unit, name, basis, of, tail] = parts
    const material = this.byName.get(normal(unquoted(name)))
    if (!material) {
      fail(
        `There is no material “${unquoted(name).slice(0, 60)}”. Add it to the pantry first, or write its name as it stands there`,
      )
      return null
    }
    const given = unit?.toLowerCase().replace('sheets', 'sheet') as BaseUnit | undefined
    if (given && given !== material.unit) fail(`${material.name} is counted in ${material.unit}, not in ${given}`)
    const only = inBrackets(tail, 'only')
      ?.map((word) => {
        const beside = /^beside\s+/i.test(word)
        const stage = codeOf(word.replace(/^beside\s+/i, ''), STAGE_PAIRS)
        const variant = variants.find(
          (one) => one.kind === (beside ? 'beside' : 'does') && stage && one.stages.includes(stage),
        )
        if (!variant) fail(`“only ${word}”: no variant is for that stage`)
        return variant?.id
      })
      .filter((id): id is string => Boolean(id))
    const alternatives = (inBrackets(tail, 'or') ?? []).flatMap((other) => {
      const found = this.byName.get(normal(other))
      if (!found) fail(`There is no material “${other.slice(0, 60)}”`)
      return found ? [found.id] : []
    })
    const spare = /^[^(]*\+(\d+(?:\.\d+)?)\s*%/.exec(tail)
    return {
      id: idIn(text) ?? material.id,
      materialId: material.id,
      quantity: Number(quantity),
      basis:
        basis.toLowerCase() === 'per child' ? { by: 'child' } : of ? { by: 'group', of: Number(of) } : { by: 'set-up' },
      spare: spare ? Number(`${spare[1]}e-2`) : 0,
      variants: only?.length ? [...new Set(only)] : null,
      reach: bracketsOf(tail).some((one) => /^adult$/i.test(one)) ? 'adult' : 'children',
      alternatives,
    }
  }

  private prep(
    text: string,
    i: number,
    requirements: readonly Requirement[],
    fail: (message: string) => void,
  ): PrepStep[] {
    const parts = PREP.exec(text.replace(/\s*\[[a-z0-9-]+\]\s*$/, ''))
    if (!parts) {
      fail(`“${text.slice(0, 60)}” is not understood: write such as “10 min, then overnight: Freeze the blocks”`)
      return []
    }
    const [, minutes, after, wait, words, marks] = parts
    const uses = inBrackets(marks, 'uses') ?? []
    const per = /\(for (\d+) (?:children|child|kids|kid)\)/i.exec(marks)?.[1]
    const written = /\(kind ([a-z]+)\)/i.exec(marks)?.[1].toLowerCase()
    const kind = PREP_KINDS.find((one) => one === written) ?? null
    if (written && !kind) fail(`“kind ${written}” is none of ${PREP_KINDS.join(', ')}`)
    for (const id of uses)
      if (!requirements.some((one) => one.id === id)) fail(`“uses ${id}”: no material of this activity has that id`)
    return [
      {
        id: idIn(text) ?? `prep-${i + 1}`,
        text: unquoted(words),
        minutes: Number(minutes),
        wait: /overnight/i.test(after ?? '') ? 'overnight' : Number(wait ?? 0),
        splits: /\(in pieces\)/i.test(marks),
        kind,
        per: per ? Number(per) : null,
        uses: uses.filter((id) => requirements.some((one) => one.id === id)),
      },
    ]
  }
}

const COLUMN_OF: Record<string, string> = {
  lookFor: 'look for',
  topics: 'about',
  say: 'ask',
  tidy: 'tidy up',
  requirements: 'materials',
  prep: 'preparation',
  standing: 'stays out',
  dries: 'dries minutes',
  folder: 'for the folder',
  variants: 'infant to school-age',
}
function columnOf(path: readonly PropertyKey[]): string {
  if (path[0] === 'minutes')
    return { setUp: 'set up minutes', do: 'do minutes', clear: 'clear minutes' }[String(path[1])] ?? 'do minutes'
  return COLUMN_OF[String(path[0])] ?? String(path[0])
}

/**
 * Activities from rows of cells: all of them, or every fault by line and column and none. Columns are found by name, so
 * that a table whose columns were moved reads the same; unknown columns are left alone. Two rows of one title, or of
 * one id, are faults.
 *
 * @param rows cells, the header first; line numbers count from 1
 */
export function readActivityRows(rows: readonly (readonly string[])[], context: CsvContext): CsvResult {
  const at = columnsAt(rows[0] ?? [], ACTIVITY_COLUMNS)
  const missing = NEEDED.filter((column) => !at.has(column))
  if (missing.length)
    return {
      faults: [
        {
          line: 1,
          column: missing.join(', '),
          message: 'The first line has no such column. It names the columns: title, aim, centers, domains and so on',
        },
      ],
    }
  const body = rows.slice(1)
  if (!body.some((row) => row.some((cell) => cell.trim())))
    return { faults: [{ line: 2, column: 'title', message: 'There is no activity below the first line' }] }
  if (body.length > MOST_ROWS)
    return {
      faults: [
        {
          line: MOST_ROWS + 2,
          column: '',
          message: `A file holds at most ${MOST_ROWS} activities; this one has ${body.length}. Part it in two`,
        },
      ],
    }
  const reader = new RowReader(at, context)
  const seen = new Map<string, number>()
  const activities = body.flatMap((row, i) => {
    if (row.every((cell) => !cell.trim())) return []
    const line = i + 2
    const activity = reader.read(row, line)
    const title = normal(row[at.get('title')!] ?? '')
    const id = (row[at.get('id') ?? -1] ?? '').trim()
    for (const [key, what] of [
      [`title ${title}`, 'title'],
      [`id ${id}`, 'id'],
    ] as const) {
      if (key === 'id ' || !title) continue
      const earlier = seen.get(key)
      if (earlier) reader.faults.push({ line, column: what, message: `Line ${earlier} has the same ${what}` })
      else seen.set(key, line)
    }
    return activity ? [activity] : []
  })
  return reader.faults.length ? { faults: reader.faults } : { activities }
}
