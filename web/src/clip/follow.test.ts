import { expect, test } from 'vitest'
import { follow } from './follow'
import type { Player, Playing } from './player'

/** A player that does at once what it is told. */
function standIn(durationMs = 20_000) {
  let now: Playing = { atMs: 0, isPlaying: false, rate: 1, loop: null }
  const listeners = new Set<() => void>()
  const sought: number[] = []
  const tell = (change: Partial<Playing>) => {
    now = { ...now, ...change }
    listeners.forEach((l) => l())
  }
  const player = {
    durationMs,
    now: () => now,
    subscribe: (l: () => void) => {
      listeners.add(l)
      return () => listeners.delete(l)
    },
    seek: (atMs: number) => {
      sought.push(atMs)
      tell({ atMs: Math.max(0, Math.min(durationMs, Math.floor(atMs))) })
    },
    toggle: () => tell({ isPlaying: !now.isPlaying }),
    pause: () => tell({ isPlaying: false }),
    setRate: (rate: Playing['rate']) => tell({ rate }),
  }
  return { player: player as unknown as Player, tell, sought }
}

test('the second goes along: frame by frame, playing, as fast, and stops with the first', () => {
  const [first, second] = [standIn(), standIn()]
  const end = follow(first.player, second.player, 500)
  first.tell({ atMs: 1000 })
  expect(second.sought.at(-1)).toBe(1501)
  first.tell({ isPlaying: true, rate: 0.25 })
  expect(second.player.now()).toMatchObject({ isPlaying: true, rate: 0.25 })
  first.tell({ isPlaying: false })
  expect(second.player.now().isPlaying).toBe(false)
  end()
  first.tell({ atMs: 9000 })
  expect(second.sought.at(-1)).toBeLessThan(9000)
})

test('while both play it is brought back only where they are seen to be apart', () => {
  const [first, second] = [standIn(), standIn()]
  follow(first.player, second.player, 0)
  first.tell({ isPlaying: true })
  const before = second.sought.length
  first.tell({ atMs: 100 })
  expect(second.sought).toHaveLength(before)
  first.tell({ atMs: 400 })
  expect(second.sought.at(-1)).toBe(400)
})

test('where it has no picture for the moment it waits at its end', () => {
  const [first, second] = [standIn(), standIn(2000)]
  follow(first.player, second.player, -1000)
  first.tell({ atMs: 500, isPlaying: true })
  expect(second.player.now()).toMatchObject({ atMs: 0, isPlaying: false })
  first.tell({ atMs: 1500 })
  expect(second.player.now()).toMatchObject({ atMs: 500, isPlaying: true })
  first.tell({ atMs: 3500 })
  expect(second.player.now()).toMatchObject({ atMs: 2000, isPlaying: false })
})
