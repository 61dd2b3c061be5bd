<script setup lang="ts">
import type { AskedPage, AskedThing } from '@core/domain'
import { KEPT } from '../composables/kept'
import { entryText, entryUnit, longDate, quantityWords, readQuantity, sayLike } from '@core/base'
import { useLocalStorage } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { api, ApiError } from '../api/client'
import { newId } from '../api/newId'
import PlainField from './PlainField.vue'

/** What a family sees through a link: what is wanted, by when, and what it said it would bring. */
const props = defineProps<{ token: string }>()
const page = ref<AskedPage | null>(null)
const problem = ref('')
const ended = ref(false)
const busy = ref(false)
/** What was promised on this phone: nobody else's is shown. */
const mine = useLocalStorage<{ id: string; materialId: string; words: string }[]>(KEPT.promised(props.token), [])
const family = useLocalStorage(KEPT.family, '')
const open = ref<string | null>(null)
/** How many, as it is written. */
const written = ref('')
const fault = ref('')

async function run(work: () => Promise<AskedPage>): Promise<boolean> {
  busy.value = true
  problem.value = ''
  try {
    const told = await work()
    sayLike(told)
    page.value = told
    return true
  } catch (error) {
    const refused = error instanceof ApiError && error.status >= 400 && error.status < 500
    if (refused && error.faults.length) fault.value = error.faults.map((one) => one.message).join(' ')
    else problem.value = error instanceof Error ? error.message : String(error)
    ended.value = error instanceof ApiError && (error.status === 404 || error.status === 410) && page.value === null
    return false
  } finally {
    busy.value = false
  }
}
const load = () => run(() => api.asked(props.token))
onMounted(load)
function begin(thing: AskedThing) {
  open.value = thing.materialId
  written.value = entryText(thing.open, thing.unit, page.value!.measures)
  fault.value = ''
}
/** The unit that a bare number is in. */
const unitOf = (thing: AskedThing) => entryUnit(thing.open, thing.unit, page.value!.measures)
/** How many are written, or in words what is wrong with it. */
function readMany(
  thing: AskedThing,
): { quantity: number; fault?: undefined } | { quantity?: undefined; fault: string } {
  const { measures } = page.value!
  const text = written.value.trim()
  // What was not changed is all that is open, however it is shown.
  if (text === entryText(thing.open, thing.unit, measures)) return { quantity: thing.open }
  const read = text ? readQuantity(text, { unit: thing.unit, density: null }, measures, unitOf(thing)) : null
  if (!read || read.quantity === 0) return { fault: 'Say how many you bring' }
  return read.quantity === undefined ? { fault: read.fault } : { quantity: read.quantity }
}
async function promise(thing: AskedThing) {
  const many = readMany(thing)
  fault.value = !family.value.trim() ? 'Write your name, so that the home knows who brings it' : (many.fault ?? '')
  if (fault.value || many.quantity === undefined) return
  const { quantity } = many
  const id = newId()
  const words = `${quantityWords(quantity, thing.unit, page.value!.measures)} ${thing.name} by ${longDate(thing.bringBy)}`
  if (
    !(await run(() =>
      api.promise(props.token, { id, materialId: thing.materialId, quantity, family: family.value.trim() }),
    ))
  )
    return
  mine.value = [...mine.value, { id, materialId: thing.materialId, words }]
  open.value = null
}
async function takeBack(id: string) {
  const known = mine.value
  mine.value = mine.value.filter((one) => one.id !== id)
  // One that the home has settled meanwhile is gone here too.
  if (!(await run(() => api.withdrawPromise(props.token, id))) && problem.value.startsWith('No connection'))
    mine.value = known
}
</script>

<template>
  <main class="asked">
    <template v-if="page">
      <header class="rows">
        <span class="mute">{{ page.home }}</span>
        <h1>What we could use</h1>
        <p>For {{ page.unit }}. Only what you already have: nothing has to be bought.</p>
      </header>
      <p v-if="problem" class="notice soft" role="alert">{{ problem }}</p>
      <section v-if="mine.length" class="notice soft rows" aria-label="You bring">
        <b>You bring</b>
        <div v-for="one in mine" :key="one.id" class="row">
          <span>{{ one.words }}</span><TextButton
            :disabled="busy"
            :aria-label="`Take back: ${one.words}`"
            @click="takeBack(one.id)"
          >
            take back
          </TextButton>
        </div>
      </section>
      <p v-if="!page.things.length" class="mute">Nothing needed right now. Thank you.</p>
      <section v-for="thing in page.things" :key="thing.materialId" class="cubby thing" :aria-label="thing.name">
        <div class="row">
          <h2>{{ thing.name }}</h2>
          <span>{{ thing.wanted }}</span>
        </div>
        <p class="mute">
          By {{ longDate(thing.bringBy) }}.
          {{ thing.open > 0 ? `${thing.openWords} still open.` : 'All of it is promised.' }}
        </p>
        <form v-if="open === thing.materialId" class="stack" @submit.prevent="promise(thing)">
          <PlainField v-model="family" label="Your name" autocomplete="name" maxlength="120" />
          <PlainField v-model="written" label="How many" :unit="unitOf(thing)" inputmode="decimal" maxlength="40" />
          <p v-if="fault" class="brick" role="alert">{{ fault }}</p>
          <div class="inline">
            <button type="submit" class="btn primary" :disabled="busy">I’ll bring it</button
            ><button type="button" class="btn" @click="open = null">Cancel</button>
          </div>
        </form>
        <div v-else-if="thing.open > 0">
          <button type="button" class="btn primary" @click="begin(thing)">I can bring some</button>
        </div>
      </section>
      <p class="small mute">Open until {{ longDate(page.endsOn) }}. Only the home sees what you write here.</p>
    </template>
    <div v-else-if="problem" class="stack" role="alert">
      <h1>{{ ended ? 'This link does not open' : 'The list could not be loaded' }}</h1>
      <p>{{ problem }}</p>
      <div v-if="!ended"><button type="button" class="btn primary" @click="load">Try again</button></div>
    </div>
    <p v-else class="mute" role="status">Opening the list</p>
  </main>
</template>

<style scoped>
.asked {
  max-width: 560px;
  margin: 0 auto;
  padding: 18px 14px 40px;
  display: grid;
  gap: 12px;
}
.thing {
  padding: 12px 14px;
  display: grid;
  gap: 8px;
}
</style>
