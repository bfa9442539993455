import { v7 } from 'uuid'
import { expect, test } from 'vitest'
import { append, forget, shelfOf, storedOn, unsentFile, unsentOn } from '.'
import type { StoredEntry, StoredPacket } from '.'

async function shelfWithTwoLessons() {
  const person = v7()
  const shelf = shelfOf(person)
  const lessons = [v7(), v7()] as const
  const note = async (lesson: string, passage: StoredEntry['passage']) => {
    const { id } = await append(shelf, lesson, person, { kind: 'note', payload: { text: 'soft' } })
    await shelf.entries.update(id, { passage })
    return id
  }
  await note(lessons[0], 'stored')
  const waiting = await note(lessons[1], 'waiting')
  const refused = await note(lessons[1], 'refused')
  await note(lessons[1], 'stored')
  for (const [i, lesson] of lessons.entries()) {
    await shelf.packets.add({
      lesson,
      offsetMs: 0,
      arrival: 0,
      packet: {
        lesson: { horse: `Horse ${String(i)}`, rider: 'Rider', plannedAt: `2026-11-2${String(i)}T10:00:00Z` },
      } as StoredPacket['packet'],
    })
  }
  return { shelf, lessons, waiting, refused }
}

test('counts what lies here by lesson, the latest first', async () => {
  const { shelf, lessons } = await shelfWithTwoLessons()
  const stored = await storedOn(shelf)
  expect(stored.unsent).toBe(2)
  expect(stored.lessons).toMatchObject([
    { lesson: lessons[1], horse: 'Horse 1', entries: 3, waiting: 1, refused: 1 },
    { lesson: lessons[0], horse: 'Horse 0', entries: 1, waiting: 0, refused: 0 },
  ])
})

test('forgets what the server has, and never what is not sent', async () => {
  const { shelf, lessons, waiting, refused } = await shelfWithTwoLessons()
  await forget(shelf, lessons[0])
  await forget(shelf, lessons[1])
  expect(await shelf.packets.count()).toBe(0)
  expect((await shelf.entries.toArray()).map((e) => e.id).sort()).toEqual([waiting, refused].sort())
  expect(await unsentOn(shelf)).toBe(2)
})

test('writes what is not sent into a file, whole', async () => {
  const { shelf, waiting, refused } = await shelfWithTwoLessons()
  const file = JSON.parse(await unsentFile(shelf)) as { entries: StoredEntry[]; practices: unknown[] }
  expect(file.entries.map((e) => e.id).sort()).toEqual([waiting, refused].sort())
  expect(file.entries[0]).toMatchObject({ kind: 'note', payload: { text: 'soft' } })
  expect(file.practices).toEqual([])
})
