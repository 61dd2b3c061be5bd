/** With how much ink something is printed, as it is chosen. */
export const INK_ITEMS = [
  { title: 'Color', value: 'color' },
  { title: 'Little ink, to color in', value: 'saving' },
  { title: 'Black only', value: 'black' },
]
