export * from './stageOn'
export * from './presence'
export * from './participants'
export * from './suits'
