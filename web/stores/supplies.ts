import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { isOver, quantityWords, WAY_NAMES } from '@core/base'
import {
  valuesOf,
  type BoughtPack,
  type FamilyPromise,
  type Material,
  type Placement,
  type Purchase,
  type Row,
  type SpokenFor,
  type Unit,
  type UnitSnapshot,
  type Way,
} from '@core/domain'
import { resolvePlan, type Session } from '@core/plan'
import {
  asksOf,
  familiesOf,
  inTurn,
  purchaseId,
  spreadAsks,
  stockOp,
  sumOf,
  supplyListOf,
  takeOut,
  tickInShop,
  tookChange,
  tripsOf,
  type ListSource,
  type SupplyLine,
  type Took,
} from '@core/supplies'
import { snapshotOf } from '@core/ideas'
import { api } from '../api/client'
import { newId } from '../api/newId'
import { BIN_FILLER } from '@core/making'
import { useHouse } from './house'
import { useRepertoire } from './repertoire'
import { useRows } from './rows'
import { useSession } from './session'
import { useUnit } from './unit'
import { useWriter, type Write } from './writer'

/**
 * What is to get for the open unit, and for others along with it; and everything that comes into the pantry or goes out
 * of it.
 */
export const useSupplies = defineStore('supplies', () => {
  const unit = useUnit()
  const house = useHouse()
  const repertoire = useRepertoire()
  const rows = useRows()
  const session = useSession()
  const writer = useWriter()

  /** Rows of other units on the same list, by their id. */
  const others = shallowRef<Map<string, { rows: Row[]; spokenFor: SpokenFor[] }>>(new Map())
  const failed = ref('')
  const also = computed(() => [...others.value.keys()].filter((id) => id !== unit.id))
  /** Units that the list could take along: those that are not over. */
  const choices = computed(() =>
    house.units.filter((one) => one.id !== unit.id && !isOver(house.thisHome, one, session.today)),
  )

  /** What another unit on the list is computed from. */
  function snapshotOfOther(own: Unit, list: readonly Row[], spokenFor: SpokenFor[]): UnitSnapshot {
    const its = <T extends { unitId: string | null }>(all: T[]) => all.filter((one) => one.unitId === own.id)
    const parts = {
      placements: valuesOf(list, 'placement'),
      ideas: its(valuesOf(list, 'idea')),
      purchases: its(valuesOf(list, 'purchase')),
      promises: valuesOf(list, 'promise'),
      prepMarks: valuesOf(list, 'prepMark'),
      printSets: valuesOf(list, 'printSet'),
      circles: valuesOf(list, 'circle'),
    }
    const shipped = repertoire.forCircles(parts.circles)
    return snapshotOf(house.house, house.units, own, parts, session.today, { spokenFor, shipped })
  }
  const sources = computed<ListSource[]>(() => {
    if (!unit.snapshot || !unit.readings) return []
    const more = also.value.flatMap((id): ListSource[] => {
      const own = rows.get('unit', id)
      if (!own) return []
      const { rows: list, spokenFor } = others.value.get(id)!
      const snapshot = snapshotOfOther(own, list, spokenFor)
      return [{ snapshot, plan: resolvePlan(snapshot) }]
    })
    return [{ snapshot: unit.snapshot, plan: unit.readings.plan }, ...more]
  })
  const lines = computed<SupplyLine[]>(() =>
    sources.value.length > 1 ? supplyListOf(sources.value) : (unit.readings?.lines ?? []),
  )
  /** What families are asked for, for this unit, and how what is still open is spread over them. */
  const asks = computed(() => asksOf(unit.readings?.lines ?? [], unit.promises))
  const stillOpen = computed(() => asks.value.filter((ask) => ask.open > 0))
  const unitsBefore = computed(() => house.units.filter((one) => one.start < (unit.unit?.start ?? '')).length)
  const spread = computed(() => {
    const { notes, left } = spreadAsks(stillOpen.value, inTurn(familiesOf(house.children), unitsBefore.value))
    return {
      families: notes.length,
      notes: notes.map((note, i) => ({ ...note, number: i + 1 })).filter((note) => note.asks.length > 0),
      left,
    }
  })
  const trips = computed(() => tripsOf(lines.value))
  /** What was bought for the units of the list, and for the house. */
  const bought = computed(() =>
    rows
      .list('purchase')
      .filter((one) => one.unitId === null || one.unitId === unit.id || also.value.includes(one.unitId)),
  )

  /** Takes another unit along on the list, or leaves it. */
  async function takeAlong(id: string, along: boolean): Promise<void> {
    failed.value = ''
    const next = new Map(others.value)
    if (!along) next.delete(id)
    else {
      try {
        const answer = await api.unit(id)
        repertoire.take(answer.pieces)
        next.set(id, answer)
      } catch (error) {
        failed.value = error instanceof Error ? error.message : String(error)
        return
      }
    }
    others.value = next
  }

  const facts = (reason: Parameters<typeof stockOp>[1]['reason'], change: number, note = '') => ({
    entryId: newId(),
    reason,
    change,
    date: session.today,
    note,
    by: session.user?.name ?? '',
    unitId: unit.id,
  })
  const words = (material: Material, quantity: number) =>
    `${quantityWords(quantity, material.unit, house.home?.measures ?? 'metric')} ${material.name}`

  const boughtOn = (materialId: string, date: string) =>
    rows.list('purchase').filter((one) => one.materialId === materialId && one.date === date).length
  /** A tick in the shop: packs as they were found, at the price as paid. */
  function tick(line: SupplyLine, shop: string, packs: BoughtPack[]): Promise<void> {
    const { material } = line
    const number = boughtOn(material.id, session.today)
    const { purchases, stock } = tickInShop(line, {
      packs,
      shop,
      date: session.today,
      by: session.user?.name ?? '',
      number,
      entryId: newId(),
    })
    return unit.commit(`Got ${words(material, stock.change)}`, [
      ...purchases.map((value) => ({ put: 'purchase' as const, value })),
      { stock },
    ])
  }
  /** The same once more: two people did not tick one line, they bought two. */
  function boughtToo(i: number): Promise<void> {
    const again = writer.twice[i]
    writer.forget(i)
    if (!again) return Promise.resolve()
    const number = boughtOn(again.materialId, again.date)
    const writes = again.change.ops.flatMap((op): Write[] => {
      if (op.op === 'stock') return [{ stock: { ...op, entryId: newId() } }]
      if (op.op !== 'put' || op.kind !== 'purchase') return []
      return [
        {
          put: 'purchase',
          value: { ...op.value, id: purchaseId(op.value.date, number, op.value.unitId, op.value.materialId) },
        },
      ]
    })
    return writer.commit(again.change.unitId, again.change.label, writes)
  }
  /** Something that came into the house and cost nothing: gathered, lent, made. */
  function got(line: SupplyLine, quantity: number): Promise<void> {
    return unit.commit(`Got ${words(line.material, quantity)}`, [
      {
        stock: stockOp(
          line.material.id,
          facts(line.material.way === 'ask' ? 'brought' : 'counted', quantity, WAY_NAMES[line.material.way]),
        ),
      },
    ])
  }
  /** Takes a tick back: what was bought goes out of the cupboard again. */
  function putBack(purchases: readonly Purchase[]): Promise<void> {
    const [first] = purchases
    if (!first) return Promise.resolve()
    const { quantity } = sumOf(purchases)
    return unit.commit('Put it back', [
      ...purchases.map((one) => ({ remove: 'purchase' as const, id: one.id })),
      { stock: stockOp(first.materialId, facts('bought', -quantity, 'Put back')) },
    ])
  }
  /** What is on hand, as it was counted. */
  function count(material: Material, onHand: number): Promise<void> {
    if (onHand === material.onHand && material.counted) return Promise.resolve()
    return house.commit(`Count ${material.name}`, [
      { stock: { ...stockOp(material.id, facts('counted', onHand - material.onHand)), unitId: null } },
    ])
  }
  /** All of it goes; what is bought next has a date of its own. */
  function throwAway(material: Material): Promise<void> {
    return house.commit(`Throw away ${words(material, material.onHand)}`, [
      { put: 'material', value: { ...material, expires: null } },
      { stock: { ...stockOp(material.id, facts('thrown', -material.onHand)), unitId: null } },
    ])
  }
  /** A change of what is on hand, as part of a larger one. */
  const stockWrite = (
    materialId: string,
    reason: Parameters<typeof stockOp>[1]['reason'],
    change: number,
    note: string,
  ): Write => ({ stock: stockOp(materialId, facts(reason, change, note)) })
  /** The filler of a bin was thrown away: what the pantry counts of it goes as well. */
  function tossFiller(placement: Placement, title: string): Promise<void> {
    const session = unit.readings?.plan.sessions.find((one) => one.placement.id === placement.id)
    const need = session?.activity.requirements.find((one) => one.id === BIN_FILLER)
    const material = need && house.materialsById.get(need.materialId)
    const gone = material && material.way !== 'have' ? Math.min(need.quantity, material.onHand) : 0
    return unit.commit(`${title}: the filler was thrown away`, [
      { put: 'placement', value: { ...placement, bin: placement.bin && { ...placement.bin, filledOn: null } } },
      ...(material && gone ? [stockWrite(material.id, 'thrown', -gone, title)] : []),
    ])
  }
  /** How a material is got, from now on. */
  const setWay = (material: Material, way: Way): Promise<void> =>
    unit.commit(`${material.name}: ${WAY_NAMES[way].toLowerCase()}`, [{ put: 'material', value: { ...material, way } }])

  /** What a placement takes out of the pantry when it is done. */
  const takenBy = (one: Session): Took => takeOut(one, house.materialsById)
  /** Marks a placement done, skipped or planned: done takes its consumables out, anything else brings them back. */
  function setStatus(placement: Placement, status: Placement['status'], title: string): Promise<void> {
    const session = unit.readings?.plan.sessions.find((one) => one.placement.id === placement.id)
    const took = status === 'done' && session ? takenBy(session) : {}
    return unit.commit(`${title}: ${status}`, [
      { put: 'placement', value: { ...placement, status, took } },
      ...moved(placement.took, took, title),
    ])
  }
  /** What really went, where more or less came back. */
  const setTook = (placement: Placement, took: Took, title: string): Promise<void> =>
    unit.commit(`${title}: what it took`, [
      { put: 'placement', value: { ...placement, took } },
      ...moved(placement.took, took, title),
    ])
  /** What changes in the pantry when what was taken goes from one count to another. */
  const moved = (before: Took, after: Took, title: string): Write[] =>
    tookChange(before, after)
      .filter((one) => house.materialsById.has(one.materialId))
      .map(({ materialId, change }) => ({
        stock: stockOp(materialId, facts(change < 0 ? 'used' : 'came-back', change, title)),
      }))

  /** Writes down that families were asked, today. */
  function markAsked(materialIds: readonly string[]): Promise<void> {
    if (!unit.unit) return Promise.resolve()
    const asked = { ...unit.unit.asked, ...Object.fromEntries(materialIds.map((id) => [id, session.today])) }
    return unit.commit('Families were asked', [{ put: 'unit', value: { ...unit.unit, asked } }])
  }
  /** A promise that came, in whole or in part, or that will not. */
  function settlePromise(promise: FamilyPromise, came: number): Promise<void> {
    const value: FamilyPromise = came > 0 ? { ...promise, state: 'came', quantity: came } : { ...promise, state: 'off' }
    return unit.commit(came > 0 ? `${promise.family} brought it` : `${promise.family} does not bring it`, [
      { put: 'promise', value },
      ...(came > 0 ? [{ stock: stockOp(promise.materialId, facts('brought', came, promise.family)) }] : []),
    ])
  }
  function promise(value: FamilyPromise): Promise<void> {
    return unit.commit(`${value.family} brings it`, [{ put: 'promise', value }])
  }
  /** Another material for some placements, because the one that was planned is not to be had. */
  function useInstead(
    swap: readonly { placementId: string; requirementId: string }[],
    material: Material,
  ): Promise<void> {
    const writes = swap.flatMap(({ placementId, requirementId }): Write[] => {
      const placement = unit.placements.find((one) => one.id === placementId)
      return placement
        ? [{ put: 'placement', value: { ...placement, swaps: { ...placement.swaps, [requirementId]: material.id } } }]
        : []
    })
    return unit.commit(`Use ${material.name}`, writes)
  }

  return {
    others,
    failed,
    also,
    choices,
    sources,
    lines,
    asks,
    stillOpen,
    spread,
    trips,
    bought,
    takeAlong,
    tick,
    boughtToo,
    got,
    putBack,
    count,
    throwAway,
    stockWrite,
    tossFiller,
    setWay,
    setStatus,
    setTook,
    takenBy,
    moved,
    markAsked,
    settlePromise,
    promise,
    useInstead,
  }
})
