import { v7 } from 'uuid'
import { expect, test } from 'vitest'
import { append, shelfOf, sweep, sweepAll, unsentOn } from '.'
import type { StoredCards, StoredPacket, StoredPractice, StoredSign, Shelf } from '.'

const NAMES = ['Ottilie', 'Tamarack', 'Imre']

async function filled(): Promise<{ shelf: Shelf; unsent: string[] }> {
  const person = v7()
  const shelf = shelfOf(person)
  const unsent: string[] = []
  for (const passage of ['stored', 'odd', 'waiting', 'refused'] as const) {
    const { id } = await append(shelf, v7(), person, { kind: 'note', payload: { text: 'soft' } })
    await shelf.entries.update(id, { passage })
    await shelf.practices.add({ id: v7(), passage, assignment: v7() } as StoredPractice)
    await shelf.signs.add({ id: v7(), passage, name: 'Tamarack', horse: v7() } as StoredSign)
    if (passage === 'waiting' || passage === 'refused') unsent.push(id)
  }
  const lesson = { id: v7(), pair: v7(), horse: 'Tamarack', rider: 'Imre', plannedAt: '2026-11-24T10:00:00Z' }
  const packet = {
    lesson,
    entries: [],
    watch: [{ text: 'Tamarack stumbles' }],
  } as unknown as StoredPacket['packet']
  await shelf.packets.bulkAdd([
    { lesson: v7(), packet, offsetMs: 0, arrival: 0 },
    { lesson: lesson.id, packet, offsetMs: 0, arrival: 0, toAdd: 1 },
  ])
  await shelf.cards.add({
    name: 'cards',
    cards: { pairs: [{ horse: 'Tamarack' }] },
  } as unknown as StoredCards)
  return { shelf, unsent }
}

async function textOf(shelf: Shelf): Promise<string> {
  return JSON.stringify(await Promise.all(shelf.tables.map((table) => table.toArray())))
}

test('leaves what is not sent, and nobody’s name', async () => {
  const { shelf, unsent } = await filled()
  const [count] = await shelf.counters.toArray()
  await sweep(shelf)
  expect((await shelf.entries.toArray()).map((e) => e.id).sort()).toEqual(unsent.sort())
  expect(await unsentOn(shelf)).toBe(6)
  expect((await shelf.packets.toArray()).map((p) => p.toAdd)).toEqual([1])
  expect((await shelf.packets.toArray())[0]?.packet.lesson).toMatchObject({
    plannedAt: '2026-11-24T10:00:00Z',
    horse: '',
    rider: '',
  })
  const left = await textOf(shelf)
  for (const name of NAMES) expect(left).not.toContain(name)
  expect(await shelf.counters.toArray()).toEqual([count])
})

test('sweeps after everybody who was signed in here before', async () => {
  const [first, second] = [await filled(), await filled()]
  await sweepAll()
  for (const { shelf } of [first, second]) {
    expect(await textOf(shelf)).not.toContain('Tamarack')
    expect(await unsentOn(shelf)).toBe(6)
  }
})
