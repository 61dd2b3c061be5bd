import 'vuetify/styles/core'
import { createVuetify, type ThemeDefinition } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'

/** Colours of the look, once: the same names stand in tokens.css for what Vuetify does not draw. */
const light: ThemeDefinition = {
  dark: false,
  colors: {
    background: '#F5EFE3',
    surface: '#FFFDF8',
    primary: '#1D5A50',
    'on-primary': '#FFFDF8',
    secondary: '#525C58',
    error: '#A5382A',
    warning: '#95480C',
    success: '#1D5A50',
    info: '#1D5A50',
    'on-background': '#24302F',
    'on-surface': '#24302F',
  },
  variables: {
    'border-color': '#8E7C57',
    'border-opacity': 1,
    'high-emphasis-opacity': 1,
    'medium-emphasis-opacity': 1,
    'hover-opacity': 0.05,
    'focus-opacity': 0.06,
  },
}
const dark: ThemeDefinition = {
  dark: true,
  colors: {
    background: '#1E2423',
    surface: '#2A3231',
    primary: '#7CC4B3',
    'on-primary': '#171C1B',
    secondary: '#A9B1AB',
    error: '#F08B7B',
    warning: '#F0A35E',
    success: '#7CC4B3',
    info: '#7CC4B3',
    'on-background': '#ECE6D9',
    'on-surface': '#ECE6D9',
  },
  variables: {
    'border-color': '#6F7B76',
    'border-opacity': 1,
    'high-emphasis-opacity': 1,
    'medium-emphasis-opacity': 1,
    'hover-opacity': 0.07,
    'focus-opacity': 0.08,
  },
}

const field = { variant: 'outlined', density: 'compact', hideDetails: 'auto', color: 'primary' } as const

/** Vuetify for behaviour; its look is ours. */
export const vuetify = createVuetify({
  theme: { defaultTheme: 'light', themes: { light, dark } },
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
