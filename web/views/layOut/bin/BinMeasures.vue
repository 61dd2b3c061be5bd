<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BinContainer, BinSetUp } from '@core/domain'
import { hiddenText, readHidden } from '@core/making'
import AmountField from '../../../parts/fields/AmountField.vue'
import FormField from '../../../parts/fields/FormField.vue'
import { newId } from '../../../api/newId'
import { useHouse } from '../../../stores/house'

/** Which container, how deep, and what is in it beside the filler. */
const bin = defineModel<BinSetUp>({ required: true })
const props = defineProps<{ containers: readonly BinContainer[]; errors: Record<string, string> }>()
const emit = defineEmits<{ save: [] }>()
const house = useHouse()
const CM = { unit: 'cm' as const, density: null }
const choose = (id: string) => {
  const container = props.containers.find((one) => one.id === id)
  if (!container) return
  bin.value = { ...bin.value, container: { ...container }, depthMm: Math.min(bin.value.depthMm, container.heightMm) }
  emit('save')
}
const side = (field: 'lengthMm' | 'widthMm' | 'heightMm') =>
  computed({
    get: () => bin.value.container[field] / 10,
    set: (cm: number | null) => {
      bin.value = { ...bin.value, container: { ...bin.value.container, [field]: (cm ?? 0) * 10 } }
    },
  })
const [length, width, height] = [side('lengthMm'), side('widthMm'), side('heightMm')]
const depth = computed({
  get: () => bin.value.depthMm / 10,
  set: (cm: number | null) => (bin.value = { ...bin.value, depthMm: (cm ?? 0) * 10 }),
})
const hidden = ref(hiddenText(bin.value.hidden))
const tools = ref(bin.value.tools.join(', '))
function saveThings() {
  bin.value = {
    ...bin.value,
    hidden: readHidden(hidden.value),
    tools: tools.value
      .split(',')
      .map((one) => one.trim())
      .filter(Boolean)
      .slice(0, 12),
  }
  emit('save')
}
const measuring = ref(false)
const isOwn = computed(() => house.thisHome.containers.some((one) => one.id === bin.value.container.id))
/** Her own measures make a container of her own, which every bin can use from then on. */
function measure() {
  measuring.value = true
  if (!isOwn.value)
    bin.value = {
      ...bin.value,
      container: {
        ...bin.value.container,
        id: newId(),
        name: `Our ${bin.value.container.name.toLowerCase()}`.slice(0, 120),
      },
    }
}
function keep() {
  emit('save')
  if (Object.keys(props.errors).some((field) => field.startsWith('container') || field === 'depthMm')) return
  const container = { ...bin.value.container }
  const others = house.thisHome.containers.filter((one) => one.id !== container.id)
  void house.commit(`Measure ${container.name}`, [
    { put: 'home', value: { ...house.thisHome, containers: [...others, container] } },
  ])
  measuring.value = false
}
</script>

<template>
  <div class="fields">
    <FormField v-if="!measuring" label="Container"
      ><v-select
        :model-value="bin.container.id"
        aria-label="Container"
        :items="
          [...(containers.some((one) => one.id === bin.container.id) ? [] : [bin.container]), ...containers].map(
            (one) => ({ title: one.name, value: one.id }),
          )
        "
        @update:model-value="choose"
    /></FormField>
    <FormField label="How deep"
      ><AmountField v-model="depth" :of="CM" label="How deep" :fault="errors.depthMm" @done="emit('save')"
    /></FormField>
    <FormField label="Hidden in it"
      ><v-text-field v-model="hidden" placeholder="8 figures, shell" maxlength="400" @blur="saveThings"
    /></FormField>
    <FormField label="Tools"
      ><v-text-field v-model="tools" placeholder="scoop, funnel" maxlength="400" @blur="saveThings"
    /></FormField>
    <template v-if="measuring">
      <FormField class="wide" label="Name of the container"
        ><v-text-field v-model="bin.container.name" maxlength="120" :error-messages="errors['container.name']"
      /></FormField>
      <FormField label="Inside, long"
        ><AmountField v-model="length" :of="CM" label="Inside, long" :fault="errors['container.lengthMm']"
      /></FormField>
      <FormField label="Inside, wide"
        ><AmountField v-model="width" :of="CM" label="Inside, wide" :fault="errors['container.widthMm']"
      /></FormField>
      <FormField label="Walls, high"
        ><AmountField v-model="height" :of="CM" label="Walls, high" :fault="errors['container.heightMm']"
      /></FormField>
      <div class="wide"><v-btn class="primary" @click="keep">Keep this container</v-btn></div>
    </template>
    <div v-else class="wide">
      <TextButton class="small" @click="measure">Measure a container of your own</TextButton>
    </div>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 2fr 1fr 2fr 2fr;
  align-items: start;
  gap: 8px 10px;
}
.wide {
  grid-column: 1 / -1;
}
@media (max-width: 900px) {
  .fields {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
