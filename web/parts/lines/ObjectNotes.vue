<script setup lang="ts">
import { computed } from 'vue'
import { leftOutOf, meantBy, readThings, type KnownThings } from '@core/ideas'

/** What there is to say about a line of objects as it is typed: what is left out and why, and what was probably meant. */
const text = defineModel<string>({ required: true })
const props = defineProps<{ known: KnownThings }>()
const leftOut = computed(() => leftOutOf(text.value))
const slips = computed(() =>
  readThings(text.value, props.known).flatMap(({ name, known }) => {
    const meant = known ? null : meantBy(name, props.known)
    return meant ? [{ name, meant }] : []
  }),
)
/** Puts what was meant where it was typed: a name stands there in some number and case. */
function fix(name: string, meant: string) {
  text.value = text.value
    .split(/([,;\n\t]+)/)
    .map((piece) =>
      readThings(piece, props.known)[0]?.name === name ? piece.replace(/\S.*\S/, () => counted(piece, meant)) : piece,
    )
    .join('')
}
const counted = (piece: string, meant: string) => {
  const { onHand } = readThings(piece, props.known)[0]
  return onHand ? `${onHand} ${meant}` : meant
}
</script>

<template>
  <div v-if="leftOut.length || slips.length" class="rows small" aria-live="polite">
    <p v-for="one in leftOut" :key="one.name" class="notice soft">
      <b>{{ one.name }}</b> is left out. {{ one.why }}
    </p>
    <p v-for="one in slips" :key="one.name">
      “{{ one.name }}” is new to Kobby.
      <TextButton @click="fix(one.name, one.meant)">Use “{{ one.meant }}”</TextButton>
    </p>
  </div>
</template>
