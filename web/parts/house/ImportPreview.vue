<script setup lang="ts">
import { computed } from 'vue'
import type { ImportEntry } from '@core/domain'

/** What bringing a file in would do, before it is done; or what is wrong with the file. */
const props = defineProps<{ entries: readonly ImportEntry[] | null; problems: readonly string[] }>()
defineEmits<{ apply: []; leave: [] }>()
const NAMED = 6
const of = (does: ImportEntry['does']) => props.entries?.filter((one) => one.does === does) ?? []
const counts = computed(() => ({ add: of('add'), replace: of('replace'), same: of('same') }))
const nothing = computed(() => !counts.value.add.length && !counts.value.replace.length)
</script>

<template>
  <div v-if="problems.length" class="notice problems" role="alert">
    <p v-for="line in problems" :key="line">{{ line }}</p>
  </div>
  <div v-if="entries" class="notice soft stack" role="status">
    <p>
      <b>{{ counts.add.length }} added, {{ counts.replace.length }} replaced, {{ counts.same.length }} the same.</b>
      <template v-if="counts.replace.length"
        >Replaced:
        {{
          counts.replace
            .slice(0, NAMED)
            .map((one) => one.name)
            .join(', ')
        }}{{ counts.replace.length > NAMED ? ' and more' : '' }}.</template
      ><template v-if="nothing">There is nothing to bring in.</template>
    </p>
    <div class="inline">
      <v-btn v-if="!nothing" class="primary" @click="$emit('apply')">Bring it in</v-btn
      ><v-btn class="plain" @click="$emit('leave')">Cancel</v-btn>
    </div>
  </div>
</template>

<style scoped>
.problems {
  max-height: 260px;
  overflow-y: auto;
  display: grid;
  gap: 4px;
}
</style>
