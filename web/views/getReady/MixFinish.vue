<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Storage } from '@core/domain'
import { longDate } from '@core/base'
import { capital } from '@core/ideas'
import { STORAGE_WORDS, throwAway } from '@core/making'
import FormField from '../../parts/fields/FormField.vue'
import { useKitchen } from '../../stores/kitchen'
import { useMixing } from '../../stores/mixing'
import { useSession } from '../../stores/session'

/** The last of mixing: how it is kept, until when, and a word for the next time. */
const emit = defineEmits<{ finish: [storage: Storage, note: string] }>()
const kitchen = useKitchen()
const mixing = useMixing()
const session = useSession()
const recipe = computed(() => mixing.recipe!)
const storage = ref<Storage>(recipe.value.keeps[0].storage)
const note = ref('')
const until = computed(() => throwAway(recipe.value, session.today, storage.value, kitchen.current?.children ?? 0))
</script>

<template>
  <form class="card finish" @submit.prevent="emit('finish', storage, note)">
    <h3>It is mixed</h3>
    <FormField label="How it is kept"
      ><v-select
        v-model="storage"
        aria-label="How it is kept"
        :items="recipe.keeps.map((one) => ({ title: capital(STORAGE_WORDS[one.storage]), value: one.storage }))"
    /></FormField>
    <p>
      Toss by <b>{{ longDate(until.date) }}</b><template v-if="until.shared">, since several children share it</template
      >.
    </p>
    <FormField label="For next time"
      ><v-text-field v-model="note" maxlength="120" placeholder="Softer when the flour is fresh"
    /></FormField>
    <p class="small mute">
      What went in comes out of the pantry, and what you added by feel counts for the usual amount next time.
    </p>
    <div class="buttons">
      <v-btn class="primary" type="submit">Write it down</v-btn>
      <TextButton @click="kitchen.back()">Back a step</TextButton>
    </div>
  </form>
</template>

<style scoped>
.finish {
  display: grid;
  gap: 10px;
  padding: 14px;
  outline: 2px solid var(--spruce);
  outline-offset: -2px;
  margin-bottom: 10px;
}
.buttons {
  display: flex;
  gap: 12px;
  align-items: center;
}
</style>
