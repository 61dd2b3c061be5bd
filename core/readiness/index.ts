export { readyBy, readyRemedies, type ReadyBy, type ReadyRemedy } from './readiness'
