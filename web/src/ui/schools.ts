import type { School } from '../api'

/** All schools, in the order in which they are named. */
export const SCHOOLS: readonly School[] = [
  'CLASSICAL',
  'PRESSURE_AND_RELEASE',
  'REWARD_BASED',
  'FORWARD_SEAT',
  'GAITED',
]
