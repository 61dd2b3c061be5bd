<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { thingName } from '@core/domain'
import { useUnit } from '../../stores/unit'
import { useWriter } from '../../stores/writer'

const writer = useWriter()
const unit = useUnit()
const undone = ref(false)
watch(
  () => writer.said,
  (text) => {
    undone.value = Boolean(text)
  },
)
const name = computed(() => {
  const first = writer.conflict?.conflicts[0]
  const value = first?.theirs ?? first?.yours
  if (!first || !value) return 'this'
  // A placement is called by what it is: nobody sees its id.
  return 'activityId' in value && value.activityId
    ? (unit.activitiesById.get(value.activityId)?.title ?? 'this')
    : thingName(first.kind, value)
})
const removed = computed(() => writer.conflict?.conflicts.some((one) => one.theirs === null))
function close() {
  undone.value = false
  writer.said = ''
}
</script>

<template>
  <div class="states" role="group" aria-label="What is saved" aria-live="polite">
    <div v-if="writer.conflict" class="state card" role="alertdialog" aria-label="Two people changed the same thing">
      <p>
        <b>{{
          removed ? `Someone removed “${name}” while you changed it.` : `Someone changed “${name}” while you did.`
        }}</b>
        Nothing was overwritten. Your change: {{ writer.conflict.label }}.
      </p>
      <div class="inline">
        <v-btn class="primary" @click="writer.settle('theirs')">Keep theirs</v-btn>
        <v-btn v-if="!removed" @click="writer.settle('mine')">Use mine</v-btn>
      </div>
    </div>
    <div v-else-if="writer.problem" class="state card" role="alert">
      <p>{{ writer.problem }}</p>
      <div><v-btn @click="writer.problem = ''">OK</v-btn></div>
    </div>
    <div v-else-if="writer.offline" class="state card">
      <p>No connection. What you change is kept on this device and saved when it is back.</p>
    </div>
    <div v-else-if="undone" class="state card quiet">
      <p>{{ writer.said }}</p>
      <v-btn class="plain" @click="close">Close</v-btn>
    </div>
  </div>
</template>

<style scoped>
.states {
  position: fixed;
  left: 50%;
  bottom: 78px;
  transform: translateX(-50%);
  z-index: 1500;
  max-width: min(560px, calc(100vw - 24px));
}
.state {
  border-color: var(--edge-strong);
  border-left: 3px solid var(--apricot);
  padding: 10px 14px;
  display: grid;
  gap: 8px;
}
.state.quiet {
  display: flex;
  align-items: center;
  gap: 12px;
  border-left-color: var(--spruce);
  padding-block: 4px;
}
</style>
