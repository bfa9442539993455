import type { Response, Strength } from '../record'

interface Underway {
  /** The pad it was touched on. */
  on: string
  strength: Strength
  response: Response
  /** RungsAndAids once it is durable. */
  id?: string
}

/**
 * What the fingers did that the log does not tell yet: a strength chosen by key, and touches on their way into the store.
 * The pad shows a touch at once by it; the log tells it once it is durable, and what could not be kept goes from the pad
 * again.
 */
export class PendingTouches {
  private strength: Strength | null = null
  private underway: Underway[] = []
  private isTold: (id: string) => boolean = () => false
  private readonly listeners = new Set<() => void>()

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  /** The strength that waits for its answer's key. */
  readonly armed = (): Strength | null => this.strength

  arm(strength: Strength | null): void {
    this.strength = strength
    this.say()
  }

  /** How many touches of a key are not told by the log yet. */
  count(on: string, strength: Strength, response: Response): number {
    return this.underway.filter((u) => u.on === on && u.strength === strength && u.response === response)
      .length
  }

  /** Shows a touch until the log tells it, or until it is known that it could not be kept. */
  add(on: string, strength: Strength, response: Response, written: Promise<{ id: string }>): void {
    const one: Underway = { on, strength, response }
    this.underway.push(one)
    this.say()
    written.then(
      ({ id }) => {
        one.id = id
        if (this.isTold(id)) this.drop(one)
      },
      () => this.drop(one),
    )
  }

  /** The log has grown. */
  settle(isTold: (id: string) => boolean): void {
    this.isTold = isTold
    const before = this.underway.length
    this.underway = this.underway.filter(({ id }) => id === undefined || !isTold(id))
    if (this.underway.length < before) this.say()
  }

  private drop(one: Underway): void {
    this.underway = this.underway.filter((u) => u !== one)
    this.say()
  }

  private say(): void {
    this.listeners.forEach((listener) => listener())
  }
}
