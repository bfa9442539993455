import { SCHOOLS } from '../record'
import type { School } from '../api'

const KEY = 'strophos-last-school'

/** The school the last new pair began in, on this device. */
export function lastSchool(): School {
  const kept = localStorage.getItem(KEY)
  return SCHOOLS.find((s) => s === kept) ?? 'CLASSICAL'
}

export function keepSchool(school: School): void {
  localStorage.setItem(KEY, school)
}
