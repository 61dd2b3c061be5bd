import type { Directive } from 'vue'

/**
 * Puts the focus into a field once, when it appears. The field library's own way waits until the field is seen, and
 * then takes the focus from whoever has typed on meanwhile.
 */
export const startHere: Directive<HTMLElement> = {
  mounted: (element) => element.querySelector<HTMLElement>('input, textarea')?.focus(),
}
