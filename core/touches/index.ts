export {
  aimOf,
  DEFAULT_TARGET,
  gapsOf,
  INFANT_DOMAINS,
  lacksOf,
  targetFor,
  touchesOf,
  type ChildWeek,
  type Gap,
  type Lack,
  type Touch,
  type TouchWeek,
} from './touches'
