import i18next from 'i18next'

/** What stands where a moment cannot be told. */
const NO_MOMENT = '—'

/**
 * A moment as this says it. Never throws: a date out of all range, or a time zone this browser has not heard of, must not take the
 * screen with it.
 */
function said(options: Intl.DateTimeFormatOptions, at: Date, locale = i18next.language): string {
  if (Number.isNaN(at.getTime())) return NO_MOMENT
  try {
    return new Intl.DateTimeFormat(locale, options).format(at)
  } catch {
    return new Intl.DateTimeFormat(locale, { ...options, timeZone: 'UTC' }).format(at)
  }
}

/** Days and times as the yard's clock shows them. */
export function timeOfDay(iso: string, timeZone: string): string {
  return said({ hour: '2-digit', minute: '2-digit', timeZone }, new Date(iso))
}

/** When and on what day, 14:05 on 24 Nov. */
export function timeAndDay(iso: string, timeZone: string): string {
  return `${timeOfDay(iso, timeZone)}, ${dayShort(iso, timeZone)}`
}

export function dayShort(iso: string, timeZone: string): string {
  return said({ day: 'numeric', month: 'short', timeZone }, new Date(iso))
}

export function dayLong(date: string): string {
  return said(
    { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' },
    new Date(`${date}T00:00:00Z`),
  )
}

/** A day, with its year: 3 Feb 2026. */
export function dayAndYear(date: string): string {
  return said(
    { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' },
    new Date(`${date}T00:00:00Z`),
  )
}

/** A day within this year or so: 3 Feb. */
export function dayAndMonth(date: string): string {
  return dayShort(`${date}T00:00:00Z`, 'UTC')
}

/** A day of a near week: Fri 8 May. */
export function dayOfWeek(date: string): string {
  return said(
    { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' },
    new Date(`${date}T00:00:00Z`),
  )
}

/** The day of a moment, in full, where the yard is. */
export function dayLongAt(iso: string, timeZone: string): string {
  return said({ weekday: 'long', day: 'numeric', month: 'long', timeZone }, new Date(iso))
}

/** The day of a moment where the yard is, as 2026-11-24. */
export function dayOf(atMs: number, timeZone: string): string {
  return said({ timeZone }, new Date(atMs), 'en-CA')
}

/** Today where the yard is, by this device's clock. */
export function today(timeZone: string): string {
  return dayOf(Date.now(), timeZone)
}

/** A moment as the interface takes it; now where it is none. */
export function isoOf(atMs: number): string {
  const at = new Date(atMs)
  return (Number.isNaN(at.getTime()) ? new Date() : at).toISOString()
}

/** A share, or the difference of two, as whole percent. */
export function percent(share: number): string {
  return String(Math.round(100 * share))
}

/** A figure with so many places after the point at most. */
export function number(value: number, places: number): string {
  return String(Number(value.toFixed(places))).replace('-', '−')
}

/** A figure that changes while it is read: always with so many places, so that nothing beside it moves. */
export function steady(value: number, places: number): string {
  return value.toFixed(places).replace('-', '−')
}

/** A span as minutes and seconds, 7:05. */
export function clock(ms: number): string {
  const seconds = Math.max(0, Math.floor(ms / 1000))
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

/** One of these, as this language says it: walk or canter. */
export function anyOf(words: readonly string[]): string {
  return new Intl.ListFormat(i18next.language, { type: 'disjunction' }).format(words)
}
