import { readdirSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { describe, expect, test } from 'vitest'
import { TEXTS } from '../record'
import screens from './en.json'
import { clock, dayLong, dayLongAt, isoOf, percent, timeOfDay } from './format'
import shell from './shell.en.json'

const en = { ...shell, ...screens }

const source = resolve(import.meta.dirname, '..')
const files = readdirSync(source, { recursive: true, encoding: 'utf8' }).filter(
  (f) => /\.tsx?$/.test(f) && !f.includes('.test.'),
)

function has(path: string): boolean {
  let at: unknown = en
  for (const part of path.split('.')) at = (at as Record<string, unknown> | undefined)?.[part]
  return at !== undefined
}

describe('the language file', () => {
  test('has every text a screen asks for by name', () => {
    const asked = files.flatMap((f) =>
      [...readFileSync(resolve(source, f), 'utf8').matchAll(/\bt\('([\w.-]+)'/g)].map((m) => m[1] ?? ''),
    )
    expect(asked.length).toBeGreaterThan(50)
    expect(asked.filter((key) => !has(key) && !has(`${key}_one`) && !has(`${key}_other`))).toEqual([])
  })

  test('has every word of the record that is shown', () => {
    const shown = Object.entries(TEXTS).flatMap(([key, words]) => words.map((word) => `${key}.${word}`))
    expect(shown.length).toBeGreaterThan(80)
    expect(shown.filter((key) => !has(key))).toEqual([])
  })

  test('is the only place for words on a screen', () => {
    // a letter straight after a tag's end, up to the next tag, is text between tags
    const written = files.flatMap((f) =>
      f.endsWith('.tsx')
        ? [
            ...readFileSync(resolve(source, f), 'utf8').matchAll(
              /<[a-zA-Z.]+[^<>=]*>\s*([A-Za-z][a-z]{2,}[^<>{}()=;]*)<\//g,
            ),
          ].map((m) => `${f}: ${m[1] ?? ''}`)
        : [],
    )
    expect(written).toEqual([])
  })
})

describe('formats', () => {
  test('a span in minutes and seconds', () => {
    expect(clock(425_999)).toBe('7:05')
    expect(clock(-5)).toBe('0:00')
  })
  test('a share in percent', () => expect(percent(0.4902)).toBe('49'))
  test('the yard’s own time', () => expect(timeOfDay('2026-07-01T16:15:00Z', 'Europe/London')).toBe('17:15'))
  test('a morning far to the east is the yard’s own day', () =>
    expect(dayLongAt('2026-11-23T22:30:00Z', 'Australia/Sydney')).toBe('Tuesday 24 November'))
  test.each(['+280000-01-01T00:00:00Z', '', 'soon', '-999999999-01-01'])(
    'no moment (%s) is said as such',
    (iso) => {
      expect(timeOfDay(iso, 'Europe/London')).toBe('—')
      expect(dayLong(iso)).toBe('—')
      expect(dayLongAt(iso, 'Europe/London')).toBe('—')
    },
  )
  test('a zone this browser has not heard of is read as UTC', () =>
    expect(timeOfDay('2026-07-01T16:15:00Z', 'Saltmarsh/Ford')).toBe('16:15'))
  test('a moment out of all range is sent as now', () =>
    expect(Date.parse(isoOf(9e15))).toBeLessThanOrEqual(Date.now()))
  test('a day in full', () => expect(dayLong('2026-11-24')).toBe('Tuesday 24 November'))
})

test('every strand has its plain name for riders', () => {
  expect(Object.keys(en.strandPlain).sort()).toEqual(Object.keys(en.strand).sort())
})
