<script setup lang="ts">
import { computed, ref } from 'vue'
import { remediesOf, type Caution } from '@core/cautions'
import { useBoard } from '../stores/board'
import { useUnit } from '../stores/unit'

/** One caution with what can be done about it, each by one click. */
const props = defineProps<{ caution: Caution }>()
const board = useBoard()
const store = useUnit()
const asking = ref(false)
const reason = ref('')
const remedies = computed(() =>
  store.snapshot && store.readings ? remediesOf(props.caution, store.snapshot, store.readings.plan) : [],
)
const acts = computed(() => remedies.value.filter((one) => one.kind !== 'advice'))
const placement = computed(() => props.caution.session.placement)
const WORD = { stop: 'Stop', change: 'Change', watch: 'Watch' } as const
function setAside() {
  const words = reason.value.trim()
  if (!words) return
  board.patch(placement.value, `Set aside: ${props.caution.rule.title}`, {
    setAside: [...placement.value.setAside, { ruleId: props.caution.rule.id, reason: words }],
  })
  asking.value = false
}
const takeUp = () =>
  board.patch(placement.value, `Take up again: ${props.caution.rule.title}`, {
    setAside: placement.value.setAside.filter((one) => one.ruleId !== props.caution.rule.id),
  })
</script>

<template>
  <div class="notice" :class="{ soft: caution.severity !== 'stop' }">
    <p>
      <b :class="caution.severity === 'stop' ? 'brick' : 'ember'"
        >{{ WORD[caution.severity] }}: {{ caution.rule.title.toLowerCase() }}.</b
      >
      {{ caution.why }}
    </p>
    <p v-if="caution.setAside !== null" class="small">
      Set aside: {{ caution.setAside }} <button type="button" class="why" @click="takeUp">take it up again</button>
    </p>
    <template v-else>
      <div v-if="acts.length" class="inline acts">
        <v-btn v-for="one in acts" :key="one.words" size="small" @click="board.remedy(placement, one)">{{
          one.words
        }}</v-btn>
      </div>
      <p v-else-if="caution.severity !== 'watch'" class="small">{{ caution.rule.advice }}</p>
      <template v-if="caution.severity === 'change'">
        <button v-if="!asking" type="button" class="why small" @click="asking = true">Set aside with a reason</button>
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
