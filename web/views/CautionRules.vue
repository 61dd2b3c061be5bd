<script setup lang="ts">
import { CAUTION_CLOSING, CAUTION_RULES, type Severity } from '@core/cautions'
import PlainFrame from '../parts/frame/PlainFrame.vue'

const KINDS: { severity: Severity; title: string; what: string }[] = [
  { severity: 'stop', title: 'Stop', what: 'Can only be solved, never set aside.' },
  { severity: 'change', title: 'Change', what: 'Can be set aside with a reason, which the day sheet prints.' },
  { severity: 'watch', title: 'Watch', what: 'Printed on every sheet.' },
]
</script>

<template>
  <PlainFrame title="Cautions" lead="What Kobby looks for, when, and where each rule comes from">
    <p class="closing">{{ CAUTION_CLOSING }} This is not medical or legal advice.</p>
    <section v-for="kind in KINDS" :key="kind.severity" class="kind">
      <h2 :class="kind.severity === 'stop' ? 'brick' : kind.severity === 'change' ? 'ember' : ''">{{ kind.title }}</h2>
      <p class="mute">{{ kind.what }}</p>
      <ul class="rules">
        <li
          v-for="rule in CAUTION_RULES.filter((one) => one.severity === kind.severity)"
          :key="rule.id"
          class="card rule"
        >
          <h3>{{ rule.title }}</h3>
          <p>{{ rule.when }}.</p>
          <p><b>Instead:</b> {{ rule.advice }}</p>
          <p class="small mute">{{ rule.source }}</p>
        </li>
      </ul>
    </section>
  </PlainFrame>
</template>

<style scoped>
.closing {
  max-width: 640px;
  margin-bottom: 14px;
}
.kind {
  margin-bottom: 22px;
}
.rules {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 10px;
  margin-top: 8px;
}
.rule {
  padding: 10px 14px;
  display: grid;
  gap: 5px;
  align-content: start;
  font-size: 15px;
}
</style>
