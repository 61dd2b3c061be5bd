<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import type { Material } from '@core/domain'
import { quantityWords, byId } from '@core/base'
import { CUPBOARD, type CupboardGroup } from '@core/library/cupboard'

/** What is in the house already: ticked by the group or one by one, in usual amounts. */
const ticked = defineModel<string[]>({ required: true })
const materials = shallowRef<Map<string, Material>>(new Map())
// The library is large and is moved in later anyway: it comes when this page does.
onMounted(async () => (materials.value = byId((await import('@core/library/materials')).MATERIALS)))

const on = computed(() => new Set(ticked.value))
const ALL = CUPBOARD.flatMap((group) => group.things.map(([id]) => id))
const idsOf = (group: CupboardGroup) => group.things.map(([id]) => id)
const countIn = (group: CupboardGroup) => idsOf(group).filter((id) => on.value.has(id)).length
/** All of them where one is missing, else none. */
function toggle(ids: readonly string[]) {
  const full = ids.every((id) => on.value.has(id))
  ticked.value = full ? ticked.value.filter((id) => !ids.includes(id)) : [...new Set([...ticked.value, ...ids])]
}
/** On a phone a group is one line until it is opened: most tick it whole. */
const narrow = useMediaQuery('(max-width: 900px)')
const opened = ref(new Set<string>())
function show(id: string) {
  const next = new Set(opened.value)
  if (!next.delete(id)) next.add(id)
  opened.value = next
}
const nameOf = (id: string) => materials.value.get(id)?.name ?? ''
const amountOf = (id: string, amount: number) => {
  const unit = materials.value.get(id)?.unit
  return unit ? quantityWords(amount, unit, 'us') : ''
}
</script>

<template>
  <div class="stack">
    <p class="row">
      <span role="status">{{ ticked.length }} of {{ ALL.length }} checked</span
      ><TextButton @click="toggle(ALL)">
        {{ ticked.length === ALL.length ? 'Uncheck everything' : 'Check everything' }}
      </TextButton>
    </p>
    <p v-if="!materials.size" class="mute" role="status">Opening the cupboard</p>
    <div v-else class="groups">
      <fieldset v-for="group in CUPBOARD" :key="group.id" class="cubby group">
        <legend class="sr-only">{{ group.name }}</legend>
        <label class="all"
          ><input
            type="checkbox"
            :checked="countIn(group) === group.things.length"
            :indeterminate="countIn(group) > 0 && countIn(group) < group.things.length"
            @change="toggle(idsOf(group))"
          /><b>{{ group.name }}</b
          ><span class="mute small">{{ countIn(group) }} of {{ group.things.length }}</span></label
        >
        <TextButton v-if="narrow" :aria-expanded="opened.has(group.id)" @click="show(group.id)">
          {{ opened.has(group.id) ? 'Hide' : 'Show' }} the {{ group.things.length }} things
        </TextButton>
        <ul v-if="!narrow || opened.has(group.id)">
          <li v-for="[id, amount] in group.things" :key="id">
            <label
              ><input type="checkbox" :checked="on.has(id)" @change="toggle([id])" /><span>{{ nameOf(id) }}</span
              ><span class="mute small num">{{ amountOf(id, amount) }}</span></label
            >
          </li>
        </ul>
      </fieldset>
    </div>
  </div>
</template>

<style scoped>
.groups {
  columns: 3;
  column-gap: 12px;
}
.group {
  padding: 6px 10px 8px;
  margin: 0 0 12px;
  min-width: 0;
  break-inside: avoid;
}
label {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  min-height: 30px;
  cursor: pointer;
  line-height: 1.2;
}
.all {
  border-bottom: 1px solid var(--edge);
  min-height: 34px;
  margin-bottom: 4px;
}
input {
  width: 24px;
  height: 24px;
  margin: 0;
  accent-color: var(--spruce);
}
.num {
  white-space: nowrap;
}
.why {
  min-height: 44px;
}
@media (max-width: 900px) {
  .groups {
    columns: 1;
  }
  label {
    min-height: 44px;
  }
}
</style>
