export { DEFAULT_TARGET, lacksOf, targetFor, touchesOf, type ChildWeek, type Lack, type Touch, type TouchWeek } from './touches'
