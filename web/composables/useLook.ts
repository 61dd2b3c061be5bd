import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { computed, watchEffect } from 'vue'
import { useTheme } from 'vuetify'
import { KEPT } from './kept'

/** Light or dark: as chosen here, else as the system has it. Call once, in the application's root. */
export function useLook() {
  const chosen = useLocalStorage<'light' | 'dark' | ''>(KEPT.look, '')
  const prefersDark = usePreferredDark()
  const theme = useTheme()
  const look = computed(() => chosen.value || (prefersDark.value ? 'dark' : 'light'))
  watchEffect(() => {
    document.documentElement.dataset.theme = look.value
    void theme.change(look.value)
  })
  return { look, toggle: () => (chosen.value = look.value === 'dark' ? 'light' : 'dark') }
}
