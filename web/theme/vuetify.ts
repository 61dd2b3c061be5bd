import 'vuetify/styles/core'
import { createVuetify, type ThemeDefinition } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import colours from './colours.css?raw'
import { coloursOf } from './coloursOf'
import { english } from './english'

/** A theme of the component library, in the colours of the look. */
const themeIn = (look: 'light' | 'dark', overlay: { hover: number; focus: number }): ThemeDefinition => {
  const { linen, paper, spruce, 'on-spruce': onSpruce, mute, brick, ember, ink, control } = coloursOf(colours, look)
  return {
    dark: look === 'dark',
    colors: {
      background: linen,
      surface: paper,
      primary: spruce,
      'on-primary': onSpruce,
      secondary: mute,
      error: brick,
      warning: ember,
      success: spruce,
      info: spruce,
      'on-background': ink,
      'on-surface': ink,
    },
    variables: {
      'border-color': control,
      'border-opacity': 1,
      'high-emphasis-opacity': 1,
      'medium-emphasis-opacity': 1,
      'hover-opacity': overlay.hover,
      'focus-opacity': overlay.focus,
    },
  }
}
const light = themeIn('light', { hover: 0.05, focus: 0.06 })
const dark = themeIn('dark', { hover: 0.07, focus: 0.08 })

const field = { variant: 'outlined', density: 'compact', hideDetails: 'auto', color: 'primary' } as const

/** Vuetify for behaviour; its look is ours. */
export const vuetify = createVuetify({
  theme: { defaultTheme: 'light', themes: { light, dark } },
  locale: { adapter: english },
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  defaults: {
    global: { ripple: false, elevation: 0 },
    VBtn: { variant: 'outlined', rounded: 'lg', class: 'k-btn' },
    VTextField: field,
    VSelect: { ...field, menuProps: { transition: false } },
    VAutocomplete: { ...field, menuProps: { transition: false } },
    VCombobox: { ...field, menuProps: { transition: false } },
    VTextarea: { ...field, autoGrow: true, rows: 2 },
    VCheckbox: { density: 'compact', hideDetails: true, color: 'primary' },
    VDialog: { maxWidth: 520, transition: false },
    VTooltip: { openDelay: 300, transition: false },
    VChip: { rounded: 'sm', variant: 'outlined', size: 'small' },
  },
})
