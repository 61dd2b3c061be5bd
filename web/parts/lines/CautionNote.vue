<script setup lang="ts">
import { SEVERITY_NAMES } from '@core/base'
import { computed, ref } from 'vue'
import { remediesOf, type Caution, type CautionRemedy } from '@core/cautions'
import type { UnitSnapshot } from '@core/domain'
import type { ResolvedPlan } from '@core/plan'

/** One caution with what can be done about it, each by one click. */
const props = defineProps<{ caution: Caution; snapshot: UnitSnapshot; plan: ResolvedPlan }>()
const emit = defineEmits<{
  remedy: [remedy: CautionRemedy]
  /** Set aside with a reason, or taken up again where there is none. */
  aside: [reason: string | null]
}>()
const asking = ref(false)
const reason = ref('')
const remedies = computed(() => remediesOf(props.caution, props.snapshot, props.plan))
const acts = computed(() => remedies.value.filter((one) => one.kind !== 'advice'))
function setAside() {
  const words = reason.value.trim()
  if (!words) return
  emit('aside', words)
  asking.value = false
}
</script>

<template>
  <div class="notice" :class="{ soft: caution.severity !== 'stop' }">
    <p>
      <b :class="caution.severity === 'stop' ? 'brick' : 'ember'"
        >{{ SEVERITY_NAMES[caution.severity] }}: {{ caution.rule.title.toLowerCase() }}.</b
      >
      {{ caution.why }}
    </p>
    <p v-if="caution.setAside !== null" class="small">
      Set aside: {{ caution.setAside }}
      <TextButton @click="$emit('aside', null)">turn it back on</TextButton>
    </p>
    <template v-else>
      <div v-if="acts.length" class="inline acts">
        <v-btn v-for="one in acts" :key="one.words" size="small" @click="$emit('remedy', one)">{{ one.words }}</v-btn>
      </div>
      <p v-else-if="caution.severity !== 'watch'" class="small">{{ caution.rule.advice }}</p>
      <template v-if="caution.severity === 'change'">
        <TextButton v-if="!asking" class="small" @click="asking = true">Set aside with a reason</TextButton>
        <form v-else class="inline" @submit.prevent="setAside">
          <v-text-field
            v-model="reason"
            v-start-here
            aria-label="Reason, printed on the sheet"
            placeholder="Reason, printed on the sheet"
            maxlength="120"
          /><v-btn size="small" type="submit">Keep</v-btn>
        </form>
      </template>
    </template>
    <p class="small mute">{{ caution.rule.source }}</p>
  </div>
</template>

<style scoped>
.notice {
  display: grid;
  gap: 6px;
  font-size: 15px;
}
.acts {
  gap: 6px;
}
</style>
