import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { expect, test } from 'vitest'
import { heatLevel, STANDARD_HEAT } from './heat'
import type { HeatLevel } from './heat'

interface Example {
  temperatureC: number
  humidityPct: number
  level: HeatLevel
}

const file = resolve(import.meta.dirname, '../../../examples/heat.json')
const examples = JSON.parse(readFileSync(file, 'utf8')) as Example[]

// °F + % humidity, from 22 °C on: common practice, no source; read by the server's tests as well
test.each(examples)('$temperatureC °C and $humidityPct %: $level', ({ temperatureC, humidityPct, level }) => {
  expect(heatLevel({ temperatureC, humidityPct }, STANDARD_HEAT)).toBe(level)
})

test('the thermometer alone is enough when it is very hot, and never for more than light work', () => {
  expect(heatLevel({ temperatureC: 36 }, STANDARD_HEAT)).toBe('LIGHT_ONLY')
  expect(heatLevel({ temperatureC: 30 }, STANDARD_HEAT)).toBe('RIDE')
  expect(heatLevel({ humidityPct: 99 }, STANDARD_HEAT)).toBe('RIDE')
})
