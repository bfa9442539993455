import { answerOf, api, Problem, Unreachable } from '../api'
import type { BatchAnswer } from '../api'
import type { KeptEntry, Passage, Shelf } from './device'

/** How sending stands. */
export type OutboxState = 'resting' | 'sending' | 'offline' | 'signed_out' | 'failing'

const BATCH = 200
const RETRY_MS = { least: 2_000, most: 60_000 }

/**
 * Sends what waits, oldest first, as its author only; one sender a browser. Nothing leaves the device before the
 * server has answered for it by its id.
 */
export class Outbox {
  private state: OutboxState = 'resting'
  private timer: ReturnType<typeof setTimeout> | undefined
  private pauseMs = RETRY_MS.least
  private running: Promise<void> | undefined
  private isAskedAgain = false
  private readonly listeners = new Set<() => void>()

  constructor(private readonly shelf: Shelf) {}

  readonly current = (): OutboxState => this.state

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  /** Sends now, or again once the sending under way is done. */
  async send(): Promise<void> {
    if (this.running) {
      this.isAskedAgain = true
      return this.running
    }
    clearTimeout(this.timer)
    this.running = withLock(this.shelf.name, () => this.sendAll())
    await this.running
    this.running = undefined
    if (this.isAskedAgain) {
      this.isAskedAgain = false
      await this.send()
    }
  }

  /** Ends retrying; what waits stays. */
  stop(): void {
    clearTimeout(this.timer)
  }

  private async sendAll(): Promise<void> {
    try {
      for (;;) {
        const waiting = await this.shelf.entries.where({ passage: 'waiting' }).sortBy('seq')
        const batch = waiting.slice(0, BATCH)
        if (batch.length === 0) break
        this.enter('sending')
        const answer = await answerOf(api.POST('/api/v1/entries', { body: { entries: batch.map(bare) } }))
        await this.settle(batch, answer)
      }
      this.pauseMs = RETRY_MS.least
      this.enter('resting')
    } catch (e) {
      this.enter(stateAfter(e))
      this.timer = setTimeout(() => void this.send(), this.pauseMs)
      this.pauseMs = Math.min(2 * this.pauseMs, RETRY_MS.most)
    }
  }

  private async settle(batch: KeptEntry[], { answers }: BatchAnswer): Promise<void> {
    await this.shelf.transaction('rw', this.shelf.entries, async () => {
      for (const answer of answers) {
        const sent = batch[answer.index]
        if (sent) {
          await this.shelf.entries.update(sent.id, {
            passage: PASSAGE[answer.outcome],
            code: answer.code ?? undefined,
          })
        }
      }
    })
  }

  private enter(state: OutboxState): void {
    if (this.state === state) return
    this.state = state
    this.listeners.forEach((listener) => listener())
  }
}

const PASSAGE: Record<BatchAnswer['answers'][number]['outcome'], Passage> = {
  STORED: 'stored',
  ALREADY: 'stored',
  KEPT_ODD: 'odd',
  REFUSED: 'refused',
}

function stateAfter(e: unknown): OutboxState {
  if (e instanceof Unreachable) return 'offline'
  return e instanceof Problem && e.status === 401 ? 'signed_out' : 'failing'
}

function bare({ id, lesson, device, author, seq, atMs, kind, v, payload }: KeptEntry) {
  return { id, lesson, device, author, seq, atMs, kind, v, payload }
}

/** One tab sends at a time; where locks are missing, doubled sending is harmless, since the server knows the ids. */
async function withLock(name: string, work: () => Promise<void>): Promise<void> {
  if ('locks' in navigator) await navigator.locks.request(`outbox-${name}`, work)
  else await work()
}
