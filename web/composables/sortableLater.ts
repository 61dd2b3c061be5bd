/**
 * What drags by mouse and finger, asked for as soon as a view that drags is: it comes beside the view, which is drawn
 * without waiting for it. A part that never comes leaves the page as it is, to be moved by keys and buttons.
 */
export const sortableLater = import('sortablejs').then(
  (module) => module.default,
  () => ({ create: () => undefined }),
)

/** Marks an element whose cards or rows can be dragged by now. */
export const DRAGS = 'data-drags'
