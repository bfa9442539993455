import { Problem, Unreachable } from '../api'

/** How sending stands. */
export type OutboxState = 'resting' | 'sending' | 'offline' | 'signed_out' | 'failing'

const RETRY_MS = { least: 2_000, most: 60_000 }

/** What waits on this device, and how to send the next of it. */
export interface Backlog {
  /** One sender a name and browser. */
  name: string
  /** Sends some of what waits and settles it by its answers; false when nothing waits. Throws what stops sending. */
  sendNext: (onSending: () => void) => Promise<boolean>
}

/**
 * Sends what waits, again and again until all is answered for. Nothing leaves the device before the server has answered
 * for it by its id.
 */
export class Outbox {
  private state: OutboxState = 'resting'
  private timer: ReturnType<typeof setTimeout> | undefined
  private pauseMs = RETRY_MS.least
  private running: Promise<void> | undefined
  private isAskedAgain = false
  private isStopped = false
  private readonly listeners = new Set<() => void>()

  constructor(private readonly waiting: Backlog) {}

  readonly current = (): OutboxState => this.state

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  /** Sends now, or again once the sending under way is done. */
  async send(): Promise<void> {
    this.isStopped = false
    if (this.running) {
      this.isAskedAgain = true
      return this.running
    }
    clearTimeout(this.timer)
    this.running = withLock(this.waiting.name, () => this.sendAll())
    try {
      await this.running
    } finally {
      this.running = undefined
    }
    if (this.isAskedAgain) {
      this.isAskedAgain = false
      await this.send()
    }
  }

  /** The network is back: tried now, and soon again where it was only a flicker. */
  async wake(): Promise<void> {
    this.pauseMs = RETRY_MS.least
    await this.send()
  }

  /** Ends retrying; what waits stays. */
  stop(): void {
    this.isStopped = true
    clearTimeout(this.timer)
  }

  private async sendAll(): Promise<void> {
    try {
      // what got through shows that the line holds: the next cut is waited out from the start
      while (await this.waiting.sendNext(() => this.enter('sending'))) this.pauseMs = RETRY_MS.least
      this.pauseMs = RETRY_MS.least
      this.enter('resting')
    } catch (e) {
      this.enter(stateAfter(e))
      // whoever ended it while it was sending does not want it tried again
      if (this.isStopped) return
      this.timer = setTimeout(() => void this.send(), this.pauseMs)
      this.pauseMs = Math.min(2 * this.pauseMs, RETRY_MS.most)
    }
  }

  private enter(state: OutboxState): void {
    if (this.state === state) return
    this.state = state
    this.listeners.forEach((listener) => listener())
  }
}

function stateAfter(e: unknown): OutboxState {
  if (e instanceof Unreachable) return 'offline'
  return e instanceof Problem && e.status === 401 ? 'signed_out' : 'failing'
}

/** One tab sends at a time; where locks are missing, doubled sending is harmless, since the server knows the ids. */
async function withLock(name: string, work: () => Promise<void>): Promise<void> {
  if ('locks' in navigator) await navigator.locks.request(`outbox-${name}`, work)
  else await work()
}
