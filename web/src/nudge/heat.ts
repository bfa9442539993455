/** What the heat allows, the mildest first. */
export type HeatLevel = 'RIDE' | 'SHADE' | 'LIGHT_ONLY' | 'STOP'

/** The lines of °F + % humidity; they come with the packet. */
export interface HeatRules {
  shade: number
  light: number
  stop: number
  speaksFromC: number
  lightFromC: number
}

/** For packets that came before there were any; the server's standards. */
export const STANDARD_HEAT: HeatRules = { shade: 130, light: 150, stop: 180, speaksFromC: 22, lightFromC: 35 }

/** How hot it is for a horse; the twin of the server's. `RIDE` while either is not known. */
export function heatLevel(
  { temperatureC, humidityPct }: { temperatureC?: number | undefined; humidityPct?: number | undefined },
  rules: HeatRules,
): HeatLevel {
  if (temperatureC === undefined || temperatureC < rules.speaksFromC) return 'RIDE'
  // dry heat does not add up: the thermometer alone is enough
  const least = temperatureC >= rules.lightFromC ? 'LIGHT_ONLY' : 'RIDE'
  if (humidityPct === undefined) return least
  const sum = (temperatureC * 9) / 5 + 32 + humidityPct
  if (sum > rules.stop) return 'STOP'
  if (sum >= rules.light) return 'LIGHT_ONLY'
  return least === 'RIDE' && sum >= rules.shade ? 'SHADE' : least
}
