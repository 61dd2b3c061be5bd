import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { minutesWords } from '@core/base'
import { MOST_PACES, type PrepKind, type PrepMark, type PrepRules, type SlowProject } from '@core/domain'
import { resolvePlan } from '@core/plan'
import {
  alsoOf,
  newMark,
  leadsOf,
  preparationOf,
  slowNow,
  withPrepDay,
  type Cure,
  type Piece,
  type PrepOver,
  type PrepTask,
  type PrepWindowOn,
} from '@core/prep'
import { newId } from '../api/newId'
import { KEPT } from '../composables/kept'
import { timeIn } from '../composables/useTimeOfDay'
import { useBoard } from './board'
import { useHouse } from './house'
import { useSession } from './session'
import { useUnit } from './unit'
import type { Write } from './writer'

/** What is being prepared on this device, and for how long already. */
export interface Preparing {
  unitId: string
  key: string
  /** When it was begun or taken up again, in ms since 1970; null while it rests. */
  since: number | null
  /** Milliseconds before that. */
  spent: number
}

/** One window with what is done in it. */
export interface WindowPlan {
  index: number
  window: PrepWindowOn
  pieces: { piece: Piece; task: PrepTask }[]
  overs: PrepOver[]
}

/** What is prepared for the open unit: when, by whom, and what of it is done. */
export const usePrep = defineStore('prep', () => {
  const unit = useUnit()
  const house = useHouse()
  const session = useSession()
  const board = useBoard()
  const going = useLocalStorage<Preparing | null>(KEPT.preparing, null, {
    serializer: {
      read: (text) => JSON.parse(text) as Preparing | null,
      write: (value) => JSON.stringify(value),
    },
  })

  const preparation = computed(() => unit.readings?.preparation ?? null)
  const tasks = computed(() => preparation.value?.tasks ?? [])
  const open = computed(() => tasks.value.filter((task) => task.left > 0))
  const done = computed(() => tasks.value.filter((task) => task.left === 0))
  const byKey = computed(() => new Map(tasks.value.map((task) => [task.key, task])))
  const windows = computed<WindowPlan[]>(() => {
    const all = preparation.value
    if (!all) return []
    return all.windows.map((window, index) => ({
      index,
      window,
      pieces: all.schedule.pieces
        .filter((piece) => piece.window === index)
        .map((piece) => ({ piece, task: byKey.value.get(piece.job)! })),
      overs: all.overs.filter((over) => over.window === window),
    }))
  })
  /** What no window at all could take. */
  const nowhere = computed(() => preparation.value?.overs.filter((over) => !over.window) ?? [])
  const adultName = (id: string) => house.adults.find((one) => one.id === id)?.name ?? ''

  /** Setting up, taking down, buying and asking, day by day. */
  const also = computed(() =>
    unit.snapshot && unit.readings ? alsoOf(unit.readings.plan, unit.readings.lines, unit.snapshot.today) : [],
  )
  const leads = computed(() => (unit.snapshot && unit.readings ? leadsOf(unit.snapshot, unit.readings.plan) : []))
  const slow = computed(() => (unit.snapshot && unit.readings ? slowNow(unit.snapshot, unit.readings.plan) : []))
  /** Changes one slow project. */
  function change(project: SlowProject, words: string, over: Partial<SlowProject>): void {
    const own = unit.unit
    if (!own) return
    const slowProjects = own.slowProjects.map((one) => (one.id === project.id ? { ...one, ...over } : one))
    void unit.commit(`${project.name}: ${words}`, [{ put: 'unit', value: { ...own, slowProjects } }])
  }
  const markOf = (task: PrepTask): PrepMark => task.mark ?? newMark(newId(), task)
  const write = (words: string, task: PrepTask, over: Partial<PrepMark>, more: Write[] = []) =>
    unit.commit(words, [{ put: 'prepMark', value: { ...markOf(task), ...over } }, ...more])

  const textOf = (task: PrepTask) => task.step.text
  const worked = () => ({
    on: session.today,
    at: session.todayStands || !house.home ? null : timeIn(house.home.timeZone, new Date()),
    by: session.user?.name ?? '',
  })
  /** What a stretch of work by the clock says about this home, as it is kept. */
  function paced(kind: PrepKind, planned: number, took: number): Write[] {
    const { home } = house
    if (!home || planned <= 0 || took <= 0) return []
    const entry = { on: session.today, planned, took }
    const paces = { ...home.prep.paces, [kind]: [...(home.prep.paces[kind] ?? []), entry].slice(-MOST_PACES) }
    return [{ put: 'home', value: { ...home, prep: { ...home.prep, paces } } }]
  }
  /**
   * A task is ready.
   *
   * @param took minutes by the clock; null where nobody looked
   */
  function finish(task: PrepTask, took: number | null = null): Promise<void> {
    if (going.value?.key === task.key) going.value = null
    const learned = took === null ? [] : paced(task.kind, task.left / task.pace, took)
    return write(`${textOf(task)}: ready`, task, { doneMinutes: task.planned, done: true, ...worked() }, learned)
  }
  /** Some minutes of a task are done, and the rest waits. */
  const leave = (task: PrepTask, minutes: number) =>
    write(`${textOf(task)}: ${minutesWords(minutes)} done`, task, {
      doneMinutes: Math.min(task.planned, (task.mark?.doneMinutes ?? 0) + minutes / task.pace),
      ...worked(),
    })
  const notYet = (task: PrepTask) =>
    write(`${textOf(task)}: not ready yet`, task, { doneMinutes: 0, done: false, on: null, at: null, by: '' })
  const hand = (task: PrepTask, adultId: string | null) =>
    write(adultId === null ? `${textOf(task)}: whoever has time` : `${textOf(task)}: for ${adultName(adultId)}`, task, {
      adultId,
      pinned: null,
    })
  const pinTo = (window: PrepWindowOn): PrepMark['pinned'] => {
    const minutes = window.from % 1440
    return {
      date: window.date,
      from: `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`,
    }
  }
  const pin = (task: PrepTask, window: PrepWindowOn | null) =>
    write(window ? `${textOf(task)}: ${window.name}` : `${textOf(task)}: wherever it fits`, task, {
      pinned: window && pinTo(window),
    })
  /** What would not fit any more, were a task done in a window: nothing where all goes on as before. */
  function breaks(task: PrepTask, window: PrepWindowOn): PrepOver[] {
    const { snapshot, readings } = unit
    if (!snapshot || !readings) return []
    const mark = { ...(task.mark ?? newMark('tried', task)), pinned: pinTo(window) }
    const tried = {
      ...snapshot,
      prepMarks: [...snapshot.prepMarks.filter((one) => one.id !== mark.id), mark],
    }
    const before = new Map(readings.preparation.overs.map((one) => [one.task.key, one.minutes]))
    return preparationOf(tried, resolvePlan(tried), readings.lines).overs.filter(
      (one) => one.minutes > (before.get(one.task.key) ?? 0),
    )
  }

  const setRules = (words: string, over: Partial<PrepRules>) => {
    const { home } = house
    return home
      ? house.commit(words, [{ put: 'home', value: { ...home, prep: { ...home.prep, ...over } } }])
      : undefined
  }

  /** Does what a cure says, by one step that can be taken back. */
  function apply(cure: Cure): void {
    const { move, words } = cure
    switch (move.kind) {
      case 'hand':
        void hand(move.task, move.adultId)
        return
      case 'place':
        board.moveTo(move.placementId, move.where, words)
        return
      case 'fewer': {
        const one = unit.placements.find((placement) => placement.id === move.placementId)
        if (one) board.patch(one, words, { quantities: move.quantities })
        return
      }
      case 'time': {
        const adult = house.adults.find((one) => one.id === move.adultId)
        if (adult) void unit.commit(words, [{ put: 'adult', value: withPrepDay(adult, move.day) }])
        return
      }
      case 'drop':
        board.leaveOut([move.placementId], words)
    }
  }

  /** Minutes that hands were on what is being prepared, up to an instant. */
  const spentMs = (at: number) =>
    going.value ? going.value.spent + (going.value.since === null ? 0 : at - going.value.since) : 0
  function start(task: PrepTask): void {
    if (unit.id) going.value = { unitId: unit.id, key: task.key, since: Date.now(), spent: 0 }
  }
  function rest(): void {
    if (going.value?.since) going.value = { ...going.value, spent: spentMs(Date.now()), since: null }
  }
  function resume(): void {
    if (going.value && going.value.since === null) going.value = { ...going.value, since: Date.now() }
  }
  const stop = () => (going.value = null)

  return {
    preparation,
    tasks,
    open,
    done,
    byKey,
    windows,
    nowhere,
    also,
    leads,
    slow,
    change,
    adultName,
    finish,
    leave,
    notYet,
    hand,
    pin,
    breaks,
    setRules,
    apply,
    going,
    spentMs,
    start,
    rest,
    resume,
    stop,
  }
})
