import { expect, test } from 'vitest'
import { instantOf } from './zoned'

// offsets from the IANA database as Node has it: London is on UTC in winter, an hour ahead in summer
test.each([
  ['2026-11-24', '17:15', 'Europe/London', '2026-11-24T17:15:00.000Z'],
  ['2026-07-01', '17:15', 'Europe/London', '2026-07-01T16:15:00.000Z'],
  ['2026-11-24', '17:15', 'Asia/Kolkata', '2026-11-24T11:45:00.000Z'],
  ['2026-03-29', '03:30', 'Europe/Berlin', '2026-03-29T01:30:00.000Z'],
  ['2026-10-25', '12:00', 'Europe/Berlin', '2026-10-25T11:00:00.000Z'],
])('%s %s in %s', (date, time, zone, expected) => {
  expect(instantOf(date, time, zone)).toBe(expected)
})
