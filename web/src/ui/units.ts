import { useCallback, useSyncExternalStore } from 'react'
import { useText } from '../text'
import type { Text } from '../text'

export const UNITS = ['METRES', 'FEET'] as const
export type Units = (typeof UNITS)[number]

const KEY = 'strophos.units'
const INCH_M = 0.0254
const listeners = new Set<() => void>()

function current(): Units {
  return localStorage.getItem(KEY) === 'FEET' ? 'FEET' : 'METRES'
}

/** In which units this device measures the ground. */
export function useUnits(): [Units, (units: Units) => void] {
  const units = useSyncExternalStore((listener) => {
    listeners.add(listener)
    return () => listeners.delete(listener)
  }, current)
  return [
    units,
    (chosen) => {
      localStorage.setItem(KEY, chosen)
      listeners.forEach((listener) => listener())
    },
  ]
}

/** A length in words: metres to so many digits, or centimetres; feet and inches to the inch. */
export type LengthInWords = (metres: number, digits?: number | 'cm') => string

export function useLength(): LengthInWords {
  const { t } = useText()
  const [units] = useUnits()
  return useCallback((metres, digits = 2) => lengthIn(t, units, metres, digits), [t, units])
}

export function lengthIn(t: Text, units: Units, metres: number, digits: number | 'cm'): string {
  if (units === 'METRES' && digits === 'cm') return t('units.cm', { cm: (100 * metres).toFixed(0) })
  if (units === 'METRES') return t('units.metres', { metres: metres.toFixed(digits === 'cm' ? 2 : digits) })
  const inches = Math.round(Math.abs(metres) / INCH_M)
  const sign = metres < 0 && inches > 0 ? '−' : ''
  if (inches < 12) return t('units.inches', { inches: `${sign}${String(inches)}` })
  const feet = `${sign}${String(Math.floor(inches / 12))}`
  return inches % 12 === 0 ? t('units.feet', { feet }) : t('units.feetInches', { feet, inches: inches % 12 })
}

/** A length as it is typed: 7.32, or in feet 24, 24 6 and 24' 6"; null for what is none. */
export function lengthTyped(units: Units, typed: string): number | null {
  const words = typed.trim().replace(',', '.')
  if (units === 'METRES') {
    const metres = /^(-?\d+(?:\.\d+)?)\s*m?$/.exec(words)?.[1]
    return metres === undefined ? null : Number(metres)
  }
  const found = /^(-?)(\d+(?:\.\d+)?)\s*(?:ft|'|′)?\s*(?:(\d+(?:\.\d+)?)\s*(?:in|"|″)?)?$/.exec(words)
  if (!found) return null
  const inches = 12 * Number(found[2]) + Number(found[3] ?? 0)
  return ((found[1] === '-' ? -1 : 1) * Math.round(inches * INCH_M * 1e4)) / 1e4
}

/** A length as it stands in a field, to be typed over. */
export function lengthToType(units: Units, metres: number): string {
  if (units === 'METRES') return String(metres)
  const inches = Math.round((Math.abs(metres) / INCH_M) * 4) / 4
  const sign = metres < 0 && inches > 0 ? '-' : ''
  const rest = Math.round((inches % 12) * 100) / 100
  return rest === 0
    ? `${sign}${String(Math.floor(inches / 12))}`
    : `${sign}${String(Math.floor(inches / 12))} ${String(rest)}`
}
