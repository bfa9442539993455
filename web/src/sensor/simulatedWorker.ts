import { HUNDREDTHS } from '../reins'
import { StandIn } from './standIn'

/** What the simulated sensor is asked. */
export type Order = { do: 'CONNECT'; seed: number } | { do: 'ZERO' } | { do: 'PULL'; side: 'LEFT' | 'RIGHT' }

export type Answer =
  | { is: 'OPEN'; rateHz: number }
  | { is: 'ZEROED' }
  | { is: 'SAMPLES'; first: number; channels: [Int16Array, Int16Array] }
  | { is: 'STATE'; batteryPercent: number; signalPercent: number }

const RATE_HZ = 100
const EVERY_MS = 100
const STATE_EVERY = 20
/** What its two channels read while nothing hangs on them, before they are zeroed. */
const OFF_KG = [0.35, -0.2] as const
const BATTERY = { full: 87, minutesAPercent: 6 }
const SIGNAL = { usual: 82, sway: 12 }

const tell = (answer: Answer, hand: Transferable[] = []) => self.postMessage(answer, { transfer: hand })

let sensor: StandIn
let isSwapped = false
let told = 0
let ticks = 0
let openedMs = 0
const off: [number, number] = [...OFF_KG]

self.onmessage = ({ data }: MessageEvent<Order>) => {
  if (data.do === 'CONNECT') open(data.seed)
  else if (data.do === 'ZERO') {
    off.fill(0)
    tell({ is: 'ZEROED' })
  } else {
    sensor.pullNow(data.side)
    sensor.rideNow()
  }
}

function open(seed: number) {
  sensor = new StandIn(seed, RATE_HZ)
  // as with a real one, nobody knows which channel hangs on which rein
  isSwapped = seed % 2 === 1
  openedMs = performance.now()
  tell({ is: 'OPEN', rateHz: RATE_HZ })
  setInterval(measure, EVERY_MS)
}

/** As many readings as time has passed for: a tab in the background is woken rarely, and loses nothing. */
function measure() {
  const due = Math.floor(((performance.now() - openedMs) * RATE_HZ) / 1000)
  const many = due - told
  if (many > 0) {
    const channels: [Int16Array, Int16Array] = [new Int16Array(many), new Int16Array(many)]
    for (let i = 0; i < many; i++) {
      const [left, right] = sensor.next()
      const read = isSwapped ? [right, left] : [left, right]
      channels.forEach((channel, c) => {
        channel[i] = Math.round(((read[c] ?? 0) + (off[c] ?? 0)) * HUNDREDTHS)
      })
    }
    const first = told
    told = due
    tell({ is: 'SAMPLES', first, channels }, [channels[0].buffer, channels[1].buffer] as Transferable[])
  }
  if (ticks++ % STATE_EVERY === 0) {
    const minutes = (performance.now() - openedMs) / 60_000
    tell({
      is: 'STATE',
      batteryPercent: Math.max(1, Math.round(BATTERY.full - minutes / BATTERY.minutesAPercent)),
      signalPercent: Math.round(SIGNAL.usual + SIGNAL.sway * Math.sin(minutes)),
    })
  }
}
