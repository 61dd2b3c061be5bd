import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { UNIT_KINDS } from '@core/domain'
import type { Idea, Placement, SpokenFor, Tick, Unit, UnitSnapshot, ChangedRow } from '@core/domain'

import { canonical, byId } from '@core/base'
import { tickLabel } from '@core/papers'
import type { Readings } from '@core/readings'
import { api } from '../api/client'
import { useTimeOfDay } from '../composables/useTimeOfDay'
import { openLine } from '../api/liveLine'
import { useHouse } from './house'
import { useRepertoire } from './repertoire'
import { useRows } from './rows'
import { useSession } from './session'
import { useTicks } from './ticks'
import { useWriter, type Write } from './writer'

type LiveEvent =
  | { type: 'change'; changeId: string; unitId: string | null; rows: ChangedRow[] }
  | { type: 'tick'; unitId: string; tick: Tick }
  | { type: 'shares' }

/** Whether two snapshots are of the same plan: the same things, and placements that say the same in whatever order. */
function samePlan(a: UnitSnapshot, b: UnitSnapshot): boolean {
  const { placements: left, ...rest } = a
  if (
    left.length !== b.placements.length ||
    Object.entries(rest).some(([key, value]) => b[key as keyof UnitSnapshot] !== value)
  )
    return false
  const byId = new Map(left.map((one) => [one.id, one]))
  return b.placements.every((one) => {
    const other = byId.get(one.id)
    return other !== undefined && (other === one || canonical(other) === canonical(one))
  })
}

/** What was made, or what kept it from being made: something computed that throws takes along whatever reads it. */
interface Attempt<T> {
  made: T | null
  fault: string
}
function attempt<T>(make: () => T | null): Attempt<T> {
  try {
    return { made: make(), fault: '' }
  } catch (error) {
    return { made: null, fault: error instanceof Error ? error.message : String(error) }
  }
}

/** What of the first view is drawn, one after the other: its frame, the view, what stands beside and below it. */
const [FRAME, VIEW, BESIDE] = [1, 2, 3]

/** Kinds that belong to the open unit, beside itself. */
const OWN_KINDS = UNIT_KINDS.filter((kind) => kind !== 'unit')

/** The unit that is open: its rows, its readings, and the line on which other screens are heard. */
export const useUnit = defineStore('unit', () => {
  const rows = useRows()
  const house = useHouse()
  const session = useSession()
  const writer = useWriter()
  const tickStore = useTicks()
  const repertoire = useRepertoire()

  const now = useTimeOfDay()

  const id = ref<string | null>(null)
  const loading = ref(false)
  const failed = ref('')
  const ticks = computed(() => tickStore.all)
  /** What units that run before this one will still use up, as it was when this one was opened. */
  const spokenFor = shallowRef<SpokenFor[]>([])
  const sharesChanged = ref(0)
  let closeLine = () => {}

  const unit = computed<Unit | undefined>(() => (id.value === null ? undefined : rows.get('unit', id.value)))
  const ofUnit = <T extends { unitId: string | null }>(list: T[]): T[] => list.filter((one) => one.unitId === id.value)
  const placements = computed<Placement[]>(() => ofUnit(rows.list('placement')))
  const ideas = computed<Idea[]>(() => ofUnit(rows.list('idea')))
  const purchases = computed(() => ofUnit(rows.list('purchase')))
  const promises = computed(() => ofUnit(rows.list('promise')))
  const prepMarks = computed(() => ofUnit(rows.list('prepMark')))
  const printSets = computed(() => ofUnit(rows.list('printSet')))
  const circles = computed(() => ofUnit(rows.list('circle')))
  /** Half ideas that belong to no unit yet. */
  const loose = computed<Idea[]>(() => rows.list('idea').filter((one) => one.unitId === null))
  const heart = shallowRef<typeof import('./unitHeart')>()
  let fetching: Promise<void> | null = null
  const fetchHeart = (): Promise<void> =>
    (fetching ??= import('./unitHeart').then(
      (fetched) => void (heart.value = fetched),
      () => {
        fetching = null
        failed.value = 'No connection. Nothing was lost; open it again when there is one.'
      },
    ))
  /** What computes, or nothing until it is here: whoever asks first has it fetched. */
  function computing() {
    if (!heart.value) void fetchHeart()
    return heart.value
  }
  const theme = computed(() => (unit.value && computing()?.themeOf(unit.value)) ?? null)
  /** The library as this unit sees it: its own words and things in the slots, and the stretches that were taken. */
  const activities = computed(() =>
    unit.value && heart.value
      ? heart.value.activitiesFor(unit.value, ideas.value, house.activities, house.materialsById)
      : house.activities,
  )
  const activitiesById = computed(() => byId(activities.value))
  const titleOf = (activityId: string): string => activitiesById.value.get(activityId)?.title ?? 'this'
  /**
   * The first plan is worked out in some pieces of work and drawn in others, the frame first: whoever waits to be heard
   * comes in between.
   */
  const drawn = ref(0)
  let working = false
  async function workOutInPieces(): Promise<void> {
    for (const piece of [plan, lines, computedReadings]) {
      await new Promise((next) => setTimeout(next))
      void piece.value
    }
    for (drawn.value = FRAME; drawn.value < BESIDE; drawn.value++) await new Promise((next) => setTimeout(next))
  }
  function workOut(): boolean {
    if (!drawn.value && !working) {
      working = true
      void workOutInPieces()
    }
    return drawn.value >= FRAME
  }
  const ready = computed(() => Boolean(unit.value && house.loaded && !loading.value && computing() && workOut()))

  const snapshot = computed<UnitSnapshot | null>(() => {
    const { snapshotOf } = (unit.value && house.loaded && computing()) || {}
    return unit.value && snapshotOf
      ? snapshotOf(
          house.house,
          house.units,
          unit.value,
          {
            placements: placements.value,
            ideas: ideas.value,
            purchases: purchases.value,
            promises: promises.value,
            prepMarks: prepMarks.value,
            printSets: printSets.value,
            circles: circles.value,
          },
          session.today,
          {
            activities: activities.value,
            spokenFor: spokenFor.value,
            now: now.value,
            shipped: repertoire.forCircles(circles.value),
          },
        )
      : null
  })
  /** Readings that were computed for a plan that was only looked at: when it comes true, they are there already. */
  let tried: { snapshot: UnitSnapshot; readings: Readings } | null = null
  function tryReadings(placements: Placement[]): Readings | null {
    if (!snapshot.value || !heart.value) return null
    const trial = { ...snapshot.value, placements }
    tried = { snapshot: trial, readings: heart.value.readingsOf(trial) }
    return tried.readings
  }
  const plan = computed(() => attempt(() => snapshot.value && heart.value!.resolvePlan(snapshot.value)))
  const lines = computed(() =>
    attempt(() => plan.value.made && heart.value!.supplyList(snapshot.value!, plan.value.made)),
  )
  const computedReadings = computed<Attempt<Readings>>(() => {
    if (tried && snapshot.value && samePlan(tried.snapshot, snapshot.value)) return { made: tried.readings, fault: '' }
    const [ofPlan, ofLines] = [plan.value, lines.value]
    return ofPlan.made && ofLines.made
      ? attempt(() => heart.value!.readingsOf(snapshot.value!, ofPlan.made!, ofLines.made!))
      : { made: null, fault: ofPlan.fault || ofLines.fault }
  })
  const readings = computed(() => computedReadings.value.made)
  const fault = computed(() => computedReadings.value.fault)
  const days = computed(() => readings.value?.plan.program.days ?? [])
  const today = computed(() => days.value.find((day) => day.date === session.today && day.held))
  /** Whole ideas of the basket that have no place on the plan yet: one figure, wherever it is shown. */
  const unplaced = computed(() =>
    ideas.value.filter(
      (idea) => idea.activityId && !placements.value.some((one) => one.activityId === idea.activityId),
    ),
  )
  /** Ideas that somebody still has to finish. */
  const halves = computed(() => ideas.value.filter((idea) => !idea.activityId))

  async function open(unitId: string): Promise<void> {
    if (id.value === unitId && (unit.value || loading.value)) return
    id.value = unitId
    await load()
    if (id.value === unitId) listen(unitId)
  }
  async function load(): Promise<void> {
    const unitId = id.value
    if (unitId === null) return
    loading.value = true
    failed.value = ''
    try {
      const answer = await writer.readPast(() => api.unit(unitId))
      // Another one was opened meanwhile: what comes late would take its place.
      if (id.value !== unitId) return
      repertoire.take(answer.pieces)
      rows.replace(OWN_KINDS, answer.rows)
      rows.accept(
        answer.rows
          .filter((row) => row.kind === 'unit')
          .map((row) => ({ kind: 'unit', id: row.value.id, version: row.version, value: row.value })),
      )
      writer.showTicks(answer.ticks)
      spokenFor.value = answer.spokenFor
      writer.setSteps(unitId, answer.steps)
      writer.resume(UNIT_KINDS)
    } catch (error) {
      if (id.value === unitId) failed.value = error instanceof Error ? error.message : String(error)
    } finally {
      if (id.value === unitId) loading.value = false
    }
  }
  function listen(unitId: string): void {
    closeLine()
    closeLine = openLine(`/api/v1/events?unit=${encodeURIComponent(unitId)}`, {
      message: (data) => {
        const event = data as LiveEvent
        if (event.type === 'tick') writer.takeTicks([event.tick])
        else if (event.type === 'shares') sharesChanged.value++
        else writer.hear(event.changeId, event.rows)
      },
      back: () => void Promise.all([house.load(), load()]),
      refused: () => void session.ask().catch(() => undefined),
    })
  }
  const commit = (label: string, writes: Write[]) => writer.commit(id.value, label, writes)
  /** Ticks a step; `text` is what it says, for the log. */
  const tick = (placementId: string, step: string, done: boolean, text: string): Promise<void> =>
    writer.tick(id.value!, tickLabel(text, done), { placementId, step, done, by: session.user?.name ?? '' })

  return {
    id,
    unit,
    theme,
    placements,
    ideas,
    loose,
    purchases,
    promises,
    prepMarks,
    printSets,
    circles,
    activities,
    activitiesById,
    titleOf,
    ready,
    hasView: computed(() => drawn.value >= VIEW),
    hasBeside: computed(() => drawn.value >= BESIDE),
    loading,
    failed,
    fault,
    snapshot,
    readings,
    tryReadings,
    days,
    today,
    ticks,
    spokenFor,
    unplaced,
    halves,
    sharesChanged,
    open,
    load,
    fetchHeart,
    commit,
    tick,
  }
})
