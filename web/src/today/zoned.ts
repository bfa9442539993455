/** The moment at which the yard's clock shows this time on this day, as ISO text. */
export function instantOf(date: string, time: string, timeZone: string): string {
  const asIfUtc = Date.parse(`${date}T${time}:00Z`)
  // twice, so that a guess on the other side of a clock change is put right
  const first = asIfUtc - offsetMs(asIfUtc, timeZone)
  return new Date(asIfUtc - offsetMs(first, timeZone)).toISOString()
}

/** What the zone's clock shows, less UTC, at this moment. */
function offsetMs(atMs: number, timeZone: string): number {
  const parts = new Intl.DateTimeFormat('en-CA', {
    timeZone,
    hourCycle: 'h23',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  }).formatToParts(new Date(atMs))
  const part = (type: Intl.DateTimeFormatPartTypes) => Number(parts.find((p) => p.type === type)?.value)
  const shown = Date.UTC(
    part('year'),
    part('month') - 1,
    part('day'),
    part('hour'),
    part('minute'),
    part('second'),
  )
  return shown - Math.floor(atMs / 1000) * 1000
}
