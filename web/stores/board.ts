import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { pulseChange, pulseOf, type ReadingName } from '@core/readings'
import { heldToTube, TUBE_MM, type Caution, type CautionRemedy } from '@core/cautions'
import { newIdea, newPlacement, type Placement, type Where } from '@core/domain'
import { themeOf, thingMaterial } from '@core/ideas'
import { canPlace, copyOf, isCircle, type Move, type Slot, type Verdict } from '@core/plan'
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
  const { titleOf } = unit

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
  /** Lays an idea of the basket where a reading says. */
  const place = (activityId: string, slot: Slot): boolean =>
    drop({ placementId: null, activityId }, slot.where, slot.centerId)
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
  /** Keeps what somebody saw at a paper tube: of the material, and of the theme's object where it is one. */
  function measure(materialId: string, goesThrough: boolean): void {
    const material = house.materialsById.get(materialId)
    if (!material) return
    const writes: Write[] = [{ put: 'material', value: heldToTube(material, goesThrough) }]
    const ofTheme = unit.theme?.things.find((thing) => thingMaterial(thing).id === materialId)
    if (unit.unit && ofTheme)
      writes.unshift({
        put: 'unit',
        value: {
          ...unit.unit,
          objects: unit.unit.objects.map((object) =>
            themeOf({ ...unit.unit!, objects: [object] }).things[0]?.one === ofTheme.one
              ? { ...object, pieceMm: [...(goesThrough ? TUBE_MM.through : TUBE_MM.not)], asked: true }
              : object,
          ),
        },
      })
    void unit.commit(`Measure ${material.name}`, writes)
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
    else if (what.kind === 'measure') measure(what.materialId, what.goesThrough)
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
  /** Another adult leads a placement. */
  function lead(placementId: string, leadId: string, words: string): void {
    const one = unit.placements.find((placement) => placement.id === placementId)
    if (one) patch(one, words, { leadId })
  }
  /** Sets a caution of a placement aside with a reason, or takes it up again where there is none. */
  function setAside({ session, rule }: Caution, reason: string | null): void {
    const one = session.placement
    const others = one.setAside.filter((aside) => aside.ruleId !== rule.id)
    const setAside = reason === null ? others : [...others, { ruleId: rule.id, reason }]
    const words = `${reason === null ? 'Take up again' : 'Set aside'}: ${rule.title}`
    const circle = isCircle(session) && unit.circles.find((other) => other.id === one.id)
    if (circle) void unit.commit(words, [{ put: 'circle', value: { ...circle, setAside } }])
    else patch(one, words, { setAside })
  }
  /** Takes everything off the plan that a saving would lose. */
  function leaveOut(placementIds: readonly string[], words: string): void {
    make({ puts: [], removes: unit.placements.filter((one) => placementIds.includes(one.id)), unit: null }, words)
  }

  return {
    look,
    preview,
    make,
    copyTo,
    mendClash,
    moveTo,
    lead,
    setAside,
    leaveOut,
    selected,
    carried,
    refused,
    said,
    day,
    placement,
    verdict,
    drop,
    place,
    patch,
    pin,
    remove,
    remedy,
    titleOf,
  }
})
