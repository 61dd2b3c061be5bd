import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { computed, watchEffect } from 'vue'
import { KEPT } from './kept'

/** Light or dark: as chosen on this device, else as the system has it. */
export function useChosenLook() {
  const chosen = useLocalStorage<'light' | 'dark' | ''>(KEPT.look, '')
  const prefersDark = usePreferredDark()
  const look = computed(() => chosen.value || (prefersDark.value ? 'dark' : 'light'))
  watchEffect(() => {
    document.documentElement.dataset.theme = look.value
  })
  return { look, toggle: () => (chosen.value = look.value === 'dark' ? 'light' : 'dark') }
}
