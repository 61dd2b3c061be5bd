<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRouter, type RouteLocationRaw } from 'vue-router'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'

const open = defineModel<boolean>({ required: true })
const router = useRouter()
const house = useHouse()
const unit = useUnit()
const text = ref('')
const at = ref(0)
const input = ref<HTMLInputElement>()
const MOST = 9

interface Found {
  title: string
  what: string
  to: RouteLocationRaw
}
const found = computed<Found[]>(() => {
  const wanted = text.value.trim().toLowerCase()
  if (!wanted) return []
  const all: Found[] = [
    ...house.units.map((one): Found => ({
      title: one.name,
      what: 'unit',
      to: { name: 'lay-out', params: { unitId: one.id } },
    })),
    ...house.children.map((one): Found => ({
      title: one.name,
      what: 'child',
      to: { name: 'home', query: { tab: 'children', open: one.id } },
    })),
    ...house.adults.map((one): Found => ({
      title: one.name,
      what: 'adult',
      to: { name: 'home', query: { tab: 'adults', open: one.id } },
    })),
    ...house.centers.map((one): Found => ({
      title: one.name,
      what: 'center',
      to: { name: 'home', query: { tab: 'centers', open: one.id } },
    })),
    ...unit.activities.map((one): Found => ({
      title: one.title,
      what: one.archived ? 'idea, put aside' : 'idea',
      to:
        unit.id && !one.archived
          ? { name: 'gather', params: { unitId: unit.id }, query: { open: one.id } }
          : { name: 'library', query: { open: one.id } },
    })),
    ...house.materials.map((one): Found => ({
      title: one.name,
      what: 'in the pantry',
      to: { name: 'pantry', query: { find: one.name } },
    })),
  ]
  const starts = all.filter((one) => one.title.toLowerCase().startsWith(wanted))
  return [...starts, ...all.filter((one) => !starts.includes(one) && one.title.toLowerCase().includes(wanted))].slice(
    0,
    MOST,
  )
})
watch(open, async (now) => {
  text.value = ''
  at.value = 0
  if (now) {
    await nextTick()
    input.value?.focus()
  }
})
// The first time, the field comes with the dialog.
watch(input, (field) => field?.focus())
watch(found, () => (at.value = 0))
function go(one: Found | undefined) {
  if (!one) return
  open.value = false
  void router.push(one.to)
}
const step = (by: number) => (at.value = (at.value + by + found.value.length) % Math.max(1, found.value.length))
</script>

<template>
  <v-dialog v-model="open" aria-label="Find anything">
    <div class="k-sheet">
      <label class="k-label" for="find-anything">Find a unit, child, idea or material</label>
      <input
        id="find-anything"
        ref="input"
        v-model="text"
        class="find"
        role="combobox"
        aria-autocomplete="list"
        :aria-expanded="found.length > 0"
        aria-controls="find-list"
        :aria-activedescendant="found.length ? `find-${at}` : undefined"
        autocomplete="off"
        @keydown.down.prevent="step(1)"
        @keydown.up.prevent="step(-1)"
        @keydown.enter.prevent="go(found[at])"
      />
      <ul v-if="found.length" id="find-list" role="listbox" aria-label="Found" class="rows">
        <li
          v-for="(one, i) in found"
          :id="`find-${i}`"
          :key="one.what + one.title"
          role="option"
          :aria-selected="i === at"
          class="hit row"
          :class="{ at: i === at }"
          @click="go(one)"
        >
          <span>{{ one.title }}</span><span class="mute small">{{ one.what }}</span>
        </li>
      </ul>
      <p v-else-if="text.trim()" class="mute">No matches.</p>
    </div>
  </v-dialog>
</template>

<style scoped>
.find {
  border: 1px solid var(--control);
  border-radius: 5px;
  background: var(--paper);
  color: var(--ink);
  padding: 9px 12px;
  font: inherit;
  width: 100%;
}
.hit {
  padding: 8px 10px;
  border-radius: 4px;
  cursor: pointer;
  border: 1px solid transparent;
}
.hit.at,
.hit:hover {
  background: var(--spruce-tint);
  border-color: var(--spruce);
}
</style>
