import { childHours, presentAt, byAge, type Part, stageOn, blocksOn, type ResolvedPlan, type Session } from '../plan'
import { CAUTION_CLOSING, sessionCautions } from '../cautions'
import {
  stepIdsOf,
  variantStepId,
  type CalendarDate,
  type DaySheet,
  type Material,
  type SheetChild,
  type SheetItem,
  type SheetMaterial,
  type SheetStep,
  type TimeOfDay,
  type UnitSnapshot,
} from '../domain'
import {
  demand,
  ATTENTION_NAMES,
  allergenName,
  OUT_WORDS,
  STAGE_NAMES,
  hourWords,
  spanWords,
  listWords,
  longDate,
  quantityWords,
} from '../base'
import { careOn, handedOn } from './sheetPrep'
import { focusWords, inHandWords } from './sheetWords'
import { isNotInHand } from '../printing'
import { bookReminders, circleOn, scriptOf } from '../circle'
import { sessionNeeds, supplyList, tidy, type Need, type SupplyNeed } from '../supplies'

/** What one child's part is called, for a label: "Oona: beside, ...". */
export function partWords(part: Part): string {
  if (part.does === 'takes-part') return `${part.child.name} takes part: ${part.variant.how}`
  if (part.does === 'beside') return `${part.child.name} beside: ${part.variant.how}`
  return `${part.child.name}: ${OUT_WORDS[part.reason]}`
}

function stepsOf(session: Session): SheetStep[] {
  const { activity, parts } = session
  const ids = stepIdsOf(activity)
  const own = activity.steps.map((text, i): SheetStep => ({ id: ids[i], who: '', text }))
  const forWhom = activity.variants.flatMap((variant): SheetStep[] => {
    const children = parts.filter((part) => part.variant?.id === variant.id).map((part) => part.child.name)
    if (!children.length) return []
    return [
      {
        id: variantStepId(variant.id),
        who: `${listWords(children)}${variant.kind === 'beside' ? ' beside' : ''}`,
        text: variant.how,
      },
    ]
  })
  return [...own, ...forWhom]
}

/**
 * What a need takes in hand: its own material, and what the list lends it of others. Of a set-up, as much as the
 * children of one day use.
 */
function inHand(need: Need, listed: SupplyNeed | undefined, snapshot: UnitSnapshot): SheetMaterial[] {
  const line = (material: Material, quantity: number, insteadOf: string): SheetMaterial[] =>
    quantity > 0
      ? [
          {
            name: material.name,
            amount: quantityWords(quantity, material.unit, snapshot.home.measures),
            place: material.place,
            insteadOf,
          },
        ]
      : []
  if (!listed) return line(need.material, need.quantity, '')
  let missing = Math.max(0, tidy(need.quantity - listed.quantity))
  const own = line(need.material, tidy(need.quantity - missing), '')
  return [
    ...own,
    ...listed.lent.flatMap(({ material, quantity }) => {
      const taken = Math.min(missing, quantity)
      missing = tidy(missing - taken)
      return line(material, taken, need.material.name)
    }),
  ]
}

/**
 * Needs that something was lent to, by placement and requirement: the list's word, so that sheet and list name the same
 * thing.
 */
function lentTo(snapshot: UnitSnapshot, plan: ResolvedPlan): Map<string, SupplyNeed> {
  const lent = supplyList(snapshot, plan)
    .flatMap((line) => line.needs)
    .filter((need) => need.lent.length > 0)
  return new Map(lent.map((need) => [needKey(need), need]))
}
const needKey = ({ session, requirement }: Need): string => JSON.stringify([session.placement.id, requirement.id])

function itemOf(
  session: Session,
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  lent: ReadonlyMap<string, SupplyNeed>,
): SheetItem {
  const { activity, placement } = session
  const cautions = sessionCautions(session, plan)
  const atRisk = new Set(
    cautions.filter((one) => one.severity !== 'watch' && one.setAside === null).flatMap((one) => one.childIds),
  )
  const standing = placement.where.kind === 'set-up'
  return {
    placementId: placement.id,
    title: activity.title,
    aim: activity.aim,
    from: session.from,
    to: session.to,
    standing,
    center: session.center?.name ?? '',
    lead: snapshot.adults.find((adult) => adult.id === placement.leadId)?.name ?? '',
    attention: ATTENTION_NAMES[activity.attention],
    status: placement.status,
    marks: session.parts
      .filter((part) => part.does !== 'out' || part.reason !== 'not-here')
      .map((part) => ({
        name: part.child.name,
        does: part.does,
        words: partWords(part),
        caution: atRisk.has(part.child.id),
      })),
    // Two materials can bring the same caution in the same words: it is said once.
    cautions: cautions
      .filter((one, i) => cautions.findIndex((other) => other.why === one.why) === i)
      .map((one) => ({ severity: one.severity, title: one.rule.title, why: one.why, setAside: one.setAside })),
    materials: sessionNeeds(session, plan.materials)
      .filter((need) => !isNotInHand(need.requirement.id))
      .flatMap((need) => inHand(need, lent.get(needKey(need)), snapshot)),
    steps: stepsOf(session),
    say: activity.say,
    tidy: activity.tidy,
    apart: placement.apart,
  }
}

/**
 * The sheet of one program day.
 *
 * @param number program day, from 1
 * @throws InputError naming `day` where the unit has no such day, or it is skipped
 */
export function daySheet(snapshot: UnitSnapshot, plan: ResolvedPlan, number: number): DaySheet {
  const day = plan.program.days.find((one) => one.number === number)
  demand(day, 'day', `This unit has no day ${number}`)
  demand(day.held, 'day', `Day ${number} is skipped: ${day.reason}`)
  const { unit, home } = snapshot
  const here = byAge(snapshot.children).flatMap((child): SheetChild[] => {
    const hours = childHours(child, day.date)
    if (!hours) return []
    return [
      {
        name: child.name,
        stage: stageOn(child, day.date, home.stageBounds),
        here: hours,
        naps: child.naps,
        allergies: child.allergens.map(allergenName),
        mouths: child.mouths,
      },
    ]
  })
  const lent = lentTo(snapshot, plan)
  const items = plan.sessions
    .filter((session) => session.days.some((one) => one.number === number))
    .map((session) => itemOf(onDay(session, day, snapshot), snapshot, plan, lent))
  const blocks = blocksOn(home, unit, number).map((block) => ({
    id: block.id,
    name: block.name,
    from: block.from,
    to: block.to,
    placementIds: plan.sessions
      .filter((session) => session.block?.id === block.id && session.days[0].number === number)
      .map((session) => session.placement.id),
  }))
  return {
    unit: unit.name,
    home: home.name,
    number,
    date: day.date,
    of: plan.program.days.length,
    focus: focusWords(unit.focus),
    event: unit.events
      .filter((event) => event.day === number)
      .map((event) => event.name)
      .join(', '),
    reminders: [
      ...remindersOn(unit, number),
      ...handedOn(snapshot, plan, day.date),
      ...careOn(snapshot, plan, day.date),
      ...bookReminders(snapshot.books, home, day.date),
    ],
    children: here,
    away: byAge(snapshot.children)
      .filter((child) => !childHours(child, day.date))
      .map((child) => child.name),
    blocks,
    items,
    circle: circleScript(snapshot, plan, number),
    closing: CAUTION_CLOSING,
  }
}

/** The circle of a day as it is led; null where none is planned. */
function circleScript(snapshot: UnitSnapshot, plan: ResolvedPlan, number: number): DaySheet['circle'] {
  const found = circleOn(snapshot, plan, number)
  return found && scriptOf(found.on, found.shown, snapshot)
}

/** What special days ask of a program day: invitations to hand out, and what families bring. */
function remindersOn(unit: UnitSnapshot['unit'], number: number): string[] {
  return unit.events.flatMap((event) => [
    ...(event.inviteOn === number ? [`Hand out the invitations to ${event.name}, day ${event.day}.`] : []),
    ...(event.day === number && event.bring.length
      ? [`Families bring: ${listWords(event.bring.map((one) => one.toLowerCase()))}.`]
      : []),
  ])
}

/** A set-up as it stands on one of its days: with the children of that day only. */
function onDay(session: Session, day: Session['days'][number], snapshot: UnitSnapshot): Session {
  if (session.placement.where.kind === 'moment') return session
  const here = new Set(snapshot.children.filter((child) => childHours(child, day.date)).map((child) => child.id))
  const parts = session.parts.map((part): Part =>
    here.has(part.child.id)
      ? part
      : { child: part.child, stage: part.stage, does: 'out', variant: null, reason: 'not-here' },
  )
  return { ...session, days: [day], parts }
}

/** How many children are in the home at a time of a date, asleep or not. */
export const countHere = (snapshot: UnitSnapshot, date: CalendarDate, from: TimeOfDay, to: TimeOfDay): number =>
  snapshot.children.filter((child) => presentAt(child, date, from, to) !== 'not-here').length

/** A sheet's title: "Tuesday 10 March, day 4 of 10". */
export const sheetTitle = (sheet: DaySheet): string => `${longDate(sheet.date)}, day ${sheet.number} of ${sheet.of}`

export const escapeMarkdown = (text: string) => text.replace(/([\\`*_[\]<>#|])/g, '\\$1')

/** A day sheet as Markdown, to paste anywhere. User text is escaped. */
export function daySheetMarkdown(sheet: DaySheet): string {
  const lines = [
    `# ${escapeMarkdown(sheetTitle(sheet))}`,
    '',
    `${escapeMarkdown(sheet.unit)}${sheet.focus ? ` (${escapeMarkdown(sheet.focus)})` : ''}` +
      (sheet.event ? `. Today: ${escapeMarkdown(sheet.event)}` : ''),
    '',
    '## Here today',
    '',
  ]
  for (const child of sheet.children) {
    const facts = [STAGE_NAMES[child.stage].toLowerCase(), spanWords(child.here)]
    if (child.naps.length) facts.push(`sleeps ${child.naps.map((nap) => spanWords(nap)).join(', ')}`)
    if (child.allergies.length) facts.push(`**allergy: ${escapeMarkdown(child.allergies.join(', '))}**`)
    if (child.mouths) facts.push('mouths things')
    lines.push(`- **${escapeMarkdown(child.name)}**: ${facts.join(', ')}`)
  }
  for (const reminder of sheet.reminders) lines.push(`- ${escapeMarkdown(reminder)}`)
  if (sheet.away.length) lines.push(`- Away: ${escapeMarkdown(sheet.away.join(', '))}`)
  const byId = new Map(sheet.items.map((item) => [item.placementId, item]))
  for (const block of sheet.blocks) {
    lines.push('', `## ${hourWords(block.from)} ${escapeMarkdown(block.name)}`)
    if (sheet.circle?.from === block.from) lines.push(...circleMarkdown(sheet.circle))
    for (const id of block.placementIds) lines.push(...itemMarkdown(byId.get(id)!))
  }
  const standing = sheet.items.filter((item) => item.standing)
  if (standing.length) lines.push('', '## Out at the centers')
  for (const item of standing) lines.push(...itemMarkdown(item))
  lines.push('', `*${sheet.closing}*`, '')
  return lines.join('\n')
}

/** What is in a circle, a line each, and whose turn it is. */
function circleMarkdown({ parts, turns }: NonNullable<DaySheet['circle']>): string[] {
  return [
    '',
    ...parts.map(
      ({ title, minutes, props }, i) =>
        `${i + 1}. ${escapeMarkdown(title)}, ${minutes} min${props.length ? ` (${escapeMarkdown(props.join(', '))})` : ''}`,
    ),
    ...(turns.length
      ? ['', turns.map(({ what, name }) => `${escapeMarkdown(name)}: ${escapeMarkdown(what)}.`).join(' ')]
      : []),
  ]
}

function itemMarkdown(item: SheetItem): string[] {
  const facts = [
    item.standing ? '' : spanWords(item),
    item.center,
    item.lead && `${item.lead} leads`,
    item.attention,
  ].filter(Boolean)
  return [
    '',
    `### ${escapeMarkdown(item.title)}`,
    '',
    escapeMarkdown(facts.join(' · ')),
    '',
    ...item.cautions.map(
      (one) =>
        `> **${one.severity === 'stop' ? 'Stop' : one.severity === 'change' ? 'Change' : 'Watch'}:** ` +
        `${escapeMarkdown(one.why)}${one.setAside ? ` Set aside: ${escapeMarkdown(one.setAside)}` : ''}`,
    ),
    ...(item.cautions.length ? [''] : []),
    ...(item.materials.length ? [`In hand: ${escapeMarkdown(item.materials.map(inHandWords).join(', '))}`, ''] : []),
    ...item.steps.map(
      (step) => `- [ ] ${step.who ? `**${escapeMarkdown(step.who)}**: ` : ''}${escapeMarkdown(step.text)}`,
    ),
    ...(item.tidy ? ['', `Clean up: ${escapeMarkdown(item.tidy)}`] : []),
  ]
}
