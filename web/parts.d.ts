import type TextButton from './parts/fields/TextButton.vue'

declare module 'vue' {
  /** Parts that every view may use without asking for them. */
  interface GlobalComponents {
    TextButton: typeof TextButton
  }
}
