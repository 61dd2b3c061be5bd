/** Getting ready: when preparing must be done, and how many pieces a sheet gives and how long they take to cut. */
export * from './readiness'
export * from './sheets'
