/** What is said quietly of a rein while it is ridden (core: HeavyNow, whose twin this is). */
export interface HeavyNow {
  /** Its level has stayed over the pair's band. */
  isHeavy: boolean
  /** And that is told in the hand as well. */
  isTold: boolean
}

/** It stays over its band for so long before it is called heavy, in seconds. */
const STAYS_S = 3
/** It is not told again for so long, in seconds. */
const QUIET_S = 60

/** @param sinceToldS null where it was not told yet */
export function heavyNow(overForS: number, sinceToldS: number | null): HeavyNow {
  const isHeavy = overForS >= STAYS_S
  return { isHeavy, isTold: isHeavy && (sinceToldS === null || sinceToldS >= QUIET_S) }
}
