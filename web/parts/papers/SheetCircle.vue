<script setup lang="ts">
import { countWords, listWords } from '@core/base'
import type { CircleScript } from '@core/domain'

/** What is in the circle of a day, in its order, with what is in hand, and whose turn it is. */
defineProps<{ circle: CircleScript; canLead?: boolean }>()
defineEmits<{ lead: [] }>()
</script>

<template>
  <div class="circle">
    <ol>
      <li v-for="part in circle.parts" :key="part.id">
        <b>{{ part.title }}</b>, {{ part.minutes }} min<template v-if="part.verses.length > 1"
          >, {{ countWords(part.verses.length, 'verse') }}</template
        ><template v-if="part.props.length">. In hand: {{ part.props.join(', ') }}</template
        ><template v-if="part.say">. {{ part.say.replace(/\.$/, '') }}</template>
      </li>
    </ol>
    <p v-if="circle.turns.length">
      {{ listWords(circle.turns.map(({ what, name }) => `${name} ${what.toLowerCase()}`)) }}.
    </p>
    <p v-if="canLead" class="lead"><TextButton @click="$emit('lead')">Lead it from here</TextButton></p>
  </div>
</template>

<style scoped>
.circle {
  display: grid;
  gap: 6px;
}
ol {
  padding-left: 22px;
  display: grid;
  gap: 2px;
}
@media print {
  .lead {
    display: none;
  }
}
</style>
