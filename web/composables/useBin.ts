import { computed, ref, watch, type Ref } from 'vue'
import { BinSetUp, type Placement } from '@core/domain'
import { binFacts, fillerOf } from '@core/making'
import { fillersFor } from '@core/readings'
import { CONTAINERS } from '@core/library/containers'
import { useBoard } from '../stores/board'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

const DEPTH_MM = 50
const TAKEN = 0.1

/** A bin as it is being set up: what is right is saved as it is written, what is not waits with its error. */
export function useBin(placement: Ref<Placement>) {
  const house = useHouse()
  const unit = useUnit()
  const board = useBoard()
  const activity = computed(() => unit.activitiesById.get(placement.value.activityId))
  const center = computed(() => house.centers.find((one) => one.id === placement.value.centerId))
  /** Her own containers first, then the usual ones. */
  const containers = computed(() => {
    const own = new Set(house.thisHome.containers.map((one) => one.id))
    return [...house.thisHome.containers, ...CONTAINERS.filter((one) => !own.has(one.id))]
  })
  /** What a bin begins as: the filler that the idea speaks of, in the first container. */
  const fresh = (): BinSetUp => ({
    container: containers.value[0],
    fillerId:
      activity.value?.requirements.find((one) => fillerOf(one.materialId) && one.basis.by === 'set-up')?.materialId ??
      'crinkle-paper',
    depthMm: Math.min(DEPTH_MM, containers.value[0].heightMm),
    taken: TAKEN,
    tools: [],
    hidden: [],
    filledOn: null,
  })
  const bin = ref<BinSetUp>(structuredClone(plain(placement.value.bin ?? fresh())))
  watch(
    () => [placement.value.id, placement.value.bin] as const,
    () => (bin.value = structuredClone(plain(placement.value.bin ?? fresh()))),
  )
  const errors = computed<Record<string, string>>(() =>
    Object.fromEntries(
      (BinSetUp.safeParse(bin.value).error?.issues ?? []).map((issue) => [issue.path.join('.'), issue.message]),
    ),
  )
  const material = computed(() => house.materialsById.get(bin.value.fillerId))
  const facts = computed(() =>
    material.value && !Object.keys(errors.value).length
      ? binFacts(bin.value, material.value, center.value?.atOnce ?? 4)
      : null,
  )
  /** Fillers by how right they are for who can reach it; as the bin is saved or, before that, as it stands here. */
  const ranks = computed(() =>
    unit.snapshot && unit.readings ? fillersFor(unit.snapshot, unit.readings.plan, placement.value, bin.value) : [],
  )
  function save(over: Partial<BinSetUp> = {}): void {
    bin.value = { ...bin.value, ...over }
    const read = BinSetUp.safeParse(plain(bin.value))
    if (!read.success || JSON.stringify(read.data) === JSON.stringify(placement.value.bin)) return
    board.patch(placement.value, `${activity.value?.title ?? 'Bin'}: the bin`, { bin: read.data })
  }
  return { activity, center, containers, bin, errors, material, facts, ranks, save }
}

const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
