import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { withHours, type AdultRemedy, pulseChange, pulseOf, type ReadingName } from '@core/readings'
import type { CautionRemedy } from '@core/cautions'
import {
  newIdea,
  type Activity,
  type CalendarDate,
  type Idea,
  type Placement,
  type TimeSpan,
  type Where,
} from '@core/domain'
import { canonical, shortDate } from '@core/base'
import type { MadeActivity } from '@core/ideas'
import { canPlace, copyOf, newPlacement, type Move, type Slot, type Verdict } from '@core/plan'
import { remedied, type ClashRemedy } from '@core/supplies'
import { newId } from '../api/newId'
import { useHouse } from './house'
import { useUnit } from './unit'
import type { Write } from './writer'

/** What is shown in the pocket. */
export type Selected =
  | { kind: 'placement'; id: string }
  | { kind: 'slot'; where: Where }
  | { kind: 'reading'; name: ReadingName }
  | { kind: 'center'; id: string }
  | { kind: 'clash'; materialId: string }
  | null

/** Characters that the address of an idea may have. */
const MOST_LINK = 500

/**
 * How long a card must be held over a cubby before its readings are computed, in milliseconds: less is not looking,
 * only passing by.
 */
const LOOK_AFTER = 60

/** What is being moved: a placement, an idea that has no place yet, or a copy of a placement. */
export interface Carried {
  placementId: string | null
  activityId: string
  copyOf?: string
}

/** The plan board: what is selected and carried, and every move on the plan. */
export const useBoard = defineStore('board', () => {
  const unit = useUnit()
  const house = useHouse()

  const selected = ref<Selected>(null)
  const carried = ref<Carried | null>(null)
  const refused = shallowRef<{ carried: Carried; reason: string; remedies: Slot[] } | null>(null)
  const said = ref('')
  /** Program day that is looked at, shared by the ribbon and the views. */
  const day = ref(1)

  const placement = computed(() => {
    const now = selected.value
    return now?.kind === 'placement' ? unit.placements.find((one) => one.id === now.id) : undefined
  })
  const titleOf = (activityId: string) => unit.activitiesById.get(activityId)?.title ?? 'this'

  /** Whether something could lie somewhere, before it is dropped; where else, only when that is asked for. */
  function verdict(what: Carried, where: Where, centerId: string | null = null, remedies = true): Verdict | null {
    const { snapshot, readings } = unit
    if (!snapshot || !readings) return null
    return canPlace(
      snapshot,
      readings.plan,
      { activityId: what.activityId, where, centerId, movingId: what.placementId ?? undefined },
      remedies,
    )
  }

  /** Lays something down, or says why not and where it would. */
  function drop(what: Carried, where: Where, centerId: string | null = null): boolean {
    const answer = verdict(what, where, centerId)
    if (!answer) return false
    if (!answer.ok) {
      refused.value = { carried: what, reason: answer.refusal.reason, remedies: answer.refusal.remedies }
      said.value = `${answer.refusal.reason} ${answer.refusal.remedies.map((one) => one.words).join('. ')}`
      return false
    }
    refused.value = null
    carried.value = null
    const title = titleOf(what.activityId)
    const next = placed(what, where, answer.centerId)
    if (next.id === nextId) nextId = newId()
    look(null, null)
    selected.value = { kind: 'placement', id: next.id }
    said.value = `${title} lies ${where.kind === 'moment' ? `on day ${where.day}` : `out day ${where.fromDay} to ${where.toDay}`}`
    void unit.commit(what.placementId ? `Move ${title}` : what.copyOf ? `Copy ${title}` : `Lay out ${title}`, [
      { put: 'placement', value: next },
    ])
    return true
  }
  /** Id of the next placement, so that one that is looked at and then dropped is the same. */
  let nextId: string = newId()
  /** A placement as it would be, were something let go somewhere. */
  function placed(what: Carried, where: Where, centerId: string | null): Placement {
    const old = what.placementId === null ? undefined : unit.placements.find((one) => one.id === what.placementId)
    const model = unit.placements.find((one) => one.id === what.copyOf)
    if (model) return copyOf(model, nextId, where, centerId)
    return old
      ? {
          ...old,
          where,
          centerId,
          pinnedDate: old.pinnedDate === null || where.kind === 'set-up' ? null : dateOf(where.day),
        }
      : newPlacement(nextId, unit.id!, what.activityId, where, centerId)
  }
  /**
   * What the readings would be, were something let go where it is held: shown before it is dropped, once it is held
   * there for a moment.
   */
  const looked = shallowRef<{ what: Carried; where: Where } | null>(null)
  let settling: ReturnType<typeof setTimeout> | undefined
  const look = (what: Carried | null, where: Where | null) => {
    clearTimeout(settling)
    if (!what || !where) looked.value = null
    else settling = setTimeout(() => (looked.value = { what, where }), LOOK_AFTER)
  }
  const preview = computed(() => {
    const { snapshot, readings } = unit
    if (!looked.value || !snapshot || !readings) return null
    const { what, where } = looked.value
    const answer = verdict(what, where, null, false)
    if (!answer?.ok) return null
    const next = placed(what, where, answer.centerId)
    const then = unit.tryReadings([...snapshot.placements.filter((one) => one.id !== next.id), next])
    return then && pulseChange(pulseOf(readings), pulseOf(then), snapshot.home.currency)
  })

  /** Does a whole move as one change: what goes is kept in the basket. */
  function make(move: Move, label: string): void {
    const kept = new Set(unit.ideas.map((idea) => idea.activityId))
    const lost = [...new Set(move.removes.map((one) => one.activityId))].filter((id) => !kept.has(id))
    const writes: Write[] = [
      ...(move.unit ? [{ put: 'unit' as const, value: move.unit }] : []),
      ...move.puts.map((value) => ({ put: 'placement' as const, value })),
      ...move.removes.map((one) => ({ remove: 'placement' as const, id: one.id })),
      ...lost.map((id) => ({ put: 'idea' as const, value: newIdea(newId(), unit.id, id) })),
    ]
    said.value = label
    void unit.commit(label, writes)
  }
  /** Copies a placement to another place, where it can lie there. */
  const copyTo = (one: Placement, where: Where): boolean =>
    drop({ placementId: null, activityId: one.activityId, copyOf: one.id }, where, one.centerId)
  const dateOf = (number: number) => unit.days.find((one) => one.number === number)?.date ?? null

  /** Changes something about a placement. */
  function patch(one: Placement, label: string, over: Partial<Placement>): void {
    void unit.commit(label, [{ put: 'placement', value: { ...one, ...over } }])
  }
  function pin(one: Placement): void {
    if (one.where.kind !== 'moment') return
    patch(one, one.pinnedDate ? `Unpin ${titleOf(one.activityId)}` : `Pin ${titleOf(one.activityId)}`, {
      pinnedDate: one.pinnedDate ? null : dateOf(one.where.day),
    })
    said.value = one.pinnedDate ? 'Not pinned any more' : 'Pinned to its date'
  }
  function remove(one: Placement): void {
    selected.value = null
    said.value = `${titleOf(one.activityId)} is off the plan; it stays in the basket`
    const inBasket = unit.ideas.some((idea) => idea.activityId === one.activityId)
    const idea = newIdea(newId(), unit.id, one.activityId)
    void unit.commit(`Take ${titleOf(one.activityId)} off`, [
      { remove: 'placement', id: one.id },
      ...(inBasket ? [] : [{ put: 'idea' as const, value: idea }]),
    ])
  }
  /** Does what a caution offers. */
  function remedy(one: Placement, what: CautionRemedy): void {
    const title = titleOf(one.activityId)
    if (what.kind === 'swap')
      patch(one, `${title}: ${what.words}`, { swaps: { ...one.swaps, [what.requirementId]: what.materialId } })
    else if (what.kind === 'center') patch(one, `${title}: ${what.words}`, { centerId: what.centerId })
    else if (what.kind === 'apart') patch(one, `${title}: apart`, { apart: true })
    else if (what.kind === 'keep-out')
      patch(one, `${title}: ${what.words}`, { apart: true, keptOut: [...new Set([...one.keptOut, ...what.childIds])] })
    else if (what.kind === 'move' && one.where.kind === 'moment')
      patch(one, `${title}: ${what.words}`, { where: { ...one.where, blockId: what.blockId, from: what.from } })
  }
  /** Does what a clash of materials offers; buying puts it on the list. */
  function mendClash(what: ClashRemedy): void {
    if (what.kind === 'buy') {
      const material = house.materialsById.get(what.materialId)
      if (material && material.way !== 'buy')
        void unit.commit(`Buy ${material.name}`, [{ put: 'material', value: { ...material, way: 'buy' } }])
      return
    }
    const one = unit.placements.find((placement) => placement.id === what.placementId)
    const next = one && remedied(one, what)
    if (next) void unit.commit(what.words, [{ put: 'placement', value: next }])
  }
  /** Moves a placement to where a remedy says, by its id. */
  function moveTo(placementId: string, where: Where, words: string): void {
    const one = unit.placements.find((placement) => placement.id === placementId)
    if (one) patch(one, words, { where, pinnedDate: null })
  }
  /** Other hours of an adult on one date: the provider's word for that day. */
  function setHours(adultId: string, date: CalendarDate, here: TimeSpan | null): void {
    const adult = house.adults.find((one) => one.id === adultId)
    if (adult)
      void unit.commit(`${adult.name} on ${shortDate(date)}`, [{ put: 'adult', value: withHours(adult, date, here) }])
  }
  /** A child away on one date, or here at other hours; undefined as usual. */
  function setChild(childId: string, date: CalendarDate, here: TimeSpan | null | undefined): void {
    const child = house.children.find((one) => one.id === childId)
    if (!child) return
    const rest = child.exceptions.filter((one) => one.date !== date)
    void unit.commit(`${child.name} on ${shortDate(date)}`, [
      { put: 'child', value: { ...child, exceptions: here === undefined ? rest : [...rest, { date, here }] } },
    ])
  }
  function mendAdults(what: AdultRemedy): void {
    if (what.kind === 'come') setHours(what.adultId, what.date, what.here)
    else {
      const one = unit.placements.find((placement) => placement.id === what.placementId)
      if (one) patch(one, what.words, { leadId: what.leadId })
    }
  }
  /** Takes everything off the plan that a saving would lose. */
  function leaveOut(placementIds: readonly string[], words: string): void {
    make({ puts: [], removes: unit.placements.filter((one) => placementIds.includes(one.id)), unit: null }, words)
  }
  function gather(activityId: string): void {
    void unit.commit(`Gather ${titleOf(activityId)}`, [{ put: 'idea', value: newIdea(newId(), unit.id, activityId) }])
  }

  /**
   * Gathers what a pattern made. Made before in the same words, it is taken from the library; else it goes in, with
   * what the home lacks of its materials.
   */
  function gatherMade({ activity, materials }: MadeActivity): void {
    const written = (one: Activity) => canonical({ ...one, id: '' })
    const known = house.activities.find((one) => one.pattern === activity.pattern && written(one) === written(activity))
    const id = known?.id ?? newId()
    void unit.commit(`Gather ${activity.title}`, [
      ...(known
        ? []
        : [
            ...materials
              .filter((one) => !house.materialsById.has(one.id))
              .map((value) => ({ put: 'material' as const, value })),
            { put: 'activity' as const, value: { ...activity, id } },
          ]),
      { put: 'idea', value: newIdea(newId(), unit.id, id) },
    ])
  }
  /**
   * Keeps half an idea, in the open unit's basket; what looks like an address in it is its link. False where nothing
   * was written.
   */
  function keepHalf(text: string): boolean {
    const words = text.trim()
    if (!words) return false
    const link = (/https?:\/\/\S+/i.exec(words)?.[0] ?? '').slice(0, MOST_LINK)
    void unit.commit('Keep an idea', [{ put: 'idea', value: { ...newIdea(newId(), unit.id, null, words), link } }])
    return true
  }
  const ideaOf = (activityId: string): Idea | undefined => unit.ideas.find((idea) => idea.activityId === activityId)
  /** Puts an idea out of the basket. Its place on the plan, where it has one, stays. */
  function leave(idea: Idea): void {
    void unit.commit(`Leave ${idea.activityId ? titleOf(idea.activityId) : 'an idea'}`, [
      { remove: 'idea', id: idea.id },
    ])
  }
  /** Takes a stretch of the unit's focus into an idea, or leaves it; null asks again. */
  function stretch(idea: Idea, id: string, answer: Idea['stretches'][string] | null): void {
    const { [id]: _, ...rest } = idea.stretches
    void unit.commit(
      `${titleOf(idea.activityId!)}: ${answer === 'taken' ? 'take' : answer === 'left' ? 'leave' : 'ask again about'} the ${id}`,
      [{ put: 'idea', value: { ...idea, stretches: answer ? { ...rest, [id]: answer } : rest } }],
    )
  }

  return {
    look,
    preview,
    make,
    copyTo,
    mendClash,
    moveTo,
    setHours,
    setChild,
    mendAdults,
    leaveOut,
    selected,
    carried,
    refused,
    said,
    day,
    placement,
    verdict,
    drop,
    patch,
    pin,
    remove,
    remedy,
    gather,
    gatherMade,
    keepHalf,
    ideaOf,
    leave,
    stretch,
    titleOf,
  }
})
