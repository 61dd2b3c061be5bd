import { byId, programDays } from '../../base'
import {
  newIdea,
  type Activity,
  type House,
  type Idea,
  type Material,
  type Placement,
  type RhythmBlock,
  type Unit,
  type Where,
} from '../../domain'
import { applyAll, type Paper } from '../patterns'
import { themeOf } from '../theme'
import { draftPlan, type Draft } from './draft'
import { candidatesFor } from './judge'
import { closeGaps, shortenList } from './mend'
import { SKELETONS, type Slot } from './skeleton'
import { startWords } from './startWords'

/** What a unit begins with: ideas in the basket and on the plan, what patterns made for it, and what was done in words. */
export interface Start {
  ideas: Idea[]
  placements: Placement[]
  activities: Activity[]
  materials: Material[]
  /** Five plain sentences. */
  words: string[]
}

export interface StartOptions {
  paper: Paper
  shipped: ReadonlyMap<string, Material>
  /** A new id, one each time. */
  newId: () => string
}

/** Puts the best idea for each day at a time of day; the piece for the folder on the day most are here. */
function fillDays(draft: Draft, slot: Exclude<Slot, { kind: 'set-up' }>, block: RhythmBlock): void {
  const { days } = draft
  const [fullest] = [...days].sort((a, b) => draft.hereOn(b.date) - draft.hereOn(a.date))
  const runs = slot.kind === 'pattern' ? 1 : slot.daysEach
  for (let i = 0; i < days.length; i += runs) {
    const on = days.slice(i, i + runs)
    const where = (day: number): Where => ({ kind: 'moment', day, blockId: block.id, from: null })
    const folder = slot.block !== 'circle' && on.includes(fullest)
    for (const candidate of draft.ranked(slot, where(on[0].number), folder))
      if (on.filter((day) => draft.lay(candidate, where(day.number), slot)).length) break
  }
}

/**
 * Fills the skeleton of a unit's style, theme first: for each slot the idea that suits best there, none twice, and only
 * where it can lie. Then it closes what a child would go without, and trades what would make the list too long. The same
 * unit, home and library give the same start.
 *
 * @param unit new, with its theme, start, length and style
 */
export function startOf(unit: Unit, house: House, today: string, options: StartOptions): Start {
  const made = applyAll(themeOf(unit), options).flatMap((result) =>
    result.made ? [{ ...result.made, activity: { ...result.made.activity, id: options.newId() } }] : [],
  )
  const inHouse = new Set(house.materials.map((material) => material.id))
  const brought = made.flatMap((one) => one.materials).filter((material) => !inHouse.has(material.id))
  const materials = byId([...house.materials, ...brought])
  const dates = programDays(house.home, unit).days.flatMap((day) => (day.held ? [day.date] : []))
  const candidates = candidatesFor(unit, house, made, materials, dates)
  const draft = draftPlan({ unit, house, today, materials, candidates, newId: options.newId })

  for (const slot of SKELETONS[unit.style].slots) {
    if (slot.kind === 'set-up') {
      const where: Where = { kind: 'set-up', fromDay: 1, toDay: unit.days }
      for (let count = 0; count < slot.count; count++)
        if (!draft.ranked(slot, where).some((one) => draft.lay(one, where, slot))) break
    } else {
      const block = house.home.rhythm.find((one) => one.kind === slot.block)
      if (block) fillDays(draft, slot, block)
    }
  }
  closeGaps(draft, candidates)
  shortenList(draft)

  const chosen = [...new Set(draft.laid.map((one) => one.candidate))]
  const patterns = chosen.flatMap((one) => one.made ?? [])
  const wanted = new Set(patterns.flatMap((one) => one.materials.map((material) => material.id)))
  return {
    placements: draft.laid.map((one) => one.placement),
    ideas: chosen.map((one) => newIdea(options.newId(), unit.id, one.activity.id)),
    activities: patterns.map((one) => one.activity),
    materials: [...byId(brought).values()].filter((material) => wanted.has(material.id)),
    words: startWords(draft, today),
  }
}
