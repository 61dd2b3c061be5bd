import { computed, ref, watch, type Ref } from 'vue'

/** What was read of a text: the value, NaN where it cannot be read, or in words what is wrong with it. */
export interface Read {
  value: number | null
  fault: string
}

/**
 * A number that is written as text: told onward as it is typed, shown in its usual form when the field is left. What
 * was not changed keeps its exact value, however it is shown; what cannot be read is NaN to whoever asks, and stays as
 * it was typed until it is mended.
 *
 * @param model the number
 * @param show a number as it stands in the field; what it depends on besides is followed
 * @param read what a text says, and what stands there besides
 */
export function useWritten(
  model: Ref<number | null>,
  show: (value: number) => string,
  read: (text: string, standing: number | null) => Read,
) {
  const shownOf = (value: number | null) => ({
    text: value === null || Number.isNaN(value) ? '' : show(value),
    value: value === null || Number.isNaN(value) ? null : value,
  })
  /** What stands in the field while nothing is changed, and the exact number it stands for. */
  const standing = ref(shownOf(model.value))
  const text = ref(standing.value.text)
  function settle(value: number | null) {
    standing.value = shownOf(value)
    text.value = standing.value.text
  }
  let sent = model.value
  watch([model, () => shownOf(standing.value.value).text], ([now, asNow]) => {
    if (!Object.is(now, sent) || asNow !== standing.value.text) settle(now)
    sent = now
  })
  const found = computed<Read>(() => {
    const written = text.value.trim()
    return written === standing.value.text && standing.value.value !== null
      ? { value: standing.value.value, fault: '' }
      : read(written, standing.value.value)
  })
  return {
    text,
    /** The number that the field was last settled on. */
    settled: computed(() => standing.value.value),
    fault: computed(() => found.value.fault),
    type(now: string) {
      text.value = now
      sent = found.value.fault ? NaN : found.value.value
      model.value = sent
    },
    leave() {
      if (!found.value.fault) settle(found.value.value)
    },
  }
}
