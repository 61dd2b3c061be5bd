export { checkHouse, type Flag } from './checkHouse'
