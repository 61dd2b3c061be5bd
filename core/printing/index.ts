/** What paper takes: pieces on a sheet, letters for names, and what of a plan is printed rather than made by hand. */
export * from './sheets'
export * from './letters'
export * from './placed'
export * from './offers'
