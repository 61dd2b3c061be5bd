/** What computes on an open unit, apart: a third of the application, and a list of units shows nothing of it. */
export { activitiesFor, snapshotOf, themeOf } from '@core/ideas'
export { readingsOf } from '@core/readings'
export { resolvePlan } from '@core/plan'
export { supplyList } from '@core/supplies'
