/** What is printed for the kids and the room: every kind of card, path and label, drawn as pages of their true size. */
export * from './widths'
export * from './svg'
export * from './page'
export * from './pen'
export * from './handwriting'
export * from './context'
export * from './kinds'
export * from './job'
