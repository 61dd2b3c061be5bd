import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Batch, Storage } from '@core/domain'
import {
  asUsualHere,
  batchOf,
  feel,
  feltAtFirst,
  inTheHouse,
  made,
  pantryMoves,
  stepBack,
  stepOn,
  wentIn,
  withSwaps,
  type Mixing,
} from '@core/making'
import { api } from '../api/client'
import { newId } from '../api/newId'
import { useGoing } from '../composables/useGoing'
import { useHouse } from './house'
import { useMixing } from './mixing'
import { useRows } from './rows'
import { useSession } from './session'
import { useSupplies } from './supplies'
import { useUnit } from './unit'
import { useWriter, type Write } from './writer'

/** What is being mixed on this device, and what was mixed in this house. */
export const useKitchen = defineStore('kitchen', () => {
  const rows = useRows()
  const house = useHouse()
  const unit = useUnit()
  const session = useSession()
  const mixing = useMixing()
  const writer = useWriter()
  const supplies = useSupplies()
  const going = useGoing()
  const failed = ref('')

  const batches = computed(() => rows.list('batch'))
  const here = computed(() => inTheHouse(batches.value))
  const current = computed(() => going.value.find((one) => one.recipeId === mixing.recipeId))

  /** Reads what was made, once a page needs it. */
  let reading: Promise<void> | null = null
  const load = () => (reading ??= read().finally(() => (reading = null)))
  async function read(): Promise<void> {
    failed.value = ''
    try {
      const { rows: read } = await writer.readPast(api.batches)
      rows.replace(['batch'], read)
      // What was written down without a network is shown over what was read.
      writer.resume(['batch'])
    } catch (error) {
      failed.value = error instanceof Error ? error.message : String(error)
    }
  }

  const put = (next: Mixing) => {
    going.value = going.value.map((one) => (one.id === next.id ? next : one))
  }
  /** Begins the recipe that is open, in the amounts that are shown. */
  function start(): void {
    const [recipe, mixed] = [mixing.recipe, mixing.mixed?.value]
    if (!recipe || !mixed || current.value) return
    going.value = [
      ...going.value,
      {
        id: newId(),
        recipeId: recipe.id,
        name: recipe.name,
        unitId: unit.id,
        date: mixing.day?.date ?? session.today,
        swapIds: [...mixing.swapIds],
        factor: mixed.factor,
        children: mixing.served.length,
        step: 0,
        felt: feltAtFirst(mixed),
        timers: [],
      },
    ]
  }
  const next = () => {
    if (current.value && mixing.recipe) put(stepOn(current.value, mixing.recipe, Date.now()))
  }
  const back = () => {
    if (current.value) put(stepBack(current.value))
  }
  const add = (ingredientId: string, amount: number) => {
    if (current.value) put(feel(current.value, ingredientId, amount))
  }
  /** Lets go of a mixture that is not finished: nothing of it is written down. */
  const drop = (id: string) => {
    going.value = going.value.filter((one) => one.id !== id)
  }
  /** A wait that was seen to be over. */
  const stopTimer = (id: string, step: number) => {
    const one = going.value.find((other) => other.id === id)
    if (one) put({ ...one, timers: one.timers.filter((timer) => timer.step !== step) })
  }

  /** Writes down what was made: the batch, and what it did to the pantry, as one change that undo takes back. */
  async function finish(storage: Storage, note: string): Promise<Batch | null> {
    const [recipe, now] = [mixing.recipe, current.value]
    if (!recipe || !now) return null
    const ask = { by: 'factor' as const, factor: now.factor }
    const { measures } = mixing
    const [planned, written] = [asUsualHere(recipe, batches.value, now.swapIds), recipe].map((one) =>
      made(withSwaps(one, now.swapIds, mixing.densityOf), mixing.materials, ask, measures),
    )
    const went = wentIn(planned, written, now.felt)
    const batch = batchOf(recipe, written, went, mixing.materials, {
      id: now.id,
      madeOn: session.today,
      storage,
      children: now.children,
      swapIds: now.swapIds,
      unitId: now.unitId,
      note,
      by: session.user?.name ?? '',
    })
    const moves = pantryMoves(batch, recipe.makes, house.materialsById)
    const makes = recipe.makes && moves.some((one) => one.materialId === recipe.makes) ? recipe.makes : null
    const writes: Write[] = [
      { put: 'batch', value: batch },
      // What is made goes on its own day: the pantry counts it until then.
      ...(makes
        ? [{ put: 'material' as const, value: { ...house.materialsById.get(makes)!, expires: batch.throwOn } }]
        : []),
      ...moves.map((one) =>
        supplies.stockWrite(one.materialId, one.change > 0 ? 'made' : 'used', one.change, recipe.name),
      ),
    ]
    drop(now.id)
    await unit.commit(`Made ${recipe.name}`, writes)
    return batch
  }
  /** It was thrown away, or all of it is used. What the pantry counts of it goes as well. */
  function toss(batch: Batch): Promise<void> {
    const makes = mixing.recipes.find((one) => one.id === batch.recipeId)?.makes ?? null
    const material = makes === null ? undefined : house.materialsById.get(makes)
    const gone = material ? Math.min(material.onHand, batch.made.quantity) : 0
    return unit.commit(`${batch.name} is gone`, [
      { put: 'batch', value: { ...batch, goneOn: session.today } },
      ...(material && gone ? [supplies.stockWrite(material.id, 'thrown', -gone, batch.name)] : []),
    ])
  }
  /** What was learned by feel is set back: the recipe as written counts again. */
  function setBack(recipeId: string): Promise<void> {
    const teaching = batches.value.filter((one) => one.recipeId === recipeId && one.teaches)
    return unit.commit(
      'Back to the recipe as written',
      teaching.map((value) => ({ put: 'batch' as const, value: { ...value, teaches: false } })),
    )
  }

  return {
    going,
    current,
    batches,
    here,
    failed,
    load,
    start,
    next,
    back,
    add,
    drop,
    stopTimer,
    finish,
    toss,
    setBack,
  }
})
