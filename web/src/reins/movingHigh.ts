import { GAP } from './samples'

/**
 * The highest of the last readings, each taken in once: the level of a rein. Times and readings wait in a ring of fixed room, and only
 * those that can still become the highest; core's Level does the same over a whole recording.
 */
export class MovingHigh {
  private readonly places: Float64Array
  private readonly readings: Int16Array
  private first = 0
  private count = 0
  private place = 0

  /** @param window readings it looks back over, at least 1 */
  constructor(private readonly window: number) {
    this.places = new Float64Array(window)
    this.readings = new Int16Array(window)
  }

  /** Takes a reading in; the highest of the window, or a gap where all of it is one. */
  next(reading: number): number {
    const at = this.place++
    if (this.count > 0 && (this.places[this.first] ?? 0) <= at - this.window) {
      this.first = (this.first + 1) % this.window
      this.count--
    }
    if (reading !== GAP) {
      while (this.count > 0 && (this.readings[this.last()] ?? GAP) <= reading) this.count--
      this.count++
      this.places[this.last()] = at
      this.readings[this.last()] = reading
    }
    return this.count > 0 ? (this.readings[this.first] ?? GAP) : GAP
  }

  private last(): number {
    return (this.first + this.count - 1) % this.window
  }
}
