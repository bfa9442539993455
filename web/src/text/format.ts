/** Days and times as the yard's clock shows them. */
export function timeOfDay(iso: string, timeZone: string): string {
  return new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone }).format(
    new Date(iso),
  )
}

/** When and on what day, 14:05 on 24 Nov. */
export function timeAndDay(iso: string, timeZone: string): string {
  return `${timeOfDay(iso, timeZone)}, ${dayShort(iso, timeZone)}`
}

export function dayShort(iso: string, timeZone: string): string {
  return new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone }).format(new Date(iso))
}

export function dayLong(date: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  }).format(new Date(`${date}T00:00:00Z`))
}

/** The day of a moment, in full, where the yard is. */
export function dayLongAt(iso: string, timeZone: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone,
  }).format(new Date(iso))
}

/** A share in [0, 1] as whole percent. */
export function percent(share: number): string {
  return String(Math.round(100 * share))
}

/** A span as minutes and seconds, 7:05. */
export function clock(ms: number): string {
  const seconds = Math.max(0, Math.floor(ms / 1000))
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
