<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Batch } from '@core/domain'
import { listWords, mediumDate } from '@core/base'
import { STORAGE_WORDS, standing, unsafeFor } from '@core/making'

import { useHouse } from '../../stores/house'
import { useKitchen } from '../../stores/kitchen'
import { useSession } from '../../stores/session'
import BatchLabels from './BatchLabels.vue'

/** What was made and is in the house: until when, for whom it is not, and what must go today. */
const house = useHouse()
const kitchen = useKitchen()
const session = useSession()
const openId = ref('')
const rows = computed(() =>
  kitchen.here.map((batch) => ({
    batch,
    standing: standing(batch, session.today),
    notFor: unsafeFor(batch, house.children).map((one) => one.name),
  })),
)
const over = computed(() => rows.value.filter((one) => one.standing !== 'good'))
const print = () => window.print()
const toggle = (batch: Batch) => (openId.value = openId.value === batch.id ? '' : batch.id)
</script>

<template>
  <section v-if="rows.length" class="cubby fridge" aria-label="In the house">
    <div class="row head">
      <h2>
        In the house<span v-if="over.length" class="ember">&nbsp;· {{ over.length }} must go</span>
      </h2>
      <TextButton class="no-print" @click="print">Print the fridge list</TextButton>
    </div>
    <ul>
      <li v-for="{ batch, standing: how, notFor } in rows" :key="batch.id">
        <div class="line">
          <span class="name"
            >{{ batch.name
            }}<span class="small mute"
              >&nbsp;made {{ mediumDate(batch.madeOn) }}, {{ STORAGE_WORDS[batch.storage] }}</span
            ></span
          >
          <span :class="{ brick: how === 'over', ember: how === 'last-day' }"
            ><template v-if="how === 'over'">was to go {{ mediumDate(batch.throwOn) }}</template
            ><template v-else-if="how === 'last-day'">goes today</template
            ><template v-else>toss by {{ mediumDate(batch.throwOn) }}</template></span
          >
          <span class="small not-for"
            ><template v-if="notFor.length">not for {{ listWords(notFor, 'or') }}</template
            ><template v-else>fine for everyone</template></span
          >
          <span class="acts no-print">
            <TextButton
              class="small"
              :aria-label="`Labels for ${batch.name}`"
              :aria-expanded="openId === batch.id"
              @click="toggle(batch)"
              >Labels</TextButton
            >
            <TextButton class="small" :aria-label="`It’s gone: ${batch.name}`" @click="kitchen.toss(batch)"
              >It’s gone</TextButton
            >
          </span>
        </div>
        <p v-if="batch.note" class="small mute">{{ batch.note }}</p>
        <BatchLabels v-if="openId === batch.id" class="no-print labels" :batch="batch" />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.fridge {
  padding: 8px 14px 6px;
  margin-bottom: 14px;
}
.head {
  align-items: center;
}
li {
  border-top: 1px solid var(--edge);
  padding: 8px 0;
}
.line {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 3fr) minmax(0, 3fr) auto;
  gap: 2px 14px;
  align-items: baseline;
}
.name {
  font-weight: 650;
}
.name .small {
  font-weight: 400;
}
.acts {
  display: flex;
  gap: 14px;
}
.labels {
  max-width: 360px;
  padding: 10px 0;
}
@media (max-width: 700px) {
  .line {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .name {
    grid-column: 1 / -1;
  }
  .acts {
    grid-column: 1 / -1;
  }
}
</style>
