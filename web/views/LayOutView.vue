<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { countAhead, type ReadingName } from '@core/readings'
import { LIST_SENTENCE, listSentence } from '@core/ideas'
import { isToGet, materialClashes } from '@core/supplies'
import { useFirstPlan } from '../composables/useFirstPlan'
import { useLookAhead } from '../composables/useLookAhead'
import PulseBar from '../parts/frame/PulseBar.vue'
import FirstPlanNote from '../parts/lines/FirstPlanNote.vue'
import RefusalNote from '../parts/lines/RefusalNote.vue'
import SegmentedTabs from '../parts/frame/SegmentedTabs.vue'
import UnitFrame from '../parts/shell/UnitFrame.vue'
import UnitLength from '../parts/unit/UnitLength.vue'
import UnplacedIdeas from '../parts/unit/UnplacedIdeas.vue'
import { useBoard } from '../stores/board'
import { useUnit } from '../stores/unit'
import DaysBoard from './layOut/DaysBoard.vue'

/** Lay out: the days, the room, and the pages of three readings, with one pocket beside and the pulse below. */
const RoomPlan = defineAsyncComponent(() => import('./layOut/RoomPlan.vue'))
const CircleTab = defineAsyncComponent(() => import('./layOut/CircleTab.vue'))
const CirclePocket = defineAsyncComponent(() => import('../parts/pockets/CirclePocket.vue'))
const BinDesigner = defineAsyncComponent(() => import('./layOut/BinDesigner.vue'))
const BinPocket = defineAsyncComponent(() => import('../parts/pockets/BinPocket.vue'))
const RoundedMap = defineAsyncComponent(() => import('./layOut/RoundedMap.vue'))
const AdultsCover = defineAsyncComponent(() => import('./layOut/AdultsCover.vue'))
const AheadList = defineAsyncComponent(() => import('./layOut/AheadList.vue'))
const CenterPocket = defineAsyncComponent(() => import('../parts/pockets/CenterPocket.vue'))
const LicensePocket = defineAsyncComponent(() => import('../parts/pockets/LicensePocket.vue'))
const ClashPocket = defineAsyncComponent(() => import('../parts/pockets/ClashPocket.vue'))
const PlacementPocket = defineAsyncComponent(() => import('../parts/pockets/PlacementPocket.vue'))
const ReadingPocket = defineAsyncComponent(() => import('../parts/pockets/ReadingPocket.vue'))
const RoomPocket = defineAsyncComponent(() => import('../parts/pockets/RoomPocket.vue'))
const SlotPocket = defineAsyncComponent(() => import('../parts/pockets/SlotPocket.vue'))

const store = useUnit()
const board = useBoard()
const route = useRoute()
const router = useRouter()
const pocketOpen = ref(false)
const firstPlan = useFirstPlan(computed(() => store.id))
/** What it did, as it did it; what there is to get is counted as the plan is now, as everywhere else. */
const firstWords = computed(() => {
  const [{ unit, readings, snapshot }, words] = [store, firstPlan.words.value]
  if (!unit || !readings || !snapshot) return words
  const toGet = readings.lines.filter(isToGet).length
  return words.map((sentence, i) =>
    i === LIST_SENTENCE ? listSentence(toGet, snapshot.home, unit.start, snapshot.today) : sentence,
  )
})

const VIEWS = ['days', 'circle', 'room', 'rounded', 'adults', 'ahead'] as const
type View = (typeof VIEWS)[number]
const view = computed<View>({
  get: () => VIEWS.find((one) => one === route.query.view) ?? 'days',
  set: (value) => {
    pocketOpen.value = false
    void router.replace({ query: value === 'days' ? {} : { view: value } })
  },
})
const clashes = computed(() => (store.readings ? materialClashes(store.readings.plan) : []))
const ahead = useLookAhead()
const tabs = computed(() => [
  { value: 'days' as const, title: 'Days' },
  { value: 'circle' as const, title: 'Circle' },
  { value: 'room' as const, title: 'Room', figure: clashes.value.length ? String(clashes.value.length) : '' },
  { value: 'rounded' as const, title: 'Well-rounded' },
  { value: 'adults' as const, title: 'Adults' },
  { value: 'ahead' as const, title: 'Look ahead', figure: ahead.value ? String(countAhead(ahead.value) || '') : '' },
])
watch(view, (now) => {
  if (now === 'days' && board.selected?.kind === 'center') board.selected = null
})
/** The part of the circle that the pocket shows. */
const inCircle = ref<string | null>(null)
const open = () => (pocketOpen.value = true)
function openReading(name: ReadingName) {
  board.selected = { kind: 'reading', name }
  open()
}
const clash = computed(() => {
  const now = board.selected
  return now?.kind === 'clash' ? clashes.value.find((one) => one.material.id === now.materialId) : undefined
})
/**
 * The placement in the pocket. It follows the one that is chosen once the board is drawn: after a drop the readings
 * come first.
 */
const pocketId = ref<string | null>(board.placement?.id ?? null)
watch(
  () => board.placement?.id ?? null,
  (id) => setTimeout(() => (pocketId.value = id)),
)
const inPocket = computed(() =>
  board.selected?.kind === 'placement' ? store.placements.find((one) => one.id === pocketId.value) : undefined,
)
/** The bin that is set up, in the room. */
const bin = computed(() =>
  view.value === 'room' ? store.placements.find((one) => one.id === route.query.bin) : undefined,
)
const pocketTitle = computed(() =>
  bin.value ? 'Rules and kids' : board.placement ? board.titleOf(board.placement.activityId) : 'Pocket',
)
</script>

<template>
  <UnitFrame v-model:pocket-open="pocketOpen" title="Lay out" :pocket-title="pocketTitle">
    <FirstPlanNote v-if="firstWords.length" :words="firstWords" @close="firstPlan.close" />
    <SegmentedTabs v-model="view" class="views" label="Ways to look at the unit" :tabs="tabs" />
    <DaysBoard v-if="view === 'days'" @open="open" />
    <CircleTab v-else-if="view === 'circle'" v-model="inCircle" @open="open" />
    <BinDesigner v-else-if="bin" :key="bin.id" :placement="bin" @close="router.push({ query: { view: 'room' } })" />
    <RoomPlan v-else-if="view === 'room'" :clashes="clashes" @open="open" />
    <RoundedMap v-else-if="view === 'rounded'" @open="open" />
    <AdultsCover v-else-if="view === 'adults'" @open="open" />
    <AheadList v-else-if="ahead" :found="ahead" @open="open" />
    <p v-else class="mute" role="status">Looking over the days ahead</p>

    <template #pocket>
      <CirclePocket v-if="view === 'circle'" v-model="inCircle" />
      <template v-else>
        <RefusalNote
          v-if="board.refused"
          :title="board.titleOf(board.refused.carried.activityId)"
          :reason="board.refused.reason"
          :remedies="board.refused.remedies"
          @place="(slot) => board.drop(board.refused!.carried, slot.where, slot.centerId)"
          @leave="board.refused = null"
        />
        <BinPocket v-if="bin" :key="bin.id" :placement="bin" />
        <PlacementPocket v-else-if="inPocket" :key="inPocket.id" :placement="inPocket" />
        <SlotPocket v-else-if="board.selected?.kind === 'slot'" :where="board.selected.where" />
        <ReadingPocket v-else-if="board.selected?.kind === 'reading'" :name="board.selected.name" />
        <CenterPocket
          v-else-if="board.selected?.kind === 'center'"
          :key="board.selected.id"
          :center-id="board.selected.id"
        />
        <ClashPocket v-else-if="clash" :clash="clash" />
        <ReadingPocket v-else-if="view === 'rounded'" name="rounded" />
        <LicensePocket v-else-if="view === 'adults'" />
        <RoomPocket v-else-if="view === 'room'" />
        <UnplacedIdeas v-else />
        <UnitLength v-if="view === 'days'" />
      </template>
    </template>
    <template #pulse
      ><PulseBar
        v-if="store.readings && store.snapshot"
        :readings="store.readings"
        :snapshot="store.snapshot"
        :preview="board.preview"
        @open="openReading"
    /></template>
  </UnitFrame>
</template>

<style scoped>
.views {
  margin-bottom: 10px;
  overflow-x: auto;
}
.views :deep(.tab) {
  min-height: 34px;
  padding-block: 4px;
  white-space: nowrap;
}
@media (max-width: 720px) {
  .views :deep(.tab) {
    min-height: 44px;
    flex: 0 0 auto;
    padding-inline: 9px;
  }
}
</style>
