import { watchEffect } from 'vue'
import { useTheme } from 'vuetify'
import { useChosenLook } from './useChosenLook'

/** The chosen look, for the component library too. Call once, in the application's root. */
export function useLook() {
  const { look, toggle } = useChosenLook()
  const theme = useTheme()
  watchEffect(() => void theme.change(look.value))
  return { look, toggle }
}
