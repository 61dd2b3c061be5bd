<script setup lang="ts">
import { ref } from 'vue'
import { OWN_PICTURE } from '@core/domain'
import { api } from '../../api/client'
import { PICTURE_TYPES, smallPicture } from '../../composables/smallPicture'
import FileIn from '../fields/FileIn.vue'
import FormField from '../fields/FormField.vue'
import ThingPicture from '../lines/ThingPicture.vue'

/** The drawing of a thing: one that ships, looked for by a word, or a picture of her own. */
const picture = defineModel<string>({ required: true })
defineProps<{ name: string }>()
const emit = defineEmits<{ commit: [] }>()

/** Names of the drawings that ship, fetched when one is wanted. */
const drawings = ref<string[]>([])
const problem = ref('')
const busy = ref(false)
const isOwn = () => picture.value.startsWith(OWN_PICTURE)

async function fetchDrawings() {
  if (drawings.value.length) return
  try {
    const answer = await fetch('/pictures/names.json')
    if (!answer.ok) throw new Error(answer.statusText)
    drawings.value = (await answer.json()) as string[]
    problem.value = ''
  } catch {
    problem.value = 'The drawings could not be fetched. Try again when there is a connection.'
  }
}
function keep(name: string) {
  problem.value = ''
  picture.value = name
  emit('commit')
}
function draw(name: string | null) {
  const wanted = (name ?? '').trim().toLowerCase().replace(/\s+/g, '-')
  if (wanted && !drawings.value.includes(wanted))
    problem.value = `There is no drawing called ${name}. Choose one of the list.`
  else keep(wanted)
}
async function take(file: File) {
  busy.value = true
  problem.value = ''
  try {
    const { id } = await api.keepPicture(await smallPicture(file))
    keep(`${OWN_PICTURE}${id}`)
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="drawing">
    <FormField label="Drawing" hint="Type a word to look for one."
      ><v-combobox
        :model-value="isOwn() ? 'a picture of your own' : picture"
        :items="drawings"
        clearable
        placeholder="none"
        :aria-label="`Drawing of ${name}`"
        @focus="fetchDrawings"
        @update:model-value="draw"
      />
    </FormField>
    <div class="own inline">
      <ThingPicture v-if="picture" :name="picture" :size="44" />
      <FileIn
        :accept="PICTURE_TYPES"
        :label="isOwn() ? 'Another picture' : 'Use your own picture'"
        :disabled="busy"
        @take="take"
      />
      <span v-if="busy" class="small mute" role="status">Taking it in</span>
    </div>
    <p v-if="problem" class="small brick" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.drawing {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 12px;
}
.own {
  align-self: start;
  padding-top: 24px;
}
.drawing > p {
  grid-column: 1 / -1;
}
@media (max-width: 720px) {
  .drawing {
    grid-template-columns: minmax(0, 1fr);
  }
  .own {
    padding-top: 0;
  }
}
</style>
