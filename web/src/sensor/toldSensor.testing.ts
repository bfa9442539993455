import type { ReinSensor, SensorNews } from './reinSensor'

export const RATE = 20

/** A sensor that says what a test wants it to. */
export class ToldSensor implements ReinSensor {
  readonly name = 'Told sensor'
  hear: (news: SensorNews) => void = () => undefined
  isZeroed = false
  isAway = false
  private told = 0

  constructor(readonly isSimulated = false) {}

  connect(hear: (news: SensorNews) => void) {
    this.hear = hear
    return this.isAway ? Promise.reject(new Error('away')) : Promise.resolve(RATE)
  }

  zero() {
    this.isZeroed = true
    return Promise.resolve()
  }

  disconnect() {
    this.hear = () => undefined
  }

  /** So many seconds of these kilograms in its two channels. */
  says(seconds: number, first: number, second: number) {
    const many = Math.round(seconds * RATE)
    const channel = (kg: number) => new Int16Array(many).fill(Math.round(100 * kg))
    this.hear({ is: 'SAMPLES', first: this.told, channels: [channel(first), channel(second)] })
    this.told += many
  }

  /** So many seconds are lost on the way. */
  misses(seconds: number) {
    this.told += Math.round(seconds * RATE)
  }
}
