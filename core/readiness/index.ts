export { readyBy, type ReadyBy } from './readiness'
