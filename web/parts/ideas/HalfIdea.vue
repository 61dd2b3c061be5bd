<script setup lang="ts">
import { ref, watch } from 'vue'
import { useBasket } from '../../stores/basket'
import { useUnit } from '../../stores/unit'

/** A line of text that becomes a half idea in the basket: kept, never lost. */
const open = defineModel<boolean>({ required: true })
const store = useUnit()
const basket = useBasket()
const text = ref('')
watch(open, () => (text.value = ''))
function keep() {
  if (basket.keepHalf(text.value)) open.value = false
}
</script>

<template>
  <v-dialog v-model="open" aria-labelledby="half-title">
    <form class="k-sheet" @submit.prevent="keep">
      <h2 id="half-title">An idea, in your own words</h2>
      <p class="mute">Half an idea is enough: it waits in the basket until you finish it.</p>
      <v-textarea v-model="text" v-start-here aria-label="The idea" :counter="2000" maxlength="2000" />
      <div class="inline">
        <v-btn
          class="primary"
          type="submit"
          :disabled="!text.trim()"
          :title="text.trim() ? undefined : 'Write a few words first'"
          >Keep it</v-btn
        ><v-btn v-if="store.id" :to="{ name: 'gather', params: { unitId: store.id } }" @click="open = false"
          >Look in the library</v-btn
        ><v-btn class="plain" @click="open = false">Cancel</v-btn>
      </div>
    </form>
  </v-dialog>
</template>
