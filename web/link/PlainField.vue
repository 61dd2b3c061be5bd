<script setup lang="ts">
import { useId } from 'vue'

/** A field under its label, without the component library: what else is said of it goes to the input. */
defineOptions({ inheritAttrs: false })
defineProps<{ label: string; unit?: string | null; hint?: string; wrong?: string }>()
const written = defineModel<string>({ required: true })
const ownId = useId()
</script>

<template>
  <label class="rows"
    ><span class="k-label">{{ label }}</span
    ><span class="field"
      ><input
        v-model="written"
        v-bind="$attrs"
        :aria-label="unit ? `${label}, in ${unit}` : label"
        :aria-invalid="wrong ? true : undefined"
        :aria-describedby="wrong || hint ? ownId : undefined"
      /><span v-if="unit" class="mute">{{ unit }}</span></span
    ><span v-if="wrong" :id="ownId" class="brick" role="alert">{{ wrong }}</span
    ><span v-else-if="hint" :id="ownId" class="small mute">{{ hint }}</span></label
  >
</template>
