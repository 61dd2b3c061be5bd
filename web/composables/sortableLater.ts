import { whenCalm } from './useCalm'

/**
 * What drags by mouse and finger, asked for once a view that drags is drawn: it does not take the line from it. A part
 * that never comes leaves the page as it is, to be moved by keys and buttons.
 */
export const sortableLater = whenCalm()
  .then(() => import('sortablejs'))
  .then(
    (module) => module.default,
    () => ({ create: () => undefined }),
  )

/** Marks an element whose cards or rows can be dragged by now. */
export const DRAGS = 'data-drags'
